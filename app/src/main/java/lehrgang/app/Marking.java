package lehrgang.app;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.marking.ClassMarks;
import lehrgang.core.marking.Marker;
import lehrgang.core.marking.SheetMarks;
import lehrgang.core.marking.SlipTexts;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;
import lehrgang.core.work.Progress;
import lehrgang.documents.figure.FigureFile;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.file.WholeFile;
import lehrgang.documents.handout.FeedbackSheets;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.marks.AnswersFile;
import lehrgang.documents.marks.ClassFigure;
import lehrgang.documents.marks.MarksFile;
import lehrgang.documents.personal.PersonalFolder;

/// Marks the answers in a file: all by one solution, or each student's by their own.
final class Marking {
  private static final int WORTH_TELLING = 2000;
  private static final int SHEETS_WORTH_TELLING = 50;

  private final Solution solution;
  private final Derivation derivation;
  private final Map<String, Solved> personal;
  private final AnswersFile answers;
  private final PrintWriter err;
  private final List<SheetMarks> marks;

  private Marking(Solution solution, Map<String, Solved> personal, Path answers, PrintWriter err)
      throws FileProblem {
    this.solution = solution;
    this.personal = personal;
    this.derivation =
        personal.isEmpty()
            ? Deriving.derive(solution, err)
            : personal.values().iterator().next().derivation();
    this.answers =
        AnswersFile.read(answers, derivation, Wording.in(solution.language(), solution.ownWords()));
    this.err = err;
    List<String> unknown =
        this.answers.unknown().stream()
            .map(name -> Messages.text(Phrase.of("mark.column").with("name", name)))
            .toList();
    if (!unknown.isEmpty()) {
      err.println(
          Messages.text(
              Phrase.of("mark.left-alone").with("columns", Phrase.listed(unknown, "list.and"))));
    }
    refuseStrangers();
    this.marks = marked();
  }

  /// By one solution.
  ///
  /// @param err is told which columns are left alone, and how far long work is
  /// @throws FileProblem if the answers cannot be read
  static Marking by(Solution solution, Path answers, PrintWriter err) throws FileProblem {
    return new Marking(solution, Map.of(), answers, err);
  }

  /// Each student's answers by the student's own solution.
  ///
  /// @param folder of a class with a data set for each student
  /// @throws FileProblem if the answers or the solutions cannot be read
  static Marking byFolder(Path folder, Path answers, PrintWriter err) throws FileProblem {
    Map<String, Solved> personal = new LinkedHashMap<>();
    new PersonalFolder(folder)
        .read()
        .forEach(
            (student, file) ->
                personal.put(
                    student, new Solved(file.solution(), Deriving.derive(file.solution(), err))));
    return new Marking(personal.values().iterator().next().solution(), personal, answers, err);
  }

  private void refuseStrangers() {
    if (personal.isEmpty()) {
      return;
    }
    answers.rows().stream()
        .filter(row -> !personal.containsKey(row.student()))
        .findFirst()
        .ifPresent(
            row -> {
              throw new Complaint(
                  Phrase.of("mark.stranger")
                      .with("file", answers.name())
                      .with("line", row.line())
                      .with("student", row.student()));
            });
  }

  private Solved key(String student) {
    return personal.getOrDefault(student, new Solved(solution, derivation));
  }

  private Marker marker(String student) {
    Solved key = key(student);
    return Marker.of(key.solution(), key.derivation(), answers.lines());
  }

  private List<SheetMarks> marked() {
    int all = answers.rows().size();
    Marker one = Marker.of(solution, derivation, answers.lines());
    return answers.marks(
        student -> personal.isEmpty() ? one : marker(student),
        Progress.counting(
            all,
            done -> {
              if (done % WORTH_TELLING == 0) {
                tell("mark.progress", done, all);
              }
            }));
  }

  private void tell(String key, int done, int all) {
    err.println(Messages.text(Phrase.of(key).with("done", done).with("all", all)));
  }

  /// Writes a figure of how the class fared.
  ///
  /// @param path ends in `.svg` or `.pdf`
  /// @throws FileProblem if it cannot be written, or ends otherwise
  void writeFigure(Path path) throws FileProblem {
    Page page = Page.of(solution, derivation, Audience.FULL);
    FigureFile.write(ClassFigure.of(new ClassMarks(answers.lines(), marks), page), path);
  }

  /// Writes the marks.
  ///
  /// @param json whether as a document, else as a table
  /// @throws Failure if they cannot be written
  void write(Path out, boolean json) {
    String text =
        json
            ? MarksFile.json(solution.question().title(), solution.procedure(), marks, this::texts)
            : MarksFile.csv(answers.lines(), marks);
    try {
      WholeFile.write(out, text);
    } catch (FileProblem e) {
      throw new Failure(e);
    }
  }

  private SlipTexts texts(String student) {
    Solved key = key(student);
    return new SlipTexts(key.solution(), key.derivation());
  }

  /// Writes what each student is told.
  ///
  /// @param folder made where it is not there
  /// @throws Failure if it cannot be written
  void writeFeedback(Path folder) {
    try {
      makeFolder(folder);
      new FeedbackSheets(this::key)
          .write(
              marks,
              folder,
              Progress.counting(
                  marks.size(),
                  done -> {
                    if (done % SHEETS_WORTH_TELLING == 0) {
                      tell("mark.feedback", done, marks.size());
                    }
                  }));
    } catch (FileProblem e) {
      throw new Failure(e);
    }
  }

  /// @throws Failure if the folder is not there and cannot be made, or may not be written to
  static void makeFolder(Path folder) {
    try {
      Files.createDirectories(folder);
    } catch (IOException e) {
      throw new Failure(Phrase.of("mark.no-folder").with("folder", folder.toString()));
    }
    if (!Files.isWritable(folder)) {
      throw new Failure(Phrase.of("mark.no-folder").with("folder", folder.toString()));
    }
  }
}
