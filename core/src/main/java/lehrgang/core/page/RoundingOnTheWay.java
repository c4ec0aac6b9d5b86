package lehrgang.core.page;

import java.util.Optional;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Reading;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Shown;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Phrase;

/// What becomes of the numbers of a page where every line is rounded before it is used again.
final class RoundingOnTheWay {
  private static final String STEP_OF_STATISTIC = "statistic";

  private final Derivation derivation;
  private final Numerals numerals;
  private final Reading rounded;

  /// Whether the page is read as its instructor chose.
  private final boolean own;

  private Optional<Evaluation> evaluation = Optional.empty();

  RoundingOnTheWay(Solution solution, Derivation derivation, Numerals numerals, Lens lens) {
    this.derivation = derivation;
    this.numerals = numerals;
    this.rounded = Reading.EXACT.roundedOnTheWay(solution.choices().shownDecimals());
    this.own = lens.reading().equals(solution.choices().reading());
  }

  /// What every line comes to, as far as the audience may know.
  synchronized Evaluation evaluation() {
    if (evaluation.isEmpty()) {
      evaluation = Optional.of(numerals.mask().let(derivation.evaluate(rounded)));
    }
    return evaluation.get();
  }

  /// Says of the result of the statistic's step where rounding on the way would show.
  Optional<PageBlock> remark(LineId id) {
    boolean isResult =
        derivation.line(id).kind() == Kind.STATISTIC
            && derivation.stepOf(id).equals(STEP_OF_STATISTIC);
    if (!isResult || numerals.mask().hides(id) || !own) {
      return Optional.empty();
    }
    Optional<Shown> exact = derivation.exact().find(id).map(value -> numerals.shown(id, value));
    Optional<Shown> other =
        derivation.evaluate(rounded, id).find(id).map(value -> numerals.shown(id, value));
    if (exact.isEmpty() || other.isEmpty() || exact.get().text().equals(other.get().text())) {
      return Optional.empty();
    }
    Phrase phrase =
        Phrase.of("remark.on-the-way")
            .with("symbol", numerals.symbol(id))
            .with("rounded", other.get().standalone())
            .with("exact", exact.get().standalone());
    return Optional.of(
        new PageBlock.Remark(Block.Tone.NOTE, numerals.template(phrase), numerals.spans(phrase)));
  }
}
