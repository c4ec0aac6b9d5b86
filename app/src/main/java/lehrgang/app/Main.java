package lehrgang.app;

import java.io.PrintWriter;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.Callable;
import java.util.function.Function;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.wording.Phrase;
import picocli.CommandLine;

/// Starts the program: the command line, and from it the desktop.
public final class Main {
  private Main() {}

  public static void main(String[] arguments) {
    System.exit(
        window(arguments)
            .orElseGet(() -> commandLine().setOut(new PrintWriter(System.out)).execute(arguments)));
  }

  /// Opens the window at once where that is plainly all that is asked for: the command line's
  /// parser takes half a second to get ready, and only commands with options need it.
  private static OptionalInt window(String[] arguments) {
    return switch (String.join(" ", arguments)) {
      case "" -> run(() -> Desktop.open(Optional.empty()));
      case "demo" -> run(() -> Desktop.demo(System.out));
      case String file when arguments.length == 1 && file.endsWith(".lehrgang") ->
          run(() -> Desktop.open(Optional.of(Path.of(file))));
      default -> OptionalInt.empty();
    };
  }

  private static OptionalInt run(Callable<Integer> opening) {
    try {
      return OptionalInt.of(opening.call());
    } catch (Exception e) {
      return OptionalInt.of(Complaint.about(e, new PrintWriter(System.err, true)));
    }
  }

  static CommandLine commandLine() {
    CommandLine commands = new CommandLine(new LehrgangCommand());
    ProcedureFlags.addTo(
        commands.getSubcommands().get("derive").getCommandSpec(), Procedures.all());
    ProcedureFlags.addTo(
        commands.getSubcommands().get("compose").getCommandSpec(), ComposeCommand.procedures());
    return commands
        .registerConverter(Long.class, typed -> whole(typed, Long::valueOf))
        .registerConverter(long.class, typed -> whole(typed, Long::valueOf))
        .registerConverter(Integer.class, typed -> whole(typed, Integer::valueOf))
        .registerConverter(int.class, typed -> whole(typed, Integer::valueOf))
        .registerConverter(Path.class, Main::path)
        .setCaseInsensitiveEnumValuesAllowed(true)
        .setParameterExceptionHandler(Complaint::aboutParameters)
        .setExecutionExceptionHandler(
            (wrong, command, _) -> Complaint.about(wrong, command.getErr()))
        .setUsageHelpWidth(96);
  }

  private static Path path(String typed) {
    try {
      return Path.of(typed);
    } catch (InvalidPathException e) {
      throw new CommandLine.TypeConversionException(
          Messages.text(Phrase.of("no-path").with("value", typed)));
    }
  }

  private static <T> T whole(String typed, Function<String, T> number) {
    try {
      return number.apply(typed.strip());
    } catch (NumberFormatException e) {
      throw new CommandLine.TypeConversionException(
          Messages.text(Phrase.of("no-whole-number").with("value", typed)));
    }
  }
}
