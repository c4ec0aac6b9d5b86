package lehrgang.documents.handout.order;

import java.util.ArrayList;
import java.util.List;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.page.PageBlock.GridCell;

/// The counts that stand on a sheet already: they are not printed again beside what is made from
/// them.
public final class Repeats {
  private final List<List<List<GridCell>>> given = new ArrayList<>();

  private Repeats() {}

  /// What the data of a page show.
  public static Repeats in(Page page) {
    Repeats repeats = new Repeats();
    page.steps().stream()
        .flatMap(step -> step.blocks().stream())
        .filter(PageBlock.DataTable.class::isInstance)
        .flatMap(block -> ((PageBlock.DataTable) block).layers().stream())
        .forEach(grid -> repeats.given.add(grid.cells()));
    return repeats;
  }

  /// The tables that do not stand on the page already; all of them where none would be left.
  public List<Grid> without(List<Grid> grids) {
    List<Grid> left = grids.stream().filter(grid -> !given.contains(grid.cells())).toList();
    return left.isEmpty() ? grids : left;
  }
}
