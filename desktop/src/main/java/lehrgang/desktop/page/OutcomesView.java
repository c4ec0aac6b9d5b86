package lehrgang.desktop.page;

import java.util.List;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import lehrgang.core.derivation.Role;
import lehrgang.core.page.Appearance;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageBlock.Outcome;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// Every possible outcome with its probability; a long list shows where it matters and opens on
/// demand.
final class OutcomesView extends VBox {
  private static final int MOST_AT_REST = 16;

  /// More rows than this would make the page slow; they come a portion at a time.
  private static final int PORTION = 400;

  private final PageBlock.Outcomes outcomes;
  private final LiveNumbers numbers;
  private final GridPane table = new GridPane();

  OutcomesView(PageBlock.Outcomes outcomes, LiveNumbers numbers) {
    this.outcomes = outcomes;
    this.numbers = numbers;
    getStyleClass().addAll(Style.TABLE, Style.OUTCOMES);
    setMinHeight(0);
    table.getStyleClass().add(Style.LIST);
    table.setMinHeight(0);
    outcomes.figure().ifPresent(figure -> getChildren().add(new FigureView(figure, numbers)));
    getChildren().add(table);
    show(outcomes.briefly(MOST_AT_REST));
  }

  private void show(List<Integer> places) {
    table.getChildren().clear();
    table.add(Labels.head(outcomes.head()), 0, 0);
    if (outcomes.hasFractions()) {
      table.add(Labels.head(outcomes.fraction()), 1, 0);
    }
    table.add(Labels.head(outcomes.decimal()), 2, 0);
    int row = 1;
    int last = -1;
    for (int place : places) {
      if (place > last + 1) {
        table.add(more(places, last + 1, place), 0, row++, 3, 1);
      } else if (outcomes.between(last, place) > 0) {
        table.add(entry("⋯"), 0, row++);
      }
      add(outcomes.outcomes().get(place), row++);
      last = place;
    }
    for (int k = 0; k < outcomes.blankRows(); k++) {
      table.addRow(row++, blank(), blank(), blank());
    }
  }

  /// Opens a gap in the list.
  private Node more(List<Integer> places, int from, int to) {
    Button open = new Button(Words.of("outcomes.more", to - from));
    open.getStyleClass().add(Style.QUIET);
    open.setOnAction(
        _ ->
            show(
                IntStream.concat(
                        places.stream().mapToInt(Integer::intValue),
                        IntStream.range(from, Math.min(to, from + PORTION)))
                    .distinct()
                    .sorted()
                    .boxed()
                    .toList()));
    return open;
  }

  private void add(Outcome outcome, int row) {
    boolean summed = outcome.share() == PageBlock.Share.SUMMED;
    boolean own = outcome.use() == PageBlock.Use.OWN;
    Label name = entry(outcome.name());
    Label fraction = entry(outcome.fraction());
    NumberNode decimal =
        new NumberNode(outcome.decimal(), Role.OTHER, outcome.appearance()).inTable();
    numbers.register(outcome.line(), decimal);
    for (Node node : List.of(name, fraction, decimal)) {
      if (summed) {
        node.getStyleClass().add(Style.SUMMED);
      }
      if (own) {
        node.getStyleClass().add(Style.OBSERVED_OUTCOME);
      }
    }
    decimal.setFocusTraversable(own);
    table.addRow(row, name, fraction, decimal);
    if (summed) {
      Label mark = entry(Words.of("outcomes.summed"));
      mark.getStyleClass().add(Style.SUMMED_MARK);
      table.add(mark, 3, row);
    }
  }

  private static Node blank() {
    return new NumberNode("", Role.OTHER, Appearance.BLANK).inTable();
  }

  private static Label entry(String text) {
    Label label = Labels.entry(text);
    label.setMaxSize(Double.MAX_VALUE, Double.MAX_VALUE);
    return label;
  }
}
