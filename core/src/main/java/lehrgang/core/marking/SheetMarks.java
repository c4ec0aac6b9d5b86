package lehrgang.core.marking;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import lehrgang.core.expr.LineId;

/// What one student's answers get.
///
/// @param marks one for each line that was asked, in the order of the asking
public record SheetMarks(String student, List<Mark> marks) {
  public SheetMarks {
    marks = List.copyOf(marks);
  }

  /// The points of all lines.
  public BigDecimal credit() {
    return marks.stream().map(Mark::points).reduce(BigDecimal.ZERO, BigDecimal::add);
  }

  /// The points that there are.
  public BigDecimal of() {
    return marks.stream().map(Mark::of).reduce(BigDecimal.ZERO, BigDecimal::add);
  }

  /// The mark of a line; empty for one that was not asked.
  public Optional<Mark> mark(LineId line) {
    return marks.stream().filter(mark -> mark.line().equals(line)).findFirst();
  }
}
