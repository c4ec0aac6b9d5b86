package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import javafx.stage.Window;
import lehrgang.core.Extent;
import lehrgang.core.Sampled;
import lehrgang.core.expr.LineId;
import lehrgang.core.solution.StepNotes;
import lehrgang.desktop.InTheSample;
import lehrgang.desktop.Turn;
import lehrgang.desktop.page.NumberNode;
import lehrgang.desktop.show.ShowView;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// A lesson in front of a class, by the keyboard alone.
@InTheSample
class ShowViewTest {
  /// How high the smallest text of the board is at least, as a part of the wall.
  private static final double READABLE = 1.0 / 30;

  @TempDir private Path folder;

  private WindowDriver driver;

  @AfterEach
  void close() {
    driver.close();
  }

  private ShowView open(String demo) {
    driver = WindowDriver.open(DemoCourse.open(demo), folder);
    driver.press("show");
    return (ShowView) driver.find("show-view");
  }

  private int at(ShowView show) {
    return Turn.call(show::at);
  }

  private void go(KeyCode... keys) {
    driver.type(keys);
    Turn.settle();
  }

  private static KeyEvent pressed(KeyCode code) {
    return new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, false, false, false, false);
  }

  private static Stream<Node> below(Node node) {
    return !node.isVisible()
        ? Stream.empty()
        : node instanceof Parent parent
            ? Stream.concat(
                Stream.of(node),
                parent.getChildrenUnmodifiable().stream().flatMap(ShowViewTest::below))
            : Stream.of(node);
  }

  private Node board() {
    return Turn.call(() -> driver.window().faces().showing().wall());
  }

  private List<String> words() {
    Turn.settle();
    Node board = board();
    return Turn.call(
        () ->
            below(board)
                .filter(Text.class::isInstance)
                .map(text -> ((Text) text).getText())
                .toList());
  }

  /// Line by line to the end: each line is whole on the wall and can be read from the back.
  static List<String> someEveryLineIsWholeAndLargeEnough() {
    return Extent.of(
        "everyLineIsWholeAndLargeEnough",
        3,
        List.of(
            "route-and-season",
            "deer-gate",
            "nest-boxes",
            "orchid-meadows",
            "planting-plan",
            "register-map-by-season",
            "repainted-waymarks",
            "worn-waymarks"));
  }

  @Sampled
  @ParameterizedTest
  @MethodSource("someEveryLineIsWholeAndLargeEnough")
  void everyLineIsWholeAndLargeEnough(String demo) {
    ShowView show = open(demo);
    List<String> wrong =
        Turn.call(
            () -> {
              List<String> found = new ArrayList<>();
              Set<Text> seen = new HashSet<>();
              Set<Text> cut = new HashSet<>();
              int line = 0;
              while (line < show.lines()) {
                show.applyCss();
                show.layout();
                show.layout();
                look(show, line, seen, cut, found);
                int before = show.at();
                show.fireEvent(pressed(KeyCode.RIGHT));
                boolean ends = before == show.lines() - 1 && line == before && cut.isEmpty();
                if (show.at() > before || ends) {
                  cut.forEach(text -> found.add("line %d: “%s” is cut".formatted(before, text)));
                  cut.clear();
                  line = before + 1;
                }
              }
              return found;
            });
    assertThat(wrong).isEmpty();
    assertThat(at(show)).isEqualTo(Turn.call(show::lines) - 1);
  }

  /// What does not fit on the wall is moved on: it must have been there whole once.
  private static void look(
      ShowView show, int line, Set<Text> seen, Set<Text> cut, List<String> found) {
    Bounds wall = show.localToScene(show.getLayoutBounds());
    double foot = wall.getMaxY() - wall.getHeight() * 30 / 480;
    double head = wall.getHeight() * 45 / 480;
    below(show.told())
        .filter(Text.class::isInstance)
        .map(Text.class::cast)
        .filter(text -> !text.getText().isBlank())
        .forEach(
            text -> {
              Bounds place = text.localToScene(text.getLayoutBounds());
              boolean isWhole =
                  place.getMaxX() <= wall.getMaxX() + 1
                      && place.getMaxY() <= foot + 2
                      && place.getMinY() >= head;
              if (isWhole) {
                cut.remove(text);
                seen.add(text);
              } else if (!seen.contains(text)) {
                cut.add(text);
              }
              double size = text.getFont().getSize() * text.getLocalToSceneTransform().getMyy();
              boolean isSmall = text.getStyleClass().contains("formula-text");
              if (size < wall.getHeight() * READABLE * 0.99 && !isSmall) {
                found.add("line %d: “%s” is %.1f high".formatted(line, text.getText(), size));
              }
            });
  }

  @Test
  void aValueComesLastAndTheOthersAfterIt() {
    open("route-and-season");
    go(KeyCode.DIGIT4, KeyCode.ENTER);
    assertThat(words()).anyMatch(text -> text.contains("the proportions of the Total column"));
    go(KeyCode.RIGHT, KeyCode.RIGHT, KeyCode.RIGHT);
    assertThat(words()).anyMatch(text -> text.contains("how many would be expected"));
    assertThat(words()).doesNotContain("73.33", "40.00");
    assertThat(lit("R[2]")).isFalse();
    go(KeyCode.RIGHT);
    assertThat(lit("R[2]")).isTrue();
    assertThat(lit("n")).isTrue();
    go(KeyCode.RIGHT, KeyCode.RIGHT, KeyCode.RIGHT);
    assertThat(words()).contains("…").doesNotContain("73.33", "40.00");
    go(KeyCode.RIGHT);
    assertThat(words()).contains("73.33").doesNotContain("40.00");
    go(KeyCode.RIGHT);
    assertThat(words()).contains("73.33", "40.00", "46.67");
    go(KeyCode.LEFT, KeyCode.LEFT);
    assertThat(words()).doesNotContain("73.33");
  }

  /// Whether the number of a line is lit in the table on the wall.
  private boolean lit(String line) {
    Node board = board();
    return Turn.call(
        () ->
            below(board)
                .filter(NumberNode.class::isInstance)
                .anyMatch(
                    node ->
                        node.getPseudoClassStates().stream()
                                .anyMatch(state -> state.getPseudoClassName().equals("source"))
                            && node.getAccessibleText().equals(shown(line))));
  }

  private String shown(String line) {
    return driver
        .desk()
        .worked()
        .now()
        .whole()
        .orElseThrow()
        .shown(LineId.parse(line).orElseThrow())
        .text();
  }

  @Test
  void keysGoByLineAndByStepAndToAnyStep() {
    ShowView show = open("route-and-season");
    go(KeyCode.PAGE_DOWN, KeyCode.PAGE_DOWN);
    assertThat(words()).contains("Hypotheses");
    go(KeyCode.RIGHT, KeyCode.PAGE_UP);
    assertThat(words()).contains("Hypotheses");
    go(KeyCode.PAGE_UP);
    assertThat(words()).contains("Data");
    go(KeyCode.DIGIT1, KeyCode.DIGIT0, KeyCode.ENTER);
    assertThat(words()).contains("Conclusion");
    go(KeyCode.DIGIT7, KeyCode.DIGIT7, KeyCode.ENTER);
    assertThat(words()).contains("Conclusion");
    assertThat(driver.isShown("There is no step 77.")).isTrue();
    go(KeyCode.END);
    assertThat(at(show)).isEqualTo(Turn.call(show::lines) - 1);
    go(KeyCode.RIGHT);
    assertThat(at(show)).isEqualTo(Turn.call(show::lines) - 1);
    go(KeyCode.HOME, KeyCode.LEFT);
    assertThat(at(show)).isZero();
  }

  /// A solution without data has nothing to tell, and says so.
  @Test
  void anEmptySolutionIsNoDeadEnd() {
    driver = WindowDriver.open(SolutionFile.blank(), folder);
    driver.press("show");
    assertThat(driver.isShown("There is nothing to present yet")).isTrue();
    go(KeyCode.RIGHT, KeyCode.P, KeyCode.A, KeyCode.DIGIT4, KeyCode.ENTER, KeyCode.ESCAPE);
    assertThat(Turn.call(() -> driver.window().faces().showing().isVisible())).isFalse();
  }

  /// What was wrong with the data later on does not end a lesson.
  @Test
  void aGuessAtAStaleSolutionIsNoError() {
    ShowView show = open("route-and-season");
    go(KeyCode.A, KeyCode.DIGIT7, KeyCode.ENTER);
    driver.edit(now -> now.withTable(now.table().withCell(0, 0, "many")));
    go(KeyCode.RIGHT, KeyCode.RIGHT, KeyCode.RIGHT, KeyCode.RIGHT, KeyCode.RIGHT, KeyCode.RIGHT);
    guess("14");
    assertThat(said()).isNotBlank();
    assertThat(Turn.call(show::isVisible)).isTrue();
  }

  /// From writing to the last line and back without a mouse.
  @Test
  void aLessonNeedsNoMouse() {
    driver = WindowDriver.open(DemoCourse.open("deer-gate"), folder);
    driver.shortcut(KeyCode.CONTROL, KeyCode.L);
    ShowView show = (ShowView) driver.find("show-view");
    assertThat(Turn.call(show::isFocused)).isTrue();
    go(KeyCode.RIGHT, KeyCode.END, KeyCode.ESCAPE);
    assertThat(Turn.call(show::isVisible)).isFalse();
  }

  @Test
  void theBoardIsBlankedAndComesBack() {
    ShowView show = open("route-and-season");
    go(KeyCode.B);
    assertThat(Turn.call(() -> show.lookup(".show-blank").isVisible())).isTrue();
    go(KeyCode.B);
    assertThat(Turn.call(() -> show.lookup(".show-blank").isVisible())).isFalse();
    go(KeyCode.B, KeyCode.RIGHT);
    assertThat(Turn.call(() -> show.lookup(".show-blank").isVisible())).isFalse();
    assertThat(at(show)).isEqualTo(1);
  }

  /// The pointer goes from number to number; whatever it marks says where it comes from.
  @Test
  void thePointerShowsSourcesAndNothingThatIsStillToBeFound() {
    ShowView show = open("route-and-season");
    go(KeyCode.DIGIT7, KeyCode.ENTER, KeyCode.RIGHT, KeyCode.P);
    assertThat(isCardOpen(show)).isTrue();
    assertThat(driver.isShown("Contribution · Lake loop, Spring")).isTrue();
    go(KeyCode.DOWN, KeyCode.RIGHT);
    assertThat(driver.isShown("Contribution · Gorge path, Summer")).isTrue();
    assertThat(driver.isShown("arrow keys move from number to number".replace('a', 'A'))).isTrue();
    go(KeyCode.P);
    assertThat(isCardOpen(show)).isFalse();
    go(KeyCode.DIGIT4, KeyCode.ENTER, KeyCode.RIGHT, KeyCode.RIGHT, KeyCode.RIGHT);
    Node concealed = concealed();
    driver.click(concealed);
    assertThat(isCardOpen(show)).isFalse();
    assertThat(Turn.call(concealed::getAccessibleText)).isEmpty();
  }

  private boolean isCardOpen(ShowView show) {
    return Turn.call(() -> show.lookup("#show-card").isVisible());
  }

  private Node concealed() {
    Node board = board();
    return Turn.call(
        () ->
            below(board)
                .filter(node -> node instanceof NumberNode number && number.isConcealed())
                .findFirst()
                .orElseThrow());
  }

  @Test
  void aClickOnANumberOpensItsSourcesAndEscapeLeavesStepByStep() {
    ShowView show = open("route-and-season");
    go(KeyCode.DIGIT7, KeyCode.ENTER, KeyCode.RIGHT);
    Node board = board();
    Node number =
        Turn.call(
            () -> below(board).filter(NumberNode.class::isInstance).findFirst().orElseThrow());
    driver.click(number);
    assertThat(isCardOpen(show)).isTrue();
    go(KeyCode.ESCAPE);
    assertThat(isCardOpen(show)).isFalse();
    assertThat(Turn.call(show::isVisible)).isTrue();
    go(KeyCode.ESCAPE);
    assertThat(Turn.call(show::isVisible)).isFalse();
    driver.press("show");
    assertThat(words()).contains("Statistic");
  }

  @Test
  void aValueIsAskedForAndGuessesAreJudged() {
    ShowView show = open("route-and-season");
    go(KeyCode.A, KeyCode.DIGIT4, KeyCode.ENTER);
    go(KeyCode.RIGHT, KeyCode.RIGHT, KeyCode.RIGHT, KeyCode.RIGHT, KeyCode.RIGHT, KeyCode.RIGHT);
    go(KeyCode.RIGHT);
    int before = at(show);
    go(KeyCode.RIGHT);
    assertThat(at(show)).isEqualTo(before);
    TextField field = (TextField) driver.find("show-guess");
    assertThat(Turn.call(field::isFocused)).isTrue();
    guess("160");
    assertThat(said()).contains("divided by the column total");
    assertThat(words()).doesNotContain("73.33");
    guess("73.3");
    assertThat(said()).isEqualTo("Right.");
    Turn.run(field::clear);
    go(KeyCode.ENTER);
    assertThat(at(show)).isEqualTo(before + 1);
    assertThat(words()).contains("73.33");
    go(KeyCode.A);
    assertThat(driver.isShown("Numbers are shown at once.")).isTrue();
  }

  private void guess(String number) {
    driver.fill("show-guess", number);
    go(KeyCode.ENTER);
  }

  private String said() {
    return Turn.call(() -> ((Label) driver.window().scene().lookup("#show-said")).getText());
  }

  /// The lecturer sees what comes next and what to say, and keys do the same there.
  @Test
  void theLecturerHasAWindowOfTheirOwn() {
    ShowView show = open("route-and-season");
    driver.edit(
        now -> now.withNotes("data", StepNotes.none().withToSay("Ask who has been to the gate.")));
    go(KeyCode.RIGHT);
    go(KeyCode.N);
    Stage ahead = ahead();
    assertThat(labels(ahead)).anyMatch(text -> text.startsWith("480 entries"));
    Turn.run(() -> ahead.getScene().getRoot().fireEvent(pressed(KeyCode.RIGHT)));
    assertThat(at(show)).isEqualTo(2);
    assertThat(labels(ahead)).contains("Ask who has been to the gate.");
    assertThat(words()).noneMatch(text -> text.contains("Ask who"));
    Turn.run(() -> driver.window().faces().leave());
    assertThat(Turn.call(ahead::isShowing)).isFalse();
  }

  private Stage ahead() {
    return Turn.call(
        () ->
            Window.getWindows().stream()
                .filter(window -> window != driver.window().scene().getWindow())
                .filter(
                    window ->
                        window instanceof Stage stage && stage.getTitle().contains("Presenter"))
                .map(Stage.class::cast)
                .findFirst()
                .orElseThrow());
  }

  private static List<String> labels(Stage stage) {
    return Turn.call(
        () ->
            below(stage.getScene().getRoot())
                .filter(Label.class::isInstance)
                .map(label -> ((Label) label).getText())
                .toList());
  }

  /// The same solution is open in all views: what is undone is undone on the wall.
  @Test
  void aChangeIsOnTheWallAtOnce() {
    open("route-and-season");
    go(KeyCode.DIGIT7, KeyCode.ENTER);
    go(KeyCode.RIGHT, KeyCode.RIGHT, KeyCode.RIGHT, KeyCode.RIGHT, KeyCode.RIGHT, KeyCode.RIGHT);
    assertThat(words()).contains("14.10");
    driver.edit(now -> now.withTable(now.table().withCell(0, 0, "31")));
    assertThat(words()).doesNotContain("14.10");
    driver.shortcut(KeyCode.CONTROL, KeyCode.Z);
    assertThat(words()).contains("14.10");
  }

  @Test
  void theSetOfColoursIsChangedByAKey() {
    ShowView show = open("route-and-season");
    boolean dark = Turn.call(() -> driver.window().theme().isDark());
    go(KeyCode.L);
    assertThat(Turn.call(() -> driver.window().theme().isDark())).isNotEqualTo(dark);
    assertThat(Turn.call(show::getAccessibleText)).isNotBlank();
  }
}
