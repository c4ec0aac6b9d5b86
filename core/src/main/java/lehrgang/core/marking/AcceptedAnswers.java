package lehrgang.core.marking;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Reading;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Decimals;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Value;
import lehrgang.core.solution.MarkingRules;

/// Which answers are right although a student rounded on the way: for each line the range of
/// numbers that rounding any lines before it can give, each to so many decimals or more.
public final class AcceptedAnswers {
  private final Derivation derivation;
  private final Evaluation within;

  private AcceptedAnswers(Derivation derivation, MarkingRules rules) {
    this.derivation = derivation;
    this.within = within(derivation, rules);
  }

  /// What is accepted of the answers to a solution.
  ///
  /// @param rules say to how many decimals a student may round before going on
  public static AcceptedAnswers of(Derivation derivation, MarkingRules rules) {
    return new AcceptedAnswers(derivation, rules);
  }

  /// What rounding can give of every line. Which of several numbers is the larger is seen before
  /// they are rounded: an exact p sums the same outcomes for everyone.
  static Evaluation within(Derivation derivation, MarkingRules rules) {
    Map<LineId, Value> conditions = new HashMap<>();
    for (Line line : derivation.lines().values()) {
      if (line.kind() == Kind.CONDITION) {
        derivation.exact().find(line.id()).ifPresent(value -> conditions.put(line.id(), value));
      }
    }
    return derivation.evaluate(
        Reading.EXACT.withinRounding(fewest(rules)).withNumbersGiven(conditions));
  }

  /// The fewest decimals to which a student may round before going on.
  static Decimals fewest(MarkingRules rules) {
    Map<Kind, Integer> places = new EnumMap<>(Kind.class);
    for (Kind kind : Kind.values()) {
      places.put(kind, rules.fewestOf(kind));
    }
    return new Decimals(places);
  }

  /// The smallest and the largest number that is accepted.
  public record Range(BigDecimal low, BigDecimal high) {
    /// Whether just one number is accepted.
    public boolean isPoint() {
      return low.compareTo(high) == 0;
    }
  }

  /// What is accepted for a line where it is asked for with so many decimals; empty for a line that
  /// has no value, or whose range has no end.
  ///
  /// @param decimals of the answer, 0 or more
  public Optional<Range> of(LineId line, int decimals) {
    if (derivation.find(line).isEmpty()) {
      return Optional.empty();
    }
    BigDecimal half = BigDecimal.ONE.movePointLeft(decimals).divide(BigDecimal.TWO);
    return within
        .range(line)
        .flatMap(
            range ->
                range
                    .low()
                    .map(Value::decimal)
                    .flatMap(
                        low ->
                            range
                                .high()
                                .map(Value::decimal)
                                .map(
                                    high ->
                                        new Range(
                                            low.subtract(half)
                                                .setScale(decimals, RoundingMode.CEILING),
                                            high.add(half)
                                                .setScale(decimals, RoundingMode.FLOOR)))));
  }
}
