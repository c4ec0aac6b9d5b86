package lehrgang.desktop.handout;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.beans.property.ObjectProperty;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lehrgang.core.page.Audience;
import lehrgang.core.solution.SheetChoices;
import lehrgang.core.solution.SheetChoices.PaperSize;
import lehrgang.core.solution.SheetChoices.Presence;
import lehrgang.core.solution.SheetChoices.With;
import lehrgang.core.solution.SheetChoices.WorkingRoom;
import lehrgang.core.solution.Solution;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.desk.TextEditing;
import lehrgang.desktop.kit.Icons;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Segments;
import lehrgang.desktop.kit.Segments.Segment;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.handout.Form;
import lehrgang.documents.handout.order.Solved;

/// What can be chosen about a sheet. Every choice is an edit of the solution, and undone like any
/// other.
final class ChoicesPanel extends ScrollPane {
  private final OpenSolution solution;
  private final List<Solved> others;
  private final Runnable othersChanged;
  private final Segments paper;
  private final Segments room;
  private final Map<With, CheckBox> with = new EnumMap<>(With.class);
  private final TextEditing course;
  private final TextEditing sheet;
  private final TextEditing due;
  private final VBox set = new VBox();
  private final VBox content = new VBox();

  ChoicesPanel(
      OpenSolution solution,
      ObjectProperty<Audience> audience,
      ObjectProperty<Form> form,
      List<Solved> others,
      Runnable addMore,
      Runnable vary,
      Runnable othersChanged) {
    this.solution = solution;
    this.others = others;
    this.othersChanged = othersChanged;
    Segments whom =
        segments(
            "handout.for",
            Arrays.stream(Audience.values()).map(Audience::key).toList(),
            audience.get().key(),
            key -> audience.set(Audience.ofKey(key).orElseThrow()));
    audience.subscribe(now -> whom.show(now.key()));
    Segments toRead = forms(Form.TO_READ, form);
    Segments toAnswer = forms(Form.TO_ANSWER, form);
    toAnswer.setId("handout-as-answer");
    Segments toWorkOn = forms(Form.TO_WORK_ON, form);
    toWorkOn.setId("handout-as-more");
    paper =
        segments(
            "handout.paper",
            Arrays.stream(PaperSize.values()).map(PaperSize::key).toList(),
            PaperSize.A4.key(),
            key -> edit("sheet.paper", now -> now.on(PaperSize.ofKey(key).orElseThrow())));
    room =
        segments(
            "handout.room",
            Arrays.stream(WorkingRoom.values()).map(WorkingRoom::key).toList(),
            WorkingRoom.GRID.key(),
            key -> edit("sheet.room", now -> now.withRoom(WorkingRoom.ofKey(key).orElseThrow())));
    TextField courseField = field("handout.course");
    TextField sheetField = field("handout.sheet");
    TextField dueField = field("handout.due");
    course =
        head(
            courseField, "sheet.course", (now, text) -> now.withHead(text, now.sheet(), now.due()));
    sheet =
        head(sheetField, "sheet.title", (now, text) -> now.withHead(now.course(), text, now.due()));
    due = head(dueField, "sheet.due", (now, text) -> now.withHead(now.course(), now.sheet(), text));
    for (With what : With.values()) {
      with.put(what, box(what));
    }
    Button add = Icons.tool("fth-plus", "handout.more", addMore);
    Button toVary = Icons.tool("fth-users", "handout.vary", vary);
    toVary.setId("handout-vary");
    content
        .getChildren()
        .addAll(
            group("handout.for", whom),
            group("handout.as", toRead, toAnswer, toWorkOn),
            group("handout.paper", paper),
            group(
                "handout.head",
                courseField,
                new HBox(8, sheetField, dueField),
                with.get(With.NAME)),
            group("handout.room", room),
            group(
                "handout.with",
                with.get(With.TABLE),
                with.get(With.POINTS),
                with.get(With.HINTS),
                with.get(With.CURVE)),
            group(
                "handout.several",
                Labels.label(Words.of("handout.several.hint"), Style.HANDOUT_HINT),
                set,
                add),
            group(
                "handout.personal",
                Labels.label(Words.of("handout.personal.hint"), Style.HANDOUT_HINT),
                toVary));
    HBox.setHgrow(sheetField, Priority.ALWAYS);
    HBox.setHgrow(dueField, Priority.ALWAYS);
    content.getStyleClass().add(Style.HANDOUT_CHOICES);
    set.getStyleClass().add(Style.HANDOUT_GROUP);
    setContent(content);
    setFitToWidth(true);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    getStyleClass().add(Style.HANDOUT_PANEL);
    show();
  }

