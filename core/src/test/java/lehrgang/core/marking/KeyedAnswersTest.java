package lehrgang.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.ReferenceCases;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Line;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.KeyedAnswers.Cause;
import lehrgang.core.marking.KeyedAnswers.Keyed;
import lehrgang.core.number.Kind;
import lehrgang.core.solution.MarkingRules;
import lehrgang.core.solution.MarkingRules.OwnSlip;
import lehrgang.core.solution.Solution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// What a program may accept that only compares numbers.
class KeyedAnswersTest {
  private static final Solution REGISTER = ReferenceCases.oneOfEach().getFirst();

  private static Derivation derive(Solution solution) {
    return ReferenceCases.derive(solution);
  }

  private static Keyed keyed(Solution solution, String line) {
    return new KeyedAnswers(solution, derive(solution))
        .of(LineId.parse(line).orElseThrow())
        .orElseThrow();
  }

  private static List<String> causes(Keyed keyed, double number) {
    return keyed.wrong().stream()
        .filter(cause -> cause.numbers().holds(number, 0))
        .map(Cause::slip)
        .toList();
  }

  @ParameterizedTest
  @MethodSource("lehrgang.core.ReferenceCases#oneOfEach")
  void whatIsPrintedIsAcceptedAndNoSlipIs(Solution solution) {
    Derivation derivation = derive(solution);
    KeyedAnswers keyed = new KeyedAnswers(solution, derivation);
    for (Line line : derivation.lines().values()) {
      Optional<Keyed> found = keyed.of(line.id());
      assertThat(found.isPresent()).isEqualTo(derivation.exact().find(line.id()).isPresent());
      if (found.isPresent() && line.kind().isNumber()) {
        double printed = Double.parseDouble(found.get().answer());
        assertThat(found.get().accepted().holds(printed, 1e-9)).as(line.id().toString()).isTrue();
        for (Cause cause : found.get().wrong()) {
          double wrong = (cause.numbers().low() + cause.numbers().high()) / 2;
          assertThat(found.get().accepted().holds(wrong, 0)).as(cause.toString()).isFalse();
          assertThat(cause.sentence()).isNotBlank().doesNotContain("{", "}");
        }
      }
    }
  }

  @Test
  void asManyDigitsAsAreAskedAreEnough() {
    Keyed expected = keyed(REGISTER, "E[2,3]");
    assertThat(expected.kind()).isEqualTo(Kind.EXPECTED);
    assertThat(expected.answer()).isEqualTo("46.67");
    for (double right : new double[] {46.7, 46.67, 46.66}) {
      assertThat(expected.accepted().holds(right, 0)).as("" + right).isTrue();
    }
    for (double wrong : new double[] {46.5, 46.8, 47}) {
      assertThat(expected.accepted().holds(wrong, 0)).as("" + wrong).isFalse();
    }
  }

  @Test
  void aWholeNumberIsItselfAlone() {
    Keyed freedom = keyed(REGISTER, "df");
    assertThat(freedom.answer()).isEqualTo("4");
    assertThat(freedom.accepted().isPoint()).isTrue();
    assertThat(causes(freedom, 8)).containsExactly("df-cells-less-one");
    assertThat(causes(freedom, 9)).containsExactly("df-cells");
    assertThat(causes(freedom, 5)).isEmpty();
  }

  @Test
  void theDecisionIsOneOfTwo() {
    Keyed decision = keyed(REGISTER, "decision");
    assertThat(decision.answer()).isEqualTo("reject");
    assertThat(decision.wrong()).isEmpty();
  }

  /// A tiny p-value keeps digits that rounding would take.
  @Test
  void aVerySmallNumberIsWrittenWithItsDigits() {
    Solution far =
        ReferenceCases.solution(
            ReferenceCases.table(List.of(List.of(90L, 10L), List.of(10L, 90L))));
    Keyed p = keyed(far, "p");
    assertThat(new BigDecimal(p.answer())).isPositive().isLessThan(new BigDecimal("1e-20"));
    assertThat(p.accepted().holds(0, 0)).isTrue();
  }

  @Test
  void theInstructorsPointsDigitsAndSlipsCount() {
    MarkingRules rules =
        MarkingRules.usual()
            .withPoints(List.of("X2"), Optional.of(new BigDecimal("2.5")))
            .withDigits(Kind.STATISTIC, Optional.of(1))
            .withOwnSlip(
                new OwnSlip(
                    "own-1", "X2", new BigDecimal("20"), new BigDecimal("21"), "Not squared."));
    Keyed statistic = keyed(REGISTER.withMarking(rules), "X2");
    assertThat(statistic.points()).isEqualByComparingTo("2.5");
    assertThat(statistic.accepted().holds(14.1, 0)).isTrue();
    assertThat(causes(statistic, 20.4)).contains("own-1");
    assertThat(rules.withPoints(List.of("X2"), Optional.empty()).points()).isEqualTo(Map.of());
  }
}
