package lehrgang.core.procedure.twoway;

import java.util.Optional;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Lines;
import lehrgang.core.derivation.Reading;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Rational;
import lehrgang.core.procedure.parts.Alternative;
import lehrgang.core.procedure.parts.CellLines;
import lehrgang.core.procedure.parts.ChiSquaredDecision;
import lehrgang.core.procedure.parts.ExactOutcomes;
import lehrgang.core.procedure.parts.ExpectedConditions;
import lehrgang.core.procedure.parts.FourfoldOutcomes;
import lehrgang.core.procedure.parts.LineWriter;
import lehrgang.core.procedure.parts.TwoWayStatistic;
import lehrgang.core.procedure.parts.TwoWayStatistic.Route;
import lehrgang.core.solution.Choices;

/// The numbers of a chi-squared test on a two-way table (Pearson 1900), each with its one formula.
///
/// @param outcomes of Fisher's exact test, where it decides
record TwoWayLines(Lines all, Optional<ExactOutcomes> outcomes) {
  private static final String EXACT_P = "p.exact";

  static TwoWayLines of(
      TwoWayTable table,
      Rational level,
      Route route,
      ChiSquaredDecision deciding,
      Choices choices) {
    CellLines cells = TwoWayStatistic.of(table, level, route, "conditions");
    Lines lines = cells.lines();
    Optional<ExactOutcomes> outcomes =
        exactDecides(table, lines, choices)
            ? Optional.of(FourfoldOutcomes.of(table, Alternative.TWO_SIDED))
            : Optional.empty();
    if (table.isTwoByTwo()) {
      new TwoByTwoLines(cells).add();
    }
    ChiSquaredDecision.addCritical(lines);
    ChiSquaredDecision.addP(lines);
    if (table.isTwoByTwo()) {
      ChiSquaredDecision.addCorrectedP(lines);
    }
    outcomes.ifPresentOrElse(
        exact -> {
          lines.begin("p");
          FourfoldOutcomes.addTo(lines, exact);
          lines.add(exact.sum(EXACT_P, Symbol.of("p").lowered("exact")));
          lines.begin("conclusion");
          LineWriter.decisionByP(EXACT_P).forEach(lines::add);
        },
        () -> deciding.addDecision(lines));
    new AssociationLines(cells).add(deciding);
    return new TwoWayLines(lines, outcomes);
  }

  /// Fisher's exact test decides about a 2 × 2 table where that is chosen, or nothing is and the
  /// condition of the approximation fails.
  private static boolean exactDecides(TwoWayTable table, Lines lines, Choices choices) {
    if (!table.isTwoByTwo() || FourfoldOutcomes.areTooMany(table)) {
      return false;
    }
    return switch (choices.option(Independence.DECIDES)) {
      case "exact" -> true;
      case "automatic" -> ExpectedConditions.fail(lines.evaluate(Reading.EXACT), choices);
      default -> false;
    };
  }
}
