package lehrgang.core.distribution;

import java.util.List;
import lehrgang.core.number.Value;

/// A function whose value is a long sum of probabilities, each with a weight; its working is a
/// table of the terms.
public interface Mixture {
  /// One term of the sum.
  ///
  /// @param weight      0 to 1; the weights of all terms add up to 1
  /// @param probability that is weighted, 0 to 1
  record Term(Value weight, Value probability) {
    /// What the term adds to the sum.
    public Value product() {
      return weight.times(probability);
    }
  }

  /// The terms in order; what comes after them is beyond every digit.
  ///
  /// @param arguments of the function
  List<Term> terms(List<Value> arguments);
}
