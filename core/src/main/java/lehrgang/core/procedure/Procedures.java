package lehrgang.core.procedure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.ServiceLoader;
import lehrgang.core.data.Problem;
import lehrgang.core.procedure.Procedure.Derived;
import lehrgang.core.procedure.Procedure.Outcome;
import lehrgang.core.procedure.Procedure.Refused;
import lehrgang.core.procedure.Procedure.Settled;
import lehrgang.core.procedure.Procedure.Waiting;
import lehrgang.core.simulation.Simulator;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.ProcedureOption;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;
import lehrgang.core.work.Progress;

/// All procedures, and how a solution is worked out by its own.
public final class Procedures {
  private static final List<Procedure> ALL =
      ServiceLoader.load(Procedure.class, Procedures.class.getClassLoader()).stream()
          .map(ServiceLoader.Provider::get)
          .toList();

  private Procedures() {}

  /// All of them, in the order of the registry.
  public static List<Procedure> all() {
    return ALL;
  }

  /// The procedure of this id, if there is one.
  public static Optional<Procedure> find(String id) {
    return ALL.stream().filter(procedure -> procedure.id().equals(id)).findFirst();
  }

  /// @throws IllegalArgumentException if no procedure has this id
  public static Procedure of(String id) {
    return find(id).orElseThrow(() -> new IllegalArgumentException("no procedure " + id));
  }

  /// Whether a course makes a choice one way in all its problems.
  ///
  /// @param option its id
  public static boolean isSettledByCourse(String option) {
    return ALL.stream()
        .flatMap(procedure -> procedure.options().stream())
        .anyMatch(
            one ->
                one.id().equals(option)
                    && one instanceof ProcedureOption.OneOf choice
                    && choice.settled() == ProcedureOption.Settled.BY_COURSE);
  }

  /// Works a solution out by its procedure, or says what is wrong with what was typed or chosen.
  ///
  /// @throws IllegalArgumentException if no procedure has the solution's id
  public static Outcome work(Solution solution) {
    Procedure procedure = of(solution.procedure());
    List<Problem> unknown = unknownValues(procedure, solution.choices());
    return unknown.isEmpty()
        ? finished(procedure.derive(solution), solution)
        : new Refused(unknown);
  }

  private static Outcome finished(Outcome outcome, Solution solution) {
    return switch (outcome) {
      case Settled settled -> finished(settled, solution);
      case Waiting(var experiment, var then) ->
          new Waiting(experiment, draws -> finished(then.apply(draws), solution));
    };
  }

  private static Settled finished(Settled settled, Solution solution) {
    return switch (settled) {
      case Derived(var derivation) ->
          new Derived(
              FurtherLevels.with(SpreadAside.with(derivation, solution), solution)
                  .arranged(solution.course().order())
                  .written(
                      Wording.in(
                          solution.language(), solution.ownWords(), solution.course().symbols())));
      case Refused refused -> refused;
    };
  }

  /// Derives however long it takes: whatever must be simulated is simulated first.
  ///
  /// @throws IllegalArgumentException if no procedure has the solution's id
  public static Settled workAtOnce(Solution solution) {
    return switch (work(solution)) {
      case Settled settled -> settled;
      case Waiting(var experiment, var then) ->
          then.apply(Simulator.run(experiment, Progress.ofThisThread()));
    };
  }

  /// Whether a course that settles an option in this way has another procedure in mind; this one
  /// then goes by its usual value.
  private static boolean isOfferedElsewhere(ProcedureOption.OneOf option, String value) {
    return option.settled() == ProcedureOption.Settled.BY_COURSE
        && ALL.stream()
            .flatMap(procedure -> procedure.options().stream())
            .anyMatch(
                other ->
                    other.id().equals(option.id())
                        && other instanceof ProcedureOption.OneOf one
                        && one.values().contains(value));
  }

  /// Options that are set to what is not on offer.
  private static List<Problem> unknownValues(Procedure procedure, Choices choices) {
    List<Problem> problems = new ArrayList<>();
    for (ProcedureOption option : procedure.options()) {
      String chosen = choices.options().getOrDefault(option.id(), option.usual());
      if (option instanceof ProcedureOption.OneOf oneOf
          && !oneOf.values().contains(chosen)
          && !isOfferedElsewhere(oneOf, chosen)) {
        problems.add(
            new Problem(
                    new Problem.Field(option.id()),
                    Phrase.of("problem.unknown-value")
                        .with("option", option.id())
                        .with("value", chosen)
                        .with("values", String.join(", ", oneOf.values())))
                .with(new Problem.Remedy(option.id(), option.usual())));
      }
    }
    return problems;
  }
}
