package lehrgang.core.marking;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.expr.Expr.ref;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Line;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Kind;

/// Slips in exact p-values.
final class ExactSlips {
  private static final LineId OBSERVED = LineId.of("P.obs");

  private ExactSlips() {}

  static List<Slip> all() {
    return List.of(
        new Slip(
            "exact-observed-only",
            (derivation, line) -> isExact(derivation, line) ? List.of(ref(OBSERVED)) : List.of()),
        new Slip("exact-one-tail", ExactSlips::oneTail),
        new Slip("exact-strictly-less", ExactSlips::strictlyLess));
  }

  private static boolean isExact(Derivation derivation, Line line) {
    boolean named =
        line.id().equals(LineId.of("p.exact"))
            || line.id().equals(LineId.of("p")) && derivation.procedure().equals("fisher");
    return named && line.kind() == Kind.P_VALUE && derivation.find(OBSERVED).isPresent();
  }

  private static List<LineId> outcomes(Derivation derivation) {
    return derivation.lines().keySet().stream()
        .filter(id -> id.name().equals("P") && Lookup.isMember(id))
        .toList();
  }

  /// All outcomes from the observed one outwards, to either side; half of the sum of both.
  private static List<Expr> oneTail(Derivation derivation, Line line) {
    if (!isExact(derivation, line)) {
      return List.of();
    }
    List<Expr> bent = new ArrayList<>();
    Stream.of("p.less", "p.greater")
        .flatMap(name -> derivation.find(LineId.of(name)).stream())
        .filter(other -> !other.id().equals(line.id()))
        .map(Line::formula)
        .forEach(bent::add);
    observed(derivation)
        .ifPresent(
            observed -> {
              List<LineId> all = outcomes(derivation);
              bent.add(sum(all.stream().filter(id -> Lookup.place(id, 0) <= observed).toList()));
              bent.add(sum(all.stream().filter(id -> Lookup.place(id, 0) >= observed).toList()));
            });
    bent.add(line.formula().over(number(2)));
    return bent;
  }

  private static Expr sum(List<LineId> outcomes) {
    return new Expr.Sum(outcomes.stream().map(Expr::ref).toList());
  }

  /// Which outcome was observed, where all are listed.
  private static Optional<Integer> observed(Derivation derivation) {
    if (outcomes(derivation).isEmpty()) {
      return Optional.empty();
    }
    return derivation.line(OBSERVED).formula() instanceof Expr.Named(_, var arguments)
            && arguments.getFirst() instanceof Expr.Ref(var line)
        ? derivation.exact().find(line).filter(value -> value.isWhole()).map(v -> v.intValueExact())
        : Optional.empty();
  }

  /// Without the observed outcome, and without those that are as probable.
  private static List<Expr> strictlyLess(Derivation derivation, Line line) {
    if (!isExact(derivation, line)) {
      return List.of();
    }
    List<Expr> bent = new ArrayList<>();
    bent.add(line.formula().minus(ref(OBSERVED)));
    List<Expr> rarer =
        outcomes(derivation).stream()
            .<Expr>map(id -> product(new Expr.Exceeds(ref(OBSERVED), ref(id)), ref(id)))
            .toList();
    if (!rarer.isEmpty()) {
      bent.add(new Expr.Sum(rarer));
    }
    return bent;
  }
}
