package lehrgang.app;

import picocli.CommandLine;

/// Starts the program: the command line, and from it the desktop.
public final class Main {
  private Main() {}

  public static void main(String[] arguments) {
    System.exit(run(arguments));
  }

  static int run(String... arguments) {
    return new CommandLine(new LehrgangCommand())
        .setCaseInsensitiveEnumValuesAllowed(true)
        .setParameterExceptionHandler(Complaint::aboutParameters)
        .setExecutionExceptionHandler(Complaint::aboutExecution)
        .setUsageHelpWidth(96)
        .execute(arguments);
  }
}
