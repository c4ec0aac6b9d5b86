package lehrgang.desktop.write;

import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import javafx.scene.text.TextFlow;
import lehrgang.core.data.Problem;
import lehrgang.core.page.PageBlock;
import lehrgang.core.wording.Span;
import lehrgang.core.wording.Wording;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.desk.Rewording;
import lehrgang.desktop.desk.TextEditing;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import lehrgang.desktop.page.FormulaPainter;
import lehrgang.desktop.page.LiveNumbers;
import lehrgang.desktop.page.Rewritable;
import lehrgang.desktop.page.SentenceView;

/// A number typed inside its sentence, such as the significance level or a claimed share.
final class NumberField extends VBox {
  private static final PseudoClass INVALID = PseudoClass.getPseudoClass("invalid");
  private static final double LEAST_WIDTH = 40;
  private static final double WIDTH_OF_CHARACTER = 8;
  private static final double BORDER = 11;

  private final OpenSolution solution;
  private final LiveNumbers numbers;
  private final FormulaPainter formulas;
  private final String name;
  private final TextField field = new TextField();
  private final TextEditing editing;
  private final Label message = Labels.label("", Style.MESSAGE);
  private final TextFlow flow = new TextFlow();
  private final Rewritable words;
  private List<Span> shown = List.of();

  /// @param block the sentence that it stands in
  NumberField(
      PageBlock.TypedNumber block,
      OpenSolution solution,
      Rewording rewording,
      LiveNumbers numbers,
      FormulaPainter formulas) {
    String name = block.field();
    this.name = name;
    this.solution = solution;
    this.numbers = numbers;
    this.formulas = formulas;
    field.setId(name);
    field.setAccessibleText(Words.of(name + ".name"));
    field.getStyleClass().addAll(Style.INLINE_FIELD, Style.FLUSH_RIGHT);
    field.textProperty().subscribe(this::fit);
    editing =
        TextEditing.of(
            field,
            solution,
            name,
            (now, typed) -> now.withChoices(now.choices().withTyped(name, typed)));
    flow.getStyleClass().add(Style.SENTENCE);
    flow.setMinHeight(0);
    message.managedProperty().bind(message.visibleProperty());
    message.setVisible(false);
    words = new Rewritable(block.template(), flow, "", Optional.of(rewording));
    getChildren().addAll(words, message);
  }

  /// Shows the sentence around the field.
  NumberField show(PageBlock.TypedNumber block) {
    boolean sameWords = words(block.spans()).equals(words(shown));
    if (!sameWords) {
      numbers.registerField(block.line(), field);
      flow.getChildren().setAll(block.spans().stream().map(span -> node(span, block)).toList());
    }
    shown = block.spans();
    flow.setAccessibleText(Span.plain(shown));
    words.describe(block.template(), Span.plain(shown));
    String usual = Span.plain(block.spans().stream().filter(span -> isOwn(span, block)).toList());
    editing.show(solution.now().choices().typedOr(name, usual));
    return this;
  }

  /// Long enough for what is typed, such as two levels at once.
  private void fit(String text) {
    field.setPrefWidth(Math.max(LEAST_WIDTH, BORDER + text.length() * WIDTH_OF_CHARACTER));
  }

  private static List<Span> words(List<Span> spans) {
    return spans.stream().filter(span -> !(span instanceof Span.Live)).toList();
  }

  private static boolean isOwn(Span span, PageBlock.TypedNumber block) {
    return span instanceof Span.Live(var line, _, _) && line.equals(block.line());
  }

  private Node node(Span span, PageBlock.TypedNumber block) {
    return isOwn(span, block) ? field : SentenceView.node(span, numbers, formulas);
  }

  /// Shows what is typed.
  void update() {
    editing.show(solution.now().choices().typedOr(name, field.getText()));
  }

  /// Shows what is wrong with what is typed.
  void update(List<Problem> problems) {
    Optional<String> wrong =
        problems.stream()
            .filter(problem -> problem.place().equals(new Problem.Field(name)))
            .map(problem -> Wording.english().text(problem.sentence()))
            .findFirst();
    field.pseudoClassStateChanged(INVALID, wrong.isPresent());
    message.setText(wrong.orElse(""));
    message.setVisible(wrong.isPresent());
  }
}
