package lehrgang.app;

import java.io.PrintWriter;
import java.io.StringWriter;

/// The program called as from the shell.
///
/// @param exit the exit code
/// @param out  what went to standard output
/// @param err  what went to standard error
record Run(int exit, String out, String err) {
  static Run run(String... arguments) {
    StringWriter out = new StringWriter();
    StringWriter err = new StringWriter();
    int exit =
        Main.commandLine(arguments)
            .setOut(new PrintWriter(out))
            .setErr(new PrintWriter(err))
            .execute(arguments);
    return new Run(exit, out.toString(), err.toString());
  }
}
