package lehrgang.core.derivation;

import java.util.List;
import java.util.stream.Stream;

/// A page before its words and numbers are set.
///
/// @param steps   in the order in which people work
/// @param verdict the result in one strip
public record Layout(List<Step> steps, Verdict verdict) {
  public Layout {
    steps = List.copyOf(steps);
  }

  /// With more blocks at the end of a step.
  Layout withAdded(String step, List<Block> blocks) {
    return new Layout(
        steps.stream()
            .map(
                one ->
                    one.id().equals(step)
                        ? new Step(
                            one.id(),
                            one.summary(),
                            Stream.concat(one.blocks().stream(), blocks.stream()).toList())
                        : one)
            .toList(),
        verdict);
  }
}
