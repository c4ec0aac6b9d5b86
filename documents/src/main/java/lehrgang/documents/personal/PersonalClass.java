package lehrgang.documents.personal;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import lehrgang.core.compose.Proposal;
import lehrgang.core.compose.Variation;
import lehrgang.core.solution.SheetChoices;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Phrase;
import lehrgang.core.work.Progress;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.file.SafeNames;

/// A class with a data set for each of its students.
///
/// @param seed    from which they were drawn
/// @param members in the order of the list
public record PersonalClass(long seed, List<Member> members) {
  /// What no student's files are called.
  static final List<String> RESERVED = List.of("everyone", "class");

  /// So many students get theirs at a time.
  private static final int AT_ONCE = 10;

  /// A student with a data set of their own.
  ///
  /// @param file  what the student's files are called, without an ending
  /// @param found the solution, worked out
  public record Member(String student, String file, Proposal found) {}

  public PersonalClass {
    members = List.copyOf(members);
  }

  /// Draws a data set for each student of a list.
  ///
  /// @param progress told how many of the students are done
  /// @throws FileProblem if there are not enough different data sets that are as hard as the model
  /// @throws CancellationException if it was stopped
  public static PersonalClass draw(Proposal model, ClassList list, long seed, Progress progress)
      throws FileProblem {
    Variation variation = Variation.of(model, seed);
    SafeNames names = new SafeNames(RESERVED);
    List<Member> members = new ArrayList<>();
    for (int from = 0; from < list.students().size(); from += AT_ONCE) {
      List<String> some =
          list.students().subList(from, Math.min(from + AT_ONCE, list.students().size()));
      List<Optional<Proposal>> found = variation.next(some);
      for (int k = 0; k < some.size(); k++) {
        String student = some.get(k);
        if (found.get(k).isEmpty()) {
          throw new FileProblem(
              Phrase.of("class.no-more").with("student", student).with("found", members.size()));
        }
        String file = names.next(student, "student");
        members.add(new Member(student, file, named(found.get(k).get(), student)));
      }
      progress.report(members.size(), list.students().size());
    }
    return new PersonalClass(seed, members);
  }

  /// With the student's name at the head of the sheet.
  private static Proposal named(Proposal found, String student) {
    Solution solution = found.solution();
    SheetChoices sheet = solution.sheet();
    String head = sheet.sheet().isBlank() ? student : sheet.sheet() + " · " + student;
    return new Proposal(
        solution.withSheet(sheet.withHead(sheet.course(), head, sheet.due())), found.derivation());
  }
}
