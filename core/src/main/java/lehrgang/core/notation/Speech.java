package lehrgang.core.notation;

import java.util.List;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/// Reads a formula aloud, in English: "E two three equals R two times C three over n".
public final class Speech {
  private static final List<String> DIGITS =
      List.of("zero", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine");

  private static final Map<String, String> SIGNS =
      Map.ofEntries(
          Map.entry("=", "equals"),
          Map.entry("≈", "is about"),
          Map.entry("<", "is less than"),
          Map.entry(">", "is more than"),
          Map.entry("≥", "is at least"),
          Map.entry("+", "plus"),
          Map.entry("−", "minus"),
          Map.entry("·", "times"),
          Map.entry("\u2009", "times"),
          Map.entry("χ", "chi"),
          Map.entry("α", "alpha"),
          Map.entry("φ", "small phi"),
          Map.entry("Φ", "capital phi"),
          Map.entry("π", "pi"),
          Map.entry("λ", "lambda"),
          Map.entry("θ", "theta"),
          Map.entry("′", "prime"),
          Map.entry("Σ", "sum"),
          Map.entry("×", "times"),
          Map.entry("½", "half"),
          Map.entry("/", "over"),
          Map.entry(";", "and"),
          Map.entry("²", "squared"),
          Map.entry("⋯", "and so on"));

  private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹";
  private static final Pattern POWER_OF_TEN = Pattern.compile("(.*?)·?10([⁻⁰¹²³⁴⁵⁶⁷⁸⁹]+)");

  /// A decimal, a letter that stands for a place, a word, a figure, or a sign.
  private static final Pattern TOKEN =
      Pattern.compile("[0-9]+[.,][0-9]+|[ijk](?![a-hl-z])|\\p{L}+|[0-9]|\\S");

  private Speech() {}

  /// A formula as it is read aloud, every sign in words.
  public static String of(Box box) {
    return say(box).replaceAll("\\s+", " ").strip();
  }

  private static String say(Box box) {
    return switch (box) {
      case Box.Atom(var text, var style) ->
          style == Box.Style.NUMBER
              ? " " + number(text) + " "
              : " " + SIGNS.getOrDefault(text.strip().isEmpty() ? text : text.strip(), text) + " ";
      case Box.Row(var parts) -> parts.stream().map(Speech::say).collect(Collectors.joining(" "));
      case Box.Fraction(var above, var below) -> grouped(above) + " over " + grouped(below);
      case Box.Scripts(var base, var raised, var lowered) ->
          say(base)
              + lowered.map(Speech::index).orElse("")
              + raised.map(Speech::exponent).orElse("");
      case Box.Radical(var inner) -> " the square root of " + grouped(inner);
      case Box.Fence(var open, var inner, _) when open.equals("|") ->
          " the magnitude of " + say(inner) + " end magnitude ";
      case Box.Fence(_, var inner, _) -> " open bracket " + say(inner) + " close bracket ";
      case Box.BigSum(var index) -> " the sum over " + say(index) + " of ";
      case Box.Linked(_, var inner) -> say(inner);
      case Box.Blank _ -> " blank ";
    };
  }

  private static String grouped(Box box) {
    String inner = say(box).strip();
    boolean compound =
        inner.contains(" plus ") || inner.contains(" minus ") || inner.contains(" over ");
    return compound ? " the quantity " + inner + " end quantity " : " " + inner + " ";
  }

  /// Numbers of places one by one, decimals and words as they are: *E*₂₃, *χ*²₀.₀₅, *E* no.
  private static String index(Box index) {
    return TOKEN
        .matcher(PlainText.of(index))
        .results()
        .map(MatchResult::group)
        .map(
            token ->
                token.matches("[0-9]")
                    ? DIGITS.get(token.charAt(0) - '0')
                    : SIGNS.getOrDefault(token, token))
        .collect(Collectors.joining(" ", " ", " "));
  }

  /// A number with its sign, and with its power of ten where it has one.
  private static String number(String text) {
    String plain = text.replace("−", "minus ").replace("\u2009", "");
    Matcher power = POWER_OF_TEN.matcher(plain);
    if (!power.matches()) {
      return plain;
    }
    String exponent =
        power
            .group(2)
            .chars()
            .mapToObj(sign -> sign == '⁻' ? "minus " : "" + RAISED.indexOf(sign))
            .collect(Collectors.joining());
    return "%s 10 to the power %s"
        .formatted(power.group(1).isEmpty() ? "" : power.group(1) + " times", exponent);
  }

  private static String exponent(Box exponent) {
    String text = say(exponent).strip();
    return switch (text) {
      case "2" -> " squared ";
      case "3" -> " cubed ";
      case "prime" -> " prime ";
      default -> " to the power " + text + " end power ";
    };
  }
}
