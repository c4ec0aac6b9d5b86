package lehrgang.desktop.desk;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.compose.Proposal;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.Marker;
import lehrgang.core.marking.SlipTexts;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.solution.MarkingRules;
import lehrgang.core.work.Progress;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.solutionfile.SolutionFile;

/// The solutions of a class in which each student has data of their own.
///
/// @param own by student, in the order of the list; at least one
public record ClassKeys(Map<String, Solved> own) {
  /// Reads them; one that cannot be worked out is left out.
  ///
  /// @param files    where the solution of each student is
  /// @param progress told how many are read
  /// @throws FileProblem if one of the solutions cannot be read
  public static ClassKeys read(Map<String, Path> files, Progress progress) throws FileProblem {
    Map<String, Solved> own = new LinkedHashMap<>();
    int count = 0;
    for (Map.Entry<String, Path> entry : files.entrySet()) {
      Proposal.of(SolutionFile.load(entry.getValue()).solution())
          .ifPresent(
              worked ->
                  own.put(entry.getKey(), new Solved(worked.solution(), worked.derivation())));
      count++;
      progress.report(count, files.size());
    }
    return new ClassKeys(own);
  }

  /// Whose lines stand for those of all.
  Solved any() {
    return own.values().iterator().next();
  }

  /// The solution of a student; empty for one who is not in the class.
  public Optional<Solved> of(String student) {
    return Optional.ofNullable(own.get(student));
  }

  Optional<Page> page(String student) {
    return of(student).map(solved -> solved.page(Audience.FULL));
  }

  Optional<SlipTexts> texts(String student) {
    return of(student).map(solved -> new SlipTexts(solved.solution(), solved.derivation()));
  }

  /// What marks a student's answers.
  ///
  /// @param rules of the open solution, by which all are marked
  Marker marker(String student, List<LineId> lines, MarkingRules rules) {
    Solved solved = own.get(student);
    return Marker.of(solved.solution().withMarking(rules), solved.derivation(), lines);
  }
}
