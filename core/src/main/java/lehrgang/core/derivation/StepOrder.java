package lehrgang.core.derivation;

import java.util.ArrayList;
import java.util.List;

/// In which order a course takes the steps of a worked solution.
public sealed interface StepOrder {
  /// The step of the critical value.
  String CRITICAL = "critical";

  /// As people work: the data are looked at before it is settled how they will be judged.
  record AsWorked() implements StepOrder {}

  /// Hypotheses, level, degrees of freedom and critical value come before the data.
  record RuleFirst() implements StepOrder {}

  /// One's own order.
  ///
  /// @param steps ids of steps; one that is not among them follows the step that it usually follows
  record Own(List<String> steps) implements StepOrder {
    public Own {
      steps = List.copyOf(steps);
    }
  }

  /// The steps in the order wished for, whether their numbers allow it or not.
  ///
  /// @param usual the ids of the steps that there are, as people work
  default List<String> wished(List<String> usual) {
    List<String> first =
        switch (this) {
          case AsWorked() -> usual;
          case RuleFirst() -> List.of("question", "hypotheses", CRITICAL);
          case Own(var steps) -> steps;
        };
    List<String> order =
        new ArrayList<>(first.stream().filter(usual::contains).distinct().toList());
    for (int k = 0; k < usual.size(); k++) {
      String step = usual.get(k);
      if (!order.contains(step)) {
        boolean follows = this instanceof Own && k > 0;
        order.add(follows ? order.indexOf(usual.get(k - 1)) + 1 : order.size(), step);
      }
    }
    return List.copyOf(order);
  }
}
