package lehrgang.core.procedure;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import lehrgang.core.data.Problem;
import lehrgang.core.data.TypedNumber;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Value;
import lehrgang.core.solution.Choices;
import lehrgang.core.wording.Phrase;

/// Reads the numbers that are typed on the page outside the table, and says what is wrong with
/// them.
final class TypedNumbers {
  /// The share that the null hypothesis claims.
  static final String CLAIMED = "claimed";

  /// The difference of two shares that the null hypothesis states.
  static final String DIFFERENCE = "difference";

  /// How many parameters were estimated from the data.
  static final String ESTIMATED = "estimated";

  /// How many tables are drawn at random.
  static final String REPETITIONS = "repetitions";

  /// The number with which drawing begins.
  static final String SEED = "seed";

  private static final int MOST_REPETITIONS = 1_000_000;

  static final String USUAL_CLAIM = "0.5";

  private static final Rational LARGEST_LEVEL = Value.ratio(1, 2);

  private TypedNumbers() {}

  /// The significance level, above 0 and up to 0.5.
  static Rational level(Choices choices, List<Problem> problems) {
    Rational level = choices.significanceLevel().orElse(Value.of(0));
    boolean looksLikeConfidence =
        level.compareTo(LARGEST_LEVEL) > 0 && level.compareTo(Value.ONE) < 0;
    if (looksLikeConfidence || level.signum() <= 0 || level.compareTo(LARGEST_LEVEL) > 0) {
      String key = looksLikeConfidence ? "problem.confidence-level" : "problem.level";
      problems.add(problem(Choices.LEVEL, key, choices.level().strip()));
    }
    return level;
  }

  /// The claimed share, strictly between 0 and 1.
  static Rational claimed(Choices choices, List<Problem> problems) {
    String typed = choices.typed(CLAIMED, USUAL_CLAIM);
    Rational claimed = TypedNumber.read(typed).orElse(Value.of(0));
    if (claimed.signum() <= 0 || claimed.compareTo(Value.ONE) >= 0) {
      problems.add(problem(CLAIMED, "problem.claimed", typed));
    }
    return claimed;
  }

  /// The stated difference, strictly between −1 and 1.
  static Rational difference(Choices choices, List<Problem> problems) {
    String typed = choices.typed(DIFFERENCE, "0").strip();
    boolean negative = typed.startsWith("-") || typed.startsWith("−");
    Optional<Rational> size = TypedNumber.read(negative ? typed.substring(1) : typed);
    if (size.filter(value -> value.compareTo(Value.ONE) < 0).isEmpty()) {
      problems.add(problem(DIFFERENCE, "problem.difference", typed));
      return Value.of(0);
    }
    return negative ? size.get().negated() : size.get();
  }

  /// The number of estimated parameters, 0 up to `most`.
  static int estimated(Choices choices, int most, List<Problem> problems) {
    String typed = choices.typed(ESTIMATED, "0").strip();
    Optional<BigDecimal> number =
        Optional.of(typed).filter(text -> text.matches("[0-9]{1,3}")).map(BigDecimal::new);
    if (number.filter(value -> value.intValue() <= most).isEmpty()) {
      problems.add(
          new Problem(
              new Problem.Field(ESTIMATED),
              Phrase.of("problem.estimated").with("value", typed).with("most", most)));
      return 0;
    }
    return number.get().intValue();
  }

  /// The number of tables to draw, 99 to a million.
  static int repetitions(Choices choices, List<Problem> problems) {
    String typed = choices.typed(REPETITIONS, "9999").strip();
    int number = typed.matches("[0-9]{1,7}") ? Integer.parseInt(typed) : 0;
    if (number < 99 || number > MOST_REPETITIONS) {
      problems.add(problem(REPETITIONS, "problem.repetitions", typed));
      return 99;
    }
    return number;
  }

  /// The seed, a whole number of up to 15 digits.
  static long seed(Choices choices, List<Problem> problems) {
    String typed = choices.typed(SEED, "1").strip();
    if (!typed.matches("[0-9]{1,15}")) {
      problems.add(problem(SEED, "problem.seed", typed));
      return 1;
    }
    return Long.parseLong(typed);
  }

  private static Problem problem(String field, String key, String typed) {
    return new Problem(new Problem.Field(field), Phrase.of(key).with("value", typed.strip()));
  }
}
