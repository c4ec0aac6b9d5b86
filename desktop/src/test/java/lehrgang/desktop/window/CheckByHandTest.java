package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Kind;
import lehrgang.core.solution.MarkingRules;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import lehrgang.desktop.Turn;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.handout.order.Worth;
import lehrgang.documents.solutionfile.SolutionFile;
import org.junit.jupiter.api.Test;

/// What the instructor types and decides about the answers of a class.
class CheckByHandTest extends WithAClass {
  /// What no program can judge is worth something for everyone and gets each student's own points.
  @Test
  void aStepIsMarkedByHand() {
    drop(GROUP);
    choose("17-226");
    assertThat(driver.find("got-conclusion").isDisabled()).isTrue();
    type("worth-conclusion", "2");
    type("got-conclusion", "1,5");
    assertThat(marks("17-226").credit()).isEqualByComparingTo("23.5");
    assertThat(marks("17-226").of()).isEqualByComparingTo("25");
    choose("17-204");
    assertThat(((TextField) driver.find("got-conclusion")).getText()).isEmpty();
    assertThat(marks("17-204").credit()).isEqualByComparingTo("23");
    choose("17-226");
    assertThat(((TextField) driver.find("got-conclusion")).getText()).isEqualTo("1.5");
    choose("17-204");
    type("got-conclusion", "2");
    assertThat(marks("17-204").credit()).isEqualByComparingTo("25");
    type("got-conclusion", "many");
    assertThat(marks("17-204").credit()).isEqualByComparingTo("23");
    Turn.run(() -> driver.desk().solution().undo());
    assertThat(marks("17-204").credit()).isEqualByComparingTo("23");
    assertThat(marks("17-226").credit()).isEqualByComparingTo("23.5");
  }

  private void typeAnswer(String line, String text) {
    List<LineId> asked = Turn.call(() -> driver.desk().checking().asked());
    type("type-" + asked.indexOf(LineId.parse(line).orElseThrow()), text);
  }

  /// Without a file: a student's answers are typed, judged as they are, and the next one follows.
  @Test
  void answersOnPaperAreTyped() throws Exception {
    driver.press("check");
    driver.press("check-type");
    Turn.settle();
    assertThat(driver.find("type-student").isFocused()).isTrue();
    typeAnswer("df", "8");
    assertThat(Turn.call(() -> driver.desk().checking().now())).isEmpty();
    type("type-student", "Alder");
    typeAnswer("crit", "15,507");
    assertThat(marks("Alder").mark(LineId.of("df")).orElseThrow().slips())
        .containsExactly("df-cells-less-one");
    assertThat(marks("Alder").mark(LineId.of("crit")).orElseThrow().verdict().key())
        .isEqualTo("follow-through");
    assertThat(driver.isShown("1 student")).isTrue();
    type("type-student", "Alder A.");
    driver.press("type-next");
    type("type-student", "Birch");
    typeAnswer("df", "4");
    driver.press("type-done");
    assertThat(names()).containsExactlyInAnyOrder("Alder A.", "Birch");
    assertThat(chosen()).isIn("Student Alder A.", "Student Birch");
    // They are kept with the solution.
    String kept = SolutionFile.fresh(driver.solution()).text();
    assertThat(SolutionFile.parse(kept, "kept").solution().marking().typed())
        .containsOnlyKeys("Alder A.", "Birch");
    Turn.run(driver.desk().solution()::undo);
    assertThat(names()).containsExactly("Alder A.");
  }

