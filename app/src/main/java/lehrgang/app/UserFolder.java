package lehrgang.app;

import java.nio.file.Path;

/// Where the program keeps what belongs to the user and not to a solution: its log.
final class UserFolder {
  private UserFolder() {}

  static Path data() {
    String set = System.getenv("XDG_DATA_HOME");
    return set != null && !set.isBlank()
        ? Path.of(set, "lehrgang")
        : Path.of(System.getProperty("user.home"), ".local", "share", "lehrgang");
  }

  static Path log() {
    return data().resolve("lehrgang.log");
  }
}
