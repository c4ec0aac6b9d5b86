package lehrgang.desktop;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.layout.Region;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.QuadCurve;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;

/// Lays a formula out as nodes around a baseline, so that every term can be pointed at.
final class FormulaLayout {
  private static final double ASCENT = 0.70;
  private static final double DESCENT = 0.22;
  private static final double AXIS = 0.27;
  private static final double SCRIPT = 0.70;
  private static final double NESTED = 0.82;
  private static final double SMALLEST = 9;
  private static final double ROOM = 0.42;
  private static final String RESULT = "result";

  /// @param node what stands there
  /// @param x    from the left edge
  /// @param y    from the baseline, downwards; a text's own baseline, any other node's top
  record Piece(Node node, double x, double y) {
    Piece moved(double right, double down) {
      return new Piece(node, x + right, y + down);
    }
  }

  record Laid(double width, double ascent, double descent, List<Piece> pieces) {
    double height() {
      return ascent + descent;
    }
  }

  private final Terms terms;

  /// @param terms what a part that stands for a line looks like and does
  FormulaLayout(Terms terms) {
    this.terms = terms;
  }

  /// What becomes of the parts of a formula that stand for lines.
  interface Terms {
    /// Style classes of the term's text.
    List<String> styles(LineId line);

    /// The ground on which the term stands: coloured, underlined, to be pointed at.
    Region ground(LineId line);
  }

  Laid lay(Box box, double size) {
    return lay(box, size, List.of());
  }

  /// A part of a chain: a sign with room around it and what stands to its right.
  Laid lay(Chain.Link link, double size, Weight weight) {
    double room = size * ROOM;
    Laid sign = atom(link.sign(), Box.Style.NUMBER, size, List.of());
    Laid right = lay(link.right(), size, weight == Weight.RESULT ? List.of(RESULT) : List.of());
    List<Piece> pieces = new ArrayList<>();
    add(pieces, sign, room, 0);
    add(pieces, right, sign.width() + 2 * room, 0);
    return new Laid(
        sign.width() + 2 * room + right.width(), right.ascent(), right.descent(), pieces);
  }

  /// Whether a part is the result of a chain.
  enum Weight {
    STEP,
    RESULT
  }

  private Laid lay(Box box, double size, List<String> styles) {
    return switch (box) {
      case Box.Atom(var text, var style) -> atom(text, style, size, styles);
      case Box.Row(var parts) -> row(parts, size, styles);
      case Box.Fraction(var above, var below) -> fraction(above, below, size, styles);
      case Box.Scripts(var base, var raised, var lowered) ->
          scripts(base, raised, lowered, size, styles);
      case Box.Radical(var inner) -> radical(lay(inner, size, styles), size);
      case Box.Fence(var open, var inner, var close) ->
          fence(open, lay(inner, size, styles), close, size, styles);
      case Box.BigSum(var index) -> bigSum(index, size, styles);
      case Box.Linked(var line, var inner) -> linked(line, inner, size, styles);
      case Box.Blank() -> blank(size);
    };
  }

  private static Laid atom(String text, Box.Style style, double size, List<String> styles) {
    Font font =
        styles.contains(RESULT)
            ? Fonts.bold(size)
            : style == Box.Style.VARIABLE ? Fonts.italic(size) : Fonts.upright(size);
    double before = 0;
    double after = 0;
    switch (style) {
      case OPERATOR -> {
        before = size * (text.equals("·") ? 0.14 : 0.24);
        after = before;
      }
      case SEPARATOR -> after = text.isBlank() ? size * 0.12 : size * 0.06;
      case PREFIX -> after = size * 0.04;
      case VARIABLE, NAME, NUMBER -> {
        // Letters and numbers stand as close as they are set.
      }
    }
    if (text.isBlank()) {
      return new Laid(after, size * ASCENT, size * DESCENT, List.of());
    }
    Text node = text(text.equals("-") ? "−" : text, font, styles);
    double width = advance(node);
    return new Laid(
        before + width + after, size * ASCENT, size * DESCENT, List.of(new Piece(node, before, 0)));
  }

