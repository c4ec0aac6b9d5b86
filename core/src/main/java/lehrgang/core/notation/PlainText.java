package lehrgang.core.notation;

import java.util.Optional;
import java.util.stream.Collectors;

/// Reads a formula as one line of plain text that can go into a mail: `E₂₃ = R₂·C₃/n`.
public final class PlainText {
  private static final String LOWERED = "₀₁₂₃₄₅₆₇₈₉";
  private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹";
  private static final String PRIME = "′";

  private PlainText() {}

  /// A formula in a line of characters, with brackets wherever a fraction or a root needs them.
  public static String of(Box box) {
    return switch (box) {
      case Box.Atom(var text, var style) ->
          switch (style) {
            case OPERATOR -> text.equals("·") ? "·" : " " + text + " ";
            case SEPARATOR -> text.equals("\u2009") ? "·" : text;
            case VARIABLE, NAME, NUMBER, PREFIX -> text;
          };
      case Box.Row(var parts) -> parts.stream().map(PlainText::of).collect(Collectors.joining());
      case Box.Fraction(var above, var below) -> fenced(above) + "/" + fencedBelow(below);
      case Box.Scripts(var base, var raised, var lowered) ->
          isDigits(raised)
              ? powered(base) + raised(raised) + lowered.map(PlainText::lowered).orElse("")
              : of(base) + lowered.map(PlainText::lowered).orElse("") + raised(raised);
      case Box.Radical(var inner) -> "√" + fencedBelow(inner);
      case Box.Fence(var open, var inner, var close) -> open + of(inner) + close;
      case Box.BigSum(_) -> "Σ ";
      case Box.Linked(_, var inner) -> of(inner);
      case Box.Blank _ -> "______";
    };
  }

  /// A base whose own end could be mistaken for part of the exponent's reach is fenced: (√x)³.
  private static String powered(Box base) {
    boolean unclear =
        switch (base) {
          case Box.Radical _ -> true;
          case Box.Scripts(_, _, var lowered) ->
              lowered.map(PlainText::of).filter(text -> !allIn(text)).isPresent();
          default -> false;
        };
    return unclear ? "(" + of(base) + ")" : of(base);
  }

  private static String fenced(Box box) {
    String text = of(box);
    return text.contains(" ") && !isFenced(box) ? "(" + text + ")" : text;
  }

  private static String fencedBelow(Box box) {
    String text = of(box);
    boolean compound = text.contains(" ") || text.contains("·") || text.contains("/");
    return compound && !isFenced(box) ? "(" + text + ")" : text;
  }

  private static boolean isFenced(Box box) {
    return switch (box) {
      case Box.Fence _, Box.Radical _ -> true;
      case Box.Linked(_, var inner) -> isFenced(inner);
      case Box.Scripts(var base, _, _) -> isFenced(base);
      default -> false;
    };
  }

  /// An index in digits belongs to the letter, a raised digit to both: E₂₃², but χ²_crit.
  private static boolean isDigits(Optional<Box> raised) {
    return raised.map(PlainText::of).filter(PlainText::allIn).isPresent();
  }

  private static String raised(Optional<Box> exponent) {
    return exponent
        .map(PlainText::of)
        .map(
            text ->
                text.equals(PRIME) ? PRIME : allIn(text) ? shift(text, RAISED) : "^(" + text + ")")
        .orElse("");
  }

  /// A lowered + stands for a sum over that index.
  private static String lowered(Box index) {
    String text = of(index);
    return allIn(text.replace("+", ""))
        ? shift(text, LOWERED)
        : "_" + (text.contains(" ") ? "(" + text + ")" : text);
  }

  private static boolean allIn(String text) {
    return text.chars().allMatch(c -> c >= '0' && c <= '9');
  }

  private static String shift(String digits, String into) {
    return digits
        .chars()
        .mapToObj(c -> c == '+' ? "₊" : String.valueOf(into.charAt(c - '0')))
        .collect(Collectors.joining());
  }
}
