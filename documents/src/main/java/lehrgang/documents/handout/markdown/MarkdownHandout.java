package lehrgang.documents.handout.markdown;

import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;
import lehrgang.core.notation.Tex;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.wording.Span;
import lehrgang.documents.figure.FigureFile;
import lehrgang.documents.handout.order.Manuscript;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.Part;
import lehrgang.documents.handout.order.Part.Entry;
import lehrgang.documents.handout.order.Part.Numbering;
import lehrgang.documents.handout.order.Part.Tone;
import lehrgang.documents.handout.order.Sheet;

/// What is ordered as Markdown: pipe tables, `$…$` around formulas, figures as SVG beside it.
public final class MarkdownHandout {
  private static final String BLANK = "\\_\\_\\_\\_\\_\\_";

  private final Manuscript manuscript;
  private final String name;
  private final StringBuilder text = new StringBuilder();
  private final Map<String, byte[]> figures = new LinkedHashMap<>();
  private Manuscript.Chapter chapter;

  private MarkdownHandout(Order order, String name) {
    this.manuscript = Manuscript.of(order);
    this.name = name;
    this.chapter = manuscript.chapters().getFirst();
  }

  /// @param name of the file without its ending, after which its figures are called
  public static Sheet of(Order order, String name) {
    MarkdownHandout handout = new MarkdownHandout(order, name);
    handout.write();
    return new Sheet(handout.text.toString().getBytes(StandardCharsets.UTF_8), handout.figures);
  }

  private void write() {
    if (!manuscript.head().line().isEmpty()) {
      block(escaped(manuscript.head().line()));
    }
    if (!manuscript.head().name().isEmpty()) {
      block(escaped(manuscript.head().name()) + " " + BLANK.repeat(4));
    }
    for (Manuscript.Chapter each : manuscript.chapters()) {
      chapter = each;
      block("# " + escaped(each.title()));
      each.onPaper().forEach(this::part);
    }
    manuscript
        .printed()
        .forEach(
            printed -> {
              block(escaped(printed.title()));
              table(printed.table());
            });
    if (!manuscript.sources().isEmpty()) {
      block("*" + escaped(manuscript.sources()) + "*");
    }
  }

  private void block(String block) {
    text.append(text.isEmpty() ? "" : "\n").append(block).append('\n');
  }

  private void part(Part part) {
    switch (part) {
      case Part.Heading(_, var number, var title, var points) ->
          block(
              "## "
                  + number
                  + "\u2002"
                  + escaped(title)
                  + (points.isEmpty() ? "" : " (" + escaped(points) + ")"));
      case Part.Sentence(var tone, var spans) -> block(toned(tone, sentence(spans)));
      case Part.Items(var numbered, var items) -> items(numbered, items);
      case Part.Working working -> working(working);
      case Part.Tables(var tables) -> tables.forEach(this::table);
      case Part.Picture(var figure) -> picture(figure);
      case Part.Illustrated(var picture, var alternative) ->
          beside(picture.kind().ending(), picture.content(), alternative);
      case Part.Listing _, Part.Behind _ -> {
        // On paper a list is a table, and nothing is folded away.
      }
      case Part.Room(var squares) -> block("<br>\n".repeat(Math.max(2, squares / 2)).strip());
    }
  }

  private static String toned(Tone tone, String sentence) {
    return switch (tone) {
      case PLAIN, LEAD -> sentence;
      case TASK, VERDICT -> "**" + sentence + "**";
      case CHECKED -> "✓ " + sentence;
      case WARNING -> "! " + sentence;
      case NOTE, SOURCE -> "*" + sentence + "*";
      case REPORT -> "> " + sentence;
    };
  }

  private String sentence(List<Span> spans) {
    return spans.stream()
        .map(
            span ->
                switch (span) {
                  case Span.Words(var words, var weight) -> weighted(words, weight);
                  case Span.Live(var line, var number, _) -> dollars(new Box.Linked(line, number));
                  case Span.Formula(var box) -> dollars(box);
                })
        .collect(Collectors.joining())
        .strip();
  }

