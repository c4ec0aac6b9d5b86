package lehrgang.core.page;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import lehrgang.core.derivation.Block;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;
import lehrgang.core.page.FigureSpec.Mark;
import lehrgang.core.page.FigureSpec.OutcomeBar;
import lehrgang.core.page.PageBlock.Outcome;
import lehrgang.core.page.PageBlock.Share;
import lehrgang.core.page.PageBlock.Use;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;

/// Sets the list of all possible outcomes and the figure beside it. Where the smallest and the
/// largest are to be found, neither names nor the number of rows tell them.
final class OutcomesSetter {
  /// Blank rows come in such portions.
  private static final int PORTION = 5;

  /// So many bars can be looked at one by one.
  private static final int MOST_BARS = 40;

  /// Bars that could not be told from the axis are left out at both ends of a longer list.
  private static final double INVISIBLE = 1e-4;

  private final Numerals numerals;
  private final Wording wording;

  /// So many outcomes at the end of a list tell its largest one.
  private static final int TELLING = 3;

  OutcomesSetter(Numerals numerals, Wording wording) {
    this.numerals = numerals;
    this.wording = wording;
  }

  PageBlock.Outcomes set(Block.Outcomes block) {
    boolean endsAreSeen = block.ends().stream().noneMatch(numerals.mask()::hides);
    List<Outcome> all = outcomes(block);
    int last = all.isEmpty() ? 0 : all.getLast().number();
    boolean isUpTo = block.ends().size() == 1;
    List<Outcome> seen =
        all.stream()
            .filter(one -> one.appearance() != Appearance.BLANK)
            .filter(one -> !isUpTo || one.number() <= last - TELLING)
            .toList();
    String head = numerals.text(block.head());
    PageBlock.Outcomes list =
        new PageBlock.Outcomes(
            head,
            wording.text("outcomes.fraction"),
            wording.text("outcomes.probability.head"),
            endsAreSeen ? all : seen,
            endsAreSeen ? 0 : (all.size() / PORTION + 1) * PORTION,
            Optional.empty());
    return seen.size() == all.size() && list.isWhole() ? list.with(figure(all, head)) : list;
  }

  private List<Outcome> outcomes(Block.Outcomes block) {
    Optional<Value> observed = numerals.values().find(block.observed());
    boolean sumIsSeen = !numerals.mask().hides(block.p());
    return block.outcomes().stream()
        .map(
            one ->
                outcome(
                    one,
                    observed.filter(value -> value.compareTo(Value.of(one.number())) == 0),
                    sumIsSeen))
        .toList();
  }

  private Outcome outcome(Block.Outcome outcome, Optional<Value> own, boolean sumIsSeen) {
    LineId id = outcome.probability();
    boolean summed = sumIsSeen && numerals.values().holds(outcome.summed());
    return new Outcome(
        id,
        outcome.number(),
        numerals.format().style().fixed(Value.of(outcome.number()), 0).text(),
        numerals.fractionOf(id),
        numerals.shown(id).standalone(),
        numerals.values().find(id).map(Value::asDouble).orElse(0.0),
        numerals.mask().of(id),
        own.isPresent() ? Use.OWN : Use.NEIGHBOUR,
        summed ? Share.SUMMED : Share.LEFT_ALONE);
  }

  /// Bars for the probability of each outcome.
  private FigureSpec figure(List<Outcome> outcomes, String head) {
    List<Outcome> drawn = visible(outcomes);
    Optional<Outcome> own =
        outcomes.stream().filter(outcome -> outcome.use() == Use.OWN).findFirst();
    Phrase alternative =
        Phrase.of(own.isPresent() ? "figure.outcomes" : "figure.outcomes.bare")
            .with("head", head)
            .with("first", outcomes.getFirst().name())
            .with("last", outcomes.getLast().name());
    if (own.isPresent()) {
      alternative =
          alternative.with("own", own.get().name()).with("probability", own.get().decimal());
    }
    Optional<String> leftOut =
        drawn.size() == outcomes.size()
            ? Optional.empty()
            : Optional.of(
                wording.text(
                    Phrase.of("figure.outcomes.left-out")
                        .with("first", drawn.getFirst().name())
                        .with("last", drawn.getLast().name())));
    return new FigureSpec.Outcomes(
        drawn.stream().map(OutcomesSetter::bar).toList(),
        head,
        wording.text("figure.outcomes.observed"),
        wording.text("figure.outcomes.summed"),
        leftOut,
        wording.text(alternative));
  }

  private static OutcomeBar bar(Outcome outcome) {
    return new OutcomeBar(
        outcome.name(),
        new Mark(outcome.line(), outcome.probability(), outcome.decimal()),
        outcome.share(),
        outcome.use());
  }

  /// Short lists are drawn whole.
  private static List<Outcome> visible(List<Outcome> all) {
    double most = all.stream().mapToDouble(Outcome::probability).max().orElse(1);
    int[] seen =
        IntStream.range(0, all.size())
            .filter(
                k ->
                    all.size() <= MOST_BARS
                        || all.get(k).use() == Use.OWN
                        || all.get(k).probability() >= most * INVISIBLE)
            .toArray();
    return all.subList(seen[0], seen[seen.length - 1] + 1);
  }
}