  private static Text text(String content, Font font, List<String> styles) {
    Text node = new Text(content);
    node.setFont(font);
    node.getStyleClass().add("formula-text");
    node.getStyleClass().addAll(styles);
    return node;
  }

  private static double advance(Text node) {
    Bounds bounds = node.getLayoutBounds();
    return bounds.getWidth();
  }

  private Laid row(List<Box> parts, double size, List<String> styles) {
    List<Piece> pieces = new ArrayList<>();
    double x = 0;
    double ascent = size * ASCENT;
    double descent = size * DESCENT;
    for (Box part : parts) {
      Laid laid = lay(part, size, styles);
      add(pieces, laid, x, 0);
      x += laid.width();
      ascent = Math.max(ascent, laid.ascent());
      descent = Math.max(descent, laid.descent());
    }
    return new Laid(x, ascent, descent, pieces);
  }

  private static void add(List<Piece> pieces, Laid laid, double right, double down) {
    laid.pieces().forEach(piece -> pieces.add(piece.moved(right, down)));
  }

  private Laid fraction(Box above, Box below, double size, List<String> styles) {
    boolean nested = holdsFraction(above) || holdsFraction(below);
    double inner = Math.max(SMALLEST, nested ? size * NESTED : size);
    Laid top = lay(above, inner, styles);
    Laid bottom = lay(below, inner, styles);
    double overhang = size * 0.16;
    double gap = size * 0.22;
    double width = Math.max(top.width(), bottom.width()) + 2 * overhang;
    double axis = -size * AXIS;
    List<Piece> pieces = new ArrayList<>();
    add(pieces, top, (width - top.width()) / 2, axis - gap - top.descent());
    add(pieces, bottom, (width - bottom.width()) / 2, axis + gap + bottom.ascent());
    Line bar = new Line(0, 0, width - 2, 0);
    bar.getStyleClass().add("formula-rule");
    pieces.add(new Piece(bar, 1, axis));
    return new Laid(
        width + size * 0.04, -axis + gap + top.height(), axis + gap + bottom.height(), pieces);
  }

  private static boolean holdsFraction(Box box) {
    return switch (box) {
      case Box.Fraction _ -> true;
      case Box.Row(var parts) -> parts.stream().anyMatch(FormulaLayout::holdsFraction);
      case Box.Fence(_, var inner, _) -> holdsFraction(inner);
      case Box.Linked(_, var inner) -> holdsFraction(inner);
      case Box.Radical(var inner) -> holdsFraction(inner);
      case Box.Scripts(var base, _, _) -> holdsFraction(base);
      case Box.Atom _, Box.BigSum _, Box.Blank _ -> false;
    };
  }

  private Laid scripts(
      Box base, Optional<Box> raised, Optional<Box> lowered, double size, List<String> styles) {
    Laid core = lay(base, size, styles);
    double small = Math.max(SMALLEST, size * SCRIPT);
    List<Piece> pieces = new ArrayList<>(core.pieces());
    double ascent = core.ascent();
    double descent = core.descent();
    double width = 0;
    double start = core.width() + size * 0.03;
    if (raised.isPresent()) {
      Laid up = lay(raised.get(), small, styles);
      double lift =
          Math.max(size * 0.36, core.ascent() - small * 0.42)
              + Math.max(0, up.descent() - small * DESCENT);
      add(pieces, up, start, -lift);
      ascent = Math.max(ascent, lift + up.ascent());
      width = up.width();
    }
    if (lowered.isPresent()) {
      Laid down = lay(lowered.get(), small, styles);
      double drop =
          Math.max(size * 0.2, core.descent() - small * 0.1)
              + Math.max(0, down.ascent() - small * ASCENT) * 0.6;
      add(pieces, down, start, drop);
      descent = Math.max(descent, drop + down.descent());
      width = Math.max(width, down.width());
    }
    return new Laid(start + width + size * 0.03, ascent, descent, pieces);
  }

