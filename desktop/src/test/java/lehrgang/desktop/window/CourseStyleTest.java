package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import lehrgang.core.derivation.StepOrder;
import lehrgang.core.notation.Symbols;
import lehrgang.core.page.Page;
import lehrgang.core.solution.Course;
import lehrgang.core.solution.StepNotes;
import lehrgang.desktop.Turn;
import lehrgang.desktop.kit.SentenceField;
import lehrgang.documents.solutionfile.DemoCourse;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// A course says it in its own words, in its own order and with its own symbols.
class CourseStyleTest extends WithTheDemo {
  private static final String WHY = "expected.why.independence";

  private Node sentence(String words) {
    driver.isShown(words);
    return Turn.call(
        () ->
            driver.window().scene().getRoot().lookupAll(".rewritable").stream()
                .filter(node -> node.getAccessibleText().contains(words))
                .findFirst()
                .orElseThrow());
  }

  private SentenceField rewrite(String words) {
    Node sentence = sentence(words);
    Turn.run(sentence::requestFocus);
    driver.type(KeyCode.ENTER);
    SentenceField field = (SentenceField) driver.find("rewrite");
    driver.await(field::isFocused);
    return field;
  }

  private List<String> steps() {
    return Turn.call(
        () ->
            driver.desk().worked().now().whole().orElseThrow().headings().stream()
                .map(Page.Heading::step)
                .toList());
  }

  @Test
  void aClickOnTheWordsOfASentenceRewritesItAndItsNumbersStayAlive() {
    Node sentence = sentence("each counted once");
    Text words = (Text) Turn.call(() -> sentence.lookup(".words"));
    driver.click(words);
    SentenceField field = (SentenceField) driver.find("rewrite");
    driver.await(field::isFocused);
    String shown = Turn.call(field::getText);
    assertThat(shown).startsWith("⟨480⟩ ⟨entries⟩");
    driver.type(KeyCode.END, KeyCode.X, KeyCode.ENTER);
    assertThat(driver.solution().wording()).containsOnlyKeys("data.intro");
    assertThat(driver.solution().wording().get("data.intro")).startsWith("{n} {units}");
    assertThat(driver.isShown("season (columns).x")).isTrue();
    driver.retype("count-1-1", KeyCode.DIGIT4, KeyCode.DIGIT2);
    assertThat(driver.isShown("481 entries")).isTrue();
    Turn.run(driver.desk().solution()::undo);
    Turn.run(driver.desk().solution()::undo);
    assertThat(driver.solution().wording()).isEmpty();
  }

  /// Titles of tables and what an excerpt tells are sentences like any other.
  @ParameterizedTest
  @ValueSource(strings = {"Contribution", "In a printed table", "Newton’s method"})
  void wordsAtTablesAreRewrittenToo(String words) {
    SentenceField field = rewrite(words);
    String before = Turn.call(field::getText);
    assertThat(before).startsWith(words.substring(0, 3));
    driver.type(KeyCode.END, KeyCode.Z, KeyCode.ENTER);
    assertThat(driver.solution().wording()).hasSize(1);
    assertThat(driver.solution().wording().values().iterator().next()).endsWith("z");
    assertThat(sentence(words).getAccessibleText()).endsWith("z");
    driver.retype("count-1-1", KeyCode.DIGIT4, KeyCode.DIGIT2);
    assertThat(sentence(words).getAccessibleText()).endsWith("z");
  }

  @Test
  void escapeLeavesTheSentenceAsItWas() {
    rewrite("every column would show");
    driver.type(KeyCode.X, KeyCode.ESCAPE);
    assertThat(driver.solution().ownWords()).isEmpty();
    assertThat(driver.isShown("the Total column.")).isTrue();
    assertThat(driver.isShown("column.x")).isFalse();
  }

  /// For the course it goes into the style; the usual words set it back.
  @Test
  void aSentenceIsRewrittenForTheCourseAndSetBack() {
    SentenceField field = rewrite("every column would show");
    Turn.run(() -> field.setTemplate("Without a link of {row} and {column}, rows look alike."));
    driver.pressLabelled("the course");
    driver.press("rewrite-done");
    assertThat(driver.solution().course().wording()).containsOnlyKeys(WHY);
    assertThat(driver.solution().wording()).isEmpty();
    assertThat(driver.isShown("Without a link of route and season")).isTrue();
    assertThat(driver.has(sentence("rows look alike"), "own")).isTrue();
    rewrite("rows look alike");
    driver.press("rewrite-usual");
    assertThat(driver.solution().ownWords()).isEmpty();
    assertThat(driver.isShown("every column would show")).isTrue();
  }

  @Test
  void aStepGetsAnotherTitle() {
    Node title =
        Turn.call(
            () ->
                driver.window().scene().getRoot().lookupAll(".step-title").stream()
                    .filter(node -> ((Label) node).getText().equals("Data"))
                    .findFirst()
                    .orElseThrow());
    driver.click(title);
    SentenceField field = (SentenceField) driver.find("rewrite");
    driver.await(field::isFocused);
    driver.type(KeyCode.S, KeyCode.ENTER);
    assertThat(driver.solution().wording()).containsEntry("step.data", "Datas");
    assertThat(driver.isShown("Datas")).isTrue();
  }

