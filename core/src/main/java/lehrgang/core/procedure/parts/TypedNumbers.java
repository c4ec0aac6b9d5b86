package lehrgang.core.procedure.parts;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.data.Problem;
import lehrgang.core.data.TypedNumber;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Value;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.ProcedureOption;
import lehrgang.core.wording.Excerpt;
import lehrgang.core.wording.Phrase;

/// Reads the numbers that are typed on the page outside the table, and says what is wrong with
/// them.
public final class TypedNumbers {
  /// The significance level.
  public static final ProcedureOption.Typed LEVEL =
      new ProcedureOption.Typed(Choices.LEVEL, "hypotheses", "0.05", "alpha");

  /// The share that the null hypothesis claims.
  public static final ProcedureOption.Typed CLAIMED =
      new ProcedureOption.Typed("claimed", "hypotheses", "0.5", "claimed").askedFor();

  /// The difference of two shares that the null hypothesis states.
  public static final ProcedureOption.Typed DIFFERENCE =
      new ProcedureOption.Typed("difference", "hypotheses", "0", "difference");

  /// How many parameters were estimated from the data.
  public static final ProcedureOption.Typed ESTIMATED =
      new ProcedureOption.Typed("estimated", "statistic", "0", "estimated");

  /// How many tables are drawn at random.
  public static final ProcedureOption.Typed REPETITIONS =
      new ProcedureOption.Typed("repetitions", "simulation", "9999", "repetitions");

  /// The number with which drawing begins.
  public static final ProcedureOption.Typed SEED =
      new ProcedureOption.Typed("seed", "simulation", "1", "seed");

  private static final int FEWEST_REPETITIONS = 99;
  private static final int MOST_REPETITIONS = 1_000_000;

  private static final Rational LARGEST_LEVEL = Value.ratio(1, 2);
  private static final Rational SMALLEST_LEVEL = Value.exactly("1e-300");

  private TypedNumbers() {}

  /// The significance level that decides, from 10⁻³⁰⁰ to 0.5; others typed beside it must be levels
  /// too, and other ones.
  public static Rational level(Choices choices, List<Problem> problems) {
    List<Rational> seen = new ArrayList<>();
    for (String typed : choices.levels()) {
      Rational level = TypedNumber.read(typed).orElse(Value.of(0));
      boolean tooLarge = level.compareTo(LARGEST_LEVEL) > 0;
      boolean looksLikeConfidence = tooLarge && level.compareTo(Value.ONE) < 0;
      if (tooLarge || level.compareTo(SMALLEST_LEVEL) < 0) {
        String key = looksLikeConfidence ? "problem.confidence-level" : "problem.level";
        problems.add(problem(LEVEL, key, typed));
      } else if (seen.contains(level)) {
        problems.add(problem(LEVEL, "problem.level-twice", typed));
      }
      seen.add(level);
    }
    return seen.getFirst();
  }

  /// The claimed share, strictly between 0 and 1.
  public static Rational claimed(Choices choices, List<Problem> problems) {
    String typed = choices.typed(CLAIMED);
    Rational claimed = TypedNumber.read(typed).orElse(Value.of(0));
    if (claimed.signum() <= 0 || claimed.compareTo(Value.ONE) >= 0) {
      problems.add(problem(CLAIMED, "problem.claimed", typed));
    }
    return claimed;
  }

  /// The stated difference, strictly between −1 and 1.
  public static Rational difference(Choices choices, List<Problem> problems) {
    String typed = choices.typed(DIFFERENCE).strip();
    boolean negative = typed.startsWith("-") || typed.startsWith("−");
    Optional<Rational> size = TypedNumber.read(negative ? typed.substring(1) : typed);
    if (size.filter(value -> value.compareTo(Value.ONE) < 0).isEmpty()) {
      problems.add(problem(DIFFERENCE, "problem.difference", typed));
      return Value.of(0);
    }
    return negative ? size.get().negated() : size.get();
  }

  /// The number of estimated parameters, 0 up to `most`.
  public static int estimated(Choices choices, int most, List<Problem> problems) {
    String typed = choices.typed(ESTIMATED).strip();
    Optional<BigDecimal> number =
        Optional.of(typed).filter(text -> text.matches("[0-9]{1,3}")).map(BigDecimal::new);
    if (number.filter(value -> value.intValue() <= most).isEmpty()) {
      problems.add(
          new Problem(
              new Problem.Field(ESTIMATED.id()),
              Phrase.of("problem.estimated").with("value", Excerpt.of(typed)).with("most", most)));
      return 0;
    }
    return number.get().intValue();
  }

  /// The number of tables to draw, 99 to a million.
  public static int repetitions(Choices choices, List<Problem> problems) {
    String typed = choices.typed(REPETITIONS).strip();
    int number = typed.matches("[0-9]{1,7}") ? Integer.parseInt(typed) : 0;
    if (number < FEWEST_REPETITIONS || number > MOST_REPETITIONS) {
      problems.add(problem(REPETITIONS, "problem.repetitions", typed));
      return FEWEST_REPETITIONS;
    }
    return number;
  }

  /// The seed, a whole number of up to 15 digits.
  public static long seed(Choices choices, List<Problem> problems) {
    String typed = choices.typed(SEED).strip();
    if (!typed.matches("[0-9]{1,15}")) {
      problems.add(problem(SEED, "problem.seed", typed));
      return 1;
    }
    return Long.parseLong(typed);
  }

  private static Problem problem(ProcedureOption.Typed field, String key, String typed) {
    return new Problem(
        new Problem.Field(field.id()), Phrase.of(key).with("value", Excerpt.of(typed)));
  }
}
