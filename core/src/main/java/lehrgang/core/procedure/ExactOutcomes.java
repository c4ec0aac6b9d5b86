package lehrgang.core.procedure;

import static lehrgang.core.procedure.LineWriter.single;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Line;
import lehrgang.core.distribution.BinomialProbability;
import lehrgang.core.distribution.HypergeometricProbability;
import lehrgang.core.distribution.SecondOpinion;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Value;
import lehrgang.core.procedure.NormalDecision.Alternative;
import lehrgang.core.wording.Phrase;

/// Every outcome that could have come about, its probability, and which of them an exact p-value
/// sums:
/// those
/// no more probable than the one observed, or a tail.
///
/// @param first  the smallest outcome
/// @param values the probability of each outcome
/// @param own    the outcome observed
/// @param summed the outcomes whose probabilities are summed
record ExactOutcomes(int first, List<Value> values, int own, Set<Integer> summed) {
  /// Two decimals this close stand for the same fraction: the probabilities of two outcomes either
  /// agree
  /// or differ by far more.
  private static final BigDecimal TIE = new BigDecimal("1e-30");

  /// The successes in independent trials.
  static ExactOutcomes binomial(
      int trials, Rational probability, Alternative alternative, int own) {
    Value n = Value.of(trials);
    return of(
        0,
        trials,
        k -> BinomialProbability.INSTANCE.apply(List.of(Value.of(k), n, probability)),
        alternative,
        own);
  }

  /// The corner counts of a 2 × 2 table with given margins.
  static ExactOutcomes hypergeometric(
      long row, long otherRow, long column, Alternative alternative, long own) {
    int smallest = (int) Math.max(0, column - otherRow);
    int largest = (int) Math.min(row, column);
    Value n = Value.of(row + otherRow);
    List<Value> margins = List.of(Value.of(row), Value.of(otherRow), Value.of(column));
    return of(
        smallest,
        largest,
        k ->
            HypergeometricProbability.INSTANCE.apply(
                List.of(Value.of(k), margins.get(0), margins.get(1), margins.get(2), n)),
        alternative,
        (int) own);
  }

  private static ExactOutcomes of(
      int first, int last, IntFunction<Value> probability, Alternative alternative, int own) {
    List<Value> values = IntStream.rangeClosed(first, last).mapToObj(probability).toList();
    Set<Integer> summed = new TreeSet<>();
    Value seen = values.get(own - first);
    for (int k = first; k <= last; k++) {
      boolean counts =
          switch (alternative) {
            case LESS -> k <= own;
            case GREATER -> k >= own;
            case TWO_SIDED -> noMoreProbable(values.get(k - first), seen);
          };
      if (counts) {
        summed.add(k);
      }
    }
    return new ExactOutcomes(first, values, own, summed);
  }

  private static boolean noMoreProbable(Value one, Value seen) {
    if (one instanceof Rational && seen instanceof Rational) {
      return one.compareTo(seen) <= 0;
    }
    Value excess = one.minus(seen);
    return excess.decimal().compareTo(seen.decimal().multiply(TIE)) <= 0;
  }

  /// Adds a line for each outcome, by the binomial probability, and their sum as the p-value.
  ///
  /// @param trials      the number of trials
  /// @param probability of a success
  void addTo(Lines lines, Expr trials, Expr probability, String name) {
    addOutcomes(
        lines, k -> BinomialProbability.at(new Expr.Constant(Value.of(k)), trials, probability));
    addSum(lines, name, "exact");
  }

  void addOutcomes(Lines lines, IntFunction<Expr> formula) {
    for (int k = first; k < first + values.size(); k++) {
      lines.add(
          new Line(
              LineId.of("P", k),
              Symbol.of("P").at(List.of(Integer.toString(k))),
              Phrase.label(Integer.toString(k)),
              formula.apply(k),
              Kind.PROBABILITY));
    }
  }

  /// Adds the sum of the marked outcomes; `P[k]` come before it.
  void addSum(Lines lines, String name, String mark) {
    List<LineId> ids = summed.stream().map(k -> LineId.of("P", k)).toList();
    lines.add(
        sum(
            name,
            mark,
            ids.stream().<Expr>map(Expr::ref).toList(),
            ids.stream().map(id -> lines.inOrder().get(id).formula()).toList()));
  }

  /// A p-value as the sum of probabilities that have no lines of their own.
  static Line sum(String name, String mark, List<Expr> probabilities) {
    return sum(name, mark, probabilities, probabilities);
  }

  private static Line sum(String name, String mark, List<Expr> terms, List<Expr> probabilities) {
    Symbol symbol = mark.isEmpty() ? Symbol.of("p") : Symbol.of("p").lowered(mark);
    List<Expr> library = probabilities.stream().map(ExactOutcomes::library).toList();
    return single(name, symbol, new Expr.Sum(terms), Kind.P_VALUE)
        .checkedBy(Phrase.of("route.library"), new Expr.Sum(library));
  }

  private static Expr library(Expr probability) {
    return probability instanceof Expr.Named(var function, var arguments)
        ? new Expr.Named(new SecondOpinion(function), arguments)
        : probability;
  }

  /// The list of outcomes, the summed ones marked.
  Block.Outcomes block(Phrase head) {
    List<LineId> ids = new ArrayList<>();
    List<String> names = new ArrayList<>();
    for (int k = first; k < first + values.size(); k++) {
      ids.add(LineId.of("P", k));
      names.add(Integer.toString(k));
    }
    Set<Integer> places = new TreeSet<>();
    summed.forEach(k -> places.add(k - first));
    return new Block.Outcomes(ids, names, places, own - first, head);
  }
}
