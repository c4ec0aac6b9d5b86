package lehrgang.core.derivation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import lehrgang.core.ForSomeDerivations;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.expr.Reason;
import lehrgang.core.expr.Result;
import lehrgang.core.number.Decimals;
import lehrgang.core.number.Interval;
import lehrgang.core.number.Value;

/// What must hold for every reading of every procedure, whatever the data and the numbers put in.
class ReadingPropertiesTest {
  private static final List<Value> NONSENSE =
      List.of(
          Value.ZERO,
          Value.of(-3),
          Value.ONE,
          Value.exactly("2.5"),
          Value.ratio(1, 3),
          Value.exactly("-0.0001"),
          Value.exactly("1e30"),
          Value.exactly("1e-40"),
          Value.exactly("1e-400"),
          Value.exactly("-1e400"),
          Value.of(1_000_000_007));

  /// Numbers for some lines and other rules for some, in any order, over roundings.
  private static Reading anyReading(Derivation derivation, Random random) {
    Reading reading = Reading.EXACT;
    for (int laid = 0; laid < 1 + random.nextInt(4); laid++) {
      reading =
          switch (random.nextInt(4)) {
            case 0 -> reading.roundedOnTheWay(someDecimals(random));
            case 1 -> reading.withinRounding(someDecimals(random));
            case 2 -> reading.withNumbersGiven(nonsense(derivation, random));
            default -> reading.withRuleBent(bend(derivation, random));
          };
    }
    return reading;
  }

  private static Decimals someDecimals(Random random) {
    return Decimals.usual().withAll(random.nextInt(5));
  }

  private static Map<LineId, Value> nonsense(Derivation derivation, Random random) {
    Map<LineId, Value> given = new HashMap<>();
    for (int many = 0; many < 1 + random.nextInt(3); many++) {
      given.put(anyLine(derivation, random), NONSENSE.get(random.nextInt(NONSENSE.size())));
    }
    return given;
  }

  private static LineId anyLine(Derivation derivation, Random random) {
    List<LineId> ids = List.copyOf(derivation.lines().keySet());
    return ids.get(random.nextInt(ids.size()));
  }

  private static Reading.Bend bend(Derivation derivation, Random random) {
    LineId id = anyLine(derivation, random);
    LineId other = anyLine(derivation, random);
    Value number = NONSENSE.get(random.nextInt(NONSENSE.size()));
    return switch (random.nextInt(5)) {
      case 0 -> Reading.Bend.ofLine(id, Expr.ref(other));
      case 1 -> Reading.Bend.ofLine(id, new Expr.Constant(number));
      case 2 -> Reading.Bend.ofFamily(id.name(), (_, soFar) -> soFar.over(Expr.ref(other)));
      case 3 -> Reading.Bend.ofFamily(id.name(), (_, soFar) -> new Expr.Root(soFar));
      default -> Reading.Bend.ofFamily(id.name(), (_, soFar) -> Expr.number(1).minus(soFar));
    };
  }

  /// The lines that a reading changes by itself, and all that hang on them.
  private static Set<LineId> touched(Derivation derivation, Reading reading) {
    Set<LineId> touched = new HashSet<>();
    for (Line line : derivation.lines().values()) {
      Expr formula = reading.formula(line);
      if (reading.given(line.id()).isPresent()
          || !formula.equals(line.formula())
          || formula.sources().stream().anyMatch(touched::contains)) {
        touched.add(line.id());
      }
    }
    return touched;
  }

  @ForSomeDerivations
  void everyLineHasAValueOrAReason(Derivation derivation, Random r) {
    Reading reading = anyReading(derivation, r);
    Evaluation evaluation = derivation.evaluate(reading);
    assertThat(evaluation.results().keySet()).isEqualTo(derivation.lines().keySet());
    for (LineId id : derivation.lines().keySet()) {
      if (evaluation.reason(id).orElse(null) instanceof Reason.Follows(var source)) {
        assertThat(evaluation.find(source)).as(id + " follows from " + source).isEmpty();
      }
      derivation.secondRoute(id, evaluation);
    }
  }

