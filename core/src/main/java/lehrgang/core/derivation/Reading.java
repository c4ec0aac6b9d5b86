package lehrgang.core.derivation;

import java.math.BigDecimal;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Decimals;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Value;

/// A way to go through a derivation: what formula a line has, and what becomes of its value before
/// the
/// next line uses it.
public sealed interface Reading {
  /// The formula by which this reading computes a line.
  default Expr formula(Line line) {
    return line.formula();
  }

  /// The value that later lines use, from the one computed.
  default Value settle(Line line, Value computed) {
    return computed;
  }

  /// A value that stands in place of computing the line.
  default Optional<Value> given(LineId id) {
    return Optional.empty();
  }

  /// Nothing is rounded.
  record Exact() implements Reading {}

  /// Each line is rounded before it is used again, as a careful student does on paper.
  ///
  /// @param decimals how many decimals each sort of number keeps
  record RoundedOnTheWay(Decimals decimals) implements Reading {
    @Override
    public Value settle(Line line, Value computed) {
      Kind kind = line.kind();
      if (!kind.roundedOnTheWay() || computed.isWhole()) {
        return computed;
      }
      BigDecimal kept = computed.rounded(decimals.of(kind));
      return Value.exactly(kept);
    }
  }

  /// Some lines hold a student's numbers, and what follows is computed from those.
  record WithNumbersGiven(Reading base, Map<LineId, Value> numbers) implements Reading {
    public WithNumbersGiven {
      numbers = Map.copyOf(numbers);
    }

    @Override
    public Expr formula(Line line) {
      return base.formula(line);
    }

    @Override
    public Value settle(Line line, Value computed) {
      return base.settle(line, computed);
    }

    @Override
    public Optional<Value> given(LineId id) {
      return Optional.ofNullable(numbers.get(id)).or(() -> base.given(id));
    }
  }

  /// Lines follow another rule than the right one: what a known slip would produce.
  ///
  /// @param rule the formula that the slip puts in place of a line's own; the same one where it
  /// does not
  ///     touch the line
  record WithRuleBent(Reading base, Function<Line, Expr> rule) implements Reading {
    @Override
    public Expr formula(Line line) {
      Expr bent = rule.apply(line);
      return bent.equals(line.formula()) ? base.formula(line) : bent;
    }

    @Override
    public Value settle(Line line, Value computed) {
      return base.settle(line, computed);
    }

    @Override
    public Optional<Value> given(LineId id) {
      return base.given(id);
    }
  }
}
