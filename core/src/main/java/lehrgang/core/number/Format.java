package lehrgang.core.number;

/// How each [Kind] of number is shown: the style and the instructor's decimals together.
public record Format(NumberStyle style, Decimals decimals) {
  /// A claim of at most so many decimals is shown as it was typed.
  private static final int MOST_CLAIMED = 6;

  public Shown show(Kind kind, Value value) {
    return switch (kind) {
      case P_VALUE, PROBABILITY -> style.pValue(value, decimals.of(kind));
      case LEVEL -> new Shown(style.shortest(value.decimal()), Shown.Relation.EQUAL);
      case CLAIM ->
          value.compareTo(Value.exactly(value.rounded(MOST_CLAIMED))) == 0
              ? new Shown(style.shortest(value.decimal()), Shown.Relation.EQUAL)
              : style.fixed(value, decimals.of(kind));
      case COUNT, DEGREES_OF_FREEDOM ->
          value.isWhole() ? style.fixed(value, 0) : style.fixed(value, decimals.of(Kind.EXPECTED));
      default -> style.fixed(value, decimals.of(kind));
    };
  }
}
