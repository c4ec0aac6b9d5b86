package lehrgang.app;

import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import lehrgang.core.solution.Solution;
import lehrgang.documents.figure.FigureFile;
import lehrgang.documents.file.FileProblem;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// `lehrgang mark FILE ANSWERS`: the answers of a class against a solution.
@Command(name = "mark", resourceBundle = "lehrgang.app.messages", mixinStandardHelpOptions = true)
final class MarkCommand implements Callable<Integer> {
  @Spec private CommandSpec spec;

  @Parameters(index = "0", paramLabel = "FILE", descriptionKey = "help.mark.file")
  private Path file;

  @Parameters(index = "1", paramLabel = "ANSWERS", descriptionKey = "help.mark.answers")
  private Path answers;

  @Option(
      names = {"-o", "--output"},
      paramLabel = "MARKS",
      required = true,
      descriptionKey = "help.mark.output")
  private Path out;

  @Option(names = "--feedback", paramLabel = "FOLDER", descriptionKey = "help.mark.feedback")
  private Path feedback;

  @Option(names = "--figure", paramLabel = "FIGURE", descriptionKey = "help.mark.figure")
  private Path figure;

  @Option(names = "--json", descriptionKey = "help.mark.json")
  private boolean json;

  @Override
  public Integer call() {
    try {
      PrintWriter err = spec.commandLine().getErr();
      checkPlaces();
      Marking marking =
          Files.isDirectory(file)
              ? Marking.byFolder(file, answers, err)
              : Marking.by(SolutionInput.load(file, err).solution(), answers, err);
      if (figure != null) {
        marking.writeFigure(figure);
      }
      if (feedback != null) {
        marking.writeFeedback(feedback);
      }
      marking.write(out, json);
      return 0;
    } catch (FileProblem e) {
      throw Complaint.about(e);
    }
  }

  /// What cannot all be written is not begun.
  private void checkPlaces() throws FileProblem {
    List<Path> read = List.of(file, answers);
    OutputPlace.check(out, read);
    if (figure != null) {
      FigureFile.checkEnding(figure);
      OutputPlace.check(figure, read);
    }
    if (feedback != null) {
      Marking.makeFolder(feedback);
    }
  }

  /// Marks answers and writes the table.
  static void write(Solution solution, Path answers, Path out) {
    try {
      Marking.by(solution, answers, new PrintWriter(System.err, true)).write(out, false);
    } catch (FileProblem e) {
      throw Complaint.about(e);
    }
  }
}
