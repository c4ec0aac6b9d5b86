package lehrgang.desktop.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.ClassMarks;
import lehrgang.core.marking.Mark;
import lehrgang.core.marking.SheetMarks;
import lehrgang.core.notation.PlainText;
import lehrgang.desktop.desk.Checking.Checked;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// Students by steps: a sign for each answer, above each step how many had it right.
final class MarksTable extends VBox {
  private static final double STUDENT = 96;
  private static final double CREDIT = 70;
  private static final double ROW = 29;
  private static final double EDGES = 44;
  private static final double WIDEST = 64;

  /// A wide class still has a column that a finger can hit.
  private static final double NARROWEST = 26;

  private final ObservableList<SheetMarks> rows = FXCollections.observableArrayList();
  private final ListView<SheetMarks> list = new ListView<>(rows);
  private final HBox head = new HBox();
  private final HBox counts = new HBox();
  private final ScrollPane sideways = new ScrollPane();
  private final VBox inside = new VBox(head, counts, list);
  private final Consumer<LineId> steps;
  private Optional<Checked> shown = Optional.empty();
  private Comparator<SheetMarks> order = Comparator.comparing(SheetMarks::student);
  private Optional<List<String>> only = Optional.empty();
  private double column = NARROWEST;

  /// @param chosen takes the student who is chosen
  /// @param steps  takes the line that is chosen
  MarksTable(Consumer<SheetMarks> chosen, Consumer<LineId> steps) {
    this.steps = steps;
    getStyleClass().add(Style.MARKS_TABLE);
    head.getStyleClass().add(Style.MARKS_HEAD);
    counts.getStyleClass().add(Style.MARKS_COUNTS);
    list.setId("check-students");
    list.setFixedCellSize(ROW);
    list.setCellFactory(_ -> new Row());
    list.getSelectionModel()
        .selectedItemProperty()
        .subscribe(
            sheet -> {
              if (sheet != null) {
                chosen.accept(sheet);
              }
            });
    VBox.setVgrow(list, Priority.ALWAYS);
    sideways.setContent(inside);
    sideways.setFitToHeight(true);
    sideways.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    sideways.getStyleClass().add(Style.RAIL_SCROLL);
    sideways.widthProperty().subscribe(_ -> fit());
    VBox.setVgrow(sideways, Priority.ALWAYS);
    getChildren().add(sideways);
  }

  /// Shows a class; the student who was chosen stays so.
  void show(Checked checked) {
    Optional<String> before =
        Optional.ofNullable(list.getSelectionModel().getSelectedItem()).map(SheetMarks::student);
    shown = Optional.of(checked);
    heads(checked);
    fill();
    before.flatMap(checked.marks()::sheet).ifPresent(list.getSelectionModel()::select);
    if (list.getSelectionModel().isEmpty() && !rows.isEmpty()) {
      list.getSelectionModel().select(0);
    }
    fit();
  }

  /// Shows some students only, or all again.
  void only(Optional<List<String>> students) {
    only = students;
    fill();
    if (!rows.isEmpty()) {
      list.getSelectionModel().select(0);
      list.scrollTo(0);
    }
  }

  private void fill() {
    List<SheetMarks> sheets =
        shown.map(checked -> checked.marks().sheets()).orElse(List.of()).stream()
            .filter(sheet -> only.map(some -> some.contains(sheet.student())).orElse(true))
            .sorted(order)
            .toList();
    rows.setAll(sheets);
  }

  private void sort(Comparator<SheetMarks> by) {
    order = by.equals(order) ? by.reversed() : by;
    SheetMarks chosen = list.getSelectionModel().getSelectedItem();
    fill();
    list.getSelectionModel().select(chosen);
  }

  private void heads(Checked checked) {
    head.getChildren().clear();
    counts.getChildren().clear();
    Comparator<SheetMarks> byName = Comparator.comparing(SheetMarks::student);
    Comparator<SheetMarks> byCredit = Comparator.comparing(SheetMarks::credit);
    head.getChildren()
        .add(head(Words.of("check.student"), "check-sort-student", STUDENT, () -> sort(byName)));
    counts.getChildren().add(fixed(new Label(Words.of("check.share-right")), STUDENT));
    for (LineId line : checked.marks().lines()) {
      Button symbol = new Button(symbol(checked, line));
      symbol.setId("step-" + line);
      symbol.getStyleClass().setAll("button", Style.MARKS_SYMBOL);
      symbol.setTooltip(new Tooltip(checked.page().name(line)));
      symbol.setAccessibleText(checked.page().name(line) + ", " + Words.of("check.step"));
      symbol.setOnAction(_ -> steps.accept(line));
      head.getChildren().add(centred(symbol));
      counts.getChildren().add(centred(count(checked.marks(), line)));
    }
    head.getChildren()
        .add(head(Words.of("check.credit"), "check-sort-credit", CREDIT, () -> sort(byCredit)));
    Region end = new Region();
    counts.getChildren().add(fixed(end, CREDIT));
  }

