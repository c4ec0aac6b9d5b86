package lehrgang.core.number;

/// How each [Kind] of number is shown: the style and the instructor's decimals together.
public record Format(NumberStyle style, Decimals decimals) {
  /// A claim of at most so many decimals is shown as it was typed.
  private static final int MOST_CLAIMED = 6;

  /// A smaller level is written as a power of ten.
  private static final Value LEAST_PLAIN = Value.exactly("0.00001");

  private static final int LEVEL_DIGITS = 12;

  /// How a number of a sort is shown, and whether that is the number itself.
  public Shown show(Kind kind, Value value) {
    return switch (kind) {
      case P_VALUE, PROBABILITY -> style.pValue(value, decimals.of(kind));
      case LEVEL ->
          value.magnitude().compareTo(LEAST_PLAIN) < 0
              ? style.significant(value, LEVEL_DIGITS)
              : new Shown(style.shortest(value.decimal()), Shown.Relation.EQUAL);
      case CLAIM ->
          value.compareTo(Value.exactly(value.rounded(MOST_CLAIMED))) == 0
              ? new Shown(style.shortest(value.decimal()), Shown.Relation.EQUAL)
              : style.fixed(value, decimals.of(kind));
      case COUNT, DEGREES_OF_FREEDOM, CONDITION, DECISION ->
          value.isWhole() ? style.fixed(value, 0) : style.fixed(value, decimals.of(Kind.EXPECTED));
      case SHARE -> style.proportion(value, decimals.of(kind));
      default -> style.fixed(value, decimals.of(kind));
    };
  }

  /// How many decimals a number of a sort is rounded to where it is not shown whole.
  public int decimalsOf(Kind kind) {
    return switch (kind) {
      case P_VALUE, PROBABILITY -> Math.max(1, decimals.of(kind));
      case COUNT, DEGREES_OF_FREEDOM, CONDITION, DECISION -> decimals.of(Kind.EXPECTED);
      default -> decimals.of(kind);
    };
  }
}
