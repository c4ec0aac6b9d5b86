package lehrgang.core.procedure.parts;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.IntConsumer;
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
/// and the sum takes their probabilities from the law itself. Arguments: the outcome observed, its
/// probability, the parameters of the law, and then for each outcome listed whether it is summed
/// and its probability.
///
/// @param first  the first outcome listed
/// @param listed how many are
record SumOfOutcomes(Law law, Alternative alternative, int first, int listed)
    implements NamedFunction {
  private static final int OWN = 0;
  private static final int OWN_PROBABILITY = 1;
  private static final int PARAMETERS = 2;

  @Override
  public String key() {
    return "sum-of-outcomes";
  }

  @Override
  public List<Object> traits() {
    return List.of(law.name().toLowerCase(Locale.ROOT), alternative.key(), first, listed);
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

  private boolean isListed(int outcome) {
    return outcome >= first && outcome < first + listed;
  }

  @Override
  public Optional<Cause> objection(List<Value> arguments) {
    return law.objection(parameters(arguments));
  }

  /// Visits the outcomes that are summed though they are not listed.
  private void unlisted(List<Value> arguments, Workspace workspace, IntConsumer visitor) {
    List<Value> with = parameters(arguments);
    int last = law.last(with);
    for (int outcome = law.first(with); outcome <= last; outcome++) {
      if (!isListed(outcome) && counts(outcome, arguments, workspace)) {
        visitor.accept(outcome);
      }
    }
  }

  private boolean counts(int outcome, List<Value> arguments, Workspace workspace) {
    Value own = arguments.get(OWN);
    Expr condition =
        switch (alternative) {
          case LESS -> new Expr.AtLeast(constant(own), Expr.number(outcome));
          case GREATER -> new Expr.AtLeast(Expr.number(outcome), constant(own));
          case TWO_SIDED ->
              new Expr.AtLeast(
                  constant(arguments.get(OWN_PROBABILITY)),
                  constant(probability(outcome, arguments, workspace)));
        };
    return Evaluator.closed(condition).signum() > 0;
  }

  private static Expr constant(Value value) {
    return new Expr.Constant(value);
  }

  private Value probability(int outcome, List<Value> arguments, Workspace workspace) {
    return law.probability().apply(Law.arguments(outcome, parameters(arguments)), workspace);
  }

  @Override
  public Value apply(List<Value> arguments, Workspace workspace) {
    check(arguments);
    List<Value> terms = new ArrayList<>();
    for (int place = 0; place < listed; place++) {
      if (isSummed(arguments, place).signum() > 0) {
        terms.add(probability(arguments, place));
      }
    }
    unlisted(
        arguments, workspace, outcome -> terms.add(probability(outcome, arguments, workspace)));
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

  /// The sum of just the terms that count.
  @Override
  public Expr written(List<Expr> arguments, List<Value> values) {
    check(values);
    List<Expr> terms = new ArrayList<>();
    for (int place = 0; place < listed; place++) {
      if (isSummed(values, place).signum() > 0) {
        terms.add(probability(arguments, place));
      }
    }
    unlisted(
        values,
        new Workspace(),
        outcome -> terms.add(law.at(Expr.number(outcome), parameters(arguments))));
    return new Expr.Sum(terms);
  }

  @Override
  public OptionalDouble secondOpinion(List<Value> values) {
    List<Value> with = parameters(values);
    double[] sum = {0};
    for (int place = 0; place < listed; place++) {
      if (isSummed(values, place).signum() > 0) {
        sum[0] += library(first + place, with);
      }
    }
    unlisted(values, new Workspace(), outcome -> sum[0] += library(outcome, with));
    return OptionalDouble.of(sum[0]);
  }

  private double library(int outcome, List<Value> with) {
    return law.probability().secondOpinion(Law.arguments(outcome, with)).orElse(Double.NaN);
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
    for (int place = 0; place < listed; place++) {
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

  /// Which of the outcomes that are not listed count may hang on the range of the observed one's
  /// probability.
  private Interval rangeOfUnlisted(
      List<Value> points, List<Interval> arguments, Workspace workspace) {
    List<Value> with = parameters(points);
    Interval sum = Interval.of(Value.ZERO);
    for (int outcome = law.first(with); outcome <= law.last(with); outcome++) {
      if (isListed(outcome)) {
        continue;
      }
      Interval probability = Interval.of(probability(outcome, points, workspace)).widened();
      boolean sure =
          alternative != Alternative.TWO_SIDED || arguments.get(OWN_PROBABILITY).isPoint();
      if (!sure) {
        sum = sum.plus(probability.hull(Interval.of(Value.ZERO)));
      } else if (counts(outcome, points, workspace)) {
        sum = sum.plus(probability);
      }
    }
    return sum;
  }
}
