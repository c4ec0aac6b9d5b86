package lehrgang.desktop.desk;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.journal.Entry;
import lehrgang.documents.journal.Journal;
import lehrgang.documents.journal.JournalFolder;
import lehrgang.documents.journal.TextChange;
import lehrgang.documents.solutionfile.SolutionFile;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// Writes down what happens to the open solution, beside the interface and in its order.
final class Recording implements Recorder {
  private static final Logger LOG = LoggerFactory.getLogger(Recording.class);

  /// A journal that is longer is begun anew: what was undone before that is not brought back.
  private static final long LONGEST = 32_000_000;

  private static final long PATIENCE = 5;

  /// How long what is typed next waits for what was typed before: together with the time for one
  /// entry, less than the quarter of a second that a kill may cost.
  private static final Duration LONGEST_WAIT = Duration.ofMillis(100);

  private final JournalFolder folder;
  private final Notices notices;
  private final Duration longestWait;
  private final ExecutorService writer =
      Executors.newSingleThreadExecutor(Thread.ofPlatform().daemon().name("journal").factory());

  // Only the interface's thread knows these.
  private CountDownLatch latest = new CountDownLatch(0);
  private boolean stuck;

  // Only the writer's thread knows these.
  private Optional<Journal> journal;
  private Optional<Journal> replaced = Optional.empty();
  private Optional<String> path = Optional.empty();
  private String saved = "";
  private String text = "";
  private boolean paused = true;
  private boolean failed;

  /// @param journal that is gone on with; empty for a new one
  Recording(JournalFolder folder, Notices notices, Optional<Journal> journal) {
    this(folder, notices, journal, LONGEST_WAIT);
  }

  Recording(
      JournalFolder folder, Notices notices, Optional<Journal> journal, Duration longestWait) {
    this.folder = folder;
    this.notices = notices;
    this.longestWait = longestWait;
    this.journal = journal;
  }

  @Override
  public void opened(SolutionFile file, Optional<Path> from) {
    write(
        () -> {
          leave();
          path = from.map(there -> there.toAbsolutePath().toString());
          text = file.text();
          saved = text;
          add(new Entry.Opened(path, text));
        });
  }

  /// What was not saved of the solution before keeps a journal of its own.
  private void leave() {
    if (journal.isPresent() && !text.equals(saved)) {
      add(new Entry.Closed());
      replaced.ifPresent(Recording::close);
      replaced = journal;
      journal = Optional.empty();
    }
  }

  @Override
  public void broughtBack() {
    write(
        () -> {
          replaced.ifPresent(Recording::drop);
          replaced = Optional.empty();
        });
  }

  /// Goes on from where a journal ended.
  void resumed(SolutionFile file, Optional<Path> from, SolutionFile now) {
    write(
        () -> {
          path = from.map(there -> there.toAbsolutePath().toString());
          saved = file.text();
          text = now.text();
          add(new Entry.Resumed(path, saved, text));
        });
  }

  @Override
  public void edited(String thing, SolutionFile now) {
    waitForTheLatest();
    write(
        () -> {
          String next = now.text();
          add(new Entry.Edited(thing, TextChange.between(text, next)));
          text = next;
          paused = false;
        });
  }

  @Override
  public void undone(SolutionFile now) {
    stepped(new Entry.Undone(), now);
  }

  @Override
  public void redone(SolutionFile now) {
    stepped(new Entry.Redone(), now);
  }

  private void stepped(Entry step, SolutionFile now) {
    waitForTheLatest();
    write(
        () -> {
          add(step);
          text = now.text();
        });
  }

  @Override
  public void paused() {
    write(
        () -> {
          if (!paused) {
            add(new Entry.Paused());
            paused = true;
            settle();
          }
        });
  }

  @Override
  public void saved(Path to) {
    write(
        () -> {
          path = Optional.of(to.toAbsolutePath().toString());
          saved = text;
          add(new Entry.Saved(path.get()));
        });
  }

  private void write(Runnable entry) {
    CountDownLatch written = new CountDownLatch(1);
    latest = written;
    writer.execute(
        () -> {
          try {
            entry.run();
          } finally {
            written.countDown();
          }
        });
  }

  /// Lets nobody type on while what was typed before is not written, for a moment at most: where
  /// nothing is written at all, that moment is waited for once and not with every key.
  private void waitForTheLatest() {
    if (stuck && latest.getCount() > 0) {
      return;
    }
    try {
      stuck = !latest.await(longestWait.toMillis(), TimeUnit.MILLISECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private void add(Entry entry) {
    try {
      if (journal.isPresent() && journal.get().size() > LONGEST) {
        beginAnew();
      }
      if (journal.isEmpty()) {
        journal = Optional.of(folder.begin());
        if (!(entry instanceof Entry.Opened)) {
          journal.get().add(new Entry.Opened(path, saved));
          journal.get().add(new Entry.Edited("", TextChange.between(saved, text)));
        }
      }
      journal.get().add(entry);
      failed = false;
    } catch (IOException e) {
      if (!failed) {
        LOG.warn("what was typed could not be kept", e);
        failed = true;
      }
      Platform.runLater(() -> notices.say(Words.of("journal.failed", folder.folder())));
    }
  }

  /// Nothing of it is only in the system's memory, should the power fail.
  private void settle() {
    try {
      if (journal.isPresent()) {
        journal.get().settle();
      }
    } catch (IOException e) {
      LOG.warn("the system did not say that a journal is on the disk", e);
    }
  }

  /// What was there goes once the new one has it.
  private void beginAnew() throws IOException {
    Journal before = journal.orElseThrow();
    Journal next = folder.begin();
    next.add(new Entry.Opened(path, saved));
    next.add(new Entry.Edited("", TextChange.between(saved, text)));
    journal = Optional.of(next);
    before.drop();
  }

  /// Waits until all is written, and lets go of the journal.
  ///
  /// @param misses whether somebody would miss what is in it
  void end(boolean misses) {
    write(
        () -> {
          if (misses && journal.isPresent()) {
            add(new Entry.Closed());
            journal.ifPresent(Recording::close);
          } else {
            journal.ifPresent(Recording::drop);
          }
          replaced.ifPresent(Recording::close);
        });
    writer.shutdown();
    try {
      if (!writer.awaitTermination(PATIENCE, TimeUnit.SECONDS)) {
        LOG.warn("a journal is still being written");
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private static void close(Journal journal) {
    try {
      journal.close();
    } catch (IOException e) {
      LOG.warn("a journal could not be closed", e);
    }
  }

  private static void drop(Journal journal) {
    try {
      journal.drop();
    } catch (IOException e) {
      LOG.warn("a journal could not be dropped", e);
    }
  }
}
