package lehrgang.desktop.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.Judgement;
import lehrgang.core.marking.Mark;
import lehrgang.core.notation.Chain;
import lehrgang.core.page.Appearance;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Blanks;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageStep;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.desk.Sight;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Scrolled;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.page.BlockViews;
import lehrgang.desktop.page.LiveNumbers;
import lehrgang.documents.handout.order.Solved;

/// The worksheet on the page, with fields in place of its blanks.
final class TrySheet extends ScrollPane {
  private static final double WIDEST = 820;
  private static final int FIGURES = 4;

  private final Desk desk;
  private final Consumer<LineId> changed;
  private final Consumer<LineId> entered;
  private final LiveNumbers numbers;
  private final BlockViews views;
  private final VBox paper = new VBox();
  private final Map<LineId, List<TextField>> fields = new LinkedHashMap<>();
  private final Map<LineId, String> answers = new LinkedHashMap<>();
  private final Map<LineId, Judgement> verdicts = new HashMap<>();
  private final Map<String, ToggleButton> decisions = new LinkedHashMap<>();
  private Optional<Page> sheet = Optional.empty();
  private Optional<LineId> toDecide = Optional.empty();

  /// @param changed told of a line whose answer is another
  /// @param entered told of a line whose field has the focus
  TrySheet(Desk desk, Consumer<LineId> changed, Consumer<LineId> entered) {
    this.desk = desk;
    this.changed = changed;
    this.entered = entered;
    this.numbers =
        new LiveNumbers(
            desk.worked(), desk.selection(), line -> Optional.of(line).map(this::field));
    this.views = BlockViews.toRead(numbers);
    getStyleClass().add(Style.PAGE_VIEW);
    paper.getStyleClass().add(Style.PAPER);
    paper.setMaxWidth(WIDEST);
    paper.setMinWidth(0);
    StackPane ground = new StackPane(paper);
    ground.getStyleClass().add(Style.DESK);
    setContent(ground);
    setFitToWidth(true);
    setHbarPolicy(ScrollBarPolicy.NEVER);
  }

  /// What was written, by line.
  Map<LineId, String> answers() {
    return answers;
  }

  /// The number of a line as far as a student knows it: given on the sheet, or the student's own.
  Optional<String> known(LineId line) {
    return Optional.ofNullable(answers.get(line))
        .map(String::strip)
        .or(
            () ->
                sheet
                    .filter(page -> page.has(line) && page.appearance(line) == Appearance.SHOWN)
                    .map(page -> page.shown(line).text()));
  }

  /// Whether a line is the decision.
  boolean isDecision(LineId line) {
    return toDecide.equals(Optional.of(line));
  }

  /// A working as it is set on the sheet.
  Node working(Chain chain) {
    return views.working(chain);
  }

  /// Sets the sheet without answers.
  void begin() {
    clear();
    desk.worked().now().result().map(Sight.Result::derivation).ifPresent(this::set);
    setVvalue(0);
  }

  /// Sets the sheet of the solution as it has become; an answer stays where it is still asked for.
  void renew() {
    Map<LineId, String> written = Map.copyOf(answers);
    double before = getVvalue();
    begin();
    written.forEach(this::putBack);
    setVvalue(before);
  }

  private void putBack(LineId line, String text) {
    if (!asks(line)) {
      return;
    }
    answers.put(line, text);
    if (isDecision(line)) {
      decisions.get(text).setSelected(true);
    } else {
      fields.get(line).getFirst().setText(text);
    }
  }

  /// Takes everything off the sheet.
  void clear() {
    fields.clear();
    answers.clear();
    verdicts.clear();
    sheet = Optional.empty();
    toDecide = Optional.empty();
    decisions.clear();
    paper.getChildren().clear();
    numbers.forgetOutside(paper);
  }

  /// Whether the sheet has room for the number of a line, or for the decision that it is.
  boolean asks(LineId line) {
    return fields.containsKey(line) || isDecision(line);
  }

