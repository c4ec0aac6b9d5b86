package lehrgang.desktop;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.HPos;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.RowConstraints;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import lehrgang.core.derivation.Role;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;
import lehrgang.core.notation.PlainText;
import lehrgang.core.page.Appearance;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.page.PageBlock.GridCell;
import lehrgang.core.wording.Span;
import org.kordamp.ikonli.javafx.FontIcon;

/// Turns the blocks of a page into nodes.
final class BlockViews {
  static final double TEXT_SIZE = 16;
  private static final double FORMULA_SIZE = 19;
  private static final double INNER_SIZE = 16.5;
  private static final int ANSWER_HEIGHT = 30;
  private static final double ROW_HEIGHT = 33;

  /// A longer row label takes two lines.
  private static final int LONG_LABEL = 24;

  /// A table wider than this many columns scrolls sideways.
  private static final int MOST_COLUMNS_AT_REST = 6;

  /// Two tables of at most this many columns share one set of row labels.
  private static final int MOST_COLUMNS_BESIDE = 4;

  private final LiveNumbers numbers;
  private final FormulaLayout formulas;
  private final Editors editors;

  /// The parts of the page in which something is typed; they stay while the rest is set anew.
  interface Editors {
    Node question();

    Node table(Grid grid);

    Node level();
  }

  BlockViews(LiveNumbers numbers, Editors editors) {
    this.numbers = numbers;
    this.formulas = new FormulaLayout(numbers);
    this.editors = editors;
  }

  Node of(PageBlock block) {
    return switch (block) {
      case PageBlock.Paragraph(_, var spans) -> sentence(spans, "paragraph");
      case PageBlock.Remark remark -> remark(remark);
      case PageBlock.Task(var text) -> label(text, "task");
      case PageBlock.QuestionText _ -> editors.question();
      case PageBlock.DataTable(var grid) -> editors.table(grid);
      case PageBlock.Level _ -> editors.level();
      case PageBlock.Grids(var grids) -> grids(grids);
      case PageBlock.Worked worked -> new WorkedView(worked.family(), worked.chain(), this);
      case PageBlock.WrittenOut(var chains) -> writtenOut(chains);
      case PageBlock.Iterations iterations -> iterations(iterations);
      case PageBlock.Figure(var figure) -> new FigureView(figure, numbers);
      case PageBlock.Excerpt excerpt -> excerpt(excerpt);
      case PageBlock.Report(var text) -> report(text);
      case PageBlock.AnswerSpace(var lines) -> answerSpace(lines);
    };
  }

  FormulaView formula(Chain chain) {
    return FormulaView.of(chain, FORMULA_SIZE, formulas);
  }

  TextFlow sentence(List<Span> spans, String style) {
    TextFlow flow = new TextFlow();
    flow.getStyleClass().addAll("sentence", style);
    spans.forEach(span -> flow.getChildren().add(span(span)));
    flow.setAccessibleRole(AccessibleRole.TEXT);
    flow.setAccessibleText(Span.plain(spans));
    return flow;
  }

  private Node span(Span span) {
    return switch (span) {
      case Span.Words(var text, var weight) -> {
        Text words = new Text(text);
        words.getStyleClass().addAll("words", weight.name().toLowerCase(Locale.ROOT));
        yield words;
      }
      case Span.Live(var line, var box, _) -> {
        boolean blank = box instanceof Box.Blank;
        NumberNode node =
            new NumberNode(
                blank ? "          " : PlainText.of(box),
                Role.OTHER,
                blank ? Appearance.BLANK : Appearance.SHOWN);
        node.getStyleClass().add("in-sentence");
        numbers.register(line, node);
        yield node;
      }
      case Span.Formula(var box) -> FormulaView.of(box, TEXT_SIZE, formulas);
    };
  }

  private Node remark(PageBlock.Remark remark) {
    FontIcon icon =
        new FontIcon(
            switch (remark.tone()) {
              case CHECKED -> "fth-check";
              case NOTE -> "fth-info";
              case WARNING -> "fth-alert-triangle";
            });
    TextFlow words = sentence(remark.spans(), "remark-text");
    HBox.setHgrow(words, Priority.ALWAYS);
    HBox box = new HBox(icon, words);
    box.getStyleClass().addAll("remark", remark.tone().name().toLowerCase(Locale.ROOT));
    return box;
  }

  static Label label(String text, String style) {
    Label label = new Label(text);
    label.setWrapText(true);
    label.getStyleClass().add(style);
    label.setMinHeight(Region.USE_PREF_SIZE);
    return label;
  }

