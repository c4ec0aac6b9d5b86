package lehrgang.core.derivation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import lehrgang.core.ReferenceCases;
import lehrgang.core.data.Problem;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.expr.Reason;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Decimals;
import lehrgang.core.number.Interval;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;
import org.junit.jupiter.api.Test;

/// One tree, many readings.
class ReadingsTest {
  private final Derivation derivation = ReferenceCases.derive(ReferenceCases.trailRegister());

  @Test
  void exactlyReadEverythingUpToTheStatisticIsAFraction() {
    Evaluation exact = derivation.evaluate(Reading.EXACT);
    assertThat(exact.of("E[2,3]")).hasToString("140/3");
    assertThat(exact.of("K[2,3]")).hasToString("289/105");
    assertThat(exact.of("X2")).isInstanceOf(Rational.class);
    assertThat(exact.of("X2").asDouble()).isCloseTo(14.1029437, within(1e-7));
    assertThat(exact.of("p").asDouble()).isCloseTo(0.00697364701, within(1e-11));
  }

  @Test
  void roundedOnTheWayEachLineUsesWhatWasWrittenDown() {
    Decimals two = Decimals.usual().with(Kind.CONTRIBUTION, 2);
    Evaluation rounded = derivation.evaluate(Reading.EXACT.roundedOnTheWay(two));
    assertThat(rounded.of("E[2,3]").decimal()).isEqualByComparingTo("46.67");
    assertThat(rounded.of("K[2,3]").decimal()).isEqualByComparingTo("2.75");
    assertThat(rounded.of("X2").decimal()).isEqualByComparingTo("14.10");
    assertThat(rounded.of("n")).hasToString("480");
    assertThat(rounded.of("df")).hasToString("4");
  }

  @Test
  void withAStudentsNumberPutInTheLaterLinesFollowFromIt() {
    Evaluation followed = derivation.evaluate(given("df", Value.of(8)));
    assertThat(followed.of("crit").asDouble()).isCloseTo(15.50731305586545, within(1e-10));
    assertThat(followed.of("p").asDouble()).isCloseTo(0.0791, within(5e-5));
    assertThat(followed.of("decision").signum()).isZero();
    assertThat(followed.of("X2")).isEqualTo(derivation.exact().of("X2"));
  }

  private static Reading given(String id, Value value) {
    return Reading.EXACT.withNumbersGiven(Map.of(LineId.parse(id).orElseThrow(), value));
  }

  /// A wrong difference carries on into its contribution and the statistic.
  @Test
  void aDifferencePutInCarriesOnIntoItsContribution() {
    Evaluation followed = derivation.evaluate(given("D[1,1]", Value.of(-11)));
    assertThat(followed.of("K[1,1]")).isEqualTo(derivation.exact().of("K[1,1]"));
    Evaluation other = derivation.evaluate(given("D[1,1]", Value.of(9)));
    assertThat(other.of("K[1,1]")).hasToString("27/10");
    assertThat(other.of("X2").minus(derivation.exact().of("X2")))
        .isEqualTo(Value.ratio(81 - 121, 30));
  }

  private static Expr unsquared(Line line) {
    Expr expected = Expr.ref(new LineId("E", line.id().index()));
    return Expr.ref(new LineId("O", line.id().index())).minus(expected).over(expected);
  }

  @Test
  void withOneRuleBentTheSlipsResultComesOut() {
    Reading notSquared =
        Reading.EXACT.withRuleBent(Reading.Bend.ofFamily("K", (line, _) -> unsquared(line)));
    Evaluation bent = derivation.evaluate(notSquared);
    assertThat(bent.of("K[1,1]")).hasToString("11/30");
    assertThat(bent.of("E[1,1]")).hasToString("30");
    Value sum =
        derivation.lines().keySet().stream()
            .filter(id -> id.name().equals("K"))
            .map(bent::of)
            .reduce(Value.ZERO, Value::plus);
    assertThat(bent.of("X2")).isEqualTo(sum);
  }

