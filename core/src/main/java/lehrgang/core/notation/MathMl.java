package lehrgang.core.notation;

import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import lehrgang.core.expr.LineId;

/// Reads a formula as MathML Core.
///
/// @param marks   the class attribute of a part that stands for a line; empty for none
/// @param corners what stands in the room for the number of a line, such as its number among the
///     blanks; empty for none
public record MathMl(Function<LineId, String> marks, Function<LineId, String> corners) {
  /// Formulas without rooms for answers.
  public MathMl(Function<LineId, String> marks) {
    this(marks, _ -> "");
  }

  /// Room for a figure that is written by hand, in ems.
  private static final double BY_HAND = 0.85;

  /// A whole `math` element inside a sentence.
  public String of(Box box) {
    return "<math>" + inner(box) + "</math>";
  }

  /// A whole `math` element on a line of its own, with full-size fractions.
  public String displayed(Box box) {
    return "<math displaystyle=\"true\">" + inner(box) + "</math>";
  }

  /// A sign that stands between two formulas, such as `=`.
  public String sign(String sign) {
    return "<math><mrow><mo>" + escape(sign) + "</mo></mrow></math>";
  }

  private String inner(Box box) {
    return switch (box) {
      case Box.Atom(var text, var style) ->
          switch (style) {
            case VARIABLE -> "<mi>" + escape(text) + "</mi>";
            case NAME ->
                text.codePointCount(0, text.length()) == 1
                    ? "<mi mathvariant=\"normal\">" + escape(text) + "</mi>"
                    : "<mtext>" + escape(text) + "</mtext>";
            case NUMBER ->
                PowerOfTen.in(text).map(this::inner).orElse("<mn>" + escape(text) + "</mn>");
            case OPERATOR -> "<mo>" + escape(text) + "</mo>";
            case PREFIX -> "<mo form=\"prefix\">" + escape(text) + "</mo>";
            case SEPARATOR -> "<mtext>" + escape(text.replace(' ', '\u00a0')) + "</mtext>";
          };
      case Box.Row(var parts) ->
          "<mrow>" + parts.stream().map(this::inner).collect(Collectors.joining()) + "</mrow>";
      case Box.Fraction(var above, var below) ->
          "<mfrac>" + inner(above) + inner(below) + "</mfrac>";
      case Box.Scripts(var base, var raised, var lowered) -> scripts(base, raised, lowered);
      case Box.Radical(var inside) -> "<msqrt>" + inner(inside) + "</msqrt>";
      case Box.Fence(var open, var inside, var close) ->
          "<mrow><mo fence=\"true\">%s</mo>%s<mo fence=\"true\">%s</mo></mrow>"
              .formatted(open, inner(inside), close);
      case Box.BigSum(var index) -> "<munder><mo>∑</mo>" + inner(index) + "</munder>";
      case Box.Linked(var line, Box.Blank(var characters)) -> room(characters, corners.apply(line));
      case Box.Linked(var line, var inside) -> {
        String mark = marks.apply(line);
        yield mark.isEmpty()
            ? inner(inside)
            : "<mrow class=\"" + escape(mark) + "\">" + inner(inside) + "</mrow>";
      }
      case Box.Blank(var characters) -> room(characters, "");
    };
  }

  private static String room(int characters, String corner) {
    String width = String.format(Locale.ROOT, "%.2fem", (characters + 1) * BY_HAND);
    return corner.isEmpty()
        ? "<mspace class=\"blank\" width=\"%s\" height=\"0.9em\" depth=\"0.3em\"/>".formatted(width)
        : "<mrow class=\"asked\"><mtext class=\"no\">%s</mtext><mspace class=\"blank\" width=\"%s\""
                .formatted(escape(corner), width)
            + " height=\"0.9em\" depth=\"0.3em\"/></mrow>";
  }

  private String scripts(Box base, Optional<Box> raised, Optional<Box> lowered) {
    if (raised.isPresent() && lowered.isPresent()) {
      return "<msubsup>" + inner(base) + inner(lowered.get()) + inner(raised.get()) + "</msubsup>";
    }
    return raised
        .map(mark -> "<msup>" + inner(base) + inner(mark) + "</msup>")
        .or(() -> lowered.map(mark -> "<msub>" + inner(base) + inner(mark) + "</msub>"))
        .orElseGet(() -> inner(base));
  }

  static String escape(String text) {
    return text.replace("&", "&amp;")
        .replace("<", "&lt;")
        .replace(">", "&gt;")
        .replace("\"", "&quot;");
  }
}
