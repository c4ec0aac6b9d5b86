package lehrgang.desktop.check;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.SheetMarks;
import lehrgang.desktop.desk.Checked;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.desk.Request;
import lehrgang.desktop.kit.Icons;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.solutionfile.DemoCourse;

/// Checking: the answers of a class at the left, one student's at the right.
public final class CheckView extends BorderPane {
  private static final double PANEL = 430;
  private static final double LEAST_PANEL = 340;
  private static final double SHARE_OF_PANEL = 0.4;
  private static final double LEAST_TABLE = 220;

  private final Desk desk;
  private final MarksTable table = new MarksTable(this::choose, this::step);
  private final ClassCards cards = new ClassCards(table);
  private final StudentPanel student;
  private final StepPanel step;
  private final TypingPanel typing;
  private final TryPanel trying;
  private final RulesPanel rules;
  private final CheckBar bar;
  private Optional<Checked> shown = Optional.empty();
  private boolean renewing;
  private Optional<LineId> stepShown = Optional.empty();

  public CheckView(Desk desk) {
    this.desk = desk;
    this.student = new StudentPanel(desk.solution());
    this.step = new StepPanel(desk.solution(), desk.worked());
    this.typing = new TypingPanel(desk.checking(), this::typed);
    this.trying = new TryPanel(desk, this::tried);
    this.rules = new RulesPanel(desk, this::typed);
    widthProperty().subscribe(width -> fit(width.doubleValue()));
    getStyleClass().add(Style.CHECK_VIEW);
    this.bar = new CheckBar(table, () -> shown, this::type, this::tryIt, this::rule);
    setTop(bar);
    Label rule = new Label(Words.of("check.rule"));
    rule.setWrapText(true);
    HBox foot = new HBox(rule);
    foot.getStyleClass().add(Style.CHECK_FOOT);
    setBottom(foot);
    addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
    desk.solution().subscribe(now -> bar.show(now.question().title().strip()));
    desk.checking().subscribe(this::show);
    desk.checking().current().subscribe(bar::setMarked);
  }

  /// What stands at the right gives way where the class would have no room.
  private void fit(double width) {
    double wide = width <= 0 ? PANEL : Math.clamp(SHARE_OF_PANEL * width, LEAST_PANEL, PANEL);
    for (Region panel : List.of(student, step, typing, trying, rules)) {
      panel.setPrefWidth(wide);
      panel.setMinWidth(wide);
    }
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
    if (getRight() == trying) {
      return;
    }
    if (checked.isEmpty()) {
      setCenter(nothing());
      if (getRight() == rules) {
        rules.show(checked);
      } else if (getRight() != typing) {
        setRight(null);
      }
      return;
    }
    typing.show(checked.get());
    if (getRight() == rules) {
      rules.show(checked);
    }
    renewing = true;
    table.show(checked.get());
    cards.show(checked.get());
    renewing = false;
    stepShown
        .filter(checked.get().marks().lines()::contains)
        .ifPresent(line -> step.show(checked.get(), line));
    if (first || getRight() == null) {
      VBox.setVgrow(table, Priority.ALWAYS);
      VBox left = new VBox(cards, table, new Legend());
      left.getStyleClass().add(Style.CHECK_LEFT);
      setCenter(scrolled(left));
      if (getRight() != typing && getRight() != rules) {
        setRight(student);
      }
    }
  }

  /// A class that is too tall for its window, as where everything is shown large, is moved.
  private Node scrolled(VBox left) {
    table.setMinHeight(LEAST_TABLE);
    ScrollPane scroll = new ScrollPane(left);
    scroll.setFitToWidth(true);
    scroll.setFitToHeight(true);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.setFocusTraversable(false);
    scroll.getStyleClass().add(Style.PAGE_VIEW);
    return scroll;
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

  /// By which rules answers are marked.
  private void rule() {
    if (getRight() == trying) {
      tried();
    }
    rules.show(shown);
    setRight(rules);
  }

  /// The worksheet itself, to be filled in as a student would.
  private void tryIt() {
    setCenter(trying.sheet());
    setRight(trying);
    trying.begin();
  }

  /// Goes back to the class.
  private void tried() {
    trying.leave();
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

  private Node nothing() {
    Label head = Labels.label(Words.of("check.nothing"), Style.CHECK_TITLE);
    Label say = Labels.label(Words.of("check.nothing.say"), Style.CHECK_SUMMARY);
    Button open = new Button(Words.of("check.open"));
    open.setId("check-open-first");
    open.getStyleClass().add(Style.HAND_OUT);
    open.setOnAction(_ -> new Request.ChooseAnswers().from(this));
    Node paste =
        Icons.tool("fth-clipboard", "check.paste", () -> new Request.PasteAnswers().from(this));
    Node template =
        Icons.tool(
            "fth-download", "check.template", () -> new Request.SaveAnswersTemplate().from(this));
    Node type = Icons.tool("fth-user-plus", "check.type", this::type);
    Node itself = Icons.tool("fth-edit", "check.try", this::tryIt);
    Node keys = Icons.tool("fth-key", "check.open-keys", () -> new Request.ChooseKeys().from(this));
    FlowPane ways = new FlowPane(paste, type, itself, template, keys);
    if (isDemo()) {
      ways.getChildren()
          .add(
              Icons.tool(
                  "fth-users", "check.example", () -> new Request.TakeExampleAnswers().from(this)));
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

  /// Whether there is a class to look at that answered the open solution.
  private boolean isDemo() {
    return desk.solution()
        .now()
        .table()
        .equals(DemoCourse.open(DemoCourse.names().getFirst()).solution().table());
  }
}
