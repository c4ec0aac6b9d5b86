package lehrgang.desktop.window;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.stage.Window;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.desk.LongWork;
import lehrgang.desktop.desk.Notice;
import lehrgang.desktop.desk.Notices;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.desk.RecentFiles;
import lehrgang.desktop.desk.Request;
import lehrgang.desktop.kit.BackgroundWork.Demand;
import lehrgang.desktop.kit.Words;
import lehrgang.desktop.window.FileDialogs.Sort;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.handout.Form;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.Sheet;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.personal.PersonalClass;
import lehrgang.documents.personal.PersonalFolder;
import lehrgang.documents.solutionfile.PictureFile;
import lehrgang.documents.solutionfile.SolutionFile;
import lehrgang.documents.solutionfile.StyleFile;

/// Opening, saving and handing out.
final class FileActions {
  static final String ENDING = ".lehrgang";

  private static final Sort SOLUTIONS = Sort.of("file.solutions", ENDING);
  private static final Sort DATA = new Sort("file.data", CaseSource.ENDINGS);
  private static final Sort ANY =
      new Sort("file.any", Stream.concat(Stream.of(ENDING), CaseSource.ENDINGS.stream()).toList());

  private final Desk desk;
  private final OpenSolution solution;
  private final Notices notices;
  private final RecentFiles recent;
  private final Supplier<Window> window;
  private final FileDialogs dialogs;
  private final StyleActions styles;
  private final PartActions parts;
  private final CheckActions checks;
  private final LongWork writing;
  private final Opened opened;

  /// What is done with what was opened.
  interface Opened {
    /// A solution lies on the desk.
    void solution();

    /// Whether another window has a file; then it is in front of this one.
    boolean isElsewhere(Path file);

    /// Answers of a class were taken.
    void answers();

    /// A file of data is shown before it is taken.
    void data(CaseSource file) throws FileProblem;
  }

  /// @param window over which files are asked for
  FileActions(Desk desk, RecentFiles recent, Supplier<Window> window, Opened opened) {
    this.desk = desk;
    this.solution = desk.solution();
    this.notices = desk.notices();
    this.recent = recent;
    this.window = window;
    this.opened = opened;
    this.dialogs = new FileDialogs(window, solution, recent);
    this.styles = new StyleActions(desk, dialogs);
    this.parts = new PartActions(desk, dialogs);
    this.writing = new LongWork(notices, Demand.WRITING);
    this.checks = new CheckActions(desk, dialogs, writing, opened::answers);
  }

  /// What is done with parts of the page.
  PartActions parts() {
    return parts;
  }

  /// What is done with course styles.
  StyleActions styles() {
    return styles;
  }

  /// Asks for a file and opens it.
  void open() {
    dialogs.toOpen(ANY, SOLUTIONS, DATA, StyleActions.STYLES).ifPresent(this::open);
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
    if (PictureFile.isNamed(path)) {
      if (parts.addPicture(path)) {
        opened.solution();
      }
      return;
    }
    if (PersonalFolder.isOne(path)) {
      checks.openKeys(path);
      return;
    }
    // Answers are known by the solution that they answer.
    desk.worked().whenWorkedOut(() -> openData(path));
  }

  private void openData(Path path) {
    if (desk.checking().isAnswers(path)) {
      checks.open(path);
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
    if (opened.isElsewhere(path)) {
      return;
    }
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
    dialogs.toSave(dialogs.nameOfSolution(), SOLUTIONS).ifPresent(this::save);
  }

  void save(Path path) {
    Path named = FileDialogs.withEnding(path, ENDING);
    try {
      solution.save(named);
      recent.add(named);
    } catch (FileProblem e) {
      notices.say(e.getMessage());
    }
  }

  /// What is done with answers and marks.
  CheckActions checks() {
    return checks;
  }

  /// Does with files what a part of the window asks for.
  void answer(Request.ToFiles request) {
    switch (request) {
      case Request.OpenSolution(var file) -> openSolution(file);
      case Request.ChooseFile _ -> open();
      case Request.AddPicture _ -> parts.addPicture();
      case Request.CopyText(var text) -> parts.copyText(text);
      case Request.CopyFigure(var figure) -> parts.copyFigure(figure);
      case Request.SaveFigure(var figure) -> parts.saveFigure(figure);
      case Request.CopyTable(var grid, var digits) -> parts.copyTable(grid, digits);
      case Request.SaveTable(var grid, var digits) -> parts.saveTable(grid, digits);
      case Request.SaveSheet(var order, var form) ->
          dialogs
              .toSave(
                  dialogs.nameOfSolution() + "-" + order.audience().key(),
                  Sort.of("file." + form.key(), form.ending()))
              .ifPresent(path -> handOut(path, order, form));
      case Request.Print(var pdf) -> Printing.of(pdf, window.get().getScene(), notices);
      case Request.ChooseSolutions(var chosen) ->
          chosen.accept(
              dialogs.severalToOpen(SOLUTIONS).stream()
                  .flatMap(path -> solved(path).stream())
                  .toList());
      case Request.ChooseClassList(var chosen) ->
          dialogs.toOpen(new Sort("file.list", CaseSource.ENDINGS)).ifPresent(chosen);
      case Request.SaveClass(var drawn, var forms) ->
          dialogs.toFolder().ifPresent(folder -> write(drawn, forms, folder));
    }
  }

  /// Writes a class with a data set for each student, beside the interface.
  void write(PersonalClass drawn, List<Form> forms, Path folder) {
    SolutionFile model = solution.file();
    int all = drawn.members().size();
    writing.begin(
        LongWork.counted(all, done -> Words.of("vary.writing", done, all)),
        progress -> {
          new PersonalFolder(folder).write(model, drawn, forms, progress);
          return Words.of("vary.written", all, folder.getFileName());
        },
        Notice.of(Words.of("vary.stopped")),
        notices::say);
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

  /// Writes a sheet, beside the interface. Until it is whole, the file stays as it was.
  void handOut(Path path, Order order, Form form) {
    String name = path.getFileName().toString();
    int many = order.solutions().size();
    writing.begin(
        _ ->
            many == 1
                ? Words.of("status.writing.one", name)
                : Words.of("status.writing", name, many),
        progress -> {
          Sheet sheet = form.make(order, name);
          progress.check();
          Form.write(sheet, path);
          return Words.of("status.written", name);
        },
        Notice.of(Words.of("status.not-written", name)),
        notices::say);
  }

  /// Lets go of what is under way: the window is closed.
  void stop() {
    writing.stop();
    checks.stop();
  }
}
