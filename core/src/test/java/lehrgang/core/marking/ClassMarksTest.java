package lehrgang.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lehrgang.core.ReferenceCases;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import org.junit.jupiter.api.Test;

/// A class seen together.
class ClassMarksTest {
  private static final LineId STATISTIC = LineId.of("X2");
  private static final LineId FREEDOM = LineId.of("df");

  /// @param answers of each student to statistic and degrees of freedom
  private static ClassMarks marks(String... answers) {
    Solution solution = ReferenceCases.solution(ReferenceCases.trailRegister());
    Derivation derivation = ReferenceCases.derive(solution);
    AnswerReader reader = new AnswerReader(Wording.english(), solution.numberStyle());
    List<LineId> lines = List.of(STATISTIC, FREEDOM);
    Marker marker = Marker.of(solution, derivation, lines);
    List<SheetMarks> sheets = new ArrayList<>();
    for (String both : answers) {
      String[] parts = both.split(" ", -1);
      Map<LineId, Answer> read = new LinkedHashMap<>();
      for (int k = 0; k < lines.size(); k++) {
        read.put(lines.get(k), reader.read(parts[k], derivation.line(lines.get(k)).kind()));
      }
      sheets.add(marker.mark("s" + sheets.size(), read));
    }
    return new ClassMarks(lines, sheets);
  }

  @Test
  void countsAndSlipsAreThoseOfTheClass() {
    ClassMarks marks = marks("14.10 4", "14.1 8", "3.755 8", "20 ?", " 9");
    assertThat(marks.meanCredit()).isEqualByComparingTo("0.6");
    assertThat(marks.of()).isEqualByComparingTo("2");
    assertThat(marks.counts().get(STATISTIC)).isEqualTo(new ClassMarks.Counts(2, 0, 1, 1, 1));
    assertThat(marks.counts().get(FREEDOM)).isEqualTo(new ClassMarks.Counts(1, 0, 3, 0, 1));
    assertThat(marks.slips().getFirst().slip()).isEqualTo("df-cells-less-one");
    assertThat(marks.slips().getFirst().students()).containsExactly("s1", "s2");
    assertThat(marks.slips())
        .extracting(ClassMarks.Made::slip)
        .contains("statistic-root", "df-cells");
    assertThat(marks.sheet("s9")).isEmpty();
  }

  @Test
  void answersThatLieTogetherAreOneCluster() {
    StepAnswers answers =
        StepAnswers.of(
            marks("14.10 4", "14.103 4", "5.20 4", "5.21 4", "5.2 4", "60 4", "x 4"), STATISTIC);
    assertThat(answers.silent()).isEqualTo(1);
    assertThat(answers.clusters()).hasSize(3);
    assertThat(answers.clusters().getFirst().students())
        .containsExactlyInAnyOrder("s2", "s3", "s4");
    assertThat(answers.clusters().getFirst().low()).isEqualTo(5.2);
    assertThat(answers.clusters().getFirst().high()).isEqualTo(5.21);
    assertThat(answers.clusters().get(1).verdict()).isEqualTo(Judgement.RIGHT);
    assertThat(answers.clusters().getLast().middle()).isEqualTo(60);
  }

  @Test
  void anEmptyClassHasNothingToShow() {
    ClassMarks none = new ClassMarks(List.of(STATISTIC), List.of());
    assertThat(none.meanCredit()).isZero();
    assertThat(none.slips()).isEmpty();
    assertThat(StepAnswers.of(none, STATISTIC).clusters()).isEmpty();
  }
}
