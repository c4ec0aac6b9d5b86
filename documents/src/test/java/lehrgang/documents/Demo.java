package lehrgang.documents;

import java.util.List;
import java.util.stream.IntStream;
import lehrgang.core.Extent;
import lehrgang.core.ReferenceCases;
import lehrgang.core.data.TableEntry;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.solution.Solution;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;

/// The demo's solution, worked out.
public final class Demo {
  private Demo() {}

  /// The names of some demo solutions: of all of them where everything is tried.
  public static List<String> some() {
    return Extent.of("demos", 3, DemoCourse.names());
  }

  public static Solution solution() {
    return SolutionFile.demo().solution();
  }

  public static Page page(Audience audience) {
    return page(solution(), audience);
  }

  public static Page page(TableEntry table) {
    return page(solution().withTable(table), Audience.FULL);
  }

  public static Page page(Solution solution, Audience audience) {
    return Page.of(solution, derivation(solution), audience);
  }

  /// A solution, worked out, to be handed out as it says.
  public static Order order(Solution solution, Audience audience) {
    return Order.of(new Solved(solution, derivation(solution)), audience);
  }

  public static Derivation derivation(Solution solution) {
    return ReferenceCases.derive(solution);
  }

  /// A table of so many rows and columns, no two counts in a row alike.
  public static TableEntry square(int size) {
    List<String> labels = IntStream.rangeClosed(1, size).mapToObj(i -> "class " + i).toList();
    List<List<String>> counts =
        IntStream.range(0, size)
            .mapToObj(
                row ->
                    IntStream.range(0, size)
                        .mapToObj(column -> Integer.toString(20 + 3 * row + 7 * column % 11))
                        .toList())
            .toList();
    return new TableEntry("route", "season", labels, labels, counts);
  }
}
