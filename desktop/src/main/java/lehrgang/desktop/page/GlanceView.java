package lehrgang.desktop.page;

import java.util.List;
import java.util.function.Consumer;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.TextFlow;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.notation.PlainText;
import lehrgang.core.page.Glance;
import lehrgang.core.wording.Span;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import org.kordamp.ikonli.javafx.FontIcon;

/// What helps before a number is selected: the checks of the page, what rounding does, and the ways
/// on; each leads to its step.
final class GlanceView extends VBox {
  private static final double TEXT_SIZE = 13.5;

  private final FormulaPainter formulas;
  private final Consumer<String> goTo;

  /// @param goTo shows a step
  GlanceView(Glance glance, FormulaPainter formulas, Consumer<String> goTo) {
    this.formulas = formulas;
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
    TextFlow words = new TextFlow();
    note.spans().forEach(span -> words.getChildren().add(words(span)));
    HBox.setHgrow(words, Priority.ALWAYS);
    HBox line = new HBox(icon(note.tone()), words);
    line.getStyleClass().add(Style.GLANCE_NOTE);
    line.setFocusTraversable(true);
    line.setAccessibleRole(AccessibleRole.BUTTON);
    line.setAccessibleText(note.text());
    line.setOnMouseClicked(_ -> goTo.accept(note.step()));
    line.setOnKeyPressed(
        key -> {
          if (key.getCode() == KeyCode.ENTER || key.getCode() == KeyCode.SPACE) {
            goTo.accept(note.step());
            key.consume();
          }
        });
    return line;
  }

  /// The numbers are read here and not chosen: the whole line leads to their step.
  private Node words(Span span) {
    return switch (span) {
      case Span.Words(var text, var weight) -> SentenceView.words(text, weight);
      case Span.Live(_, var number, var weight) -> SentenceView.words(PlainText.of(number), weight);
      case Span.Formula(var box) -> FormulaView.of(box, TEXT_SIZE, formulas);
    };
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
