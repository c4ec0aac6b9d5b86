package lehrgang.core.procedure.parts;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.expr.Reason.Cause;
import lehrgang.core.expr.Workspace;
import lehrgang.core.number.Interval;
import lehrgang.core.number.Value;

/// An exact p-value: the sum of the probabilities of some outcomes, those no more probable than the
/// one observed or those of a tail.
///
/// Outcomes that the page lists are lines, and so is for each whether it is summed; the sum is made
/// of those lines. Where other margins are put in, outcomes that are not listed become possible,
/// and of very many outcomes none is listed: their probabilities come from the law itself.
/// Arguments: the outcome observed, its probability, the parameters of the law, and then for each
/// outcome listed whether it is summed and its probability.
///
/// @param listed the outcomes that are listed
record SumOfOutcomes(Law law, Alternative alternative, Runs listed) implements NamedFunction {
  private static final int OWN = 0;
  private static final int OWN_PROBABILITY = 1;
  private static final int PARAMETERS = 2;

  @Override
  public String key() {
    return "sum-of-outcomes";
  }

  @Override
  public List<Object> traits() {
    return List.of(law.name().toLowerCase(Locale.ROOT), alternative.key(), listed.ends());
  }

  private <T> List<T> parameters(List<T> arguments) {
    return arguments.subList(PARAMETERS, PARAMETERS + law.parameters());
  }

  private <T> T isSummed(List<T> arguments, int place) {
    return arguments.get(PARAMETERS + law.parameters() + 2 * place);
  }

  private <T> T probability(List<T> arguments, int place) {
    return arguments.get(PARAMETERS + law.parameters() + 2 * place + 1);
  }

  @Override
  public Optional<Cause> objection(List<Value> arguments) {
    return law.objection(parameters(arguments));
  }

  /// The outcomes that are summed though they are not listed.
  private Runs unlisted(List<Value> arguments, Workspace workspace) {
    return summed(
            law,
            alternative,
            arguments.get(OWN),
            arguments.get(OWN_PROBABILITY),
            parameters(arguments),
            workspace)
        .without(listed);
  }

  /// The outcomes that a sum is made of.
  ///
  /// @param own         the outcome observed
  /// @param probability that of the outcome observed
  /// @param with        the parameters of the law
  static Runs summed(
      Law law,
      Alternative alternative,
      Value own,
      Value probability,
      List<Value> with,
      Workspace workspace) {
    IntPredicate counts =
        outcome ->
            switch (alternative) {
              case LESS -> isAtLeast(own, Value.of(outcome));
              case GREATER -> isAtLeast(Value.of(outcome), own);
              case TWO_SIDED -> isAtLeast(probability, law.at(outcome, with, workspace));
            };
    int first = law.first(with);
    int last = law.last(with);
    if (!law.hasManyOutcomes(with)) {
      return Runs.of(IntStream.rangeClosed(first, last).filter(counts));
    }
    // What is summed lies at one end or at both: probabilities rise up to the mode and fall after.
    int middle = law.mode(with, workspace);
    return counts.test(middle)
        ? Runs.between(
            counts.test(first) ? first : Runs.firstWith(counts, first, middle),
            counts.test(last) ? last : Runs.lastWith(counts, middle, last))
        : Runs.atEnds(counts, first, middle, last);
  }

  private static boolean isAtLeast(Value left, Value right) {
    return Evaluator.closed(new Expr.AtLeast(constant(left), constant(right))).signum() > 0;
  }

  private static Expr constant(Value value) {
    return new Expr.Constant(value);
  }

  @Override
  public Value apply(List<Value> arguments, Workspace workspace) {
    check(arguments);
    List<Value> terms = new ArrayList<>();
    for (int place = 0; place < listed.size(); place++) {
      if (isSummed(arguments, place).signum() > 0) {
        terms.add(probability(arguments, place));
      }
    }
    unlisted(arguments, workspace)
        .forEach((from, to) -> terms.add(law.sum(from, to, parameters(arguments), workspace)));
    return sum(terms);
  }

  /// Adds in halves, so that long sums of fractions meet small denominators first.
  private static Value sum(List<Value> terms) {
    return switch (terms.size()) {
      case 0 -> Value.ZERO;
      case 1 -> terms.getFirst();
      default -> {
        int half = terms.size() / 2;
        yield sum(terms.subList(0, half)).plus(sum(terms.subList(half, terms.size())));
      }
    };
  }

