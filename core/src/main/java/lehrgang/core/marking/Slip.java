package lehrgang.core.marking;

import java.util.List;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Line;
import lehrgang.core.expr.Expr;

/// A known slip: another rule in place of the right one. What is said of it stands in the bundle
/// under `slip.` and its id; see [SlipTexts].
///
/// @param id   its stable name, such as `df-cells-less-one`; what stands before the first `-` is
///     its group
/// @param rule what it makes of a line
public record Slip(String id, Rule rule) {
  /// What a slip makes of a line.
  public interface Rule {
    /// The formulas in place of the right one, each a way to slip; none for a line that the slip
    /// does not touch. The ways of all lines of a family stand in the same order, so that a slip
    /// made in the whole family is one way for all.
    List<Expr> bent(Derivation derivation, Line line);
  }

  /// The part of the work in which it is made.
  public String group() {
    return id.substring(0, id.indexOf('-'));
  }
}
