package lehrgang.core.derivation;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Predicate;
import lehrgang.core.data.Problem;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Decimals;
import lehrgang.core.number.Interval;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Phrase;

/// A way to go through a derivation: what formula a line has, and what becomes of its value before
/// the next line uses it.
///
/// Readings are laid over each other in any order. A number that is given stands, whatever the
/// formula says; of two for the same line the one laid over last counts. Bent rules are applied one
/// after the other, and roundings too.
///
/// ```java
/// Reading.EXACT
///     .roundedOnTheWay(Decimals.usual())
///     .withRuleBent(Reading.Bend.ofFamily("K", line -> …))
///     .withNumbersGiven(Map.of(LineId.of("df"), Value.of(8)));
/// ```
public sealed interface Reading {
  /// Nothing is rounded, given or bent.
  Reading EXACT = new Exact();

  /// Each line by its own formula.
  record Exact() implements Reading {}

  /// Each line is rounded before it is used again, as a careful student does on paper.
  ///
  /// @param decimals how many decimals each sort of number keeps
  record RoundedOnTheWay(Reading base, Decimals decimals) implements Reading {}

  /// Each line may have been rounded, to so many decimals or to more: what comes out is the range
  /// of everything that such rounding can give.
  ///
  /// @param decimals the fewest decimals that each sort of number keeps
  record WithinRounding(Reading base, Decimals decimals) implements Reading {}

  /// Some lines hold a student's numbers, and what follows is computed from those.
  record WithNumbersGiven(Reading base, Map<LineId, Value> numbers) implements Reading {
    public WithNumbersGiven {
      numbers = Map.copyOf(numbers);
    }
  }

  /// Lines follow another rule than the right one: what a known slip would produce.
  record WithRuleBent(Reading base, Bend bend) implements Reading {}

  /// Another rule for one line or for a family of lines.
  ///
  /// @param of   which of an id tells whether its line is bent
  /// @param name of the family, or id of the line
  /// @param rule the formula in place of the one so far
  record Bend(Of of, String name, BiFunction<Line, Expr, Expr> rule) {
    /// What a rule is bent of.
    public enum Of {
      LINE,
      FAMILY
    }

    /// Another formula for one line.
    public static Bend ofLine(LineId id, Expr formula) {
      return new Bend(Of.LINE, id.toString(), (_, _) -> formula);
    }

    /// Another formula for every line of a family.
    public static Bend ofFamily(String family, BiFunction<Line, Expr, Expr> rule) {
      return new Bend(Of.FAMILY, family, rule);
    }

    private boolean touches(LineId id) {
      return name.equals(
          switch (of) {
            case LINE -> id.toString();
            case FAMILY -> id.name();
          });
    }

    private Expr bent(Line line, Expr formula) {
      return touches(line.id()) ? rule.apply(line, formula) : formula;
    }
  }

  /// This reading, with each line rounded before it is used again.
  default Reading roundedOnTheWay(Decimals decimals) {
    return new RoundedOnTheWay(this, decimals);
  }

  /// This reading, for everyone who rounds to so many decimals or more.
  default Reading withinRounding(Decimals decimals) {
    return new WithinRounding(this, decimals);
  }

  /// This reading, with numbers put in.
  default Reading withNumbersGiven(Map<LineId, Value> numbers) {
    return new WithNumbersGiven(this, numbers);
  }

  /// This reading, with one rule bent.
  default Reading withRuleBent(Bend bend) {
    return new WithRuleBent(this, bend);
  }

  private Optional<Reading> under() {
    return switch (this) {
      case Exact _ -> Optional.empty();
      case RoundedOnTheWay(var base, _) -> Optional.of(base);
      case WithinRounding(var base, _) -> Optional.of(base);
      case WithNumbersGiven(var base, _) -> Optional.of(base);
      case WithRuleBent(var base, _) -> Optional.of(base);
    };
  }

  /// The formula by which this reading computes a line.
  default Expr formula(Line line) {
    Expr soFar = under().map(base -> base.formula(line)).orElse(line.formula());
    return this instanceof WithRuleBent(_, var bend) ? bend.bent(line, soFar) : soFar;
  }

  /// The value that later lines use, from the one computed.
  default Value settle(Line line, Value computed) {
    Value soFar = under().map(base -> base.settle(line, computed)).orElse(computed);
    return this instanceof RoundedOnTheWay(_, var decimals)
            && line.kind().roundedOnTheWay()
            && !soFar.isWhole()
        ? soFar.asWritten(decimals.of(line.kind()))
        : soFar;
  }

  /// The range of values that later lines use, from the one computed.
  default Interval settle(Line line, Interval computed) {
    Interval soFar = under().map(base -> base.settle(line, computed)).orElse(computed);
    Kind kind = line.kind();
    return switch (this) {
      case RoundedOnTheWay(_, var decimals) when kind.roundedOnTheWay() ->
          soFar.rounded(decimals.of(kind));
      case WithinRounding(_, var decimals) when kind.mayBeRounded() ->
          soFar.roundedToAtLeast(decimals.of(kind));
      default -> soFar;
    };
  }

  /// A value that stands in place of computing the line.
  default Optional<Value> given(LineId id) {
    return this instanceof WithNumbersGiven(_, var numbers) && numbers.containsKey(id)
        ? Optional.of(numbers.get(id))
        : under().flatMap(base -> base.given(id));
  }

  /// Whether it gives ranges beside values.
  default boolean hasRanges() {
    return this instanceof WithinRounding || under().filter(Reading::hasRanges).isPresent();
  }

  /// What is wrong with it for a derivation: numbers or rules for lines that there are not.
  ///
  /// @param lines what the derivation has
  default List<Problem> problems(Map<LineId, Line> lines) {
    List<Problem> problems = new ArrayList<>();
    under().map(base -> base.problems(lines)).ifPresent(problems::addAll);
    switch (this) {
      case WithNumbersGiven(_, var numbers) ->
          numbers.keySet().stream()
              .filter(id -> !lines.containsKey(id))
              .map(id -> unknown(id.toString()))
              .forEach(problems::add);
      case WithRuleBent(_, var bend) -> {
        if (lines.keySet().stream().noneMatch(bend::touches)) {
          problems.add(unknown(bend.name()));
        }
        lines.values().stream()
            .filter(line -> bend.touches(line.id()))
            .flatMap(line -> late(line, lines).stream())
            .forEach(problems::add);
      }
      case Exact _, RoundedOnTheWay _, WithinRounding _ -> {}
    }
    return List.copyOf(problems);
  }

  private static Problem unknown(String id) {
    return new Problem(new Problem.WholeTable(), Phrase.of("problem.unknown-line").with("id", id));
  }

  /// The sources of a bent formula that do not come before it.
  private List<Problem> late(Line line, Map<LineId, Line> lines) {
    List<LineId> before = lines.keySet().stream().takeWhile(id -> !id.equals(line.id())).toList();
    Predicate<LineId> isLate = source -> !before.contains(source);
    return formula(line).sources().stream()
        .filter(isLate)
        .map(
            source ->
                new Problem(
                    new Problem.WholeTable(),
                    Phrase.of("problem.late-source")
                        .with("id", line.id().toString())
                        .with("source", source.toString())))
        .toList();
  }
}
