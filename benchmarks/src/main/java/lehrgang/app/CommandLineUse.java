package lehrgang.app;

import java.io.PrintWriter;
import java.io.StringWriter;
import picocli.CommandLine;

/// The command line as it is used from a shell, without one.
public final class CommandLineUse {
  /// What a command ended with and what it complained of.
  public record Ended(int code, String complaint) {}

  private CommandLineUse() {}

  public static Ended run(String... arguments) {
    StringWriter complaint = new StringWriter();
    CommandLine commands = Main.commandLine(arguments);
    int code =
        commands
            .setOut(new PrintWriter(new StringWriter()))
            .setErr(new PrintWriter(complaint, true))
            .execute(arguments);
    return new Ended(code, complaint.toString());
  }
}
