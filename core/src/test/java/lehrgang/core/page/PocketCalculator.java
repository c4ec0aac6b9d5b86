package lehrgang.core.page;

import ch.obermuhlner.math.big.BigDecimalMath;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/// Reads a printed formula as a student keys it in, character by character, and works it out. It
/// knows nothing of how formulas are made.
final class PocketCalculator {
  private static final MathContext DIGITS = new MathContext(40);
  private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹";
  private static final String LETTERS = "abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZΦφχλθ";

  private final String text;
  private int at;

  private PocketCalculator(String text) {
    this.text = text;
  }

  /// What is not a formula in numbers: letters for numbers, dots, areas under curves.
  static final class Unreadable extends RuntimeException {
    private static final long serialVersionUID = 1;

    Unreadable(String message) {
      super(message);
    }
  }

  /// What a printed formula comes to; empty for one that cannot be keyed in.
  static Optional<BigDecimal> workOut(String printed) {
    try {
      PocketCalculator calculator =
          new PocketCalculator(printed.replaceAll("(?<=[0-9])[\u2009\u202f](?=[0-9])", "").strip());
      BigDecimal result = calculator.sum();
      calculator.end();
      return Optional.of(result);
    } catch (Unreadable | ArithmeticException notKeyedIn) {
      return Optional.empty();
    }
  }

  private void end() {
    blanks();
    if (at < text.length()) {
      throw new Unreadable("left over: " + text.substring(at));
    }
  }

  private void blanks() {
    while (at < text.length() && " \u00a0\u2009\u202f".indexOf(text.charAt(at)) >= 0) {
      at++;
    }
  }

  private boolean takes(String sign) {
    blanks();
    boolean there = text.startsWith(sign, at);
    at += there ? sign.length() : 0;
    return there;
  }

  private void needs(String sign) {
    if (!takes(sign)) {
      throw new Unreadable(sign + " missing at " + at + " of " + text);
    }
  }

  private BigDecimal sum() {
    BigDecimal result = product();
    while (true) {
      if (takes("+")) {
        result = result.add(product(), DIGITS);
      } else if (takes("−")) {
        result = result.subtract(product(), DIGITS);
      } else {
        return result;
      }
    }
  }

  private BigDecimal product() {
    BigDecimal result = signed();
    while (true) {
      if (takes("·")) {
        result = result.multiply(signed(), DIGITS);
      } else if (takes("/")) {
        result = result.divide(signed(), DIGITS);
      } else {
        return result;
      }
    }
  }

  private BigDecimal signed() {
    return takes("−") ? signed().negate() : power();
  }

  private BigDecimal power() {
    if (takes("e^(")) {
      BigDecimal exponent = sum();
      needs(")");
      return BigDecimalMath.exp(exponent, DIGITS);
    }
    BigDecimal base = primary();
    if (takes("!")) {
      base = BigDecimalMath.factorial(base.intValueExact());
    }
    if (takes("^(")) {
      BigDecimal exponent = sum();
      needs(")");
      return BigDecimalMath.pow(base, exponent, DIGITS);
    }
    return raised(base);
  }

  private BigDecimal raised(BigDecimal base) {
    int start = at;
    if (at < text.length() && text.charAt(at) == '⁻') {
      at++;
    }
    while (at < text.length() && RAISED.indexOf(text.charAt(at)) >= 0) {
      at++;
    }
    String exponent = text.substring(start, at).replace('⁻', '-');
    for (int digit = 0; digit < RAISED.length(); digit++) {
      exponent = exponent.replace(RAISED.charAt(digit), (char) ('0' + digit));
    }
    return exponent.isEmpty() ? base : base.pow(Integer.parseInt(exponent), DIGITS);
  }

  private BigDecimal primary() {
    if (takes("(")) {
      return closed(")");
    }
    if (takes("|")) {
      return closed("|").abs();
    }
    if (takes("√")) {
      return BigDecimalMath.sqrt(primary(), DIGITS);
    }
    if (takes("ln")) {
      return BigDecimalMath.log(power(), DIGITS);
    }
    if (takes("arcsin")) {
      return BigDecimalMath.asin(primary(), DIGITS);
    }
    if (takes("min(")) {
      return list().stream().reduce(BigDecimal::min).orElseThrow();
    }
    if (takes("max(")) {
      return list().stream().reduce(BigDecimal::max).orElseThrow();
    }
    if (takes("C(")) {
      List<BigDecimal> both = list();
      return choose(both.get(0).intValueExact(), both.get(1).intValueExact());
    }
    if (takes("π")) {
      return BigDecimalMath.pi(DIGITS);
    }
    return number();
  }

  private BigDecimal closed(String close) {
    BigDecimal inner = sum();
    needs(close);
    return inner;
  }

  private List<BigDecimal> list() {
    List<BigDecimal> items = new ArrayList<>();
    do {
      items.add(sum());
    } while (takes(","));
    needs(")");
    return items;
  }

  private static BigDecimal choose(int from, int some) {
    return IntStream.rangeClosed(1, some)
        .mapToObj(BigDecimal::valueOf)
        .reduce(
            BigDecimal.ONE,
            (soFar, k) ->
                soFar
                    .multiply(BigDecimal.valueOf(from).subtract(k).add(BigDecimal.ONE), DIGITS)
                    .divide(k, DIGITS));
  }

  private BigDecimal number() {
    blanks();
    int start = at;
    while (at < text.length()
        && (Character.isDigit(text.charAt(at)) && RAISED.indexOf(text.charAt(at)) < 0
            || text.charAt(at) == '.')) {
      at++;
    }
    if (start == at || at < text.length() && LETTERS.indexOf(text.charAt(at)) >= 0) {
      throw new Unreadable("no number at " + start + " of " + text);
    }
    return new BigDecimal(text.substring(start, at));
  }
}
