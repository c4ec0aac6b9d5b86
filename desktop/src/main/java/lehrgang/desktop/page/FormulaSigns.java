package lehrgang.desktop.page;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.QuadCurve;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.page.Laid.Piece;

/// The drawn signs of a formula: roots, tall brackets, bars and the room for an answer.
final class FormulaSigns {
  private FormulaSigns() {}

  /// A root over what stands below it.
  static Laid radical(Laid inner, double size) {
    double gap = size * 0.12;
    double top = -(inner.ascent() + gap);
    double bottom = inner.descent() * 0.7;
    double hook = size * 0.52;
    double width = hook + inner.width() + size * 0.08;
    Polyline sign =
        new Polyline(
            0,
            bottom - size * 0.38,
            hook * 0.28,
            bottom - size * 0.46,
            hook * 0.55,
            bottom,
            hook,
            top,
            width,
            top);
    sign.getStyleClass().add(Style.FORMULA_RULE);
    List<Piece> pieces = new ArrayList<>();
    pieces.add(new Piece(sign, 0, 0));
    Laid.add(pieces, inner, hook + size * 0.04, 0);
    return new Laid(width + size * 0.06, inner.ascent() + gap + 2, inner.descent(), pieces);
  }

  /// Whether a part is so high that its brackets are drawn.
  static boolean isTall(Laid inner, double size) {
    return inner.height() > size * 1.35;
  }

  /// Bars at both sides, for an absolute value.
  static Laid barred(Laid inner, double size) {
    double side = size * 0.22;
    return between(
        inner, side, upright(side / 2, inner), upright(side * 1.5 + inner.width(), inner));
  }

  /// Brackets as high as what they hold.
  static Laid bowed(Laid inner, double size) {
    double side = size * 0.34;
    double end = side + inner.width();
    return between(
        inner,
        side,
        bow(side * 0.85, side * 0.1, inner),
        bow(end + side * 0.15, end + side * 0.9, inner));
  }

  private static Laid between(Laid inner, double side, Piece left, Piece right) {
    List<Piece> pieces = new ArrayList<>(List.of(left, right));
    Laid.add(pieces, inner, side, 0);
    return new Laid(2 * side + inner.width(), inner.ascent(), inner.descent(), pieces);
  }

  private static Piece upright(double x, Laid inner) {
    Line bar = new Line(0, -inner.ascent(), 0, inner.descent());
    bar.getStyleClass().add(Style.FORMULA_RULE);
    return new Piece(bar, x, 0);
  }

  private static Piece bow(double ends, double middle, Laid inner) {
    double top = -inner.ascent() - 1;
    double bottom = inner.descent() + 1;
    QuadCurve curve = new QuadCurve(ends, top, 2 * middle - ends, (top + bottom) / 2, ends, bottom);
    curve.getStyleClass().add(Style.FORMULA_RULE);
    return new Piece(curve, 0, 0);
  }

  /// Room for an answer.
  static Laid blank(double size, double ascent, double descent) {
    double width = size * 4;
    Line rule = new Line(0, 0, width, 0);
    rule.getStyleClass().add(Style.FORMULA_BLANK);
    return new Laid(width, ascent, descent, List.of(new Piece(rule, 0, size * 0.12)));
  }
}
