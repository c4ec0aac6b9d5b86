package lehrgang.documents.marks;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.Function;
import lehrgang.core.cases.DecimalSign;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.Answer;
import lehrgang.core.marking.AnswerReader;
import lehrgang.core.marking.Marker;
import lehrgang.core.marking.SheetMarks;
import lehrgang.core.number.NumberStyle;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;
import lehrgang.core.work.Progress;
import lehrgang.documents.cases.CaseFile;
import lehrgang.documents.file.FileProblem;

/// The answers of a class in a file: a column of students, then one for each line, in any order.
/// Comma, semicolon or tab between columns, any usual encoding, decimal point or comma.
public final class AnswersFile {
  /// What the first column is called.
  public static final String STUDENT = "student";

  /// The endings of names of such files.
  public static final List<String> ENDINGS = List.of(".csv", ".tsv", ".txt");

  /// A column for each of so many lines is no sheet any more.
  private static final int MOST_COLUMNS = 2000;

  private final String name;
  private final List<LineId> lines = new ArrayList<>();
  private final Map<LineId, Integer> places = new HashMap<>();
  private final List<String> unknown = new ArrayList<>();
  private final List<Row> rows = new ArrayList<>();
  private int columns;

  /// One student's answers.
  ///
  /// @param line    of the file, from 1
  /// @param answers by line of the solution
  public record Row(String student, long line, Map<LineId, Answer> answers) {}

  private AnswersFile(String name) {
    this.name = name;
  }

  /// Reads the answers to a solution.
  ///
  /// @throws FileProblem if there is no such file, its first column is not that of the students, no
  ///     other column is a line of the solution, or a student or a line stands twice
  public static AnswersFile read(Path path, Derivation derivation, Wording wording)
      throws FileProblem {
    return read(CaseFile.detect(path), derivation, wording);
  }

  /// Whether a file holds answers: its first column is that of the students, and another one is a
  /// line of the solution.
  ///
  /// @throws FileProblem if it cannot be read
  public static boolean isOne(CaseFile file, Derivation derivation) throws FileProblem {
    List<CaseFile.Row> rows = file.rows();
    List<String> names =
        rows.isEmpty() ? List.of("") : joined(rows.getFirst().fields(), file.format().separator());
    return names.getFirst().strip().equalsIgnoreCase(STUDENT)
        && names.stream()
            .skip(1)
            .anyMatch(name -> line(name.replaceAll("\\s+", ""), derivation).isPresent());
  }

  /// Reads the answers to a solution from a file that was looked at.
  ///
  /// @throws FileProblem as [#read(Path, Derivation, Wording)]
  public static AnswersFile read(CaseFile file, Derivation derivation, Wording wording)
      throws FileProblem {
    AnswersFile answers = new AnswersFile(file.name());
    NumberStyle style = file.sign() == DecimalSign.COMMA ? NumberStyle.COMMA : NumberStyle.POINT;
    AnswerReader reader = new AnswerReader(wording, style);
    boolean head = true;
    for (CaseFile.Row row : file.rows()) {
      if (head) {
        answers.head(joined(row.fields(), file.format().separator()), derivation);
        head = false;
      } else {
        answers.row(row, derivation, reader);
      }
    }
    answers.check();
    return answers;
  }

  /// Ids such as `E[2,3]` whose comma was taken for one between columns are put together again.
  private static List<String> joined(List<String> fields, char separator) {
    List<String> joined = new ArrayList<>();
    boolean open = false;
    for (String field : fields) {
      if (open) {
        joined.add(joined.removeLast() + separator + field);
      } else {
        joined.add(field);
      }
      String last = joined.getLast();
      open = last.indexOf('[') >= 0 && last.indexOf(']') < 0;
    }
    return joined;
  }

  private void head(List<String> names, Derivation derivation) throws FileProblem {
    String first = names.getFirst().strip();
    if (!first.equalsIgnoreCase(STUDENT)) {
      throw new FileProblem(
          Phrase.of("answers.first-column").with("file", name).with("column", first));
    }
    if (names.size() > MOST_COLUMNS) {
      throw new FileProblem(
          Phrase.of("answers.columns")
              .with("file", name)
              .with("columns", names.size())
              .with("most", MOST_COLUMNS));
    }
    columns = names.size();
    for (int k = 1; k < names.size(); k++) {
      String spelled = names.get(k).replaceAll("\\s+", "");
      Optional<LineId> line = line(spelled, derivation);
      if (line.isEmpty()) {
        if (!spelled.isEmpty()) {
          unknown.add(names.get(k).strip());
        }
      } else if (places.putIfAbsent(line.get(), k) != null) {
        throw new FileProblem(
            Phrase.of("answers.column-twice")
                .with("file", name)
                .with("column", line.get().toString())
                .with("first", places.get(line.get()) + 1L)
                .with("second", k + 1L));
      } else {
        lines.add(line.get());
      }
    }
    if (lines.isEmpty()) {
      throw new FileProblem(
          Phrase.of("answers.no-line")
              .with("file", name)
              .with("example", example(derivation).toString()));
    }
  }

