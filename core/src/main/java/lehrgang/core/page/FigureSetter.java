package lehrgang.core.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Shown;
import lehrgang.core.page.FigureSpec.Bar;
import lehrgang.core.page.FigureSpec.Mark;
import lehrgang.core.page.FigureSpec.Pair;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;

/// Sets the labels and the alternative text of figures from the numbers of a page.
final class FigureSetter {
  private final Derivation derivation;
  private final Typesetter typesetter;
  private final Wording wording;
  private final Mask mask;

  FigureSetter(Derivation derivation, Typesetter typesetter, Wording wording, Mask mask) {
    this.derivation = derivation;
    this.typesetter = typesetter;
    this.wording = wording;
    this.mask = mask;
  }

  FigureSpec curve(Block.TailCurve curve) {
    boolean bare = mask.hides(curve.critical()) || mask.hides(curve.statistic());
    Phrase alternative =
        bare
            ? Phrase.of("figure.curve.blank").with("df", curve.df())
            : Phrase.of("figure.curve")
                .with("df", curve.df())
                .with("crit", curve.critical())
                .with("statistic", curve.statistic());
    boolean about = typesetter.shown(curve.statistic()).relation() == Shown.Relation.ABOUT;
    return new FigureSpec.Curve(
        typesetter.values().of(curve.df()).intValueExact(),
        mark(
            curve.critical(),
            Phrase.of("figure.critical")
                .with("crit", curve.critical())
                .with("alpha", new Phrase.Stated(curve.alpha()))),
        mark(
            curve.statistic(),
            Phrase.of(about ? "figure.statistic.about" : "figure.statistic")
                .with("statistic", curve.statistic())
                .with("p", new Phrase.Stated(curve.p()))),
        wording.text("figure.inset"),
        typesetter.text(alternative));
  }

  FigureSpec normal(Block.NormalCurve curve) {
    boolean bare = mask.hides(curve.critical()) || mask.hides(curve.statistic());
    Phrase alternative =
        bare
            ? Phrase.of("figure.normal.blank")
            : Phrase.of("figure.normal." + curve.alternative())
                .with("crit", curve.critical())
                .with("statistic", curve.statistic());
    boolean about = typesetter.shown(curve.statistic()).relation() == Shown.Relation.ABOUT;
    FigureSpec.Sides sides =
        switch (curve.alternative()) {
          case "less" -> FigureSpec.Sides.LEFT;
          case "greater" -> FigureSpec.Sides.RIGHT;
          default -> FigureSpec.Sides.BOTH;
        };
    return new FigureSpec.NormalCurve(
        sides,
        mark(
            curve.critical(),
            Phrase.of("figure.normal.critical." + curve.alternative())
                .with("crit", curve.critical())
                .with("alpha", new Phrase.Stated(curve.alpha()))),
        mark(
            curve.statistic(),
            Phrase.of(about ? "figure.z.about" : "figure.z")
                .with("statistic", curve.statistic())
                .with("p", new Phrase.Stated(curve.p()))),
        wording.text("figure.inset"),
        typesetter.text(alternative));
  }

  /// Bars for the probability of each outcome.
  FigureSpec outcomes(List<PageBlock.Outcome> outcomes, String head) {
    PageBlock.Outcome own =
        outcomes.stream()
            .filter(outcome -> outcome.use() == PageBlock.Use.OWN)
            .findFirst()
            .orElseThrow();
    List<FigureSpec.OutcomeBar> bars =
        outcomes.stream()
            .map(
                outcome ->
                    new FigureSpec.OutcomeBar(
                        outcome.name(),
                        new Mark(outcome.line(), outcome.probability(), outcome.decimal()),
                        outcome.share(),
                        outcome.use()))
            .toList();
    Phrase alternative =
        Phrase.of("figure.outcomes")
            .with("head", head)
            .with("first", outcomes.getFirst().name())
            .with("last", outcomes.getLast().name())
            .with("own", own.name())
            .with("probability", own.decimal());
    return new FigureSpec.Outcomes(
        bars,
        head,
        wording.text("figure.outcomes.observed"),
        wording.text("figure.outcomes.summed"),
        wording.text(alternative));
  }

