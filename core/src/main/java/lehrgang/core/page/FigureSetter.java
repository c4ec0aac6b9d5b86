package lehrgang.core.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import lehrgang.core.derivation.Block;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Shown;
import lehrgang.core.page.FigureSpec.Bar;
import lehrgang.core.page.FigureSpec.Mark;
import lehrgang.core.page.FigureSpec.Pair;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;

/// Sets the labels and the alternative text of figures from the numbers of a page. A figure most of
/// whose numbers are missing is not drawn.
final class FigureSetter {
  /// A curve of so many degrees of freedom looks like chi-squared curves do.
  private static final int USUAL_DF = 4;

  private static final int MOST_DF = 100_000;

  private final Numerals numerals;
  private final Wording wording;

  FigureSetter(Numerals numerals, Wording wording) {
    this.numerals = numerals;
    this.wording = wording;
  }

  private boolean isKnown(LineId id) {
    return numerals.values().find(id).isPresent();
  }

  private int degreesOfFreedom(LineId id) {
    int df = numerals.values().whole(id, MOST_DF).orElse(USUAL_DF);
    return Math.max(1, df);
  }

  private boolean isAbout(LineId id) {
    return numerals.shown(id).relation() == Shown.Relation.ABOUT;
  }

  /// A mark with its label; none for a number that is hidden or missing.
  private Optional<Mark> mark(LineId id, Phrase label) {
    return numerals
        .values()
        .find(id)
        .map(value -> new Mark(id, value.asDouble(), numerals.text(label)));
  }

  private Optional<Mark> markUnless(boolean leftOut, LineId id, Phrase label) {
    return leftOut ? Optional.empty() : mark(id, label);
  }

  /// A mark with its number.
  private Optional<Mark> mark(LineId id) {
    return numerals
        .values()
        .find(id)
        .map(value -> new Mark(id, value.asDouble(), numerals.shown(id).standalone()));
  }

  Optional<FigureSpec> curve(Block.TailCurve curve) {
    boolean region = curve.shows() == Block.Shows.REGION;
    boolean bare = !isKnown(curve.critical()) || !region && !isKnown(curve.statistic());
    String key = region ? "figure.curve.region" : "figure.curve";
    Phrase alternative =
        bare
            ? Phrase.of("figure.curve.bare")
            : Phrase.of(degreesOfFreedom(curve.df()) == 1 ? key + ".one" : key)
                .with("df", curve.df())
                .with("crit", curve.critical())
                .with("statistic", curve.statistic());
    return Optional.of(
        new FigureSpec.Curve(
            bare ? USUAL_DF : degreesOfFreedom(curve.df()),
            mark(
                curve.critical(),
                Phrase.of("figure.critical")
                    .with("crit", curve.critical())
                    .with("alpha", new Phrase.Stated(curve.alpha()))),
            markUnless(
                region,
                curve.statistic(),
                Phrase.of(
                        isAbout(curve.statistic()) ? "figure.statistic.about" : "figure.statistic")
                    .with("statistic", curve.statistic())
                    .with("p", new Phrase.Stated(curve.p()))),
            wording.text("figure.inset"),
            numerals.text(alternative)));
  }

  Optional<FigureSpec> normal(Block.NormalCurve curve) {
    boolean region = curve.shows() == Block.Shows.REGION;
    boolean bare = !isKnown(curve.critical()) || !region && !isKnown(curve.statistic());
    String key = region ? "figure.normal.region." : "figure.normal.";
    Phrase alternative =
        bare
            ? Phrase.of("figure.normal.blank")
            : Phrase.of(key + curve.alternative())
                .with("crit", curve.critical())
                .with("statistic", curve.statistic());
    FigureSpec.Sides sides =
        switch (curve.alternative()) {
          case "less" -> FigureSpec.Sides.LEFT;
          case "greater" -> FigureSpec.Sides.RIGHT;
          default -> FigureSpec.Sides.BOTH;
        };
    return Optional.of(
        new FigureSpec.NormalCurve(
            sides,
            mark(
                curve.critical(),
                Phrase.of("figure.normal.critical." + curve.alternative())
                    .with("crit", curve.critical())
                    .with("alpha", new Phrase.Stated(curve.alpha()))),
            markUnless(
                region,
                curve.statistic(),
                Phrase.of(isAbout(curve.statistic()) ? "figure.z.about" : "figure.z")
                    .with("statistic", curve.statistic())
                    .with("p", new Phrase.Stated(curve.p()))),
            wording.text("figure.inset"),
            numerals.text(alternative)));
  }

