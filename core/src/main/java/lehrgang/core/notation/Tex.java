package lehrgang.core.notation;

import java.util.Map;
import java.util.stream.Collectors;

/// Reads a formula as TeX for math mode, with the commands that plain LaTeX has.
public final class Tex {
  private static final Map<String, String> SIGNS =
      Map.ofEntries(
          Map.entry("χ", "\\chi "),
          Map.entry("α", "\\alpha "),
          Map.entry("φ", "\\varphi "),
          Map.entry("Φ", "\\Phi "),
          Map.entry("π", "\\pi "),
          Map.entry("−", "-"),
          Map.entry("·", "\\cdot "),
          Map.entry("≈", "\\approx "),
          Map.entry("≥", "\\ge "),
          Map.entry("≤", "\\le "),
          Map.entry("⋯", "\\cdots "),
          Map.entry("\u2009", "\\,"),
          Map.entry("\u00a0", "~"));

  private Tex() {}

  public static String of(Box box) {
    return switch (box) {
      case Box.Atom(var text, var style) ->
          switch (style) {
            case VARIABLE, OPERATOR, PREFIX -> signs(text);
            case NUMBER -> signs(text).replace(",", "{,}");
            case NAME -> text.equals("⋯") ? "\\cdots " : "\\mathrm{" + words(text) + "}";
            case SEPARATOR -> text.equals("\u2009") ? "\\," : "\\text{" + words(text) + "}";
          };
      case Box.Row(var parts) -> parts.stream().map(Tex::of).collect(Collectors.joining());
      case Box.Fraction(var above, var below) -> "\\frac{" + of(above) + "}{" + of(below) + "}";
      case Box.Scripts(var base, var raised, var lowered) ->
          "{"
              + of(base)
              + "}"
              + lowered.map(mark -> "_{" + of(mark) + "}").orElse("")
              + raised.map(mark -> "^{" + of(mark) + "}").orElse("");
      case Box.Radical(var inner) -> "\\sqrt{" + of(inner) + "}";
      case Box.Fence(var open, var inner, var close) ->
          "\\left" + open + of(inner) + "\\right" + close;
      case Box.BigSum(var index) -> "\\sum_{" + of(index) + "}";
      case Box.Linked(_, var inner) -> of(inner);
      case Box.Blank() -> "\\underline{\\hspace{4em}}";
    };
  }

  private static String signs(String text) {
    return text.codePoints()
        .mapToObj(Character::toString)
        .map(sign -> SIGNS.getOrDefault(sign, words(sign)))
        .collect(Collectors.joining());
  }

  private static String words(String text) {
    return text.replaceAll("([%&#_{}$])", "\\\\$1");
  }
}
