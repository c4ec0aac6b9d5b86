package lehrgang.core.number;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import lehrgang.core.number.Shown.Relation;

/// How numbers are written: with a decimal point or comma, a true minus sign, and thin spaces
/// between groups of three digits from five digits on.
public enum NumberStyle {
  POINT('.'),
  COMMA(',');

  /// With fewer decimals a proportion is meant to be rough.
  private static final int FEWEST_OF_PROPORTION = 2;

  /// A proportion has no more decimals than this.
  private static final int MOST_OF_PROPORTION = 8;

  private static final char THIN_SPACE = '\u2009';
  private static final char MINUS = '\u2212';
  private static final String SUPERSCRIPTS = "⁰¹²³⁴⁵⁶⁷⁸⁹";
  private static final BigDecimal SMALLEST_NAMED = new BigDecimal("1e-300");

  private final char decimalSign;

  NumberStyle(char decimalSign) {
    this.decimalSign = decimalSign;
  }

  /// The sign between whole part and decimals.
  public char decimalSign() {
    return decimalSign;
  }

  /// A result with a fixed number of decimals, rounded half up from the exact value. One that is no
  /// fraction has no more digits than a calculator shows: it has fewer decimals, or is a power of
  /// ten.
  ///
  /// @param decimals 0 or more
  public Shown fixed(Value value, int decimals) {
    if (!(value instanceof Real real)) {
      return inFull(value, decimals);
    }
    return real.isTooLongToWrite()
        ? scientific(real.asWritten(decimals).decimal())
        : inFull(real, real.written(decimals));
  }

  /// A proportion: so many decimals, or as many as two significant digits need where it would look
  /// like 0 or 1 and is neither.
  ///
  /// @param decimals 0 or more
  public Shown proportion(Value value, int decimals) {
    Value size = value.magnitude();
    Value distance = size.minus(Value.ONE).magnitude();
    Value small = size.compareTo(distance) < 0 ? size : distance;
    if (decimals < FEWEST_OF_PROPORTION
        || small.signum() == 0
        || small.compareTo(Value.ONE) >= 0
        || value.rounded(decimals).stripTrailingZeros().scale() > 0) {
      return fixed(value, decimals);
    }
    BigDecimal first = small.decimal();
    int needed = first.scale() - first.precision() + 2;
    if (needed <= MOST_OF_PROPORTION) {
      return fixed(value, Math.max(decimals, needed));
    }
    return small == size ? significant(value, 2) : fixed(value, decimals);
  }

  /// A fixed number of decimals, however many digits that makes.
  ///
  /// @param decimals 0 or more
  public Shown inFull(Value value, int decimals) {
    if (value.isWhole() && decimals == 0) {
      return new Shown(write(value.rounded(0)), Relation.EQUAL);
    }
    BigDecimal rounded = value.rounded(decimals);
    return new Shown(write(rounded), isExactly(value, rounded) ? Relation.EQUAL : Relation.ABOUT);
  }

  /// A whole number; its digits stand in groups whatever the decimal sign.
  public static String whole(long number) {
    return POINT.write(BigDecimal.valueOf(number));
  }

  /// A p-value: never `0.0000`, never `1.0000` unless it is 1.
  ///
  /// @param p 0 to 1
  /// @param decimals 0 or more
  public Shown pValue(Value p, int decimals) {
    if (isTooSmallToTell(p)) {
      return new Shown("10" + superscript(-300), Relation.BELOW);
    }
    int places = Math.max(1, decimals);
    BigDecimal step = BigDecimal.ONE.movePointLeft(places);
    if (p.signum() > 0 && compare(p, step) < 0) {
      return new Shown(write(step), Relation.BELOW);
    }
    BigDecimal most = BigDecimal.ONE.subtract(step);
    if (compare(p, BigDecimal.ONE) < 0 && compare(p, most) > 0) {
      return new Shown(write(most), Relation.ABOVE);
    }
    return compare(p, BigDecimal.ONE) == 0 ? new Shown("1", Relation.EQUAL) : fixed(p, places);
  }

