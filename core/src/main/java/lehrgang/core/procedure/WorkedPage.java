package lehrgang.core.procedure;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import lehrgang.core.data.Checked;
import lehrgang.core.data.Problem;
import lehrgang.core.derivation.Condition;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.Verdict;

/// The page of a worked solution: its steps, and what is known beside them.
interface WorkedPage {
  Decided decided();

  List<Condition> conditions();

  Verdict verdict();

  List<Step> steps();

  /// The whole, with its numbers.
  default Derivation derivation(String procedure, Lines lines) {
    return new Derivation(
        procedure, lines.inOrder(), steps(), conditions(), List.of(), verdict(), decided().exact());
  }

  /// Derives from checked data, or gathers what is wrong with it and with the numbers typed beside
  /// it.
  ///
  /// @param problems of the numbers typed beside the data
  static <T> Procedure.Outcome outcome(
      Checked<T> checked, List<Problem> problems, Function<T, Derivation> derive) {
    return switch (checked) {
      case Checked.Bad<T>(var wrong) -> {
        List<Problem> all = new ArrayList<>(problems);
        all.addAll(wrong);
        yield new Procedure.Refused(List.copyOf(all));
      }
      case Checked.Good<T>(var data) ->
          problems.isEmpty()
              ? new Procedure.Derived(derive.apply(data))
              : new Procedure.Refused(List.copyOf(problems));
    };
  }
}
