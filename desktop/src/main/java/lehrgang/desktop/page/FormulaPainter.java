package lehrgang.desktop.page;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.layout.Region;
import javafx.scene.shape.Line;
import javafx.scene.text.Text;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Speech;
import lehrgang.desktop.kit.Fonts;
import lehrgang.desktop.kit.Style;
import lehrgang.documents.typeset.FormulaSetter;
import lehrgang.documents.typeset.Mark;

/// Paints the marks of a formula as nodes, so that every term can be pointed at.
public final class FormulaPainter {
  /// What is smaller cannot be read on a screen.
  private static final double SMALLEST = 9;

  static final FormulaSetter SETTER = new FormulaSetter(SMALLEST);

  private final Terms terms;

  /// @param terms what a part that stands for a line looks like and does
  public FormulaPainter(Terms terms) {
    this.terms = terms;
  }

  /// What becomes of the parts of a formula that stand for lines.
  public interface Terms {
    /// Style classes of the term's text.
    List<String> styles(LineId line);

    /// The ground on which the term stands: coloured, underlined, to be pointed at.
    Region ground(LineId line);

    /// What stands where the number of a line is asked for; empty for empty room.
    default Optional<Region> room(LineId line) {
      return Optional.empty();
    }

    /// How formulas are read aloud.
    Speech speech();
  }

  Speech speech() {
    return terms.speech();
  }

  /// A mark as a node.
  ///
  /// @param x    from the left edge of the formula
  /// @param y    from its baseline, downwards
  /// @param node what stands there
  record Piece(Node node, double x, double y) {}

  Piece paint(Mark mark) {
    return switch (mark) {
      case Mark.Signs signs -> new Piece(text(signs), signs.x(), signs.y());
      case Mark.Rule(var x1, var y1, var x2, var y2, var thickness) -> {
        Line rule = new Line(0, 0, x2 - x1, y2 - y1);
        rule.setStrokeWidth(Math.max(1, thickness));
        rule.getStyleClass().add(Style.FORMULA_RULE);
        yield new Piece(rule, x1, y1);
      }
      case Mark.Ground(var line, var x, var y, var width, var height) -> {
        Region ground = terms.ground(line);
        ground.resize(width, height);
        yield new Piece(ground, x, y);
      }
      case Mark.Room(var x, var y, var width, var height, var line) -> {
        Optional<Region> field = line.flatMap(terms::room);
        Region room = field.or(() -> line.map(terms::ground)).orElseGet(Region::new);
        if (field.isEmpty()) {
          room.getStyleClass().add(Style.FORMULA_BLANK);
        }
        room.resize(width, height);
        yield new Piece(room, x, y);
      }
    };
  }

  private Text text(Mark.Signs signs) {
    Text text = new Text(signs.text());
    text.setFont(Fonts.serif(signs.typeface(), signs.size()));
    text.setTextOrigin(VPos.BASELINE);
    text.setMouseTransparent(true);
    Set<String> styles = new LinkedHashSet<>(List.of(Style.FORMULA_TEXT));
    signs.within().forEach(line -> styles.addAll(terms.styles(line)));
    text.getStyleClass().addAll(styles);
    return text;
  }
}
