package lehrgang.documents.handout.pdf;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import lehrgang.core.page.Appearance;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.page.PageBlock.GridCell;
import lehrgang.core.page.PageBlock.Use;
import lehrgang.documents.look.Palette;
import lehrgang.documents.look.Typeface;
import lehrgang.documents.paper.Cell;
import lehrgang.documents.paper.Cell.Align;
import lehrgang.documents.paper.Element;
import lehrgang.documents.paper.Sentence;
import lehrgang.documents.paper.TableSetter.Table;

/// The tables of a page as tables on paper.
final class PaperTables {
  /// A longer list of outcomes shows where it matters.
  private static final int LONGEST_LIST = 24;

  private static final double BLANK_ENTRY = 58;
  private static final double SHADE = 0.3;

  private final PaperLook look;

  PaperTables(PaperLook look) {
    this.look = look;
  }

  private static Cell columnHead(String label) {
    return Cell.of(
        label,
        Typeface.SANS,
        PaperLook.SMALL,
        Palette.SOFT.light(),
        Align.RIGHT,
        Element.Type.COLUMN_HEAD);
  }

  private static Cell rowHead(String label) {
    return Cell.of(
        label,
        Typeface.SANS_SEMIBOLD,
        PaperLook.SMALL,
        Palette.INK.light(),
        Align.LEFT,
        Element.Type.ROW_HEAD);
  }

  private static Cell entry(String text, Typeface typeface, Palette colour) {
    return Cell.of(text, typeface, PaperLook.TEXT, colour.light(), Align.RIGHT, Element.Type.CELL);
  }

  Table grid(Grid grid, Sentence title) {
    boolean totals = !grid.rowTotals().isEmpty();
    List<Cell> head = new ArrayList<>();
    head.add(columnHead(""));
    grid.columns().forEach(label -> head.add(columnHead(label)));
    if (totals) {
      head.add(columnHead(grid.totalLabel()));
    }
    List<List<Cell>> body = new ArrayList<>();
    for (int i = 0; i < grid.rows().size(); i++) {
      List<Cell> row = new ArrayList<>();
      row.add(rowHead(grid.rows().get(i)));
      grid.cells().get(i).forEach(cell -> row.add(cell(cell, Palette.INK)));
      if (totals) {
        row.add(cell(grid.rowTotals().get(i), Palette.SOFT));
      }
      body.add(row);
    }
    List<List<Cell>> foot = new ArrayList<>();
    if (!grid.columnTotals().isEmpty()) {
      List<Cell> row = new ArrayList<>();
      row.add(rowHead(grid.totalLabel()));
      grid.columnTotals().forEach(cell -> row.add(cell(cell, Palette.SOFT)));
      grid.grandTotal().ifPresent(cell -> row.add(cell(cell, Palette.SOFT)));
      foot.add(row);
    }
    return new Table(Optional.of(title), List.of(head), body, foot, totals);
  }

  private Cell cell(GridCell cell, Palette colour) {
    return switch (cell.appearance()) {
      case BLANK ->
          entry("", Typeface.SERIF, colour)
              .asking(look.corner(cell.line()), look.room(cell.line()));
      case ANSWER -> entry(number(cell), Typeface.SERIF_BOLD, Palette.REJECTION);
      case SHOWN -> shaded(entry(number(cell), Typeface.SERIF, colour), cell.shade());
    };
  }

  private static String number(GridCell cell) {
    return cell.sign().isEmpty() ? cell.text() : cell.sign() + "\u2002" + cell.text();
  }

  private static Cell shaded(Cell cell, double shade) {
    if (shade == 0) {
      return cell;
    }
    Palette colour = shade > 0 ? Palette.MORE : Palette.FEWER;
    return cell.on(Palette.over(0xFFFFFF, colour.light(), Math.abs(shade) * SHADE));
  }

  Table excerpt(PageBlock.Excerpt excerpt) {
    List<Cell> head = new ArrayList<>();
    head.add(columnHead(excerpt.corner()));
    excerpt.areas().forEach(area -> head.add(columnHead(area)));
    List<List<Cell>> body = excerpt.rows().stream().map(row -> row(excerpt, row)).toList();
    return new Table(Optional.empty(), List.of(head), body, List.of(), false);
  }

