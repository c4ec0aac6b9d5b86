package lehrgang.core.procedure.parts;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Block.CellTable;
import lehrgang.core.derivation.Lines;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.wording.Phrase;

/// Tables of lines in the shape of the two-way table.
public record CellTables(TwoWayTable table, Lines lines) {
  /// The observed counts with their totals.
  public CellTable observed() {
    return withTotals(grid("O", "table.observed"), "R", "C", "n");
  }

  /// The expected counts with their totals.
  public CellTable expected() {
    return withTotals(grid("E", "table.expected"), "E.R", "E.C", "E.n");
  }

  private CellTable withTotals(CellTable plain, String rows, String columns, String grand) {
    return new CellTable(
        plain.title(),
        plain.rows(),
        plain.columns(),
        plain.cells(),
        plain.shade(),
        lines.family(rows),
        lines.family(columns),
        Optional.of(LineId.of(grand)));
  }

  private CellTable grid(String family, String title) {
    return grid(family, title, Optional.empty());
  }

  /// Shaded by the sign of a family and the size of the numbers shown.
  public CellTable shaded(String family, String title, String by) {
    return grid(family, title, Optional.of(by));
  }

  private CellTable grid(String family, String title, Optional<String> shade) {
    return new CellTable(
        Phrase.of(title).with("symbol", symbolOf(family)),
        table.rows().stream().map(Phrase::label).toList(),
        table.columns().stream().map(Phrase::label).toList(),
        ids(family),
        shade.map(this::ids),
        List.of(),
        List.of(),
        Optional.empty());
  }

  private Symbol symbolOf(String family) {
    return Symbol.of(lines.line(LineId.of(family, 1, 1)).symbol().letter());
  }

  private List<List<LineId>> ids(String family) {
    return IntStream.rangeClosed(1, table.rows().size())
        .mapToObj(
            i ->
                IntStream.rangeClosed(1, table.columns().size())
                    .mapToObj(j -> LineId.of(family, i, j))
                    .toList())
        .toList();
  }
}
