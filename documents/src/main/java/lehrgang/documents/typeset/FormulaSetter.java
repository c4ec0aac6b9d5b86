package lehrgang.documents.typeset;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;
import lehrgang.core.notation.PowerOfTen;
import lehrgang.documents.look.TallSigns;
import lehrgang.documents.look.Typeface;

/// Sets a formula as marks around a baseline. The proportions are those of the serif's own table
/// for mathematics (OpenType, MATH), with a little more room around the rule of a fraction, so that
/// terms can be underlined.
public final class FormulaSetter {
  private static final double ASCENT = 0.70;
  private static final double DESCENT = 0.22;
  static final double AXIS = 0.258;
  static final double RULE = 0.068;
  private static final double SCRIPT = 0.70;
  private static final double NESTED = 0.82;
  private static final double ROOM_AROUND_SIGN = 0.36;

  /// Room for one figure written by hand, and beside the first and the last.
  private static final double FIGURE_BY_HAND = 0.95;

  private static final double MARGIN_BY_HAND = 0.7;
  private static final double ROOM_ABOVE = 1.02;
  private static final double ROOM_BELOW = 0.42;

  private final double smallest;

  /// @param smallest the smallest size of signs that can be read, in the unit of the sizes
  public FormulaSetter(double smallest) {
    this.smallest = smallest;
  }

  /// Whether a part is the result of a chain, which is set bold.
  public enum Weight {
    STEP,
    RESULT
  }

  /// @param within the lines for which a part stands
  private record Look(double size, Weight weight, List<LineId> within) {
    Look sized(double other) {
      return new Look(other, weight, within);
    }

    Look inside(LineId line) {
      List<LineId> all = new ArrayList<>(within);
      all.add(line);
      return new Look(size, weight, all);
    }

    double ascent() {
      return size * ASCENT;
    }

    double descent() {
      return size * DESCENT;
    }
  }

  /// A formula.
  ///
  /// @param size of its letters
  public Setting set(Box box, double size) {
    return set(box, new Look(size, Weight.STEP, List.of()));
  }

  /// A part of a chain in its terms, the first with the sign before it and room around that.
  public List<Setting> set(Chain.Link link, double size, Weight weight) {
    Look look = new Look(size, weight, List.of());
    List<Setting> terms = new ArrayList<>();
    for (Box term : link.terms()) {
      terms.add(set(term, look));
    }
    double room = size * ROOM_AROUND_SIGN;
    Setting sign = signs(link.sign(), Typeface.SERIF, new Look(size, Weight.STEP, List.of()), room);
    terms.set(0, Setting.row(List.of(sign, terms.getFirst()), 0, 0));
    return terms;
  }

  private Setting set(Box box, Look look) {
    return switch (box) {
      case Box.Atom(var text, var style) ->
          PowerOfTen.in(text)
              .map(power -> set(power, look))
              .orElseGet(() -> atom(text, style, look));
      case Box.Row(var parts) -> row(parts, look);
      case Box.Fraction(var above, var below) -> fraction(above, below, look);
      case Box.Scripts(var base, var raised, var lowered) -> scripts(base, raised, lowered, look);
      case Box.Radical(var inner) -> Enclosures.root(set(inner, look), look.size(), look.within());
      case Box.Fence(var open, var inner, var close) ->
          open.equals("|")
              ? Enclosures.bars(set(inner, look), look.size())
              : fenced(open, set(inner, look), close, look);
      case Box.BigSum(var index) -> sum(index, look);
      case Box.Linked(var line, var inner) -> linked(line, inner, look);
      case Box.Blank(var characters) -> blank(characters, look);
    };
  }

  private static Typeface typeface(Box.Style style, Weight weight) {
    boolean bold = weight == Weight.RESULT;
    return style == Box.Style.VARIABLE
        ? bold ? Typeface.SERIF_BOLD_ITALIC : Typeface.SERIF_ITALIC
        : bold ? Typeface.SERIF_BOLD : Typeface.SERIF;
  }

