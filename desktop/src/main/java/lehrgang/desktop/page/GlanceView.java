package lehrgang.desktop.page;

import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.page.Glance;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import org.kordamp.ikonli.javafx.FontIcon;

/// What helps before a number is selected: the checks of the page, what rounding does, and the ways
/// on; each leads to its step.
final class GlanceView extends VBox {
  private final Consumer<String> goTo;

  /// @param goTo shows a step
  GlanceView(Glance glance, Consumer<String> goTo) {
    this.goTo = goTo;
    getStyleClass().add(Style.GLANCE);
    setId("glance");
    section("glance.checks", glance.checks());
    section("glance.rounding", glance.rounding().stream().toList());
    if (glance.rounding().isEmpty() && !glance.checks().isEmpty()) {
      getChildren()
          .addAll(
              head("glance.rounding"),
              Labels.label(Words.of("glance.rounding.none"), Style.GLANCE_TEXT));
    }
    section("glance.ways", glance.ways());
  }

  private void section(String key, List<Glance.Note> notes) {
    if (!notes.isEmpty()) {
      getChildren().add(head(key));
      notes.forEach(note -> getChildren().add(line(note)));
    }
  }

  private static Node head(String key) {
    return Labels.label(Words.of(key), Style.TRACE_HEAD);
  }

  private Node line(Glance.Note note) {
    Button button = Labels.literal(new Button(note.text(), icon(note.tone())));
    button.getStyleClass().add(Style.GLANCE_NOTE);
    button.setWrapText(true);
    button.setMaxWidth(Double.MAX_VALUE);
    button.setMinHeight(USE_PREF_SIZE);
    button.setOnAction(_ -> goTo.accept(note.step()));
    return button;
  }

  private static Node icon(Tone tone) {
    FontIcon icon =
        new FontIcon(
            switch (tone) {
              case CHECKED -> "fth-check";
              case WARNING -> "fth-alert-triangle";
              case NOTE -> "fth-arrow-right";
            });
    icon.getStyleClass()
        .add(
            switch (tone) {
              case CHECKED -> Style.AGREES;
              case WARNING -> Style.DIFFERS;
              case NOTE -> Style.GLANCE_ARROW;
            });
    return icon;
  }
}
