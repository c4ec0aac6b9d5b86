package lehrgang.desktop.desk;

import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import lehrgang.core.solution.Solution;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.journal.Entry;
import lehrgang.documents.solutionfile.SolutionFile;

/// What a journal leads to: a window's solution as it was when the journal ended.
///
/// @param saved   as it was saved or opened last
/// @param path    where it is kept; empty for one that was never saved
/// @param now     as it was in the end
/// @param history what was before and after that
/// @param closed  whether the window was closed by hand
record Replayed(
    SolutionFile saved,
    Optional<Path> path,
    Solution now,
    History<Solution> history,
    boolean closed) {
  /// Whether there is something that was not saved.
  boolean isUnsaved() {
    return !now.equals(saved.solution());
  }

  /// Goes through a journal; empty where nothing in it can be read.
  static Optional<Replayed> of(List<Entry> entries) {
    Replay replay = new Replay();
    try {
      entries.forEach(replay::go);
    } catch (IndexOutOfBoundsException e) {
      // What came after a damaged line is lost; what was before it is not.
    }
    return replay.end();
  }

  /// The texts on the way.
  private static final class Replay {
    private final History<String> history = new History<>();
    private Optional<String> path = Optional.empty();
    private String saved = "";
    private String now = "";
    private boolean closed;

    void go(Entry entry) {
      switch (entry) {
        case Entry.Opened(var from, var text) -> {
          history.clear();
          path = from;
          saved = text;
          now = text;
        }
        case Entry.Resumed(var from, var savedText, var nowText) -> {
          history.pause();
          path = from;
          saved = savedText;
          now = nowText;
        }
        case Entry.Edited(var thing, var change) -> {
          String next = change.of(now);
          history.edited(now, thing);
          now = next;
        }
        case Entry.Undone() -> now = history.undo(now).orElse(now);
        case Entry.Redone() -> now = history.redo(now).orElse(now);
        case Entry.Paused() -> history.pause();
        case Entry.Saved(var to) -> {
          history.pause();
          path = Optional.of(to);
          saved = now;
        }
        case Entry.Closed() -> {
          // Said below.
        }
      }
      closed = entry instanceof Entry.Closed;
    }

    Optional<Replayed> end() {
      try {
        SolutionFile file = SolutionFile.parse(saved, "journal");
        Solution last = SolutionFile.parse(now, "journal").solution();
        return Optional.of(
            new Replayed(file, path.map(Path::of), last, history.map(Replay::solution), closed));
      } catch (FileProblem | InvalidPathException e) {
        return Optional.empty();
      }
    }

    private static Optional<Solution> solution(String text) {
      try {
        return Optional.of(SolutionFile.parse(text, "journal").solution());
      } catch (FileProblem e) {
        return Optional.empty();
      }
    }
  }
}
