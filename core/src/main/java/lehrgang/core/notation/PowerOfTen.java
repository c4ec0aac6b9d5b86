package lehrgang.core.notation;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// A number that is written with a power of ten, such as `2.07 · 10⁻²²⁷`, as it is set: with a
/// raised exponent of the formula's own digits.
public final class PowerOfTen {
  private static final Pattern FORM = Pattern.compile("(.*)10([⁻⁰¹²³⁴⁵⁶⁷⁸⁹]+)");
  private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹";

  private PowerOfTen() {}

  /// The number as a box with a raised exponent; empty for one without a power of ten.
  public static Optional<Box> in(String number) {
    boolean ends = !number.isEmpty() && RAISED.indexOf(number.charAt(number.length() - 1)) >= 0;
    if (!ends) {
      return Optional.empty();
    }
    Matcher form = FORM.matcher(number);
    if (!form.matches()) {
      return Optional.empty();
    }
    Box power = Box.raised(Box.number("10"), Box.number(exponent(form.group(2))));
    return Optional.of(form.group(1).isEmpty() ? power : Box.row(Box.number(form.group(1)), power));
  }

  private static String exponent(String raised) {
    StringBuilder digits = new StringBuilder();
    raised
        .chars()
        .forEach(sign -> digits.append(sign == '⁻' ? "−" : Integer.toString(RAISED.indexOf(sign))));
    return digits.toString();
  }
}
