package lehrgang.core.data;

import java.math.BigDecimal;
import java.util.Optional;
import lehrgang.core.number.NumberStyle;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Value;

/// Numbers as people type them: `0.25`, `0,25`, `1/6`, `25 %`, `1e-10`.
public final class TypedNumber {
  private static final String DECIMAL =
      "([0-9]{1,15}([.,][0-9]{1,15})?|[.,][0-9]{1,15})([eE][-+−]?[0-9]{1,3})?";
  private static final int DIGITS = 10;

  private TypedNumber() {}

  /// The exact value of what was typed, if it is a number of 0 or more.
  ///
  /// @param typed digits with a point or comma, a fraction or a percentage
  public static Optional<Rational> read(String typed) {
    String text = typed.strip();
    return text.endsWith("%")
        ? plain(text.substring(0, text.length() - 1).strip())
            .map(hundredfold -> (Rational) hundredfold.over(Value.of(100)))
        : plain(text);
  }

  private static Optional<Rational> plain(String text) {
    int slash = text.indexOf('/');
    if (slash >= 0) {
      Optional<Rational> above = decimal(text.substring(0, slash).strip());
      Optional<Rational> below = decimal(text.substring(slash + 1).strip());
      return above.isPresent() && below.filter(value -> value.signum() > 0).isPresent()
          ? Optional.of((Rational) above.get().over(below.get()))
          : Optional.empty();
    }
    return decimal(text);
  }

  private static Optional<Rational> decimal(String text) {
    return text.matches(DECIMAL)
        ? Optional.of(Value.exactly(new BigDecimal(text.replace(',', '.').replace('−', '-'))))
        : Optional.empty();
  }

  /// A number in a sentence about what was typed.
  static String write(Value value) {
    return NumberStyle.POINT.significant(value, DIGITS).text();
  }
}
