package lehrgang.core.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import lehrgang.core.SomeSolutions;
import lehrgang.core.expr.LineId;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Solution;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.Shrinkable;
import net.jqwik.api.ShrinkingMode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/// A student with a pocket calculator can repeat each printed working and gets what is printed.
class WorkingsTest {

  @Provide
  Arbitrary<Solution> solutions() {
    return SomeSolutions.any();
  }

  @Property(tries = 150, seed = SomeSolutions.SEED, shrinking = ShrinkingMode.OFF)
  void whatIsPrintedComesOut(@ForAll("solutions") Solution solution) {
    PrintedWorkings printed = PrintedWorkings.of(page(solution));
    assertThat(printed.wrong()).as("%s %s", solution.procedure(), solution.choices()).isEmpty();
    assertThat(printed.checked()).isPositive();
  }

  /// As many solutions that no build saw before as are asked for.
  @Test
  @EnabledIfSystemProperty(named = "lehrgang.tries", matches = "\\d+")
  void whatIsPrintedComesOutOfOthersToo() {
    long seed = System.nanoTime();
    SomeSolutions.any().generator(1000).stream(new Random(seed))
        .limit(Long.getLong("lehrgang.tries"))
        .map(Shrinkable::value)
        .forEach(
            solution ->
                assertThat(PrintedWorkings.of(page(solution)).wrong())
                    .as("seed %d: %s %s", seed, solution.procedure(), solution.choices())
                    .isEmpty());
  }

  /// Each point of the iterations comes from the row before it.
  @Property(tries = 60, seed = SomeSolutions.SEED, shrinking = ShrinkingMode.OFF)
  void theIterationsComeOut(@ForAll("solutions") Solution solution) {
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
    BigDecimal half = level.divide(BigDecimal.TWO);
    BigDecimal reached = rows.getLast().get(2);
    boolean inBothTails = reached.subtract(half).abs().compareTo(reached.subtract(level).abs()) < 0;
    BigDecimal wanted = inBothTails ? half : level;
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

  private static Page page(Solution solution) {
    return Procedures.workAtOnce(solution) instanceof Procedure.Derived(var derivation)
        ? Page.of(solution, derivation, Audience.FULL)
        : null;
  }
}
