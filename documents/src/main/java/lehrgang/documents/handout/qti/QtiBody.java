package lehrgang.documents.handout.qti;

import static j2html.TagCreator.bdi;
import static j2html.TagCreator.caption;
import static j2html.TagCreator.div;
import static j2html.TagCreator.each;
import static j2html.TagCreator.em;
import static j2html.TagCreator.h1;
import static j2html.TagCreator.h2;
import static j2html.TagCreator.iff;
import static j2html.TagCreator.img;
import static j2html.TagCreator.li;
import static j2html.TagCreator.ol;
import static j2html.TagCreator.p;
import static j2html.TagCreator.rawHtml;
import static j2html.TagCreator.span;
import static j2html.TagCreator.strong;
import static j2html.TagCreator.table;
import static j2html.TagCreator.tag;
import static j2html.TagCreator.tbody;
import static j2html.TagCreator.td;
import static j2html.TagCreator.text;
import static j2html.TagCreator.tfoot;
import static j2html.TagCreator.th;
import static j2html.TagCreator.thead;
import static j2html.TagCreator.tr;
import static j2html.TagCreator.ul;

import j2html.tags.ContainerTag;
import j2html.tags.DomContent;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.KeyedAnswers.Keyed;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;
import lehrgang.core.notation.MathMl;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.solution.Illustration;
import lehrgang.core.wording.Span;
import lehrgang.core.wording.Wording;
import lehrgang.documents.figure.FigureFile;
import lehrgang.documents.handout.order.Manuscript;
import lehrgang.documents.handout.order.Manuscript.Chapter;
import lehrgang.documents.handout.order.Part;
import lehrgang.documents.handout.order.Part.Entry;
import lehrgang.documents.handout.order.Part.Look;
import lehrgang.documents.handout.order.Part.Numbering;
import lehrgang.documents.handout.order.Part.Place;

/// The sheet of an item: its parts with an entry for each blank, and below each step what is said
/// of the answers in it.
final class QtiBody {
  private static final String MATH = "http://www.w3.org/1998/Math/MathML";

  private final Manuscript manuscript;
  private final Chapter chapter;
  private final Wording wording;
  private final Map<LineId, String> entries;
  private final Map<String, Keyed> answers;
  private final String name;
  private final MathMl math;
  private final Map<String, byte[]> pictures = new LinkedHashMap<>();
  private final Set<LineId> placed = new HashSet<>();

  /// @param entries the identifiers of the answers to lines
  /// @param answers what is accepted, by those identifiers
  /// @param name    with which the names of its pictures begin
  QtiBody(
      Manuscript manuscript, Map<LineId, String> entries, Map<String, Keyed> answers, String name) {
    this.manuscript = manuscript;
    this.chapter = manuscript.chapters().getFirst();
    this.wording = manuscript.wording();
    this.entries = entries;
    this.answers = answers;
    this.name = name;
    this.math =
        new MathMl(_ -> "", line -> chapter.blanks().number(line).map(Object::toString).orElse(""));
  }

  Map<String, byte[]> pictures() {
    return pictures;
  }

  DomContent element() {
    List<DomContent> content = new ArrayList<>();
    content.add(h1(chapter.title()));
    List<LineId> said = new ArrayList<>();
    for (Part part : chapter.onPaper()) {
      if (part instanceof Part.Heading) {
        content.addAll(feedback(said));
      }
      content.add(of(part));
    }
    content.addAll(left());
    content.addAll(feedback(said));
    manuscript
        .printed()
        .forEach(
            printed -> {
              content.add(p(printed.title()).withClass("lead"));
              content.add(table(printed.table()));
            });
    String source = chapter.page().question().source();
    return tag("qti-item-body")
        .with(content)
        .with(iff(!source.isBlank(), p(source).withClass("source")));
  }

  /// What no part has a place for: the decision, and numbers inside a formula.
  private List<DomContent> left() {
    return entries.keySet().stream()
        .filter(line -> !placed.contains(line))
        .map(line -> (DomContent) p(text(chapter.page().name(line) + " "), entry(line)))
        .toList();
  }

  /// What is said of answers whose entries stand above.
  ///
  /// @param said those of which it was said already; the others are added
  private List<DomContent> feedback(List<LineId> said) {
    List<DomContent> blocks = new ArrayList<>();
    for (Map.Entry<LineId, String> entry : entries.entrySet()) {
      if (placed.contains(entry.getKey()) && !said.contains(entry.getKey())) {
        said.add(entry.getKey());
        Keyed keyed = answers.get(entry.getValue());
        blocks.add(block(entry, "right", wording.text("qti.right")));
        keyed.wrong().forEach(cause -> blocks.add(block(entry, cause.slip(), cause.sentence())));
        blocks.add(block(entry, "wrong", wording.text("qti.wrong")));
      }
    }
    return blocks;
  }

  private DomContent block(Map.Entry<LineId, String> entry, String when, String sentence) {
    return tag("qti-feedback-block")
        .attr("outcome-identifier", QtiItem.feedback(entry.getValue()))
        .attr("identifier", when)
        .attr("show-hide", "show")
        .with(
            tag("qti-content-body")
                .with(p(text(label(entry.getKey()) + " " + sentence)).withClass("said")));
  }

  /// By which feedback names an entry.
  private String label(LineId line) {
    return chapter
        .blanks()
        .number(line)
        .map("(%d)"::formatted)
        .orElseGet(() -> chapter.page().name(line) + ":");
  }

