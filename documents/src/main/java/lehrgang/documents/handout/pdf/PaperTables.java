package lehrgang.documents.handout.pdf;

import java.util.List;
import java.util.Optional;
import lehrgang.documents.handout.order.Part;
import lehrgang.documents.handout.order.Part.Entry;
import lehrgang.documents.look.Palette;
import lehrgang.documents.look.Typeface;
import lehrgang.documents.paper.Cell;
import lehrgang.documents.paper.Cell.Align;
import lehrgang.documents.paper.Element;
import lehrgang.documents.paper.Sentence;
import lehrgang.documents.paper.TableSetter.Table;

/// The tables of a sheet as tables on paper.
final class PaperTables {
  private static final double SHADE = 0.3;

  private PaperTables() {}

  static Table of(Part.Table table, Sentence title) {
    return new Table(
        Optional.of(title),
        List.of(cells(table.head())),
        table.body().stream().map(PaperTables::cells).toList(),
        table.foot().isEmpty() ? List.of() : List.of(cells(table.foot())),
        table.totals());
  }

  private static List<Cell> cells(List<Entry> entries) {
    return entries.stream().map(PaperTables::cell).toList();
  }

  private static Cell cell(Entry entry) {
    return switch (entry.place()) {
      case COLUMN_HEAD ->
          Cell.of(
              entry.text(),
              Typeface.SANS,
              PaperLook.SMALL,
              Palette.SOFT.light(),
              Align.RIGHT,
              Element.Type.COLUMN_HEAD);
      case ROW_HEAD ->
          Cell.of(
              entry.text(),
              Typeface.SANS_SEMIBOLD,
              PaperLook.SMALL,
              Palette.INK.light(),
              Align.LEFT,
              Element.Type.ROW_HEAD);
      case NUMBER -> number(entry);
      case WORDS ->
          Cell.of(
              entry.text(),
              Typeface.SANS,
              PaperLook.SMALL,
              Palette.INK.light(),
              Align.LEFT,
              Element.Type.CELL);
    };
  }

  private static Cell number(Entry entry) {
    return switch (entry.look()) {
      case PLAIN -> shaded(entry(entry, Typeface.SERIF, Palette.INK), entry.shade());
      case TOTAL -> entry(entry, Typeface.SERIF, Palette.SOFT);
      case ANSWER -> entry(entry, Typeface.SERIF_BOLD, Palette.REJECTION);
      case BLANK ->
          entry(entry, Typeface.SERIF, Palette.INK)
              .asking(
                  entry.number() == 0 ? "" : Integer.toString(entry.number()),
                  PaperLook.byHand(entry.characters()));
      case NEIGHBOUR -> entry(entry, Typeface.SERIF, Palette.FAINT);
      case OWN -> entry(entry, Typeface.SERIF_BOLD, Palette.INK);
      case PICKED -> entry(entry, Typeface.SERIF_BOLD, Palette.INK).framed();
      case BRACKET ->
          entry(entry, Typeface.SERIF_BOLD, Palette.INK)
              .on(Palette.REJECTION_SOFT.light())
              .framed();
      case SUMMED -> entry(entry, Typeface.SERIF, Palette.INK).on(Palette.REJECTION_SOFT.light());
      case OBSERVED ->
          entry(entry, Typeface.SERIF_BOLD, Palette.INK)
              .on(Palette.REJECTION_SOFT.light())
              .framed();
    };
  }

  private static Cell entry(Entry entry, Typeface typeface, Palette colour) {
    return Cell.of(
        entry.text(), typeface, PaperLook.TEXT, colour.light(), Align.RIGHT, Element.Type.CELL);
  }

  private static Cell shaded(Cell cell, double shade) {
    if (shade == 0) {
      return cell;
    }
    Palette colour = shade > 0 ? Palette.MORE : Palette.FEWER;
    return cell.on(Palette.over(0xFFFFFF, colour.light(), Math.abs(shade) * SHADE));
  }
}