  /// Two bends of one line: the second gets what the first left, and neither is lost.
  @Test
  void bentRulesOfTheSameLineAreAppliedOneAfterTheOther() {
    Reading both =
        Reading.EXACT
            .withRuleBent(Reading.Bend.ofFamily("K", (line, _) -> unsquared(line)))
            .withRuleBent(Reading.Bend.ofFamily("K", (_, soFar) -> new Expr.Magnitude(soFar)))
            .withRuleBent(Reading.Bend.ofLine(LineId.of("df"), Expr.number(9)));
    Evaluation bent = derivation.evaluate(both);
    assertThat(bent.of("K[1,3]")).hasToString("11/35");
    assertThat(bent.of("df")).hasToString("9");
    assertThat(bent.of("crit").asDouble()).isCloseTo(16.918977604620448, within(1e-10));
  }

  @Test
  void readingsCanBeLaidOverEachOther() {
    Map<LineId, Value> number = Map.of(LineId.of("E", 2, 3), Value.of(47));
    Reading rounded = Reading.EXACT.roundedOnTheWay(Decimals.usual());
    Evaluation values = derivation.evaluate(rounded.withNumbersGiven(number));
    assertThat(values.of("E[2,3]")).hasToString("47");
    assertThat(values.of("K[2,3]").decimal()).isEqualByComparingTo("2.574");
    assertThat(values.of("E[2,2]").decimal()).isEqualByComparingTo("73.33");
    Reading otherWayRound =
        Reading.EXACT.withNumbersGiven(number).roundedOnTheWay(Decimals.usual());
    assertThat(derivation.evaluate(otherWayRound).results()).isEqualTo(values.results());
  }

  @Test
  void theNumberPutInLastStands() {
    Reading twice = given("df", Value.of(8)).withNumbersGiven(Map.of(LineId.of("df"), Value.of(2)));
    assertThat(derivation.evaluate(twice).of("df")).hasToString("2");
  }

  @Test
  void theRangeOfRoundingHoldsWhatACarefulAndAHastyStudentGet() {
    Decimals two = Decimals.usual().withAll(2);
    Evaluation within = derivation.evaluate(Reading.EXACT.withinRounding(two));
    assertThat(within.of("X2")).isEqualTo(derivation.exact().of("X2"));
    Interval expected = within.range(LineId.parse("E[2,3]").orElseThrow()).orElseThrow();
    assertThat(expected.holds(Value.exactly("46.67"))).isTrue();
    assertThat(expected.holds(Value.exactly("46.667"))).isTrue();
    assertThat(expected.holds(Value.exactly("46.666"))).as("cut off, not rounded").isFalse();
    Interval whole = within.range(LineId.parse("E[1,1]").orElseThrow()).orElseThrow();
    assertThat(whole.isPoint()).as("30 is 30 however it is rounded").isTrue();
    Interval statistic = within.range(LineId.of("X2")).orElseThrow();
    assertThat(statistic.holds(Value.exactly("14.10"))).isTrue();
    assertThat(statistic.holds(Value.exactly("14.2"))).isFalse();
    assertThat(within.range(LineId.of("decision"))).contains(Interval.of(Value.ONE));
  }

  @Test
  void aLineWithoutAValueSaysWhyAndTheOthersStand() {
    Evaluation spoilt = derivation.evaluate(given("E[1,1]", Value.ZERO));
    assertThat(spoilt.reason(LineId.parse("K[1,1]").orElseThrow()))
        .contains(
            new Reason.Impossible(Reason.Cause.DIVISION_BY_ZERO, Expr.ref(LineId.of("E", 1, 1))));
    assertThat(spoilt.reason(LineId.of("X2"))).contains(new Reason.Follows(LineId.of("K", 1, 1)));
    assertThat(spoilt.origin(LineId.of("p"))).isEqualTo(LineId.of("K", 1, 1));
    assertThat(spoilt.find(LineId.of("crit")))
        .isEqualTo(derivation.exact().find(LineId.of("crit")));
    Evaluation half = derivation.evaluate(given("df", Value.exactly("2.5")));
    assertThat(half.find(LineId.of("crit"))).isEmpty();
    assertThat(half.find(LineId.of("X2"))).isPresent();
  }

