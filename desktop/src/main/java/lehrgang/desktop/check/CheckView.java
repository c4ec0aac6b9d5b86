package lehrgang.desktop.check;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.ClassMarks;
import lehrgang.core.marking.Points;
import lehrgang.core.marking.SheetMarks;
import lehrgang.desktop.desk.Checking.Checked;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.kit.Icons;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// Checking: the answers of a class at the left, one student's at the right.
public final class CheckView extends BorderPane {
  private static final double PANEL = 430;

  /// So many slips are named above the class.
  private static final int MOST_SLIPS = 8;

  private final Desk desk;
  private final Use use;
  private final Label students = Labels.label("", Style.CHECK_FIGURE);
  private final Label from = Labels.label("", Style.CHECK_NOTE);
  private final Label mean = Labels.label("", Style.CHECK_FIGURE);
  private final Label frequent = Labels.label("", Style.CHECK_FIGURE);
  private final Label often = Labels.label("", Style.CHECK_NOTE);
  private final FlowPane slips = new FlowPane();
  private final ToggleGroup filter = new ToggleGroup();
  private final MarksTable table = new MarksTable(this::choose, this::step);
  private final StudentPanel student;
  private final StepPanel step;
  private final TypingPanel typing;
  private final TryPanel trying;
  private final CheckBar bar;
  private Optional<Checked> shown = Optional.empty();
  private Optional<String> pressed = Optional.empty();
  private boolean renewing;
  private Optional<LineId> stepShown = Optional.empty();

  /// What the view needs of the window around it.
  public interface Use {
    /// Goes back to writing.
    void leave();

    /// Asks for a file with answers and takes them.
    void open();

    /// Takes answers from the clipboard.
    void paste();

    /// Asks for a file and writes the marks to it.
    void save(ClassMarks marks);

    /// Asks for a file and writes feedback to some students into it.
    void feedback(List<SheetMarks> sheets);

    /// Asks for a folder and writes feedback into it, files for each student and for everyone.
    void feedbackEach(List<SheetMarks> sheets);

    /// Asks for a file and writes a table for answers to it.
    void template();

    /// Whether there is a class to look at that answered the open solution.
    boolean hasExample();

    /// Takes the answers of that class.
    void example();
  }

  public CheckView(Desk desk, Use use) {
    this.desk = desk;
    this.use = use;
    this.student = new StudentPanel(desk.solution());
    this.step = new StepPanel(desk.solution(), desk.worked());
    this.typing = new TypingPanel(desk.checking(), this::typed);
    this.trying = new TryPanel(desk, this::tried);
    for (Region panel : List.of(student, step, typing, trying)) {
      panel.setPrefWidth(PANEL);
      panel.setMinWidth(PANEL);
    }
    getStyleClass().add(Style.CHECK_VIEW);
    this.bar = new CheckBar(use, table, () -> shown, this::type, this::tryIt);
    setTop(bar);
    Label rule = new Label(Words.of("check.rule"));
    HBox foot = new HBox(rule);
    foot.getStyleClass().add(Style.CHECK_FOOT);
    setBottom(foot);
    addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
    desk.solution().subscribe(now -> bar.show(now.question().title().strip()));
    desk.checking().subscribe(this::show);
  }

  private void pressed(KeyEvent key) {
    if (key.isAltDown() && key.getCode() == KeyCode.DOWN) {
      table.go(1);
      key.consume();
    } else if (key.isAltDown() && key.getCode() == KeyCode.UP) {
      table.go(-1);
      key.consume();
    }
  }

  private void show(Optional<Checked> checked) {
    boolean first = shown.isEmpty();
    shown = checked;
    bar.setMarked(checked.isPresent());
    if (getRight() == trying) {
      return;
    }
    if (checked.isEmpty()) {
      setCenter(nothing());
      if (getRight() != typing) {
        setRight(null);
      }
      return;
    }
    typing.show(checked.get());
    renewing = true;
    table.show(checked.get());
    cards(checked.get());
    renewing = false;
    stepShown
        .filter(checked.get().marks().lines()::contains)
        .ifPresent(line -> step.show(checked.get(), line));
    if (first || getRight() == null) {
      VBox.setVgrow(table, Priority.ALWAYS);
      VBox left = new VBox(cardRow(), slips, table, new Legend());
      left.getStyleClass().add(Style.CHECK_LEFT);
      setCenter(left);
      if (getRight() != typing) {
        setRight(student);
      }
    }
  }

  /// Answers of a student that stand on paper.
  private void type() {
    desk.worked()
        .now()
        .whole()
        .ifPresent(
            page -> {
              typing.ask(page, desk.checking().asked());
              setRight(typing);
              typing.begin();
            });
  }

  /// The worksheet itself, to be filled in as a student would.
  private void tryIt() {
    setCenter(trying.sheet());
    setRight(trying);
    trying.begin();
  }

  /// Goes back to the class.
  private void tried() {
    setRight(null);
    setCenter(null);
    Optional<Checked> now = shown;
    shown = Optional.empty();
    show(now);
  }

  private void typed() {
    setRight(shown.isPresent() ? student : null);
    if (shown.isPresent() && table.chosen().isEmpty()) {
      table.first();
    }
  }