  /// The draws of a simulation under the curve.
  Optional<FigureSpec> histogram(Block.Histogram block) {
    LineId id = block.statistic();
    OptionalInt drawn = numerals.values().whole(block.drawn(), Integer.MAX_VALUE);
    return drawn.isEmpty()
        ? Optional.empty()
        : Optional.of(
            new FigureSpec.Histogram(
                block.bins(),
                drawn.getAsInt(),
                degreesOfFreedom(block.df()),
                mark(
                    id,
                    Phrase.of(isAbout(id) ? "figure.statistic.about" : "figure.statistic")
                        .with("statistic", id)),
                wording.text("figure.histogram.curve"),
                wording.text("figure.histogram.beyond"),
                numerals.text(
                    Phrase.of("figure.histogram")
                        .with("drawn", block.drawn())
                        .with("statistic", id)
                        .with("hits", block.hits()))));
  }

  /// Shares with their intervals.
  Optional<FigureSpec> intervals(Block.Intervals block) {
    List<FigureSpec.IntervalBar> bars = new ArrayList<>();
    for (Block.Interval interval : block.intervals()) {
      Optional<Mark> at = mark(interval.at());
      Optional<Mark> low = mark(interval.low());
      Optional<Mark> high = mark(interval.high());
      if (at.isPresent() && low.isPresent() && high.isPresent()) {
        bars.add(
            new FigureSpec.IntervalBar(
                numerals.text(interval.name()), at.get(), low.get(), high.get()));
      }
    }
    if (bars.isEmpty()) {
      return Optional.empty();
    }
    Optional<Mark> reference =
        block
            .reference()
            .flatMap(
                id ->
                    mark(id)
                        .map(
                            mark ->
                                new Mark(
                                    id,
                                    mark.at(),
                                    numerals.text(numerals.line(id).name()) + " " + mark.label())));
    String list = bars.stream().map(this::entry).collect(Collectors.joining("; "));
    return Optional.of(
        new FigureSpec.Intervals(
            bars, reference, wording.text(Phrase.of("figure.intervals").with("list", list))));
  }

  private String entry(FigureSpec.IntervalBar bar) {
    return wording.text(
        Phrase.of("figure.intervals.entry")
            .with("name", bar.name())
            .with("at", bar.at().label())
            .with("low", bar.low().label())
            .with("high", bar.high().label()));
  }

  /// The categories of a single variable stand beside each other.
  Optional<FigureSpec> paired(Block.PairedBars bars) {
    List<Pair> pairs = new ArrayList<>();
    List<Phrase> columns = bars.bars().columns();
    for (int i = 0; i < bars.bars().rows().size(); i++) {
      String row = numerals.text(bars.bars().rows().get(i));
      for (int j = 0; j < columns.size(); j++) {
        boolean single = columns.size() == 1;
        Optional<Mark> one = mark(bars.bars().cells().get(i).get(j));
        Optional<Mark> other = mark(bars.others().cells().get(i).get(j));
        if (one.isEmpty() || other.isEmpty()) {
          return Optional.empty();
        }
        pairs.add(
            new Pair(
                single ? "" : row,
                single ? row : numerals.text(columns.get(j)),
                one.get(),
                other.get()));
      }
    }
    String list = pairs.stream().map(this::entry).collect(Collectors.joining("; "));
    return Optional.of(
        new FigureSpec.Paired(
            pairs,
            numerals.text(bars.names()),
            numerals.text(bars.otherNames()),
            numerals.text(bars.alternative().with("list", list))));
  }

  private String entry(Pair pair) {
    String place = pair.row().isEmpty() ? pair.column() : pair.row() + ", " + pair.column();
    return wording.text(
        Phrase.of("figure.paired.entry")
            .with("place", place)
            .with("observed", pair.observed().label())
            .with("expected", pair.expected().label()));
  }

  Optional<FigureSpec> ranked(Block.RankedBars block) {
    List<Bar> bars = new ArrayList<>();
    for (int k = 0; k < block.sizes().size(); k++) {
      LineId id = block.sizes().get(k);
      Optional<Mark> mark = mark(id);
      if (mark.isEmpty()) {
        return Optional.empty();
      }
      bars.add(
          new Bar(
              numerals.text(numerals.line(id).place()),
              mark.get(),
              numerals.values().sign(block.signs().get(k))));
    }
    String list = bars.stream().map(this::entry).collect(Collectors.joining(", "));
    return Optional.of(
        new FigureSpec.Ranked(bars, numerals.text(block.title().with("list", list))));
  }

  private String entry(Bar bar) {
    return wording.text(
        Phrase.of("figure.ranked.entry")
            .with("place", bar.name())
            .with("sign", bar.sign() < 0 ? "−" : "+")
            .with("number", bar.size().label()));
  }
}
