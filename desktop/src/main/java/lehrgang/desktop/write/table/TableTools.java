package lehrgang.desktop.write.table;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import lehrgang.core.compose.Offer;
import lehrgang.core.data.TableEntry;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.ProcedureOption;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.desk.Pasting;
import lehrgang.desktop.desk.Request;
import lehrgang.desktop.kit.Icons;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// What can be done with the table, by its form.
final class TableTools extends FlowPane {
  /// Where the focus goes after something was added.
  interface Focus {
    void lastRow();

    void lastColumn();

    void lastLayer();

    void firstShare();
  }

  private final OpenSolution solution;
  private final Pasting pasting;
  private final Focus focus;

  TableTools(OpenSolution solution, Pasting pasting, Focus focus) {
    this.solution = solution;
    this.pasting = pasting;
    this.focus = focus;
    getStyleClass().add(Style.TOOLS);
  }

  void show(TableEntry table) {
    getChildren().setAll(tools(table));
    if (Offer.of(solution.now().procedure()).isPresent()) {
      getChildren()
          .add(
              Icons.tool(
                  "fth-sliders",
                  "table.compose",
                  () -> new Request.Show(Request.View.COMPOSE).from(this)));
    }
  }

  private List<Node> tools(TableEntry table) {
    Node paste = Icons.tool("fth-clipboard", "table.paste", pasting::paste);
    return switch (table.form()) {
      case TWO_WAY ->
          List.of(
              Icons.tool("fth-plus", "table.add-row", this::addRow),
              Icons.tool("fth-plus", "table.add-column", this::addColumn),
              Icons.tool("fth-repeat", "table.turn", () -> change(TableEntry::turned)),
              paste);
      case LAYERS ->
          List.of(
              Icons.tool("fth-plus", "table.add-layer", this::addLayer),
              Icons.tool("fth-plus", "table.add-row", this::addRow),
              Icons.tool("fth-plus", "table.add-column", this::addColumn),
              Icons.tool("fth-repeat", "table.turn", () -> change(TableEntry::turned)));
      case FREQUENCIES -> {
        List<Node> tools = new ArrayList<>();
        tools.add(Icons.tool("fth-plus", "table.add-category", this::addRow));
        if (table.columns().size() > 1) {
          tools.add(
              Icons.tool("fth-x", "table.equal-shares", () -> change(t -> t.withoutColumn(1))));
        } else if (takesShares()) {
          tools.add(Icons.tool("fth-plus", "table.state-shares", this::stateShares));
        }
        tools.add(paste);
        yield tools;
      }
      case SHARES ->
          table.rows().size() < 2
              ? List.of()
              : List.of(
                  Icons.tool("fth-repeat", "table.swap-groups", () -> change(TableEntry::swapped)));
    };
  }

  /// Whether the procedure of the solution has anything to choose about stated shares.
  private boolean takesShares() {
    return Procedures.of(solution.now().procedure()).options().stream()
        .anyMatch(
            option ->
                option instanceof ProcedureOption.OneOf oneOf
                    && oneOf.scope() == ProcedureOption.Scope.STATED_SHARES);
  }

  private void change(UnaryOperator<TableEntry> change) {
    solution.edit("", now -> now.withTable(change.apply(now.table())));
  }

  private void addRow() {
    change(table -> table.withRowAdded(Words.of("table.new-row", table.rows().size() + 1)));
    focus.lastRow();
  }

  private void addColumn() {
    change(
        table -> table.withColumnAdded(Words.of("table.new-column", table.columns().size() + 1)));
    focus.lastColumn();
  }

  private void addLayer() {
    change(table -> table.withLayerAdded(Words.of("table.new-layer", table.layers().size() + 1)));
    focus.lastLayer();
  }

  /// The shares begin as what they were: all equal.
  private void stateShares() {
    change(
        table -> {
          int rows = table.rows().size();
          return table
              .withColumnAdded(TableEntry.SHARE)
              .withColumn(1, Collections.nCopies(rows, "1/" + rows));
        });
    focus.firstShare();
  }
}
