package lehrgang.core.procedure;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import lehrgang.core.data.Problem;
import lehrgang.core.data.TableForm;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.simulation.Draws;
import lehrgang.core.simulation.Experiment;
import lehrgang.core.solution.ProcedureOption;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;

/// A test: from data and choices to a derivation.
///
/// Each lives in a room of its own and is entered in
/// `META-INF/services/lehrgang.core.procedure.Procedure`; [Procedures] finds it there.
///
/// ```java
/// switch (Procedures.work(solution)) {
///   case Procedure.Derived(var derivation) -> derivation.exact().of("p");
///   case Procedure.Refused(var problems) -> problems.getFirst().sentence();
///   case Procedure.Waiting(var experiment, var then) -> …
/// }
/// ```
public interface Procedure {
  /// What deriving gives.
  sealed interface Outcome {}

  /// What deriving gives once nothing is waited for.
  sealed interface Settled extends Outcome {}

  record Derived(Derivation derivation) implements Settled {}

  /// @param problems never empty
  record Refused(List<Problem> problems) implements Settled {}

  /// Chance must be asked first, and that may take a while.
  ///
  /// @param experiment what is to be drawn
  /// @param then       goes on with what was drawn
  record Waiting(Experiment experiment, Function<Draws, Settled> then) implements Outcome {}

  /// Its name in files and on the command line.
  String id();

  /// The forms of typed data that it can read, the usual one first.
  List<TableForm> forms();

  /// What the instructor can choose, the level included.
  List<ProcedureOption> options();

  /// The number of groups that it compares, where its data are shares.
  default int groups() {
    return 1;
  }

  /// What the categories of a blank table are called, where its data are frequencies.
  default List<String> categories() {
    return List.of("category 1", "category 2", "category 3");
  }

  /// Whether rows and columns are the same categories, asked of the same subjects twice.
  default boolean paired() {
    return false;
  }

  /// What students see at first, by step.
  Map<String, StudentView> usualStudentViews();

  /// Works the solution out, or says what is wrong with what was typed.
  Outcome derive(Solution solution);
}
