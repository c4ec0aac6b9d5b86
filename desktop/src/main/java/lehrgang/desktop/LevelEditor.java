package lehrgang.desktop;

import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import lehrgang.core.data.Problem;
import lehrgang.core.expr.LineId;
import lehrgang.core.wording.Wording;

/// The significance level, typed inside its sentence.
final class LevelEditor extends VBox {
  private static final PseudoClass INVALID = PseudoClass.getPseudoClass("invalid");

  private final Workbench workbench;
  private final TextField field = new TextField();
  private final TextEditing editing;
  private final Label message = BlockViews.label("", "message");
  private final TextFlow flow = new TextFlow();

  LevelEditor(Workbench workbench, LiveNumbers numbers) {
    this.workbench = workbench;
    field.setId("level");
    field.setAccessibleText(Words.of("level.name"));
    field.getStyleClass().addAll("inline-field", "flush-right");
    field.setPrefColumnCount(4);
    editing =
        TextEditing.of(
            field,
            workbench,
            "level",
            (solution, typed) -> solution.withChoices(solution.choices().withLevel(typed)));
    numbers.registerField(LineId.of("alpha"), field);
    String[] around = Wording.english().template("hypotheses.level").split("\\{alpha}", 2);
    flow.getStyleClass().addAll("sentence", "paragraph");
    flow.getChildren().addAll(words(around[0]), field, words(around[1]));
    message.managedProperty().bind(message.visibleProperty());
    getChildren().addAll(flow, message);
  }

  private static Text words(String text) {
    Text words = new Text(text);
    words.getStyleClass().addAll("words", "plain");
    return words;
  }

  void update(List<Problem> problems) {
    editing.show(field, workbench.solution().get().choices().level());
    Optional<String> wrong =
        problems.stream()
            .filter(problem -> problem.place() instanceof Problem.Level)
            .map(problem -> Wording.english().text(problem.sentence()))
            .findFirst();
    field.pseudoClassStateChanged(INVALID, wrong.isPresent());
    message.setText(wrong.orElse(""));
    message.setVisible(wrong.isPresent());
  }
}
