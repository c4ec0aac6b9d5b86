package lehrgang.desktop.window;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.Clipboard;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.ClassMarks;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Blanks;
import lehrgang.core.page.Page;
import lehrgang.core.solution.Solution;
import lehrgang.desktop.check.CheckView;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.desk.Sight;
import lehrgang.desktop.kit.Words;
import lehrgang.desktop.window.FileDialogs.Sort;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.file.WholeFile;
import lehrgang.documents.marks.AnswersFile;
import lehrgang.documents.marks.MarksFile;
import lehrgang.documents.solutionfile.DemoCourse;

/// Answers in, marks out.
final class CheckActions {
  private static final Sort ANSWERS = new Sort("file.answers", AnswersFile.ENDINGS);

  private final Desk desk;
  private final FileDialogs dialogs;
  private final Runnable shown;

  /// @param shown brings the answers in front
  CheckActions(Desk desk, FileDialogs dialogs, Runnable shown) {
    this.desk = desk;
    this.dialogs = dialogs;
    this.shown = shown;
  }

  CheckView.Use use(Runnable leave) {
    return new CheckView.Use() {
      @Override
      public void leave() {
        leave.run();
      }

      @Override
      public void open() {
        dialogs.toOpen(ANSWERS).ifPresent(CheckActions.this::open);
      }

      @Override
      public void paste() {
        Optional.ofNullable(Clipboard.getSystemClipboard().getString())
            .ifPresentOrElse(
                desk.checking()::paste, () -> desk.notices().say(Words.of("status.no-table")));
      }

      @Override
      public void save(ClassMarks marks) {
        dialogs
            .toSave(dialogs.nameOfSolution() + "-marks", Sort.of("file.csv", ".csv"))
            .ifPresent(path -> CheckActions.this.save(path, marks));
      }

      @Override
      public boolean hasExample() {
        return desk.solution().now().table().equals(demo().table());
      }

      @Override
      public void example() {
        try {
          CheckActions.this.open(DemoCourse.answers(Files.createTempDirectory("lehrgang-demo")));
        } catch (IOException e) {
          throw new UncheckedIOException(e);
        }
      }

      @Override
      public void template() {
        dialogs
            .toSave(dialogs.nameOfSolution() + "-answers", Sort.of("file.csv", ".csv"))
            .ifPresent(CheckActions.this::template);
      }
    };
  }

  /// The solution that the example class answered.
  private static Solution demo() {
    return DemoCourse.open(DemoCourse.names().getFirst()).solution();
  }

  void open(Path path) {
    if (desk.checking().open(path)) {
      shown.run();
    }
  }

  void save(Path path, ClassMarks marks) {
    write(
        FileDialogs.withEnding(path, ".csv"),
        MarksFile.csv(marks.lines(), marks.sheets()),
        Words.of("status.marks", marks.sheets().size(), path.getFileName()));
  }

  /// A table for answers to all that the worksheet asks.
  void template(Path path) {
    Optional<Page> sheet =
        Optional.of(desk.worked().now())
            .filter(Sight::isCurrent)
            .flatMap(Sight::result)
            .map(result -> Page.of(desk.solution().now(), result.derivation(), Audience.STUDENT));
    if (sheet.isEmpty()) {
      desk.notices().say(Words.of("stale"));
      return;
    }
    List<LineId> asked = Blanks.of(sheet.get()).lines();
    write(
        FileDialogs.withEnding(path, ".csv"),
        AnswersFile.template(asked),
        Words.of("status.written", path.getFileName()));
  }

  private void write(Path path, String text, String said) {
    try {
      WholeFile.write(path, text);
      desk.notices().say(said);
    } catch (FileProblem e) {
      desk.notices().say(e.getMessage());
    }
  }
}
