package lehrgang.core.procedure;

import java.util.List;
import java.util.Map;
import lehrgang.core.data.Problem;
import lehrgang.core.data.TableEntry;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.simulation.Experiment;
import lehrgang.core.simulation.Simulator;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;

/// A test: from data and choices to a derivation.
public interface Procedure {
  /// What deriving gives.
  sealed interface Outcome {}

  /// What deriving gives once nothing is waited for.
  sealed interface Settled extends Outcome {}

  record Derived(Derivation derivation) implements Settled {}

  /// Chance must be asked first, and that takes a while; after [lehrgang.core.simulation.Simulator]
  /// has
  /// run the experiment, deriving goes through.
  record Waiting(Experiment experiment) implements Outcome {}

  /// @param problems never empty
  record Refused(List<Problem> problems) implements Settled {}

  /// Its name in files and on the command line.
  String id();

  /// The forms of typed data that it can read, the usual one first.
  List<TableEntry.Form> forms();

  /// The number of groups that it compares, where its data are shares.
  default int groups() {
    return 1;
  }

  /// Whether rows and columns are the same categories, asked of the same subjects twice.
  default boolean paired() {
    return false;
  }

  /// What students see at first, by step.
  Map<String, StudentView> usualStudentViews();

  /// Works the solution out, or says what is wrong with what was typed.
  Outcome derive(Solution solution);

  /// All of them.
  static List<Procedure> all() {
    return List.of(
        new Independence(),
        new GoodnessOfFit(),
        new OneProportion(),
        new TwoProportions(),
        new MatchedPairs(),
        new Layers(),
        new Fisher(),
        new Simulation());
  }

  /// Works a solution out by its procedure, or says what is wrong with what was typed.
  static Outcome work(Solution solution) {
    return switch (of(solution.procedure()).derive(solution)) {
      case Derived(var derivation) -> new Derived(SpreadAside.with(derivation, solution));
      case Outcome other -> other;
    };
  }

  /// Derives however long it takes: whatever must be simulated is simulated first.
  static Settled deriveAtOnce(Solution solution) {
    return switch (work(solution)) {
      case Settled settled -> settled;
      case Waiting(var experiment) -> {
        Simulator.run(experiment, _ -> {}, () -> false);
        yield deriveAtOnce(solution);
      }
    };
  }

  /// @throws IllegalArgumentException if no procedure has this id
  static Procedure of(String id) {
    return all().stream()
        .filter(procedure -> procedure.id().equals(id))
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("no procedure " + id));
  }
}
