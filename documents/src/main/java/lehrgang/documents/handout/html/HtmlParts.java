package lehrgang.documents.handout.html;

import static j2html.TagCreator.bdi;
import static j2html.TagCreator.details;
import static j2html.TagCreator.div;
import static j2html.TagCreator.each;
import static j2html.TagCreator.em;
import static j2html.TagCreator.figure;
import static j2html.TagCreator.h2;
import static j2html.TagCreator.iff;
import static j2html.TagCreator.img;
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
import j2html.tags.specialized.DivTag;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;
import lehrgang.core.notation.MathMl;
import lehrgang.core.notation.PlainText;
import lehrgang.core.notation.Speech;
import lehrgang.core.page.Appearance;
import lehrgang.core.page.Audience;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.solution.Illustration;
import lehrgang.core.solution.SheetChoices.WorkingRoom;
import lehrgang.core.wording.Span;
import lehrgang.documents.figure.Draughtsman;
import lehrgang.documents.figure.Svg;
import lehrgang.documents.handout.order.Manuscript;
import lehrgang.documents.handout.order.Manuscript.Chapter;
import lehrgang.documents.handout.order.Part;
import lehrgang.documents.handout.order.Part.Numbering;
import lehrgang.documents.handout.order.Part.Rank;
import lehrgang.documents.handout.order.Part.Tone;

/// The parts of a sheet as elements. Text goes in as it is and is escaped on the way out; only
/// formulas and figures are ready-made.
public final class HtmlParts {
  /// A working of so many characters fits on a phone.
  private static final int NARROW = 30;

  private static final double FIGURE_WIDTH = 640;

  /// In points.
  private static final double WIDEST = 480;

  private static final double POINTS_TO_A_PIXEL = 0.75;

  private final Chapter chapter;
  private final WorkingRoom room;
  private final Rooms rooms;
  private final MathMl math;
  private final MathMl inSentence;
  private final Speech speech;

  /// @param rooms what stands where a number is asked for
  public HtmlParts(Chapter chapter, WorkingRoom room, Rooms rooms) {
    this.chapter = chapter;
    this.rooms = rooms;
    this.room = room;
    this.speech = chapter.page().wording().speech();
    this.math = new MathMl(this::mark, this::corner);
    this.inSentence = new MathMl(line -> isAnswer(line) ? "answer" : "", this::corner);
  }

  private String corner(LineId line) {
    return chapter.blanks().number(line).map(number -> Integer.toString(number)).orElse("");
  }

  private boolean isAnswer(LineId line) {
    return chapter.page().appearance(line) == Appearance.ANSWER;
  }

  private String mark(LineId line) {
    String role =
        switch (chapter.page().role(line)) {
          case ROW_TOTAL -> "row";
          case COLUMN_TOTAL -> "column";
          case GRAND_TOTAL -> "grand";
          case OBSERVED, EXPECTED, OTHER -> "";
        };
    return isAnswer(line) ? (role + " answer").strip() : role;
  }

  /// The printed tables at the end of a manuscript.
  public static DomContent printed(Manuscript manuscript) {
    return each(
        manuscript.printed(),
        printed ->
            section(
                    p(printed.title()).withClass("asked"),
                    HtmlTables.of(printed.table(), each(), Rooms.ON_PAPER))
                .withClass("printed")
                .attr("tabindex", "0"));
  }

  /// Each step with what belongs to it.
  public List<DomContent> sections() {
    List<DomContent> sections = new ArrayList<>();
    List<Part> parts = chapter.parts();
    int from = 0;
    for (int at = 1; at <= parts.size(); at++) {
      if (at == parts.size() || parts.get(at) instanceof Part.Heading) {
        sections.add(together(parts.subList(from, at)));
        from = at;
      }
    }
    return sections;
  }

  private DomContent together(List<Part> parts) {
    if (!(parts.getFirst() instanceof Part.Heading heading)) {
      return section(each(parts, this::of));
    }
    return section(each(parts, this::of), rooms.below(heading.step()).orElse(each()))
        .withId(heading.step());
  }

  private DomContent of(Part part) {
    return switch (part) {
      case Part.Heading(_, var number, var title, var points) ->
          h2(
              span(Integer.toString(number)).withClass("number"),
              text(" " + title),
              iff(!points.isEmpty(), each(text(" "), span(points).withClass("points"))));
      case Part.Sentence(var tone, var spans) -> sentence(tone, spans);
      case Part.Items(var numbered, var items) ->
          numbered == Numbering.NUMBERED
              ? ol(each(items, item -> li(spans(item))))
              : ul(each(items, item -> li(spans(item))));
      case Part.Working working -> working(working);
      case Part.Tables(var tables) ->
          div(each(tables, table -> HtmlTables.of(table, spans(table.title()), rooms)))
              .withClass("tables")
              .attr("tabindex", "0");
      case Part.Listing(var table, var shown, var more) -> listing(table, shown, more);
      case Part.Behind(var heading, var behind) -> folded(heading, each(behind, this::of));
      case Part.Picture(var figure) -> drawn(figure);
      case Part.Illustrated shown -> illustration(shown);
      case Part.Room(var squares) ->
          div()
              .withClasses("room", room.key())
              .withStyle("--squares:%d".formatted(squares))
              .attr("aria-hidden", "true");
    };
  }

