package lehrgang.documents.handout.html;

import static j2html.TagCreator.bdi;
import static j2html.TagCreator.details;
import static j2html.TagCreator.div;
import static j2html.TagCreator.each;
import static j2html.TagCreator.em;
import static j2html.TagCreator.figure;
import static j2html.TagCreator.h2;
import static j2html.TagCreator.iff;
import static j2html.TagCreator.li;
import static j2html.TagCreator.ol;
import static j2html.TagCreator.p;
import static j2html.TagCreator.rawHtml;
import static j2html.TagCreator.section;
import static j2html.TagCreator.span;
import static j2html.TagCreator.strong;
import static j2html.TagCreator.summary;
import static j2html.TagCreator.text;
import static j2html.TagCreator.ul;

import j2html.tags.DomContent;
import java.util.List;
import java.util.Locale;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;
import lehrgang.core.notation.MathMl;
import lehrgang.core.notation.Speech;
import lehrgang.core.page.Appearance;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Blanks;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageStep;
import lehrgang.core.solution.SheetChoices;
import lehrgang.core.solution.SheetChoices.With;
import lehrgang.core.solution.SheetChoices.WorkingRoom;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Span;
import lehrgang.documents.figure.Draughtsman;
import lehrgang.documents.figure.Svg;
import lehrgang.documents.handout.order.PrintedTables;
import lehrgang.documents.handout.order.Repeats;
import lehrgang.documents.handout.order.WorkingSpaces;

/// The blocks of a page as elements. Text goes in as it is and is escaped on the way out; only
/// formulas and figures are ready-made.
final class HtmlBlocks {
  private static final double FIGURE_WIDTH = 640;

  private static final int LEAST_LINES = 2;
  private static final int MOST_LINES = 9;

  private final Page page;
  private final Blanks blanks;
  private final SheetChoices choices;
  private final PrintedTables printed;
  private final Repeats repeats;
  private final HtmlTables tables;
  private final MathMl math;
  private final MathMl inSentence;

  /// @param printed where whole printed tables go
  HtmlBlocks(Page page, Blanks blanks, SheetChoices choices, PrintedTables printed) {
    this.page = page;
    this.blanks = blanks;
    this.choices = choices;
    this.printed = printed;
    this.repeats = Repeats.in(page);
    this.tables = new HtmlTables(page, this::corner);
    this.math = new MathMl(this::mark, this::corner);
    this.inSentence =
        new MathMl(
            line -> page.appearance(line) == Appearance.ANSWER ? "answer" : "", this::corner);
  }

  private String corner(LineId line) {
    return blanks.number(line).map(number -> Integer.toString(number)).orElse("");
  }

  DomContent step(PageStep step) {
    int points = blanks.in(step.id()).size();
    boolean counted =
        points > 0 && choices.has(With.POINTS) && page.lens().audience() != Audience.FULL;
    return section(
            h2(
                span(Integer.toString(step.number())).withClass("number"),
                text(" " + step.title()),
                iff(counted, each(text(" "), span(points(points)).withClass("points")))),
            each(step.blocks(), this::of),
            room(step))
        .withId(step.id());
  }

  private String points(int points) {
    return page.wording()
        .text(Phrase.of(points == 1 ? "sheet.point" : "sheet.points").with("count", points));
  }

  /// Room to work in, on a sheet with blanks.
  private DomContent room(PageStep step) {
    boolean asks = page.lens().audience() == Audience.STUDENT && choices.room() != WorkingRoom.NONE;
    int lines = asks ? WorkingSpaces.squares(page, step) : 0;
    return lines == 0
        ? each()
        : div()
            .withClasses("room", choices.room().key())
            .withStyle("--squares:%d".formatted(Math.clamp(lines, LEAST_LINES, MOST_LINES)))
            .attr("aria-hidden", "true");
  }

  private String mark(LineId line) {
    String role =
        switch (page.role(line)) {
          case ROW_TOTAL -> "row";
          case COLUMN_TOTAL -> "column";
          case GRAND_TOTAL -> "grand";
          case OBSERVED, EXPECTED, OTHER -> "";
        };
    return page.appearance(line) == Appearance.ANSWER ? (role + " answer").strip() : role;
  }

  DomContent of(PageBlock block) {
    return switch (block) {
      case PageBlock.Paragraph(_, var spans) -> paragraph(spans);
      case PageBlock.TypedNumber(var spans, _, _) -> paragraph(spans);
      case PageBlock.Remark(var tone, _, var spans) ->
          p(spans(spans)).withClasses("remark", tone.name().toLowerCase(Locale.ROOT));
      case PageBlock.Task(var text) -> p(text).withClass("task");
      case PageBlock.SeeTable _ -> each();
      case PageBlock.QuestionText(var question) ->
          p(question.text().isBlank() ? question.title() : question.text()).withClass("question");
      case PageBlock.Provenance provenance -> provenance(provenance);
      case PageBlock.DataTable(var layers) -> tables(layers);
      case PageBlock.Grids(var grids) -> tables(repeats.without(grids));
      case PageBlock.Worked worked -> working(worked);
      case PageBlock.WrittenOut(var heading, var chains) ->
          folded(heading, each(chains, chain -> div(chain(chain)).withClasses("working", "inner")));
      case PageBlock.Iterations iterations -> HtmlTables.list(iterations, this::folded);
      case PageBlock.Figure(var figure) ->
          page.lens().audience() != Audience.STUDENT || choices.has(With.CURVE)
              ? drawn(figure)
              : each();
      case PageBlock.Excerpt excerpt -> excerpt(excerpt);
      case PageBlock.Ways _ -> each();
      case PageBlock.Outcomes outcomes -> outcomes(outcomes);
      case PageBlock.Report(var text) -> p(text).withClass("report");
      case PageBlock.AnswerSpace _ -> each();
    };
  }

