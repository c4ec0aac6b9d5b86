package lehrgang.desktop.window;

import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.solution.Illustration;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.desk.Notices;
import lehrgang.desktop.desk.Sight;
import lehrgang.desktop.kit.Words;
import lehrgang.desktop.window.FileDialogs.Sort;
import lehrgang.documents.figure.FigureFile;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.file.WholeFile;
import lehrgang.documents.solutionfile.PictureFile;
import lehrgang.documents.table.TableExport;
import lehrgang.documents.table.TableExport.Digits;

/// Takes parts of the page elsewhere: figures, tables, numbers and workings, to a file or the
/// clipboard.
final class PartActions {
  private final Desk desk;
  private final Notices notices;
  private final FileDialogs dialogs;

  PartActions(Desk desk, FileDialogs dialogs) {
    this.desk = desk;
    this.notices = desk.notices();
    this.dialogs = dialogs;
  }

  private interface Writing {
    void run() throws FileProblem;
  }

  private void write(Path path, Writing writing) {
    try {
      writing.run();
      notices.say(Words.of("status.written", path.getFileName()));
    } catch (FileProblem e) {
      notices.say(e.getMessage());
    }
  }

  /// Asks for a picture and puts it below the question.
  void addPicture() {
    dialogs.toOpen(new Sort("file.pictures", PictureFile.ENDINGS)).ifPresent(this::addPicture);
  }

  /// Puts a picture below the question.
  ///
  /// @return whether it could be read
  boolean addPicture(Path path) {
    try {
      Optional<Illustration> picture = Optional.of(PictureFile.read(path));
      desk.solution().edit("", now -> now.withQuestion(now.question().withPicture(picture)));
      notices.say(Words.of("status.picture", path.getFileName()));
      return true;
    } catch (FileProblem e) {
      notices.say(e.getMessage());
      return false;
    }
  }

  private void copy(ClipboardContent content, String said) {
    Clipboard.getSystemClipboard().setContent(content);
    notices.say(Words.of(said));
  }

  /// Saves a figure for slides or a paper.
  void saveFigure(FigureSpec figure) {
    dialogs
        .toSave(dialogs.nameOfSolution(), Sort.of("file.pdf", ".pdf"), Sort.of("file.svg", ".svg"))
        .ifPresent(path -> saveFigure(path, figure));
  }

  void saveFigure(Path path, FigureSpec figure) {
    write(path, () -> FigureFile.write(figure, path));
  }

  /// Puts a text on the clipboard.
  void copyText(String text) {
    ClipboardContent content = new ClipboardContent();
    content.putString(text);
    copy(content, "status.text-copied");
  }

  /// Puts a figure on the clipboard, as a picture and as SVG.
  void copyFigure(FigureSpec figure) {
    ClipboardContent content = new ClipboardContent();
    content.putImage(Printing.image(FigureFile.pdf(figure)));
    content.putString(FigureFile.svg(figure));
    copy(content, "status.figure-copied");
  }

  /// Puts a table on the clipboard, as text with tabs and as HTML.
  void copyTable(Grid grid, Digits digits) {
    export(grid, digits)
        .ifPresent(
            table -> {
              ClipboardContent content = new ClipboardContent();
              content.putString(table.tabs());
              content.putHtml(table.html());
              copy(content, "status.table-copied");
            });
  }

  void saveTable(Grid grid, Digits digits) {
    dialogs
        .toSave(dialogs.nameOfSolution(), Sort.of("file.csv", ".csv"))
        .ifPresent(path -> saveTable(path, grid, digits));
  }

  void saveTable(Path path, Grid grid, Digits digits) {
    export(grid, digits).ifPresent(table -> write(path, () -> WholeFile.write(path, table.csv())));
  }

  private Optional<TableExport> export(Grid grid, Digits digits) {
    Optional<Page> page =
        Optional.of(desk.worked().now()).filter(Sight::isCurrent).flatMap(Sight::page);
    if (page.isEmpty()) {
      notices.say(Words.of("stale"));
    }
    return page.map(shown -> new TableExport(shown, grid, digits));
  }
}