  private HBox cardRow() {
    HBox row =
        new HBox(
            card(students, from),
            card(mean, Labels.label(Words.of("check.mean"), Style.CHECK_NOTE)),
            card(frequent, often));
    row.getStyleClass().add(Style.CHECK_CARDS);
    return row;
  }

  private static VBox card(Label figure, Label note) {
    VBox card = new VBox(figure, note);
    card.getStyleClass().add(Style.CHECK_CARD);
    HBox.setHgrow(card, Priority.ALWAYS);
    card.setMaxWidth(Double.MAX_VALUE);
    return card;
  }

  private void cards(Checked checked) {
    ClassMarks marks = checked.marks();
    students.setText(
        marks.sheets().size() == 1
            ? Words.of("check.students.one")
            : Words.of("check.students", marks.sheets().size()));
    from.setText(Words.of("check.from", checked.name()));
    mean.setText(
        Words.of("check.credit.of", marks.meanCredit().toPlainString(), Points.text(marks.of())));
    slips.getStyleClass().setAll(Style.CHECK_SLIPS);
    slips.getChildren().clear();
    filter.getToggles().clear();
    List<ClassMarks.Made> made = marks.slips();
    frequent.setText(
        made.isEmpty() ? Words.of("check.no-slip") : checked.texts().name(made.getFirst().slip()));
    often.setText(made.isEmpty() ? "" : Words.of("check.often", made.getFirst().students().size()));
    made.stream()
        .limit(MOST_SLIPS)
        .map(one -> chip(checked, one))
        .forEach(slips.getChildren()::add);
    filter(made);
  }

  /// Those who made the slip that is pressed; everyone where nobody makes it any more.
  private void filter(List<ClassMarks.Made> made) {
    Optional<ClassMarks.Made> wanted =
        made.stream()
            .limit(MOST_SLIPS)
            .filter(one -> pressed.equals(Optional.of(one.slip())))
            .findFirst();
    pressed = wanted.map(ClassMarks.Made::slip);
    table.only(wanted.map(ClassMarks.Made::students));
  }

  /// A slip with how many made it; pressed, the class is those who did.
  private ToggleButton chip(Checked checked, ClassMarks.Made made) {
    String where =
        made.lines().stream().map(name -> symbol(checked, name)).collect(Collectors.joining(", "));
    ToggleButton chip =
        new ToggleButton(
            Words.of(
                "check.made", checked.texts().name(made.slip()), made.students().size(), where));
    chip.setId("slip-" + made.slip());
    chip.getStyleClass().add(Style.CHECK_CHIP);
    chip.setToggleGroup(filter);
    chip.setSelected(pressed.equals(Optional.of(made.slip())));
    chip.setOnAction(
        _ -> {
          pressed = chip.isSelected() ? Optional.of(made.slip()) : Optional.empty();
          filter(checked.marks().slips());
          table.first();
        });
    return chip;
  }

  /// The letter of a family, the symbol of a line that stands alone.
  private static String symbol(Checked checked, String name) {
    return checked.marks().lines().stream()
        .filter(line -> line.name().equals(name))
        .findFirst()
        .map(
            line -> {
              String symbol = MarksTable.symbol(checked, line);
              return line.index().isEmpty() ? symbol : symbol.replaceAll("[₀-₉,]+$", "");
            })
        .orElse(name);
  }

  private Node nothing() {
    Label head = Labels.label(Words.of("check.nothing"), Style.CHECK_TITLE);
    Label say = Labels.label(Words.of("check.nothing.say"), Style.CHECK_SUMMARY);
    Button open = new Button(Words.of("check.open"));
    open.setId("check-open-first");
    open.getStyleClass().add(Style.HAND_OUT);
    open.setOnAction(_ -> use.open());
    Node paste = Icons.tool("fth-clipboard", "check.paste", use::paste);
    Node template = Icons.tool("fth-download", "check.template", use::template);
    Node type = Icons.tool("fth-user-plus", "check.type", this::type);
    Node itself = Icons.tool("fth-edit", "check.try", this::tryIt);
    FlowPane ways = new FlowPane(paste, type, itself, template);
    if (use.hasExample()) {
      ways.getChildren().add(Icons.tool("fth-users", "check.example", use::example));
    }
    ways.getStyleClass().add(Style.CHECK_OTHER_WAYS);
    VBox box = new VBox(head, say, open, ways);
    box.getStyleClass().add(Style.CHECK_NOTHING);
    box.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
    return box;
  }

  private void choose(SheetMarks sheet) {
    shown.ifPresent(checked -> student.show(checked, sheet));
    if (!renewing && getRight() != typing) {
      stepShown = Optional.empty();
      setRight(student);
    }
  }

  /// Shows what the class wrote for a line.
  private void step(LineId line) {
    stepShown = Optional.of(line);
    shown.ifPresent(checked -> step.show(checked, line));
    setRight(step);
  }

  /// Whether the view is in front; else nothing is marked anew.
  public void setInSight(boolean now) {
    if (!now && getRight() == typing) {
      typed();
    } else if (!now && getRight() == trying) {
      tried();
    }
    desk.checking().setInSight(now);
  }
}
