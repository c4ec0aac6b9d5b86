package lehrgang.desktop.page;

import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.HPos;
import javafx.geometry.VPos;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.AcceptedAnswers;
import lehrgang.core.marking.SlipTexts;
import lehrgang.core.marking.UsualErrors;
import lehrgang.core.solution.Solution;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// Numbers that students usually write for a line, by which each slip tells itself.
final class UsualErrorsView extends VBox {
  private static final int MOST = 8;

  /// What is shown: numbers by slip, and how slips are called.
  record Content(Map<String, String> errors, SlipTexts texts) {}

  UsualErrorsView(Content content) {
    setId("usual-errors");
    GridPane grid = new GridPane();
    grid.getStyleClass().add(Style.FACTS);
    int row = 0;
    Set<String> numbers = new HashSet<>();
    for (Map.Entry<String, String> error :
        content.errors().entrySet().stream().limit(MOST).toList()) {
      // Two slips may lead to one number.
      String number = numbers.add(error.getValue()) ? error.getValue() : "";
      grid.addRow(row++, number(number), slip(content.texts().name(error.getKey())));
    }
    getChildren().addAll(Labels.label(Words.of("trace.errors"), Style.TRACE_HEAD), grid);
  }

  private static Label number(String text) {
    Label number = Labels.label(text, Style.ERROR_NUMBER);
    number.setMinWidth(USE_PREF_SIZE);
    GridPane.setValignment(number, VPos.TOP);
    GridPane.setHalignment(number, HPos.RIGHT);
    return number;
  }

  private static Label slip(String name) {
    Label slip = Labels.label(name, Style.FACT_NAME);
    slip.setMinHeight(USE_PREF_SIZE);
    GridPane.setValignment(slip, VPos.TOP);
    return slip;
  }

  /// Empty where no slip is known that leads to another number, or where there is no such line.
  static Optional<Content> content(Solution solution, Derivation derivation, LineId line) {
    if (derivation.find(line).isEmpty()) {
      return Optional.empty();
    }
    AcceptedAnswers accepted = AcceptedAnswers.of(derivation, solution.marking());
    Map<String, String> errors = new UsualErrors(derivation, solution.format(), accepted).of(line);
    return errors.isEmpty()
        ? Optional.empty()
        : Optional.of(new Content(errors, new SlipTexts(solution, derivation)));
  }
}