  private static Setting atom(String text, Box.Style style, Look look) {
    Typeface typeface = typeface(style, look.weight());
    return switch (style) {
      case OPERATOR ->
          signs(
              text.strip(), typeface, look, look.size() * (text.strip().equals("·") ? 0.14 : 0.24));
      case SEPARATOR -> separator(text, typeface, look);
      case PREFIX -> signs(text, typeface, look, 0);
      case NAME -> name(text, typeface, look);
      case NUMBER -> signs(text.equals("-") ? "−" : text, typeface, look, 0);
      case VARIABLE -> variable(text, typeface, look);
    };
  }

  /// A slanted letter that reaches back under what stands before it begins where its ink does.
  private static Setting variable(String text, Typeface typeface, Look look) {
    List<Mark> marks = new ArrayList<>();
    double back = Letters.reachesBack(text) * look.size();
    double width = Letters.set(text, typeface, look.size(), look.within(), back, marks);
    return new Setting(back + width, look.ascent(), look.descent(), marks);
  }

  /// Punctuation brings its room along behind it.
  private static Setting separator(String text, Typeface typeface, Look look) {
    double after = text.equals("\u2009") ? 0.12 : text.endsWith(" ") ? 0.28 : 0.06;
    Setting set = signs(text.strip(), typeface, look, 0);
    return new Setting(set.width() + after * look.size(), set.ascent(), set.descent(), set.marks());
  }

  /// A name that ends in a space keeps it before what follows.
  private static Setting name(String text, Typeface typeface, Look look) {
    String bare = text.stripTrailing();
    double after = bare.equals(text) ? 0 : text.endsWith("\u2009") ? 0.16 : 0.25;
    Setting set = signs(bare, typeface, look, 0);
    return new Setting(set.width() + after * look.size(), set.ascent(), set.descent(), set.marks());
  }

  private static Setting signs(String text, Typeface typeface, Look look, double room) {
    List<Mark> marks = new ArrayList<>();
    double width = Letters.set(text, typeface, look.size(), look.within(), room, marks);
    return new Setting(room + width + room, look.ascent(), look.descent(), marks);
  }

  private Setting row(List<Box> parts, Look look) {
    return Setting.row(
        parts.stream().map(part -> set(part, look)).toList(), look.ascent(), look.descent());
  }

  private Setting fraction(Box above, Box below, Look look) {
    double size = look.size();
    boolean nested = holdsFraction(above) || holdsFraction(below);
    Look inner = look.sized(nested ? Math.max(Math.min(smallest, size), size * NESTED) : size);
    Setting top = set(above, inner);
    Setting bottom = set(below, inner);
    double overhang = size * 0.14;
    double side = size * 0.05;
    double gap = size * 0.20;
    double width = Math.max(top.width(), bottom.width()) + 2 * overhang;
    double axis = -size * AXIS;
    List<Mark> marks = new ArrayList<>();
    Setting.add(marks, top, side + (width - top.width()) / 2, axis - gap - top.descent());
    Setting.add(marks, bottom, side + (width - bottom.width()) / 2, axis + gap + bottom.ascent());
    marks.add(new Mark.Rule(side, axis, side + width, axis, size * RULE));
    return new Setting(
        width + 2 * side, -axis + gap + top.height(), axis + gap + bottom.height(), marks);
  }

  private static boolean holdsFraction(Box box) {
    return switch (box) {
      case Box.Fraction _ -> true;
      case Box.Row(var parts) -> parts.stream().anyMatch(FormulaSetter::holdsFraction);
      case Box.Fence(_, var inner, _) -> holdsFraction(inner);
      case Box.Linked(_, var inner) -> holdsFraction(inner);
      case Box.Radical(var inner) -> holdsFraction(inner);
      case Box.Scripts(var base, _, _) -> holdsFraction(base);
      case Box.Atom _, Box.BigSum _, Box.Blank _ -> false;
    };
  }