  /// The line that a column is called after, in upper or lower case.
  private static Optional<LineId> line(String spelled, Derivation derivation) {
    Optional<LineId> exact = LineId.parse(spelled).filter(id -> derivation.find(id).isPresent());
    if (exact.isPresent()) {
      return exact;
    }
    List<LineId> alike =
        derivation.lines().keySet().stream()
            .filter(id -> id.toString().equalsIgnoreCase(spelled))
            .toList();
    return alike.size() == 1 ? Optional.of(alike.getFirst()) : Optional.empty();
  }

  private static LineId example(Derivation derivation) {
    return derivation.find(LineId.of("X2")).isPresent() ? LineId.of("X2") : LineId.of("p");
  }

  private void row(CaseFile.Row row, Derivation derivation, AnswerReader reader)
      throws FileProblem {
    row.checkWidth(name, columns);
    List<String> fields = row.fields();
    String student = fields.getFirst().strip();
    boolean says = fields.stream().skip(1).anyMatch(field -> !field.isBlank());
    if (student.isEmpty() && !says) {
      return;
    }
    if (student.isEmpty()) {
      throw new FileProblem(
          Phrase.of("answers.no-student").with("file", name).with("line", row.line()));
    }
    if (fields.size() < columns) {
      throw new FileProblem(
          Phrase.of("cases.fields-missing")
              .with("file", name)
              .with("line", row.line())
              .with("fields", fields.size())
              .with("columns", columns));
    }
    Map<LineId, Answer> answers = new LinkedHashMap<>();
    for (LineId line : lines) {
      int place = places.get(line);
      answers.put(line, reader.read(fields.get(place), derivation.line(line).kind()));
    }
    rows.add(new Row(student, row.line(), answers));
  }

  private void check() throws FileProblem {
    if (lines.isEmpty()) {
      throw new FileProblem(Phrase.of("answers.empty").with("file", name));
    }
    if (rows.isEmpty()) {
      throw new FileProblem(Phrase.of("answers.none").with("file", name));
    }
    Map<String, Long> seen = new HashMap<>();
    for (Row row : rows) {
      Long before = seen.putIfAbsent(row.student(), row.line());
      if (before != null) {
        throw new FileProblem(
            Phrase.of("answers.student-twice")
                .with("file", name)
                .with("student", row.student())
                .with("first", before)
                .with("second", row.line()));
      }
    }
  }

  /// What every student's answers get, in the order of the file.
  ///
  /// @param progress told how many of the students are done
  /// @throws CancellationException if it was stopped
  public List<SheetMarks> marks(Marker marker, Progress progress) {
    return marks(_ -> marker, progress);
  }

  /// What every student's answers get, each by a key of their own.
  ///
  /// @param markers  by student
  /// @param progress told how many of the students are done
  /// @throws CancellationException if it was stopped
  public List<SheetMarks> marks(Function<String, Marker> markers, Progress progress) {
    List<SheetMarks> marks = new ArrayList<>(rows.size());
    for (Row row : rows) {
      marks.add(markers.apply(row.student()).mark(row.student(), row.answers()));
      progress.report(marks.size(), rows.size());
    }
    return marks;
  }

  /// A table to be filled in: the column of the students, one for each line, and one for the
  /// decision.
  public static String template(List<LineId> asked) {
    List<LineId> columns = new ArrayList<>(asked);
    LineId decision = LineId.of("decision");
    if (!columns.contains(decision)) {
      columns.add(decision);
    }
    StringBuilder head = new StringBuilder(STUDENT);
    columns.forEach(line -> head.append(';').append(line));
    return head.append('\n').toString();
  }

  /// How the file is called.
  public String name() {
    return name;
  }

  /// What was asked, in the order of the columns.
  public List<LineId> lines() {
    return List.copyOf(lines);
  }

  /// The names of columns that are no lines of the solution.
  public List<String> unknown() {
    return List.copyOf(unknown);
  }

  /// The students, in the order of the file.
  public List<Row> rows() {
    return List.copyOf(rows);
  }
}
