package lehrgang.desktop.window;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import javafx.beans.binding.Bindings;
import javafx.beans.value.ObservableBooleanValue;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.text.Text;
import lehrgang.core.page.Audience;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.ProcedureOption;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.kit.Icons;
import lehrgang.desktop.kit.Segments;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import org.kordamp.ikonli.javafx.FontIcon;

/// The bar at the head: which solution this is, for whom the page is shown, and what can be done
/// with it.
final class HeaderBar extends HBox {
  private static final double TITLE = 160;
  private static final double LEAST_TITLE = 60;

  /// What must stay free beside the subtitle.
  private static final double AIR = 24;

  /// What the bar has room for, the most first, each with the width that it takes. What is left out
  /// is in the menu at its end, or has its place elsewhere too: whom a sheet is for is chosen where
  /// it is handed out.
  private enum Room {
    WORDS(1090),
    ICONS(950),
    MENU(790),
    LEAST(0);

    private final double width;

    Room(double width) {
      this.width = width;
    }

    static Room in(double width) {
      return Arrays.stream(values()).filter(room -> room.width <= width).findFirst().orElse(LEAST);
    }
  }

  private final Label title = new Label();
  private final Label subtitle = new Label();
  private final Region space = new Region();
  private final Segments seen;
  private final MoreMenu more = new MoreMenu();

  /// Those that can do without their words.
  private final List<ButtonBase> named;

  /// Those that are in the menu where there is no room for them.
  private final Map<Room, List<Button>> away;

  private Room room = Room.WORDS;

  /// What the subtitle may say, the longest first; it says what there is room for.
  private List<String> subtitles = List.of();

  HeaderBar(
      Desk desk,
      FileActions files,
      Runnable toStart,
      Runnable toShow,
      Runnable toCheck,
      Runnable toHandOut,
      Runnable toggleTheme) {
    OpenSolution solution = desk.solution();
    getStyleClass().add(Style.HEADER);
    setMinWidth(0);
    title.getStyleClass().add(Style.HEADER_TITLE);
    subtitle.getStyleClass().add(Style.HEADER_SUBTITLE);
    subtitle.setMinWidth(0);
    HBox.setHgrow(subtitle, Priority.SOMETIMES);
    HBox.setHgrow(space, Priority.ALWAYS);
    this.seen =
        new Segments(
            Words.of("seen.name"),
            Arrays.stream(Audience.values())
                .map(
                    audience ->
                        new Segments.Segment(
                            audience.key(), Words.of("seen." + audience.key()), ""))
                .toList(),
            Audience.FULL.key(),
            key -> desk.worked().audience().set(Audience.ofKey(key).orElseThrow()));
    seen.setId("seen");
    desk.worked().audience().subscribe(audience -> seen.show(audience.key()));
    Button open = icon("fth-folder", "open", () -> files.open());
    Button save = icon("fth-save", "save", () -> files.save());
    save.disableProperty()
        .bind(
            Bindings.createBooleanBinding(
                () -> !solution.unsaved().get() && solution.path().isPresent(),
                solution.unsaved()));
    Button undo = undoRedo("fth-rotate-ccw", "undo", solution::undo, solution.canUndo());
    Button redo = undoRedo("fth-rotate-cw", "redo", solution::redo, solution.canRedo());
    Button dark = icon("fth-moon", "dark", toggleTheme);
    CourseMenu course = new CourseMenu(solution, files.styles()::save, files.styles()::open);
    Button show = view("show", "fth-monitor", toShow);
    Button check = view("check", "fth-check-square", toCheck);
    getChildren()
        .addAll(
            icon("fth-grid", "start", toStart),
            title,
            subtitle,
            space,
            seen,
            undo,
            redo,
            course,
            new DecimalsMenu(solution),
            open,
            save,
            dark,
            more,
            show,
            check,
            handOut(toHandOut));
    this.named = List.of(course, show, check);
    this.away =
        Map.of(
            Room.MENU,
            List.of(open, save, dark),
            Room.LEAST,
            List.of(undo, redo, open, save, dark));
    fit(Room.WORDS);
    widthProperty()
        .subscribe(
            width -> {
              Room fitting = width.doubleValue() > 0 ? Room.in(width.doubleValue()) : room;
              if (fitting != room) {
                fit(fitting);
              }
            });
    solution.subscribe(this::show);
  }

