package lehrgang.documents.handout.tex;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;
import lehrgang.core.notation.Tex;
import lehrgang.core.solution.SheetChoices;
import lehrgang.core.solution.SheetChoices.WorkingRoom;
import lehrgang.core.wording.Span;
import lehrgang.documents.handout.order.Manuscript;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.Part;
import lehrgang.documents.handout.order.Part.Numbering;
import lehrgang.documents.handout.order.Part.Rank;
import lehrgang.documents.handout.order.Part.Tone;
import lehrgang.documents.handout.order.Sheet;
import lehrgang.documents.look.Palette;
import lehrgang.documents.typeset.ChainRows;
import lehrgang.documents.typeset.FormulaSetter;
import lehrgang.documents.typeset.FormulaSetter.Weight;

/// What is ordered as a document for LaTeX, with standard packages: pdfLaTeX and LuaLaTeX compile
/// it.
public final class TexHandout {
  private static final double SIZE = 10;
  private static final double WIDTH = 430;
  private static final FormulaSetter SETTER = new FormulaSetter(6);

  private final Order order;
  private final Manuscript manuscript;
  private final StringBuilder text = new StringBuilder();
  private final String name;
  private final Map<String, byte[]> pictures = new LinkedHashMap<>();
  private Manuscript.Chapter chapter;

  private TexHandout(Order order, String name) {
    this.order = order;
    this.name = name;
    this.manuscript = Manuscript.of(order);
    this.chapter = manuscript.chapters().getFirst();
  }

  /// The same order gives the same file.
  ///
  /// @param name of the file without its ending, after which its pictures are called
  public static Sheet of(Order order, String name) {
    TexHandout handout = new TexHandout(order, name);
    handout.write();
    return new Sheet(handout.text.toString().getBytes(StandardCharsets.UTF_8), handout.pictures);
  }

  private void line(String line) {
    text.append(line).append('\n');
  }

  private void block(String block) {
    text.append('\n').append(block).append('\n');
  }

  private void write() {
    preamble();
    line("\\begin{document}");
    head();
    for (Manuscript.Chapter each : manuscript.chapters()) {
      chapter = each;
      block("\\section*{" + TexText.of(each.title()) + "}");
      each.onPaper().forEach(this::part);
    }
    manuscript
        .printed()
        .forEach(
            printed -> {
              block("\\bigskip\\aside{" + TexText.of(printed.title()) + "}");
              tables(List.of(printed.table()));
            });
    line("\\end{document}");
  }

  private void preamble() {
    boolean letter = order.choices().paper() == SheetChoices.PaperSize.LETTER;
    line("% Compile twice with pdflatex or lualatex.");
    line("\\documentclass[10pt,%s]{article}".formatted(letter ? "letterpaper" : "a4paper"));
    text.append(TexPreamble.PACKAGES);
    Arrays.stream(Palette.values())
        .forEach(
            colour ->
                line(
                    "\\definecolor{lg%s}{HTML}{%06X}"
                        .formatted(colour.key().replace("-", ""), colour.light())));
    text.append(TexPreamble.COMMANDS);
    line(
        "\\newcommand{\\workroom}[1]{%s}"
            .formatted(
                order.choices().room() == WorkingRoom.LINES
                    ? TexPreamble.LINES
                    : TexPreamble.GRID));
    line("\\lfoot{\\footnotesize\\sffamily " + TexText.of(manuscript.sources()) + "}");
    line("\\rfoot{\\footnotesize\\sffamily \\thepage/\\pageref{LastPage}}");
    line("\\title{" + TexText.of(manuscript.title()) + "}");
  }

  private void head() {
    String head = TexText.of(manuscript.head().line());
    String name =
        manuscript.head().name().isEmpty()
            ? ""
            : TexText.of(manuscript.head().name()) + "~\\rule{5.5cm}{0.4pt}";
    if (!head.isEmpty() || !name.isEmpty()) {
      block("\\noindent{\\footnotesize\\sffamily " + head + "\\hfill " + name + "}");
    }
  }

  private void part(Part part) {
    switch (part) {
      case Part.Heading(_, var number, var title, var points) ->
          block(
              "\\subsection*{%d\\enspace %s%s}"
                  .formatted(
                      number,
                      TexText.of(title),
                      points.isEmpty() ? "" : "\\points{" + TexText.of(points) + "}"));
      case Part.Sentence(var tone, var spans) -> block(toned(tone, sentence(spans)));
      case Part.Items(var numbered, var items) -> {
        String list = numbered == Numbering.NUMBERED ? "enumerate" : "itemize";
        block("\\begin{" + list + "}");
        items.forEach(item -> line("  \\item " + sentence(item)));
        line("\\end{" + list + "}");
      }
      case Part.Working working -> working(working);
      case Part.Tables(var tables) -> tables(tables);
      case Part.Picture(var figure) ->
          block("\\begin{center}\n" + TexFigure.of(figure) + "\n\\end{center}");
      case Part.Listing _, Part.Behind _ -> {
        // On paper a list is a table, and nothing is folded away.
      }
      case Part.Illustrated shown -> illustration(shown);
      case Part.Room(var squares) -> block("\\workroom{" + squares + "}");
    }
  }