  private Node grids(List<Grid> grids) {
    boolean wide = grids.stream().anyMatch(grid -> width(grid) > MOST_COLUMNS_AT_REST);
    Pane side = wide ? new VBox() : new FlowPane();
    side.getStyleClass().add(wide ? "tables-below" : "tables");
    boolean beside = grids.stream().allMatch(grid -> width(grid) <= MOST_COLUMNS_BESIDE);
    for (Grid grid : grids) {
      boolean labelled = !beside || grid == grids.getFirst();
      side.getChildren().add(grid(grid, labelled ? RowLabels.SHOWN : RowLabels.SHARED));
    }
    return side;
  }

  /// Whether a table has row labels or stands beside one that has them.
  private enum RowLabels {
    SHOWN,
    SHARED
  }

  private static int width(Grid grid) {
    return grid.columns().size() + (grid.grandTotal().isPresent() ? 1 : 0);
  }

  private Node grid(Grid grid, RowLabels rowLabels) {
    GridPane pane = new GridPane();
    pane.getStyleClass().add("grid");
    boolean totals = grid.grandTotal().isPresent();
    int columns = grid.columns().size();
    for (int j = 0; j < columns; j++) {
      pane.add(head(grid.columns().get(j)), j + 1, 0);
    }
    if (totals) {
      pane.add(head(grid.totalLabel()), columns + 1, 0);
    }
    for (int i = 0; i < grid.rows().size(); i++) {
      if (rowLabels == RowLabels.SHOWN) {
        pane.add(rowHead(grid.rows().get(i)), 0, i + 1);
      }
      for (int j = 0; j < columns; j++) {
        pane.add(cell(grid.cells().get(i).get(j)), j + 1, i + 1);
      }
      if (totals) {
        pane.add(total(grid.rowTotals().get(i), "row-total"), columns + 1, i + 1);
      }
    }
    if (totals) {
      addFoot(pane, grid, rowLabels);
    }
    firstReachedByTab(pane);
    RowConstraints headRow = new RowConstraints();
    pane.getRowConstraints().add(headRow);
    int rows = grid.rows().size() + (totals ? 1 : 0);
    for (int i = 0; i < rows; i++) {
      pane.getRowConstraints().add(new RowConstraints(ROW_HEIGHT, ROW_HEIGHT, ROW_HEIGHT));
    }
    VBox box = new VBox(sentence(grid.title(), "table-title"), pane);
    box.getStyleClass().add("table");
    return columns > MOST_COLUMNS_AT_REST ? sideways(box) : box;
  }

  private void addFoot(GridPane pane, Grid grid, RowLabels rowLabels) {
    int foot = grid.rows().size() + 1;
    if (rowLabels == RowLabels.SHOWN) {
      pane.add(foot(grid.totalLabel()), 0, foot);
    }
    for (int j = 0; j < grid.columns().size(); j++) {
      pane.add(total(grid.columnTotals().get(j), "column-total"), j + 1, foot);
    }
    grid.grandTotal()
        .ifPresent(cell -> pane.add(total(cell, "grand-total"), grid.columns().size() + 1, foot));
  }

  /// One stop of the Tab key for a table; arrow keys move inside.
  private static void firstReachedByTab(GridPane pane) {
    pane.getChildren().stream()
        .filter(NumberNode.class::isInstance)
        .findFirst()
        .ifPresent(node -> node.setFocusTraversable(true));
  }

