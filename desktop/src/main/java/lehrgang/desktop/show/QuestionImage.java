package lehrgang.desktop.show;

import java.io.ByteArrayInputStream;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import lehrgang.core.solution.Illustration;

/// The picture that stands below a question.
final class QuestionImage extends ImageView {
  private static final double WIDEST = 560;
  private static final double HIGHEST = 220;

  /// As it stands on paper: 144 dots to the inch.
  private static final double PIXELS_TO_A_DOT = 2.0 / 3;

  QuestionImage(Illustration picture) {
    super(new Image(new ByteArrayInputStream(picture.content())));
    setPreserveRatio(true);
    setSmooth(true);
    setFitWidth(Math.min(WIDEST, picture.width() * PIXELS_TO_A_DOT));
    setFitHeight(HIGHEST);
    setAccessibleText(picture.description());
  }
}
