package lehrgang.desktop.page;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import lehrgang.core.derivation.Verdict.Decision;
import lehrgang.core.notation.Box;
import lehrgang.core.number.Shown;
import lehrgang.core.page.Page;
import lehrgang.desktop.desk.Sight;
import lehrgang.desktop.desk.WorkedOut;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// The strip at the foot: statistic, df, critical value, p, effect and decision, always in sight.
public final class VerdictStrip extends HBox {
  private static final double SIZE = 16;

  private final LiveNumbers numbers;
  private final FormulaPainter formulas;
  private List<Node> items = List.of();

  public VerdictStrip(WorkedOut worked, LiveNumbers numbers) {
    this.numbers = numbers;
    this.formulas = new FormulaPainter(numbers);
    getStyleClass().add(Style.VERDICT_STRIP);
    worked.subscribe(this::show);
  }

  private void show(Sight sight) {
    getChildren().clear();
    items = List.of();
    if (!sight.isCurrent() || sight.whole().isEmpty()) {
      Label waiting = new Label(Words.of("stale.strip"));
      waiting.getStyleClass().add(Style.VERDICT_WAITING);
      getChildren().add(waiting);
      return;
    }
    Page page = sight.whole().orElseThrow();
    page.verdictItems().forEach(item -> getChildren().add(item(item)));
    items = List.copyOf(getChildren());
    Region space = new Region();
    HBox.setHgrow(space, Priority.ALWAYS);
    Label sentence = new Label(page.verdictSentence());
    sentence.setId("verdict-sentence");
    sentence
        .getStyleClass()
        .addAll(
            Style.VERDICT_SENTENCE,
            page.decision().filter(Decision.REJECT::equals).isPresent()
                ? Style.REJECT
                : Style.KEEP);
    getChildren().addAll(space, sentence);
  }

  /// The verdict comes first, then as many of the numbers as there is room for.
  @Override
  protected void layoutChildren() {
    double room = getWidth() - snappedLeftInset() - snappedRightInset();
    if (!items.isEmpty()) {
      room -= getChildren().getLast().prefWidth(-1) + 2 * getSpacing();
    }
    for (Node item : items) {
      room -= item.prefWidth(-1) + getSpacing();
      boolean fits = room >= 0 || item == items.getFirst();
      if (item.isManaged() != fits) {
        item.setManaged(fits);
        item.setVisible(fits);
      }
    }
    super.layoutChildren();
  }

  private Node item(Page.VerdictItem item) {
    Label name = new Label(item.label());
    name.getStyleClass().add(Style.VERDICT_NAME);
    Box number = new Box.Linked(item.line(), Box.number(item.number().standalone()));
    Box whole =
        item.symbol()
            .map(
                s ->
                    Box.row(
                        s,
                        Box.operator(item.number().relation() == Shown.Relation.EQUAL ? "=" : "≈"),
                        number))
            .orElse(number);
    FormulaView formula = FormulaView.of(whole, SIZE, formulas);
    formula.setId("verdict-" + item.line().name().replace('.', '-'));
    HBox box = new HBox(name, formula);
    box.getStyleClass().add(Style.VERDICT_ITEM);
    return box;
  }
}
