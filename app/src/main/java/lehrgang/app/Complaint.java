package lehrgang.app;

import java.io.PrintWriter;
import java.io.Serial;
import java.util.List;
import org.slf4j.LoggerFactory;
import picocli.CommandLine;

/// Wrong input on the command line: one sentence that says what, where and what to do, and exit
/// code 2.
final class Complaint extends RuntimeException {
  @Serial private static final long serialVersionUID = 1L;

  static final int WRONG_INPUT = 2;
  static final int FAILED = 1;

  Complaint(String sentence) {
    super(sentence);
  }

  /// As "a, b or c".
  static String list(List<String> names, String last) {
    return names.size() == 1
        ? names.getFirst()
        : String.join(", ", names.subList(0, names.size() - 1))
            + " "
            + last
            + " "
            + names.getLast();
  }

  static int aboutParameters(CommandLine.ParameterException wrong, String[] arguments) {
    String sentence = wrong.getMessage().lines().findFirst().orElse("The options are wrong.");
    CommandLine command = wrong.getCommandLine();
    command
        .getErr()
        .println(
            sentence
                + (sentence.endsWith(".") ? "" : ".")
                + " See "
                + command.getCommandSpec().qualifiedName()
                + " --help.");
    return WRONG_INPUT;
  }

  /// Says what went wrong and returns the exit code.
  static int about(Exception wrong, PrintWriter out) {
    if (wrong instanceof Complaint) {
      out.println(wrong.getMessage());
      return WRONG_INPUT;
    }
    if (wrong instanceof Failure) {
      out.println(wrong.getMessage());
      return FAILED;
    }
    LoggerFactory.getLogger(Complaint.class).error("unexpected", wrong);
    out.println(
        "Something in the program went wrong; the log in "
            + UserFolder.log()
            + " says more. Your files are as they were.");
    return FAILED;
  }
}
