package lehrgang.desktop.check;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import javafx.geometry.HPos;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.ClassMarks;
import lehrgang.core.number.Decimals;
import lehrgang.core.number.Kind;
import lehrgang.core.page.Page;
import lehrgang.core.solution.MarkingRules;
import lehrgang.core.wording.Wording;
import lehrgang.desktop.desk.Checked;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Segments;
import lehrgang.desktop.kit.Segments.Segment;
import lehrgang.desktop.kit.Stepper;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// By which rules answers are marked: points, digits, rounding, and what is given for what is not
/// quite right.
final class RulesPanel extends ScrollPane {
  private static final double ROOM = 16;
  private static final int FIGURES = 4;
  private static final BigDecimal HALF = new BigDecimal("0.5");
  private static final BigDecimal QUARTER = new BigDecimal("0.25");

  private final Desk desk;
  private final Runnable done;
  private final VBox box = new VBox();
  private final Map<List<String>, TextField> points = new LinkedHashMap<>();

  /// @param done leaves the rules
  RulesPanel(Desk desk, Runnable done) {
    this.desk = desk;
    this.done = done;
    getStyleClass().addAll(Style.RAIL_SCROLL, Style.STUDENT_PANEL);
    setFitToWidth(true);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    box.getStyleClass().add(Style.STUDENT_BOX);
    setContent(box);
  }

  /// Shows the rules for what was asked, and for what the worksheet asks.
  ///
  /// @param checked the class, whose slips may get part of the points
  void show(Optional<Checked> checked) {
    Optional<Page> whole = desk.worked().now().whole();
    if (whole.isEmpty() || isTyping()) {
      return;
    }
    Page page = whole.get();
    List<LineId> asked = desk.checking().ruled();
    box.getChildren().clear();
    box.getChildren()
        .addAll(
            Labels.label(Words.of("check.rules"), Style.CHECK_TITLE),
            Labels.label(Words.of("check.rules.say"), Style.CHECK_NOTE),
            group("check.rules.points", points(page, asked)),
            group("check.rules.digits", decimals(page, asked)),
            group("check.rules.coarse", coarse()));
    checked
        .map(Checked::marks)
        .map(ClassMarks::slips)
        .filter(made -> !made.isEmpty())
        .ifPresent(made -> box.getChildren().add(group("check.rules.part", part(checked.get()))));
    box.getChildren().add(ways());
  }

  /// What is typed stays as it is until it is left.
  private boolean isTyping() {
    return points.values().stream().anyMatch(Node::isFocused);
  }

  private static VBox group(String title, Node content) {
    VBox group = new VBox(Labels.label(Words.of(title), Style.CHECK_SUMMARY), content);
    VBox.setMargin(group, new Insets(ROOM, 0, 0, 0));
    return group;
  }

  private MarkingRules rules() {
    return desk.solution().now().marking();
  }

  private void edit(String what, UnaryOperator<MarkingRules> change) {
    desk.solution().edit("rules " + what, now -> now.withMarking(change.apply(now.marking())));
  }

  private Node points(Page page, List<LineId> asked) {
    points.clear();
    Map<String, List<LineId>> families = new LinkedHashMap<>();
    for (LineId line : asked) {
      families.computeIfAbsent(line.name(), _ -> new ArrayList<>()).add(line);
    }
    VBox lines = new VBox();
    for (List<LineId> family : families.values()) {
      String name =
          family.getFirst().name().startsWith("decision")
              ? Words.of("check.decision.name")
              : page.family(family.getFirst());
      List<String> ids = family.stream().map(LineId::toString).toList();
      TextField field =
          AnswerLine.figures(
              "points-" + family.getFirst().name(),
              FIGURES,
              Words.of("check.rules.points.of", name));
      field.setText(rules().pointsOf(ids.getFirst()).toPlainString());
      field.textProperty().subscribe((_, now) -> points(ids, now));
      points.put(ids, field);
      Label label = new Label(family.size() == 1 ? name : Words.of("check.rules.each", name));
      label.setWrapText(true);
      label.setMinWidth(0);
      HBox line = new HBox(label, AnswerLine.space(), field);
      line.setAlignment(Pos.CENTER_LEFT);
      line.getStyleClass().addAll(Style.CHECK_LINE, Style.BY_HAND);
      lines.getChildren().add(line);
    }
    return lines;
  }

  private void points(List<String> lines, String typed) {
    ByHandLine.read(typed)
        .filter(some -> some.compareTo(rules().pointsOf(lines.getFirst())) != 0)
        .ifPresent(
            some ->
                edit(
                    "points " + lines.getFirst(),
                    now ->
                        now.withPoints(
                            lines,
                            Optional.of(some)
                                .filter(other -> other.compareTo(BigDecimal.ONE) != 0))));
  }

