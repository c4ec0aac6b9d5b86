package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import javafx.scene.text.TextBoundsType;
import lehrgang.desktop.Turn;
import lehrgang.desktop.page.NumberNode;
import org.junit.jupiter.api.Test;

/// A number in a sentence stands on the line of its words, whatever it was before.
class NumbersOnTheirLineTest extends WithTheDemo {
  /// A count that reads like a number in a sentence must not move that number off its line.
  @Test
  void numbersKeepTheLineOfTheirSentenceWhateverIsTyped() {
    driver.putOnClipboard("map\tyes\tno\nLake loop\t30\t25\nGorge path\t20\t31\nRim trail\t9\t2\n");
    driver.shortcut(KeyCode.CONTROL, KeyCode.V);
    driver.await(this::areOnOneLine);
  }

  /// Digits that a field or a label has shown have other bounds from then on, wherever they stand.
  @Test
  void aNumberThatStoodElsewhereKeepsTheLineOfItsSentence() {
    Turn.run(
        () -> {
          Text number = (Text) numbers().findFirst().orElseThrow().lookup(".number-text");
          Text elsewhere = new Text("6");
          elsewhere.setFont(number.getFont());
          elsewhere.setBoundsType(TextBoundsType.LOGICAL_VERTICAL_CENTER);
          assertThat(elsewhere.getLayoutBounds().getHeight())
              .isGreaterThan(number.getLayoutBounds().getHeight() + 2);
        });
    driver.putOnClipboard(
        "map\tmidweek\tweekend\tholiday\n"
            + "yes\t30\t25\t20\nno\t20\t31\t22\nlost\t9\t12\t15\nlent\t11\t14\t12\n");
    driver.shortcut(KeyCode.CONTROL, KeyCode.V);
    driver.await(() -> sentence().contains("For 6 degrees") && areOnOneLine());
    driver.edit(solution -> solution.withTable(solution.table().withoutRow(1)));
    driver.await(() -> sentence().contains("For 4 degrees") && areOnOneLine());
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
        .filter(
            number ->
                number.getParent().getAccessibleText().contains("under the chi-squared density"));
  }
}
