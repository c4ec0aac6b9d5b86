package lehrgang.core.derivation;

import java.util.List;
import lehrgang.core.expr.LineId;
import lehrgang.core.wording.Phrase;

/// A step of the worked solution, in the order in which people work.
///
/// @param id      its stable name, such as `expected`
/// @param summary its state in one line
/// @param lines   the numbers that it establishes
/// @param options the choices of procedure that are made here
/// @param blocks  what stands on the page
public record Step(
    String id, Phrase summary, List<LineId> lines, List<Option> options, List<Block> blocks) {
  /// A choice between a few values.
  ///
  /// @param id     its name in files and options
  /// @param values on offer; the first is the usual one
  public record Option(String id, List<String> values) {
    public Option {
      values = List.copyOf(values);
    }
  }

  public Step {
    lines = List.copyOf(lines);
    options = List.copyOf(options);
    blocks = List.copyOf(blocks);
  }
}
