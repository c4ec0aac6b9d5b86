package lehrgang.documents.handout.html;

import static j2html.TagCreator.body;
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
import static j2html.TagCreator.section;
import static j2html.TagCreator.span;
import static j2html.TagCreator.style;
import static j2html.TagCreator.text;
import static j2html.TagCreator.title;

import j2html.tags.DomContent;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import lehrgang.core.solution.SheetChoices;
import lehrgang.documents.handout.order.Manuscript;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.SheetHead;
import lehrgang.documents.look.Palette;

/// What is ordered as one self-contained HTML file: fonts, MathML, inline SVG, and a style sheet
/// for screen, phone and paper.
public final class HtmlHandout {
  private static final String STYLE =
      ":root {\n  color-scheme: light;\n  %s\n}\n%s"
          .formatted(Palette.customProperties(), resource("sheet.css"));

  private HtmlHandout() {}

  /// The same order gives the same page.
  public static String of(Order order) {
    return of(Manuscript.of(order), order.choices(), order.audience().key());
  }

  /// A manuscript.
  ///
  /// @param kind of sheet, as the style sheet tells them apart
  public static String of(Manuscript manuscript, SheetChoices choices, String kind) {
    SheetHead sheet = manuscript.head();
    return document(
        html(
                head(
                    meta().withCharset("utf-8"),
                    meta().withName("viewport").withContent("width=device-width, initial-scale=1"),
                    title(manuscript.title()),
                    style(rawHtml(WebFonts.faces() + STYLE))),
                body(main(
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
                        each(
                            manuscript.printed(),
                            printed ->
                                section(
                                        p(printed.title()).withClass("asked"),
                                        HtmlTables.of(printed.table(), each()))
                                    .withClass("printed")
                                    .attr("tabindex", "0"))))
                    .withClass(kind))
            .withLang(manuscript.language()));
  }

  private static DomContent chapter(Manuscript.Chapter chapter, SheetChoices choices) {
    String source = chapter.page().question().source();
    return each(
        header(h1(chapter.title()))
            .withCondClass(chapter.begins() == Manuscript.Begins.ON_A_NEW_PAGE, "on-a-new-page"),
        each(new HtmlParts(chapter, choices.room()).sections(), part -> part),
        iff(!source.isBlank(), p(source).withClass("source")));
  }

  private static String resource(String name) {
    String place = "/lehrgang/documents/handout/" + name;
    try (InputStream in =
        Objects.requireNonNull(HtmlHandout.class.getResourceAsStream(place), place)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
