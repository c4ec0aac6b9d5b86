package lehrgang.app;

import java.io.PrintWriter;
import java.io.Serial;
import lehrgang.core.data.Problem;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;
import lehrgang.documents.file.FileProblem;
import org.slf4j.LoggerFactory;
import picocli.CommandLine;

/// Wrong input on the command line: one sentence that says what, where and what to do, and exit
/// code 2.
final class Complaint extends RuntimeException {
  @Serial private static final long serialVersionUID = 1L;

  static final int WRONG_INPUT = 2;
  static final int FAILED = 1;

  /// @param sentence by its key in the bundle of this package
  Complaint(Phrase sentence) {
    this(Messages.text(sentence));
  }

  private Complaint(String sentence) {
    super(sentence);
  }

  /// What is wrong with a file.
  static Complaint about(FileProblem problem) {
    return new Complaint(problem.getMessage());
  }

  /// What is wrong with the data or with what is chosen for them.
  static Complaint about(Problem problem) {
    return new Complaint(Wording.english().text(problem.sentence()));
  }

  /// What is said of a solution, by its key in the bundle of solutions.
  static Complaint ofSolution(Phrase sentence) {
    return new Complaint(Wording.english().text(sentence));
  }

  static int aboutParameters(CommandLine.ParameterException wrong, String[] arguments) {
    String sentence =
        wrong.getMessage().lines().findFirst().orElse(Messages.text("parameters.wrong"));
    CommandLine command = wrong.getCommandLine();
    command
        .getErr()
        .println(
            Messages.text(
                Phrase.of("parameters")
                    .with("sentence", sentence + (sentence.endsWith(".") ? "" : "."))
                    .with("command", command.getCommandSpec().qualifiedName())));
    return WRONG_INPUT;
  }

  /// Says what went wrong and returns the exit code.
  ///
  /// @param wrong what was thrown: what nobody expected goes into the log and is said to have gone
  ///     wrong
  static int about(Throwable wrong, PrintWriter out) {
    if (wrong instanceof Complaint) {
      out.println(wrong.getMessage());
      return WRONG_INPUT;
    }
    if (wrong instanceof Failure) {
      out.println(wrong.getMessage());
      return FAILED;
    }
    if (wrong instanceof OutOfMemoryError) {
      out.println(Messages.text("out-of-memory"));
      return FAILED;
    }
    LoggerFactory.getLogger(Complaint.class).error("unexpected", wrong);
    out.println(Messages.text(Phrase.of("failed").with("log", UserFolder.log().toString())));
    return FAILED;
  }
}
