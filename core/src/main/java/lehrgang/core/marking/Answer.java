package lehrgang.core.marking;

/// An answer as a student wrote it, with its digits kept.
public sealed interface Answer {
  /// As it was written.
  String written();

  /// Nothing was written.
  record Blank() implements Answer {
    @Override
    public String written() {
      return "";
    }
  }

  /// Something that is no answer to what was asked; it is never wrong.
  record Unreadable(String written) implements Answer {}

  /// A number.
  ///
  /// @param decimals that are written, a percentage counted as a share; below 0 for a number in
  ///     tens and more
  /// @param exact    whether it is written as a fraction, which says all there is
  record Number(String written, double value, int decimals, boolean exact) implements Answer {
    /// Half a unit of the last digit that is written.
    public double half() {
      return exact ? 0 : 0.5 * Math.pow(10, -decimals);
    }
  }

  /// A number that is only said to be below a bound, such as `<0.001`.
  record Below(String written, double bound) implements Answer {}

  /// An answer in words: whether H₀ is rejected, or a condition holds.
  ///
  /// @param yes whether H₀ is rejected, or the condition holds
  record Said(String written, boolean yes) implements Answer {}
}
