package lehrgang.desktop.page;

import java.util.List;
import java.util.Locale;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import lehrgang.core.derivation.Role;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.PlainText;
import lehrgang.core.page.Appearance;
import lehrgang.core.wording.Span;
import lehrgang.desktop.kit.Style;

/// A sentence whose numbers are alive.
public final class SentenceView extends TextFlow {
  /// The size of the words, in pixels.
  public static final double TEXT_SIZE = 16;
  private static final String GAP = "          ";

  private final LiveNumbers numbers;
  private final FormulaPainter formulas;
  private List<Span> spans = List.of();

  SentenceView(List<Span> spans, LiveNumbers numbers, FormulaPainter formulas) {
    this.numbers = numbers;
    this.formulas = formulas;
    getStyleClass().add(Style.SENTENCE);
    setAccessibleRole(AccessibleRole.TEXT);
    setMinHeight(0);
    show(spans);
  }

  /// Shows other words and numbers; what stays the same is left as it is.
  boolean show(List<Span> changed) {
    if (changed.equals(spans)) {
      return true;
    }
    for (int i = 0; i < changed.size(); i++) {
      boolean fits = i < spans.size() && renew(getChildren().get(i), spans.get(i), changed.get(i));
      if (!fits && i < spans.size()) {
        getChildren().set(i, node(changed.get(i), numbers, formulas));
      } else if (!fits) {
        getChildren().add(node(changed.get(i), numbers, formulas));
      }
    }
    getChildren().remove(changed.size(), getChildren().size());
    spans = List.copyOf(changed);
    setAccessibleText(Span.plain(spans));
    return true;
  }

  private static boolean renew(Node node, Span before, Span after) {
    if (before.equals(after)) {
      return true;
    }
    if (node instanceof Text words
        && before instanceof Span.Words(_, var weight)
        && after instanceof Span.Words(var text, var itsWeight)
        && weight == itsWeight) {
      words.setText(text);
      return true;
    }
    if (node instanceof NumberNode number
        && before instanceof Span.Live(var line, var box, _)
        && after instanceof Span.Live(var itsLine, var itsBox, _)
        && line.equals(itsLine)
        && !(box instanceof Box.Blank)
        && !(itsBox instanceof Box.Blank)) {
      number.setNumber(PlainText.of(itsBox));
      return true;
    }
    return false;
  }

  /// A piece of a sentence as a node.
  public static Node node(Span span, LiveNumbers numbers, FormulaPainter formulas) {
    return switch (span) {
      case Span.Words(var text, var weight) -> words(text, weight);
      case Span.Live(var line, var box, _) -> {
        boolean blank = box instanceof Box.Blank;
        NumberNode node =
            new NumberNode(
                    blank ? GAP : PlainText.of(box),
                    Role.OTHER,
                    blank ? Appearance.BLANK : Appearance.SHOWN)
                .inSentence();
        numbers.register(line, node);
        if (blank) {
          numbers.room(line).ifPresent(node::hold);
        }
        yield node;
      }
      case Span.Formula(var box) -> FormulaView.of(box, TEXT_SIZE, formulas);
    };
  }

  static Text words(String text, Span.Weight weight) {
    Text words = new Text(text);
    words.getStyleClass().addAll(Style.WORDS, weight.name().toLowerCase(Locale.ROOT));
    return words;
  }
}
