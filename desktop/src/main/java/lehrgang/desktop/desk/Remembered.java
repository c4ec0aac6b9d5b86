package lehrgang.desktop.desk;

import java.io.IOException;
import java.io.Reader;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Properties;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// What the program remembers of its windows from one start to the next; kept in the user's data
/// folder. What cannot be read or written is not remembered, and nothing else comes of it.
public final class Remembered {
  private static final Logger LOG = LoggerFactory.getLogger(Remembered.class);

  private final Path file;

  /// @param userFolder the user's data folder
  public Remembered(Path userFolder) {
    this.file = userFolder.resolve("windows.properties");
  }

  /// What was remembered under a name.
  public Optional<String> get(String name) {
    return Optional.ofNullable(read().getProperty(name));
  }

  /// A number that was remembered under a name; empty for what is none.
  public Optional<Double> number(String name) {
    try {
      return get(name).map(Double::valueOf).filter(Double::isFinite);
    } catch (NumberFormatException e) {
      return Optional.empty();
    }
  }

  public void put(String name, Object value) {
    Properties all = read();
    all.setProperty(name, value.toString());
    try {
      Files.createDirectories(file.getParent());
      try (Writer out = Files.newBufferedWriter(file)) {
        all.store(out, null);
      }
    } catch (IOException e) {
      LOG.warn("what is to be remembered could not be written", e);
    }
  }

  private Properties read() {
    Properties all = new Properties();
    if (Files.isRegularFile(file)) {
      try (Reader in = Files.newBufferedReader(file)) {
        all.load(in);
      } catch (IOException | IllegalArgumentException e) {
        LOG.warn("what was remembered could not be read", e);
      }
    }
    return all;
  }
}
