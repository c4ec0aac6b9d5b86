package lehrgang.core.procedure.parts;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import lehrgang.core.data.Checked;
import lehrgang.core.data.Problem;
import lehrgang.core.derivation.Condition;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Layout;
import lehrgang.core.derivation.Lines;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.Verdict;
import lehrgang.core.procedure.Procedure;

/// The page of a worked solution: its steps, and the result in a strip.
public interface WorkedPage {
  /// What stands in the strip above the steps.
  Verdict verdict();

  /// The steps, in their order.
  List<Step> steps();

  /// The lines, and how their page is laid out when it is asked for.
  static Derivation derivation(
      String procedure,
      Lines lines,
      List<Condition> conditions,
      Function<Evaluation, WorkedPage> page) {
    return new Derivation(
        procedure,
        lines,
        conditions,
        Decided.DECISION,
        values -> {
          WorkedPage laidOut = page.apply(values);
          return new Layout(laidOut.steps(), laidOut.verdict());
        });
  }

  /// Derives from checked data, or gathers what is wrong with it and with the numbers typed beside
  /// it.
  ///
  /// @param problems of the numbers typed beside the data The derivation of data that were checked,
  ///     or all that is wrong with them.
  ///
  /// @param problems with what else was typed
  static <T> Procedure.Outcome outcome(
      Checked<T> checked, List<Problem> problems, Function<T, Derivation> derive) {
    return checked(checked, problems, data -> new Procedure.Derived(derive.apply(data)));
  }

  /// As [#outcome], for what may have to wait.
  static <T> Procedure.Outcome checked(
      Checked<T> checked, List<Problem> problems, Function<T, Procedure.Outcome> derive) {
    return switch (checked) {
      case Checked.Bad<T>(var wrong) -> {
        List<Problem> all = new ArrayList<>(problems);
        all.addAll(wrong);
        yield new Procedure.Refused(List.copyOf(all));
      }
      case Checked.Good<T>(var data) ->
          problems.isEmpty() ? derive.apply(data) : new Procedure.Refused(List.copyOf(problems));
    };
  }
}
