package lehrgang.desktop.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.scene.layout.Region;
import javafx.scene.shape.Line;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;
import lehrgang.core.notation.PowerOfTen;
import lehrgang.desktop.kit.Fonts;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.page.Laid.Piece;

/// Lays a formula out as nodes around a baseline, so that every term can be pointed at.
public final class FormulaLayout {
  private static final double ASCENT = 0.70;
  private static final double DESCENT = 0.22;
  private static final double AXIS = 0.27;
  private static final double SCRIPT = 0.70;
  private static final double NESTED = 0.82;
  private static final double SMALLEST = 9;
  private static final double ROOM = 0.42;
  private static final String RESULT = "result";

  private final Terms terms;

  /// @param terms what a part that stands for a line looks like and does
  public FormulaLayout(Terms terms) {
    this.terms = terms;
  }

  /// What becomes of the parts of a formula that stand for lines.
  public interface Terms {
    /// Style classes of the term's text.
    List<String> styles(LineId line);

    /// The ground on which the term stands: coloured, underlined, to be pointed at.
    Region ground(LineId line);
  }

  Laid lay(Box box, double size) {
    return lay(box, size, List.of());
  }

  /// A part of a chain in its terms, the first with the sign before it and room around that.
  List<Laid> lay(Chain.Link link, double size, Weight weight) {
    double room = size * ROOM;
    List<String> styles = weight == Weight.RESULT ? List.of(RESULT) : List.of();
    List<Laid> terms = new ArrayList<>();
    for (Box term : link.terms()) {
      terms.add(lay(term, size, styles));
    }
    Laid sign = atom(link.sign(), Box.Style.NUMBER, size, List.of());
    Laid first = terms.getFirst();
    List<Piece> pieces = new ArrayList<>();
    Laid.add(pieces, sign, room, 0);
    Laid.add(pieces, first, sign.width() + 2 * room, 0);
    double width = sign.width() + 2 * room + first.width();
    terms.set(0, new Laid(width, first.ascent(), first.descent(), pieces));
    return terms;
  }

  /// Whether a part is the result of a chain.
  enum Weight {
    STEP,
    RESULT
  }

  private Laid lay(Box box, double size, List<String> styles) {
    return switch (box) {
      case Box.Atom(var text, var style) ->
          PowerOfTen.in(text)
              .map(power -> lay(power, size, styles))
              .orElseGet(() -> atom(text, style, size, styles));
      case Box.Row(var parts) -> row(parts, size, styles);
      case Box.Fraction(var above, var below) -> fraction(above, below, size, styles);
      case Box.Scripts(var base, var raised, var lowered) ->
          scripts(base, raised, lowered, size, styles);
      case Box.Radical(var inner) -> FormulaSigns.radical(lay(inner, size, styles), size);
      case Box.Fence(var open, var inner, var close) ->
          fence(open, lay(inner, size, styles), close, size, styles);
      case Box.BigSum(var index) -> bigSum(index, size, styles);
      case Box.Linked(var line, var inner) -> linked(line, inner, size, styles);
      case Box.Blank() -> FormulaSigns.blank(size, size * ASCENT, size * DESCENT);
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
    node.getStyleClass().add(Style.FORMULA_TEXT);
    node.getStyleClass().addAll(styles);
    return node;
  }

  private static double advance(Text node) {
    Bounds bounds = node.getLayoutBounds();
    return bounds.getWidth();
  }

  private Laid row(List<Box> parts, double size, List<String> styles) {
    return Laid.row(
        parts.stream().map(part -> lay(part, size, styles)).toList(),
        size * ASCENT,
        size * DESCENT);
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
    Laid.add(pieces, top, (width - top.width()) / 2, axis - gap - top.descent());
    Laid.add(pieces, bottom, (width - bottom.width()) / 2, axis + gap + bottom.ascent());
    Line bar = new Line(0, 0, width - 2, 0);
    bar.getStyleClass().add(Style.FORMULA_RULE);
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
      Laid.add(pieces, up, start, -lift);
      ascent = Math.max(ascent, lift + up.ascent());
      width = up.width();
    }
    if (lowered.isPresent()) {
      Laid down = lay(lowered.get(), small, styles);
      double drop =
          Math.max(size * 0.2, core.descent() - small * 0.1)
              + Math.max(0, down.ascent() - small * ASCENT) * 0.6;
      Laid.add(pieces, down, start, drop);
      descent = Math.max(descent, drop + down.descent());
      width = Math.max(width, down.width());
    }
    return new Laid(start + width + size * 0.03, ascent, descent, pieces);
  }

  private static Laid fence(
      String open, Laid inner, String close, double size, List<String> styles) {
    if (open.equals("|")) {
      return FormulaSigns.barred(inner, size);
    }
    if (FormulaSigns.isTall(inner, size)) {
      return FormulaSigns.bowed(inner, size);
    }
    Laid left = atom(open, Box.Style.NUMBER, size, styles);
    Laid right = atom(close, Box.Style.NUMBER, size, styles);
    return Laid.row(List.of(left, inner, right), inner.ascent(), inner.descent());
  }

  private Laid bigSum(Box index, double size, List<String> styles) {
    Text sign = text("∑", Fonts.upright(size * 1.3), styles);
    Laid below = lay(index, Math.max(SMALLEST, size * 0.62), styles);
    double width = Math.max(advance(sign), below.width()) + size * 0.16;
    List<Piece> pieces = new ArrayList<>();
    pieces.add(new Piece(sign, (width - advance(sign)) / 2, size * 0.1));
    double drop = size * 0.42 + below.ascent();
    Laid.add(pieces, below, (width - below.width()) / 2, drop);
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
}
