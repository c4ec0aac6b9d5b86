package lehrgang.documents.handout.pdf;

import java.util.ArrayList;
import java.util.List;
import lehrgang.core.solution.SheetChoices;
import lehrgang.documents.handout.order.Manuscript;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.SheetHead;
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

  private final SheetChoices choices;
  private final Manuscript manuscript;
  private final Paper paper;
  private final Flow flow = new Flow();

  private PdfHandout(Manuscript manuscript, SheetChoices choices) {
    this.choices = choices;
    this.manuscript = manuscript;
    this.paper = choices.paper() == SheetChoices.PaperSize.A4 ? Paper.A4 : Paper.LETTER;
  }

  /// The same order gives the same bytes.
  public static byte[] of(Order order) {
    return of(Manuscript.of(order), order.choices());
  }

  /// A manuscript on the paper of some choices.
  public static byte[] of(Manuscript manuscript, SheetChoices choices) {
    return Pdf.of(new PdfHandout(manuscript, choices).print());
  }

  private Print print() {
    Element document = Element.document();
    head(document);
    for (Manuscript.Chapter chapter : manuscript.chapters()) {
      Element part = document.part(Type.SECTION);
      boolean first = chapter == manuscript.chapters().getFirst();
      title(chapter.title(), first ? ABOVE_TITLE : above(chapter), part);
      flow.addAll(new PaperBlocks(chapter, choices.room(), paper.textWidth(), part).set(part));
    }
    manuscript.printed().forEach(printed -> printed(printed, document));
    return new Print(manuscript.title(), manuscript.language(), paper, flow, this::folio);
  }

  /// Room above a title; more than a page has left leaves it for the next.
  private double above(Manuscript.Chapter chapter) {
    return switch (chapter.begins()) {
      case BELOW_THE_LAST -> ABOVE_NEXT_TITLE;
      case ON_A_NEW_PAGE -> paper.height();
    };
  }

  /// Course, sheet and date at the left, a line for the name at the right.
  private void head(Element document) {
    SheetHead head = manuscript.head();
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

  private void title(String title, double above, Element part) {
    Sentence sentence =
        new Sentence(PaperLook.TITLE).add(title, Typeface.SERIF_BOLD, Palette.INK.light());
    flow.addLines(sentence.lines(paper.textWidth(), part.part(Type.TITLE)), above, Keep.WITH_NEXT);
  }

  private void printed(Manuscript.Printed printed, Element document) {
    Sentence title =
        new Sentence(PaperLook.SMALL).add(printed.title(), Typeface.SANS, Palette.SOFT.light());
    flow.addLines(
        title.lines(paper.textWidth(), document.part(Type.PARAGRAPH)), ABOVE_TABLE, Keep.WITH_NEXT);
    new TableSetter(document, paper.textWidth())
        .set(PaperTables.of(printed.table(), new Sentence(PaperLook.SMALL)))
        .forEach(set -> flow.addTable(set.head(), set.rows(), set.foot(), 0, LONGEST_TABLE));
  }

  /// The source at the left, the page's number at the right.
  private List<Paint> folio(int page, int of) {
    double y = paper.height() - FOOT;
    List<Paint> paints = new ArrayList<>();
    paints.addAll(
        Pictured.label(
            manuscript.sources(),
            Typeface.SANS,
            PaperLook.SMALL,
            Palette.SOFT.light(),
            paper.left(),
            y,
            0));
    paints.addAll(
        Pictured.label(
            manuscript.folio(page, of),
            Typeface.SANS,
            PaperLook.SMALL,
            Palette.SOFT.light(),
            paper.left() + paper.textWidth(),
            y,
            1));
    return paints;
  }
}
