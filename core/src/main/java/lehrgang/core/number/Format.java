package lehrgang.core.number;

/// How each [Kind] of number is shown: the style and the instructor's decimals together.
public record Format(NumberStyle style, Decimals decimals) {
  public Shown show(Kind kind, Value value) {
    return switch (kind) {
      case P_VALUE -> style.pValue(value, decimals.of(kind));
      case LEVEL -> new Shown(style.shortest(value.decimal()), Shown.Relation.EQUAL);
      case COUNT, DEGREES_OF_FREEDOM ->
          value.isWhole() ? style.fixed(value, 0) : style.fixed(value, decimals.of(Kind.EXPECTED));
      default -> style.fixed(value, decimals.of(kind));
    };
  }
}
