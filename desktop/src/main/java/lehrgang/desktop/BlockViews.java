package lehrgang.desktop;

import java.util.List;
import java.util.Optional;
import javafx.geometry.HPos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import lehrgang.core.notation.Chain;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.wording.Span;

/// Turns the blocks of a page into nodes.
final class BlockViews {
  private static final double FORMULA_SIZE = 19;
  private static final double INNER_SIZE = 16.5;
  private static final int ANSWER_HEIGHT = 30;

  /// An excerpt with more columns is set closer.
  private static final int MOST_AREAS_AT_EASE = 8;

  /// A longer row label takes two lines.
  private static final int LONG_LABEL = 24;

  private final LiveNumbers numbers;
  private final FormulaLayout formulas;
  private final Editors editors;

  /// The parts of the page in which something is typed; they stay while the rest is set anew.
  interface Editors {
    Node question();

    Node table(List<Grid> layers);

    Node provenance(PageBlock.Provenance block);

    Node number(PageBlock.TypedNumber block);

    Node ways(PageBlock.Ways ways);
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
      case PageBlock.Provenance provenance -> editors.provenance(provenance);
      case PageBlock.DataTable(var layers) -> editors.table(layers);
      case PageBlock.TypedNumber number -> editors.number(number);
      case PageBlock.Ways ways -> editors.ways(ways);
      case PageBlock.Outcomes outcomes -> new OutcomesView(outcomes, numbers);
      case PageBlock.Grids(var grids) -> new GridsView(grids, numbers, formulas);
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

  private SentenceView sentence(List<Span> spans, String style) {
    return new SentenceView(spans, style, numbers, formulas);
  }

  private Node remark(PageBlock.Remark remark) {
    return new RemarkView(remark, sentence(remark.spans(), "remark-text"));
  }

  static Label label(String text, String style) {
    Label label = new Label(text);
    label.setWrapText(true);
    label.getStyleClass().add(style);
    label.setMinHeight(Region.USE_PREF_SIZE);
    return label;
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

  static Label rowHead(String text) {
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
    if (excerpt.areas().size() > MOST_AREAS_AT_EASE) {
      pane.getStyleClass().add("dense");
    }
    pane.setAccessibleText(Words.of("excerpt.name"));
    pane.add(head(excerpt.corner()), 0, 0);
    ColumnConstraints first = new ColumnConstraints(34);
    pane.getColumnConstraints().add(first);
    for (int j = 0; j < excerpt.areas().size(); j++) {
      pane.add(head(excerpt.areas().get(j)), j + 1, 0);
    }
    for (int i = 0; i < excerpt.rows().size(); i++) {
      PageBlock.Row row = excerpt.rows().get(i);
      boolean own = row.own() == PageBlock.Use.OWN;
      Label df = entry(row.head());
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