  private static DomContent drawn(FigureSpec spec) {
    return figure(rawHtml(Svg.of(Draughtsman.draw(spec, FIGURE_WIDTH))));
  }

  private DomContent paragraph(List<Span> spans) {
    return spans.isEmpty() ? each() : p(spans(spans));
  }

  private DomContent spans(List<Span> spans) {
    return each(spans, this::piece);
  }

  private DomContent piece(Span span) {
    return switch (span) {
      case Span.Words(var words, var weight) ->
          switch (weight) {
            case PLAIN -> text(words);
            case EMPHASIS -> em(words);
            case STRONG -> strong(words);
          };
      case Span.Live(var line, var number, _) ->
          rawHtml(inSentence.of(new Box.Linked(line, number)));
      case Span.Formula(var box) -> rawHtml(math.of(box));
    };
  }

  private DomContent provenance(PageBlock.Provenance provenance) {
    List<String> account = provenance.account();
    List<String> losses = account.subList(1, account.size());
    return div(
            p(provenance.intro()),
            iff(
                !provenance.steps().isEmpty(),
                ol(
                    each(
                        provenance.steps(),
                        step ->
                            li(text(step.what() + " "), span(step.effect()).withClass("effect"))))),
            p(account.getFirst()),
            iff(!losses.isEmpty(), ul(each(losses, loss -> li(loss)))))
        .withClass("provenance");
  }

  private DomContent tables(List<PageBlock.Grid> grids) {
    return grids.isEmpty()
        ? each()
        : div(each(grids, grid -> tables.grid(grid, spans(grid.title())))).withClass("tables");
  }

  private DomContent working(PageBlock.Worked worked) {
    List<LineId> others =
        worked.family().stream()
            .filter(line -> page.appearance(line) != Appearance.BLANK)
            .filter(line -> !line.equals(worked.line()))
            .toList();
    return div(
            iff(!worked.asked().isEmpty(), p(bdi(worked.asked())).withClass("asked")),
            iff(
                worked.appearance() == Appearance.BLANK && choices.has(With.HINTS),
                chain(page.inSymbols(worked.line()))),
            chain(worked.chain()),
            iff(!others.isEmpty(), allOf(worked.line(), others)))
        .withClass("working");
  }

  /// The workings of the rest of a family: folded away, except in a key, which prints them.
  private DomContent allOf(LineId shown, List<LineId> others) {
    String heading = page.family(shown) + ": " + page.wording().text("sheet.others");
    DomContent workings =
        each(
            others,
            line -> each(p(bdi(page.place(line))).withClass("other"), chain(page.chain(line))));
    return folded(heading, workings);
  }

  /// What is folded away on a screen and left out on paper; a key prints it.
  private DomContent folded(String heading, DomContent content) {
    return page.lens().audience() == Audience.KEY
        ? div(p(heading).withClass("all"), content)
        : details(summary(heading), content);
  }

  /// Each part from one sign to the next is a formula of its own, so that a narrow screen can break
  /// there.
  private DomContent chain(Chain chain) {
    return div(span(rawHtml(math.displayed(chain.left()))), each(chain.links(), link -> link(link)))
        .withClass("chain")
        .attr("role", "math")
        .attr("aria-label", Speech.of(chain.box()));
  }

  /// A part that is too wide for a line of its own breaks between its terms.
  private DomContent link(Chain.Link link) {
    List<Box> terms = link.terms();
    String first = math.sign(link.sign()) + math.displayed(terms.getFirst());
    return terms.size() == 1
        ? span(rawHtml(first))
        : span(
                span(rawHtml(first)),
                each(terms.subList(1, terms.size()), term -> span(rawHtml(math.displayed(term)))))
            .withClass("terms");
  }

  private DomContent outcomes(PageBlock.Outcomes outcomes) {
    return each(tables.outcomes(outcomes), outcomes.figure().map(HtmlBlocks::drawn).orElse(each()));
  }

  /// A whole printed table stands at the end.
  private DomContent excerpt(PageBlock.Excerpt excerpt) {
    if (!excerpt.isWhole()) {
      return HtmlTables.excerpt(excerpt);
    }
    return choices.has(With.TABLE) && printed.add(excerpt)
        ? p(page.wording().text("sheet.table-at-end")).withClass("asked")
        : each();
  }
}