  /// Whether a number above 0 is below 10⁻³⁰⁰, the smallest that is told from others.
  public static boolean isTooSmallToTell(Value number) {
    return number.signum() > 0 && compare(number, SMALLEST_NAMED) < 0;
  }

  /// A bound is a short decimal: only a fraction needs to be compared as one.
  private static int compare(Value value, BigDecimal bound) {
    return value instanceof Real(BigDecimal decimal)
        ? decimal.compareTo(bound)
        : value.compareTo(Value.exactly(bound));
  }

  /// A number to `digits` significant digits; very large and very small ones as a power of ten.
  ///
  /// @param digits 1 or more
  /// @throws IllegalArgumentException if `digits` is below 1
  public Shown significant(Value value, int digits) {
    if (digits < 1) {
      throw new IllegalArgumentException("significant digits must be 1 or more: " + digits);
    }
    if (value.signum() == 0) {
      return new Shown("0", Relation.EQUAL);
    }
    BigDecimal rounded = value.decimal().round(new MathContext(digits, RoundingMode.HALF_UP));
    Relation relation = isExactly(value, rounded) ? Relation.EQUAL : Relation.ABOUT;
    BigDecimal plain = rounded.stripTrailingZeros();
    int magnitude = plain.precision() - plain.scale() - 1;
    if (magnitude < -5 || magnitude > 20) {
      return new Shown(powerOfTen(plain, magnitude), relation);
    }
    BigDecimal padded =
        relation == Relation.EQUAL && plain.scale() <= 0 ? plain.setScale(0) : rounded;
    if (relation == Relation.EQUAL && plain.scale() > 0) {
      padded = plain;
    }
    return new Shown(write(padded), relation);
  }

  private Shown scientific(BigDecimal rounded) {
    BigDecimal plain = rounded.stripTrailingZeros();
    return new Shown(powerOfTen(plain, plain.precision() - plain.scale() - 1), Relation.ABOUT);
  }

  private String powerOfTen(BigDecimal plain, int magnitude) {
    String power = "10" + superscript(magnitude);
    BigDecimal mantissa = plain.movePointLeft(magnitude);
    boolean bare = mantissa.compareTo(BigDecimal.ONE) == 0;
    return bare ? power : write(mantissa) + "\u2009·\u2009" + power;
  }

  /// A share as a percentage, such as `33.3 %`.
  ///
  /// @param decimals 0 or more
  public Shown percent(Value share, int decimals) {
    Shown hundredfold = fixed(share.times(Value.of(100)), decimals);
    return new Shown(hundredfold.text() + "\u00a0%", hundredfold.relation());
  }

  /// A decimal as short as it is: `0.05`, `5`.
  public String shortest(BigDecimal number) {
    BigDecimal plain = number.stripTrailingZeros();
    return write(plain.scale() < 0 ? plain.setScale(0) : plain);
  }

  /// An exponent as raised digits.
  public static String superscript(int exponent) {
    StringBuilder text = new StringBuilder(exponent < 0 ? "⁻" : "");
    for (char digit : Integer.toString(Math.abs(exponent)).toCharArray()) {
      text.append(SUPERSCRIPTS.charAt(digit - '0'));
    }
    return text.toString();
  }

  private static boolean isExactly(Value value, BigDecimal rounded) {
    return value instanceof Rational && value.compareTo(Value.exactly(rounded)) == 0;
  }

  private String write(BigDecimal number) {
    String plain = number.abs().toPlainString();
    int point = plain.indexOf('.');
    String whole = point < 0 ? plain : plain.substring(0, point);
    StringBuilder text = new StringBuilder();
    if (number.signum() < 0) {
      text.append(MINUS);
    }
    for (int i = 0; i < whole.length(); i++) {
      if (i > 0 && whole.length() > 4 && (whole.length() - i) % 3 == 0) {
        text.append(THIN_SPACE);
      }
      text.append(whole.charAt(i));
    }
    if (point >= 0) {
      text.append(decimalSign).append(plain, point + 1, plain.length());
    }
    return text.toString();
  }
}
