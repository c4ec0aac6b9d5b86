package lehrgang.core.procedure.named;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.procedure.parts.LineWriter.line;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.procedure.parts.Formulas;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.ProcedureOption;
import org.apache.commons.statistics.distribution.BinomialDistribution;
import org.apache.commons.statistics.distribution.PoissonDistribution;

/// A distribution of the whole numbers from 0 with one parameter, by its formulas.
enum DistributionLaw {
  /// λˣe^(−λ)/x! for events that come singly and independently (Poisson 1837).
  POISSON("lambda", "λ", Kind.MEASURE) {
    @Override
    Expr probability(int x, int trials) {
      Expr mean = line("lambda");
      return product(mean.to(x), new Expr.Exponential(new Expr.Negative(mean)))
          .over(new Expr.Factorial(x));
    }

    @Override
    Expr fromTheOneBefore(int x, Expr before) {
      return product(before, line("lambda")).over(number(x));
    }

    @Override
    Expr estimate(Expr sum, Expr observations) {
      return sum.over(observations);
    }

    @Override
    double tail(int first, int trials, double mean) {
      return mean > 0 ? PoissonDistribution.of(mean).survivalProbability(first - 1) : 1;
    }

    @Override
    List<Integer> terms(int first, int trials, double mean) {
      int last = first;
      double logRatio = 0;
      while (logRatio > NEGLIGIBLE) {
        last++;
        logRatio += Math.log(mean / last);
      }
      return IntStream.rangeClosed(first, last).boxed().toList();
    }
  },
  /// C(N, x)·θˣ(1 − θ)ᴺ⁻ˣ for the successes in N independent trials (Bernoulli 1713).
  BINOMIAL("theta", "θ", Kind.SHARE) {
    @Override
    Expr probability(int x, int trials) {
      Expr chance = line("theta");
      return product(
          new Expr.Choose(line("N"), number(x)),
          chance.to(x),
          Formulas.rest(chance).to(trials - x));
    }

    @Override
    Expr fromTheOneBefore(int x, Expr before) {
      Expr chance = line("theta");
      return product(before, line("N").minus(number(x - 1)), chance)
          .over(product(number(x), Formulas.rest(chance)));
    }

    @Override
    Expr estimate(Expr sum, Expr observations) {
      return sum.over(product(observations, line("N")));
    }

    @Override
    double tail(int first, int trials, double chance) {
      return chance > 0
          ? BinomialDistribution.of(trials, chance).survivalProbability(first - 1)
          : 1;
    }

    @Override
    List<Integer> terms(int first, int trials, double chance) {
      return IntStream.rangeClosed(first, trials).boxed().toList();
    }
  };

  /// Terms smaller than e to this power, against the first one, change no digit.
  private static final double NEGLIGIBLE = -105;

  /// Which distribution it is.
  static final ProcedureOption.OneOf OPTION =
      new ProcedureOption.OneOf(
          "distribution", "hypotheses", "distribution", "poisson", "binomial");

  private final LineId parameter;
  private final String letter;
  private final Kind kind;

  DistributionLaw(String parameter, String letter, Kind kind) {
    this.parameter = LineId.of(parameter);
    this.letter = letter;
    this.kind = kind;
  }

  static DistributionLaw chosen(Choices choices) {
    String key = choices.option(OPTION);
    return Arrays.stream(values()).filter(law -> law.key().equals(key)).findFirst().orElseThrow();
  }

  /// The end of the keys of its sentences.
  String key() {
    return name().toLowerCase(Locale.ROOT);
  }

  /// The line of its parameter.
  LineId parameter() {
    return parameter;
  }

  Symbol symbol() {
    return Symbol.of(letter);
  }

  Kind kind() {
    return kind;
  }

  /// P(X = x).
  ///
  /// @param x      0 up to the trials
  /// @param trials behind each count; of no account without trials
  abstract Expr probability(int x, int trials);

  /// P(X = x) from P(X = x − 1).
  ///
  /// @param x 1 or more
  abstract Expr fromTheOneBefore(int x, Expr before);

  /// About P(X ≥ first); 1 where the parameter is 0.
  abstract double tail(int first, int trials, double parameter);

  /// The numbers whose probabilities make up P(X ≥ first) in all digits.
  ///
  /// @param first far above what is expected
  abstract List<Integer> terms(int first, int trials, double parameter);

  /// The parameter that makes the data most likely, from the sum of what was counted.
  abstract Expr estimate(Expr sum, Expr observations);
}
