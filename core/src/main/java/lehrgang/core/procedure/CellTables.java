package lehrgang.core.procedure;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Block.CellTable;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.wording.Phrase;

/// Tables of lines in the shape of the two-way table.
record CellTables(TwoWayTable table, Lines lines) {
  CellTable observed() {
    return withTotals(grid("O", "table.observed", Optional.empty()), "R", "C", "n");
  }

  CellTable expected() {
    return withTotals(grid("E", "table.expected", Optional.empty()), "E.R", "E.C", "E.n");
  }

  private CellTable withTotals(CellTable plain, String rows, String columns, String grand) {
    return new CellTable(
        plain.title(),
        plain.rows(),
        plain.columns(),
        plain.cells(),
        plain.shade(),
        lines.ofFamilies(rows),
        lines.ofFamilies(columns),
        Optional.of(LineId.of(grand)));
  }

  /// @param shade the family whose sign and size shade the cells
  CellTable grid(String family, String title, Optional<String> shade) {
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
    return Symbol.of(lines.inOrder().get(LineId.of(family, 1, 1)).symbol().letter());
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
