package lehrgang.app;

import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import lehrgang.documents.file.Program;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/// `lehrgang [FILE]`: opens the desktop.
@Command(
    name = "lehrgang",
    resourceBundle = "lehrgang.app.messages",
    mixinStandardHelpOptions = true,
    versionProvider = LehrgangCommand.Version.class)
final class LehrgangCommand implements Callable<Integer> {
  /// What `--version` says.
  static final class Version implements CommandLine.IVersionProvider {
    @Override
    public String[] getVersion() {
      return new String[] {"lehrgang " + Program.version()};
    }
  }

  @Parameters(arity = "0..1", paramLabel = "FILE", descriptionKey = "help.lehrgang.file")
  private Path file;

  @Override
  public Integer call() {
    return Desktop.open(Optional.ofNullable(file));
  }
}
