package lehrgang.core.procedure.parts;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.ref;
import static lehrgang.core.procedure.parts.LineWriter.line;
import static lehrgang.core.procedure.parts.LineWriter.single;

import java.util.List;
import java.util.stream.LongStream;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Lines;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;

/// All 2 × 2 tables with the totals of one, each by the count in its top-left cell (Fisher 1935).
public final class FourfoldOutcomes {
  /// Larger totals have more possible tables than a page can list.
  public static final long LARGEST_TOTAL = 5000;

  /// The smallest count that the top-left cell can have.
  public static final LineId SMALLEST = LineId.of("a.min");

  /// The largest count that the top-left cell can have.
  public static final LineId LARGEST = LineId.of("a.max");

  private static final Expr ROW = ref(LineId.of("R", 1));
  private static final Expr OTHER_ROW = ref(LineId.of("R", 2));
  private static final Expr COLUMN = ref(LineId.of("C", 1));
  private static final Expr CORNER = ref(LineId.of("O", 1, 1));
  private static final Expr N = line("n");

  private FourfoldOutcomes() {}

  /// The largest of the row and column totals.
  public static long largestTotal(TwoWayTable table) {
    return LongStream.of(
            table.rowTotal(0), table.rowTotal(1), table.columnTotal(0), table.columnTotal(1))
        .max()
        .orElseThrow();
  }

  /// Whether so many tables are possible that no page lists them.
  public static boolean areTooMany(TwoWayTable table) {
    return largestTotal(table) > LARGEST_TOTAL;
  }

  /// The outcomes of a table whose totals are not too large.
  public static ExactOutcomes of(TwoWayTable table, Alternative alternative) {
    long first = Math.max(0, table.columnTotal(0) - table.rowTotal(1));
    long last = Math.min(table.rowTotal(0), table.columnTotal(0));
    return ExactOutcomes.all(
        Law.HYPERGEOMETRIC,
        alternative,
        CORNER,
        List.of(ROW, OTHER_ROW, COLUMN, N),
        (int) first,
        (int) last);
  }

  /// Adds the range of the top-left count and the probability of each table, to the step begun
  /// last; the counts and totals come before them.
  public static void addTo(Lines lines, ExactOutcomes outcomes) {
    lines.add(
        single(
            SMALLEST.name(),
            Symbol.of("a").lowered("min"),
            new Expr.Maximum(List.of(number(0), Expr.sum(ROW, COLUMN).minus(N))),
            Kind.COUNT));
    lines.add(
        single(
            LARGEST.name(),
            Symbol.of("a").lowered("max"),
            new Expr.Minimum(List.of(ROW, COLUMN)),
            Kind.COUNT));
    outcomes.addOutcomes(lines);
  }
}