  private Segments segments(
      String key, List<String> values, String chosen, Consumer<String> choose) {
    Segments segments =
        new Segments(
            Words.of(key),
            values.stream()
                .map(value -> new Segment(value, Words.of(key + "." + value), ""))
                .toList(),
            chosen,
            choose);
    segments.setId(key.replace('.', '-'));
    return segments;
  }

  private Segments forms(List<Form> some, ObjectProperty<Form> form) {
    Segments segments =
        segments(
            "handout.as",
            some.stream().map(Form::key).toList(),
            form.get().key(),
            key -> form.set(Form.ofKey(key).orElseThrow()));
    form.subscribe(now -> segments.show(now.key()));
    return segments;
  }

  private VBox group(String key, Node... parts) {
    Label label = Labels.label(Words.of(key), Style.HANDOUT_HEADING);
    VBox group = new VBox(label);
    group.getStyleClass().add(Style.HANDOUT_GROUP);
    group.getChildren().addAll(parts);
    VBox.setMargin(label, new Insets(0, 0, 2, 0));
    return group;
  }

  private static TextField field(String key) {
    TextField field = new TextField();
    field.setId(key.replace('.', '-'));
    field.setPromptText(Words.of(key));
    field.setAccessibleText(Words.of(key));
    field.getStyleClass().add(Style.HANDOUT_FIELD);
    return field;
  }

  /// Changes part of the head.
  private interface Head {
    SheetChoices with(SheetChoices now, String text);
  }

  private TextEditing head(TextField field, String thing, Head change) {
    return TextEditing.of(
        field, solution, thing, (now, text) -> now.withSheet(change.with(now.sheet(), text)));
  }

  private CheckBox box(With what) {
    CheckBox box = new CheckBox(Words.of("handout.with." + what.key()));
    box.setId("handout-with-" + what.key());
    box.setOnAction(
        _ -> edit("", now -> now.with(what, box.isSelected() ? Presence.ON : Presence.OFF)));
    return box;
  }

  private void edit(String thing, UnaryOperator<SheetChoices> change) {
    solution.edit(thing, now -> now.withSheet(change.apply(now.sheet())));
  }

  /// Shows what is chosen now.
  void show() {
    Solution now = solution.now();
    SheetChoices chosen = now.sheet();
    paper.show(chosen.paper().key());
    room.show(chosen.room().key());
    with.forEach((what, box) -> box.setSelected(chosen.has(what)));
    course.show(chosen.course());
    sheet.show(chosen.sheet());
    due.show(chosen.due());
  }

  /// Shows which solutions are in the set besides.
  void showOthers() {
    set.getChildren()
        .setAll(
            others.stream()
                .map(
                    solved -> {
                      Label name = Labels.label(solved.title(), Style.HANDOUT_OTHER);
                      HBox.setHgrow(name, Priority.ALWAYS);
                      name.setMaxWidth(Double.MAX_VALUE);
                      Button off =
                          Icons.button(
                              "fth-x",
                              Words.of("handout.off", solved.title()),
                              Style.QUIET,
                              () -> {
                                others.remove(solved);
                                showOthers();
                                othersChanged.run();
                              });
                      return new HBox(6, name, off);
                    })
                .toList());
  }
}