  static Node sideways(Node wide) {
    ScrollPane scroll = new ScrollPane(wide);
    scroll.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.AS_NEEDED);
    scroll.getStyleClass().add("sideways");
    scroll.setFocusTraversable(false);
    return scroll;
  }

  static Label head(String text) {
    Label label = new Label(text);
    label.setWrapText(true);
    label.getStyleClass().add("column-head");
    GridPane.setHalignment(label, HPos.RIGHT);
    GridPane.setValignment(label, VPos.BOTTOM);
    tipWhereLong(label, text);
    return label;
  }

  private static Label rowHead(String text) {
    Label label = new Label(text);
    label.setWrapText(true);
    label.getStyleClass().add("row-head");
    if (text.length() > LONG_LABEL) {
      label.getStyleClass().add("long");
    }
    tipWhereLong(label, text);
    return label;
  }

  static Label foot(String text) {
    Label label = new Label(text);
    label.getStyleClass().addAll("row-head", "foot");
    label.setMaxSize(Double.MAX_VALUE, Double.MAX_VALUE);
    return label;
  }

  private static void tipWhereLong(Label label, String text) {
    if (text.length() > 12) {
      label.setTooltip(new Tooltip(text));
    }
  }

  private NumberNode cell(GridCell cell) {
    NumberNode node =
        new NumberNode(cell.text(), cell.role(), cell.appearance()).inTable().withSign(cell.sign());
    if (cell.shade() != 0) {
      int strength = Math.max(1, (int) Math.ceil(Math.abs(cell.shade()) * 5));
      node.getStyleClass().add((cell.shade() > 0 ? "more-" : "fewer-") + strength);
    }
    numbers.register(cell.line(), node);
    return node;
  }

  private NumberNode total(GridCell cell, String style) {
    NumberNode node = new NumberNode(cell.text(), cell.role(), cell.appearance()).inTable();
    node.getStyleClass().add(style);
    numbers.register(cell.line(), node);
    return node;
  }

  private Node writtenOut(List<Chain> chains) {
    VBox box = new VBox();
    box.getStyleClass().addAll("working", "inner");
    chains.forEach(chain -> box.getChildren().add(FormulaView.of(chain, INNER_SIZE, formulas)));
    return box;
  }

  private static Node iterations(PageBlock.Iterations iterations) {
    GridPane pane = new GridPane();
    pane.getStyleClass().addAll("grid", "list");
    for (int j = 0; j < iterations.head().size(); j++) {
      pane.add(head(iterations.head().get(j)), j, 0);
      for (int i = 0; i < iterations.rows().size(); i++) {
        pane.add(entry(iterations.rows().get(i).get(j)), j, i + 1);
      }
    }
    VBox box = new VBox(label(iterations.caption(), "caption"), pane);
    box.getStyleClass().add("table");
    return box;
  }

  private static Label entry(String text) {
    Label label = new Label(text);
    label.getStyleClass().add("entry");
    GridPane.setHalignment(label, HPos.RIGHT);
    return label;
  }

  private static Node excerpt(PageBlock.Excerpt excerpt) {
    GridPane pane = new GridPane();
    pane.getStyleClass().addAll("grid", "excerpt");
    pane.setAccessibleText(Words.of("excerpt.name"));
    pane.add(head("df"), 0, 0);
    ColumnConstraints first = new ColumnConstraints(34);
    pane.getColumnConstraints().add(first);
    for (int j = 0; j < excerpt.areas().size(); j++) {
      pane.add(head(excerpt.areas().get(j)), j + 1, 0);
    }
    for (int i = 0; i < excerpt.rows().size(); i++) {
      PageBlock.Row row = excerpt.rows().get(i);
      boolean own = row.own() == PageBlock.Use.OWN;
      Label df = entry(row.df());
      df.getStyleClass().add(own ? "own" : "neighbour");
      pane.add(df, 0, i + 1);
      for (int j = 0; j < row.entries().size(); j++) {
        Label entry = entry(row.entries().get(j));
        entry.getStyleClass().add(own ? "own" : "neighbour");
        entry.setMaxWidth(Double.MAX_VALUE);
        if (own && excerpt.picked().equals(Optional.of(j))) {
          entry.getStyleClass().add("picked");
        }
        if (own && excerpt.brackets().contains(j)) {
          entry.getStyleClass().add("bracket");
        }
        pane.add(entry, j + 1, i + 1);
      }
    }
    VBox box = new VBox(pane);
    box.getStyleClass().add("table");
    if (!excerpt.sentence().isEmpty()) {
      Text words = new Text(excerpt.sentence());
      words.getStyleClass().add("words");
      TextFlow flow = new TextFlow(words);
      flow.getStyleClass().addAll("sentence", "paragraph");
      flow.setAccessibleText(excerpt.sentence());
      box.getChildren().add(flow);
    }
    return box;
  }

  private static Node report(String text) {
    Label line = label(text, "report-text");
    HBox.setHgrow(line, Priority.ALWAYS);
    line.setMaxWidth(Double.MAX_VALUE);
    Button copy = new Button(Words.of("report.copy"));
    copy.getStyleClass().add("quiet");
    copy.setOnAction(
        _ -> {
          ClipboardContent content = new ClipboardContent();
          content.putString(text);
          Clipboard.getSystemClipboard().setContent(content);
          copy.setText(Words.of("report.copied"));
        });
    HBox box = new HBox(line, copy);
    box.getStyleClass().add("report");
    return box;
  }

  private static Node answerSpace(int lines) {
    VBox box = new VBox();
    for (int i = 0; i < lines; i++) {
      Region line = new Region();
      line.getStyleClass().add("answer-line");
      line.setMinHeight(ANSWER_HEIGHT);
      box.getChildren().add(line);
    }
    return box;
  }
}
