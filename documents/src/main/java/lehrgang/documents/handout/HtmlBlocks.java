package lehrgang.documents.handout;

import static j2html.TagCreator.bdi;
import static j2html.TagCreator.details;
import static j2html.TagCreator.div;
import static j2html.TagCreator.each;
import static j2html.TagCreator.em;
import static j2html.TagCreator.figure;
import static j2html.TagCreator.iff;
import static j2html.TagCreator.li;
import static j2html.TagCreator.ol;
import static j2html.TagCreator.p;
import static j2html.TagCreator.rawHtml;
import static j2html.TagCreator.span;
import static j2html.TagCreator.strong;
import static j2html.TagCreator.summary;
import static j2html.TagCreator.text;
import static j2html.TagCreator.ul;

import j2html.tags.DomContent;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;
import lehrgang.core.notation.MathMl;
import lehrgang.core.notation.Speech;
import lehrgang.core.page.Appearance;
import lehrgang.core.page.Audience;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.wording.Span;
import lehrgang.documents.figure.Draughtsman;
import lehrgang.documents.figure.Svg;

/// The blocks of a page as elements. Text goes in as it is and is escaped on the way out; only
/// formulas and figures are ready-made.
final class HtmlBlocks {
  private static final double FIGURE_WIDTH = 640;

  private final Page page;
  private final MathMl math;
  private final MathMl inSentence;

  HtmlBlocks(Page page) {
    this.page = page;
    this.math = new MathMl(this::mark);
    this.inSentence =
        new MathMl(line -> page.appearance(line) == Appearance.ANSWER ? "answer" : "");
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
      case PageBlock.QuestionText(var question) ->
          p(question.text().isBlank() ? question.title() : question.text()).withClass("question");
      case PageBlock.Provenance provenance -> provenance(provenance);
      case PageBlock.DataTable(var layers) -> tables(layers);
      case PageBlock.Grids(var grids) -> tables(grids);
      case PageBlock.Worked worked -> working(worked);
      case PageBlock.WrittenOut(var heading, var chains) ->
          folded(heading, each(chains, chain -> div(chain(chain)).withClasses("working", "inner")));
      case PageBlock.Iterations iterations -> HtmlTables.list(iterations, this::folded);
      case PageBlock.Figure(var figure) -> drawn(figure);
      case PageBlock.Excerpt excerpt -> HtmlTables.excerpt(excerpt);
      case PageBlock.Ways _ -> each();
      case PageBlock.Outcomes outcomes -> outcomes(outcomes);
      case PageBlock.Report(var text) -> p(text).withClass("report");
      case PageBlock.AnswerSpace(var lines) ->
          each(Collections.nCopies(lines, "answer-line"), line -> div().withClass(line));
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
        : div(each(grids, grid -> HtmlTables.grid(grid, spans(grid.title())))).withClass("tables");
  }

  private DomContent working(PageBlock.Worked worked) {
    List<LineId> others =
        worked.family().stream()
            .filter(line -> page.appearance(line) != Appearance.BLANK)
            .filter(line -> !line.equals(worked.line()))
            .toList();
    return div(
            iff(!worked.asked().isEmpty(), p(bdi(worked.asked())).withClass("asked")),
            chain(worked.chain()),
            iff(!others.isEmpty(), allOf(worked.line(), others)))
        .withClass("working");
  }

  /// The workings of the rest of a family: folded away, except in a key, which prints them.
  private DomContent allOf(LineId shown, List<LineId> others) {
    String heading = page.family(shown) + ": " + page.wording().text("sheet.all");
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

  private static DomContent outcomes(PageBlock.Outcomes outcomes) {
    return each(
        HtmlTables.outcomes(outcomes), outcomes.figure().map(HtmlBlocks::drawn).orElse(each()));
  }
}
