package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javafx.stage.Window;
import lehrgang.core.data.TableEntry;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Kind;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.StudentView;
import lehrgang.desktop.kit.FxTurn;
import lehrgang.desktop.page.FigureEvent;
import lehrgang.desktop.page.FigureView;
import lehrgang.desktop.page.NumberNode;
import lehrgang.desktop.page.TableMenu;
import lehrgang.documents.solutionfile.SolutionFile;
import lehrgang.documents.table.TableExport.Digits;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// The Write view, driven with mouse and keys.
class WriteViewTest {
  private static final String PASTED =
      """
      hut\tclear\tfog\tsum
      Almhütte\t30\t12\t42
      Gipfelhaus\t18\t25\t43
      Seehütte\t22\t14\t36
      sum\t70\t51\t121
      """;

  @TempDir private Path folder;
  private WindowDriver driver;

  @BeforeEach
  void open() {
    driver = WindowDriver.open(SolutionFile.demo(), folder.resolve("user"));
  }

  @AfterEach
  void close() {
    driver.close();
  }

  private TableEntry table() {
    return driver.solution().table();
  }

  private Choices choices() {
    return driver.solution().choices();
  }

  @Test
  void theDemoReadsFromTheQuestionToTheVerdict() {
    assertThat(driver.isShown("Does route choice depend on the season?")).isTrue();
    assertThat(driver.isShown("13.277 < 14.10 < 14.860")).isTrue();
    assertThat(driver.verdict()).isEqualTo("Reject H₀: route and season are related");
    assertThat(driver.spoken()).anyMatch(s -> s.startsWith("E two two equals R two times C two"));
  }

  @Test
  void aTypedCountFlowsThroughEveryStepAtOnce() {
    driver.retype("count-3-2", KeyCode.DIGIT6, KeyCode.DIGIT0);
    assertThat(table().cells().get(2).get(1)).isEqualTo("60");
    assertThat(driver.isShown("439 observations")).isTrue();
    assertThat(driver.spoken()).anyMatch(s -> s.contains("439"));
    assertThat(driver.isShown("N = 439")).isTrue();
    driver.retype("count-1-1", KeyCode.DIGIT2, KeyCode.DIGIT6);
    driver.retype("count-2-3", KeyCode.DIGIT4, KeyCode.DIGIT0);
    assertThat(driver.verdict()).isEqualTo("H₀ is not rejected");
  }

