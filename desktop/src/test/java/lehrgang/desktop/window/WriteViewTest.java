package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Kind;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.StudentView;
import lehrgang.desktop.Turn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// The Write view, driven with mouse and keys.
class WriteViewTest extends WithTheDemo {
  private Choices choices() {
    return driver.solution().choices();
  }

  @Test
  void theDemoReadsFromTheQuestionToTheVerdict() {
    assertThat(driver.isShown("Does route choice depend on the season?")).isTrue();
    assertThat(driver.isShown("13.277 < 14.10 < 14.860")).isTrue();
    assertThat(driver.verdict()).isEqualTo("Reject H₀: route and season are associated");
    assertThat(driver.spoken()).anyMatch(s -> s.startsWith("E two two equals R two times C two"));
  }

  @Test
  void aNumberLightsItsSourcesAndOpensItsTrace() {
    Node expected = driver.number("E[2,3]");
    driver.pointAt(expected);
    assertThat(driver.has(driver.number("R[2]"), "source")).isTrue();
    assertThat(driver.has(driver.number("C[3]"), "source")).isTrue();
    assertThat(driver.has(driver.number("C[2]"), "source")).isFalse();
    driver.click(expected);
    assertThat(driver.selected()).contains(LineId.of("E", 2, 3));
    assertThat(driver.isShown("Expected count · Gorge path, Autumn")).isTrue();
    assertThat(driver.isShown("row total 160")).isTrue();
    assertThat(driver.isShown("46.6666666667")).isTrue();
    assertThat(driver.spoken()).filteredOn(s -> s.startsWith("E two three equals")).hasSize(2);
    assertThat(driver.terms("selected")).isPositive();
    assertThat(driver.terms("source")).isPositive();
  }

  @Test
  void sourcesAndUsesAreFollowedByArrowKeysAndBack() {
    driver.click(driver.number("E[2,3]"));
    driver.type(KeyCode.RIGHT);
    assertThat(driver.selected()).contains(LineId.of("E.R", 2));
    driver.click(driver.number("K[2,3]"));
    driver.type(KeyCode.LEFT);
    assertThat(driver.selected()).contains(LineId.of("O", 2, 3));
    driver.shortcut(KeyCode.ALT, KeyCode.LEFT);
    assertThat(driver.selected()).contains(LineId.of("K", 2, 3));
    driver.click(driver.number("E[2,3]"));
    driver.type(KeyCode.DOWN);
    assertThat(driver.selected()).contains(LineId.of("E", 3, 1));
  }

  @Test
  void theLevelIsTypedInItsSentence() {
    driver.retype(
        "level", KeyCode.DIGIT0, KeyCode.PERIOD, KeyCode.DIGIT0, KeyCode.DIGIT0, KeyCode.DIGIT5);
    assertThat(driver.isShown("14.10 < 14.860")).isTrue();
    assertThat(driver.verdict()).isEqualTo("H₀ is not rejected");
    driver.retype("level", KeyCode.DIGIT0, KeyCode.PERIOD, KeyCode.DIGIT9, KeyCode.DIGIT5);
    assertThat(driver.isShown("that looks like a confidence level")).isTrue();
  }

  @Test
  void samplingRouteAndRuleAreChosenOnThePage() {
    driver.choose("option-sampling", "homogeneity");
    assertThat(driver.isShown("the distribution of route is the same for each season")).isTrue();
    driver.choose("option-route", "proportion × group size");
    assertThat(driver.spoken()).anyMatch(s -> s.startsWith("E two two equals s two times C two"));
    driver.choose("option-conditions", "at most a fifth below 5");
    assertThat(driver.isShown("at most one fifth of the expected counts are below 5")).isTrue();
    assertThat(choices().options())
        .containsEntry("sampling", "homogeneity")
        .containsEntry("route", "share")
        .containsEntry("conditions", "fifth-5");
  }

  @Test
  void decimalsAreSetForEachKindAndOnTheWay() {
    Turn.run(() -> ((DecimalsMenu) driver.window().scene().lookup("#decimals")).show());
    driver.edit(
        s ->
            s.withChoices(s.choices().withDecimals(s.choices().decimals().with(Kind.EXPECTED, 4))));
    assertThat(driver.isShown("46.6667")).isTrue();
    driver.edit(s -> s.withChoices(s.choices().withOnTheWay(Optional.of(1))));
    assertThat(driver.isShown("46.7")).isTrue();
    assertThat(driver.isShown("46.6667")).isFalse();
  }

