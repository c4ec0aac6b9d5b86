package lehrgang.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import lehrgang.core.ReferenceCases;
import lehrgang.core.data.Problem;
import lehrgang.core.data.TableEntry;
import lehrgang.core.derivation.Change;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageStep;
import lehrgang.core.page.Sentences;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// One question in each layer of a third variable.
class LayersTest {
  /// Six layers of counts by Bickel, Hammel and O'Connell (1975), often printed with their results.
  private static final List<List<List<Long>>> PRINTED =
      List.of(
          layer(512, 89, 313, 19),
          layer(353, 17, 207, 8),
          layer(120, 202, 205, 391),
          layer(138, 131, 279, 244),
          layer(53, 94, 138, 299),
          layer(22, 24, 351, 317));

  private static List<List<Long>> layer(long a, long b, long c, long d) {
    return List.of(List.of(a, b), List.of(c, d));
  }

  private static Solution solution(List<List<List<Long>>> counts) {
    return ReferenceCases.solution("layers", ReferenceCases.layers(counts));
  }

  private static Derivation derive(List<List<List<Long>>> counts) {
    return ReferenceCases.derive(solution(counts));
  }

  private static double value(Derivation derivation, String line) {
    return derivation.exact().of(line).asDouble();
  }

  private static String sentences(Solution solution, String step) {
    Page page = ReferenceCases.page(solution, Audience.FULL);
    return page.steps().stream()
        .filter(candidate -> candidate.id().equals(step))
        .map(PageStep::blocks)
        .flatMap(List::stream)
        .flatMap(Sentences::of)
        .reduce("", (one, other) -> one + "\n" + other);
  }

  @Test
  void sixPrintedLayersGiveTheStatisticTheCommonRatioAndItsIntervalAsPrinted() {
    Derivation derivation = derive(PRINTED);
    assertThat(value(derivation, "X2")).isCloseTo(1.5246066604434416, within(1e-13));
    assertThat(value(derivation, "X2.cc")).isCloseTo(1.4269462285866943, within(1e-13));
    assertThat(value(derivation, "p")).isCloseTo(0.21692369705551737, within(1e-13));
    assertThat(value(derivation, "p.cc")).isCloseTo(0.23226346281704718, within(1e-13));
    assertThat(value(derivation, "OR")).isCloseTo(0.904696828258623, within(1e-13));
    assertThat(value(derivation, "OR.SE")).isCloseTo(0.08098890965622091, within(1e-13));
    assertThat(value(derivation, "OR.low")).isCloseTo(0.7719073617593505, within(1e-12));
    assertThat(value(derivation, "OR.high")).isCloseTo(1.0603297644366556, within(1e-12));
    assertThat(derivation.secondRoute(line("X2"), derivation.exact()))
        .contains(derivation.exact().of("X2"));
  }

  private static LineId line(String text) {
    return LineId.parse(text).orElseThrow();
  }

  /// Each layer and the pooled table by themselves are ordinary fourfold tables.
  @Test
  void layersAndPooledTableAreTheOrdinaryTestOnEachTable() {
    Derivation layered = derive(PRINTED);
    for (int k = 1; k <= PRINTED.size(); k++) {
      Derivation alone = ReferenceCases.derive(ReferenceCases.table(PRINTED.get(k - 1)));
      assertThat(layered.exact().of("X2.layer[" + k + "]")).isEqualTo(alone.exact().of("X2"));
      assertThat(value(layered, "p.layer[" + k + "]")).isEqualTo(value(alone, "p"));
      assertThat(layered.exact().of("OR.layer[" + k + "]")).isEqualTo(alone.exact().of("OR"));
    }
    Solution pooled = Changes.apply(new Change.SwitchTo("independence"), solution(PRINTED));
    assertThat(pooled.table().cells())
        .containsExactly(List.of("1198", "557"), List.of("1493", "1278"));
    Derivation together = ReferenceCases.derive(pooled);
    assertThat(layered.exact().of("X2.all[+]")).isEqualTo(together.exact().of("X2"));
    assertThat(layered.exact().of("OR.all[+]")).isEqualTo(together.exact().of("OR"));
  }

