package lehrgang.desktop.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import lehrgang.core.solution.Solution;
import lehrgang.documents.journal.Entry;
import lehrgang.documents.journal.Journal;
import lehrgang.documents.journal.JournalFolder;
import lehrgang.documents.journal.TextChange;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// What windows left that are gone: whoever opens the file again has it back, once.
class LeftBehindTest {
  private static final SolutionFile ROUTES = DemoCourse.open("route-and-season");
  private static final SolutionFile GATES = DemoCourse.open("deer-gate");

  @TempDir private Path user;

  private JournalFolder journals;
  private LeftBehind left;

  @BeforeEach
  void begin() {
    journals = new JournalFolder(user.resolve("journal"));
    left = new LeftBehind(user);
  }

  private static String titled(SolutionFile file, String title) {
    Solution solution = file.solution();
    return file.with(solution.withQuestion(solution.question().withTitle(title))).text();
  }

  /// A window that had a file, was typed in, and is gone.
  private void leave(SolutionFile file, Optional<Path> path, boolean closed, String... titles)
      throws IOException {
    try (Journal journal = journals.begin()) {
      String now = file.text();
      journal.add(new Entry.Opened(path.map(Path::toString), now));
      for (String title : titles) {
        String next = titled(file, title);
        journal.add(new Entry.Edited("", TextChange.between(now, next)));
        now = next;
      }
      if (closed) {
        journal.add(new Entry.Closed());
      }
    }
  }

  private int kept() throws IOException {
    try (var files = Files.list(journals.folder())) {
      return (int) files.filter(file -> file.toString().endsWith(".journal")).count();
    }
  }

  private static String title(LeftBehind.One one) {
    return one.replayed().now().question().title();
  }

  @Test
  void nothingIsLeftWhereNoWindowWas() {
    assertThat(left.takeOpen()).isEmpty();
    assertThat(left.take(Optional.empty())).isEmpty();
  }

  /// After a kill every window comes back with its steps back, and no window twice.
  @Test
  void aKilledWindowComesBackOnceWithItsSteps() throws IOException {
    Path routes = user.resolve("routes.lehrgang");
    leave(ROUTES, Optional.of(routes), false, "First", "Second");
    leave(GATES, Optional.empty(), false, "Third");
    List<LeftBehind.One> open = left.takeOpen();
    assertThat(open).extracting(LeftBehindTest::title).containsExactlyInAnyOrder("Second", "Third");
    Replayed first =
        open.stream()
            .map(LeftBehind.One::replayed)
            .filter(replayed -> replayed.path().equals(Optional.of(routes)))
            .findFirst()
            .orElseThrow();
    assertThat(first.saved().solution()).isEqualTo(ROUTES.solution());
    assertThat(first.history().undo(first.now()))
        .hasValueSatisfying(before -> assertThat(before.question().title()).isEqualTo("First"));
    assertThat(left.takeOpen()).isEmpty();
    assertThat(left.take(Optional.of(routes))).isEmpty();
  }

  /// A window that was closed by hand waits until its file is opened again, by whatever way its
  /// path is written.
  @Test
  void aClosedWindowWaitsForItsFile() throws IOException {
    Path routes = user.resolve("routes.lehrgang");
    leave(ROUTES, Optional.of(routes), true, "Typed");
    assertThat(left.takeOpen()).isEmpty();
    assertThat(left.take(Optional.of(user.resolve("gates.lehrgang")))).isEmpty();
    Path roundabout = user.resolve("journal").resolve("..").resolve("routes.lehrgang");
    assertThat(left.take(Optional.of(roundabout)))
        .hasValueSatisfying(one -> assertThat(title(one)).isEqualTo("Typed"));
    assertThat(left.take(Optional.of(routes))).isEmpty();
    assertThat(kept()).isEqualTo(1);
  }

  /// Nothing else leads to what was never saved: it comes back at the next start although its
  /// window was closed.
  @Test
  void whatWasNeverSavedComesBackEvenIfItWasClosed() throws IOException {
    leave(GATES, Optional.empty(), true, "Never saved");
    assertThat(left.takeOpen()).extracting(LeftBehindTest::title).containsExactly("Never saved");
  }

  /// Whoever opened a file and typed nothing leaves nothing.
  @Test
  void whatIsAsItWasSavedIsNotKept() throws IOException {
    leave(ROUTES, Optional.of(user.resolve("routes.lehrgang")), false);
    leave(GATES, Optional.empty(), true);
    assertThat(left.takeOpen()).isEmpty();
    assertThat(kept()).isZero();
  }

  @Test
  void anEditThatWasSavedIsNotKept() throws IOException {
    Path routes = user.resolve("routes.lehrgang");
    try (Journal journal = journals.begin()) {
      journal.add(new Entry.Opened(Optional.of(routes.toString()), ROUTES.text()));
      String next = titled(ROUTES, "Saved");
      journal.add(new Entry.Edited("", TextChange.between(ROUTES.text(), next)));
      journal.add(new Entry.Saved(routes.toString()));
    }
    assertThat(left.take(Optional.of(routes))).isEmpty();
    assertThat(kept()).isZero();
  }

  /// What cannot be read is set aside, and no window is opened for it; the others come back.
  @Test
  void whatLeadsToNothingIsSetAside() throws IOException {
    try (Journal journal = journals.begin()) {
      journal.add(new Entry.Opened(Optional.empty(), "{ no solution"));
      journal.add(new Entry.Edited("", TextChange.between("", "x")));
    }
    leave(ROUTES, Optional.empty(), false, "Whole");
    assertThat(left.takeOpen()).extracting(LeftBehindTest::title).containsExactly("Whole");
    try (var files = Files.list(journals.folder())) {
      assertThat(files.filter(file -> file.toString().endsWith(".unread"))).hasSize(1);
    }
  }

  /// Several windows may be closed with one file; the oldest comes first, none is lost.
  @Test
  void severalThatWereLeftOfOneFileComeOneAfterTheOther() throws IOException {
    Optional<Path> routes = Optional.of(user.resolve("routes.lehrgang"));
    for (int k = 0; k < 3; k++) {
      leave(ROUTES, routes, true, "Time " + k);
      left.takeOpen();
    }
    for (int k = 0; k < 3; k++) {
      String expected = "Time " + k;
      assertThat(left.take(routes))
          .hasValueSatisfying(one -> assertThat(title(one)).isEqualTo(expected));
    }
    assertThat(left.take(routes)).isEmpty();
  }

  /// A window that is open has its journal to itself, and whoever took one goes on with it.
  @Test
  void aJournalThatAWindowHasIsNotTaken() throws IOException {
    try (Journal open = journals.begin()) {
      open.add(new Entry.Opened(Optional.empty(), ROUTES.text()));
      open.add(
          new Entry.Edited("", TextChange.between(ROUTES.text(), titled(ROUTES, "Being typed"))));
      assertThat(left.takeOpen()).isEmpty();
    }
    LeftBehind.One one = left.takeOpen().getFirst();
    assertThat(new LeftBehind(user).takeOpen()).isEmpty();
    one.journal().add(new Entry.Undone());
    one.journal().close();
    assertThat(new LeftBehind(user).takeOpen()).isEmpty();
  }
}
