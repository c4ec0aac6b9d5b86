package lehrgang.core.procedure.parts;

import java.util.ArrayList;
import java.util.List;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Lines;
import lehrgang.core.expr.LineId;
import lehrgang.core.wording.Phrase;

/// The contributions to a chi-squared statistic from the largest down, each with the direction of
/// its difference.
public final class Contributions {
  /// More bars than this are not read at a glance.
  private static final int MOST_BARS = 30;

  private final Lines lines;
  private final Evaluation values;
  private final List<LineId> ranked;

  /// Ranks the contributions of a derivation; those without a value come last.
  ///
  /// @param values what the lines come to
  public Contributions(Lines lines, Evaluation values) {
    this.lines = lines;
    this.values = values;
    record Sized(LineId id, double size) {}
    this.ranked =
        lines.family("K").stream()
            .map(id -> new Sized(id, values.find(id).map(value -> value.asDouble()).orElse(-1.0)))
            .sorted((a, b) -> Double.compare(b.size(), a.size()))
            .map(Sized::id)
            .toList();
  }

  private LineId largest() {
    return ranked.getFirst();
  }

  /// The place of the largest contribution, in words.
  public Phrase placeOfLargest() {
    return lines.line(largest()).place();
  }

  /// The largest one in words, with its direction.
  public Block.Prose largestInWords() {
    String key =
        switch (values.sign(difference(largest()))) {
          case 1 -> "contributions.largest.more";
          case -1 -> "contributions.largest.fewer";
          default -> "contributions.largest.none";
        };
    return new Block.Prose(
        Phrase.of(key).with("place", placeOfLargest()).with("number", largest()), grounds());
  }

  /// Which is the largest, and its direction.
  private List<LineId> grounds() {
    List<LineId> grounds = new ArrayList<>(ranked);
    grounds.add(difference(largest()));
    return grounds;
  }

  private static LineId difference(LineId contribution) {
    return new LineId("D", contribution.index());
  }

  /// Whether there are more contributions than a figure can show.
  public boolean areMany() {
    return ranked.size() > MOST_BARS;
  }

  /// The contributions as bars, the largest first; of many, the largest only.
  public List<Block> ranking(Sentences say) {
    List<LineId> shown = areMany() ? ranked.subList(0, MOST_BARS) : ranked;
    Phrase intro =
        areMany()
            ? say.phrase("closer-look.drives.most")
                .with("shown", MOST_BARS)
                .with("all", ranked.size())
            : say.phrase("closer-look.drives");
    return List.of(
        new Block.Prose(intro, areMany() ? ranked : List.of()),
        new Block.RankedBars(
            shown,
            shown.stream().map(Contributions::difference).toList(),
            say.phrase(areMany() ? "figure.ranked.most" : "figure.ranked")));
  }
}