  private static Laid radical(Laid inner, double size) {
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
    sign.getStyleClass().add("formula-rule");
    List<Piece> pieces = new ArrayList<>();
    pieces.add(new Piece(sign, 0, 0));
    add(pieces, inner, hook + size * 0.04, 0);
    return new Laid(width + size * 0.06, inner.ascent() + gap + 2, inner.descent(), pieces);
  }

  private static Laid fence(
      String open, Laid inner, String close, double size, List<String> styles) {
    boolean tall = inner.height() > size * 1.35;
    List<Piece> pieces = new ArrayList<>();
    double side;
    if (open.equals("|")) {
      side = size * 0.22;
      pieces.add(upright(side / 2, inner));
      pieces.add(upright(side * 1.5 + inner.width(), inner));
    } else if (tall) {
      side = size * 0.34;
      pieces.add(bow(side * 0.85, side * 0.1, inner));
      pieces.add(
          bow(side + inner.width() + side * 0.15, side * 2 + inner.width() - side * 0.1, inner));
    } else {
      Laid left = atom(open, Box.Style.NUMBER, size, styles);
      Laid right = atom(close, Box.Style.NUMBER, size, styles);
      side = left.width();
      add(pieces, left, 0, 0);
      add(pieces, right, side + inner.width(), 0);
    }
    add(pieces, inner, side, 0);
    return new Laid(2 * side + inner.width(), inner.ascent(), inner.descent(), pieces);
  }

  private static Piece upright(double x, Laid inner) {
    Line bar = new Line(0, -inner.ascent(), 0, inner.descent());
    bar.getStyleClass().add("formula-rule");
    return new Piece(bar, x, 0);
  }

  private static Piece bow(double ends, double middle, Laid inner) {
    double top = -inner.ascent() - 1;
    double bottom = inner.descent() + 1;
    QuadCurve curve = new QuadCurve(ends, top, 2 * middle - ends, (top + bottom) / 2, ends, bottom);
    curve.getStyleClass().add("formula-rule");
    return new Piece(curve, 0, 0);
  }

  private Laid bigSum(Box index, double size, List<String> styles) {
    Text sign = text("∑", Fonts.upright(size * 1.3), styles);
    Laid below = lay(index, Math.max(SMALLEST, size * 0.62), styles);
    double width = Math.max(advance(sign), below.width()) + size * 0.16;
    List<Piece> pieces = new ArrayList<>();
    pieces.add(new Piece(sign, (width - advance(sign)) / 2, size * 0.1));
    double drop = size * 0.42 + below.ascent();
    add(pieces, below, (width - below.width()) / 2, drop);
    return new Laid(width, size * 1.0, drop + below.descent(), pieces);
  }

  private Laid linked(LineId line, Box inner, double size, List<String> outer) {
    List<String> styles = new ArrayList<>(outer);
    styles.addAll(terms.styles(line));
    Laid laid = lay(inner, size, styles);
    Region ground = terms.ground(line);
    double above = 2;
    double below = 3;
    ground.resize(laid.width(), laid.height() + above + below);
    List<Piece> pieces = new ArrayList<>();
    pieces.add(new Piece(ground, 0, -laid.ascent() - above));
    pieces.addAll(laid.pieces());
    return new Laid(laid.width(), laid.ascent(), laid.descent(), pieces);
  }

  private static Laid blank(double size) {
    double width = size * 4;
    Line rule = new Line(0, 0, width, 0);
    rule.getStyleClass().add("formula-blank");
    return new Laid(width, size * ASCENT, size * DESCENT, List.of(new Piece(rule, 0, size * 0.12)));
  }
}
