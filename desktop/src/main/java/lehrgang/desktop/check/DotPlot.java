package lehrgang.desktop.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;
import lehrgang.core.marking.StepAnswers;
import lehrgang.core.marking.StepAnswers.Cluster;
import lehrgang.desktop.kit.Style;

/// The answers to one line as dots on a number line, one for each student, with the right value and
/// what rounding may make of it.
final class DotPlot extends Pane {
  private static final double WIDTH = 372;
  private static final double HEIGHT = 170;
  private static final double BASE = 132;
  private static final double RADIUS = 3.4;
  private static final double EDGE = 18;
  private static final double STEP = 2 * RADIUS + 0.8;

  /// So many dots stand above each other.
  private static final int HIGHEST = 13;

  private final double low;
  private final double high;

  /// @param right    the right value; empty where there is none
  /// @param accepted the smallest and the largest number that is accepted; empty for none
  /// @param label    the right value as it is printed
  DotPlot(StepAnswers answers, Optional<Double> right, Optional<double[]> accepted, String label) {
    setMinSize(WIDTH, HEIGHT);
    setPrefSize(WIDTH, HEIGHT);
    setMaxSize(WIDTH, HEIGHT);
    setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    List<Double> ends = new ArrayList<>();
    right.ifPresent(ends::add);
    usual(answers).forEach(cluster -> ends.addAll(List.of(cluster.low(), cluster.high())));
    double least = ends.stream().mapToDouble(end -> end).min().orElse(0);
    double most = ends.stream().mapToDouble(end -> end).max().orElse(1);
    double air = most > least ? 0.08 * (most - least) : Math.max(1, Math.abs(most));
    low = least - air;
    high = most + air;
    accepted.ifPresent(range -> getChildren().add(band(range[0], range[1])));
    getChildren().add(line(EDGE, BASE, WIDTH - EDGE, BASE, Style.DOT_AXIS));
    right.ifPresent(
        value -> {
          getChildren().add(line(x(value), 14, x(value), BASE + 6, Style.DOT_RIGHT));
          getChildren().add(text(label, x(value), BASE + 22, Style.DOT_RIGHT_TEXT));
        });
    answers.clusters().forEach(this::dots);
  }

  /// Answers far away from all others would press those together: they stand at the edge.
  private static List<Cluster> usual(StepAnswers answers) {
    List<Double> all = new ArrayList<>();
    answers
        .clusters()
        .forEach(cluster -> cluster.students().forEach(_ -> all.add(cluster.middle())));
    if (all.isEmpty()) {
      return List.of();
    }
    double median = all.get(all.size() / 2);
    double reach =
        all.stream()
            .mapToDouble(v -> Math.abs(v - median))
            .sorted()
            .toArray()[(int) (0.9 * (all.size() - 1))];
    double near = 4 * Math.max(reach, 0.1 * Math.abs(median));
    return answers.clusters().stream()
        .filter(cluster -> Math.abs(cluster.middle() - median) <= near)
        .toList();
  }

  private double x(double value) {
    double at = EDGE + (value - low) / (high - low) * (WIDTH - 2 * EDGE);
    return Math.clamp(at, EDGE / 2, WIDTH - EDGE / 2);
  }

  private Node band(double from, double to) {
    Rectangle band = new Rectangle(x(from), 20, Math.max(2, x(to) - x(from)), BASE - 20);
    band.getStyleClass().add(Style.DOT_BAND);
    return band;
  }

  private static Node line(double x1, double y1, double x2, double y2, String style) {
    Line line = new Line(x1, y1, x2, y2);
    line.getStyleClass().add(style);
    return line;
  }

  private static Node text(String words, double x, double y, String style) {
    Text text = new Text(words);
    text.getStyleClass().add(style);
    text.setY(y);
    text.layoutBoundsProperty()
        .subscribe(
            bounds ->
                text.setX(Math.clamp(x - bounds.getWidth() / 2, 0, WIDTH - bounds.getWidth())));
    return text;
  }

  /// Dots that would stand too high stand in several columns.
  private void dots(Cluster cluster) {
    int many = cluster.students().size();
    int columns = (many + HIGHEST - 1) / HIGHEST;
    for (int k = 0; k < many; k++) {
      double aside = (k % columns - (columns - 1) / 2.0) * STEP;
      Circle dot =
          new Circle(x(cluster.middle()) + aside, BASE - RADIUS - 1 - k / columns * STEP, RADIUS);
      dot.getStyleClass().addAll(Style.DOT, Signs.style(cluster.verdict()));
      getChildren().add(dot);
    }
  }
}