  private static List<Cell> row(PageBlock.Excerpt excerpt, PageBlock.Row row) {
    boolean own = row.own() == Use.OWN;
    boolean plain = excerpt.isWhole();
    Typeface typeface = own ? Typeface.SERIF_BOLD : Typeface.SERIF;
    Palette colour = own || plain ? Palette.INK : Palette.FAINT;
    List<Cell> cells = new ArrayList<>();
    cells.add(
        Cell.of(
            row.head(),
            own ? Typeface.SANS_SEMIBOLD : Typeface.SANS,
            PaperLook.SMALL,
            colour.light(),
            Align.RIGHT,
            Element.Type.ROW_HEAD));
    for (int i = 0; i < row.entries().size(); i++) {
      Cell cell = entry(row.entries().get(i), typeface, colour).sized(PaperLook.INNER);
      int column = i;
      boolean picked = excerpt.picked().filter(at -> at == column).isPresent();
      boolean bracket = excerpt.brackets().contains(i);
      cells.add(
          own && picked
              ? cell.framed()
              : own && bracket ? cell.on(Palette.REJECTION_SOFT.light()).framed() : cell);
    }
    return cells;
  }

  Table outcomes(PageBlock.Outcomes outcomes) {
    boolean fractions =
        outcomes.blankRows() > 0
            || outcomes.outcomes().stream().anyMatch(each -> !each.fraction().isEmpty());
    Cell nothing = entry("", Typeface.SERIF, Palette.INK);
    List<List<Cell>> body = new ArrayList<>();
    int last = -1;
    for (int k : outcomes.briefly(LONGEST_LIST)) {
      if (k > last + 1) {
        body.add(List.of(rowHead("⋯"), nothing, nothing));
      }
      last = k;
      body.add(row(outcomes.outcomes().get(k)));
    }
    Cell blank = nothing.asking("", BLANK_ENTRY);
    body.addAll(Collections.nCopies(outcomes.blankRows(), List.of(blank, blank, blank)));
    List<Cell> head =
        List.of(
            columnHead(outcomes.head()),
            columnHead(outcomes.fraction()),
            columnHead(outcomes.decimal()));
    return new Table(
        Optional.empty(),
        List.of(fractions ? head : withoutFraction(head)),
        fractions ? body : body.stream().map(PaperTables::withoutFraction).toList(),
        List.of(),
        false);
  }

  private static List<Cell> withoutFraction(List<Cell> row) {
    return List.of(row.getFirst(), row.getLast());
  }

  private List<Cell> row(PageBlock.Outcome outcome) {
    boolean own = outcome.use() == Use.OWN;
    boolean summed = outcome.share() == PageBlock.Share.SUMMED;
    boolean blank = outcome.appearance() == Appearance.BLANK;
    boolean answer = outcome.appearance() == Appearance.ANSWER;
    Typeface typeface = own || answer ? Typeface.SERIF_BOLD : Typeface.SERIF;
    Palette colour = answer ? Palette.REJECTION : Palette.INK;
    Cell fraction = entry(outcome.fraction(), typeface, colour);
    Cell decimal = entry(outcome.decimal(), typeface, colour);
    Cell asked = decimal.asking(look.corner(outcome.line()), BLANK_ENTRY);
    List<Cell> cells = List.of(rowHead(outcome.name()), fraction, blank ? asked : decimal);
    return summed
        ? cells.stream().map(cell -> cell.on(Palette.REJECTION_SOFT.light())).toList()
        : cells;
  }

  Table list(List<String> head, List<List<String>> rows) {
    return new Table(
        Optional.empty(),
        List.of(head.stream().map(PaperTables::columnHead).toList()),
        rows.stream()
            .map(
                row ->
                    row.stream()
                        .map(
                            text -> entry(text, Typeface.SERIF, Palette.INK).sized(PaperLook.INNER))
                        .toList())
            .toList(),
        List.of(),
        false);
  }
}
