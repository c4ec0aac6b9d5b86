package lehrgang.core.procedure.exact;

import static lehrgang.core.expr.Expr.ref;
import static lehrgang.core.procedure.parts.LineWriter.line;
import static lehrgang.core.procedure.parts.LineWriter.single;

import java.util.List;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Lines;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Rational;
import lehrgang.core.procedure.parts.Alternative;
import lehrgang.core.procedure.parts.CellLines;
import lehrgang.core.procedure.parts.ExactOutcomes;
import lehrgang.core.procedure.parts.FourfoldOutcomes;
import lehrgang.core.procedure.parts.Law;
import lehrgang.core.procedure.parts.LineWriter;
import lehrgang.core.procedure.parts.OddsRatioLines;
import lehrgang.core.procedure.parts.SampleSizeLines.Size;

/// The numbers of the exact test, each with its one formula.
///
/// @param outcomes every possible table and which of them the deciding p-value sums
record FisherLines(Lines all, ExactOutcomes outcomes) {
  private static final Expr ROW = ref(LineId.of("R", 1));
  private static final Expr OTHER_ROW = ref(LineId.of("R", 2));
  private static final Expr COLUMN = ref(LineId.of("C", 1));
  private static final Expr CORNER = ref(LineId.of("O", 1, 1));
  private static final Expr N = line("n");

  static FisherLines of(TwoWayTable table, Rational level, Alternative alternative) {
    CellLines cells = new CellLines(table);
    cells.addObserved();
    Lines lines = cells.lines();
    lines.begin("hypotheses").add(LineWriter.level(level));
    ExactOutcomes outcomes = FourfoldOutcomes.of(table, alternative);
    lines.begin("outcomes");
    FourfoldOutcomes.addTo(lines, outcomes);
    lines.begin("p");
    lines.add(outcomes.sum("p", Symbol.of("p")));
    for (Alternative other : Alternative.values()) {
      if (other != alternative) {
        lines.add(outcomes.sum("p." + other.key(), Symbol.of("p").lowered(other.key()), other));
      }
    }
    lines.begin("conclusion");
    LineWriter.decisionByP("p").forEach(lines::add);
    lines.begin("closer-look");
    if (table.counts().stream().flatMap(List::stream).allMatch(count -> count % 2 == 0)) {
      addSize(lines, Size.HALF, alternative);
    }
    addSize(lines, Size.DOUBLE, alternative);
    OddsRatioLines.addTo(lines, table);
    return new FisherLines(lines, outcomes);
  }

  /// The p-value with every count halved or doubled.
  private static void addSize(Lines lines, Size size, Alternative alternative) {
    lines.add(single(size.of("n"), size.of(Symbol.of("n")), size.times(N), Kind.COUNT));
    lines.add(single(size.of("a"), size.of(Symbol.of("a")), size.times(CORNER), Kind.COUNT));
    lines.add(
        ExactOutcomes.unlisted(
            size.of("p"),
            size.of(Symbol.of("p")),
            Law.HYPERGEOMETRIC,
            alternative,
            line(size.of("a")),
            List.of(
                size.times(ROW), size.times(OTHER_ROW), size.times(COLUMN), line(size.of("n")))));
  }
}
