package lehrgang.app;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import lehrgang.core.solution.Solution;
import lehrgang.documents.file.FileProblem;
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
      PrintWriter err = spec.commandLine().getErr();
      new Marking(SolutionFile.load(file).solution(), answers, err).write(out, json);
      return 0;
    } catch (FileProblem e) {
      throw new Complaint(e.getMessage());
    }
  }

  /// Marks answers and writes the table.
  static void write(Solution solution, Path answers, Path out) {
    try {
      new Marking(solution, answers, new PrintWriter(System.err, true)).write(out, false);
    } catch (FileProblem e) {
      throw new Complaint(e.getMessage());
    }
  }
}
