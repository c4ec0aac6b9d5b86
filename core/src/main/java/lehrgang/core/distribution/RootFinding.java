package lehrgang.core.distribution;

import java.util.List;
import lehrgang.core.number.Value;

/// A function whose value is the root of another; its working is a table of iterations.
public interface RootFinding {
  RootSearch search(List<Value> arguments);
}
