package lehrgang.desktop;

import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.page.Audience;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.page.Page;
import lehrgang.documents.figure.FigureFile;
import lehrgang.documents.handout.HtmlHandout;
import lehrgang.documents.solutionfile.FileProblem;
import lehrgang.documents.solutionfile.SolutionFile;

/// Opening, saving and handing out: the only moments in which the window asks for a file.
final class Files {
  static final String ENDING = ".lehrgang";

  private final Workbench workbench;
  private final RecentFiles recent;

  Files(Workbench workbench, RecentFiles recent) {
    this.workbench = workbench;
    this.recent = recent;
  }

  void open(Window window) {
    open(window, () -> {});
  }

  /// @param opened what to do once a file was chosen
  void open(Window window, Runnable opened) {
    Optional.ofNullable(chooser("file.solutions", "*" + ENDING).showOpenDialog(window))
        .map(File::toPath)
        .ifPresent(
            path -> {
              open(path);
              opened.run();
            });
  }

  void open(Path path) {
    try {
      workbench.open(path);
      recent.add(path);
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
      Pasting.paste(workbench, java.nio.file.Files.readString(path));
    } catch (IOException e) {
      workbench.notice().set(Notice.of(Words.of("status.not-text", path.getFileName())));
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
    Optional<Page> page =
        Optional.of(workbench.sight().get()).filter(Sight::isCurrent).flatMap(Sight::page);
    if (page.isEmpty()) {
      workbench.notice().set(Notice.of(Words.of("stale")));
      return;
    }
    Derivation derivation = page.get().derivation();
    Page wanted = Page.of(workbench.solution().get(), derivation, audience);
    try {
      SolutionFile.writeAtomically(path, HtmlHandout.of(wanted, audience));
      workbench.notice().set(Notice.of(Words.of("status.written", path.getFileName())));
    } catch (IOException e) {
      workbench.notice().set(Notice.of(path + " could not be written; choose another folder."));
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
