package lehrgang.core.procedure.parts;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Phrase;

/// What other valid p-values for the same hypotheses come to: where one leads to another decision
/// than the p-value that decides, the conclusion says so and which to prefer.
public final class OtherMethods {
  private static final LineId UNCORRECTED = LineId.of("p");
  private static final LineId CORRECTED = LineId.of("p.cc");
  private static final LineId EXACT = LineId.of("p.exact");
  private static final LineId APPROXIMATE = LineId.of("p.curve");
  private static final LineId MONTE_CARLO_ERROR = LineId.of("p.error");

  /// The p-values that a page may hold for one pair of hypotheses.
  private static final List<LineId> ALL = List.of(UNCORRECTED, CORRECTED, EXACT, APPROXIMATE);

  private static final Map<LineId, String> NAMES =
      Map.of(
          UNCORRECTED, "uncorrected", CORRECTED, "corrected", EXACT, "exact", APPROXIMATE, "curve");

  private static final Set<LineId> BY_APPROXIMATION = Set.of(UNCORRECTED, CORRECTED);

  private OtherMethods() {}

  /// The p-values on a page that lead to another decision than the one that decides.
  ///
  /// @param p the p-value that decides
  public static List<LineId> against(Evaluation values, LineId p) {
    Optional<Value> level = values.find(CommonSteps.LEVEL);
    Optional<Boolean> decision = values.find(Decided.DECISION).map(made -> made.signum() > 0);
    return ALL.stream()
        .filter(other -> !other.equals(p) && values.results().containsKey(other))
        .filter(
            other ->
                values
                    .find(other)
                    .flatMap(found -> level.map(alpha -> found.compareTo(alpha) <= 0))
                    .flatMap(rejects -> decision.map(made -> !made.equals(rejects)))
                    .orElse(false))
        .toList();
  }

  /// A warning for each of them, and one where another seed may lead to the other decision.
  static List<Block> disagreeing(Decided decided, LineId p) {
    List<Block> remarks = new ArrayList<>();
    against(decided.values(), p).forEach(other -> remarks.add(warning(p, other)));
    if (isWithinMonteCarloError(decided.values(), p)) {
      remarks.add(
          new Block.Remark(
              Tone.WARNING,
              Phrase.of("conclusion.near-level").with("p", new Phrase.Stated(p)),
              List.of(p, MONTE_CARLO_ERROR, CommonSteps.LEVEL)));
    }
    return remarks;
  }

  private static Block warning(LineId p, LineId other) {
    String name =
        p.equals(EXACT) && BY_APPROXIMATION.contains(other) ? "approximate" : NAMES.get(other);
    return new Block.Remark(
        Tone.WARNING,
        Phrase.of("conclusion.other-decision." + name)
            .with("p", new Phrase.StatedBeside(other, CommonSteps.LEVEL)),
        List.of(other, Decided.DECISION));
  }

  private static boolean isWithinMonteCarloError(Evaluation values, LineId p) {
    return values.results().containsKey(MONTE_CARLO_ERROR)
        && Stream.of(p, MONTE_CARLO_ERROR, CommonSteps.LEVEL)
            .allMatch(line -> values.find(line).isPresent())
        && values
                .find(p)
                .orElseThrow()
                .minus(values.find(CommonSteps.LEVEL).orElseThrow())
                .magnitude()
                .compareTo(Value.of(2).times(values.find(MONTE_CARLO_ERROR).orElseThrow()))
            <= 0;
  }
}
