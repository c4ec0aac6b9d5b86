package lehrgang.documents.handout.pdf;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.solution.SheetChoices;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.PrintedTables;
import lehrgang.documents.handout.order.SheetHead;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.look.Palette;
import lehrgang.documents.look.Typeface;
import lehrgang.documents.paper.Element;
import lehrgang.documents.paper.Element.Type;
import lehrgang.documents.paper.Flow;
import lehrgang.documents.paper.Flow.Keep;
import lehrgang.documents.paper.HeadLine;
import lehrgang.documents.paper.Paint;
import lehrgang.documents.paper.Paper;
import lehrgang.documents.paper.Pdf;
import lehrgang.documents.paper.Pictured;
import lehrgang.documents.paper.Print;
import lehrgang.documents.paper.Sentence;
import lehrgang.documents.paper.TableSetter;

/// What is ordered as PDF.
public final class PdfHandout {
  private static final double ABOVE_TITLE = 4;
  private static final double ABOVE_NEXT_TITLE = 26;
  private static final double ABOVE_TABLE = 14;
  private static final int LONGEST_TABLE = 40;
  private static final double FOOT = 34;

  private final Order order;
  private final Paper paper;
  private final Wording wording;
  private final List<Page> pages;
  private final Flow flow = new Flow();
  private final PrintedTables printed = new PrintedTables();

  private PdfHandout(Order order) {
    this.order = order;
    this.paper = order.choices().paper() == SheetChoices.PaperSize.A4 ? Paper.A4 : Paper.LETTER;
    this.pages = order.solutions().stream().map(solved -> solved.page(order.audience())).toList();
    this.wording = pages.getFirst().wording();
  }

  /// The same order gives the same bytes.
  public static byte[] of(Order order) {
    return Pdf.of(new PdfHandout(order).print());
  }

  private Print print() {
    Element document = Element.document();
    head(document);
    for (int i = 0; i < pages.size(); i++) {
      Page page = pages.get(i);
      Solved solved = order.solutions().get(i);
      Element part = document.part(Type.SECTION);
      title(SheetHead.title(page), i, part);
      flow.addAll(
          new PaperBlocks(page, solved.blanks(), order.choices(), paper.textWidth(), printed)
              .set(part));
      verdict(page, part);
    }
    printed.all().forEach(table -> printed(table, document));
    return new Print(
        SheetHead.title(pages.getFirst()), pages.getFirst().language(), paper, flow, this::folio);
  }

  /// Course, sheet and date at the left, a line for the name at the right.
  private void head(Element document) {
    SheetHead head = SheetHead.of(order, wording);
    if (!head.line().isEmpty() || !head.name().isEmpty()) {
      flow.add(
          HeadLine.of(
              head.line(),
              head.name(),
              PaperLook.SMALL,
              paper.textWidth(),
              document.part(Type.PARAGRAPH)),
          0,
          Keep.WITH_NEXT);
    }
  }

  private void title(String title, int place, Element part) {
    String numbered = pages.size() == 1 ? title : (place + 1) + "\u2002" + title;
    Sentence sentence =
        new Sentence(PaperLook.TITLE).add(numbered, Typeface.SERIF_BOLD, Palette.INK.light());
    flow.addLines(
        sentence.lines(paper.textWidth(), part.part(Type.TITLE)),
        place == 0 ? ABOVE_TITLE : ABOVE_NEXT_TITLE,
        Keep.WITH_NEXT);
  }

  private void verdict(Page page, Element part) {
    if (order.audience() == Audience.FULL && !page.verdictSentence().isEmpty()) {
      Sentence sentence =
          new Sentence(PaperLook.TEXT)
              .add(page.verdictSentence(), Typeface.SERIF_BOLD, Palette.INK.light());
      flow.addLines(
          sentence.lines(paper.textWidth(), part.part(Type.PARAGRAPH)), ABOVE_TABLE, Keep.FREE);
    }
  }

  private void printed(PageBlock.Excerpt table, Element document) {
    Sentence title =
        new Sentence(PaperLook.SMALL)
            .add(PrintedTables.title(table, wording), Typeface.SANS, Palette.SOFT.light());
    flow.addLines(
        title.lines(paper.textWidth(), document.part(Type.PARAGRAPH)), ABOVE_TABLE, Keep.WITH_NEXT);
    PaperTables tables =
        new PaperTables(new PaperLook(pages.getFirst(), order.solutions().getFirst().blanks()));
    new TableSetter(document, paper.textWidth())
        .set(tables.excerpt(table))
        .forEach(set -> flow.addTable(set.head(), set.rows(), set.foot(), 0, LONGEST_TABLE));
  }

  /// The source at the left, the page's number at the right.
  private List<Paint> folio(int page, int of) {
    double y = paper.height() - FOOT;
    List<Paint> paints = new ArrayList<>();
    String source =
        pages.stream()
            .map(each -> each.question().source())
            .filter(each -> !each.isBlank())
            .distinct()
            .collect(Collectors.joining(" · "));
    paints.addAll(
        Pictured.label(
            source, Typeface.SANS, PaperLook.SMALL, Palette.SOFT.light(), paper.left(), y, 0));
    paints.addAll(
        Pictured.label(
            wording.text(Phrase.of("sheet.page").with("page", page).with("of", of)),
            Typeface.SANS,
            PaperLook.SMALL,
            Palette.SOFT.light(),
            paper.left() + paper.textWidth(),
            y,
            1));
    return paints;
  }
}
