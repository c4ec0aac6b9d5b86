package lehrgang.desktop.window;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// The printers of a Unix system by its own commands, `lpstat` and `lp` (POSIX.1-2017, with the
/// options of CUPS), which take a PDF as it is: nothing of it becomes dots before the printer.
///
/// @param lpstat the command that knows the printers
/// @param lp     the command that prints
record UnixPrinters(String lpstat, String lp) {
  private static final Logger LOG = LoggerFactory.getLogger(UnixPrinters.class);

  /// A queue on another machine that does not answer is not waited for any longer, in seconds.
  private static final int PATIENCE = 20;

  private static final String USUAL = "system default destination: ";

  static UnixPrinters ofThisSystem() {
    return new UnixPrinters("lpstat", "lp");
  }

  /// Their names, the usual one first; none where nothing is known of printing.
  List<String> names() {
    List<String> names = new ArrayList<>(said(lpstat, "-e").stream().sorted().toList());
    said(lpstat, "-d").stream()
        .filter(line -> line.startsWith(USUAL))
        .map(line -> line.substring(USUAL.length()))
        .filter(names::remove)
        .findFirst()
        .ifPresent(names::addFirst);
    return names;
  }

  /// Hands a PDF over.
  ///
  /// @param copies at least 1
  /// @return whether the system has taken it
  boolean print(byte[] pdf, String printer, int copies) {
    try {
      Path file = Files.createTempFile("lehrgang", ".pdf");
      try {
        Files.write(file, pdf);
        return run(lp, "-d", printer, "-n", Integer.toString(copies), file.toString()).isPresent();
      } finally {
        Files.delete(file);
      }
    } catch (IOException e) {
      LOG.warn("nothing could be printed", e);
      return false;
    }
  }

  private static List<String> said(String... command) {
    return run(command).stream()
        .flatMap(String::lines)
        .map(String::strip)
        .filter(line -> !line.isEmpty())
        .toList();
  }

  /// What a command said; empty where it failed or is not there.
  private static Optional<String> run(String... command) {
    ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
    // What it says is read, and not shown to anybody.
    builder.environment().put("LC_ALL", "C");
    try {
      Process process = builder.start();
      process.getOutputStream().close();
      try (InputStream out = process.getInputStream()) {
        if (!process.waitFor(PATIENCE, TimeUnit.SECONDS)) {
          process.destroyForcibly();
          return Optional.empty();
        }
        String said = new String(out.readAllBytes(), StandardCharsets.UTF_8);
        if (process.exitValue() != 0) {
          LOG.warn("{} ended with {}: {}", command[0], process.exitValue(), said.strip());
          return Optional.empty();
        }
        return Optional.of(said);
      }
    } catch (IOException e) {
      LOG.info("there is no command {}", command[0]);
      return Optional.empty();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return Optional.empty();
    }
  }
}