  private Setting scripts(Box base, Optional<Box> raised, Optional<Box> lowered, Look look) {
    double size = look.size();
    Setting core = set(base, look);
    Look small = look.sized(Math.max(Math.min(smallest, size), size * SCRIPT));
    List<Mark> marks = new ArrayList<>(core.marks());
    double ascent = core.ascent();
    double descent = core.descent();
    double width = 0;
    boolean tall = core.height() > size;
    double start = core.width() + size * 0.02;
    if (raised.isPresent()) {
      Setting up = set(raised.get(), small);
      double lift =
          Math.max(size * 0.36, tall ? core.ascent() - small.size() * 0.45 : 0)
              + Math.max(0, up.descent() - small.descent());
      double lean = isSlanted(base) ? size * 0.06 : 0;
      Setting.add(marks, up, start + lean, -lift);
      ascent = Math.max(ascent, lift + up.ascent());
      width = lean + up.width();
    }
    if (lowered.isPresent()) {
      Setting down = set(lowered.get(), small);
      double drop =
          Math.max(
                  size * (raised.isPresent() ? 0.25 : 0.21),
                  tall ? core.descent() - small.size() * 0.1 : 0)
              + Math.max(0, down.ascent() - small.ascent()) * 0.6;
      Setting.add(marks, down, start, drop);
      descent = Math.max(descent, drop + down.descent());
      width = Math.max(width, down.width());
    }
    return new Setting(start + width + size * 0.05, ascent, descent, marks);
  }

  private static boolean isSlanted(Box base) {
    return switch (base) {
      case Box.Atom(_, var style) -> style == Box.Style.VARIABLE;
      case Box.Linked(_, var inner) -> isSlanted(inner);
      default -> false;
    };
  }

  private static Setting fenced(String open, Setting inner, String close, Look look) {
    Enclosures.Brackets brackets = Enclosures.brackets(open, inner, close, look.size());
    Setting row =
        Setting.row(
            List.of(
                signs(brackets.left(), Typeface.SERIF, look, 0),
                inner,
                signs(brackets.right(), Typeface.SERIF, look, 0)),
            0,
            0);
    return new Setting(row.width(), brackets.ascent(), brackets.descent(), row.marks());
  }

  private Setting sum(Box index, Look look) {
    double size = look.size();
    Setting below = set(index, look.sized(Math.max(Math.min(smallest, size), size * SCRIPT)));
    double sign = Typeface.SERIF.width(TallSigns.SUM, size);
    double width = Math.max(sign, below.width());
    List<Mark> marks = new ArrayList<>();
    marks.add(
        new Mark.Signs((width - sign) / 2, 0, TallSigns.SUM, Typeface.SERIF, size, look.within()));
    double drop = size * 0.5 + below.ascent();
    Setting.add(marks, below, (width - below.width()) / 2, drop);
    return new Setting(width + size * 0.14, size * 0.94, drop + below.descent(), marks);
  }

  private Setting linked(LineId line, Box inner, Look look) {
    if (inner instanceof Box.Blank(var characters)) {
      return room(characters, Optional.of(line), look);
    }
    Setting set = set(inner, look.inside(line));
    double above = look.size() * 0.1;
    double below = look.size() * 0.16;
    List<Mark> marks = new ArrayList<>();
    marks.add(
        new Mark.Ground(line, 0, -set.ascent() - above, set.width(), set.height() + above + below));
    marks.addAll(set.marks());
    return new Setting(set.width(), set.ascent(), set.descent(), marks);
  }

  private static Setting blank(int characters, Look look) {
    return room(characters, look.within().stream().reduce((_, inner) -> inner), look);
  }

  /// Room for a number written by hand.
  private static Setting room(int characters, Optional<LineId> line, Look look) {
    double width = look.size() * widthByHand(characters);
    double above = look.size() * ROOM_ABOVE;
    double below = look.size() * ROOM_BELOW;
    return new Setting(
        width, above, below, List.of(new Mark.Room(0, -above, width, above + below, line)));
  }

  /// How much room a number takes that is written by hand, in ems.
  ///
  /// @param characters its figures and signs
  private static double widthByHand(int characters) {
    return characters * FIGURE_BY_HAND + MARGIN_BY_HAND;
  }
}
