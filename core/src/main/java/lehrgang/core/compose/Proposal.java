package lehrgang.core.compose;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import lehrgang.core.derivation.Condition;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Verdict;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Value;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Solution;

/// A solution that is proposed, or like which others are to be, worked out.
public record Proposal(Solution solution, Derivation derivation) {
  /// Expected counts in sum, and the smallest of them.
  private static final Set<String> ASIDE = Set.of("E.min", "E.R", "E.C", "E.n", "sum.E");

  /// Works a solution out; empty where that cannot be done.
  public static Optional<Proposal> of(Solution solution) {
    return Procedures.workAtOnce(solution) instanceof Procedure.Derived(var derivation)
        ? Optional.of(new Proposal(solution, derivation))
        : Optional.empty();
  }

  /// The exact value of a line; empty for one that there is not, or that has none.
  Optional<Value> exact(LineId line) {
    return derivation.find(line).flatMap(_ -> derivation.exact().find(line));
  }

  Optional<Double> number(String line) {
    return exact(LineId.of(line)).map(Value::asDouble);
  }

  /// How many observations there are in all.
  public long observations() {
    return Math.round(Math.max(number("n").orElse(0.0), number("N").orElse(0.0)));
  }

  /// Whether H₀ is rejected.
  public boolean rejects() {
    return exact(derivation.decision()).filter(value -> value.asDouble() > 0.5).isPresent();
  }

  /// Whether all conditions hold that the solution goes by.
  boolean meetsConditions() {
    return derivation.conditions().stream().map(Condition::line).allMatch(this::holds);
  }

  boolean holds(LineId condition) {
    return exact(condition).filter(value -> value.asDouble() > 0.5).isPresent();
  }

  /// The exact values of the expected counts.
  List<Value> expected() {
    return derivation.lines().values().stream()
        .filter(line -> line.kind() == Kind.EXPECTED)
        .filter(line -> !ASIDE.contains(line.id().name()))
        .map(line -> exact(line.id()))
        .flatMap(Optional::stream)
        .toList();
  }

  /// The line of the statistic that decides: χ², or z; empty where the count itself decides.
  Optional<LineId> statistic() {
    return derivation.layout(derivation.exact()).verdict().items().stream()
        .filter(item -> item.label().key().equals("verdict.statistic"))
        .map(Verdict.Item::line)
        .findFirst();
  }
}