  /// Points, digits, rounding, and part of the points for what is not quite right.
  @Test
  void theRulesOfMarkingAreSetInTheWindow() {
    drop(GROUP);
    driver.press("check-rules");
    type("points-df", "3");
    assertThat(marks("17-226").of()).isEqualByComparingTo("25");
    assertThat(marks("17-226").credit()).isEqualByComparingTo("22");
    Node part = driver.find("part-df-cells-less-one");
    Turn.run(() -> ((ButtonBase) part.lookupAll(".toggle-button").toArray()[2]).fire());
    assertThat(marks("17-226").credit()).isEqualByComparingTo("23.5");
    for (int k = 0; k < 3; k++) {
      driver.press("asked-statistic-more");
    }
    assertThat(Turn.call(() -> driver.solution().marking().digits()))
        .containsEntry(Kind.STATISTIC, 5);
    driver.press("rules-usual");
    assertThat(Turn.call(() -> driver.solution().marking().ofCourse()))
        .isEqualTo(MarkingRules.usual());
    assertThat(marks("17-226").credit()).isEqualByComparingTo("22");
    driver.press("rules-done");
    assertThat(chosen()).startsWith("Student");
  }

  /// The file of the class has no differences, the sheet asks for them: both can be given points.
  @Test
  void theRulesAreAlsoForWhatOnlyTheSheetAsks() {
    drop(GROUP);
    driver.press("check-rules");
    type("points-D", "0");
    assertThat(marks("17-226").of()).isEqualByComparingTo("23");
    Derivation derivation =
        Turn.call(() -> driver.desk().worked().now().result().orElseThrow().derivation());
    assertThat(Worth.of(new Solved(driver.solution(), derivation)).total())
        .isEqualByComparingTo("23");
  }

  private void views(Map<String, StudentView> changed) {
    driver.edit(now -> now.withStudentViews(changed));
  }

  /// A sheet that gives everything asks for nothing: it is said what to do, and what is asked again
  /// has its fields again.
  @Test
  void aSheetThatAsksForNothingSaysSoWhereAnswersAreTyped() {
    Solution asking = driver.solution();
    Map<String, StudentView> given =
        asking.students().keySet().stream()
            .collect(Collectors.toMap(step -> step, _ -> StudentView.GIVEN));
    views(given);
    driver.press("check");
    driver.press("check-type");
    String nothing = "The worksheet has no blanks: set a step to blank first.";
    assertThat(driver.isShown(nothing)).isTrue();
    driver.press("type-done");
    views(asking.students());
    driver.press("check-type");
    assertThat(driver.isShown(nothing)).isFalse();
    assertThat(driver.isShown("Degrees of freedom")).isTrue();
  }

  /// Beside a class from a file, who is typed anew counts as typed.
  @Test
  void whoIsTypedReplacesWhoWasRead() {
    drop(GROUP);
    Turn.run(
        () ->
            driver
                .desk()
                .checking()
                .type(Optional.empty(), "17-226", Map.of(LineId.of("df"), "4")));
    assertThat(names()).hasSize(62);
    assertThat(marks("17-226").credit()).isEqualByComparingTo("1");
    assertThat(driver.isShown("answers from group-17.csv")).isTrue();
  }

  /// A decision of the instructor's changes the credit at once, is undone like anything else, and
  /// is saved with the solution.
  @Test
  void anAnswerIsDecidedByHand() throws Exception {
    drop(GROUP);
    choose("17-226");
    assertThat(marks("17-226").credit()).isEqualByComparingTo("22");
    MenuButton ruling = (MenuButton) driver.find("ruling-df");
    Turn.run(() -> ruling.getItems().get(1).fire());
    assertThat(marks("17-226").credit()).isEqualByComparingTo("22.5");
    Path file = folder.resolve("marked.lehrgang");
    Turn.run(() -> driver.files().save(file));
    assertThat(SolutionFile.load(file).solution().marking().ruling("17-226", "df"))
        .hasValueSatisfying(
            decided -> assertThat(decided.points()).contains(new BigDecimal("0.5")));
    Turn.run(driver.desk().solution()::undo);
    assertThat(marks("17-226").credit()).isEqualByComparingTo("22");
    assertThat(driver.solution().marking().rulings()).isEmpty();
    driver.retype("check-remark", KeyCode.O, KeyCode.K);
    assertThat(driver.solution().marking().remarks()).containsEntry("17-226", "ok");
    choose("17-230");
    driver.retype("check-remark", KeyCode.N, KeyCode.O);
    assertThat(driver.solution().marking().remarks())
        .containsEntry("17-226", "ok")
        .containsEntry("17-230", "no");
  }
}
