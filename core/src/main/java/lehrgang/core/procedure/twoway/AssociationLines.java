package lehrgang.core.procedure.twoway;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.ref;
import static lehrgang.core.procedure.parts.LineWriter.line;
import static lehrgang.core.procedure.parts.LineWriter.single;

import java.util.List;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.procedure.parts.CellLines;
import lehrgang.core.procedure.parts.CellLines.Cell;
import lehrgang.core.procedure.parts.ChiSquaredDecision;
import lehrgang.core.procedure.parts.DetectableEffect;
import lehrgang.core.procedure.parts.Deviations;
import lehrgang.core.procedure.parts.Formulas;
import lehrgang.core.procedure.parts.OddsRatioLines;
import lehrgang.core.procedure.parts.SampleSizeLines;

/// A closer look at a two-way table: residuals, effect sizes, and how much of the verdict is sample
/// size.
final class AssociationLines {
  private static final Expr N = line("n");

  private final CellLines cells;

  AssociationLines(CellLines cells) {
    this.cells = cells;
  }

  /// @param deciding whose statistic is worked out for other sample sizes
  void add(ChiSquaredDecision deciding) {
    cells.lines().begin("closer-look");
    residuals();
    int rows = cells.table().rows().size();
    int columns = cells.table().columns().size();
    Deviations.addBounds(cells.lines(), rows * columns, (rows - 1) * (columns - 1));
    effects();
    if (!cells.table().isTwoByTwo()) {
      DetectableEffect.V.addTo(cells.lines(), line("crit"));
    }
    if (deciding.isCorrected()) {
      SampleSizeLines.addCorrectedTo(cells.lines(), this::corrected);
    } else {
      SampleSizeLines.addTo(cells.lines());
    }
    if (cells.table().isTwoByTwo()) {
      OddsRatioLines.addTo(cells.lines(), cells.table());
    }
  }

  /// Yates' corrected statistic with every count multiplied by a factor.
  private Expr corrected(Expr factor) {
    return cells.over(
        cell -> {
          Expr difference = Expr.product(factor, new Expr.Magnitude(Formulas.at("D", cell)));
          Expr less = difference.minus(number(1).over(number(2)));
          return new Expr.Maximum(List.of(less, number(0)))
              .squared()
              .over(Expr.product(factor, Formulas.at("E", cell)));
        });
  }

  private void residuals() {
    for (Cell cell : cells.cells()) {
      Expr standardised = Formulas.standardisedResidual(cell.of("D"), cell.in("O"), cell.in("E"));
      cells.add(cells.inCell("resid", "e", cell, standardised, Kind.RESIDUAL));
    }
    for (Cell cell : cells.cells()) {
      Expr adjusted =
          Formulas.adjustedResidual(
              cell.of("D"),
              cell.in("O"),
              cell.in("E"),
              outside(LineId.of("R", cell.row())),
              outside(LineId.of("C", cell.column())));
      cells.add(cells.inCell("adj", "a", cell, adjusted, Kind.RESIDUAL));
    }
  }

  private static Expr outside(LineId margin) {
    return Formulas.rest(Formulas.share(ref(margin), N));
  }

  private void effects() {
    cells.add(
        single(
            "V",
            Symbol.of("V"),
            Formulas.strength(line("X2"), N, Formulas.smallerSide()),
            Kind.EFFECT));
    cells.add(single("w", Symbol.of("w"), Formulas.effectSize(line("X2"), N), Kind.EFFECT));
  }
}
