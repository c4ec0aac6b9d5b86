package lehrgang.core.lesson;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lehrgang.core.expr.LineId;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.page.PageStep;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Span;

/// Writes a lesson from a page.
final class LessonWriter {
  private static final int MOST_TABLES = 2;

  private final Page page;

  /// The tables told so far, of all chapters, those that stand beside each other together; the
  /// latest last.
  private final List<List<Grid>> known = new ArrayList<>();

  private final GridParts parts;
  private final Pieces pieces;

  /// @param room how wide the board is
  LessonWriter(Page page, double room) {
    this.page = page;
    this.parts = new GridParts(room);
    this.pieces = new Pieces(parts);
  }

  List<Chapter> chapters() {
    List<Chapter> chapters = new ArrayList<>();
    for (PageStep step : page.steps()) {
      List<Item> items = new ChapterWriter(TellingOrder.of(pieces.of(step))).items();
      if (!items.isEmpty()) {
        chapters.add(new Chapter(step.id(), step.number(), step.title(), items));
      }
    }
    return chapters;
  }

  /// Writes the items of one chapter.
  private final class ChapterWriter {
    private final List<PageBlock> blocks;
    private final List<Item> items = new ArrayList<>();

    /// The tables of this chapter, with the places of their items.
    private final List<Integer> tables = new ArrayList<>();

    ChapterWriter(List<PageBlock> blocks) {
      this.blocks = blocks;
    }

    List<Item> items() {
      for (PageBlock block : blocks) {
        switch (block) {
          case PageBlock.Grids grids -> table(grids);
          case PageBlock.Worked worked -> work(worked);
          case PageBlock.Figure(var figure) ->
              items.add(
                  new Item(
                      block, BuiltUp.phases(figure), "", List.of(), List.of(), Optional.empty()));
          default -> items.add(Item.said(block));
        }
      }
      return items;
    }

    private void table(PageBlock.Grids grids) {
      tables.add(items.size());
      items.add(Item.said(grids));
      List<Grid> whole = pieces.wholeOf(grids);
      if (known.isEmpty() || known.getLast() != whole) {
        known.add(whole);
      }
    }

    private void work(PageBlock.Worked worked) {
      List<LineId> sources = page.sources(worked.line());
      List<Integer> there = sourcesOf(sources);
      Optional<Integer> own =
          tables.reversed().stream()
              .filter(place -> linesAt(place).contains(worked.line()))
              .findFirst();
      items.add(
          new Item(
              worked,
              phases(worked, !there.isEmpty(), own.isPresent()),
              question(worked.line()),
              sources,
              there,
              own));
    }

    /// Where numbers stand: in tables of this chapter, or else in tables told before, of which the
    /// part in question is shown again.
    private List<Integer> sourcesOf(List<LineId> sources) {
      Set<LineId> missing = new HashSet<>();
      known.forEach(
          grids ->
              grids.stream()
                  .flatMap(GridParts::lines)
                  .filter(sources::contains)
                  .forEach(missing::add));
      Set<LineId> wanted = Set.copyOf(missing);
      List<Integer> there = new ArrayList<>();
      for (int place : tables.reversed()) {
        if (there.size() < MOST_TABLES && missing.removeAll(linesAt(place))) {
          there.add(place);
        }
      }
      if (missing.isEmpty()) {
        return there;
      }
      if (!missing.equals(wanted)) {
        there.clear();
        missing.addAll(wanted);
      }
      while (there.size() < MOST_TABLES && !missing.isEmpty()) {
        List<Grid> again = elsewhere(missing);
        there.add(items.size());
        tables.add(items.size());
        items.add(Item.said(new PageBlock.Grids(again)));
        again.stream().flatMap(GridParts::lines).forEach(missing::remove);
      }
      return there;
    }

    private Set<LineId> linesAt(int place) {
      PageBlock.Grids grids = (PageBlock.Grids) items.get(place).block();
      Set<LineId> lines = new HashSet<>();
      grids.grids().forEach(grid -> GridParts.lines(grid).forEach(lines::add));
      return lines;
    }

    /// The parts in question of the tables in which most of some lines stand.
    private List<Grid> elsewhere(Set<LineId> lines) {
      List<Grid> best =
          known.reversed().stream()
              .map(grids -> holding(grids, lines))
              .max(Comparator.comparingLong(grids -> among(grids, lines)))
              .orElseThrow();
      List<Grid> around = best.stream().map(grid -> partOf(grid, lines)).toList();
      return parts.of(around).getFirst();
    }

    /// A part says that it is one: its totals are those of the whole.
    private Grid partOf(Grid grid, Set<LineId> lines) {
      Grid part = parts.around(grid, lines);
      if (part == grid) {
        return grid;
      }
      List<Span> title = new ArrayList<>(part.title());
      title.add(new Span.Words(" " + page.wording().text("show.part"), Span.Weight.PLAIN));
      return new Grid(
          part.template(),
          title,
          part.rows(),
          part.columns(),
          part.cells(),
          part.rowTotals(),
          part.columnTotals(),
          part.grandTotal(),
          part.totalLabel());
    }

    private static long among(List<Grid> grids, Set<LineId> lines) {
      return grids.stream().flatMap(GridParts::lines).filter(lines::contains).distinct().count();
    }

    private static List<Grid> holding(List<Grid> grids, Set<LineId> lines) {
      return grids.stream()
          .filter(grid -> GridParts.lines(grid).anyMatch(lines::contains))
          .toList();
    }

    private List<Phase> phases(PageBlock.Worked worked, boolean hasTable, boolean standsInTable) {
      List<Phase> phases = new ArrayList<>(List.of(Phase.ASKED));
      if (hasTable) {
        phases.add(Phase.SOURCES);
      }
      int links = worked.chain().links().size();
      for (int k = 0; k < links; k++) {
        phases.add(
            k == links - 1
                ? Phase.VALUE
                : k == 0 ? Phase.SYMBOLS : k == 1 ? Phase.PUT_IN : Phase.WORKED_OUT);
      }
      if (standsInTable && worked.family().size() > 1) {
        phases.add(Phase.OTHERS);
      }
      return phases;
    }
  }

  /// What is asked, in the words of its sort of number.
  private String question(LineId line) {
    String own = "show.ask." + line.name();
    String key = page.wording().has(own) ? own : "show.ask";
    return page.wording()
        .text(Phrase.of(key).with("what", page.name(line)).with("place", page.place(line)));
  }
}
