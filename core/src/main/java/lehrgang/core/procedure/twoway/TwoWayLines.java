package lehrgang.core.procedure.twoway;

import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Lines;
import lehrgang.core.number.Rational;
import lehrgang.core.procedure.parts.CellLines;
import lehrgang.core.procedure.parts.ChiSquaredDecision;
import lehrgang.core.procedure.parts.TwoWayStatistic;
import lehrgang.core.procedure.parts.TwoWayStatistic.Route;

/// The numbers of a chi-squared test on a two-way table (Pearson 1900), each with its one formula.
final class TwoWayLines {
  private TwoWayLines() {}

  static Lines of(TwoWayTable table, Rational level, Route route, ChiSquaredDecision deciding) {
    CellLines cells = TwoWayStatistic.of(table, level, route, "conditions");
    Lines lines = cells.lines();
    if (table.isTwoByTwo()) {
      new TwoByTwoLines(cells).add();
    }
    ChiSquaredDecision.addCritical(lines);
    ChiSquaredDecision.addP(lines);
    if (table.isTwoByTwo()) {
      ChiSquaredDecision.addCorrectedP(lines);
    }
    deciding.addDecision(lines);
    new AssociationLines(cells).add();
    return lines;
  }
}
