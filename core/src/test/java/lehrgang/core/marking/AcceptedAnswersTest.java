package lehrgang.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import lehrgang.core.ReferenceCases;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Reading;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.AcceptedAnswers.Range;
import lehrgang.core.number.Kind;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.MarkingRules;
import lehrgang.core.solution.Solution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class AcceptedAnswersTest {
  private static final int PLACES = 3;

  static Stream<Solution> solutions() {
    return ReferenceCases.oneOfEach().stream();
  }

  private static Derivation derivation(Solution solution) {
    return switch (Procedures.workAtOnce(solution)) {
      case Procedure.Derived(var derivation) -> derivation;
      case Procedure.Refused(var problems) -> throw new AssertionError(problems.toString());
    };
  }

  /// Whoever rounds nothing is right, and so is whoever rounds each line as the rules allow.
  @ParameterizedTest
  @MethodSource("solutions")
  void everyWayToRoundThatIsAllowedIsAccepted(Solution solution) {
    Derivation derivation = derivation(solution);
    AcceptedAnswers accepted = AcceptedAnswers.of(derivation, MarkingRules.usual());
    Evaluation rounded =
        derivation.evaluate(
            Reading.EXACT.roundedOnTheWay(AcceptedAnswers.fewest(MarkingRules.usual())));
    int ranges = 0;
    for (LineId line : derivation.lines().keySet()) {
      Range range = accepted.of(line, PLACES).orElse(null);
      if (range == null) {
        continue;
      }
      ranges++;
      for (Evaluation way : new Evaluation[] {derivation.exact(), rounded}) {
        way.find(line)
            .ifPresent(
                value ->
                    assertThat(value.rounded(PLACES))
                        .as(line.toString())
                        .isBetween(range.low(), range.high()));
      }
    }
    assertThat(ranges).isGreaterThan(5);
  }

  @Test
  void countsAndDegreesOfFreedomAreAcceptedAsTheyAreAlone() {
    for (Solution solution : solutions().toList()) {
      Derivation derivation = derivation(solution);
      AcceptedAnswers accepted = AcceptedAnswers.of(derivation, MarkingRules.usual());
      derivation.lines().values().stream()
          .filter(line -> line.kind() == Kind.DEGREES_OF_FREEDOM)
          .forEach(
              line ->
                  assertThat(accepted.of(line.id(), 0))
                      .hasValueSatisfying(range -> assertThat(range.isPoint()).isTrue()));
    }
  }

  @Test
  void aLineThatThereIsNotHasNoAnswer() {
    Derivation any = derivation(solutions().findFirst().orElseThrow());
    assertThat(AcceptedAnswers.of(any, MarkingRules.usual()).of(LineId.of("nothing"), 2)).isEmpty();
  }
}
