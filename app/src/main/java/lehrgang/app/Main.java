package lehrgang.app;

import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
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

  /// What is printed is UTF-8, and numbers have the digits and signs of files, whatever the
  /// language of the system.
  public static void main(String[] arguments) {
    Locale.setDefault(Locale.Category.FORMAT, Locale.ROOT);
    System.setOut(utf8(FileDescriptor.out));
    System.setErr(utf8(FileDescriptor.err));
    System.exit(run(arguments));
  }

  private static PrintStream utf8(FileDescriptor to) {
    return new PrintStream(new FileOutputStream(to), true, StandardCharsets.UTF_8);
  }

  private static int run(String[] arguments) {
    PrintWriter out = new PrintWriter(System.out);
    PrintWriter err = new PrintWriter(System.err, true);
    try {
      OptionalInt window = window(arguments);
      int exit =
          window.isPresent()
              ? window.getAsInt()
              : commandLine(arguments).setOut(out).setErr(err).execute(arguments);
      out.flush();
      if (exit == 0 && out.checkError()) {
        throw new Failure(Phrase.of("output.broken"));
      }
      return exit;
    } catch (Exception | Error e) {
      return Complaint.about(e, err);
    }
  }

  /// Opens the window at once where that is plainly all that is asked for: the command line's
  /// parser takes time to get ready, and only commands with options need it.
  private static OptionalInt window(String[] arguments) {
    String only = String.join(" ", arguments);
    if (only.isEmpty()) {
      return OptionalInt.of(Desktop.open(Optional.empty()));
    }
    if (only.equals("demo")) {
      return OptionalInt.of(Desktop.demo(System.out));
    }
    if (arguments.length == 1 && only.endsWith(".lehrgang")) {
      return OptionalInt.of(Desktop.open(Optional.of(Path.of(only))));
    }
    return OptionalInt.empty();
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
