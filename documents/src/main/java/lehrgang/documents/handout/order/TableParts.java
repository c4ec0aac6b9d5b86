package lehrgang.documents.handout.order;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import lehrgang.core.page.Appearance;
import lehrgang.core.page.Blanks;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.page.PageBlock.GridCell;
import lehrgang.core.page.PageBlock.Use;
import lehrgang.documents.handout.order.Part.Entry;
import lehrgang.documents.handout.order.Part.Kind;
import lehrgang.documents.handout.order.Part.Look;
import lehrgang.documents.handout.order.Part.Table;

/// The tables of a page as parts of a sheet.
final class TableParts {
  /// A longer list of outcomes shows where it matters.
  private static final int LONGEST_LIST = 24;

  /// Room for an entry that is to be found with its place.
  private static final int OPEN_ENTRY = 7;

  private final Page page;
  private final Blanks blanks;

  TableParts(Page page, Blanks blanks) {
    this.page = page;
    this.blanks = blanks;
  }

  Table grid(Grid grid) {
    boolean totals = !grid.rowTotals().isEmpty();
    List<Entry> head = new ArrayList<>(List.of(Entry.head("")));
    grid.columns().forEach(label -> head.add(Entry.head(label)));
    if (totals) {
      head.add(Entry.head(grid.totalLabel()));
    }
    List<List<Entry>> body = new ArrayList<>();
    for (int i = 0; i < grid.rows().size(); i++) {
      List<Entry> row = new ArrayList<>(List.of(Entry.side(grid.rows().get(i))));
      grid.cells().get(i).forEach(cell -> row.add(entry(cell, Look.PLAIN)));
      if (totals) {
        row.add(entry(grid.rowTotals().get(i), Look.TOTAL));
      }
      body.add(row);
    }
    List<Entry> foot = new ArrayList<>();
    if (!grid.columnTotals().isEmpty()) {
      foot.add(Entry.side(grid.totalLabel()));
      grid.columnTotals().forEach(cell -> foot.add(entry(cell, Look.TOTAL)));
      grid.grandTotal().ifPresent(cell -> foot.add(entry(cell, Look.TOTAL)));
    }
    return new Table(Kind.COUNTS, grid.title(), head, body, foot, totals);
  }

  private Entry entry(GridCell cell, Look look) {
    String text = cell.sign().isEmpty() ? cell.text() : cell.sign() + "\u2002" + cell.text();
    return switch (cell.appearance()) {
      case BLANK ->
          Entry.blank(blanks.number(cell.line()).orElse(0), page.charactersOf(cell.line()));
      case ANSWER -> Entry.of(text, Look.ANSWER);
      case SHOWN -> Entry.of(text, look).shaded(cell.shade());
    };
  }

  static Table excerpt(PageBlock.Excerpt excerpt) {
    List<Entry> head = new ArrayList<>(List.of(Entry.head(excerpt.corner())));
    excerpt.areas().forEach(area -> head.add(Entry.head(area)));
    List<List<Entry>> body = excerpt.rows().stream().map(row -> row(excerpt, row)).toList();
    return new Table(Kind.PRINTED, List.of(), head, body, List.of(), false);
  }

  private static List<Entry> row(PageBlock.Excerpt excerpt, PageBlock.Row row) {
    boolean own = row.own() == Use.OWN;
    Look look = own ? Look.OWN : excerpt.isWhole() ? Look.PLAIN : Look.NEIGHBOUR;
    List<Entry> entries = new ArrayList<>(List.of(Entry.side(row.head())));
    for (int i = 0; i < row.entries().size(); i++) {
      int column = i;
      boolean picked = own && excerpt.picked().filter(at -> at == column).isPresent();
      boolean bracket = own && excerpt.brackets().contains(i);
      entries.add(
          Entry.of(row.entries().get(i), picked ? Look.PICKED : bracket ? Look.BRACKET : look));
    }
    return entries;
  }

  Table outcomes(PageBlock.Outcomes outcomes) {
    boolean fractions = outcomes.hasFractions();
    List<List<Entry>> body = new ArrayList<>();
    Entry nothing = Entry.of("", Look.PLAIN);
    int last = -1;
    for (int k : outcomes.briefly(LONGEST_LIST)) {
      if (outcomes.between(last, k) > 0) {
        body.add(List.of(Entry.side("⋯"), nothing, nothing));
      }
      last = k;
      body.add(row(outcomes.outcomes().get(k)));
    }
    Entry open = Entry.blank(0, OPEN_ENTRY);
    body.addAll(Collections.nCopies(outcomes.blankRows(), List.of(open, open, open)));
    List<Entry> head =
        List.of(
            Entry.head(outcomes.head()),
            Entry.head(outcomes.fraction()),
            Entry.head(outcomes.decimal()));
    return new Table(
        Kind.OUTCOMES,
        List.of(),
        fractions ? head : withoutFraction(head),
        fractions ? body : body.stream().map(TableParts::withoutFraction).toList(),
        List.of(),
        false);
  }

  private static List<Entry> withoutFraction(List<Entry> row) {
    return List.of(row.getFirst(), row.getLast());
  }

  private List<Entry> row(PageBlock.Outcome outcome) {
    boolean own = outcome.use() == Use.OWN;
    boolean summed = outcome.share() == PageBlock.Share.SUMMED;
    Look look =
        outcome.appearance() == Appearance.ANSWER
            ? Look.ANSWER
            : own ? summed ? Look.OBSERVED : Look.OWN : summed ? Look.SUMMED : Look.PLAIN;
    Entry decimal =
        outcome.appearance() == Appearance.BLANK
            ? Entry.blank(blanks.number(outcome.line()).orElse(0), OPEN_ENTRY)
            : Entry.of(outcome.decimal(), look);
    return List.of(Entry.side(outcome.name()), Entry.of(outcome.fraction(), look), decimal);
  }

  static Table list(List<String> head, List<List<String>> rows) {
    return new Table(
        Kind.TRIALS,
        List.of(),
        head.stream().map(Entry::head).toList(),
        rows.stream()
            .map(row -> row.stream().map(text -> Entry.of(text, Look.PLAIN)).toList())
            .toList(),
        List.of(),
        false);
  }
}