  private static Button head(String words, String id, double width, Runnable sort) {
    Button button = new Button(words);
    button.setId(id);
    button.getStyleClass().add(Style.QUIET);
    button.setOnAction(_ -> sort.run());
    button.setAlignment(Pos.CENTER_LEFT);
    return fixed(button, width);
  }

  private static <R extends Region> R fixed(R region, double width) {
    region.setMinWidth(width);
    region.setPrefWidth(width);
    region.setMaxWidth(width);
    return region;
  }

  private <L extends Labeled> L centred(L label) {
    label.setAlignment(Pos.CENTER);
    return fixed(label, column);
  }

  private static Label count(ClassMarks marks, LineId line) {
    ClassMarks.Counts counts = marks.counts(line);
    int all = Math.max(1, marks.sheets().size());
    int good = counts.right() + counts.followed();
    Label label = new Label(Math.round(100.0 * good / all) + "");
    Tooltip.install(
        label,
        new Tooltip(
            Words.of(
                "check.counts",
                counts.right(),
                counts.followed(),
                counts.slipped(),
                counts.wrong(),
                counts.silent())));
    return label;
  }

  /// The symbol of a line.
  static String symbol(Checked checked, LineId line) {
    return switch (line.name()) {
      case "decision", "decision.p" -> Words.of("check.decision");
      case "crit" -> Words.of("check.critical");
      default -> PlainText.of(checked.page().inSymbols(line).left());
    };
  }

  /// Columns share the room that there is.
  private void fit() {
    int columns = shown.map(checked -> checked.marks().lines().size()).orElse(0);
    if (columns == 0) {
      return;
    }
    double room = sideways.getWidth() - STUDENT - CREDIT - EDGES;
    double wanted = Math.clamp(Math.floor(room / columns), NARROWEST, WIDEST);
    inside.setPrefWidth(STUDENT + CREDIT + columns * wanted + EDGES);
    if (wanted != column) {
      column = wanted;
      shown.ifPresent(this::heads);
      list.refresh();
    }
  }

  /// The students as they stand now.
  List<SheetMarks> rows() {
    return List.copyOf(rows);
  }

  /// Goes to another student.
  void go(int by) {
    int at = list.getSelectionModel().getSelectedIndex() + by;
    if (at >= 0 && at < rows.size()) {
      list.getSelectionModel().select(at);
      list.scrollTo(Math.max(0, at - 4));
    }
  }

  /// A student's signs.
  private final class Row extends ListCell<SheetMarks> {
    private final Label student = fixed(new Label(), STUDENT);
    private final Label credit = fixed(new Label(), CREDIT);
    private final List<Label> signs = new ArrayList<>();
    private final HBox line = new HBox();

    Row() {
      getStyleClass().add(Style.MARKS_ROW);
      line.setAlignment(Pos.CENTER_LEFT);
      setGraphic(line);
    }

    @Override
    protected void updateItem(SheetMarks sheet, boolean empty) {
      super.updateItem(sheet, empty);
      line.setVisible(!empty);
      if (empty || sheet == null) {
        return;
      }
      shape(sheet.marks().size());
      student.setText(sheet.student());
      credit.setText(
          sheet.credit().stripTrailingZeros().toPlainString()
              + " / "
              + sheet.of().stripTrailingZeros().toPlainString());
      for (int k = 0; k < signs.size(); k++) {
        Mark mark = sheet.marks().get(k);
        Label sign = fixed(signs.get(k), column);
        sign.setText(Signs.sign(mark.verdict()));
        sign.getStyleClass().setAll("label", "mark", Signs.style(mark.verdict()));
        if (mark.ruled()) {
          sign.getStyleClass().add(Style.MARK_RULED);
        }
      }
      setAccessibleText(spoken(sheet));
    }

    private String spoken(SheetMarks sheet) {
      String lost =
          sheet.marks().stream()
              .filter(mark -> mark.points().compareTo(mark.of()) < 0)
              .map(
                  mark ->
                      shown.map(checked -> checked.page().name(mark.line())).orElse("")
                          + ", "
                          + Signs.spoken(mark)
                          + mark.slips().stream()
                              .map(slip -> ", " + shown.map(c -> c.texts().name(slip)).orElse(""))
                              .collect(Collectors.joining()))
              .collect(Collectors.joining("; "));
      return Words.of("check.spoken", sheet.student(), credit.getText(), lost);
    }

    private void shape(int columns) {
      if (signs.size() != columns || line.getChildren().isEmpty()) {
        signs.clear();
        line.getChildren().setAll(student);
        for (int k = 0; k < columns; k++) {
          Label sign = new Label();
          sign.setAlignment(Pos.CENTER);
          signs.add(sign);
        }
        line.getChildren().addAll(signs);
        line.getChildren().add(credit);
      }
    }
  }
}