  /// Whatever is typed, a token is whole or gone.
  @Test
  void tokensCannotBeBroken() {
    Map<String, String> words = new LinkedHashMap<>();
    words.put("{n}", "480");
    words.put("{row}", "480");
    words.put("{:df}", "df");
    Random random = new Random(7);
    for (int k = 0; k < 300; k++) {
      String template =
          Turn.call(
              () -> {
                SentenceField field = new SentenceField(words, 16);
                field.setTemplate("a {n} b {row} c {:df}.");
                for (int i = 0; i < 6; i++) {
                  int one = random.nextInt(field.getLength() + 1);
                  int other = random.nextInt(field.getLength() + 1);
                  field.selectRange(one, random.nextBoolean() ? one : other);
                  switch (random.nextInt(5)) {
                    case 0 -> field.replaceSelection("x⟩\ny");
                    case 4 -> field.replaceSelection("\0");
                    case 1 -> field.deletePreviousChar();
                    case 2 -> field.deleteNextChar();
                    default -> field.insert("{n}");
                  }
                }
                return field.template();
              });
      assertThat(template.replaceAll("\\{n}|\\{row}|\\{:df}", ""))
          .doesNotContain("{", "}", "⟨", "⟩", "4", "8", "\n");
    }
  }

  private void choose(String id, String label) {
    CourseMenu menu = (CourseMenu) driver.find("course");
    Turn.run(menu::show);
    Turn.run(
        () ->
            ((CustomMenuItem) menu.getItems().getFirst())
                .getContent().lookup("#" + id).lookupAll(".toggle-button").stream()
                    .map(ToggleButton.class::cast)
                    .filter(button -> button.getText().equals(label))
                    .findFirst()
                    .orElseThrow()
                    .fire());
    Turn.run(menu::hide);
  }

  @Test
  void theDecisionRuleComesFirstAndSymbolsFollowTheCourse() {
    choose("course-order", "decision rule first");
    assertThat(steps().subList(0, 4)).containsExactly("question", "hypotheses", "critical", "data");
    choose("course-degrees-of-freedom", "ν");
    assertThat(driver.isShown("row ν = 4")).isTrue();
    assertThat(driver.solution().course().symbols().of(Symbols.Meaning.DEGREES_OF_FREEDOM))
        .isEqualTo(Symbols.Written.NU);
    Turn.run(driver.desk().solution()::undo);
    Turn.run(driver.desk().solution()::undo);
    assertThat(driver.solution().course()).isEqualTo(Course.usual());
  }

  private Node onRail(String title) {
    return Turn.call(
        () ->
            driver.window().scene().getRoot().lookupAll(".rail-item").stream()
                .filter(node -> node.getAccessibleText().contains(" " + title + ","))
                .findFirst()
                .orElseThrow());
  }

  @Test
  void aStepMovesOnTheRailWhereItsNumbersAllowIt() {
    Turn.run(onRail("Conditions")::requestFocus);
    driver.shortcut(KeyCode.ALT, KeyCode.DOWN);
    assertThat(driver.solution().course().order()).isInstanceOf(StepOrder.Own.class);
    assertThat(steps().indexOf("conditions")).isGreaterThan(steps().indexOf("contributions"));
    Turn.run(onRail("Conditions")::requestFocus);
    driver.shortcut(KeyCode.ALT, KeyCode.UP);
    assertThat(driver.solution().course().order()).isEqualTo(new StepOrder.AsWorked());
    Turn.run(onRail("Expected counts")::requestFocus);
    driver.shortcut(KeyCode.ALT, KeyCode.DOWN);
    driver.shortcut(KeyCode.ALT, KeyCode.DOWN);
    assertThat(driver.isShown("“Expected counts” cannot be moved there")).isTrue();
  }

  @Test
  void aNoteStandsAtItsStep() {
    Turn.run(
        () ->
            ((Button)
                    driver.window().scene().getRoot().lookupAll(".step-notes").stream()
                        .skip(1)
                        .findFirst()
                        .orElseThrow())
                .fire());
    driver.fill("notes-data-note", "Look at the *margins*:\n- rows\n- columns");
    driver.fill("notes-data-hint", "Begin at the left.");
    assertThat(driver.solution().notes("data"))
        .isEqualTo(
            new StepNotes("Look at the *margins*:\n- rows\n- columns", "Begin at the left.", ""));
    assertThat(driver.isShown("Look at the margins:")).isTrue();
  }

  @Test
  void aStyleIsKeptInAFileAndGivenToAnotherSolution() throws Exception {
    choose("course-order", "decision rule first");
    Path file = folder.resolve("course.lehrgang-style");
    Turn.run(() -> driver.files().styles().save(file));
    assertThat(Files.readString(file)).contains("rule-first");
    Turn.run(() -> driver.desk().solution().begin(DemoCourse.open("planting-plan")));
    Turn.run(() -> driver.files().open(file));
    assertThat(driver.solution().course().order()).isEqualTo(new StepOrder.RuleFirst());
    assertThat(driver.isShown("Style of course.lehrgang-style loaded")).isTrue();
    Turn.run(driver.desk().solution()::undo);
    assertThat(driver.solution().course()).isEqualTo(Course.usual());
    Files.writeString(file, "{\"format\": \"lehrgang-style/9\"}");
    Turn.run(() -> driver.files().open(file));
    assertThat(driver.isShown("newer version (lehrgang-style/9)")).isTrue();
  }
}
