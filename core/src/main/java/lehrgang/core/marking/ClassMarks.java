package lehrgang.core.marking;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import lehrgang.core.expr.LineId;

/// What the answers of a class get, seen together.
///
/// @param lines  what was asked, in the order in which it is worked out
/// @param sheets one for each student
public record ClassMarks(List<LineId> lines, List<SheetMarks> sheets) {
  public ClassMarks {
    lines = List.copyOf(lines);
    sheets = List.copyOf(sheets);
  }

  /// How the answers to one line fared.
  ///
  /// @param right    right, right from rounded numbers, or right in too few digits
  /// @param followed right from the student's own numbers
  /// @param slipped  explained by a slip
  /// @param wrong    not explained
  /// @param silent   blank or unreadable
  public record Counts(int right, int followed, int slipped, int wrong, int silent) {
    private Counts(int[] counts) {
      this(counts[0], counts[1], counts[2], counts[3], counts[4]);
    }
  }

  /// A slip, and who made it.
  ///
  /// @param slip     its id
  /// @param lines    the families of lines, or single lines, in which it was made
  /// @param students each once, in the order of the class
  public record Made(String slip, Set<String> lines, List<String> students) {}

  /// The mean of the credit, with one decimal more than the points have.
  public BigDecimal meanCredit() {
    return sheets.isEmpty()
        ? BigDecimal.ZERO
        : sheets.stream()
            .map(SheetMarks::credit)
            .reduce(BigDecimal.ZERO, BigDecimal::add)
            .divide(BigDecimal.valueOf(sheets.size()), 1, RoundingMode.HALF_UP);
  }

  /// The points that there are.
  public BigDecimal of() {
    return sheets.isEmpty() ? BigDecimal.ZERO : sheets.getFirst().of();
  }

  /// How the answers to each line fared.
  public Map<LineId, Counts> counts() {
    Map<LineId, int[]> counted = new LinkedHashMap<>();
    lines.forEach(line -> counted.put(line, new int[5]));
    for (SheetMarks sheet : sheets) {
      for (Mark mark : sheet.marks()) {
        counted
            .get(mark.line())[
            switch (mark.verdict()) {
              case RIGHT, RIGHT_ROUNDED, TOO_COARSE -> 0;
              case FOLLOW_THROUGH -> 1;
              case SLIP -> 2;
              case WRONG -> 3;
              case BLANK, UNREADABLE -> 4;
            }]++;
      }
    }
    Map<LineId, Counts> counts = new LinkedHashMap<>();
    counted.forEach((line, some) -> counts.put(line, new Counts(some)));
    return counts;
  }

  /// Every slip that was made, the most frequent first.
  public List<Made> slips() {
    Map<String, List<String>> students = new LinkedHashMap<>();
    Map<String, Set<String>> places = new LinkedHashMap<>();
    for (SheetMarks sheet : sheets) {
      for (Mark mark : sheet.marks()) {
        for (String slip : mark.slips()) {
          List<String> who = students.computeIfAbsent(slip, _ -> new ArrayList<>());
          if (who.isEmpty() || !who.getLast().equals(sheet.student())) {
            who.add(sheet.student());
          }
          places.computeIfAbsent(slip, _ -> new TreeSet<>()).add(mark.line().name());
        }
      }
    }
    return students.entrySet().stream()
        .map(
            made ->
                new Made(made.getKey(), places.get(made.getKey()), List.copyOf(made.getValue())))
        .sorted(Comparator.comparing((Made made) -> -made.students().size()))
        .toList();
  }

  /// The sheet of a student; empty for one who handed in none.
  public Optional<SheetMarks> sheet(String student) {
    return sheets.stream().filter(sheet -> sheet.student().equals(student)).findFirst();
  }
}
