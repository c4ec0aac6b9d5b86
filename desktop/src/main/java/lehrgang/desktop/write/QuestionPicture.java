package lehrgang.desktop.write;

import java.io.ByteArrayInputStream;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lehrgang.core.solution.Illustration;
import lehrgang.core.solution.Question;
import lehrgang.core.solution.Solution;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.desk.Request;
import lehrgang.desktop.desk.TextEditing;
import lehrgang.desktop.kit.Icons;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// The picture below a question, with what it shows in words; or the way to put one there.
final class QuestionPicture extends VBox {
  private static final double WIDEST = 640;
  private static final double HIGHEST = 426;

  /// As it stands on paper: 144 dots to the inch.
  private static final double PIXELS_TO_A_DOT = 2.0 / 3;

  private final ImageView view = new ImageView();
  private final TextField said = new TextField();
  private final TextEditing saying;
  private final HBox line;
  private final Button add =
      Icons.tool("fth-image", "question.add-picture", () -> new Request.AddPicture().from(this));
  private Optional<String> shown = Optional.empty();

  QuestionPicture(OpenSolution solution) {
    getStyleClass().add(Style.QUESTION_PICTURE);
    view.setPreserveRatio(true);
    view.setSmooth(true);
    said.setId("question-picture-said");
    said.setPromptText(Words.of("question.picture.prompt"));
    said.setAccessibleText(Words.of("question.picture"));
    said.getStyleClass().add(Style.QUESTION_SOURCE);
    saying =
        TextEditing.of(
            said,
            solution,
            said.getId(),
            (now, typed) -> change(now, now.question().picture().map(p -> p.described(typed))));
    HBox.setHgrow(said, Priority.ALWAYS);
    Button remove =
        Icons.button(
            "fth-x",
            Words.of("question.remove-picture"),
            Style.QUIET,
            () -> solution.edit("", now -> change(now, Optional.empty())));
    remove.setId("question-remove-picture");
    line = new HBox(said, remove);
    getChildren().add(add);
  }

  private static Solution change(Solution solution, Optional<Illustration> picture) {
    return solution.withQuestion(solution.question().withPicture(picture));
  }

  void update(Question question) {
    Optional<String> wanted = question.picture().map(Illustration::encoded);
    if (!wanted.equals(shown)) {
      shown = wanted;
      question.picture().ifPresentOrElse(this::show, () -> getChildren().setAll(add));
    }
    String words = question.picture().map(Illustration::description).orElse("");
    saying.show(words);
    view.setAccessibleText(words.isBlank() ? Words.of("question.picture") : words);
  }

  private void show(Illustration picture) {
    view.setImage(new Image(new ByteArrayInputStream(picture.content())));
    view.setFitWidth(Math.min(WIDEST, picture.width() * PIXELS_TO_A_DOT));
    view.setFitHeight(HIGHEST);
    getChildren().setAll(view, line);
  }
}
