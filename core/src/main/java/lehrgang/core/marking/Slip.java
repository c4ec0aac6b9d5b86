package lehrgang.core.marking;

import java.util.List;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Line;
import lehrgang.core.expr.Expr;
import lehrgang.core.wording.Phrase;

/// A known slip: another rule in place of the right one.
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

  /// What went wrong, for the student.
  public Phrase sentence() {
    return Phrase.of("slip." + id);
  }

  /// A question that helps to find it.
  public Phrase question() {
    return Phrase.of("slip." + id + ".question");
  }
}