  private void set(Derivation derivation) {
    Solved solved = new Solved(desk.solution().now(), derivation);
    Page page = solved.page(Audience.STUDENT);
    sheet = Optional.of(page);
    toDecide = solved.toDecide(page, Blanks.of(page));
    for (PageStep step : page.steps()) {
      VBox shown = step(step);
      toDecide
          .filter(_ -> step.id().equals(Solved.CONCLUSION))
          .ifPresent(line -> shown.getChildren().add(decision(line, page)));
      paper.getChildren().add(shown);
    }
  }

  private VBox step(PageStep step) {
    Label number = Labels.label(Integer.toString(step.number()), Style.STEP_NUMBER);
    Label title = Labels.label(step.title(), Style.STEP_TITLE);
    HBox heading = new HBox(number, title);
    heading.getStyleClass().add(Style.STEP_HEADING);
    VBox body = new VBox();
    body.getStyleClass().add(Style.STEP_BODY);
    step.blocks().stream()
        .filter(block -> !(block instanceof PageBlock.AnswerSpace))
        .map(views::of)
        .forEach(body.getChildren()::add);
    VBox shown = new VBox(heading, body);
    shown.getStyleClass().add(Style.STEP);
    return shown;
  }

  /// A number that is asked for in several places is written once and stands in all of them.
  private Region field(LineId line) {
    TextField field = new TextField();
    List<TextField> there = fields.computeIfAbsent(line, _ -> new ArrayList<>());
    if (there.isEmpty()) {
      field.setId("try-" + fields.size());
      field.textProperty().subscribe((_, now) -> write(line, now));
    } else {
      field.textProperty().bindBidirectional(there.getFirst().textProperty());
    }
    there.add(field);
    field.setPrefColumnCount(FIGURES);
    field.setMinWidth(0);
    field.setAlignment(Pos.CENTER_RIGHT);
    field.getStyleClass().add(Style.TRY_FIELD);
    desk.worked().now().whole().map(page -> page.name(line)).ifPresent(field::setAccessibleText);
    field.setOnAction(_ -> after(line));
    field
        .focusedProperty()
        .subscribe(
            focused -> {
              if (focused) {
                Scrolled.reveal(this, field);
                entered.accept(line);
              }
            });
    return field;
  }

  /// Enter goes on to the next blank.
  private void after(LineId line) {
    List<LineId> order = List.copyOf(fields.keySet());
    int next = order.indexOf(line) + 1;
    if (next < order.size()) {
      fields.get(order.get(next)).getFirst().requestFocus();
    }
  }

  private void write(LineId line, String text) {
    if (text.equals(answers.getOrDefault(line, ""))) {
      return;
    }
    if (text.isBlank()) {
      answers.remove(line);
    } else {
      answers.put(line, text);
    }
    changed.accept(line);
  }

  private Node decision(LineId line, Page page) {
    ToggleGroup group = new ToggleGroup();
    HBox ways =
        new HBox(
            way(line, group, "reject", page.wording().text("trace.decision.reject")),
            way(line, group, "do-not-reject", page.wording().text("trace.decision.keep")));
    ways.getStyleClass().add(Style.SEGMENTS);
    ways.setAlignment(Pos.CENTER_LEFT);
    return ways;
  }

  private ToggleButton way(LineId line, ToggleGroup group, String written, String words) {
    ToggleButton way = new ToggleButton(words);
    way.setId("try-" + written);
    way.setToggleGroup(group);
    decisions.put(written, way);
    way.setOnAction(_ -> write(line, way.isSelected() ? written : ""));
    way.focusedProperty()
        .subscribe(
            focused -> {
              if (focused) {
                entered.accept(line);
              }
            });
    return way;
  }

  /// Shows what became of an answer.
  void show(Mark mark) {
    if (mark.verdict() == verdicts.put(mark.line(), mark.verdict())) {
      return;
    }
    for (TextField field : fields.getOrDefault(mark.line(), List.of())) {
      field
          .getStyleClass()
          .removeAll(Style.MARK_RIGHT, Style.MARK_FOLLOWS, Style.MARK_LOST, Style.MARK_SILENT);
      field.getStyleClass().add(Signs.style(mark.verdict()));
      field.setAccessibleHelp(Signs.name(mark.verdict()));
    }
  }
}