  /// Marks stand close to their words, else they are no marks.
  private static String weighted(String words, Span.Weight weight) {
    String mark =
        switch (weight) {
          case PLAIN -> "";
          case EMPHASIS -> "*";
          case STRONG -> "**";
        };
    String bare = words.strip();
    if (mark.isEmpty() || bare.isEmpty()) {
      return escaped(words);
    }
    int start = words.indexOf(bare);
    return words.substring(0, start)
        + mark
        + escaped(bare)
        + mark
        + words.substring(start + bare.length());
  }

  private String dollars(Box box) {
    return "$" + formula(box) + "$";
  }

  private String formula(Box box) {
    return Tex.of(
            box,
            (line, characters) ->
                line.flatMap(chapter.blanks()::number)
                        .map(number -> "{}_{(" + number + ")}")
                        .orElse("")
                    + Tex.underlined(characters))
        .strip();
  }

  private void items(Numbering numbered, List<List<Span>> items) {
    StringBuilder list = new StringBuilder();
    for (int i = 0; i < items.size(); i++) {
      String mark = numbered == Numbering.NUMBERED ? (i + 1) + ". " : "- ";
      list.append(mark).append(sentence(items.get(i))).append('\n');
    }
    block(list.toString().stripTrailing());
  }

  private void working(Part.Working working) {
    if (!working.named().isEmpty()) {
      block(escaped(working.named()) + ":");
    }
    working.hint().ifPresent(hint -> block(displayed(hint)));
    block(displayed(working.chain()));
  }

  private String displayed(Chain chain) {
    return "$$\n" + formula(chain.box()) + "\n$$";
  }

  private void table(Part.Table table) {
    if (!table.title().isEmpty()) {
      block("**" + sentence(table.title()) + "**");
    }
    StringBuilder rows = new StringBuilder();
    rows.append(row(table.head())).append('\n');
    rows.append(
        table.head().stream()
            .map(head -> head == table.head().getFirst() ? ":--" : "--:")
            .collect(Collectors.joining(" | ", "| ", " |")));
    table.body().forEach(row -> rows.append('\n').append(row(row)));
    if (!table.foot().isEmpty()) {
      rows.append('\n').append(row(table.foot()));
    }
    block(rows.toString());
  }

  private static String row(List<Entry> entries) {
    return entries.stream()
        .map(MarkdownHandout::entry)
        .collect(Collectors.joining(" | ", "| ", " |"));
  }

  private static String entry(Entry entry) {
    String words = escaped(entry.text());
    return switch (entry.look()) {
      case BLANK -> entry.number() == 0 ? BLANK : "(%d) %s".formatted(entry.number(), BLANK);
      case ANSWER, OWN, PICKED, OBSERVED, BRACKET -> words.isEmpty() ? "" : "**" + words + "**";
      default ->
          entry.place() == Part.Place.ROW_HEAD && !words.isEmpty() ? "**" + words + "**" : words;
    };
  }

  private void picture(FigureSpec figure) {
    byte[] drawn = FigureFile.svg(figure).getBytes(StandardCharsets.UTF_8);
    beside("svg", drawn, FigureFile.alternative(figure));
  }

  /// A picture in a file of its own.
  private void beside(String ending, byte[] content, String alternative) {
    String file = "%s-%d.%s".formatted(name, figures.size() + 1, ending);
    figures.put(file, content);
    block("![%s](<%s>)".formatted(escaped(alternative), file));
  }

  /// Nothing in a user's words is markup.
  static String escaped(String words) {
    StringBuilder escaped = new StringBuilder();
    words
        .replaceAll("\\s*[\\r\\n]+\\s*", " ")
        .codePoints()
        .forEach(
            sign -> {
              if ("\\`*_{}[]<>#$|~&^".indexOf(sign) >= 0) {
                escaped.append(sign == '<' ? "&lt;" : sign == '&' ? "&amp;" : "\\");
              }
              if (sign != '<' && sign != '&') {
                escaped.appendCodePoint(sign);
              }
            });
    String line = escaped.toString();
    return line.matches("[-+=].*")
        ? "\\" + line
        : line.replaceFirst("^(\\d+)([.)])(\\s)", "$1\\\\$2$3");
  }
}
