package lehrgang.core.notation;

import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box.Style;

/// Reads a formula as TeX for math mode, with the commands of LaTeX and `\text` of amsmath.
public final class Tex {
  private static final Map<String, String> SIGNS =
      Map.ofEntries(
          Map.entry("χ", "\\chi "),
          Map.entry("α", "\\alpha "),
          Map.entry("β", "\\beta "),
          Map.entry("δ", "\\delta "),
          Map.entry("θ", "\\theta "),
          Map.entry("′", "\\prime "),
          Map.entry("λ", "\\lambda "),
          Map.entry("φ", "\\varphi "),
          Map.entry("Φ", "\\Phi "),
          Map.entry("π", "\\pi "),
          Map.entry("Σ", "\\Sigma "),
          Map.entry("½", "\\frac{1}{2}"),
          Map.entry("∞", "\\infty "),
          Map.entry("−", "-"),
          Map.entry("·", "\\cdot "),
          Map.entry("×", "\\times "),
          Map.entry("≈", "\\approx "),
          Map.entry("≥", "\\ge "),
          Map.entry("≤", "\\le "),
          Map.entry("⋯", "\\cdots "),
          Map.entry("…", "\\ldots "),
          Map.entry(",", "{,}"),
          Map.entry("\u2009", "\\,"),
          Map.entry("\u00a0", "~"));

  private static final Map<String, String> IN_TEXT =
      Map.of(
          "\\",
          "\\textbackslash{}",
          "~",
          "\\textasciitilde{}",
          "^",
          "\\textasciicircum{}",
          "\u00a0",
          "~");

  private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹⁻";
  private static final String LOWERED = "₀₁₂₃₄₅₆₇₈₉₋";
  private static final String LEVEL = "0123456789-";
  /// Marks over a letter.
  private static final Map<Character, String> MARKS =
      Map.of('\u0302', "\\hat{", '\u0304', "\\bar{");

  /// How room for an answer is written.
  @FunctionalInterface
  public interface Rooms {
    /// @param line       what is asked for, where it is a line
    /// @param characters so many figures and signs the answer has at most
    String room(Optional<LineId> line, int characters);
  }

  private final Rooms rooms;

  private Tex(Rooms rooms) {
    this.rooms = rooms;
  }

  /// A formula in the markup of TeX's mathematics, without the dollars around it.
  public static String of(Box box) {
    return of(box, (_, characters) -> underlined(characters));
  }

  /// The same with room for answers as it is wanted.
  public static String of(Box box, Rooms rooms) {
    return new Tex(rooms).read(box);
  }

  /// A rule to write on.
  ///
  /// @param characters so many figures and signs have room on it
  public static String underlined(int characters) {
    return "\\underline{\\hspace{" + (characters + 1) + "em}}";
  }

  private String read(Box box) {
    return switch (box) {
      case Box.Atom(var text, var style) -> atom(text, style);
      case Box.Row(var parts) -> parts.stream().map(this::read).collect(Collectors.joining());
      case Box.Fraction(var above, var below) -> "\\frac{" + read(above) + "}{" + read(below) + "}";
      case Box.Scripts(var base, var raised, var lowered) ->
          "{"
              + read(base)
              + "}"
              + lowered.map(mark -> "_{" + read(mark) + "}").orElse("")
              + raised.map(mark -> "^{" + read(mark) + "}").orElse("");
      case Box.Radical(var inner) -> "\\sqrt{" + read(inner) + "}";
      case Box.Fence(var open, var inner, var close) ->
          "\\left" + open + read(inner) + "\\right" + close;
      case Box.BigSum(var index) -> "\\sum_{" + read(index) + "}";
      case Box.Linked(var line, Box.Blank(var characters)) ->
          rooms.room(Optional.of(line), characters);
      case Box.Linked(_, var inner) -> read(inner);
      case Box.Blank(var characters) -> rooms.room(Optional.empty(), characters);
    };
  }

  private static String atom(String text, Style style) {
    return switch (style) {
      case VARIABLE, OPERATOR, PREFIX -> signs(text);
      case NUMBER -> text.chars().anyMatch(Character::isLetter) ? words(text) : signs(text);
      case NAME -> SIGNS.containsKey(text) ? signs(text) : words(text);
      case SEPARATOR -> text.equals("\u2009") ? signs(text) : words(text);
    };
  }

  /// Sign by sign, with small raised and lowered figures as what they are.
  private static String signs(String text) {
    StringBuilder tex = new StringBuilder();
    for (int at = 0; at < text.length(); ) {
      String sign = Character.toString(text.codePointAt(at));
      at += sign.length();
      int run = runOfLevels(text, at - sign.length());
      if (run > 0) {
        tex.append(levels(text.substring(at - sign.length(), at - sign.length() + run)));
        at += run - sign.length();
      } else if (at < text.length() && MARKS.containsKey(text.charAt(at))) {
        tex.append(MARKS.get(text.charAt(at))).append(sign).append('}');
        at++;
      } else {
        tex.append(SIGNS.containsKey(sign) ? SIGNS.get(sign) : escaped(sign));
      }
    }
    return tex.toString();
  }

  /// How many small figures of one sort begin at a place.
  private static int runOfLevels(String text, int from) {
    String sort = RAISED.indexOf(text.charAt(from)) >= 0 ? RAISED : LOWERED;
    int to = from;
    while (to < text.length() && sort.indexOf(text.charAt(to)) >= 0) {
      to++;
    }
    return to - from;
  }

  private static String levels(String run) {
    boolean raised = RAISED.indexOf(run.charAt(0)) >= 0;
    String sort = raised ? RAISED : LOWERED;
    return (raised ? "^{" : "_{")
        + run.chars()
            .mapToObj(figure -> String.valueOf(LEVEL.charAt(sort.indexOf(figure))))
            .collect(Collectors.joining())
        + "}";
  }

  /// Upright words; what is no letter but has a command is set as a sign between them.
  private static String words(String text) {
    if (text.matches("[A-Za-z0-9]+")) {
      return "\\mathrm{" + text + "}";
    }
    StringBuilder tex = new StringBuilder();
    StringBuilder run = new StringBuilder();
    for (int at = 0; at < text.length(); ) {
      String sign = Character.toString(text.codePointAt(at));
      int small = runOfLevels(text, at);
      boolean hat = at + 1 < text.length() && MARKS.containsKey(text.charAt(at + 1));
      if (small > 0 || hat || isCommand(sign)) {
        int length = small > 0 ? small : sign.length() + (hat ? 1 : 0);
        tex.append(asText(run)).append(signs(text.substring(at, at + length)));
        run.setLength(0);
        at += length;
      } else {
        run.append(sign);
        at += sign.length();
      }
    }
    return tex.append(asText(run)).toString();
  }

  private static boolean isCommand(String sign) {
    return SIGNS.containsKey(sign) && !sign.equals(",") && !sign.equals("\u00a0");
  }

  private static String asText(StringBuilder run) {
    return run.isEmpty()
        ? ""
        : "\\text{"
            + run.codePoints()
                .mapToObj(Character::toString)
                .map(sign -> IN_TEXT.containsKey(sign) ? IN_TEXT.get(sign) : escaped(sign))
                .collect(Collectors.joining())
            + "}";
  }

  private static String escaped(String sign) {
    return sign.matches("[%&#_{}$]") ? "\\" + sign : sign;
  }
}
