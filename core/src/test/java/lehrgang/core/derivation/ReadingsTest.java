package lehrgang.core.derivation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import lehrgang.core.ReferenceCases;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Decimals;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Phrase;
import org.junit.jupiter.api.Test;

/// One tree, many readings.
class ReadingsTest {
  private final Derivation derivation = ReferenceCases.derive(ReferenceCases.trailRegister());

  @Test
  void exactlyReadEverythingUpToTheStatisticIsAFraction() {
    Evaluation exact = derivation.evaluate(new Reading.Exact());
    assertThat(exact.of("E[2,3]")).hasToString("140/3");
    assertThat(exact.of("K[2,3]")).hasToString("289/105");
    assertThat(exact.of("X2")).isInstanceOf(Rational.class);
    assertThat(exact.of("X2").asDouble()).isCloseTo(14.1029437, within(1e-7));
    assertThat(exact.of("p").asDouble()).isCloseTo(0.00697364701, within(1e-11));
  }

  @Test
  void roundedOnTheWayEachLineUsesWhatWasWrittenDown() {
    Decimals two = Decimals.usual().with(Kind.CONTRIBUTION, 2);
    Evaluation rounded = derivation.evaluate(new Reading.RoundedOnTheWay(two));
    assertThat(rounded.of("E[2,3]").decimal()).isEqualByComparingTo("46.67");
    assertThat(rounded.of("K[2,3]").decimal()).isEqualByComparingTo("2.75");
    assertThat(rounded.of("X2").decimal()).isEqualByComparingTo("14.10");
    assertThat(rounded.of("n")).hasToString("480");
    assertThat(rounded.of("df")).hasToString("4");
  }

  @Test
  void withAStudentsNumberPutInTheLaterLinesFollowFromIt() {
    Evaluation followed =
        derivation.evaluate(
            new Reading.WithNumbersGiven(
                new Reading.Exact(), Map.of(LineId.of("df"), Value.of(8))));
    assertThat(followed.of("crit").asDouble()).isCloseTo(15.50731305586545, within(1e-10));
    assertThat(followed.of("p").asDouble()).isCloseTo(0.0791, within(5e-5));
    assertThat(followed.of("decision").signum()).isZero();
    assertThat(followed.of("X2")).isEqualTo(derivation.exact().of("X2"));
  }

  @Test
  void withOneRuleBentTheSlipsResultComesOut() {
    Reading notSquared =
        new Reading.WithRuleBent(
            new Reading.Exact(),
            line ->
                line.id().name().equals("K")
                    ? Expr.ref(new LineId("O", line.id().index()))
                        .minus(Expr.ref(new LineId("E", line.id().index())))
                        .over(Expr.ref(new LineId("E", line.id().index())))
                    : line.formula());
    Evaluation bent = derivation.evaluate(notSquared);
    assertThat(bent.of("K[1,1]")).hasToString("11/30");
    assertThat(bent.of("E[1,1]")).hasToString("30");
    assertThat(bent.of("X2")).isNotEqualTo(derivation.exact().of("X2"));
  }

  @Test
  void readingsCanBeLaidOverEachOther() {
    Reading rounded = new Reading.RoundedOnTheWay(Decimals.usual());
    Reading both =
        new Reading.WithNumbersGiven(rounded, Map.of(LineId.of("E", 2, 3), Value.of(47)));
    Evaluation values = derivation.evaluate(both);
    assertThat(values.of("E[2,3]")).hasToString("47");
    assertThat(values.of("K[2,3]").decimal()).isEqualByComparingTo("2.574");
    assertThat(values.of("E[2,2]").decimal()).isEqualByComparingTo("73.33");
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
  void everyLineBelongsToAStep() {
    derivation
        .lines()
        .keySet()
        .forEach(id -> assertThat(derivation.stepOf(id).lines()).contains(id));
  }

  @Test
  void aLineCannotUseWhatComesAfterIt() {
    Line early =
        new Line(
            LineId.of("early"),
            Symbol.of("e"),
            Phrase.of("family.n"),
            Expr.ref(LineId.of("late")),
            Kind.COUNT);
    assertThatThrownBy(() -> new Derivation.Lines().add(early))
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
