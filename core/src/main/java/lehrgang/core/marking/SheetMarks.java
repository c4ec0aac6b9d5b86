package lehrgang.core.marking;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lehrgang.core.expr.LineId;

/// What one student's answers get.
///
/// @param marks  one for each line that was asked, in the order of the asking
/// @param byHand what the instructor marks by hand, in the order of the steps
public record SheetMarks(String student, List<Mark> marks, List<ByHand> byHand) {
  /// A step that no program can judge.
  ///
  /// @param step   its id
  /// @param points that it got; empty where it was not marked yet
  /// @param of     points that it is worth
  public record ByHand(String step, Optional<BigDecimal> points, BigDecimal of) {}

  public SheetMarks {
    marks = List.copyOf(marks);
    byHand = List.copyOf(byHand);
  }

  /// The points of all lines, and of what was marked by hand.
  public BigDecimal credit() {
    return sum(marks.stream().map(Mark::points))
        .add(sum(byHand.stream().flatMap(step -> step.points().stream())));
  }

  /// The points that there are.
  public BigDecimal of() {
    return sum(marks.stream().map(Mark::of)).add(sum(byHand.stream().map(ByHand::of)));
  }

  private static BigDecimal sum(Stream<BigDecimal> points) {
    return points.reduce(BigDecimal.ZERO, BigDecimal::add);
  }

  /// The marks, those of members of a family together.
  public List<List<Mark>> families() {
    List<List<Mark>> families = new ArrayList<>();
    String before = "";
    for (Mark mark : marks) {
      if (families.isEmpty() || !before.equals(mark.line().name())) {
        families.add(new ArrayList<>());
      }
      families.getLast().add(mark);
      before = mark.line().name();
    }
    return families;
  }

  /// The mark of a line; empty for one that was not asked.
  public Optional<Mark> mark(LineId line) {
    return marks.stream().filter(mark -> mark.line().equals(line)).findFirst();
  }
}
