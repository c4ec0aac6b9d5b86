package lehrgang.documents.handout.order;

import java.util.List;
import lehrgang.core.page.Appearance;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageStep;

/// How much room students need to work in.
public final class WorkingSpaces {
  private static final int FOR_A_FORMULA = 2;
  private static final int TERMS_TO_A_SQUARE = 3;
  private static final int FOR_A_TABLE = 3;

  private WorkingSpaces() {}

  /// The room that a step needs, in squares of five millimetres from top to bottom: in proportion
  /// to its formulas; 0 where nothing is to be worked out.
  public static int squares(Page page, PageStep step) {
    return step.blocks().stream().mapToInt(block -> squares(page, block)).sum();
  }

  private static int squares(Page page, PageBlock block) {
    return switch (block) {
      case PageBlock.Worked worked when worked.appearance() == Appearance.BLANK ->
          FOR_A_FORMULA + page.sources(worked.line()).size() / TERMS_TO_A_SQUARE;
      case PageBlock.Grids(var grids) ->
          grids.stream()
                  .flatMap(grid -> grid.cells().stream().flatMap(List::stream))
                  .anyMatch(cell -> cell.appearance() == Appearance.BLANK)
              ? FOR_A_TABLE
              : 0;
      case PageBlock.AnswerSpace(var lines) -> lines + 1;
      default -> 0;
    };
  }
}