  /// The sum of just the terms that count; of very many, as tails.
  @Override
  public Expr written(List<Expr> arguments, List<Value> values) {
    check(values);
    List<Expr> terms = new ArrayList<>();
    for (int place = 0; place < listed.size(); place++) {
      if (isSummed(values, place).signum() > 0) {
        terms.add(probability(arguments, place));
      }
    }
    unlisted(values, new Workspace())
        .forEach(
            (from, to) -> addTerms(from, to, parameters(arguments), parameters(values), terms));
    return terms.size() == 1 ? terms.getFirst() : new Expr.Sum(terms);
  }

  private void addTerms(int from, int to, List<Expr> with, List<Value> values, List<Expr> terms) {
    if (!law.hasManyOutcomes(values)) {
      IntStream.rangeClosed(from, to)
          .forEach(outcome -> terms.add(law.at(Expr.number(outcome), with)));
    } else if (from == law.first(values)) {
      terms.add(law.tail(TailOfOutcomes.End.AT_MOST, to, with));
    } else {
      terms.add(law.tail(TailOfOutcomes.End.AT_LEAST, from, with));
    }
  }

  @Override
  public OptionalDouble secondOpinion(List<Value> values) {
    List<Value> with = parameters(values);
    double[] sum = {0};
    List<Integer> outcomes = listed.all();
    for (int place = 0; place < outcomes.size(); place++) {
      if (isSummed(values, place).signum() > 0) {
        sum[0] += law.library(outcomes.get(place), outcomes.get(place), with);
      }
    }
    unlisted(values, new Workspace()).forEach((from, to) -> sum[0] += law.library(from, to, with));
    return OptionalDouble.of(sum[0]);
  }

  @Override
  public Interval image() {
    return Interval.NOT_NEGATIVE;
  }

  @Override
  public Optional<Interval> range(List<Interval> arguments, Workspace workspace) {
    List<Interval> fixed = new ArrayList<>(List.of(arguments.get(OWN)));
    fixed.addAll(parameters(arguments));
    if (!fixed.stream().allMatch(Interval::isPoint)) {
      return Optional.of(image());
    }
    List<Value> points =
        arguments.stream().map(range -> range.low().or(range::high).orElse(Value.ZERO)).toList();
    if (objection(points).isPresent()) {
      return Optional.empty();
    }
    Interval sum = Interval.of(Value.ZERO);
    for (int place = 0; place < listed.size(); place++) {
      sum = sum.plus(share(isSummed(arguments, place), probability(arguments, place)));
    }
    return Optional.of(sum.plus(rangeOfUnlisted(points, arguments, workspace)));
  }

  /// What an outcome adds to the sum: its probability, nothing, or one of the two.
  private static Interval share(Interval isSummed, Interval probability) {
    boolean surely = isSummed.low().filter(least -> least.signum() > 0).isPresent();
    boolean never = isSummed.high().filter(most -> most.signum() <= 0).isPresent();
    if (surely) {
      return probability;
    }
    Interval nothing = Interval.of(Value.ZERO);
    return never ? nothing : nothing.hull(probability);
  }

  /// The more probable the outcome observed may be, the more outcomes are summed.
  private Interval rangeOfUnlisted(
      List<Value> points, List<Interval> arguments, Workspace workspace) {
    Interval probability = arguments.get(OWN_PROBABILITY);
    Value least = probability.low().orElse(Value.ZERO);
    Value most = probability.high().orElse(Value.ONE);
    return sumOfUnlisted(points, least, workspace).hull(sumOfUnlisted(points, most, workspace));
  }

  private Interval sumOfUnlisted(List<Value> points, Value ownProbability, Workspace workspace) {
    List<Value> arguments = new ArrayList<>(points);
    arguments.set(OWN_PROBABILITY, ownProbability);
    List<Value> terms = new ArrayList<>();
    unlisted(arguments, workspace)
        .forEach((from, to) -> terms.add(law.sum(from, to, parameters(points), workspace)));
    return Interval.of(sum(terms)).widened();
  }
}
