package lehrgang.app;

import picocli.CommandLine;

/// Starts the program: the command line, and from it the desktop.
public final class Main {
  private Main() {}

  public static void main(String[] arguments) {
    System.exit(commandLine().execute(arguments));
  }

  static CommandLine commandLine() {
    return new CommandLine(new LehrgangCommand())
        .setCaseInsensitiveEnumValuesAllowed(true)
        .setParameterExceptionHandler(Complaint::aboutParameters)
        .setExecutionExceptionHandler(Complaint::aboutExecution)
        .setUsageHelpWidth(96);
  }
}
