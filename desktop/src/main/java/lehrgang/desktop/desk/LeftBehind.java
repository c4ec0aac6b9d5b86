package lehrgang.desktop.desk;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import lehrgang.documents.journal.Entry;
import lehrgang.documents.journal.Journal;
import lehrgang.documents.journal.JournalFolder;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// What windows left unsaved that are gone, whether they were closed or the program was killed.
public final class LeftBehind {
  private static final Logger LOG = LoggerFactory.getLogger(LeftBehind.class);

  private final JournalFolder folder;
  private final List<Known> left = new ArrayList<>();

  /// What leads to a journal. What stands in it is read again when it is asked for, since many
  /// windows may be closed before the program ends.
  ///
  /// @param path   where the solution is kept; empty for one that was never saved
  /// @param closed whether its window was closed by hand
  private record Known(Journal journal, Optional<Path> path, boolean closed) {}

  /// What one window left.
  ///
  /// @param journal which is gone on with
  public record One(Journal journal, Replayed replayed) {}

  /// @param userFolder the user's data folder
  public LeftBehind(Path userFolder) {
    this.folder = new JournalFolder(userFolder.resolve("journal"));
  }

  JournalFolder folder() {
    return folder;
  }

  /// What was left of a solution, at most one; it is not there any more for others.
  ///
  /// @param path where the solution is kept; empty for what was never saved
  public Optional<One> take(Optional<Path> path) {
    Optional<Path> whole = path.map(LeftBehind::whole);
    return take(known -> known.path().equals(whole));
  }

  /// What was left in windows that nobody closed, and what was never saved, which nothing else
  /// leads to.
  public List<One> takeOpen() {
    List<One> open = new ArrayList<>();
    for (Optional<One> next = takeNextOpen(); next.isPresent(); next = takeNextOpen()) {
      open.add(next.get());
    }
    return open;
  }

  private Optional<One> takeNextOpen() {
    return take(known -> !known.closed() || known.path().isEmpty());
  }

  private Optional<One> take(Predicate<Known> wanted) {
    look();
    Optional<Known> found = left.stream().filter(wanted).findFirst();
    found.ifPresent(left::remove);
    return found.flatMap(LeftBehind::read);
  }

  private static Optional<One> read(Known known) {
    try {
      return Replayed.of(known.journal().entries())
          .map(replayed -> new One(known.journal(), replayed));
    } catch (IOException e) {
      LOG.warn("what was left unsaved could not be read again", e);
      return Optional.empty();
    }
  }

  /// Windows may have been closed since.
  private void look() {
    try {
      for (Journal journal : folder.left()) {
        List<Entry> entries = journal.entries();
        Optional<Replayed> replayed = Replayed.of(entries);
        if (replayed.filter(Replayed::isUnsaved).isPresent()) {
          left.add(known(journal, replayed.get()));
        } else if (replayed.isPresent() || entries.isEmpty()) {
          journal.drop();
        } else {
          LOG.warn("a journal leads to nothing that can be shown; it is set aside");
          journal.setAside();
        }
      }
    } catch (IOException e) {
      LOG.warn("what was left unsaved could not be read", e);
    }
  }

  private static Known known(Journal journal, Replayed replayed) {
    return new Known(journal, replayed.path().map(LeftBehind::whole), replayed.closed());
  }

  private static Path whole(Path path) {
    return path.toAbsolutePath().normalize();
  }
}
