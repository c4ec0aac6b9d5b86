package lehrgang.desktop.window;

import java.nio.file.Path;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.procedure.StyleDifferences;
import lehrgang.core.solution.CourseStyle;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.solutionfile.StyleFile;

/// Keeps the style of the open solution's course in a file, and takes one from a file.
final class StyleActions {
  static final FileDialogs.Sort STYLES = FileDialogs.Sort.of("file.styles", StyleFile.ENDING);

  private final Desk desk;
  private final FileDialogs dialogs;

  StyleActions(Desk desk, FileDialogs dialogs) {
    this.desk = desk;
    this.dialogs = dialogs;
  }

  /// Asks for a file and gives its style to the solution.
  void open() {
    dialogs.toOpen(STYLES).ifPresent(this::open);
  }

  /// Gives the style in a file to the solution, in one step that is undone at once.
  void open(Path path) {
    try {
      CourseStyle style = StyleFile.load(path).style();
      desk.solution().edit("", now -> style.on(now, Procedures::isSettledByCourse));
      desk.notices()
          .say(
              Words.of(
                  "course.taken",
                  path.getFileName(),
                  StyleDifferences.of(desk.solution().now()).size()));
    } catch (FileProblem e) {
      desk.notices().say(e.getMessage());
    }
  }

  /// Asks where, and keeps the style of the solution there.
  void save() {
    dialogs.toSave(Words.of("course.file"), STYLES).ifPresent(this::save);
  }

  /// Keeps the style of the solution; what another version wrote into the file stays.
  void save(Path path) {
    CourseStyle style = CourseStyle.of(desk.solution().now(), Procedures::isSettledByCourse);
    Path named = FileDialogs.withEnding(path, StyleFile.ENDING);
    try {
      before(named).with(style).save(named);
      desk.notices().say(Words.of("course.kept", named.getFileName()));
    } catch (FileProblem e) {
      desk.notices().say(e.getMessage());
    }
  }

  private static StyleFile before(Path path) {
    try {
      return StyleFile.load(path);
    } catch (FileProblem e) {
      return StyleFile.fresh(CourseStyle.usual());
    }
  }
}
