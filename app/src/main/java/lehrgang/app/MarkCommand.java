package lehrgang.app;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.marking.Marker;
import lehrgang.core.marking.SheetMarks;
import lehrgang.core.marking.SlipTexts;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.file.WholeFile;
import lehrgang.documents.marks.AnswersFile;
import lehrgang.documents.marks.MarksFile;
import lehrgang.documents.solutionfile.SolutionFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// `lehrgang mark FILE ANSWERS`: the answers of a class against a solution.
@Command(
    name = "mark",
    description =
        "Marks the answers of a class: which step each student lost, by which slip, and what"
            + " follows from the student's own numbers.",
    mixinStandardHelpOptions = true)
final class MarkCommand implements Callable<Integer> {
  private static final int WORTH_TELLING = 2000;

  @Spec private CommandSpec spec;

  @Parameters(index = "0", paramLabel = "FILE", description = "The solution, a .lehrgang file.")
  private Path file;

  @Parameters(
      index = "1",
      paramLabel = "ANSWERS",
      description =
          "A CSV file: the column student, then a column for each line, called by its id, such as"
              + " E[2,3] or X2.")
  private Path answers;

  @Option(
      names = {"-o", "--output"},
      paramLabel = "MARKS",
      required = true,
      description = "The file to write.")
  private Path out;

  @Option(names = "--json", description = "Write one document, lehrgang-marks/1, and no table.")
  private boolean json;

  @Override
  public Integer call() {
    try {
      Solution solution = SolutionFile.load(file).solution();
      PrintWriter err = spec.commandLine().getErr();
      Derivation derivation = Deriving.derive(solution, err);
      AnswersFile given =
          AnswersFile.read(
              answers, derivation, Wording.in(solution.language(), solution.ownWords()));
      if (!given.unknown().isEmpty()) {
        err.println(
            "Left alone: %s, for the solution has no such line."
                .formatted(Complaint.list(quoted(given.unknown()), "and")));
      }
      write(solution, derivation, given, marks(solution, derivation, given, err));
      return 0;
    } catch (FileProblem e) {
      throw new Complaint(e.getMessage());
    }
  }

  private static List<String> quoted(List<String> names) {
    return names.stream().map(name -> "“" + name + "”").toList();
  }

  private static List<SheetMarks> marks(
      Solution solution, Derivation derivation, AnswersFile given, PrintWriter err) {
    Marker marker = Marker.of(solution, derivation, given.lines());
    List<SheetMarks> marks = new ArrayList<>();
    for (AnswersFile.Row row : given.rows()) {
      marks.add(marker.mark(row.student(), row.answers()));
      if (marks.size() % WORTH_TELLING == 0) {
        err.println("Marked %d of %d.".formatted(marks.size(), given.rows().size()));
      }
    }
    return marks;
  }

  private void write(
      Solution solution, Derivation derivation, AnswersFile given, List<SheetMarks> marks) {
    String text =
        json
            ? MarksFile.json(
                solution.question().title(),
                solution.procedure(),
                marks,
                new SlipTexts(solution, derivation))
            : MarksFile.csv(given.lines(), marks);
    try {
      WholeFile.write(out, text);
    } catch (FileProblem e) {
      throw new Failure(e.getMessage());
    }
  }
}
