package lehrgang.core.distribution;

import java.util.List;
import java.util.Locale;
import lehrgang.core.number.Value;

/// A function whose value is the root of another; its working is a table of iterations.
public interface RootFinding {
  /// What is searched, and for which quantity it gives the wanted value.
  enum Quantity {
    /// A point, by the area to its right; it falls with the density.
    AREA,
    /// A noncentrality, by the probability of a type II error.
    MISSED;

    /// The ending of the keys of the table's heads.
    public String key() {
      return name().toLowerCase(Locale.ROOT);
    }
  }

  /// What the table of iterations shows.
  default Quantity quantity() {
    return Quantity.AREA;
  }

  /// The way to the root, from the starting value on.
  ///
  /// @param arguments of the function whose root it is
  RootSearch search(List<Value> arguments);
}
