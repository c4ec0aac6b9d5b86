package lehrgang.core.procedure;

import java.util.List;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.expr.LineId;
import lehrgang.core.wording.Phrase;

/// The contributions to a chi-squared statistic from the largest down, each with the direction of
/// its
/// difference.
final class Contributions {
  private final Lines lines;
  private final Evaluation exact;
  private final List<LineId> ranked;

  Contributions(Lines lines, Evaluation exact) {
    this.lines = lines;
    this.exact = exact;
    record Sized(LineId id, double size) {}
    this.ranked =
        lines.ofFamilies("K").stream()
            .map(id -> new Sized(id, exact.of(id).asDouble()))
            .sorted((a, b) -> Double.compare(b.size(), a.size()))
            .map(Sized::id)
            .toList();
  }

  LineId largest() {
    return ranked.getFirst();
  }

  Phrase placeOfLargest() {
    return lines.inOrder().get(largest()).label();
  }

  /// The largest one in words, with its direction.
  Block.Prose largestInWords() {
    String key =
        switch (exact.of(difference(largest())).signum()) {
          case 1 -> "contributions.largest.more";
          case -1 -> "contributions.largest.fewer";
          default -> "contributions.largest.none";
        };
    return new Block.Prose(
        Phrase.of(key).with("place", placeOfLargest()).with("number", largest()));
  }

  private static LineId difference(LineId contribution) {
    return new LineId("D", contribution.index());
  }

  Block.RankedBars bars(Sentences say) {
    return new Block.RankedBars(
        ranked,
        ranked.stream().map(Contributions::difference).toList(),
        say.phrase("figure.ranked"));
  }
}
