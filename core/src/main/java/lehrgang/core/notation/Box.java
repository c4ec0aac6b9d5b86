package lehrgang.core.notation;

import java.util.List;
import java.util.Optional;
import lehrgang.core.expr.LineId;

/// A typeset formula as nested boxes: what plain text, MathML, TeX, speech and the screen read.
public sealed interface Box {
  /// How an [Atom] is set.
  enum Style {
    /// A variable, in italics.
    VARIABLE,
    /// A name of several letters, upright.
    NAME,
    NUMBER,
    /// Between two terms, with space on both sides.
    OPERATOR,
    /// Before a term, without space: a sign.
    PREFIX,
    /// Punctuation between arguments.
    SEPARATOR
  }

  record Atom(String text, Style style) implements Box {}

  record Row(List<Box> parts) implements Box {
    public Row {
      parts = List.copyOf(parts);
    }
  }

  record Fraction(Box above, Box below) implements Box {}

  record Scripts(Box base, Optional<Box> raised, Optional<Box> lowered) implements Box {}

  record Radical(Box inner) implements Box {}

  record Fence(String open, Box inner, String close) implements Box {}

  /// Σ with its index below.
  record BigSum(Box index) implements Box {}

  /// A part that stands for a line and can be pointed at.
  record Linked(LineId line, Box inner) implements Box {}

  /// Room for a student's answer.
  ///
  /// @param characters so many figures and signs the answer has at most, 1 or more
  record Blank(int characters) implements Box {}

  /// A letter for a number, which is set in italics.
  static Box variable(String text) {
    return new Atom(text, Style.VARIABLE);
  }

  /// A word in a formula, which is set upright.
  static Box name(String text) {
    return new Atom(text, Style.NAME);
  }

  /// A number as it is shown, its signs included.
  static Box number(String text) {
    return new Atom(text, Style.NUMBER);
  }

  /// A sign between two parts, with its space on either side.
  static Box operator(String text) {
    return new Atom(text, Style.OPERATOR);
  }

  /// Parts in a line, one after another.
  static Box row(Box... parts) {
    return new Row(List.of(parts));
  }

  /// Something with an exponent.
  static Box raised(Box base, Box exponent) {
    return new Scripts(base, Optional.of(exponent), Optional.empty());
  }

  /// Something with an index.
  static Box lowered(Box base, Box index) {
    return new Scripts(base, Optional.empty(), Optional.of(index));
  }

  /// Something in round brackets that grow with it.
  static Box parenthesised(Box inner) {
    return new Fence("(", inner, ")");
  }
}
