package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.scene.text.Text;
import lehrgang.desktop.Turn;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// The interface at all its sizes, in a window of 1280 × 800, with a question of a long name.
class ShownLargeTest extends WithTheDemo {
  @BeforeEach
  void nameItAtLength() {
    driver.edit(
        now ->
            now.withQuestion(
                now.question().withTitle("Which route is taken in which season ".repeat(5))));
  }

  private void larger(int steps) {
    Turn.run(
        () -> {
          for (int k = 0; k < steps; k++) {
            driver.window().zoom().in();
          }
        });
    Turn.settle();
  }

  private Stream<ButtonBase> buttons() {
    return driver.window().scene().getRoot().lookupAll("*").stream()
        .filter(ButtonBase.class::isInstance)
        .map(ButtonBase.class::cast)
        .filter(ShownLargeTest::isInSight);
  }

  private static boolean isInSight(Node node) {
    return node == null || node.isVisible() && isInSight(node.getParent());
  }

  /// What is moved in a pane of its own may lie outside.
  private static boolean isMoved(Node node) {
    return node != null && (node instanceof ScrollPane || isMoved(node.getParent()));
  }

  private boolean sticksOut(Node node) {
    Bounds bounds = node.localToScene(node.getLayoutBounds());
    return bounds.getMinX() < -1
        || bounds.getMinY() < -1
        || bounds.getMaxX() > driver.window().scene().getWidth() + 1
        || bounds.getMaxY() > driver.window().scene().getHeight() + 1;
  }

  private static boolean isCut(ButtonBase button) {
    return button.getText() != null
        && !button.getText().isEmpty()
        && button.getContentDisplay() != ContentDisplay.GRAPHIC_ONLY
        && button.lookupAll(".text").stream()
            .filter(Text.class::isInstance)
            .map(shown -> ((Text) shown).getText())
            .noneMatch(button.getText()::equals);
  }

  /// Whatever the question is called: its title gives way, no button does.
  @ParameterizedTest
  @ValueSource(strings = {"start", "write", "hand-out", "check"})
  void everyButtonIsWholeAndInTheWindowAtEverySize(String face) {
    if (face.equals("check")) {
      Turn.run(() -> driver.files().open(Path.of("../demo/group-17.csv")));
    } else if (!face.equals("write")) {
      driver.press(face);
    }
    driver.await(() -> buttons().count() > 3);
    for (int steps = 0; steps <= 10; steps += 2) {
      assertThat(Turn.call(() -> buttons().filter(ShownLargeTest::isCut).toList()))
          .as("%s, cut at step %d", face, steps)
          .extracting(ButtonBase::getText)
          .isEmpty();
      assertThat(
              Turn.call(
                  () ->
                      buttons()
                          .filter(button -> !isMoved(button))
                          .filter(this::sticksOut)
                          .toList()))
          .as("%s, out of sight at step %d", face, steps)
          .isEmpty();
      larger(2);
    }
  }

  @Test
  void whatTheBarHasNoRoomForIsInItsMenu() {
    larger(10);
    MenuButton more = (MenuButton) driver.find("more");
    List<MenuItem> offered = Turn.call(() -> List.copyOf(more.getItems()));
    assertThat(offered)
        .extracting(MenuItem::getText)
        .containsExactly("Undo", "Redo", "Open…", "Save", "Dark");
    Turn.run(offered.getFirst()::fire);
    assertThat(driver.solution().question().title())
        .isEqualTo("Does route choice depend on the season?");
    Turn.run(() -> driver.window().zoom().reset());
    Turn.settle();
    assertThat(Turn.call(more::isVisible)).isFalse();
    assertThat(driver.find("undo").isVisible()).isTrue();
  }

  /// Where there is no room beside the page, the trace lies on it while a number is selected.
  @Test
  void theTraceComesWithANumberAndGoesWithIt() {
    Node trace = Turn.call(() -> driver.window().scene().getRoot().lookup(".trace-scroll"));
    larger(10);
    assertThat(Turn.call(trace::isVisible)).isFalse();
    driver.click(driver.number("df"));
    assertThat(Turn.call(trace::isVisible)).isTrue();
    assertThat(Turn.call(() -> sticksOut(trace))).isFalse();
    driver.press("trace-close");
    assertThat(Turn.call(trace::isVisible)).isFalse();
    driver.click(driver.number("df"));
    driver.type(KeyCode.ESCAPE);
    assertThat(Turn.call(trace::isVisible)).isFalse();
    assertThat(driver.desk().selection().line()).isEmpty();
    Turn.run(() -> driver.window().zoom().reset());
    Turn.settle();
    assertThat(Turn.call(trace::isVisible)).isTrue();
  }

  /// Words that are broken into more lines have room for them at once, whatever the size was
  /// before.
  @ParameterizedTest
  @ValueSource(strings = {"question-title", "question-text"})
  void theQuestionIsReadWholeAtEverySize(String id) {
    Region field = (Region) driver.find(id);
    for (int steps = 0; steps <= 10; steps += 5) {
      Node words = Turn.call(() -> field.lookup(".content .text"));
      assertThat(Turn.call(() -> field.getHeight() - words.getLayoutBounds().getHeight()))
          .as("room at step %d", steps)
          .isBetween(0.0, 60.0);
      larger(5);
    }
  }

  /// A menu is as large as what it opens over, at every size again.
  @Test
  void menusGrowWithTheWindow() {
    MenuButton course = (MenuButton) driver.find("course");
    double plain = widthOfMenu(course);
    larger(5);
    assertThat(widthOfMenu(course)).isCloseTo(1.5 * plain, within(2.0));
    Turn.run(() -> driver.window().zoom().reset());
    assertThat(widthOfMenu(course)).isCloseTo(plain, within(1.0));
  }

  private static double widthOfMenu(MenuButton button) {
    Turn.run(button::show);
    Turn.settle();
    double width = Turn.call(() -> button.getItems().getFirst().getParentPopup().getWidth());
    Turn.run(button::hide);
    return width;
  }
}
