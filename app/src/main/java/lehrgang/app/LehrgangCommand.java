package lehrgang.app;

import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/// `lehrgang [FILE]`: opens the desktop.
@Command(
    name = "lehrgang",
    resourceBundle = "lehrgang.app.messages",
    mixinStandardHelpOptions = true,
    version = "lehrgang 0.1.0",
    subcommands = {
      ComposeCommand.class,
      DemoCommand.class,
      DeriveCommand.class,
      HandOutCommand.class,
      MarkCommand.class,
      RehearseCommand.class,
      VaryCommand.class,
      CommandLine.HelpCommand.class
    })
final class LehrgangCommand implements Callable<Integer> {
  @Parameters(arity = "0..1", paramLabel = "FILE", descriptionKey = "help.lehrgang.file")
  private Path file;

  @Override
  public Integer call() {
    return Desktop.open(Optional.ofNullable(file));
  }
}
