package lehrgang.desktop.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// Undo leads back through every state, and nothing that was done is out of reach.
class HistoryTest {
  @TempDir private Path folder;

  /// Edits, undoes and redoes by chance, beside a plain list of all states that says what is right.
  @RepeatedTest(20)
  void undoAndRedoWalkAlongTheStates(RepetitionInfo turn) {
    Random random = new Random(turn.getCurrentRepetition());
    History<Integer> history = new History<>();
    List<Integer> states = new ArrayList<>(List.of(0));
    int place = 0;
    for (int next = 1; next < 200; next++) {
      switch (random.nextInt(4)) {
        case 0 -> {
          Optional<Integer> before = history.undo(states.get(place));
          assertThat(before.isPresent()).isEqualTo(place > 0);
          place = Math.max(0, place - 1);
          before.ifPresent(states.get(place)::equals);
          assertThat(before.orElse(states.get(0))).isEqualTo(states.get(place));
        }
        case 1 -> {
          Optional<Integer> after = history.redo(states.get(place));
          assertThat(after.isPresent()).isEqualTo(place < states.size() - 1);
          place = Math.min(states.size() - 1, place + 1);
          assertThat(after.orElse(states.get(place))).isEqualTo(states.get(place));
        }
        default -> {
          history.edited(states.get(place), "");
          states.subList(place + 1, states.size()).clear();
          states.add(next);
          place++;
        }
      }
      assertThat(history.canUndo()).isEqualTo(place > 0);
      assertThat(history.canRedo()).isEqualTo(place < states.size() - 1);
    }
  }

  @Test
  void lettersOfOneFieldAreUndoneTogetherUntilItIsLeft() {
    History<String> history = new History<>();
    history.edited("", "title");
    history.edited("L", "title");
    history.edited("La", "title");
    history.pause();
    history.edited("Lake", "title");
    assertThat(history.undo("Lake loop")).contains("Lake");
    assertThat(history.undo("Lake")).contains("");
    assertThat(history.undo("")).isEmpty();
    assertThat(history.redo("")).contains("Lake");
  }

  @Test
  void anotherFieldBeginsAnotherEdit() {
    History<String> history = new History<>();
    history.edited("a", "count-1-1");
    history.edited("b", "count-1-2");
    assertThat(history.undo("c")).contains("b");
    assertThat(history.undo("b")).contains("a");
  }

  @Test
  void filesUsedLastAreListedOnceTheLatestFirstAndGoneOnesAreLeftOut() throws Exception {
    RecentFiles recent = new RecentFiles(folder.resolve("user"));
    assertThat(recent.all()).isEmpty();
    List<Path> files = new ArrayList<>();
    for (int k = 0; k < 10; k++) {
      Path file = Files.writeString(folder.resolve("s" + k + ".lehrgang"), "{}");
      files.add(file);
      recent.add(file);
    }
    recent.add(files.get(5));
    assertThat(recent.all())
        .hasSize(8)
        .doesNotHaveDuplicates()
        .startsWith(files.get(5), files.get(9))
        .doesNotContain(files.get(0));
    Files.delete(files.get(9));
    assertThat(new RecentFiles(folder.resolve("user")).all()).doesNotContain(files.get(9));
  }

  @Test
  void aListThatCannotBeReadIsAnEmptyOne() throws Exception {
    Path user = Files.createDirectory(folder.resolve("user"));
    Files.write(user.resolve("recent.txt"), new byte[] {(byte) 0xff, 0, (byte) 0xfe});
    assertThat(new RecentFiles(user).all()).isEmpty();
  }
}