  private DomContent sentence(Tone tone, List<Span> spans) {
    return switch (tone) {
      case PLAIN -> p(spans(spans));
      case LEAD -> p(spans(spans)).withClass("asked");
      case CHECKED, WARNING, NOTE ->
          p(spans(spans)).withClasses("remark", tone.name().toLowerCase(Locale.ROOT));
      case TASK, REPORT, VERDICT, SOURCE ->
          p(spans(spans)).withClass(tone.name().toLowerCase(Locale.ROOT));
    };
  }

  private static DomContent drawn(FigureSpec spec) {
    return figure(rawHtml(Svg.of(Draughtsman.draw(spec, FIGURE_WIDTH))));
  }

  private static DomContent illustration(Part.Illustrated shown) {
    Illustration picture = shown.picture();
    return figure(
            img()
                .withSrc("data:" + picture.kind().type() + ";base64," + picture.encoded())
                .withAlt(shown.alternative())
                .withWidth(Long.toString(Math.round(shown.width(WIDEST) / POINTS_TO_A_PIXEL)))
                .withHeight(Long.toString(Math.round(shown.height(WIDEST) / POINTS_TO_A_PIXEL))))
        .withClass("illustration");
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
      case Span.Live(var line, Box.Blank blank, _) ->
          rooms
              .inWorking(line)
              .orElseGet(() -> rawHtml(inSentence.of(new Box.Linked(line, blank))));
      case Span.Live(var line, var number, _) ->
          rawHtml(inSentence.of(new Box.Linked(line, number)));
      case Span.Formula(var box) -> rawHtml(math.of(box));
    };
  }

  private DomContent working(Part.Working working) {
    boolean behind = working.rank() == Rank.BEHIND;
    return div(
            iff(
                !working.named().isEmpty(),
                p(bdi(working.named())).withClass(behind ? "other" : "asked")),
            working.hint().<DomContent>map(this::chain).orElse(each()),
            chain(working.chain()))
        .withClass(behind ? "behind" : "working");
  }

  private DomContent listing(Part.Table table, int shown, String more) {
    List<List<Part.Entry>> rest = table.body().subList(shown, table.body().size());
    return each(
        HtmlTables.of(table, table.body().subList(0, shown), each(), rooms),
        rest.isEmpty() ? each() : folded(more, HtmlTables.of(table, rest, each(), rooms)));
  }

  /// What is folded away on a screen and left out on paper; a key prints it.
  private DomContent folded(String heading, DomContent content) {
    return chapter.page().lens().audience() == Audience.KEY
        ? div(p(heading).withClass("asked"), content)
        : details(summary(heading), content);
  }

  /// What a narrow screen may have to be moved for can be reached with the keyboard.
  ///
  /// Each part from one sign to the next is a formula of its own, so that a narrow screen can break
  /// there.
  private DomContent chain(Chain chain) {
    DivTag set =
        div(span(rawHtml(math.displayed(chain.left()))), each(chain.links(), link -> link(link)))
            .withClass("chain");
    if (isFilledIn(chain)) {
      return set;
    }
    set.attr("role", "math").attr("aria-label", speech.of(chain.box()));
    return PlainText.of(chain.box()).length() > NARROW ? set.attr("tabindex", "0") : set;
  }

  /// Whether it ends in a field: what is filled in is no part of a formula that is read out whole.
  private boolean isFilledIn(Chain chain) {
    return rooms != Rooms.ON_PAPER
        && chain.links().stream()
            .anyMatch(link -> link.terms().getFirst() instanceof Box.Linked(_, Box.Blank _));
  }

  /// A part that is too wide for a line of its own breaks between its terms.
  private DomContent link(Chain.Link link) {
    List<Box> terms = link.terms();
    if (terms.size() == 1 && terms.getFirst() instanceof Box.Linked(var line, Box.Blank _)) {
      Optional<DomContent> field = rooms.inWorking(line);
      if (field.isPresent()) {
        return span(rawHtml(math.sign(link.sign())), field.get());
      }
    }
    String first = math.sign(link.sign()) + math.displayed(terms.getFirst());
    return terms.size() == 1
        ? span(rawHtml(first))
        : span(
                span(rawHtml(first)),
                each(terms.subList(1, terms.size()), term -> span(rawHtml(math.displayed(term)))))
            .withClass("terms");
  }
}
