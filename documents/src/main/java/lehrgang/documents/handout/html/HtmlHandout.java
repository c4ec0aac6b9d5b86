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
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Blanks;
import lehrgang.core.page.Page;
import lehrgang.core.wording.Wording;
import lehrgang.documents.handout.order.AcceptedParts;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.PrintedTables;
import lehrgang.documents.handout.order.SheetHead;
import lehrgang.documents.handout.order.Solved;
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
    PrintedTables printed = new PrintedTables();
    List<DomContent> parts = new ArrayList<>();
    List<Page> pages =
        order.solutions().stream().map(solved -> solved.page(order.audience())).toList();
    for (int i = 0; i < pages.size(); i++) {
      String number = pages.size() == 1 ? "" : (i + 1) + "\u2002";
      parts.add(part(order.solutions().get(i), pages.get(i), order, number, printed));
    }
    Page first = pages.getFirst();
    Wording wording = first.wording();
    SheetHead sheet = SheetHead.of(order, wording);
    return document(
        html(
                head(
                    meta().withCharset("utf-8"),
                    meta().withName("viewport").withContent("width=device-width, initial-scale=1"),
                    title(SheetHead.title(first)),
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
                        each(parts, part -> part),
                        each(
                            printed.all(),
                            table ->
                                section(
                                        p(PrintedTables.title(table, wording)).withClass("asked"),
                                        HtmlTables.excerpt(table))
                                    .withClass("printed"))))
                    .withClass(order.audience().key()))
            .withLang(first.language()));
  }

  private static DomContent part(
      Solved solved, Page page, Order order, String number, PrintedTables printed) {
    Blanks blanks = solved.blanks(page);
    HtmlBlocks blocks = new HtmlBlocks(page, blanks, order.choices(), printed);
    String source = page.question().source();
    return each(
        header(h1(text(number + SheetHead.title(page)))),
        each(page.steps(), blocks::step),
        order.audience() == Audience.KEY
            ? section(each(AcceptedParts.of(solved, page, blanks), HtmlTables::accepted))
                .withClass("printed")
            : each(),
        iff(
            order.audience() == Audience.FULL && !page.verdictSentence().isEmpty(),
            p(page.verdictSentence()).withClass("verdict")),
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
