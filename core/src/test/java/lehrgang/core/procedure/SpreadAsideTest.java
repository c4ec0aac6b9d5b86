package lehrgang.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import lehrgang.core.ReferenceCases;
import lehrgang.core.cases.CaseTable;
import lehrgang.core.cases.Classing;
import lehrgang.core.cases.DecimalSign;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.cases.RecipeStep;
import lehrgang.core.cases.Records;
import lehrgang.core.data.Checked;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Span;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

/// The number behind classes, group by group.
class SpreadAsideTest {
  private static Solution ages(List<Integer> lake, List<Integer> summit) {
    List<List<String>> rows = new ArrayList<>();
    lake.forEach(age -> rows.add(List.of("Lake loop", age.toString())));
    summit.forEach(age -> rows.add(List.of("Summit way", age.toString())));
    Recipe recipe =
        new Recipe(
            List.of(
                new RecipeStep.Cut(
                    "age",
                    new Classing(
                        List.of(BigDecimal.valueOf(40)), Classing.Closed.LEFT, Classing.Ends.OPEN),
                    "age class")),
            Recipe.Count.two("age class", "route"));
    Records.Kept records =
        new Records.Kept(
            "register", DecimalSign.POINT, CaseTable.of(List.of("route", "age"), rows));
    Origin origin = ((Checked.Good<Origin>) Origin.count(records, recipe)).data();
    return ReferenceCases.solution("independence", origin.tally().table()).withOrigin(origin);
  }

  private static Derivation derive(Solution solution) {
    return ReferenceCases.derive(solution);
  }

  private static String remarks(Solution solution) {
    Page page = Page.of(solution, derive(solution), Audience.FULL);
    return String.join(
        " ",
        page.steps().stream()
            .flatMap(step -> step.blocks().stream())
            .filter(PageBlock.Remark.class::isInstance)
            .map(block -> Span.plain(((PageBlock.Remark) block).spans()))
            .toList());
  }

  private static double skewness(List<Integer> numbers) {
    double n = numbers.size();
    double mean = numbers.stream().mapToInt(x -> x).sum() / n;
    double second = numbers.stream().mapToDouble(x -> Math.pow(x - mean, 2)).sum() / n;
    double third = numbers.stream().mapToDouble(x -> Math.pow(x - mean, 3)).sum() / n;
    return third / Math.pow(second, 1.5);
  }

  @Property(tries = 40)
  void meanDeviationAndSkewnessAreThoseOfTheRecords(
      @ForAll @Size(min = 4, max = 30) List<@IntRange(min = 14, max = 90) Integer> more) {
    List<Integer> lake = new ArrayList<>(more);
    lake.addAll(List.of(20, 70));
    Solution solution = ages(lake, List.of(18, 33, 52, 61));
    Derivation derivation = derive(solution);
    double n = lake.size();
    double mean = lake.stream().mapToInt(x -> x).sum() / n;
    double squares = lake.stream().mapToDouble(x -> Math.pow(x - mean, 2)).sum();
    assertThat(derivation.exact().of(LineId.of("x.mean", 1)).asDouble())
        .isCloseTo(mean, within(1e-12));
    assertThat(derivation.exact().of(LineId.of("x.sd", 1)).asDouble())
        .isCloseTo(Math.sqrt(squares / (n - 1)), within(1e-10));
    assertThat(derivation.exact().of(LineId.of("x.skewness", 1)).asDouble())
        .isCloseTo(skewness(lake), within(1e-8));
    assertThat(derivation.exact().of(LineId.of("x.limit", 1)).asDouble())
        .isCloseTo(2 * Math.sqrt(6 / n), within(1e-12));
  }

  @Test
  void aSkewedGroupIsNamedAndTheVariancesAreCompared() {
    List<Integer> skewed =
        IntStream.range(0, 40).map(i -> i < 36 ? 30 + i % 3 : 80 + i).boxed().toList();
    String said = remarks(ages(skewed, List.of(20, 30, 40, 50, 60, 70)));
    assertThat(said).contains("The skewness of “Lake loop” exceeds 2√(6/n)");
    assertThat(said).contains("The largest variance is");
    assertThat(remarks(ages(List.of(20, 30, 40, 50), List.of(20, 30, 40, 60))))
        .contains("No skewness exceeds");
  }

  @Test
  void groupsWithoutSpreadAreLeftOutAndTypedTablesHaveNoAside() {
    Solution solution = ages(List.of(50, 50, 50, 20), List.of(20, 70));
    assertThat(derive(solution).find(LineId.of("x.mean", 1))).isPresent();
    assertThat(derive(solution).find(LineId.of("x.mean", 2))).isEmpty();
    assertThat(derive(solution).exact().of(LineId.of("x.n", 1))).isEqualTo(Value.of(4));
    Solution typed = solution.withTable(solution.table());
    assertThat(derive(typed).find(LineId.of("x.mean", 1))).isEmpty();
  }
}
