package lehrgang.core.marking;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import lehrgang.core.expr.Expr;

/// Slips in degrees of freedom.
final class FreedomSlips {
  private static final String OWN = "df";

  private FreedomSlips() {}

  static List<Slip> all() {
    return List.of(
        table("df-cells", (r, c) -> List.of(product(r, c))),
        table("df-cells-less-one", (r, c) -> List.of(product(r, c).minus(number(1)))),
        table("df-sum", (r, c) -> List.of(Expr.sum(r, c).minus(number(2)))),
        table("df-rows", (r, _) -> List.of(r.minus(number(1)))),
        table("df-columns", (_, c) -> List.of(c.minus(number(1)))),
        table("df-larger", (r, c) -> larger(r, c)),
        of("df-categories", "k", k -> k),
        of("df-observations", "n", n -> n.minus(number(1))),
        new Slip(
            "df-parameters-ignored",
            (derivation, line) ->
                line.id().name().equals(OWN) && Lookup.term(derivation, "m").isPresent()
                    ? Lookup.term(derivation, "k")
                        .map(k -> List.of(k.minus(number(1))))
                        .orElse(List.of())
                    : List.of()));
  }

  private static List<Expr> larger(Expr r, Expr c) {
    Expr larger = new Expr.Maximum(List.of(r, c));
    return List.of(larger, larger.minus(number(1)));
  }

  private static Slip table(String id, BiFunction<Expr, Expr, List<Expr>> rule) {
    return new Slip(
        id,
        (derivation, line) ->
            line.id().name().equals(OWN)
                ? Lookup.term(derivation, "r")
                    .flatMap(r -> Lookup.term(derivation, "c").map(c -> rule.apply(r, c)))
                    .orElse(List.of())
                : List.of());
  }

  private static Slip of(String id, String source, Function<Expr, Expr> rule) {
    return new Slip(
        id,
        (derivation, line) ->
            line.id().name().equals(OWN)
                ? Lookup.term(derivation, source).map(rule).map(List::of).orElse(List.of())
                : List.of());
  }
}
