package lehrgang.desktop.window;

import java.util.Arrays;
import java.util.List;
import javafx.beans.binding.Bindings;
import javafx.beans.value.ObservableBooleanValue;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
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
  private static final double LEAST_TITLE = 160;

  /// What must stay free beside the subtitle.
  private static final double AIR = 24;

  private final Label title = new Label();
  private final Label subtitle = new Label();
  private final Region space = new Region();

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
    title.getStyleClass().add(Style.HEADER_TITLE);
    subtitle.getStyleClass().add(Style.HEADER_SUBTITLE);
    title.setMinWidth(LEAST_TITLE);
    subtitle.setMinWidth(0);
    HBox.setHgrow(subtitle, Priority.SOMETIMES);
    HBox.setHgrow(space, Priority.ALWAYS);
    Segments seen =
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
    Node open = icon("fth-folder", "open", () -> files.open());
    Button save = icon("fth-save", "save", () -> files.save());
    save.disableProperty()
        .bind(
            Bindings.createBooleanBinding(
                () -> !solution.unsaved().get() && solution.path().isPresent(),
                solution.unsaved()));
    getChildren()
        .addAll(
            icon("fth-grid", "start", toStart),
            title,
            subtitle,
            space,
            seen,
            undoRedo("fth-rotate-ccw", "undo", solution::undo, solution.canUndo()),
            undoRedo("fth-rotate-cw", "redo", solution::redo, solution.canRedo()),
            new CourseMenu(solution, files.styles()::save, files.styles()::open),
            new DecimalsMenu(solution),
            open,
            save,
            icon("fth-moon", "dark", toggleTheme),
            view("show", "fth-monitor", toShow),
            view("check", "fth-check-square", toCheck),
            handOut(toHandOut));
    solution.subscribe(this::show);
  }

  private static Node undoRedo(
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

  private static Node view(String id, String icon, Runnable open) {
    Button button = new Button(Words.of(id + ".bar"), new FontIcon(icon));
    button.setOnAction(_ -> open.run());
    button.setId(id);
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