  @Test
  void aReversalIsFlaggedWhereItIsMetAndInTheConclusion() {
    Solution reversed =
        solution(List.of(layer(59, 86, 4, 17), layer(52, 193, 1, 11), layer(99, 18, 40, 17)));
    assertThat(sentences(reversed, "layers"))
        .contains(
            "within every season, the proportion of observations with “before dark: dark 1” is"
                + " greater for “map: map 1” than for “map: map 2”; in the pooled table it is"
                + " smaller.");
    assertThat(sentences(reversed, "conclusion"))
        .contains(
            "with season held fixed, the proportion of observations with “before dark: dark 1”")
        .contains("The pooled table alone shows the opposite direction");
  }

  @Test
  void sameDirectionsAreNotCalledAReversalAndOppositeOnesAreSaid() {
    Solution same = solution(List.of(layer(30, 10, 10, 30), layer(25, 12, 14, 24)));
    assertThat(sentences(same, "layers"))
        .contains("The direction is the same in every season")
        .doesNotContain("turns round");
    Solution opposite = solution(List.of(layer(30, 10, 10, 30), layer(10, 30, 30, 10)));
    assertThat(sentences(opposite, "layers"))
        .contains("The direction is not the same in all strata:");
    assertThat(sentences(opposite, "conclusion"))
        .contains("The differences cancel")
        .doesNotContain("do not show");
    assertThat(sentences(opposite, "closer-look")).contains("they differ in direction");
    assertThat(value(ReferenceCases.derive(opposite), "X2")).isZero();
    assertThat(value(ReferenceCases.derive(opposite), "X2.cc")).isZero();
  }

  @Test
  void aRelationThatLiesInTheThirdVariableOnlyVanishes() {
    Solution confounded = solution(List.of(layer(40, 10, 20, 5), layer(6, 24, 14, 56)));
    assertThat(sentences(confounded, "conclusion"))
        .contains("The pooled table alone would have shown an association")
        .contains("with season held fixed these data do not");
  }

  @Test
  void aLayerWithNothingToCompareIsNamedAndLeftOut() {
    List<List<Long>> silent = layer(7, 0, 5, 0);
    Solution solution = solution(List.of(layer(30, 10, 10, 30), silent, layer(25, 12, 14, 24)));
    assertThat(sentences(solution, "layers")).contains("No comparison is possible in “season 2”");
    Derivation without = derive(List.of(layer(30, 10, 10, 30), layer(25, 12, 14, 24)));
    Derivation with = ReferenceCases.derive(solution);
    assertThat(with.exact().of("X2")).isEqualTo(without.exact().of("X2"));
    assertThat(with.exact().of("OR.low")).isEqualTo(without.exact().of("OR.low"));
    assertThat(with.exact().of("n")).isEqualTo(without.exact().of("n").plus(Value.of(12)));
  }

  @Test
  void anEmptyCellTakesTheRatioFromTheTableButNotTheCommonOne() {
    Solution solution = solution(List.of(layer(30, 0, 10, 30), layer(25, 12, 14, 24)));
    assertThat(value(ReferenceCases.derive(solution), "OR")).isPositive();
    Solution endless = solution(List.of(layer(30, 0, 10, 30), layer(25, 12, 0, 24)));
    assertThat(sentences(endless, "closer-look")).contains("The common odds ratio has no value");
  }

  @Test
  void largerLayersAddUpTheirStatisticsAndDegreesOfFreedom() {
    List<List<List<Long>>> counts =
        List.of(
            List.of(List.of(12L, 9L), List.of(7L, 14L), List.of(8L, 8L)),
            List.of(List.of(5L, 11L), List.of(6L, 9L), List.of(13L, 10L)));
    Derivation layered = derive(counts);
    Value sum =
        ReferenceCases.derive(ReferenceCases.table(counts.get(0)))
            .exact()
            .of("X2")
            .plus(ReferenceCases.derive(ReferenceCases.table(counts.get(1))).exact().of("X2"));
    assertThat(layered.exact().of("X2")).isEqualTo(sum);
    assertThat(value(layered, "df")).isEqualTo(4);
  }

