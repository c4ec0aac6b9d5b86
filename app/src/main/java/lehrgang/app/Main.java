package lehrgang.app;

import java.io.PrintWriter;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.Callable;
import java.util.function.Function;
import java.util.function.Supplier;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.wording.Phrase;
import picocli.CommandLine;

/// Starts the program: the command line, and from it the desktop.
public final class Main {
  private Main() {}

  /// In the order in which help names them.
  private static final List<Class<?>> COMMANDS =
      List.of(
          ComposeCommand.class,
          DemoCommand.class,
          DeriveCommand.class,
          HandOutCommand.class,
          MarkCommand.class,
          RehearseCommand.class,
          VaryCommand.class,
          CommandLine.HelpCommand.class);

  public static void main(String[] arguments) {
    System.exit(
        window(arguments)
            .orElseGet(
                () ->
                    commandLine(arguments).setOut(new PrintWriter(System.out)).execute(arguments)));
  }

  /// Opens the window at once where that is plainly all that is asked for: the command line's
  /// parser takes time to get ready, and only commands with options need it.
  private static OptionalInt window(String[] arguments) {
    String only = String.join(" ", arguments);
    if (only.isEmpty()) {
      return run(() -> Desktop.open(Optional.empty()));
    }
    if (only.equals("demo")) {
      return run(() -> Desktop.demo(System.out));
    }
    if (arguments.length == 1 && only.endsWith(".lehrgang")) {
      return run(() -> Desktop.open(Optional.of(Path.of(only))));
    }
    return OptionalInt.empty();
  }

  private static OptionalInt run(Callable<Integer> opening) {
    try {
      return OptionalInt.of(opening.call());
    } catch (Exception e) {
      return OptionalInt.of(Complaint.about(e, new PrintWriter(System.err, true)));
    }
  }

  /// The command line for these arguments: with the one command that they begin with, where it is
  /// one, and with all of them where help or a mistake may name any. To read what all of them take
  /// is a good part of the time of a short answer.
  static CommandLine commandLine(String... arguments) {
    List<Class<?>> asked =
        COMMANDS.stream()
            .filter(command -> arguments.length > 0 && name(command).equals(arguments[0]))
            .filter(command -> command != CommandLine.HelpCommand.class)
            .toList();
    CommandLine commands = new CommandLine(new LehrgangCommand());
    (asked.isEmpty() ? COMMANDS : asked).forEach(commands::addSubcommand);
    flags(commands, DeriveCommand.class, Procedures::all);
    flags(commands, ComposeCommand.class, ComposeCommand::procedures);
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

  private static String name(Class<?> command) {
    return command.getAnnotation(CommandLine.Command.class).name();
  }

  private static void flags(
      CommandLine commands, Class<?> command, Supplier<List<Procedure>> procedures) {
    CommandLine there = commands.getSubcommands().get(name(command));
    if (there != null) {
      ProcedureFlags.addTo(there.getCommandSpec(), procedures.get());
    }
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
