package lehrgang.desktop.window;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.desk.Notices;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.desk.RecentFiles;
import lehrgang.desktop.desk.Sight;
import lehrgang.desktop.desk.WorkedOut;
import lehrgang.desktop.handout.HandOutView;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.figure.FigureFile;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.file.WholeFile;
import lehrgang.documents.handout.Form;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.solutionfile.SolutionFile;
import lehrgang.documents.solutionfile.StyleFile;
import lehrgang.documents.table.TableExport;
import lehrgang.documents.table.TableExport.Digits;

/// Opening, saving and handing out: the only moments in which the window asks for a file.
final class FileActions {
  static final String ENDING = ".lehrgang";

  private static final List<String> DATA =
      CaseSource.ENDINGS.stream().map(ending -> "*" + ending).toList();
  private static final List<String> ANY =
      Stream.concat(Stream.of("*" + ENDING), DATA.stream()).toList();

  private final Desk desk;
  private final OpenSolution solution;
  private final WorkedOut worked;
  private final Notices notices;
  private final RecentFiles recent;
  private final Supplier<Window> window;
  private final StyleActions styles;
  private final Opened opened;

  /// What is done with what was opened.
  interface Opened {
    /// A solution lies on the desk.
    void solution();

    /// A file of data is shown before it is taken.
    void data(CaseSource file) throws FileProblem;
  }

  /// @param window over which files are asked for
  FileActions(Desk desk, RecentFiles recent, Supplier<Window> window, Opened opened) {
    this.desk = desk;
    this.solution = desk.solution();
    this.worked = desk.worked();
    this.notices = desk.notices();
    this.recent = recent;
    this.window = window;
    this.opened = opened;
    this.styles = new StyleActions(desk, window);
  }

  /// What is done with course styles.
  StyleActions styles() {
    return styles;
  }

  /// Asks for a file and opens it.
  void open() {
    FileChooser chooser = new FileChooser();
    chooser
        .getExtensionFilters()
        .addAll(
            new FileChooser.ExtensionFilter(Words.of("file.any"), ANY),
            new FileChooser.ExtensionFilter(Words.of("file.solutions"), "*" + ENDING),
            new FileChooser.ExtensionFilter(Words.of("file.data"), DATA),
            new FileChooser.ExtensionFilter(Words.of("file.styles"), "*" + StyleFile.ENDING));
    Optional.ofNullable(chooser.showOpenDialog(window.get()))
        .map(File::toPath)
        .ifPresent(this::open);
  }

  /// Opens a solution, or data that begin one or go into the table.
  void open(Path path) {
    if (path.toString().endsWith(ENDING)) {
      openSolution(path);
      return;
    }
    if (path.toString().endsWith(StyleFile.ENDING)) {
      styles.open(path);
      return;
    }
    try {
      opened.data(CaseSource.open(path));
    } catch (FileProblem e) {
      notices.say(e.getMessage());
    }
  }

  /// Opens a solution, whatever its file is called.
  void openSolution(Path path) {
    try {
      solution.open(path);
      recent.add(path);
      desk.counting().verify();
      opened.solution();
    } catch (FileProblem e) {
      notices.say(e.getMessage());
    }
  }

  /// Saves where the solution was saved before, or asks where.
  void save() {
    solution.path().ifPresentOrElse(this::save, this::saveAs);
  }

  private void saveAs() {
    FileChooser chooser = chooser("file.solutions", "*" + ENDING);
    chooser.setInitialFileName(suggestedName() + ENDING);
    chosen(chooser).ifPresent(this::save);
  }

  private Optional<Path> chosen(FileChooser chooser) {
    return Optional.ofNullable(chooser.showSaveDialog(window.get())).map(File::toPath);
  }

  void save(Path path) {
    Path named =
        path.getFileName().toString().contains(".")
            ? path
            : path.resolveSibling(path.getFileName() + ENDING);
    try {
      solution.save(named);
      recent.add(named);
    } catch (FileProblem e) {
      notices.say(e.getMessage());
    }
  }

