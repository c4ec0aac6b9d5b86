package lehrgang.core.derivation;

import java.util.List;
import java.util.stream.Stream;
import lehrgang.core.wording.Phrase;

/// A step of the worked solution. Which lines it establishes is for the [Lines] to say, and which
/// choices are made here for the procedure's options.
///
/// @param id      its stable name, such as `expected`
/// @param summary its state in one line
/// @param blocks  what stands on the page
public record Step(String id, Phrase summary, List<Block> blocks) {
  public Step {
    blocks = List.copyOf(blocks);
  }

  /// This step with blocks before its own.
  Step after(List<Block> first) {
    return new Step(id, summary, Stream.concat(first.stream(), blocks.stream()).toList());
  }
}
