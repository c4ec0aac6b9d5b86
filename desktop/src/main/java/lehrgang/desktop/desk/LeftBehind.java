package lehrgang.desktop.desk;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
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
  private final List<One> left = new ArrayList<>();

  /// What one window left.
  ///
  /// @param journal which is gone on with
  public record One(Journal journal, Replayed replayed) {
    /// Where the solution is kept; empty for one that was never saved.
    public Optional<Path> path() {
      return replayed.path();
    }
  }

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
    return take(one -> one.path().map(LeftBehind::whole).equals(whole));
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
    return take(one -> !one.replayed().closed() || one.path().isEmpty());
  }

  private Optional<One> take(Predicate<One> wanted) {
    look();
    for (Iterator<One> all = left.iterator(); all.hasNext(); ) {
      One one = all.next();
      if (wanted.test(one)) {
        all.remove();
        return Optional.of(one);
      }
    }
    return Optional.empty();
  }

  /// Windows may have been closed since.
  private void look() {
    try {
      for (Journal journal : folder.left()) {
        List<Entry> entries = journal.entries();
        Optional<Replayed> replayed = Replayed.of(entries);
        if (replayed.filter(Replayed::isUnsaved).isPresent()) {
          left.add(new One(journal, replayed.get()));
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

  private static Path whole(Path path) {
    return path.toAbsolutePath().normalize();
  }
}
