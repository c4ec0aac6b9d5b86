package lehrgang.desktop.kit;

import java.nio.file.Path;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// Errors that nobody expected: each is logged, and said in one sentence that names the log.
public final class Unexpected {
  private static final Logger LOG = LoggerFactory.getLogger(Unexpected.class);

  private static volatile Optional<Path> log = Optional.empty();

  private Unexpected() {}

  /// Names the file into which the program logs.
  public static void loggedIn(Path file) {
    log = Optional.of(file);
  }

  /// Logs an error. May be called by any thread.
  ///
  /// @return what to say of it
  public static String sentence(Throwable error) {
    LOG.error("unexpected", error);
    return log.map(file -> Words.of("status.failed.in", file))
        .orElseGet(() -> Words.of("status.failed"));
  }
}
