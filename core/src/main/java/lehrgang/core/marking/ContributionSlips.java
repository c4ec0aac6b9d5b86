package lehrgang.core.marking;

import static lehrgang.core.expr.Expr.number;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Line;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;

/// Slips in contributions to χ².
final class ContributionSlips {
  private static final String PLAIN = "K";
  private static final String CORRECTED = "K.cc";

  private ContributionSlips() {}

  /// What a contribution is made of.
  private record Cell(Expr observed, Expr expected, Expr difference) {
    static Optional<Cell> of(Derivation derivation, LineId id) {
      return Lookup.beside(derivation, id, "O")
          .flatMap(
              observed ->
                  Lookup.beside(derivation, id, "E")
                      .map(
                          expected ->
                              new Cell(
                                  observed,
                                  expected,
                                  Lookup.beside(derivation, id, "D")
                                      .orElse(observed.minus(expected)))));
    }

    /// |O − E| less a half, squared, over E.
    Expr corrected() {
      return new Expr.Magnitude(difference)
          .minus(number(1).over(number(2)))
          .squared()
          .over(expected);
    }
  }

  static List<Slip> all() {
    return List.of(
        plain("contribution-over-observed", c -> c.difference.squared().over(c.observed)),
        plain("contribution-unsquared", c -> c.difference.over(c.expected)),
        plain("contribution-absolute", c -> new Expr.Magnitude(c.difference).over(c.expected)),
        plain("contribution-undivided", c -> c.difference.squared()),
        plain("contribution-residual", c -> c.difference.over(c.expected.root())),
        plain("contribution-corrected", Cell::corrected),
        of(CORRECTED, "contribution-uncorrected", c -> c.difference.squared().over(c.expected)));
  }

  private static Slip plain(String id, Function<Cell, Expr> rule) {
    return of(PLAIN, id, rule);
  }

  private static Slip of(String family, String id, Function<Cell, Expr> rule) {
    return new Slip(id, (derivation, line) -> bent(family, derivation, line, rule));
  }

  private static List<Expr> bent(
      String family, Derivation derivation, Line line, Function<Cell, Expr> rule) {
    return line.id().name().equals(family)
        ? Cell.of(derivation, line.id()).map(rule).map(List::of).orElse(List.of())
        : List.of();
  }
}
