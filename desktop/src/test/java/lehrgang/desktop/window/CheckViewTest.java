package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import javafx.scene.AccessibleAttribute;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuButton;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.SheetMarks;
import lehrgang.desktop.Turn;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;
import org.junit.jupiter.api.Test;

/// The answers of a class in the window.
class CheckViewTest extends WithAClass {
  @Test
  void droppedAnswersShowWhoLostWhichStepByWhichSlip() {
    drop(GROUP);
    assertThat(driver.isShown("62 students")).isTrue();
    assertThat(driver.isShown("answers from group-17.csv")).isTrue();
    assertThat(driver.isShown("20.2 of 23")).isTrue();
    assertThat(names()).hasSize(62);
    choose("17-226");
    assertThat(chosen()).isEqualTo("Student 17-226");
    assertThat(driver.isShown("One error, carried through: 22 of 23.")).isTrue();
    assertThat(driver.isShown("You subtracted 1 from the number of cells.")).isTrue();
    assertThat(driver.isShown("crit, p, H₀: consistent with the student’s own numbers")).isTrue();
    assertThat(driver.isShown("Expected count: all 9 right")).isTrue();
    driver.pressLabelled("Expected count: all 9 right");
    assertThat(driver.isShown("Gorge path, Autumn")).isTrue();
  }

  @Test
  void aSlipShowsWhoMadeItAndAgainEveryone() {
    drop(GROUP);
    driver.press("slip-df-cells-less-one");
    assertThat(names()).hasSize(6).contains("17-226");
    driver.press("slip-decision-turned-round");
    assertThat(names()).hasSize(3);
    driver.press("slip-decision-turned-round");
    assertThat(names()).hasSize(62);
  }

  /// What was decided by hand does not take the way back to everyone with it.
  @Test
  void theFilterIsThatOfTheChipThatIsPressed() {
    drop(GROUP);
    driver.press("slip-df-cells-less-one");
    choose("17-230");
    MenuButton ruling = (MenuButton) driver.find("ruling-df");
    Turn.run(() -> ruling.getItems().getFirst().fire());
    assertThat(names()).hasSize(5).doesNotContain("17-230");
    ToggleButton chip = (ToggleButton) driver.find("slip-df-cells-less-one");
    assertThat(chip.isSelected()).isTrue();
    driver.press("slip-df-cells-less-one");
    assertThat(names()).hasSize(62);
  }

  /// Answers are to one solution: the next one that is opened begins without any.
  @Test
  void anotherSolutionHasNoAnswersYet() {
    drop(GROUP);
    Turn.run(() -> driver.desk().solution().begin(DemoCourse.open("deer-gate")));
    driver.press("check");
    assertThat(driver.isShown("No answers yet")).isTrue();
    assertThat(Turn.call(() -> driver.desk().checking().now())).isEmpty();
    driver.press("check-type");
    type("type-student", "Alder");
    Turn.run(() -> driver.desk().solution().begin(DemoCourse.open("nest-boxes")));
    assertThat(Turn.call(() -> driver.desk().checking().now())).isEmpty();
  }

  /// The demo brings a class along: Check shows it at once.
  @Test
  void theDemoHasItsClassAtHand() {
    MainWindow demo =
        Turn.call(
            () ->
                MainWindow.show(
                    new Stage(),
                    SolutionFile.demo(),
                    Optional.empty(),
                    folder.resolve("demo"),
                    MainWindow.First.DEMO));
    Turn.settle();
    assertThat(Turn.call(() -> demo.faces().isAtStart())).isFalse();
    Turn.run(() -> ((ButtonBase) demo.scene().getRoot().lookup("#check")).fire());
    Turn.settle();
    assertThat(Turn.call(() -> demo.desk().checking().now().orElseThrow().marks().sheets()))
        .hasSize(62);
    Turn.run(() -> demo.scene().getWindow().hide());
  }

  @Test
  void theClassIsSortedByCreditAndByName() {
    drop(GROUP);
    driver.press("check-sort-credit");
    List<String> byCredit = names();
    assertThat(marks(byCredit.getFirst()).credit()).isLessThan(marks(byCredit.getLast()).credit());
    driver.press("check-sort-student");
    assertThat(names()).isSorted();
  }

  @Test
  void keysGoFromStudentToStudentAndBackToThePage() {
    drop(GROUP);
    String first = chosen();
    driver.shortcut(KeyCode.ALT, KeyCode.DOWN);
    String second = chosen();
    assertThat(second).isNotEqualTo(first);
    driver.shortcut(KeyCode.ALT, KeyCode.UP);
    assertThat(chosen()).isEqualTo(first);
    driver.type(KeyCode.ESCAPE);
    assertThat(driver.isShown("62 students")).isFalse();
    driver.press("check");
    assertThat(driver.isShown("62 students")).isTrue();
  }

  /// What a screen reader says of a student: what was lost, and how.
  @Test
  void aRowIsReadOut() {
    drop(GROUP);
    driver.press("slip-df-cells-less-one");
    ListView<SheetMarks> list = students();
    List<String> said =
        Turn.call(
            () ->
                list.lookupAll(".marks-row").stream()
                    .map(row -> (String) row.queryAccessibleAttribute(AccessibleAttribute.TEXT))
                    .toList());
    assertThat(said)
        .contains(
            "17-226, credit 22 / 23. Degrees of freedom, wrote 8, known error, number of cells"
                + " minus 1");
  }

  /// Answers that lie together are seen, and named as a slip of this class; students who wrote them
  /// are told so, and it can be undone.
  @Test
  void aClusterIsNamedAsASlipOfOnesOwn() {
    drop(GROUP);
    driver.press("step-K[1,1]");
    assertThat(((Label) driver.find("check-step-title")).getText())
        .isEqualTo("Contribution · Lake loop, Spring");
    assertThat(driver.isShown("1.037 to 1.04")).isTrue();
    driver.pressLabelled("Name this error");
    driver.fill("name-slip", "You doubled the root.");
    driver.type(KeyCode.ENTER);
    assertThat(driver.solution().marking().own())
        .singleElement()
        .satisfies(slip -> assertThat(slip.sentence()).isEqualTo("You doubled the root."));
    assertThat(driver.isShown("You doubled the root.")).isTrue();
    choose("17-228");
    assertThat(driver.isShown("Student 17-228")).isTrue();
    assertThat(marks("17-228").mark(LineId.of("K", 1, 1)).orElseThrow().slips())
        .containsExactly("own-1");
    Turn.run(driver.desk().solution()::undo);
    assertThat(marks("17-228").mark(LineId.of("K", 1, 1)).orElseThrow().slips()).isEmpty();
  }

  /// The first solution of the course has a class to try it with; others have none.
  @Test
  void theDemoHasAClassToLookAt() {
    driver.press("check");
    driver.press("check-example");
    assertThat(driver.isShown("answers from group-17.csv")).isTrue();
  }

  /// A changed count changes what is right.
  @Test
  void theClassIsMarkedAnewWhenTheSolutionChanges() {
    drop(GROUP);
    driver.type(KeyCode.ESCAPE);
    driver.retype("count-1-1", KeyCode.DIGIT4, KeyCode.DIGIT5);
    driver.press("check");
    assertThat(marks("17-204").credit()).isLessThan(marks("17-204").of());
  }
}