  private Node decimals(Page page, List<LineId> asked) {
    Wording wording = page.wording();
    Set<Kind> kinds = EnumSet.noneOf(Kind.class);
    desk.worked()
        .now()
        .result()
        .ifPresent(
            result ->
                asked.stream()
                    .flatMap(line -> result.derivation().find(line).stream())
                    .map(line -> line.kind())
                    .filter(Kind::mayBeRounded)
                    .forEach(kinds::add));
    GridPane grid = new GridPane();
    grid.getStyleClass().add(Style.CHECK_RULES);
    ColumnConstraints name = new ColumnConstraints();
    name.setHgrow(Priority.ALWAYS);
    grid.getColumnConstraints().add(name);
    head(grid, 1, "check.rules.asked");
    head(grid, 2, "check.rules.kept");
    int row = 1;
    for (Kind kind : kinds) {
      if (!kind.isNumber()) {
        continue;
      }
      String words = wording.text("kind." + kind.key());
      grid.add(new Label(words), 0, row);
      grid.add(
          stepper(
              "asked-" + kind.key(),
              words,
              rules().digitsOf(kind),
              to -> edit("digits " + kind, now -> now.withDigits(kind, Optional.of(to)))),
          1,
          row);
      grid.add(
          stepper(
              "kept-" + kind.key(),
              words,
              rules().fewestOf(kind),
              to -> edit("fewest " + kind, now -> now.withFewest(kind, Optional.of(to)))),
          2,
          row++);
    }
    return grid;
  }

  private static void head(GridPane grid, int column, String key) {
    Label head = Labels.label(Words.of(key), Style.CHECK_NOTE);
    GridPane.setHalignment(head, HPos.RIGHT);
    grid.add(head, column, 0);
  }

  private interface To {
    void set(int decimals);
  }

  private static Stepper stepper(String id, String words, int now, To to) {
    return new Stepper(
            id,
            new Label(Integer.toString(now)),
            by -> to.set(Math.clamp((long) now + by, 0, Decimals.MOST)))
        .spoken(words);
  }

  private Node coarse() {
    Segments shares =
        new Segments(
            Words.of("check.rules.coarse"),
            List.of(
                share(BigDecimal.ONE, "check.rules.all"),
                share(HALF, "check.rules.half"),
                share(BigDecimal.ZERO, "check.rules.nothing")),
            key(rules().coarse()),
            value -> edit("coarse", now -> now.withCoarse(new BigDecimal(value))));
    shares.setId("coarse");
    shares.setAlignment(Pos.CENTER_LEFT);
    return shares;
  }

  private Node part(Checked checked) {
    VBox lines = new VBox();
    for (ClassMarks.Made made : checked.marks().slips()) {
      String slip = made.slip();
      Label name = new Label(checked.texts().name(slip));
      name.setWrapText(true);
      name.setMinWidth(0);
      Segments part =
          new Segments(
              checked.texts().name(slip),
              List.of(
                  share(BigDecimal.ZERO, "check.rules.nothing"),
                  share(QUARTER, "check.rules.quarter"),
                  share(HALF, "check.rules.half")),
              key(rules().part().getOrDefault(slip, BigDecimal.ZERO)),
              value -> part(slip, new BigDecimal(value)));
      part.setId("part-" + slip);
      HBox line = new HBox(name, AnswerLine.space(), part);
      line.setAlignment(Pos.CENTER_LEFT);
      line.getStyleClass().addAll(Style.CHECK_LINE, Style.BY_HAND);
      lines.getChildren().add(line);
    }
    return lines;
  }

  private void part(String slip, BigDecimal share) {
    edit(
        "part " + slip,
        now -> now.withPart(slip, Optional.of(share).filter(some -> some.signum() > 0)));
  }

  private static Segment share(BigDecimal share, String key) {
    return new Segment(key(share), Words.of(key), "");
  }

  private static String key(BigDecimal share) {
    return share.stripTrailingZeros().toPlainString();
  }

  private Node ways() {
    Button usual = new Button(Words.of("check.rules.usual"));
    usual.setId("rules-usual");
    usual.getStyleClass().add(Style.QUIET);
    usual.setOnAction(
        _ ->
            edit(
                "usual",
                now ->
                    now.withCourse(MarkingRules.usual())
                        .withPoints(List.copyOf(now.points().keySet()), Optional.empty())));
    Button leave = new Button(Words.of("check.type.done"));
    leave.setId("rules-done");
    leave.getStyleClass().add(Style.HAND_OUT);
    leave.setOnAction(_ -> done.run());
    HBox ways = new HBox(leave, usual);
    ways.getStyleClass().add(Style.CHECK_WAYS);
    VBox.setMargin(ways, new Insets(ROOM, 0, 0, 0));
    return ways;
  }
}
