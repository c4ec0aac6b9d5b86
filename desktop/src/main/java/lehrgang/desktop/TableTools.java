package lehrgang.desktop;

import java.util.Collections;
import java.util.List;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import lehrgang.core.data.TableEntry;
import org.kordamp.ikonli.javafx.FontIcon;

/// What can be done with the table, by its form.
final class TableTools extends HBox {
  /// Where the focus goes after something was added.
  interface Focus {
    void lastRow();

    void lastColumn();

    void lastLayer();

    void firstShare();
  }

  private final Workbench workbench;
  private final Focus focus;

  TableTools(Workbench workbench, Focus focus) {
    this.workbench = workbench;
    this.focus = focus;
    getStyleClass().add("tools");
  }

  void show(TableEntry table) {
    getChildren().setAll(tools(table));
  }

  private List<Node> tools(TableEntry table) {
    Node paste = tool("fth-clipboard", "table.paste", () -> Pasting.paste(workbench));
    return switch (table.form()) {
      case TWO_WAY ->
          List.of(
              tool("fth-plus", "table.add-row", this::addRow),
              tool("fth-plus", "table.add-column", this::addColumn),
              tool("fth-repeat", "table.turn", () -> change(TableEntry::turned)),
              paste);
      case LAYERS ->
          List.of(
              tool("fth-plus", "table.add-layer", this::addLayer),
              tool("fth-plus", "table.add-row", this::addRow),
              tool("fth-plus", "table.add-column", this::addColumn),
              tool("fth-repeat", "table.turn", () -> change(TableEntry::turned)));
      case FREQUENCIES ->
          List.of(
              tool("fth-plus", "table.add-category", this::addRow),
              table.columns().size() == 1
                  ? tool("fth-plus", "table.state-shares", this::stateShares)
                  : tool("fth-x", "table.equal-shares", () -> change(t -> t.withoutColumn(1))),
              paste);
      case SHARES ->
          table.rows().size() < 2
              ? List.of()
              : List.of(tool("fth-repeat", "table.swap-groups", () -> change(TableEntry::swapped)));
    };
  }

  static Button tool(String icon, String key, Runnable action) {
    Button button = new Button(Words.of(key), new FontIcon(icon));
    button.getStyleClass().add("quiet");
    button.setId(key.replace('.', '-'));
    button.setOnAction(_ -> action.run());
    return button;
  }

  private void change(UnaryOperator<TableEntry> change) {
    workbench.edit("", solution -> solution.withTable(change.apply(solution.table())));
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