  /// The draws of a simulation under the curve.
  FigureSpec histogram(Block.Histogram block) {
    LineId id = block.statistic();
    boolean about = typesetter.shown(id).relation() == Shown.Relation.ABOUT;
    Mark statistic =
        new Mark(
            id,
            typesetter.values().of(id).asDouble(),
            typesetter.text(
                Phrase.of(about ? "figure.statistic.about" : "figure.statistic")
                    .with("statistic", id)));
    return new FigureSpec.Histogram(
        block.bins(),
        typesetter.values().of(block.drawn()).intValueExact(),
        typesetter.values().of(block.df()).intValueExact(),
        statistic,
        wording.text("figure.histogram.curve"),
        wording.text("figure.histogram.beyond"),
        typesetter.text(
            Phrase.of("figure.histogram")
                .with("drawn", block.drawn())
                .with("statistic", id)
                .with("hits", LineId.of("hits"))));
  }

  /// Shares with their intervals.
  FigureSpec intervals(Block.Intervals block) {
    List<FigureSpec.IntervalBar> bars =
        block.intervals().stream()
            .map(
                interval ->
                    new FigureSpec.IntervalBar(
                        typesetter.text(interval.name()),
                        mark(interval.at()),
                        mark(interval.low()),
                        mark(interval.high())))
            .toList();
    String list =
        bars.stream()
            .map(
                bar ->
                    typesetter.text(
                        Phrase.of("figure.intervals.entry")
                            .with("name", bar.name())
                            .with("at", bar.at().label())
                            .with("low", bar.low().label())
                            .with("high", bar.high().label())))
            .collect(Collectors.joining("; "));
    Optional<Mark> reference =
        block
            .reference()
            .map(
                id ->
                    new Mark(
                        id,
                        typesetter.values().of(id).asDouble(),
                        wording.text("family." + id.name())
                            + " "
                            + typesetter.shown(id).standalone()));
    return new FigureSpec.Intervals(
        bars, reference, wording.text(Phrase.of("figure.intervals").with("list", list)));
  }

  private Optional<Mark> mark(LineId id, Phrase label) {
    return mask.hides(id)
        ? Optional.empty()
        : Optional.of(new Mark(id, typesetter.values().of(id).asDouble(), typesetter.text(label)));
  }

  /// The categories of a single variable stand beside each other.
  FigureSpec paired(Block.PairedBars bars) {
    List<Pair> pairs = new ArrayList<>();
    List<Phrase> columns = bars.bars().columns();
    for (int i = 0; i < bars.bars().rows().size(); i++) {
      String row = typesetter.text(bars.bars().rows().get(i));
      for (int j = 0; j < columns.size(); j++) {
        boolean single = columns.size() == 1;
        pairs.add(
            new Pair(
                single ? "" : row,
                single ? row : typesetter.text(columns.get(j)),
                mark(bars.bars().cells().get(i).get(j)),
                mark(bars.others().cells().get(i).get(j))));
      }
    }
    return new FigureSpec.Paired(
        pairs,
        typesetter.text(bars.names()),
        typesetter.text(bars.otherNames()),
        typesetter.text(bars.alternative().with("list", list(pairs))));
  }

  private String list(List<Pair> pairs) {
    return pairs.stream()
        .map(
            pair ->
                wording.text(
                    Phrase.of("figure.paired.entry")
                        .with(
                            "place",
                            pair.row().isEmpty()
                                ? pair.column()
                                : pair.row() + ", " + pair.column())
                        .with("observed", pair.observed().label())
                        .with("expected", pair.expected().label())))
        .collect(Collectors.joining("; "));
  }

  private Mark mark(LineId id) {
    return new Mark(id, typesetter.values().of(id).asDouble(), typesetter.shown(id).standalone());
  }

  FigureSpec ranked(Block.RankedBars block) {
    List<Bar> bars = new ArrayList<>();
    for (int k = 0; k < block.sizes().size(); k++) {
      LineId id = block.sizes().get(k);
      bars.add(
          new Bar(
              typesetter.text(derivation.line(id).label()),
              mark(id),
              typesetter.values().of(block.signs().get(k)).signum()));
    }
    String list =
        bars.stream()
            .map(
                bar ->
                    typesetter.text(
                        Phrase.of("figure.ranked.entry")
                            .with("place", bar.name())
                            .with("sign", bar.sign() < 0 ? "−" : "+")
                            .with("number", bar.size().label())))
            .collect(Collectors.joining(", "));
    return new FigureSpec.Ranked(bars, typesetter.text(block.title().with("list", list)));
  }
}
