package lehrgang.core.page;

import java.util.Optional;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Shown;
import lehrgang.core.number.Value;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;

/// The numbers of a solution in the instructor's own reading, with their words, and no page.
public final class Readout {
  private final Derivation derivation;
  private final Numerals numerals;
  private final ChainSetter chains;

  private Readout(Derivation derivation, Numerals numerals) {
    this.derivation = derivation;
    this.numerals = numerals;
    this.chains = new ChainSetter(derivation, numerals);
  }

  /// The numbers of a solution as its author reads them.
  public static Readout of(Solution solution, Derivation derivation) {
    Lens lens = Lens.of(solution, Audience.FULL);
    Evaluation values = derivation.evaluate(lens.reading());
    return new Readout(
        derivation,
        new Numerals(
            derivation,
            lens.reading(),
            values,
            solution.format(),
            Wording.in(solution.language(), solution.ownWords(), solution.course().symbols()),
            Mask.none(lens)));
  }

  /// What every line comes to.
  public Evaluation values() {
    return numerals.values();
  }

  /// The number of a line as a page would show it; a dash where it has no value.
  public Shown shown(LineId id) {
    return numerals.shown(id);
  }

  /// Where a line stands, such as "Gorge path, Autumn".
  public String place(LineId id) {
    return numerals.text(derivation.line(id).place());
  }

  /// A sentence with the numbers of lines in it.
  public String text(Phrase phrase) {
    return numerals.text(phrase);
  }

  /// Why a line has no value, in words; empty where it has one.
  public Optional<String> whyMissing(LineId id) {
    Optional<Value> value = values().find(id);
    return value.isPresent()
        ? Optional.empty()
        : Optional.of(new MissingNumbers(numerals, chains).inWords(id));
  }
}
