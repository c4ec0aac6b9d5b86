package lehrgang.core.marking;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import lehrgang.core.derivation.Line;
import lehrgang.core.distribution.ChiSquaredCritical;
import lehrgang.core.distribution.ChiSquaredUpperTail;
import lehrgang.core.distribution.NormalCritical;
import lehrgang.core.distribution.NormalTail;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.number.Kind;

/// Slips in critical values, p-values and decisions.
final class TailSlips {
  private static final Expr ALPHA = Expr.ref(LineId.of("alpha"));
  private static final Expr HALF_ALPHA = ALPHA.over(number(2));

  private TailSlips() {}

  static List<Slip> critical() {
    return List.of(
        critical("critical-half-alpha", formula -> List.of(level(formula, HALF_ALPHA))),
        critical(
            "critical-double-alpha", formula -> List.of(level(formula, product(number(2), ALPHA)))),
        critical("critical-left-tail", TailSlips::leftCritical),
        critical("critical-df-next", TailSlips::nextDf),
        critical("critical-normal-for-chi-squared", TailSlips::normalInstead),
        critical("critical-other-sides", TailSlips::otherSides));
  }

  static List<Slip> p() {
    return List.of(
        p("p-left-tail", formula -> List.of(number(1).minus(formula))),
        p("p-halved", formula -> List.of(formula.over(number(2)))),
        p("p-doubled", formula -> List.of(product(number(2), formula))),
        p("p-df-next", TailSlips::nextDf),
        p("p-other-sides", TailSlips::otherTails));
  }

  static List<Slip> decision() {
    return List.of(
        new Slip(
            "decision-turned-round",
            (_, line) ->
                line.kind() == Kind.DECISION
                    ? List.of(number(1).minus(line.formula()))
                    : List.of()),
        new Slip(
            "decision-against-one-minus-alpha",
            (derivation, line) ->
                line.kind() == Kind.DECISION
                    ? Lookup.term(derivation, "p")
                        .<List<Expr>>map(p -> List.of(new Expr.AtLeast(number(1).minus(ALPHA), p)))
                        .orElse(List.of())
                    : List.of()));
  }

  private static Slip critical(String id, Function<Expr, List<Expr>> rule) {
    return of(id, line -> line.kind() == Kind.CRITICAL && line.id().name().equals("crit"), rule);
  }

  /// Sums of outcomes have slips of their own.
  private static Slip p(String id, Function<Expr, List<Expr>> rule) {
    return of(
        id,
        line ->
            line.kind() == Kind.P_VALUE
                && (has(line.formula(), ChiSquaredUpperTail.INSTANCE)
                    || has(line.formula(), NormalTail.UPPER)
                    || has(line.formula(), NormalTail.LOWER)),
        rule);
  }

  private static Slip of(String id, Predicate<Line> where, Function<Expr, List<Expr>> rule) {
    return new Slip(id, (_, line) -> where.test(line) ? rule.apply(line.formula()) : List.of());
  }

  private static boolean has(Expr formula, NamedFunction function) {
    return formula instanceof Expr.Named(var called, _) && called.equals(function)
        || formula.parts().stream().anyMatch(part -> has(part, function));
  }

  /// Every call of a function changed.
  private static Expr called(
      Expr formula, NamedFunction function, UnaryOperator<List<Expr>> arguments) {
    return switch (formula) {
      case Expr.Named(var called, var given) when called.equals(function) ->
          new Expr.Named(called, arguments.apply(given));
      case Expr.Negative(var inner) -> new Expr.Negative(called(inner, function, arguments));
      case Expr.Product(var factors) ->
          new Expr.Product(
              factors.stream().map(factor -> called(factor, function, arguments)).toList());
      default -> formula;
    };
  }

  /// Another level; where α/2 stands on either side, half or twice of that.
  private static Expr level(Expr formula, Expr level) {
    Expr chi =
        called(formula, ChiSquaredCritical.INSTANCE, given -> List.of(level, given.getLast()));
    boolean twoSided = formula.equals(new Expr.Named(NormalCritical.INSTANCE, List.of(HALF_ALPHA)));
    Expr beside = twoSided ? level.over(number(2)) : level;
    return called(chi, NormalCritical.INSTANCE, _ -> List.of(beside));
  }

  private static List<Expr> leftCritical(Expr formula) {
    return has(formula, ChiSquaredCritical.INSTANCE)
        ? List.of(level(formula, number(1).minus(ALPHA)))
        : List.of(number(0).minus(formula));
  }

  private static List<Expr> nextDf(Expr formula) {
    List<Expr> bent = new ArrayList<>();
    for (NamedFunction function :
        List.<NamedFunction>of(ChiSquaredCritical.INSTANCE, ChiSquaredUpperTail.INSTANCE)) {
      if (has(formula, function)) {
        bent.add(
            called(
                formula,
                function,
                given -> List.of(given.getFirst(), Expr.sum(given.getLast(), number(1)))));
        bent.add(
            called(
                formula,
                function,
                given -> List.of(given.getFirst(), given.getLast().minus(number(1)))));
      }
    }
    return bent;
  }

  private static List<Expr> normalInstead(Expr formula) {
    return has(formula, ChiSquaredCritical.INSTANCE)
        ? List.of(
            new Expr.Named(NormalCritical.INSTANCE, List.of(HALF_ALPHA)),
            new Expr.Named(NormalCritical.INSTANCE, List.of(ALPHA)))
        : List.of();
  }

  private static List<Expr> otherSides(Expr formula) {
    if (!has(formula, NormalCritical.INSTANCE)) {
      return List.of();
    }
    Expr one = new Expr.Named(NormalCritical.INSTANCE, List.of(ALPHA));
    Expr two = new Expr.Named(NormalCritical.INSTANCE, List.of(HALF_ALPHA));
    return formula.equals(two)
        ? List.of(one, new Expr.Negative(one))
        : List.of(two, new Expr.Negative(two));
  }

  /// Two sides for one, or one for two; the tail on the other side is the left tail.
  private static List<Expr> otherTails(Expr formula) {
    return switch (formula) {
      case Expr.Named(var function, var z)
          when function.equals(NormalTail.UPPER) || function.equals(NormalTail.LOWER) ->
          List.of(
              product(
                  number(2),
                  new Expr.Named(NormalTail.UPPER, List.of(new Expr.Magnitude(z.getFirst())))));
      case Expr.Product(var factors) when has(formula, NormalTail.UPPER) ->
          List.of(factors.getLast());
      default -> List.of();
    };
  }
}
