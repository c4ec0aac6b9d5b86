package lehrgang.desktop.write;

import javafx.scene.Node;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.Arc;
import javafx.scene.shape.ArcType;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import lehrgang.core.solution.StudentView;
import lehrgang.desktop.kit.Style;

/// Full, half, empty or a dash: what students see, told by shape.
final class StudentViewMark {
  private static final double MARK = 4.6;

  private StudentViewMark() {}

  static Node of(StudentView view) {
    StackPane pane = new StackPane();
    Circle ring = new Circle(MARK);
    ring.getStyleClass().add(Style.RING);
    switch (view) {
      case GIVEN -> {
        ring.getStyleClass().add(Style.FULL);
        pane.getChildren().add(ring);
      }
      case ONE_WORKED -> {
        Arc half = new Arc(0, 0, MARK, MARK, 90, 180);
        half.setType(ArcType.CHORD);
        half.getStyleClass().addAll(Style.RING, Style.FULL);
        half.setTranslateX(-MARK / 2);
        pane.getChildren().addAll(ring, half);
      }
      case BLANK -> pane.getChildren().add(ring);
      case LEFT_OUT -> {
        Line dash = new Line(0, 0, 7, 0);
        dash.getStyleClass().add(Style.RING);
        pane.getChildren().add(dash);
      }
    }
    return pane;
  }
}