  @Test
  void whatStudentsSeeIsChosenInTheRailAndShownAsTheirSheet() {
    assertThat(driver.find("view-expected").getAccessibleText())
        .isEqualTo("Expected counts: what students see: one worked, the rest blank");
    driver.edit(s -> s.withStudentView("contributions", StudentView.GIVEN));
    driver.choose("seen", "Worksheet");
    assertThat(
            driver.isShown(
                "One number is worked as an example: expected count (Gorge path, Summer). Find the"
                    + " others."))
        .isTrue();
    assertThat(driver.isShown("46.67")).isFalse();
    assertThat(driver.isShown("2.752")).isTrue();
    assertThat(driver.find("view-closer-look").getAccessibleText()).endsWith("left out");
    driver.click(driver.number("E[1,1]"));
    assertThat(driver.spoken()).anyMatch(s -> s.startsWith("E one one equals R one times C one"));
    driver.choose("seen", "Key");
    assertThat(driver.isShown("46.67")).isTrue();
    driver.choose("seen", "Solution");
    assertThat(driver.isShown("A closer look")).isTrue();
  }

  @Test
  void theBarSaysAsMuchAsThereIsRoomFor() {
    Stage window = (Stage) Turn.call(() -> driver.window().scene().getWindow());
    Supplier<String> said =
        () ->
            Turn.call(
                () ->
                    ((Label) driver.window().scene().getRoot().lookup(".header-subtitle"))
                        .getText());
    Turn.run(() -> window.setWidth(1700));
    Turn.settle();
    assertThat(said.get()).isEqualTo("Falkenried trail register · independence of two variables");
    Turn.run(() -> window.setWidth(1500));
    Turn.settle();
    assertThat(said.get()).isEqualTo("independence of two variables");
    Turn.run(() -> window.setWidth(1100));
    Turn.settle();
    assertThat(said.get()).isEmpty();
  }

  @Test
  void theRailLeadsToItsStepAndFollowsThePage() {
    Turn.run(() -> driver.window().faces().write().page().goTo("p"));
    assertThat(Turn.call(() -> driver.window().faces().write().page().stepInSight()))
        .isEqualTo("p");
    Turn.run(() -> driver.window().faces().write().page().goTo("data"));
    assertThat(Turn.call(() -> driver.window().faces().write().page().stepInSight()))
        .isEqualTo("data");
  }

  @Test
  void theWholeInterfaceGrowsAndShrinksAndTurnsDark() {
    driver.shortcut(KeyCode.CONTROL, KeyCode.EQUALS);
    assertThat(driver.window().zoom().factor()).isEqualTo(1.1);
    for (int i = 0; i < 20; i++) {
      driver.shortcut(KeyCode.CONTROL, KeyCode.MINUS);
    }
    assertThat(driver.window().zoom().factor()).isEqualTo(0.8);
    driver.shortcut(KeyCode.CONTROL, KeyCode.DIGIT0);
    driver.press("dark");
    assertThat(driver.window().theme().isDark()).isTrue();
  }

  /// The title is one paragraph: Enter and Tab lead on to the text, and pasted lines are joined.
  @Test
  void theTitleIsOneParagraph() {
    driver.putOnClipboard("Which way\nin which season?");
    Node title = driver.find("question-title");
    driver.click(title);
    driver.shortcut(KeyCode.CONTROL, KeyCode.A);
    driver.shortcut(KeyCode.CONTROL, KeyCode.V);
    assertThat(driver.solution().question().title()).isEqualTo("Which way in which season?");
    driver.type(KeyCode.ENTER);
    assertThat(Turn.call(driver.find("question-text")::isFocused)).isTrue();
    driver.click(title);
    driver.type(KeyCode.TAB);
    assertThat(Turn.call(driver.find("question-text")::isFocused)).isTrue();
    assertThat(driver.solution().question().title()).isEqualTo("Which way in which season?");
  }

  /// A clipboard may hold what stands for no letter.
  @ParameterizedTest
  @ValueSource(strings = {"question-title", "question-text", "question-source"})
  void whatIsNoLetterIsNotWritten(String id) {
    TextInputControl field = (TextInputControl) driver.find(id);
    Turn.run(
        () -> {
          field.selectAll();
          field.replaceSelection("\0");
        });
    assertThat(Turn.call(() -> field.getText())).isEmpty();
    Turn.run(() -> field.replaceSelection("a\0 b"));
    assertThat(Turn.call(() -> field.getText())).isEqualTo("a b");
  }

  /// The numbers that a question names stay in it while others are worked out, or cannot be.
  @Test
  void theQuestionNeverShowsAGap() {
    TextInputControl text = (TextInputControl) driver.find("question-text");
    assertThat(driver.solution().question().text()).contains("{n}");
    for (String count : new String[] {"42", "x", "7"}) {
      String atOnce =
          Turn.call(
              () -> {
                driver
                    .desk()
                    .solution()
                    .edit("", now -> now.withTable(now.table().withCell(0, 0, count)));
                return text.getText();
              });
      Turn.settle();
      assertThat(List.of(atOnce, Turn.call(text::getText))).noneMatch(read -> read.contains("{"));
    }
    String last = Turn.call(text::getText);
    assertThat(last).contains("446 entries");
  }
}
