package lehrgang.documents.file;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Properties;

/// The program that writes files: its name and its version, which the build fills in.
public final class Program {
  public static final String NAME = "Lehrgang";

  private static final String VERSION = read();

  private Program() {}

  /// Such as `1.0.0`.
  public static String version() {
    return VERSION;
  }

  private static String read() {
    Properties properties = new Properties();
    try (InputStream filled = Program.class.getResourceAsStream("program.properties")) {
      properties.load(filled);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return properties.getProperty("version");
  }
}
