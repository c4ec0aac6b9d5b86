package lehrgang.core.procedure;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.expr.Expr.ref;
import static lehrgang.core.procedure.LineWriter.line;
import static lehrgang.core.procedure.LineWriter.single;

import java.util.List;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.procedure.CellLines.Cell;

/// A closer look at a two-way table: residuals, effect sizes, and how much of the verdict is sample
/// size.
final class AssociationLines {
  private static final Expr N = line("n");

  private final CellLines cells;

  AssociationLines(CellLines cells) {
    this.cells = cells;
  }

  void add() {
    residuals();
    effects();
    SampleSizeLines.addTo(cells.lines());
    if (cells.table().isTwoByTwo()) {
      new TwoByTwoLines(cells).addOddsRatio();
    }
  }

  /// Standardised and adjusted residuals (Haberman 1973).
  private void residuals() {
    for (Cell cell : cells.cells()) {
      cells.add(
          cells.inCell(
              "resid",
              "e",
              cell,
              ref(cell.of("O")).minus(ref(cell.of("E"))).over(ref(cell.of("E")).root()),
              Kind.RESIDUAL));
    }
    for (Cell cell : cells.cells()) {
      Expr outsideRow = number(1).minus(ref(LineId.of("R", cell.row())).over(N));
      Expr outsideColumn = number(1).minus(ref(LineId.of("C", cell.column())).over(N));
      cells.add(
          cells.inCell(
              "adj",
              "a",
              cell,
              ref(cell.of("O"))
                  .minus(ref(cell.of("E")))
                  .over(product(ref(cell.of("E")), outsideRow, outsideColumn).root()),
              Kind.RESIDUAL));
    }
  }

  /// Cramér's V (1946) and Cohen's w (1988).
  private void effects() {
    Expr smallerSide =
        new Expr.Minimum(List.of(line("r").minus(number(1)), line("c").minus(number(1))));
    cells.add(
        single("V", Symbol.of("V"), line("X2").over(product(N, smallerSide)).root(), Kind.EFFECT));
    cells.add(single("w", Symbol.of("w"), line("X2").over(N).root(), Kind.EFFECT));
  }
}