  /// Where a number is asked for: once to be entered, then by its number.
  private DomContent entry(LineId line) {
    String number = chapter.blanks().number(line).map("(%d) "::formatted).orElse("");
    String entry = entries.get(line);
    if (entry == null || !placed.add(line)) {
      return text(number.isEmpty() ? "…" : number.strip());
    }
    return each(
        span(number).withClass("no"),
        answers.get(entry).kind().isNumber() ? number(line, entry) : choice(entry));
  }

  private DomContent number(LineId line, String entry) {
    int length = Math.max(answers.get(entry).answer().length() + 2, 6);
    return tag("qti-text-entry-interaction")
        .attr("response-identifier", entry)
        .attr("expected-length", length)
        .attr("aria-label", chapter.page().name(line));
  }

  private DomContent choice(String entry) {
    return tag("qti-inline-choice-interaction")
        .attr("response-identifier", entry)
        .attr("shuffle", "false")
        .with(
            way("reject", wording.text("trace.decision.reject")),
            way("do-not-reject", wording.text("trace.decision.keep")));
  }

  private static DomContent way(String identifier, String words) {
    return tag("qti-inline-choice").attr("identifier", identifier).withText(words);
  }

  private DomContent of(Part part) {
    return switch (part) {
      case Part.Heading(_, var number, var title, var points) ->
          h2(text(number + "\u2002" + title + (points.isEmpty() ? "" : "\u2002(" + points + ")")));
      case Part.Sentence(var tone, var spans) ->
          p(spans(spans)).withClass(tone.name().toLowerCase(Locale.ROOT));
      case Part.Items(var numbered, var items) ->
          numbered == Numbering.NUMBERED
              ? ol(each(items, item -> li(spans(item))))
              : ul(each(items, item -> li(spans(item))));
      case Part.Working working ->
          div(
              iff(!working.named().isEmpty(), p(bdi(working.named())).withClass("lead")),
              working.hint().map(this::chain).orElse(each()),
              chain(working.chain()));
      case Part.Tables(var tables) -> div(each(tables, this::table));
      case Part.Listing(var listed, _, _) -> table(listed);
      case Part.Behind(var heading, var parts) ->
          div(p(heading).withClass("lead"), each(parts, this::of));
      case Part.Picture(var figure) -> figure(figure);
      case Part.Illustrated(var picture, var alternative) -> illustration(picture, alternative);
      case Part.Room _ -> each();
    };
  }

  private DomContent figure(FigureSpec figure) {
    String file = "%s-figure-%d.svg".formatted(name, pictures.size() + 1);
    pictures.put(file, FigureFile.svg(figure).getBytes(StandardCharsets.UTF_8));
    return p(img().withSrc(file).withAlt(FigureFile.alternative(figure)));
  }

  private DomContent illustration(Illustration picture, String alternative) {
    String file = "%s-picture-%d.%s".formatted(name, pictures.size() + 1, picture.kind().ending());
    pictures.put(file, picture.content());
    return p(img().withSrc(file).withAlt(alternative));
  }

  private DomContent spans(List<Span> spans) {
    return each(
        spans,
        span ->
            switch (span) {
              case Span.Words(var words, var weight) ->
                  switch (weight) {
                    case PLAIN -> text(words);
                    case EMPHASIS -> em(words);
                    case STRONG -> strong(words);
                  };
              case Span.Live(var line, Box.Blank _, _) -> entry(line);
              case Span.Live(_, var number, _) -> rawHtml(named(math.of(number)));
              case Span.Formula(var box) -> rawHtml(named(math.of(box)));
            });
  }

  private DomContent chain(Chain chain) {
    return p(rawHtml(named(math.displayed(chain.left()))), each(chain.links(), this::link))
        .withClass("chain");
  }

  private DomContent link(Chain.Link link) {
    DomContent sign = text(" " + link.sign() + " ");
    return each(
        sign,
        each(
            link.terms(),
            term ->
                term instanceof Box.Linked(var line, Box.Blank _)
                    ? entry(line)
                    : rawHtml(named(math.displayed(term)))));
  }

  private static String named(String formula) {
    return formula.replaceFirst("<math", "<math xmlns=\"" + MATH + "\"");
  }

  private DomContent table(Part.Table table) {
    return j2html.TagCreator.table(
        iff(!table.title().isEmpty(), caption(spans(table.title()))),
        thead(row(table.head())),
        tbody(each(table.body(), this::row)),
        iff(!table.foot().isEmpty(), tfoot(row(table.foot()))));
  }

  private DomContent row(List<Entry> cells) {
    return tr(each(cells, this::cell));
  }

  private DomContent cell(Entry cell) {
    if (cell.look() == Look.BLANK) {
      return chapter.blanks().lines().stream()
          .filter(line -> chapter.blanks().number(line).orElse(0) == cell.number())
          .findFirst()
          .map(line -> td(entry(line)))
          .orElseGet(() -> td());
    }
    return switch (cell.place()) {
      case COLUMN_HEAD, ROW_HEAD -> head(cell);
      case NUMBER, WORDS -> td(bdi(cell.text()));
    };
  }

  private static ContainerTag<?> head(Entry cell) {
    return cell.text().isEmpty()
        ? td()
        : th(bdi(cell.text())).attr("scope", cell.place() == Place.ROW_HEAD ? "row" : "col");
  }
}
