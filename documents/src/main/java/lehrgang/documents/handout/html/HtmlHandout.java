package lehrgang.documents.handout.html;

import static j2html.TagCreator.div;
import static j2html.TagCreator.document;
import static j2html.TagCreator.each;
import static j2html.TagCreator.h1;
import static j2html.TagCreator.head;
import static j2html.TagCreator.header;
import static j2html.TagCreator.html;
import static j2html.TagCreator.iff;
import static j2html.TagCreator.main;
import static j2html.TagCreator.meta;
import static j2html.TagCreator.p;
import static j2html.TagCreator.rawHtml;
import static j2html.TagCreator.span;
import static j2html.TagCreator.style;
import static j2html.TagCreator.text;
import static j2html.TagCreator.title;

import j2html.TagCreator;
import j2html.tags.DomContent;
import lehrgang.core.solution.SheetChoices;
import lehrgang.documents.handout.order.Manuscript;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.SheetHead;

/// What is ordered as one self-contained HTML file: fonts, MathML, inline SVG, and a style sheet
/// for screen, phone and paper.
public final class HtmlHandout {
  private HtmlHandout() {}

  /// The same order gives the same page.
  public static String of(Order order) {
    return of(Manuscript.of(order), order.choices(), order.audience().key());
  }

  /// A manuscript.
  ///
  /// @param kind of sheet, as the style sheet tells them apart
  public static String of(Manuscript manuscript, SheetChoices choices, String kind) {
    String written = body(manuscript, choices, kind).render();
    return document(
        html(
                head(
                    meta().withCharset("utf-8"),
                    meta().withName("viewport").withContent("width=device-width, initial-scale=1"),
                    title(manuscript.title()),
                    style(rawHtml(SheetStyle.of(written)))),
                rawHtml(written))
            .withLang(manuscript.language()));
  }

  private static DomContent body(Manuscript manuscript, SheetChoices choices, String kind) {
    SheetHead sheet = manuscript.head();
    return TagCreator.body(
            main(
                iff(
                    !sheet.line().isEmpty() || !sheet.name().isEmpty(),
                    div(
                            span(sheet.line()).withClass("audience"),
                            text(" "),
                            iff(
                                !sheet.name().isEmpty(),
                                span(span(sheet.name())).withClass("name")))
                        .withClass("head")),
                each(manuscript.chapters(), chapter -> chapter(chapter, choices)),
                HtmlParts.printed(manuscript)))
        .withClass(kind);
  }

  private static DomContent chapter(Manuscript.Chapter chapter, SheetChoices choices) {
    String source = chapter.page().question().source();
    return each(
        header(h1(chapter.title()))
            .withCondClass(chapter.begins() == Manuscript.Begins.ON_A_NEW_PAGE, "on-a-new-page"),
        each(new HtmlParts(chapter, choices.room(), Rooms.ON_PAPER).sections(), part -> part),
        iff(!source.isBlank(), p(source).withClass("source")));
  }
}
