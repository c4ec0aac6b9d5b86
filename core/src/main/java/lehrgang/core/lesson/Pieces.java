package lehrgang.core.lesson;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.page.PageStep;

/// What stands on a page in pieces that fit on a board.
final class Pieces {
  private static final int OUTCOMES_AT_ONCE = 7;
  private static final int MOST_OUTCOMES = 14;

  private final GridParts parts;

  /// The tables that pieces are of.
  private final Map<PageBlock, List<Grid>> wholes = new IdentityHashMap<>();

  Pieces(GridParts parts) {
    this.parts = parts;
  }

  /// The blocks of a step in pieces that can be shown, without what only the instructor chooses.
  List<PageBlock> of(PageStep step) {
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
      case PageBlock.Iterations iterations -> iterations(iterations);
      case PageBlock.Outcomes outcomes -> outcomes(outcomes);
      case PageBlock.Paragraph _,
          PageBlock.Remark _,
          PageBlock.QuestionText _,
          PageBlock.Note _,
          PageBlock.Provenance _,
          PageBlock.Worked _,
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

  /// Nothing can be unfolded on the wall: rows come a few at a time.
  private static Stream<PageBlock> iterations(PageBlock.Iterations all) {
    List<PageBlock> parts = new ArrayList<>();
    for (int from = 0; from < all.rows().size(); from += PageBlock.Iterations.SHOWN) {
      int to = Math.min(from + PageBlock.Iterations.SHOWN, all.rows().size());
      parts.add(
          new PageBlock.Iterations(
              all.template(), all.caption(), all.head(), all.rows().subList(from, to), ""));
    }
    return parts.stream();
  }

  /// A long list is told in parts, those left out between two of them, and its figure by itself.
  private static Stream<PageBlock> outcomes(PageBlock.Outcomes all) {
    List<PageBlock> parts = new ArrayList<>();
    List<PageBlock.Outcome> part = new ArrayList<>();
    int last = -1;
    for (int place : all.briefly(MOST_OUTCOMES)) {
      if (!part.isEmpty() && (all.between(last, place) > 0 || part.size() == OUTCOMES_AT_ONCE)) {
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

  /// The tables that a piece is of; a piece that is none is whole itself.
  List<Grid> wholeOf(PageBlock.Grids piece) {
    return wholes.getOrDefault(piece, piece.grids());
  }
}