  /// A picture in a file beside the document, whose name TeX cannot mistake for anything else.
  private void illustration(Part.Illustrated shown) {
    String plain = name.replaceAll("[^A-Za-z0-9]+", "-");
    String file = "%s-%d.%s".formatted(plain, pictures.size() + 1, shown.picture().kind().ending());
    pictures.put(file, shown.picture().content());
    block(
        String.format(
            Locale.ROOT,
            "\\medskip\\includegraphics[width=%.1fpt]{%s}\\par\\medskip",
            shown.width(WIDTH),
            file));
  }

  private static String toned(Tone tone, String sentence) {
    return switch (tone) {
      case PLAIN, TASK -> sentence;
      case CHECKED -> "\\checked{" + sentence + "}";
      case WARNING -> "\\warned{" + sentence + "}";
      case NOTE, LEAD, SOURCE -> "\\aside{" + sentence + "}";
      case REPORT -> "{\\sffamily " + sentence + "}";
      case VERDICT -> "\\medskip\\textbf{" + sentence + "}";
    };
  }

  private String sentence(List<Span> spans) {
    return spans.stream()
        .map(
            span ->
                switch (span) {
                  case Span.Words(var words, var weight) ->
                      switch (weight) {
                        case PLAIN -> TexText.of(words);
                        case EMPHASIS -> "\\emph{" + TexText.of(words) + "}";
                        case STRONG -> "\\textbf{" + TexText.of(words) + "}";
                      };
                  case Span.Live(var line, var number, _) ->
                      "\\(" + formula(new Box.Linked(line, number)) + "\\)";
                  case Span.Formula(var box) -> "\\(" + formula(box) + "\\)";
                })
        .collect(Collectors.joining());
  }

  private String formula(Box box) {
    return Tex.of(
        box,
        (line, characters) ->
            "\\blank{%s}{%s}"
                .formatted(
                    line.flatMap(chapter.blanks()::number)
                        .map(number -> Integer.toString(number))
                        .orElse(""),
                    TexTables.byHand(characters)));
  }

  private void working(Part.Working working) {
    if (!working.named().isEmpty()) {
      block("\\aside{" + TexText.of(working.named()) + "}");
    }
    working.hint().ifPresent(hint -> chain(hint, working.rank()));
    chain(working.chain(), working.rank());
  }

  /// What stands in a row of a chain, with its width.
  private record Term(String tex, double width) {}

  /// A chain that is too wide for a line is broken as it is on paper.
  private void chain(Chain chain, Rank rank) {
    List<List<Term>> parts = new ArrayList<>();
    parts.add(List.of(new Term(formula(chain.left()), SETTER.set(chain.left(), SIZE).width())));
    for (Chain.Link link : chain.links()) {
      List<Double> widths =
          SETTER.set(link, SIZE, Weight.STEP).stream().map(setting -> setting.width()).toList();
      List<Box> boxes = link.terms();
      List<Term> terms = new ArrayList<>();
      for (int i = 0; i < boxes.size(); i++) {
        String sign = i == 0 ? Tex.of(Box.operator(link.sign())) : "{}";
        terms.add(new Term(sign + formula(boxes.get(i)), widths.get(i)));
      }
      parts.add(terms);
    }
    List<ChainRows.Row<Term>> rows = ChainRows.of(parts, Term::width, WIDTH);
    String left = rows.getFirst().parts().getFirst().tex();
    StringBuilder tex = new StringBuilder(left).append(" &");
    for (int i = 0; i < rows.size(); i++) {
      tex.append(i == 0 ? "" : " \\\\\n &");
      rows.get(i).parts().stream()
          .skip(i == 0 ? 1 : 0)
          .forEach(term -> tex.append(term.tex()).append(' '));
    }
    block((rank == Rank.BEHIND ? "\\behind{" : "\\working{") + tex.toString().strip() + "}");
  }

  private void tables(List<Part.Table> tables) {
    block(
        "{\\smallskip\\raggedright\n"
            + tables.stream()
                .map(table -> TexTables.of(table, sentence(table.title())))
                .collect(Collectors.joining("\\qquad\n"))
            + "\\par\\smallskip}");
  }
}