  /// What the view for handing out needs.
  HandOutView.Use handingOut(Runnable leave) {
    return new HandOutView.Use() {
      @Override
      public void leave() {
        leave.run();
      }

      @Override
      public void save(Order order, Form form) {
        FileChooser chooser = chooser("file." + form.key(), "*" + form.ending());
        chooser.setInitialFileName(suggestedName() + "-" + order.audience().key() + form.ending());
        chosen(chooser).ifPresent(path -> handOut(path, order, form));
      }

      @Override
      public void print(byte[] pdf) {
        Printing.of(pdf, window.get(), notices);
      }

      @Override
      public List<Solved> more() {
        FileChooser chooser = chooser("file.solutions", "*" + ENDING);
        return Optional.ofNullable(chooser.showOpenMultipleDialog(window.get()))
            .orElse(List.of())
            .stream()
            .map(File::toPath)
            .flatMap(path -> solved(path).stream())
            .toList();
      }
    };
  }

  /// A solution from a file, worked out; what keeps it from that is said.
  Optional<Solved> solved(Path path) {
    try {
      Solution other = SolutionFile.load(path).solution();
      return switch (Procedures.workAtOnce(other)) {
        case Procedure.Derived(var derivation) -> Optional.of(new Solved(other, derivation));
        case Procedure.Refused(var problems) -> {
          notices.say(
              Words.of(
                  "handout.cannot",
                  path.getFileName(),
                  Wording.english().text(problems.getFirst().sentence())));
          yield Optional.empty();
        }
      };
    } catch (FileProblem e) {
      notices.say(e.getMessage());
      return Optional.empty();
    }
  }

  void handOut(Path path, Order order, Form form) {
    new SheetWriting(notices).write(path, order, form);
  }

  private void write(Path path, String text) {
    try {
      WholeFile.write(path, text);
      notices.say(Words.of("status.written", path.getFileName()));
    } catch (FileProblem e) {
      notices.say(e.getMessage());
    }
  }

  /// Saves a figure for slides or a paper.
  void saveFigure(FigureSpec figure) {
    FileChooser chooser = chooser("file.pdf", "*.pdf");
    chooser
        .getExtensionFilters()
        .add(new FileChooser.ExtensionFilter(Words.of("file.svg"), "*.svg"));
    chooser.setInitialFileName(suggestedName() + ".pdf");
    chosen(chooser).ifPresent(path -> saveFigure(path, figure));
  }

  void saveFigure(Path path, FigureSpec figure) {
    try {
      FigureFile.write(figure, path);
      notices.say(Words.of("status.written", path.getFileName()));
    } catch (FileProblem e) {
      notices.say(e.getMessage());
    }
  }

  /// Puts a text on the clipboard.
  void copyText(String text) {
    ClipboardContent content = new ClipboardContent();
    content.putString(text);
    Clipboard.getSystemClipboard().setContent(content);
    notices.say(Words.of("status.text-copied"));
  }

  /// Puts a figure on the clipboard, as a picture and as SVG.
  void copyFigure(FigureSpec figure) {
    ClipboardContent content = new ClipboardContent();
    content.putImage(Printing.image(FigureFile.pdf(figure)));
    content.putString(FigureFile.svg(figure));
    Clipboard.getSystemClipboard().setContent(content);
    notices.say(Words.of("status.figure-copied"));
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
              notices.say(Words.of("status.table-copied"));
            });
  }

  void saveTable(Grid grid, Digits digits) {
    FileChooser chooser = chooser("file.csv", "*.csv");
    chooser.setInitialFileName(suggestedName() + ".csv");
    chosen(chooser).ifPresent(path -> saveTable(path, grid, digits));
  }

  void saveTable(Path path, Grid grid, Digits digits) {
    export(grid, digits).ifPresent(table -> write(path, table.csv()));
  }

  private Optional<TableExport> export(Grid grid, Digits digits) {
    Optional<Page> page = Optional.of(worked.now()).filter(Sight::isCurrent).flatMap(Sight::page);
    if (page.isEmpty()) {
      notices.say(Words.of("stale"));
    }
    return page.map(shown -> new TableExport(shown, grid, digits));
  }

  private String suggestedName() {
    String title = solution.now().question().title();
    String name = title.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-");
    String trimmed = name.replaceAll("^-|-$", "");
    return trimmed.isEmpty() ? "solution" : trimmed;
  }

  private static FileChooser chooser(String name, String pattern) {
    FileChooser chooser = new FileChooser();
    chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(Words.of(name), pattern));
    return chooser;
  }
}