  @Test
  void theSumMustBeAbleToMoveForTheCurveToBeFair() {
    Solution thin = solution(List.of(layer(2, 1, 1, 2), layer(1, 2, 2, 1)));
    assertThat(sentences(thin, "conditions"))
        .contains("in one direction, which is not more than 5.");
    assertThat(sentences(thin, "conclusion")).contains("this decision are unreliable");
    Derivation fair = derive(List.of(layer(30, 10, 10, 30), layer(25, 12, 14, 24)));
    assertThat(fair.exact().holds(fair.conditions().getFirst().line())).isTrue();
  }

  @Test
  void whatIsWrongIsSaidWithItsLayer() {
    TableEntry table = ReferenceCases.layers(PRINTED);
    assertThat(problem(table.withCell(3, 1, "seven")))
        .contains("dark 2, map 2 (season 2)")
        .contains("seven");
    assertThat(problem(table.withLayerLabel(1, "season 1")))
        .isEqualTo("Strata 1 and 2 are both called “season 1”: rename or merge them.");
    TableEntry two = ReferenceCases.layers(List.of(layer(3, 4, 5, 6), layer(1, 0, 0, 0)));
    assertThat(problem(two)).startsWith("Stratum “season 2” holds 1 observations");
    TableEntry silent = ReferenceCases.layers(List.of(layer(3, 4, 0, 0), layer(0, 4, 0, 5)));
    assertThat(problem(silent)).startsWith("In every stratum a row or a column is empty");
  }

  private static String problem(TableEntry table) {
    return switch (Procedures.work(ReferenceCases.solution("layers", table))) {
      case Procedure.Refused(var problems) ->
          Wording.english()
              .text(problems.stream().map(Problem::sentence).findFirst().orElseThrow());
      default -> "";
    };
  }

  /// Turning every layer round changes neither the statistic nor the common ratio.
  @Property(tries = 60)
  void rowsAndColumnsMayChangePlaces(
      @ForAll @Size(min = 8, max = 24) List<@IntRange(min = 1, max = 60) Integer> counts) {
    List<List<List<Long>>> layers =
        IntStream.range(0, counts.size() / 4)
            .mapToObj(
                k ->
                    layer(
                        counts.get(4 * k),
                        counts.get(4 * k + 1),
                        counts.get(4 * k + 2),
                        counts.get(4 * k + 3)))
            .toList();
    TableEntry table = ReferenceCases.layers(layers);
    Derivation straight = ReferenceCases.derive(ReferenceCases.solution("layers", table));
    Derivation turned = ReferenceCases.derive(ReferenceCases.solution("layers", table.turned()));
    for (String line : List.of("X2", "X2.cc", "OR", "sum.var", "reach")) {
      assertThat(turned.exact().of(line)).isEqualTo(straight.exact().of(line));
    }
    assertThat(turned.exact().of("decision")).isEqualTo(straight.exact().of("decision"));
    assertThat(straight.secondRoute(line("X2"), straight.exact()))
        .contains(straight.exact().of("X2"));
    assertThat(value(straight, "p.cc")).isGreaterThanOrEqualTo(value(straight, "p"));
  }

  @ParameterizedTest
  @ValueSource(ints = {0, 1, 2})
  void editsReachEveryLayer(int layer) {
    TableEntry table = ReferenceCases.layers(PRINTED.subList(0, 3)).withRowAdded("dark 3");
    assertThat(table.layer(layer).rows()).containsExactly("dark 1", "dark 2", "dark 3");
    assertThat(table.layer(layer).cells().get(2)).containsExactly("", "");
    assertThat(table.layer(layer).cells().get(0).get(0))
        .isEqualTo(PRINTED.get(layer).get(0).get(0).toString());
    TableEntry fewer = table.withoutRow(0).withoutColumn(0);
    assertThat(fewer.layer(layer).cells().get(0))
        .containsExactly(PRINTED.get(layer).get(1).get(1).toString());
    assertThat(table.withLayerAdded("season 4").withoutLayer(0).layers())
        .containsExactly("season 2", "season 3", "season 4");
  }
}
