package lehrgang.core.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import java.util.stream.Stream;
import lehrgang.core.ForSomeSolutions;
import lehrgang.core.ReferenceCases;
import lehrgang.core.expr.LineId;
import lehrgang.core.solution.Solution;

/// A student with a pocket calculator can repeat each printed working and gets what is printed.
class WorkingsTest {
  @ForSomeSolutions
  void whatIsPrintedComesOut(Solution solution) {
    PrintedWorkings printed = PrintedWorkings.of(page(solution));
    assertThat(printed.wrong()).as("%s %s", solution.procedure(), solution.choices()).isEmpty();
    assertThat(printed.checked()).isPositive();
  }

  /// Each point of the iterations comes from the row before it.
  @ForSomeSolutions
  void theIterationsComeOut(Solution solution) {
    Page page = page(solution);
    BigDecimal level = page.value(LineId.of("alpha")).orElseThrow().decimal();
    page.steps().stream()
        .flatMap(step -> step.blocks().stream())
        .filter(PageBlock.Iterations.class::isInstance)
        .map(PageBlock.Iterations.class::cast)
        .forEach(iterations -> checkIterations(iterations, level));
  }

  private static void checkIterations(PageBlock.Iterations iterations, BigDecimal level) {
    List<List<BigDecimal>> rows =
        iterations.rows().stream()
            .map(row -> row.stream().map(cell -> PocketCalculator.workOut(cell).orElseThrow()))
            .map(Stream::toList)
            .toList();
    String sought = iterations.head().get(2);
    if (sought.equals("F")) {
      rows.forEach(WorkingsTest::checkTerm);
      return;
    }
    BigDecimal half = level.divide(BigDecimal.TWO);
    BigDecimal reached = rows.getLast().get(2);
    boolean inBothTails = reached.subtract(half).abs().compareTo(reached.subtract(level).abs()) < 0;
    BigDecimal wanted = sought.equals("β") ? new BigDecimal("0.2") : inBothTails ? half : level;
    for (int k = 1; k < rows.size(); k++) {
      List<BigDecimal> before = rows.get(k - 1);
      BigDecimal step = before.get(2).subtract(wanted).divide(before.get(3), MathContext.DECIMAL64);
      assertThat(before.get(1).add(step))
          .as("row %d of %s", k, iterations.rows())
          .isCloseTo(
              rows.get(k).get(1),
              within(PrintedWorkings.lastPlace(iterations.rows().get(k).get(1))));
    }
  }

  /// The product of two numbers with six decimals.
  private static void checkTerm(List<BigDecimal> term) {
    assertThat(term.get(1).multiply(term.get(2)))
        .isCloseTo(term.get(3), within(new BigDecimal("0.0000016")));
  }

  private static Page page(Solution solution) {
    return ReferenceCases.page(solution, Audience.FULL);
  }
}
