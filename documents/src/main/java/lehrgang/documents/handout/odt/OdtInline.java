package lehrgang.documents.handout.odt;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.PowerOfTen;
import lehrgang.core.page.Appearance;
import lehrgang.core.wording.Span;
import lehrgang.documents.file.XmlText;
import lehrgang.documents.handout.order.Manuscript.Chapter;

/// Sentences as text that can be edited: a letter with an index is text as well; only what has a
/// fraction or a root in it is an object.
final class OdtInline {
  private final Chapter chapter;
  private final OdtFormulas formulas;

  OdtInline(Chapter chapter, OdtFormulas formulas) {
    this.chapter = chapter;
    this.formulas = formulas;
  }

  String of(List<Span> spans) {
    return spans.stream().map(this::of).collect(Collectors.joining());
  }

  private String of(Span span) {
    return switch (span) {
      case Span.Words(var words, var weight) ->
          switch (weight) {
            case PLAIN -> text(words);
            case EMPHASIS -> styled("Emphasis", text(words));
            case STRONG -> styled("Strong", text(words));
          };
      case Span.Live(var line, var number, _) -> of(new Box.Linked(line, number));
      case Span.Formula(var box) -> of(box);
    };
  }

  /// A formula in a line of text.
  String of(Box box) {
    return set(box, Level.LINE).orElseGet(() -> formulas.object(box));
  }

  static String text(String words) {
    return XmlText.escaped(words.replaceAll("\\s*[\\r\\n]+\\s*", " "))
        .replace("  ", " <text:s/>")
        .replaceAll("^ ", "<text:s/>");
  }

  static String styled(String style, String content) {
    return "<text:span text:style-name=\"%s\">%s</text:span>".formatted(style, content);
  }

  private enum Level {
    LINE,
    RAISED,
    LOWERED
  }

  /// As text; empty for what cannot be.
  private Optional<String> set(Box box, Level level) {
    return switch (box) {
      case Box.Atom(var text, var style) -> atom(text, style, level);
      case Box.Row(var parts) -> row(parts, level);
      case Box.Scripts(var base, var raised, var lowered) when level == Level.LINE ->
          joined(
              set(base, Level.LINE),
              lowered.map(mark -> set(mark, Level.LOWERED)).orElse(Optional.of("")),
              raised.map(mark -> set(mark, Level.RAISED)).orElse(Optional.of("")));
      case Box.Linked(var line, Box.Blank(var characters)) ->
          Optional.of(blank(Optional.of(line), characters));
      case Box.Linked(var line, var inner) ->
          set(inner, level)
              .map(
                  text ->
                      chapter.page().appearance(line) == Appearance.ANSWER
                          ? styled("Answer", text)
                          : text);
      case Box.Blank(var characters) -> Optional.of(blank(Optional.empty(), characters));
      case Box.Fence(var open, var inner, var close) ->
          set(inner, level).map(text -> text(open) + text + text(close));
      case Box.Fraction _, Box.Radical _, Box.BigSum _, Box.Scripts _ -> Optional.empty();
    };
  }

  private Optional<String> atom(String text, Box.Style style, Level level) {
    Optional<Box> power = PowerOfTen.in(text);
    if (power.isPresent() && level == Level.LINE) {
      return set(power.get(), level);
    }
    boolean letter = style == Box.Style.VARIABLE;
    String room = style == Box.Style.OPERATOR && !text.equals("·") ? "\u2009" : "";
    String shown = text(room + text.strip() + room);
    return Optional.of(
        switch (level) {
          case LINE -> letter ? styled("Emphasis", shown) : shown;
          case RAISED -> styled(letter ? "Raised_20_letter" : "Raised", shown);
          case LOWERED -> styled(letter ? "Lowered_20_letter" : "Lowered", shown);
        });
  }

  private Optional<String> row(List<Box> parts, Level level) {
    StringBuilder row = new StringBuilder();
    for (Box part : parts) {
      Optional<String> set = set(part, level);
      if (set.isEmpty()) {
        return Optional.empty();
      }
      row.append(set.get());
    }
    return Optional.of(row.toString());
  }

  private static Optional<String> joined(
      Optional<String> base, Optional<String> lowered, Optional<String> raised) {
    return base.isPresent() && lowered.isPresent() && raised.isPresent()
        ? Optional.of(base.get() + lowered.get() + raised.get())
        : Optional.empty();
  }

  /// Room for an answer, with its number before it.
  private String blank(Optional<LineId> line, int characters) {
    String number =
        line.flatMap(chapter.blanks()::number)
            .map(each -> styled("Lowered", "(" + each + ")"))
            .orElse("");
    return number + styled("Blank", "\u00a0".repeat(characters * 3));
  }
}
