package lehrgang.core.marking;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import lehrgang.core.expr.LineId;

/// The numbers that a class wrote for one line, those that lie together as one.
///
/// @param clusters from the smallest number to the largest
/// @param silent   how many wrote no number
public record StepAnswers(LineId line, List<Cluster> clusters, int silent) {
  /// Numbers that differ by less than this share of themselves lie together.
  private static final double NEAR = 0.02;

  /// Answers that lie together and fared alike.
  ///
  /// @param low      the smallest of them
  /// @param high     the largest of them
  /// @param slips    the slips that explain them
  /// @param students who wrote them
  public record Cluster(
      double low, double high, Judgement verdict, List<String> slips, List<String> students) {
    public Cluster {
      slips = List.copyOf(slips);
      students = List.copyOf(students);
    }

    /// Where it lies.
    public double middle() {
      return (low + high) / 2;
    }
  }

  public StepAnswers {
    clusters = List.copyOf(clusters);
  }

  private record One(double value, double half, Mark mark, String student) {}

  /// What a class wrote for a line.
  public static StepAnswers of(ClassMarks marks, LineId line) {
    List<One> ones = new ArrayList<>();
    int silent = 0;
    for (SheetMarks sheet : marks.sheets()) {
      Mark mark = sheet.mark(line).orElseThrow();
      if (mark.answer() instanceof Answer.Number number) {
        ones.add(new One(number.value(), number.half(), mark, sheet.student()));
      } else {
        silent++;
      }
    }
    ones.sort(Comparator.comparingDouble(One::value));
    List<List<One>> groups = new ArrayList<>();
    for (One one : ones) {
      groups.stream()
          .filter(group -> belongs(group.getLast(), one))
          .findFirst()
          .ifPresentOrElse(
              group -> group.add(one), () -> groups.add(new ArrayList<>(List.of(one))));
    }
    return new StepAnswers(
        line,
        groups.stream()
            .map(StepAnswers::cluster)
            .sorted(Comparator.comparingDouble(Cluster::middle))
            .toList(),
        silent);
  }

  private static boolean belongs(One last, One next) {
    double near = Math.max(NEAR * Math.abs(next.value()), 2 * (last.half() + next.half()));
    return last.mark().verdict() == next.mark().verdict()
        && last.mark().slips().equals(next.mark().slips())
        && next.value() - last.value() <= near;
  }

  private static Cluster cluster(List<One> group) {
    Mark mark = group.getFirst().mark();
    return new Cluster(
        group.getFirst().value(),
        group.getLast().value(),
        mark.verdict(),
        mark.slips(),
        group.stream().map(One::student).toList());
  }
}
