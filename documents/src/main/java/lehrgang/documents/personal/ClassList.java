package lehrgang.documents.personal;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import lehrgang.core.wording.Phrase;
import lehrgang.documents.cases.CaseFile;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.file.FileProblem;

/// The students of a class, in the order of their list.
///
/// @param name     what the list is called
/// @param students their names or numbers, no two alike
public record ClassList(String name, List<String> students) {
  /// What the first column is called, where there are several.
  public static final String STUDENT = "student";

  /// What lists of names are usually headed with, in lower case.
  private static final Set<String> HEADINGS =
      Set.of(
          "name",
          "names",
          "full name",
          "surname",
          "last name",
          "first name",
          "students",
          "student name",
          "student id",
          "student number",
          "id",
          "number",
          "no.",
          "participant",
          "participants",
          "matriculation number");

  /// More than so many are no class.
  public static final int MOST = 5000;

  public ClassList {
    students = List.copyOf(students);
  }

  /// Reads a list from a file, text or a workbook.
  ///
  /// @throws FileProblem if it cannot be read, is no list of students, or one of them stands twice
  public static ClassList read(Path path) throws FileProblem {
    CaseSource source = CaseSource.open(path);
    return read(
        source instanceof CaseFile file ? file : CaseFile.pasted(source.text(), source.name()));
  }

  /// Reads a list: a column called `student`, first of all; or names alone, one a line.
  ///
  /// @throws FileProblem if it is no list of students, or one of them stands twice
  public static ClassList read(CaseFile file) throws FileProblem {
    List<CaseFile.Row> rows = file.rows();
    boolean titled =
        !rows.isEmpty() && rows.getFirst().fields().getFirst().strip().equalsIgnoreCase(STUDENT);
    if (!titled && rows.stream().anyMatch(row -> saysMore(row.fields()))) {
      throw new FileProblem(
          Phrase.of("class.first-column")
              .with("file", file.name())
              .with("column", rows.getFirst().fields().getFirst().strip()));
    }
    if (!titled && !rows.isEmpty()) {
      refuseHeading(file.name(), rows.getFirst().fields().getFirst().strip());
    }
    int columns = titled ? rows.getFirst().fields().size() : 1;
    Map<String, Long> seen = new HashMap<>();
    List<String> students = new ArrayList<>();
    for (CaseFile.Row row : rows.subList(titled ? 1 : 0, rows.size())) {
      row.checkWidth(file.name(), columns);
      String student = row.fields().getFirst().strip();
      if (student.isEmpty()) {
        continue;
      }
      Long before = seen.putIfAbsent(student, row.line());
      if (before != null) {
        throw new FileProblem(
            Phrase.of("class.twice")
                .with("file", file.name())
                .with("student", student)
                .with("first", before)
                .with("second", row.line()));
      }
      students.add(student);
    }
    check(file.name(), students);
    return new ClassList(file.name(), students);
  }

  /// A heading that is not the one that is known would become a student.
  private static void refuseHeading(String file, String first) throws FileProblem {
    if (HEADINGS.contains(first.toLowerCase(Locale.ROOT))) {
      throw new FileProblem(Phrase.of("class.heading").with("file", file).with("column", first));
    }
  }

  private static boolean saysMore(List<String> fields) {
    return fields.stream().skip(1).anyMatch(field -> !field.isBlank());
  }

  private static void check(String name, List<String> students) throws FileProblem {
    if (students.isEmpty()) {
      throw new FileProblem(Phrase.of("class.empty").with("file", name));
    }
    if (students.size() > MOST) {
      throw new FileProblem(
          Phrase.of("class.many")
              .with("file", name)
              .with("many", students.size())
              .with("most", MOST));
    }
  }
}