  @Test
  void numbersAndRulesForLinesThatThereAreNotAreProblemsAndChangeNothing() {
    Reading unknown =
        given("E[9,9]", Value.ONE)
            .withRuleBent(Reading.Bend.ofFamily("colour", (_, soFar) -> soFar));
    assertThat(unknown.problems(derivation.lines()).stream().map(this::sentence))
        .containsExactly(
            "There is no line “E[9,9]” in this solution: check its id.",
            "There is no line “colour” in this solution: check its id.");
    assertThat(derivation.evaluate(unknown).results()).isEqualTo(derivation.exact().results());
  }

  @Test
  void aBentRuleCannotUseWhatComesOnlyAfterIt() {
    Reading early =
        Reading.EXACT.withRuleBent(
            Reading.Bend.ofLine(LineId.of("df"), Expr.ref(LineId.of("crit"))));
    assertThat(early.problems(derivation.lines()).stream().map(this::sentence))
        .containsExactly("df cannot be worked out from crit, which comes only after it.");
    Evaluation values = derivation.evaluate(early);
    assertThat(values.reason(LineId.of("df")))
        .contains(new Reason.WithoutSource(LineId.of("crit")));
    assertThat(values.find(LineId.of("crit"))).isEmpty();
  }

  private String sentence(Problem problem) {
    return Wording.english().text(problem.sentence());
  }

  /// The exact test of the table that a student's count would make.
  @Test
  void anExactPIsThatOfTheTableWithTheNumberPutIn() {
    Derivation exact =
        ReferenceCases.derive(
            ReferenceCases.solution(
                "fisher", ReferenceCases.table(List.of(List.of(8L, 3L), List.of(4L, 6L)))));
    for (long corner : new long[] {1, 4, 12, 20}) {
      Value p =
          ReferenceCases.derive(
                  ReferenceCases.solution(
                      "fisher",
                      ReferenceCases.table(List.of(List.of(corner, 3L), List.of(4L, 6L)))))
              .exact()
              .of("p");
      assertThat(exact.evaluate(given("O[1,1]", Value.of(corner))).of("p")).isEqualTo(p);
    }
  }

  @Test
  void provenanceRunsBothWays() {
    LineId expected = LineId.of("E", 2, 3);
    assertThat(derivation.sources(expected))
        .containsExactly(LineId.of("R", 2), LineId.of("C", 3), LineId.of("n"));
    assertThat(derivation.uses(expected)).contains(LineId.of("K", 2, 3), LineId.of("E.min"));
    derivation
        .lines()
        .keySet()
        .forEach(
            id ->
                derivation
                    .sources(id)
                    .forEach(source -> assertThat(derivation.uses(source)).contains(id)));
  }

  @Test
  void everySecondRouteArrivesAtTheSameNumber() {
    for (Line line : derivation.lines().values()) {
      derivation
          .secondRoute(line.id(), derivation.exact())
          .ifPresent(
              other ->
                  assertThat(other.asDouble())
                      .as(line.id().toString())
                      .isCloseTo(derivation.exact().of(line.id()).asDouble(), within(1e-9)));
    }
    assertThat(derivation.secondRoute(LineId.of("X2"), derivation.exact()))
        .contains(derivation.exact().of("X2"));
    assertThat(derivation.secondRoute(LineId.of("E", 2, 3), derivation.exact()))
        .contains(Value.ratio(140, 3));
  }

  @Test
  void everyLineBelongsToAStepOfThePage() {
    List<String> steps =
        derivation.layout(derivation.exact()).steps().stream().map(Step::id).toList();
    derivation.lines().keySet().forEach(id -> assertThat(steps).contains(derivation.stepOf(id)));
  }

  @Test
  void aLineCannotUseWhatComesAfterIt() {
    Line early =
        new Line(
            LineId.of("early"),
            Symbol.of("e"),
            Phrase.of("name.n"),
            Expr.ref(LineId.of("late")),
            Kind.COUNT);
    assertThatThrownBy(() -> new Lines().begin("data").add(early))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("late");
  }

  @Test
  void idsReadBackAsTheyAreWritten() {
    derivation.lines().keySet().forEach(id -> assertThat(LineId.parse(id.toString())).contains(id));
    assertThat(LineId.parse("E[2,")).isEmpty();
    assertThat(LineId.parse("")).isEmpty();
  }
}
