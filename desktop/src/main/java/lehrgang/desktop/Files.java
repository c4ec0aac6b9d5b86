package lehrgang.desktop;

import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import lehrgang.core.page.Audience;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.figure.FigureFile;
import lehrgang.documents.handout.HtmlHandout;
import lehrgang.documents.solutionfile.FileProblem;
import lehrgang.documents.solutionfile.SolutionFile;
import lehrgang.documents.table.TableExport;
import lehrgang.documents.table.TableExport.Digits;

/// Opening, saving and handing out: the only moments in which the window asks for a file.
final class Files {
  static final String ENDING = ".lehrgang";

  private static final List<String> DATA = List.of("*.csv", "*.tsv", "*.txt", "*.xlsx", "*.ods");
  private static final List<String> ANY =
      Stream.concat(Stream.of("*" + ENDING), DATA.stream()).toList();

  private final Workbench workbench;
  private final RecentFiles recent;
  private final Arrival arrived;

  /// Shows a file of data before it is taken.
  interface Arrival {
    void show(CaseSource file) throws FileProblem;
  }

  /// @param arrived what to do with a file of data
  Files(Workbench workbench, RecentFiles recent, Arrival arrived) {
    this.workbench = workbench;
    this.recent = recent;
    this.arrived = arrived;
  }

  void open(Window window) {
    open(window, () -> {});
  }

  /// @param opened what to do once a file was chosen
  void open(Window window, Runnable opened) {
    FileChooser chooser = new FileChooser();
    chooser
        .getExtensionFilters()
        .addAll(
            new FileChooser.ExtensionFilter(Words.of("file.any"), ANY),
            new FileChooser.ExtensionFilter(Words.of("file.solutions"), "*" + ENDING),
            new FileChooser.ExtensionFilter(Words.of("file.data"), DATA));
    Optional.ofNullable(chooser.showOpenDialog(window))
        .map(File::toPath)
        .ifPresent(
            path -> {
              opened.run();
              drop(path);
            });
  }

  void open(Path path) {
    try {
      workbench.open(path);
      recent.add(path);
      new Counting(workbench).verify();
    } catch (FileProblem e) {
      workbench.notice().set(Notice.of(e.getMessage()));
    }
  }

  /// A dropped file is a solution or a table.
  void drop(Path path) {
    if (path.toString().endsWith(ENDING)) {
      open(path);
      return;
    }
    try {
      arrived.show(CaseSource.open(path));
    } catch (FileProblem e) {
      workbench.notice().set(Notice.of(e.getMessage()));
    }
  }

  void save(Window window) {
    workbench.path().ifPresentOrElse(this::save, () -> saveAs(window));
  }

  private void saveAs(Window window) {
    FileChooser chooser = chooser("file.solutions", "*" + ENDING);
    chooser.setInitialFileName(suggestedName() + ENDING);
    Optional.ofNullable(chooser.showSaveDialog(window)).map(File::toPath).ifPresent(this::save);
  }

  void save(Path path) {
    Path named =
        path.getFileName().toString().contains(".")
            ? path
            : path.resolveSibling(path.getFileName() + ENDING);
    try {
      workbench.save(named);
      recent.add(named);
    } catch (FileProblem e) {
      workbench.notice().set(Notice.of(e.getMessage()));
    }
  }

  void handOut(Window window, Audience audience) {
    FileChooser chooser = chooser("file.pages", "*.html");
    chooser.setInitialFileName(suggestedName() + "-" + audience.key() + ".html");
    Optional.ofNullable(chooser.showSaveDialog(window))
        .map(File::toPath)
        .ifPresent(path -> handOut(path, audience));
  }

  void handOut(Path path, Audience audience) {
    Optional<Sight.Result> result =
        Optional.of(workbench.sight().get()).filter(Sight::isCurrent).flatMap(Sight::result);
    if (result.isEmpty()) {
      workbench.notice().set(Notice.of(Words.of("stale")));
      return;
    }
    Page wanted = Page.of(workbench.solution().get(), result.get().derivation(), audience);
    try {
      SolutionFile.writeAtomically(path, HtmlHandout.of(wanted, audience));
      workbench.notice().set(Notice.of(Words.of("status.written", path.getFileName())));
    } catch (IOException e) {
      workbench.notice().set(Notice.of(Words.of("status.not-written", path)));
    }
  }

  /// Saves a figure for slides or a paper.
  void saveFigure(Window window, FigureSpec figure) {
    FileChooser chooser = chooser("file.pdf", "*.pdf");
    chooser
        .getExtensionFilters()
        .add(new FileChooser.ExtensionFilter(Words.of("file.svg"), "*.svg"));
    chooser.setInitialFileName(suggestedName() + ".pdf");
    Optional.ofNullable(chooser.showSaveDialog(window))
        .map(File::toPath)
        .ifPresent(path -> saveFigure(path, figure));
  }

  void saveFigure(Path path, FigureSpec figure) {
    try {
      FigureFile.write(figure, path);
      workbench.notice().set(Notice.of(Words.of("status.written", path.getFileName())));
    } catch (IOException e) {
      workbench.notice().set(Notice.of(Words.of("status.figure-not-written", path.getFileName())));
    }
  }

  /// Puts a table on the clipboard, as text with tabs and as HTML.
  void copyTable(Grid grid, Digits digits) {
    export(grid, digits)
        .ifPresent(
            table -> {
              ClipboardContent content = new ClipboardContent();
              content.putString(table.tabs());
              content.putHtml(table.html());
              Clipboard.getSystemClipboard().setContent(content);
              workbench.notice().set(Notice.of(Words.of("status.table-copied")));
            });
  }

  void saveTable(Window window, Grid grid, Digits digits) {
    FileChooser chooser = chooser("file.csv", "*.csv");
    chooser.setInitialFileName(suggestedName() + ".csv");
    Optional.ofNullable(chooser.showSaveDialog(window))
        .map(File::toPath)
        .ifPresent(path -> saveTable(path, grid, digits));
  }

  void saveTable(Path path, Grid grid, Digits digits) {
    export(grid, digits)
        .ifPresent(
            table -> {
              try {
                SolutionFile.writeAtomically(path, table.csv());
                workbench.notice().set(Notice.of(Words.of("status.written", path.getFileName())));
              } catch (IOException e) {
                workbench.notice().set(Notice.of(Words.of("status.not-written", path)));
              }
            });
  }

  private Optional<TableExport> export(Grid grid, Digits digits) {
    Optional<Page> page =
        Optional.of(workbench.sight().get()).filter(Sight::isCurrent).flatMap(Sight::page);
    if (page.isEmpty()) {
      workbench.notice().set(Notice.of(Words.of("stale")));
    }
    return page.map(shown -> new TableExport(shown, grid, digits));
  }

  private String suggestedName() {
    String title = workbench.solution().get().question().title();
    String name = title.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-");
    return name.replaceAll("^-|-$", "").isEmpty() ? "solution" : name.replaceAll("^-|-$", "");
  }

  private static FileChooser chooser(String name, String pattern) {
    FileChooser chooser = new FileChooser();
    chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(Words.of(name), pattern));
    return chooser;
  }
}