  @Test
  void typingIsUndoneFieldByFieldAndRedone() {
    TableEntry before = table();
    driver.retype("count-1-1", KeyCode.DIGIT9, KeyCode.DIGIT9);
    driver.retype("count-1-2", KeyCode.DIGIT7);
    assertThat(table().cells().getFirst()).containsExactly("99", "7", "24");
    driver.shortcut(KeyCode.CONTROL, KeyCode.Z);
    assertThat(table().cells().getFirst()).containsExactly("99", "55", "24");
    driver.shortcut(KeyCode.CONTROL, KeyCode.Z);
    assertThat(table()).isEqualTo(before);
    assertThat(((TextField) driver.find("count-1-1")).getText()).isEqualTo("41");
    driver.shortcut(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
    assertThat(table().cells().getFirst()).containsExactly("99", "55", "24");
  }

  @Test
  void aWrongCountIsMarkedWhereItStandsAndTheLastSolutionWaitsDimmed() {
    driver.retype("count-2-2", KeyCode.DIGIT6, KeyCode.PERIOD, KeyCode.DIGIT4);
    assertThat(driver.isShown("Gorge path, Summer holds 6.4: a count is a whole number")).isTrue();
    assertThat(driver.has(driver.find("count-2-2"), "invalid")).isTrue();
    assertThat(driver.isShown("Last solution that could be worked out")).isTrue();
    assertThat(driver.verdict()).isEmpty();
    assertThat(driver.isShown("From the table alone:")).isTrue();
    driver.shortcut(KeyCode.CONTROL, KeyCode.Z);
    assertThat(driver.has(driver.find("count-2-2"), "invalid")).isFalse();
    assertThat(driver.verdict()).startsWith("Reject H₀");
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
  void aPastedTableIsTakenWithoutItsTotalsWhichCanBeKept() {
    driver.putOnClipboard(PASTED);
    driver.shortcut(KeyCode.CONTROL, KeyCode.V);
    assertThat(table().rows()).containsExactly("Almhütte", "Gipfelhaus", "Seehütte");
    assertThat(table().columns()).containsExactly("clear", "fog");
    assertThat(driver.isShown("are totals and were left out")).isTrue();
    assertThat(driver.isShown("121 observations")).isTrue();
    driver.press("notice-offer");
    assertThat(table().rows()).hasSize(4);
    driver.shortcut(KeyCode.CONTROL, KeyCode.Z);
    driver.shortcut(KeyCode.CONTROL, KeyCode.Z);
    assertThat(table().rows()).containsExactly("Lake loop", "Gorge path", "Summit way");
  }

  @Test
  void aSingleValueOnTheClipboardStaysText() {
    driver.putOnClipboard("77");
    driver.click("count-1-1");
    driver.shortcut(KeyCode.CONTROL, KeyCode.A);
    driver.shortcut(KeyCode.CONTROL, KeyCode.V);
    assertThat(table().cells().getFirst().getFirst()).isEqualTo("77");
    assertThat(table().rows()).hasSize(3);
  }

  @Test
  void rowsAndColumnsComeAndGo() {
    driver.press("table-add-row");
    assertThat(driver.isShown("row 4, Spring is empty")).isTrue();
    for (int j = 1; j <= 3; j++) {
      driver.retype("count-4-" + j, KeyCode.DIGIT2, KeyCode.DIGIT0);
    }
    assertThat(driver.verdict()).startsWith("Reject H₀");
    assertThat(driver.isShown("χ²(6, N = 540)")).isTrue();
    driver.press("table-turn");
    assertThat(table().rows()).containsExactly("Spring", "Summer", "Autumn");
    driver.press("undo");
    driver.press("undo");
    driver.press("undo");
    driver.press("undo");
    driver.press("undo");
    assertThat(table()).isEqualTo(SolutionFile.demo().solution().table());
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
  void storyRouteAndRuleAreChosenOnThePage() {
    driver.choose("option-story", "homogeneity");
    assertThat(driver.isShown("the shares of route are the same in every group by season"))
        .isTrue();
    driver.choose("option-route", "share × group");
    assertThat(driver.spoken()).anyMatch(s -> s.startsWith("E two two equals s two times C two"));
    driver.choose("option-conditions", "at most a fifth below 5");
    assertThat(driver.isShown("at most a fifth of the expected counts are below 5")).isTrue();
    assertThat(choices().options())
        .containsEntry("story", "homogeneity")
        .containsEntry("route", "share")
        .containsEntry("conditions", "fifth-5");
  }

  @Test
  void decimalsAreSetForEachKindAndOnTheWay() {
    FxTurn.run(() -> ((DecimalsMenu) driver.window().scene().lookup("#decimals")).show());
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
  void savingAndOpeningAgainGivesTheSameSolution() throws Exception {
    driver.retype("count-1-1", KeyCode.DIGIT4, KeyCode.DIGIT4);
    driver.choose("option-story", "homogeneity");
    Path file = folder.resolve("register.lehrgang");
    FxTurn.run(() -> driver.window().faces().files().save(file));
    assertThat(driver.isShown("Saved as register.lehrgang")).isTrue();
    assertThat(driver.desk().solution().unsaved().get()).isFalse();
    WindowDriver again =
        WindowDriver.open(SolutionFile.demo(), Optional.of(file), folder.resolve("user"));
    assertThat(again.solution()).isEqualTo(driver.solution());
    assertThat(again.isShown("483 observations")).isTrue();
    again.close();
    driver.retype("count-1-1", KeyCode.DIGIT4, KeyCode.DIGIT5);
    driver.shortcut(KeyCode.CONTROL, KeyCode.S);
    assertThat(Files.readString(file)).contains("[45, 55, 24]");
    assertThat(Files.readString(folder.resolve("register.lehrgang~"))).contains("[44, 55, 24]");
  }

  @Test
  void aNumberAndItsWorkingAreCopiedForAnotherProgram() {
    driver.click(driver.number("E[2,3]"));
    driver.press("copy-number");
    for (Map.Entry<String, String> wanted :
        Map.of(
                "Number as shown", "46.67",
                "Number with all digits", "46.666666666666667",
                "Working as text", "E₂₃ = R₂·C₃/n",
                "Working as TeX", "\\frac{160\\cdot 140}{480}",
                "Working as MathML", "<math xmlns=")
            .entrySet()) {
      FxTurn.run(
          () ->
              Window.getWindows().stream()
                  .filter(ContextMenu.class::isInstance)
                  .flatMap(menu -> ((ContextMenu) menu).getItems().stream())
                  .filter(item -> item.getText().equals(wanted.getKey()))
                  .findFirst()
                  .orElseThrow()
                  .fire());
      assertThat(FxTurn.call(() -> Clipboard.getSystemClipboard().getString()))
          .contains(wanted.getValue());
    }
  }

  @Test
  void aFigureIsCopiedAsAPictureAndAsVectors() {
    Node figure = driver.window().scene().getRoot().lookup(".figure");
    FxTurn.run(() -> ((Button) figure.lookup(".figure-copy")).fire());
    assertThat(FxTurn.call(() -> Clipboard.getSystemClipboard().getString())).contains("<svg");
    assertThat(driver.isShown("as a picture and as SVG")).isTrue();
  }

  @Test
  void aTableIsCopiedAndSavedFromItsStep() throws Exception {
    Path csv = folder.resolve("expected.csv");
    FxTurn.run(
        () -> {
          TableMenu menu =
              driver.window().faces().write().page().lookupAll(".table-menu").stream()
                  .map(TableMenu.class::cast)
                  .filter(step -> step.menus().size() == 2)
                  .findFirst()
                  .orElseThrow();
          Menu expected = menu.menus().getLast();
          assertThat(expected.getText()).isEqualTo("Expected, E");
          expected.getItems().get(1).fire();
        });
    Clipboard clipboard = FxTurn.call(Clipboard::getSystemClipboard);
    assertThat(FxTurn.call(clipboard::getString)).contains("Gorge path\t40\t73.333333333333333");
    assertThat(FxTurn.call(clipboard::getHtml)).contains("<td>73.333333333333333</td>");
    assertThat(driver.isShown("The table is on the clipboard.")).isTrue();
    Grid grid =
        FxTurn.call(
            () ->
                driver.desk().worked().now().page().orElseThrow().steps().stream()
                    .flatMap(step -> step.blocks().stream())
                    .filter(PageBlock.DataTable.class::isInstance)
                    .map(block -> ((PageBlock.DataTable) block).layers().getFirst())
                    .findFirst()
                    .orElseThrow());
    FxTurn.run(() -> driver.window().faces().files().parts().saveTable(csv, grid, Digits.SHOWN));
    assertThat(Files.readString(csv)).contains("Lake loop,41,55,24,120");
  }

  @Test
  void aFigureIsSavedByItselfAndTheWindowSaysSo() throws Exception {
    FigureView figure = FxTurn.call(() -> (FigureView) driver.window().faces().lookup(".figure"));
    List<FigureSpec> asked = new ArrayList<>();
    FxTurn.run(
        () -> {
          figure.addEventFilter(
              FigureEvent.SAVE,
              event -> {
                asked.add(event.figure());
                event.consume();
              });
          ((Button) figure.lookup(".figure-save")).fire();
        });
    assertThat(asked).hasSize(1);
    Path picture = folder.resolve("figure.svg");
    FxTurn.run(() -> driver.window().faces().files().parts().saveFigure(picture, asked.getFirst()));
    assertThat(Files.readString(picture)).contains(asked.getFirst().alternative());
    assertThat(driver.isShown("Written to figure.svg")).isTrue();
    FxTurn.run(
        () ->
            driver
                .window()
                .faces()
                .files()
                .parts()
                .saveFigure(folder.resolve("figure.bmp"), asked.getFirst()));
    assertThat(driver.isShown("figure.bmp ends neither in .svg nor in .pdf")).isTrue();
  }

  @Test
  void aDamagedFileIsRefusedWithASentenceAndTheWorkStays() throws Exception {
    Path broken = Files.writeString(folder.resolve("broken.lehrgang"), "{\"format\": ");
    FxTurn.run(() -> driver.window().faces().files().open(broken));
    assertThat(driver.isShown("broken.lehrgang is damaged in line 1")).isTrue();
    assertThat(driver.verdict()).startsWith("Reject H₀");
    Path csv = Files.writeString(folder.resolve("t.csv"), "x,a,b\nr,5,6\ns,7,9\n");
    FxTurn.run(() -> driver.window().faces().files().open(csv));
    FxTurn.run(() -> ((Button) driver.window().scene().getRoot().lookup("#records-go")).fire());
    assertThat(table().rows()).containsExactly("r", "s");
  }

  @Test
  void theBarSaysAsMuchAsThereIsRoomFor() {
    Stage window = (Stage) FxTurn.call(() -> driver.window().scene().getWindow());
    Supplier<String> said =
        () ->
            FxTurn.call(
                () ->
                    ((Label) driver.window().scene().getRoot().lookup(".header-subtitle"))
                        .getText());
    FxTurn.run(() -> window.setWidth(1700));
    FxTurn.settle();
    assertThat(said.get()).isEqualTo("Falkenried trail register · independence of two variables");
    FxTurn.run(() -> window.setWidth(1500));
    FxTurn.settle();
    assertThat(said.get()).isEqualTo("independence of two variables");
    FxTurn.run(() -> window.setWidth(1100));
    FxTurn.settle();
    assertThat(said.get()).isEmpty();
  }

  /// A count that reads like a number in a sentence must not move that number off its line.
  @Test
  void numbersKeepTheLineOfTheirSentenceWhateverIsTyped() {
    driver.putOnClipboard("map\tyes\tno\nLake loop\t30\t25\nGorge path\t20\t31\nRim trail\t9\t2\n");
    driver.shortcut(KeyCode.CONTROL, KeyCode.V);
    driver.await(this::areOnOneLine);
  }

  /// Digits that a field has shown have other bounds from then on, wherever they stand.
  @Test
  void aNumberThatWasTypedElsewhereKeepsTheLineOfItsSentence() {
    driver.press("check");
    driver.press("check-try");
    TextField degrees = (TextField) driver.find("try-30");
    FxTurn.run(() -> degrees.setText("6"));
    driver.press("try-done");
    driver.type(KeyCode.ESCAPE);
    driver.putOnClipboard(
        "map\tmidweek\tweekend\tholiday\n"
            + "yes\t30\t25\t20\nno\t20\t31\t22\nlost\t9\t12\t15\nlent\t11\t14\t12\n");
    driver.shortcut(KeyCode.CONTROL, KeyCode.V);
    driver.await(() -> sentence().contains("for 6 degrees") && areOnOneLine());
    driver.edit(solution -> solution.withTable(solution.table().withoutRow(1)));
    driver.await(() -> sentence().contains("for 4 degrees") && areOnOneLine());
  }

  private String sentence() {
    return numbers().findFirst().map(number -> number.getParent().getAccessibleText()).orElse("");
  }

  private boolean areOnOneLine() {
    return baselines().size() > 2 && baselines().stream().allMatch(this::isOnTheLine);
  }

  private boolean isOnTheLine(double baseline) {
    return Math.abs(baseline - baselines().getFirst()) <= 1;
  }

  /// Where the numbers of a sentence stand.
  private List<Double> baselines() {
    return numbers()
        .map(number -> number.getLayoutY() + ((NumberNode) number).textBaseline())
        .toList();
  }

  private Stream<Node> numbers() {
    return driver.window().scene().getRoot().lookupAll(".number.in-sentence").stream()
        .filter(number -> number.getParent().getAccessibleText().startsWith("The curve"));
  }

  @Test
  void aSolutionWithoutDataAsksForThemAndComesAliveWithTheLastCount() {
    WindowDriver blank = WindowDriver.open(SolutionFile.blank(), folder.resolve("other"));
    assertThat(blank.isShown("Type the counts here, or paste a table.")).isTrue();
    assertThat(blank.isShown("Untitled solution")).isTrue();
    assertThat(blank.verdict()).isEmpty();
    blank.click("count-1-1");
    blank.type(KeyCode.DIGIT3, KeyCode.DIGIT0, KeyCode.TAB, KeyCode.DIGIT1, KeyCode.DIGIT2);
    blank.click("count-2-1");
    blank.type(KeyCode.DIGIT9, KeyCode.TAB, KeyCode.DIGIT2, KeyCode.DIGIT5);
    assertThat(blank.verdict()).startsWith("Reject H₀");
    assertThat(blank.find("count-2-2").isFocused()).isTrue();
    blank.close();
  }

  @Test
  void theRailLeadsToItsStepAndFollowsThePage() {
    FxTurn.run(() -> driver.window().faces().write().page().goTo("p"));
    assertThat(FxTurn.call(() -> driver.window().faces().write().page().stepInSight()))
        .isEqualTo("p");
    FxTurn.run(() -> driver.window().faces().write().page().goTo("data"));
    assertThat(FxTurn.call(() -> driver.window().faces().write().page().stepInSight()))
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

  @Test
  void theReportLineAndTheTableCanBeReachedByKeysAlone() {
    driver.click("count-1-1");
    driver.type(KeyCode.DOWN, KeyCode.DOWN);
    driver.shortcut(KeyCode.CONTROL, KeyCode.A);
    driver.type(KeyCode.DIGIT5, KeyCode.DIGIT0, KeyCode.TAB);
    driver.type(KeyCode.DIGIT1, KeyCode.DIGIT0, KeyCode.DIGIT0);
    assertThat(table().cells().get(2)).startsWith("50").contains("100");
    assertThat(List.of(driver.find("hand-out"), driver.find("decimals"), driver.find("view-p")))
        .allMatch(Node::isFocusTraversable);
  }

  @Test
  void aRowIsGoneFromThePageAlsoWhereTheSameIsWrongAsBefore() {
    driver.fill("count-1-1", "many");
    assertThat(driver.has(driver.find("count-1-1"), "invalid")).isTrue();
    driver.press("table-add-row");
    driver.press("table-add-row");
    List<String> rows = driver.solution().table().rows();
    for (int row = rows.size(); row > 2; row--) {
      driver.pressNamed("Remove row " + row);
      assertThat(driver.solution().table().rows()).hasSize(row - 1);
    }
    assertThat(driver.isThere("count-3-1")).isFalse();
  }

  @Test
  void aTableIsKeyedInRowByRowAndEveryRowIsOneUndo() {
    FxTurn.run(() -> driver.desk().solution().begin(SolutionFile.blank()));
    for (String line : List.of("Spring Summer", "Lake loop 41 55", "Gorge path 38 64")) {
      driver.fill("key-in", line);
      driver.click("key-in");
      driver.type(KeyCode.ENTER);
    }
    assertThat(table().cells()).containsExactly(List.of("41", "55"), List.of("38", "64"));
    assertThat(table().columns()).containsExactly("Spring", "Summer");
    assertThat(driver.verdict()).isNotBlank();
    driver.fill("key-in", "Summit way 7");
    driver.click("key-in");
    driver.type(KeyCode.ENTER);
    assertThat(driver.isShown("ends in 1 counts where 2 are needed")).isTrue();
    FxTurn.run(() -> driver.desk().solution().undo());
    assertThat(table().cells()).containsExactly(List.of("41", "55"), List.of("", ""));
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
    assertThat(FxTurn.call(driver.find("question-text")::isFocused)).isTrue();
    driver.click(title);
    driver.type(KeyCode.TAB);
    assertThat(FxTurn.call(driver.find("question-text")::isFocused)).isTrue();
    assertThat(driver.solution().question().title()).isEqualTo("Which way in which season?");
  }

  /// A clipboard may hold what stands for no letter.
  @ParameterizedTest
  @ValueSource(strings = {"question-title", "question-text", "question-source"})
  void whatIsNoLetterIsNotWritten(String id) {
    TextInputControl field = (TextInputControl) driver.find(id);
    FxTurn.run(
        () -> {
          field.selectAll();
          field.replaceSelection("\0");
        });
    assertThat(FxTurn.call(() -> field.getText())).isEmpty();
    FxTurn.run(() -> field.replaceSelection("a\0 b"));
    assertThat(FxTurn.call(() -> field.getText())).isEqualTo("a b");
  }
}
