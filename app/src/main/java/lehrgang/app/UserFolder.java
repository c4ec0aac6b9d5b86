package lehrgang.app;

import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;

/// Where the program keeps what belongs to the user and not to a solution: its log, and what was
/// not saved.
final class UserFolder {
  private UserFolder() {}

  static Path data() {
    return data(
        System.getProperty("os.name"), System.getenv(), Path.of(System.getProperty("user.home")));
  }

  /// Each system has a place of its own for that.
  static Path data(String system, Map<String, String> environment, Path home) {
    String name = system.toLowerCase(Locale.ROOT);
    if (name.contains("mac")) {
      return home.resolve("Library").resolve("Application Support").resolve("Lehrgang");
    }
    boolean windows = name.contains("windows");
    String set = environment.getOrDefault(windows ? "APPDATA" : "XDG_DATA_HOME", "");
    if (!set.isBlank()) {
      return Path.of(set, windows ? "Lehrgang" : "lehrgang");
    }
    return windows
        ? home.resolve("AppData").resolve("Roaming").resolve("Lehrgang")
        : home.resolve(".local").resolve("share").resolve("lehrgang");
  }

  static Path log() {
    return data().resolve("lehrgang.log");
  }
}