  @ForSomeDerivations
  void whatDependsOnNothingChangedKeepsItsValue(Derivation derivation, Random r) {
    Reading reading =
        Reading.EXACT.withNumbersGiven(nonsense(derivation, r)).withRuleBent(bend(derivation, r));
    Set<LineId> touched = touched(derivation, reading);
    Evaluation evaluation = derivation.evaluate(reading);
    assertThat(derivation.lines().keySet())
        .filteredOn(id -> !touched.contains(id))
        .allSatisfy(
            id -> assertThat(evaluation.result(id)).isEqualTo(derivation.exact().result(id)));
  }

  @ForSomeDerivations
  void puttingInTheRightNumbersChangesNothing(Derivation derivation, Random r) {
    Map<LineId, Value> right = new HashMap<>();
    for (LineId id : derivation.lines().keySet()) {
      if (r.nextInt(3) == 0) {
        derivation.exact().find(id).ifPresent(value -> right.put(id, value));
      }
    }
    assertThat(derivation.evaluate(Reading.EXACT.withNumbersGiven(right)).results())
        .isEqualTo(derivation.exact().results());
  }

  @ForSomeDerivations
  void bendingARuleToItselfChangesNothing(Derivation derivation, Random r) {
    LineId id = anyLine(derivation, r);
    Reading same =
        Reading.EXACT
            .withRuleBent(Reading.Bend.ofLine(id, derivation.line(id).formula()))
            .withRuleBent(Reading.Bend.ofFamily(id.name(), (_, soFar) -> soFar));
    assertThat(same.problems(derivation.lines())).isEmpty();
    assertThat(derivation.evaluate(same).results()).isEqualTo(derivation.exact().results());
  }

  /// What someone gets who rounds here and not there, always to enough decimals.
  private static Map<LineId, Result<Value>> sampled(
      Derivation derivation, Reading reading, Decimals least, Random random) {
    Map<LineId, Result<Value>> sampled = new HashMap<>();
    Evaluator<Value> evaluator =
        Evaluator.exactly(
            id -> sampled.getOrDefault(id, new Result.Undefined<>(new Reason.WithoutSource(id))));
    for (Line line : derivation.lines().values()) {
      Optional<Value> given = reading.given(line.id());
      Result<Value> result =
          given
              .<Result<Value>>map(Result.Defined::new)
              .orElseGet(() -> evaluator.evaluate(reading.formula(line)));
      boolean rounds = given.isEmpty() && line.kind().mayBeRounded() && random.nextInt(4) > 0;
      int places = least.of(line.kind()) + random.nextInt(3);
      sampled.put(
          line.id(),
          rounds && result instanceof Result.Defined<Value>(var value)
              ? new Result.Defined<>(Value.exactly(value.rounded(places)))
              : result);
    }
    return sampled;
  }

  @ForSomeDerivations
  void theRangeOfRoundingHoldsTheExactValueAndEveryRounding(Derivation derivation, Random r) {
    Decimals least = Decimals.usual().withAll(r.nextInt(6));
    Reading given = r.nextBoolean() ? Reading.EXACT : changed(derivation, r);
    Evaluation within = derivation.evaluate(given.withinRounding(least));
    check(derivation, within, within.results());
    for (int sample = 0; sample < 3; sample++) {
      check(derivation, within, sampled(derivation, given, least, r));
    }
  }

  private static Reading changed(Derivation derivation, Random random) {
    return Reading.EXACT
        .withNumbersGiven(nonsense(derivation, random))
        .withRuleBent(bend(derivation, random));
  }

  private static void check(
      Derivation derivation, Evaluation within, Map<LineId, Result<Value>> values) {
    for (LineId id : derivation.lines().keySet()) {
      values.get(id).found().ifPresent(value -> assertHolds(within, id, value));
    }
  }

  private static void assertHolds(Evaluation within, LineId id, Value value) {
    Optional<Interval> range = within.range(id);
    assertThat(range.filter(found -> found.holds(value)))
        .as("%s = %s in %s", id, value, range)
        .isPresent();
  }
}
