package lehrgang.desktop.check;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.ClassMarks;
import lehrgang.core.marking.SheetMarks;
import lehrgang.core.notation.PlainText;
import lehrgang.desktop.desk.Checked;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// Students by steps: a sign for each answer, above each step how many had it right.
final class MarksTable extends VBox {
  private static final double ROW = 29;
  static final double STUDENT = 96;
  static final double CREDIT = 84;
  private static final double EDGES = 30;
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
    list.setCellFactory(_ -> new MarksRow(() -> shown, () -> column));
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
    shown = Optional.of(checked);
    column = column();
    heads(checked);
    fill();
    fit();
  }

  /// Shows some students only, or all again; the student who was chosen stays so.
  void only(Optional<List<String>> students) {
    only = students;
    fill();
  }

  /// Chooses the first student who is shown.
  void first() {
    if (!rows.isEmpty()) {
      list.getSelectionModel().select(0);
      list.scrollTo(0);
    }
  }

  private void fill() {
    Optional<String> before =
        Optional.ofNullable(list.getSelectionModel().getSelectedItem()).map(SheetMarks::student);
    rows.setAll(
        shown.map(checked -> checked.marks().sheets()).orElse(List.of()).stream()
            .filter(sheet -> only.map(some -> some.contains(sheet.student())).orElse(true))
            .sorted(order)
            .toList());
    rows.stream()
        .filter(sheet -> before.equals(Optional.of(sheet.student())))
        .findFirst()
        .ifPresentOrElse(list.getSelectionModel()::select, this::first);
  }

  private void sort(Comparator<SheetMarks> by) {
    order = by.equals(order) ? by.reversed() : by;
    fill();
  }

  private void heads(Checked checked) {
    head.getChildren().clear();
    counts.getChildren().clear();
    Comparator<SheetMarks> byName = Comparator.comparing(SheetMarks::student);
    Comparator<SheetMarks> byCredit = Comparator.comparing(SheetMarks::credit);
    head.getChildren()
        .add(head(Words.of("check.student"), "check-sort-student", STUDENT, () -> sort(byName)));
    counts.getChildren().add(fixed(new Label(Words.of("check.share-right")), STUDENT));
    Map<LineId, ClassMarks.Counts> fared = checked.marks().counts();
    int students = checked.marks().sheets().size();
    for (LineId line : checked.marks().lines()) {
      Button symbol = new Button(symbol(checked, line));
      symbol.setId("step-" + line);
      symbol.getStyleClass().setAll("button", Style.MARKS_SYMBOL);
      symbol.setTooltip(new Tooltip(checked.page().name(line)));
      symbol.setAccessibleText(checked.page().name(line) + ", " + Words.of("check.step"));
      symbol.setOnAction(_ -> steps.accept(line));
      head.getChildren().add(centred(symbol));
      counts.getChildren().add(centred(count(fared.get(line), students)));
    }
    Button credit =
        head(Words.of("check.credit"), "check-sort-credit", CREDIT, () -> sort(byCredit));
    credit.setAlignment(Pos.CENTER_RIGHT);
    head.getChildren().add(credit);
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

  static <R extends Region> R fixed(R region, double width) {
    region.setMinWidth(width);
    region.setPrefWidth(width);
    region.setMaxWidth(width);
    return region;
  }

  private <L extends Labeled> L centred(L label) {
    label.setAlignment(Pos.CENTER);
    return fixed(label, column);
  }

  private static Label count(ClassMarks.Counts counts, int students) {
    int all = Math.max(1, students);
    Label label = new Label(Math.round(100.0 * counts.right() / all) + "");
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
    double wanted = column();
    inside.setPrefWidth(STUDENT + CREDIT + columns * wanted + EDGES);
    if (wanted != column) {
      column = wanted;
      shown.ifPresent(this::heads);
      list.refresh();
    }
  }

  /// How wide a column is where they share the room that there is.
  private double column() {
    int columns = shown.map(checked -> checked.marks().lines().size()).orElse(0);
    double room = sideways.getWidth() - STUDENT - CREDIT - EDGES;
    return columns == 0 ? column : Math.clamp(Math.floor(room / columns), NARROWEST, WIDEST);
  }

  /// The students as they stand now.
  List<SheetMarks> rows() {
    return List.copyOf(rows);
  }

  /// The student who is chosen; empty where none is in sight.
  Optional<SheetMarks> chosen() {
    return Optional.ofNullable(list.getSelectionModel().getSelectedItem());
  }

  /// Goes to another student.
  void go(int by) {
    int at = list.getSelectionModel().getSelectedIndex() + by;
    if (at >= 0 && at < rows.size()) {
      list.getSelectionModel().select(at);
      list.scrollTo(Math.max(0, at - 4));
    }
  }
}
