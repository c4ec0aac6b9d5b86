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
    Wording wording = order.solutions().getFirst().page(order.audience()).wording();
    PrintedTables printed = new PrintedTables();
    List<DomContent> parts = new ArrayList<>();
    String language = "";
    String called = "";
    boolean several = order.solutions().size() > 1;
    for (int i = 0; i < order.solutions().size(); i++) {
      Solved solved = order.solutions().get(i);
      Page page = solved.page(order.audience());
      language = i == 0 ? page.language() : language;
      called = i == 0 ? SheetHead.title(page) : called;
      String number = several ? (i + 1) + "\u2002" : "";
      parts.add(part(solved, page, order, number, printed));
    }
    SheetHead sheet = SheetHead.of(order, wording);
    return document(
        html(
                head(
                    meta().withCharset("utf-8"),
                    meta().withName("viewport").withContent("width=device-width, initial-scale=1"),
                    title(called),
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
            .withLang(language));
  }

  private static DomContent part(
      Solved solved, Page page, Order order, String number, PrintedTables printed) {
    HtmlBlocks blocks = new HtmlBlocks(page, solved.blanks(), order.choices(), printed);
    String source = page.question().source();
    return each(
        header(h1(text(number + SheetHead.title(page)))),
        each(page.steps(), blocks::step),
        iff(
            order.audience() == Audience.KEY,
            section(each(AcceptedParts.of(solved, page, solved.blanks()), HtmlTables::accepted))
                .withClass("printed")),
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
