package lehrgang.core.page;

import java.util.List;
import java.util.Optional;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;
import lehrgang.core.number.Shown;

/// Sets formulas of lines in symbols: as hints, and for the second route to a number.
final class SymbolChains {
  private final Derivation derivation;
  private final Numerals numerals;
  private final ChainSetter chains;

  SymbolChains(Derivation derivation, Numerals numerals, ChainSetter chains) {
    this.derivation = derivation;
    this.numerals = numerals;
    this.chains = chains;
  }

  /// A line and its formula, with no number put in.
  Chain hint(LineId id) {
    Box formula = chains.symbols().box(chains.shownFormula(id));
    return new Chain(numerals.symbol(id).box(), List.of(new Chain.Link("=", formula)));
  }

  /// A formula with sums written out, each line by its symbol.
  Box termByTerm(LineId id) {
    return chains.termByTerm().box(chains.shownFormula(id));
  }

  /// The second route to a line and its value; empty where there is none or the line is hidden.
  Optional<Chain> secondRoute(LineId id) {
    return numerals.mask().hides(id)
        ? Optional.empty()
        : derivation
            .line(id)
            .secondRoute()
            .flatMap(
                route ->
                    Evaluator.exactly(numerals.values()::result)
                        .evaluate(route.formula())
                        .found()
                        .map(other -> route(id, route.formula(), numerals.shown(id, other))));
  }

  private Chain route(LineId id, Expr formula, Shown shown) {
    return new Chain(
        new Box.Linked(id, numerals.symbol(id).box()),
        List.of(
            new Chain.Link("=", chains.inSymbols(formula)),
            new Chain.Link(shown.relation().sign(), Box.number(shown.text()))));
  }
}
