package lehrgang.app;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.solution.Solution;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.file.WholeFile;
import lehrgang.documents.handout.HtmlHandout;
import lehrgang.documents.solutionfile.SolutionFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/// `lehrgang hand-out FILE`: a solution as a file for a class.
@Command(
    name = "hand-out",
    description = "Writes a solution as a sheet, a worksheet or a key.",
    mixinStandardHelpOptions = true)
final class HandOutCommand implements Callable<Integer> {
  @Parameters(paramLabel = "FILE", description = "A .lehrgang file.")
  private Path file;

  @Option(
      names = "--for",
      paramLabel = "AUDIENCE",
      defaultValue = "full",
      description = "full, student or key. Default: ${DEFAULT-VALUE}.")
  private String audience;

  @Option(
      names = "--as",
      paramLabel = "FORM",
      defaultValue = "html",
      description = "html: one self-contained file. Default: ${DEFAULT-VALUE}.")
  private String form;

  @Option(
      names = {"-o", "--output"},
      paramLabel = "OUT",
      required = true,
      description = "The file to write.")
  private Path out;

  @Override
  public Integer call() {
    Audience whom =
        Audience.ofKey(audience)
            .orElseThrow(
                () -> new Complaint("--for is “" + audience + "”; use full, student or key."));
    if (!form.equals("html")) {
      throw new Complaint("--as is “" + form + "”; use html.");
    }
    write(load(), whom, out);
    return 0;
  }

  private Solution load() {
    try {
      return SolutionFile.load(file).solution();
    } catch (FileProblem e) {
      throw new Complaint(e.getMessage());
    }
  }

  static void write(Solution solution, Audience audience, Path out) {
    try {
      WholeFile.write(out, HtmlHandout.of(page(solution, audience), audience));
    } catch (FileProblem e) {
      throw new Failure(e.getMessage());
    }
  }

  static Page page(Solution solution, Audience audience) {
    return Page.of(
        solution, Deriving.derive(solution, new PrintWriter(System.err, true)), audience);
  }
}
