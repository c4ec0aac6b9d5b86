package lehrgang.core.marking;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Line;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Kind;

/// Slips in shares, standard errors and z statistics.
final class ShareSlips {
  private static final List<String> SHARES =
      List.of("phat", "p1", "p2", "pooled", "p.before", "p.after", "s");

  private ShareSlips() {}

  static List<Slip> all() {
    return List.of(
        new Slip("share-swapped", ShareSlips::swapped),
        new Slip(
            "share-percent-undivided",
            (_, line) ->
                SHARES.contains(line.id().name())
                    ? List.of(product(number(100), line.formula()))
                    : List.of()),
        on(
            "share-mean-of-shares",
            "pooled",
            (derivation, _) ->
                both(derivation, "p1", "p2")
                    .map(p -> Expr.sum(p.one(), p.other()).over(number(2)))),
        on("error-unpooled", "SE0", ShareSlips::unpooled),
        on("error-pooled", "SE", ShareSlips::pooled),
        on("error-one-root", "SE0", ShareSlips::oneRoot),
        new Slip(
            "error-root-forgotten",
            (_, line) ->
                line.kind() == Kind.STANDARD_ERROR
                        && line.formula() instanceof Expr.Root(var radicand)
                    ? List.of(radicand)
                    : List.of()),
        on(
            "error-observed-share",
            "SE0",
            (derivation, _) ->
                both(derivation, "phat", "n").map(p -> variance(p.one()).over(p.other()).root())),
        z(
            "z-groups-swapped",
            derivation -> Lookup.term(derivation, "p2").isPresent(),
            formula -> number(0).minus(formula)),
        z("z-sign-lost", _ -> true, Expr.Magnitude::new));
  }

  private interface Rule {
    Optional<Expr> bent(Derivation derivation, Line line);
  }

  private static Slip on(String id, String name, Rule rule) {
    return new Slip(
        id,
        (derivation, line) ->
            line.id().name().equals(name)
                ? rule.bent(derivation, line).map(List::of).orElse(List.of())
                : List.of());
  }

  private interface Turn {
    Expr of(Expr formula);
  }

  private static Slip z(String id, Predicate<Derivation> where, Turn turn) {
    return new Slip(
        id,
        (derivation, line) ->
            Stream.of("z", "z.cc").anyMatch(line.id().name()::equals) && where.test(derivation)
                ? List.of(turn.of(line.formula()))
                : List.of());
  }

  private static List<Expr> swapped(Derivation derivation, Line line) {
    return SHARES.contains(line.id().name())
            && line.formula() instanceof Expr.Quotient(var above, var below)
        ? List.of(below.over(above))
        : List.of();
  }

  /// Two terms that go together.
  private record Two(Expr one, Expr other) {
    static Optional<Two> of(Derivation derivation, LineId one, LineId other) {
      return Lookup.term(derivation, one)
          .flatMap(a -> Lookup.term(derivation, other).map(b -> new Two(a, b)));
    }
  }

  private static Optional<Two> both(Derivation derivation, String one, String other) {
    return Two.of(derivation, LineId.of(one), LineId.of(other));
  }

  /// The sizes of two samples: beside their successes, or as margins of a table.
  private static Optional<Two> sizes(Derivation derivation) {
    return both(derivation, "n1", "n2")
        .or(() -> Two.of(derivation, LineId.of("C", 1), LineId.of("C", 2)));
  }

  private static Expr variance(Expr share) {
    return product(share, number(1).minus(share));
  }

  private static Optional<Expr> unpooled(Derivation derivation, Line line) {
    return both(derivation, "p1", "p2")
        .flatMap(
            p ->
                sizes(derivation)
                    .map(
                        n ->
                            Expr.sum(
                                    variance(p.one()).over(n.one()),
                                    variance(p.other()).over(n.other()))
                                .root()));
  }

  private static Optional<Expr> pooled(Derivation derivation, Line line) {
    return Lookup.term(derivation, "pooled")
        .flatMap(
            p ->
                sizes(derivation)
                    .map(
                        n ->
                            product(
                                    variance(p),
                                    Expr.sum(number(1).over(n.one()), number(1).over(n.other())))
                                .root()));
  }

  /// One sample of both sizes together.
  private static Optional<Expr> oneRoot(Derivation derivation, Line line) {
    return Lookup.term(derivation, "pooled")
        .flatMap(
            p -> sizes(derivation).map(n -> variance(p).over(Expr.sum(n.one(), n.other())).root()));
  }
}
