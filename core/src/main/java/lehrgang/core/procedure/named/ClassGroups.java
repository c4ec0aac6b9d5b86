package lehrgang.core.procedure.named;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import lehrgang.core.number.Value;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.ProcedureOption;

/// The classes that are tested: those that were recorded, or, where expected counts are small at an
/// end, several as one.
///
/// @param groups neighbouring classes by their numbers, in order
record ClassGroups(List<Group> groups) {
  /// Whether classes at the ends are merged.
  static final ProcedureOption.OneOf OPTION =
      new ProcedureOption.OneOf("classes", "expected", "classes", "merged", "recorded");

  private static final Value ENOUGH = Value.of(5);

  /// Neighbouring classes that count as one.
  record Group(int first, int last) {
    Group with(Group next) {
      return new Group(first, next.last);
    }
  }

  ClassGroups {
    groups = List.copyOf(groups);
  }

  /// Every class by itself.
  static ClassGroups recorded(int classes) {
    return new ClassGroups(IntStream.range(0, classes).mapToObj(x -> new Group(x, x)).toList());
  }

  /// Whether a choice is to merge.
  static boolean areMerged(Choices choices) {
    return choices.option(OPTION).equals("merged");
  }

  /// From either end the fewest mergers after which the outermost class is expected at least five
  /// times; a distribution with one peak has its small expected counts there.
  static ClassGroups merged(List<Value> expected) {
    List<Group> groups = new ArrayList<>(recorded(expected.size()).groups());
    List<Value> counts = new ArrayList<>(expected);
    while (groups.size() > 1 && counts.getLast().compareTo(ENOUGH) < 0) {
      merge(groups, counts, groups.size() - 2);
    }
    while (groups.size() > 1 && counts.getFirst().compareTo(ENOUGH) < 0) {
      merge(groups, counts, 0);
    }
    return new ClassGroups(groups);
  }

  private static void merge(List<Group> groups, List<Value> counts, int at) {
    groups.set(at, groups.get(at).with(groups.remove(at + 1)));
    counts.set(at, counts.get(at).plus(counts.remove(at + 1)));
  }

  /// @param j from 1
  Group at(int j) {
    return groups.get(j - 1);
  }

  int size() {
    return groups.size();
  }

  /// Whether any classes were merged.
  boolean merges() {
    return groups.stream().anyMatch(group -> group.first() < group.last());
  }
}
