package lehrgang.documents.handout;

import static j2html.TagCreator.body;
import static j2html.TagCreator.document;
import static j2html.TagCreator.each;
import static j2html.TagCreator.h1;
import static j2html.TagCreator.h2;
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
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageStep;
import lehrgang.documents.look.Palette;

/// A page as one self-contained HTML file: MathML, inline SVG, and a style sheet for screen, phone
/// and paper.
public final class HtmlHandout {
  private static final String STYLE =
      ":root {\n  color-scheme: light;\n  %s\n}\n%s"
          .formatted(Palette.customProperties(), resource("sheet.css"));

  private HtmlHandout() {}

  public static String of(Page page, Audience audience) {
    String source = page.question().source();
    String whom = page.wording().text("audience." + audience.key());
    HtmlBlocks blocks = new HtmlBlocks(page);
    return document(
        html(
                head(
                    meta().withCharset("utf-8"),
                    meta().withName("viewport").withContent("width=device-width, initial-scale=1"),
                    title(called(page)),
                    style(rawHtml(STYLE))),
                body(main(
                        header(
                            p(source.isEmpty() ? whom : whom + " · " + source)
                                .withClass("audience"),
                            h1(called(page)),
                            iff(
                                audience == Audience.STUDENT,
                                p(span(page.wording().text("task.name"))).withClass("name"))),
                        each(page.steps(), step -> step(step, blocks)),
                        iff(
                            audience == Audience.FULL,
                            p(page.verdictSentence()).withClass("verdict"))))
                    .withClass(audience.key()))
            .withLang(page.language()));
  }

  private static String called(Page page) {
    String title = page.question().title();
    return title.isBlank() ? page.wording().text("question.untitled") : title;
  }

  private static DomContent step(PageStep step, HtmlBlocks blocks) {
    return section(
            h2(span(Integer.toString(step.number())).withClass("number"), text(" " + step.title())),
            each(step.blocks(), blocks::of))
        .withId(step.id());
  }

  private static String resource(String name) {
    try (InputStream in =
        HtmlHandout.class.getResourceAsStream("/lehrgang/documents/handout/" + name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
