package lehrgang.core.procedure.parts;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/// Whole numbers in rising order, kept as runs of neighbours.
record Runs(List<Run> runs) {
  static final Runs NONE = new Runs(List.of());

  Runs {
    runs = List.copyOf(runs);
  }

  /// The numbers from one to another, both included.
  record Run(int from, int to) {
    private int length() {
      return to - from + 1;
    }
  }

  /// What is done with each run.
  interface Visitor {
    void visit(int from, int to);
  }

  static Runs between(int from, int to) {
    return new Runs(List.of(new Run(from, to)));
  }

  /// @param numbers rising
  static Runs of(IntStream numbers) {
    List<Run> runs = new ArrayList<>();
    numbers.forEach(
        number -> {
          boolean follows = !runs.isEmpty() && runs.getLast().to() + 1 == number;
          runs.add(new Run(follows ? runs.removeLast().from() : number, number));
        });
    return new Runs(runs);
  }

  /// The numbers up to one and from another on that meet a condition which those between do not.
  static Runs atEnds(IntPredicate condition, int first, int middle, int last) {
    List<Run> runs = new ArrayList<>();
    if (condition.test(first)) {
      runs.add(new Run(first, firstWith(condition.negate(), first, middle) - 1));
    }
    if (condition.test(last)) {
      runs.add(new Run(lastWith(condition.negate(), middle, last) + 1, last));
    }
    return new Runs(runs);
  }

  /// The first number with a condition that none before it meets and all from it on do.
  ///
  /// @param last meets it
  static int firstWith(IntPredicate condition, int first, int last) {
    int low = first;
    int high = last;
    while (low < high) {
      int middle = low + (high - low) / 2;
      if (condition.test(middle)) {
        high = middle;
      } else {
        low = middle + 1;
      }
    }
    return high;
  }

  /// The last number with a condition that all up to it meet and none after it does.
  ///
  /// @param first meets it
  static int lastWith(IntPredicate condition, int first, int last) {
    return firstWith(number -> number == last + 1 || !condition.test(number), first, last + 1) - 1;
  }

  /// How many numbers there are.
  int size() {
    return runs.stream().mapToInt(Run::length).sum();
  }

  /// Whether no number between the first and the last is missing.
  boolean isOneRun() {
    return runs.size() == 1;
  }

  /// All of them.
  List<Integer> all() {
    return runs.stream()
        .flatMap(run -> IntStream.rangeClosed(run.from(), run.to()).boxed())
        .toList();
  }

  /// The first and the last number of each run.
  List<List<Integer>> ends() {
    return runs.stream().map(run -> List.of(run.from(), run.to())).toList();
  }

  /// The numbers that are not among others.
  Runs without(Runs others) {
    List<Run> left = new ArrayList<>();
    for (Run run : runs) {
      int next = run.from();
      for (Run other : others.runs()) {
        if (other.to() >= next && other.from() <= run.to()) {
          if (other.from() > next) {
            left.add(new Run(next, other.from() - 1));
          }
          next = other.to() + 1;
        }
      }
      if (next <= run.to()) {
        left.add(new Run(next, run.to()));
      }
    }
    return new Runs(left);
  }

  void forEach(Visitor visitor) {
    runs.forEach(run -> visitor.visit(run.from(), run.to()));
  }
}