  private void fit(Room fitting) {
    room = fitting;
    title.setMinWidth(room == Room.WORDS || room == Room.ICONS ? TITLE : LEAST_TITLE);
    named.forEach(
        button ->
            button.setContentDisplay(
                room == Room.WORDS ? ContentDisplay.LEFT : ContentDisplay.GRAPHIC_ONLY));
    keep(seen, room != Room.LEAST);
    List<Button> now = away.getOrDefault(room, List.of());
    away.get(Room.LEAST).forEach(button -> keep(button, !now.contains(button)));
    more.offer(now);
    keep(more, !now.isEmpty());
  }

  private static void keep(Node node, boolean kept) {
    node.setVisible(kept);
    node.setManaged(kept);
  }

  private static Button undoRedo(
      String symbol, String key, Runnable action, ObservableBooleanValue possible) {
    Button button = icon(symbol, key, action);
    button.disableProperty().bind(Bindings.not(possible));
    return button;
  }

  private static Button icon(String symbol, String key, Runnable action) {
    Button button = Icons.button(symbol, Words.of(key), Style.ICON_BUTTON, action);
    button.setId(key);
    return button;
  }

  private static Button view(String id, String icon, Runnable open) {
    Button button = new Button(Words.of(id + ".bar"), new FontIcon(icon));
    button.setOnAction(_ -> open.run());
    button.setId(id);
    button.setTooltip(new Tooltip(Words.of(id + ".bar")));
    button.getStyleClass().addAll(Style.ICON_BUTTON, Style.HEADER_VIEW);
    button.setMinWidth(Region.USE_PREF_SIZE);
    return button;
  }

  private static Node handOut(Runnable toHandOut) {
    Button button = new Button(Words.of("hand-out"));
    button.setOnAction(_ -> toHandOut.run());
    button.setId("hand-out");
    button.getStyleClass().add(Style.HAND_OUT);
    button.setMinWidth(Region.USE_PREF_SIZE);
    return button;
  }

  private void show(Solution solution) {
    String name = solution.question().title().strip();
    title.setText(name.isEmpty() ? Words.of("untitled") : name);
    String procedure = kind(solution);
    String source = solution.question().source().strip();
    String whole = source.isEmpty() ? procedure : source + " · " + procedure;
    subtitles = List.of(whole, procedure);
    requestLayout();
  }

  /// The procedure in words, and of several ways to tell it the one that is chosen.
  private static String kind(Solution solution) {
    Wording wording = Wording.english();
    String key = "procedure." + solution.procedure();
    return Procedures.of(solution.procedure()).options().stream()
        .filter(ProcedureOption.OneOf.class::isInstance)
        .map(ProcedureOption.OneOf.class::cast)
        .map(option -> key + "." + solution.choices().option(option))
        .filter(wording::has)
        .findFirst()
        .map(wording::text)
        .orElseGet(() -> wording.text(key));
  }

  @Override
  protected void layoutChildren() {
    double taken =
        getManagedChildren().stream()
            .filter(child -> child != subtitle && child != space)
            .mapToDouble(child -> child.prefWidth(-1))
            .sum();
    double gaps = getSpacing() * (getManagedChildren().size() - 1);
    double room = getWidth() - snappedLeftInset() - snappedRightInset() - taken - gaps - AIR;
    String fitting =
        subtitles.stream().filter(text -> widthOf(text) <= room).findFirst().orElse("");
    if (!fitting.equals(subtitle.getText())) {
      subtitle.setText(fitting);
    }
    super.layoutChildren();
  }

  private double widthOf(String text) {
    Text measured = new Text(text);
    measured.setFont(subtitle.getFont());
    return measured.getLayoutBounds().getWidth();
  }
}
