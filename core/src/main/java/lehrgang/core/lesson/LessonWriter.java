package lehrgang.core.lesson;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.page.PageStep;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Span;

/// Writes a lesson from a page.
final class LessonWriter {
  private static final int MOST_TABLES = 2;
  private static final int OUTCOMES_AT_ONCE = 7;
  private static final int MOST_OUTCOMES = 14;

  private final Page page;

  /// The tables told so far, of all chapters, those that stand beside each other together; the
  /// latest last.
  private final List<List<Grid>> known = new ArrayList<>();

  /// The tables that pieces are of.
  private final Map<PageBlock, List<Grid>> wholes = new IdentityHashMap<>();

  private final GridParts parts;

  /// @param room how wide the board is
  LessonWriter(Page page, double room) {
    this.page = page;
    this.parts = new GridParts(room);
  }

  List<Chapter> chapters() {
    List<Chapter> chapters = new ArrayList<>();
    for (PageStep step : page.steps()) {
      List<Item> items = new ChapterWriter(inOrder(blocks(step))).items();
      if (!items.isEmpty()) {
        chapters.add(new Chapter(step.id(), step.number(), step.title(), items));
      }
    }
    return chapters;
  }

  /// The blocks of a step in pieces that can be shown, without what only the instructor chooses.
  private List<PageBlock> blocks(PageStep step) {
    return step.blocks().stream().flatMap(this::pieces).toList();
  }

  private Stream<PageBlock> pieces(PageBlock block) {
    return switch (block) {
      case PageBlock.Ways _, PageBlock.AnswerSpace _, PageBlock.Task _, PageBlock.SeeTable _ ->
          Stream.empty();
      case PageBlock.DataTable(var layers) -> layers.stream().flatMap(grid -> grids(List.of(grid)));
      case PageBlock.Grids(var grids) -> grids(grids);
      case PageBlock.TypedNumber(var template, var spans, _, _) ->
          Stream.of(new PageBlock.Paragraph(template, spans));
      case PageBlock.WrittenOut(_, var chains) ->
          chains.stream().map(chain -> new PageBlock.WrittenOut("", List.of(chain)));
      case PageBlock.Outcomes outcomes -> outcomes(outcomes);
      case PageBlock.Paragraph _,
          PageBlock.Remark _,
          PageBlock.QuestionText _,
          PageBlock.Note _,
          PageBlock.Provenance _,
          PageBlock.Worked _,
          PageBlock.Iterations _,
          PageBlock.Figure _,
          PageBlock.Excerpt _,
          PageBlock.Report _ ->
          Stream.of(block);
    };
  }

  private Stream<PageBlock> grids(List<Grid> grids) {
    List<PageBlock> pieces = new ArrayList<>();
    for (List<Grid> piece : parts.of(grids)) {
      PageBlock block = new PageBlock.Grids(piece);
      wholes.put(block, grids);
      pieces.add(block);
    }
    return pieces.stream();
  }

  /// A long list is told in parts, those left out between two of them, and its figure by itself.
  private static Stream<PageBlock> outcomes(PageBlock.Outcomes all) {
    List<PageBlock> parts = new ArrayList<>();
    List<PageBlock.Outcome> part = new ArrayList<>();
    int last = -1;
    for (int place : all.briefly(MOST_OUTCOMES)) {
      if (!part.isEmpty() && (place > last + 1 || part.size() == OUTCOMES_AT_ONCE)) {
        parts.add(part(all, part));
        part.clear();
      }
      part.add(all.outcomes().get(place));
      last = place;
    }
    parts.add(part(all, part));
    all.figure().map(PageBlock.Figure::new).ifPresent(parts::add);
    return parts.stream();
  }

  private static PageBlock part(PageBlock.Outcomes all, List<PageBlock.Outcome> outcomes) {
    return new PageBlock.Outcomes(
        all.head(), all.fraction(), all.decimal(), outcomes, 0, Optional.empty());
  }

  /// What speaks of a number stands after the working by which it comes about.
  private static List<PageBlock> inOrder(List<PageBlock> blocks) {
    Map<LineId, Integer> worked = new HashMap<>();
    for (int k = 0; k < blocks.size(); k++) {
      if (blocks.get(k) instanceof PageBlock.Worked(var line, _, _, _, _)) {
        worked.putIfAbsent(line, k);
      }
    }
    record Placed(PageBlock block, int after, int place) {}
    List<Placed> placed = new ArrayList<>();
    for (int k = 0; k < blocks.size(); k++) {
      int own = k;
      int after =
          spokenOf(blocks.get(k)).map(line -> worked.getOrDefault(line, -1)).reduce(own, Math::max);
      placed.add(new Placed(blocks.get(k), after, own));
    }
    return placed.stream()
        .sorted(
            Comparator.comparingInt(Placed::after)
                .thenComparing(one -> !(one.block() instanceof PageBlock.Worked))
                .thenComparingInt(Placed::place))
        .map(Placed::block)
        .toList();
  }

  /// The lines whose numbers a block tells in passing.
  private static Stream<LineId> spokenOf(PageBlock block) {
    return switch (block) {
      case PageBlock.Paragraph(_, var spans) -> spans.stream().flatMap(LessonWriter::lines);
      case PageBlock.Remark(_, _, var spans) -> spans.stream().flatMap(LessonWriter::lines);
      case PageBlock.Figure(var figure) -> marked(figure);
      default -> Stream.empty();
    };
  }

  private static Stream<LineId> lines(Span span) {
    return switch (span) {
      case Span.Words _ -> Stream.empty();
      case Span.Live(var line, _, _) -> Stream.of(line);
      case Span.Formula(var box) -> linked(box);
    };
  }

  private static Stream<LineId> linked(Box box) {
    return switch (box) {
      case Box.Linked(var line, _) -> Stream.of(line);
      case Box.Row(var parts) -> parts.stream().flatMap(LessonWriter::linked);
      default -> Stream.empty();
    };
  }

  private static Stream<LineId> marked(FigureSpec figure) {
    return switch (figure) {
      case FigureSpec.Curve(_, var critical, var statistic, _, _) ->
          Stream.of(critical, statistic).flatMap(Optional::stream).map(FigureSpec.Mark::line);
      case FigureSpec.NormalCurve(_, var critical, var statistic, _, _) ->
          Stream.of(critical, statistic).flatMap(Optional::stream).map(FigureSpec.Mark::line);
      default -> Stream.empty();
    };
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
      List<Grid> whole = wholes.getOrDefault(grids, grids.grids());
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
