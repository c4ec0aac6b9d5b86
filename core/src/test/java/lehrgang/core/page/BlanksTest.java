package lehrgang.core.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lehrgang.core.ReferenceCases;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.PlainText;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class BlanksTest {
  static Stream<Solution> solutions() {
    return ReferenceCases.oneOfEach().stream();
  }

  private static Solution asking(Solution solution, StudentView view) {
    Solution asked = solution;
    for (Page.Heading step : ReferenceCases.page(solution, Audience.FULL).headings()) {
      boolean given = step.step().equals("question") || step.step().equals("data");
      asked = given ? asked : asked.withStudentView(step.step(), view);
    }
    return asked;
  }

  private static Blanks blanks(Solution solution) {
    return Blanks.of(ReferenceCases.page(solution, Audience.STUDENT));
  }

  @ParameterizedTest
  @MethodSource("solutions")
  void blanksAreNumberedFromOneWithoutAGap(Solution solution) {
    Blanks blanks = blanks(asking(solution, StudentView.BLANK));
    assertThat(blanks.count()).isPositive();
    assertThat(blanks.lines().stream().map(line -> blanks.number(line).orElseThrow()))
        .containsExactlyElementsOf(IntStream.rangeClosed(1, blanks.count()).boxed().toList());
  }

  @ParameterizedTest
  @MethodSource("solutions")
  void everyBlankBelongsToOneStep(Solution solution) {
    Solution asked = asking(solution, StudentView.BLANK);
    Page sheet = ReferenceCases.page(asked, Audience.STUDENT);
    Blanks blanks = Blanks.of(sheet);
    List<LineId> inSteps = new ArrayList<>();
    sheet.steps().forEach(step -> inSteps.addAll(blanks.in(step.id())));
    assertThat(inSteps).containsExactlyElementsOf(blanks.lines()).doesNotHaveDuplicates();
    assertThat(blanks.in("no such step")).isEmpty();
  }

  @ParameterizedTest
  @MethodSource("solutions")
  void whatIsAskedIsHiddenOnTheSheetAndAnsweredInTheKey(Solution solution) {
    Solution asked = asking(solution, StudentView.BLANK);
    Page sheet = ReferenceCases.page(asked, Audience.STUDENT);
    Page key = ReferenceCases.page(asked, Audience.KEY);
    for (LineId line : Blanks.of(sheet).lines()) {
      assertThat(sheet.shown(line).text()).isEmpty();
      assertThat(key.appearance(line)).isEqualTo(Appearance.ANSWER);
      assertThat(sheet.charactersOf(line)).isPositive();
    }
  }

  /// The room for an answer tells nothing of it: it is the same for all numbers of a sort.
  @ParameterizedTest
  @MethodSource("solutions")
  void theRoomForAnAnswerIsThatOfItsSort(Solution solution) {
    Page page = ReferenceCases.page(asking(solution, StudentView.BLANK), Audience.STUDENT);
    for (LineId line : page.lines()) {
      page.lines().stream()
          .filter(other -> other.name().equals(line.name()))
          .forEach(
              other -> assertThat(page.charactersOf(other)).isEqualTo(page.charactersOf(line)));
    }
  }

  @ParameterizedTest
  @EnumSource(
      value = Audience.class,
      names = {"FULL", "KEY"})
  void onlyASheetHasBlanks(Audience audience) {
    solutions()
        .forEach(
            solution ->
                assertThat(Blanks.of(ReferenceCases.page(solution, audience)).count()).isZero());
  }

  @ParameterizedTest
  @MethodSource("solutions")
  void whatIsGivenIsNotAsked(Solution solution) {
    assertThat(blanks(asking(solution, StudentView.GIVEN)).count()).isZero();
  }

  @ParameterizedTest
  @MethodSource("solutions")
  void aHintPutsNoNumberIn(Solution solution) {
    Page sheet = ReferenceCases.page(asking(solution, StudentView.BLANK), Audience.STUDENT);
    Page full = ReferenceCases.page(solution, Audience.FULL);
    for (LineId line : Blanks.of(sheet).lines()) {
      String hint = PlainText.of(sheet.inSymbols(line).box());
      String answer = full.shown(line).text();
      assertThat(answer.matches("[0-9]+\\.[0-9]{2,}") && hint.contains(answer)).as(hint).isFalse();
    }
  }
}
