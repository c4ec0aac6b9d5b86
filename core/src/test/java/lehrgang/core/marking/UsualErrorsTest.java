package lehrgang.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import lehrgang.core.ReferenceCases;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Blanks;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// What stands beside a number as usually written in its place: whoever writes it is told that very
/// slip, and nobody who is right finds their number there.
class UsualErrorsTest {
  private static final int LINES = 40;

  static List<Solution> oneOfEach() {
    return ReferenceCases.oneOfEach();
  }

  private static UsualErrors errors(Solution solution, Derivation derivation) {
    return new UsualErrors(
        derivation, solution.format(), AcceptedAnswers.of(derivation, solution.marking()));
  }

  @ParameterizedTest
  @MethodSource("oneOfEach")
  void whoeverWritesItIsToldTheSlip(Solution solution) {
    Derivation derivation = ReferenceCases.derive(solution);
    UsualErrors errors = errors(solution, derivation);
    AnswerReader reader = new AnswerReader(Wording.english(), solution.numberStyle());
    int seen = 0;
    List<LineId> asked = Blanks.of(ReferenceCases.page(solution, Audience.STUDENT)).lines();
    List<LineId> lines =
        asked.stream().filter(line -> !errors.of(line).isEmpty()).limit(LINES).toList();
    for (LineId line : lines) {
      for (Map.Entry<String, String> error : errors.of(line).entrySet()) {
        Answer answer = reader.read(error.getValue(), derivation.line(line).kind());
        Mark mark =
            Marker.of(solution, derivation, List.of(line))
                .mark("17-226", Map.of(line, answer))
                .marks()
                .getFirst();
        assertThat(mark.slips())
            .as("%s: %s of %s in %s", error.getKey(), error.getValue(), line, solution.procedure())
            .contains(error.getKey());
        seen++;
      }
    }
    assertThat(seen).as("errors of %s", solution.procedure()).isPositive();
  }

  @Test
  void degreesOfFreedomThatCountCellsStandThere() {
    Solution solution = ReferenceCases.solution(ReferenceCases.trailRegister());
    Map<String, String> errors =
        errors(solution, ReferenceCases.derive(solution)).of(LineId.parse("df").orElseThrow());
    assertThat(errors).containsValues("8", "9").doesNotContainValue("4");
  }
}
