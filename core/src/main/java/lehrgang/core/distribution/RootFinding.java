package lehrgang.core.distribution;

import java.util.List;
import lehrgang.core.number.Value;

/// A function whose value is the root of another; its working is a table of iterations.
public interface RootFinding {
  /// The way to the root, from the starting value on.
  ///
  /// @param arguments of the function whose root it is
  RootSearch search(List<Value> arguments);
}
