package lehrgang.desktop.write.table;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.VBox;
import lehrgang.core.data.Problem;
import lehrgang.core.wording.Wording;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import org.kordamp.ikonli.javafx.FontIcon;

/// What is wrong with the table, in sentences below it and as marks on its cells, with what would
/// mend it.
final class TableMessages extends VBox {
  private static final PseudoClass INVALID = PseudoClass.getPseudoClass("invalid");
  private static final int MOST_PROBLEMS = 3;

  private final OpenSolution solution;

  TableMessages(OpenSolution solution) {
    this.solution = solution;
    getStyleClass().add(Style.MESSAGES);
  }

  /// @param every  all fields of the table
  /// @param fields those of a place
  void show(
      List<Problem> problems,
      List<TextField> every,
      Function<Problem.Place, List<TextField>> fields) {
    every.forEach(field -> mark(field, Optional.empty()));
    getChildren().clear();
    List<Problem> mine =
        problems.stream().filter(problem -> !(problem.place() instanceof Problem.Field)).toList();
    if (!mine.isEmpty() && nothingTyped()) {
      getChildren().add(Labels.label(Words.of("table.empty"), Style.HINT));
      return;
    }
    for (Problem problem : mine) {
      String sentence = Wording.english().text(problem.sentence());
      fields.apply(problem.place()).forEach(field -> mark(field, Optional.of(sentence)));
      if (getChildren().size() < MOST_PROBLEMS) {
        Label message = Labels.label(sentence, Style.MESSAGE);
        message.setOnMouseClicked(
            _ -> fields.apply(problem.place()).stream().findFirst().ifPresent(Node::requestFocus));
        getChildren().add(message);
        problem.remedy().ifPresent(remedy -> getChildren().add(offer(remedy)));
      }
    }
    if (mine.size() > MOST_PROBLEMS) {
      String more = Words.of("table.more-problems", mine.size() - MOST_PROBLEMS);
      getChildren().add(Labels.label(more, Style.MESSAGE));
    }
  }

  /// A table still to be filled is not wrong yet.
  private boolean nothingTyped() {
    return solution.now().table().cells().stream().flatMap(List::stream).allMatch(String::isBlank);
  }

  private Button offer(Problem.Remedy remedy) {
    Wording wording = Wording.english();
    String option = "option." + remedy.option();
    Button offer =
        new Button(
            Words.of(
                "table.remedy", wording.text(option), wording.text(option + "." + remedy.value())),
            new FontIcon("fth-check"));
    offer.getStyleClass().add(Style.QUIET);
    offer.setId("remedy-" + remedy.option());
    offer.setOnAction(
        _ ->
            solution.edit(
                "",
                now -> now.withChoices(now.choices().withOption(remedy.option(), remedy.value()))));
    return offer;
  }

  private static void mark(TextField field, Optional<String> wrong) {
    field.pseudoClassStateChanged(INVALID, wrong.isPresent());
    field.setTooltip(wrong.map(Tooltip::new).orElse(null));
    field.setAccessibleHelp(wrong.orElse(null));
  }
}
