package lehrgang.core.marking;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.expr.Expr.ref;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Line;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;

/// Slips in expected counts.
final class ExpectedSlips {
  /// A cell of a table has at least a row and a column.
  private static final int TWO_WAY = 2;

  private ExpectedSlips() {}

  static List<Slip> all() {
    return List.of(
        margins("expected-equal-cells", m -> List.of(m.n.over(product(m.rows, m.columns)))),
        margins("expected-over-row", m -> List.of(product(m.row, m.column).over(m.row))),
        margins("expected-over-column", m -> List.of(product(m.row, m.column).over(m.column))),
        margins("expected-other-row", m -> m.others(m.rowId, m.column)),
        margins("expected-other-column", m -> m.others(m.columnId, m.row)),
        new Slip("expected-whole", ExpectedSlips::whole),
        shares(
            "expected-equal-shares",
            (derivation, line, n) ->
                Lookup.term(derivation, "k").map(k -> List.of(n.over(k))).orElse(List.of())),
        shares("expected-shares-shifted", ExpectedSlips::shifted),
        shares(
            "expected-percent-undivided",
            (derivation, line, n) ->
                share(derivation, line.id())
                    .map(share -> List.<Expr>of(product(n, number(100), share)))
                    .orElse(List.of())));
  }

  /// An expected count from two margins.
  private record Margins(
      Derivation derivation,
      LineId rowId,
      LineId columnId,
      Expr row,
      Expr column,
      Expr n,
      Expr rows,
      Expr columns) {
    /// The margins of a cell, in its layer where there are layers; empty for what is none.
    static Optional<Margins> of(Derivation derivation, LineId cell) {
      if (!cell.name().equals("E") || cell.index().size() < TWO_WAY || !Lookup.isMember(cell)) {
        return Optional.empty();
      }
      int last = cell.index().size() - 1;
      List<String> layer = cell.index().subList(0, last - 1);
      LineId row = inLayer("R", layer, cell.index().get(last - 1));
      LineId column = inLayer("C", layer, cell.index().get(last));
      LineId n = new LineId("n", layer);
      boolean there =
          List.of(row, column, n, LineId.of("r"), LineId.of("c")).stream()
              .allMatch(id -> derivation.find(id).isPresent());
      return there
          ? Optional.of(
              new Margins(
                  derivation,
                  row,
                  column,
                  ref(row),
                  ref(column),
                  ref(n),
                  ref(LineId.of("r")),
                  ref(LineId.of("c"))))
          : Optional.empty();
    }

    private static LineId inLayer(String name, List<String> layer, String position) {
      List<String> index = new ArrayList<>(layer);
      index.add(position);
      return new LineId(name, index);
    }

    /// The product with another margin in place of the right one.
    List<Expr> others(LineId margin, Expr with) {
      return Lookup.others(derivation, margin, margin.index().size() - 1).stream()
          .<Expr>map(other -> product(ref(other), with).over(n))
          .toList();
    }
  }

  private interface OfMargins {
    List<Expr> bent(Margins margins);
  }

  private static Slip margins(String id, OfMargins rule) {
    return new Slip(
        id,
        (derivation, line) -> Margins.of(derivation, line.id()).map(rule::bent).orElse(List.of()));
  }

  private static List<Expr> whole(Derivation derivation, Line line) {
    boolean expected = List.of("E", "e", "E.yes", "E.no", "E.m").contains(line.id().name());
    return expected
        ? List.of(new Expr.Named(RoundedToWhole.INSTANCE, List.of(line.formula())))
        : List.of();
  }

  private interface OfShares {
    List<Expr> bent(Derivation derivation, Line line, Expr n);
  }

  private static Slip shares(String id, OfShares rule) {
    return new Slip(
        id,
        (derivation, line) ->
            Lookup.term(derivation, "n")
                .filter(_ -> share(derivation, line.id()).isPresent())
                .map(n -> rule.bent(derivation, line, n))
                .orElse(List.of()));
  }

  /// The share that an expected count comes from.
  private static Optional<Expr> share(Derivation derivation, LineId id) {
    if (id.index().size() != 1 || !Lookup.isMember(id)) {
      return Optional.empty();
    }
    return switch (id.name()) {
      case "E" -> Lookup.beside(derivation, id, "s");
      case "e" -> Lookup.beside(derivation, id, "P");
      default -> Optional.empty();
    };
  }

  private static List<Expr> shifted(Derivation derivation, Line line, Expr n) {
    if (!line.id().name().equals("E")) {
      return List.of();
    }
    LineId own = new LineId("s", line.id().index());
    return Lookup.others(derivation, own, 0).stream()
        .<Expr>map(other -> product(n, ref(other)))
        .toList();
  }
}
