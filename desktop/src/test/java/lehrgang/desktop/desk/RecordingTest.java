package lehrgang.desktop.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import lehrgang.core.solution.Solution;
import lehrgang.documents.journal.Journal;
import lehrgang.documents.journal.JournalFolder;
import lehrgang.documents.solutionfile.SolutionFile;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// What is written down while somebody types, and how soon.
class RecordingTest {
  private static final SolutionFile DEMO = SolutionFile.demo();

  @TempDir private Path user;

  private JournalFolder folder;
  private Recording recording;

  @BeforeEach
  void begin() {
    folder = new JournalFolder(user.resolve("journal"));
    recording = new Recording(folder, new Notices(), Optional.empty(), Duration.ofMinutes(1));
    recording.opened(DEMO, Optional.empty());
  }

  private static SolutionFile titled(int k) {
    Solution solution = DEMO.solution();
    return DEMO.with(solution.withQuestion(solution.question().withTitle("Walkers " + k)));
  }

  private Path journal() throws IOException {
    try (var files = Files.list(folder.folder())) {
      return files.findFirst().orElseThrow();
    }
  }

  /// Types, and steps back and on, as somebody does who is in a hurry.
  ///
  /// @return the states that one may step back to, the one that is there last
  private Deque<SolutionFile> hurry(Random random, int steps) throws IOException {
    Deque<SolutionFile> behind = new ArrayDeque<>(List.of(DEMO));
    Deque<SolutionFile> ahead = new ArrayDeque<>();
    for (int k = 1; k <= steps; k++) {
      int what = random.nextInt(4);
      if (what == 0 && behind.size() > 1) {
        ahead.push(behind.removeLast());
        recording.undone(behind.getLast());
      } else if (what == 1 && !ahead.isEmpty()) {
        behind.addLast(ahead.pop());
        recording.redone(behind.getLast());
      } else {
        ahead.clear();
        behind.addLast(titled(k));
        recording.edited("title " + k, behind.getLast());
      }
      assertThat(Files.readAllLines(journal()))
          .as("all that was typed before, when more is taken")
          .hasSizeGreaterThanOrEqualTo(k);
    }
    return behind;
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3})
  void whatWasTypedBeforeIsWrittenWhenMoreIsTakenAndLeadsToWhatIsThere(long seed)
      throws IOException {
    Deque<SolutionFile> behind = hurry(new Random(seed), 100);
    recording.end(true);
    try (Journal left = folder.left().getFirst()) {
      Replayed replayed = Replayed.of(left.entries()).orElseThrow();
      Solution now = replayed.now();
      assertThat(now).isEqualTo(behind.removeLast().solution());
      while (!behind.isEmpty()) {
        now = replayed.history().undo(now).orElseThrow();
        assertThat(now).as("a step back").isEqualTo(behind.removeLast().solution());
      }
    }
  }
}
