package lehrgang.desktop;

import java.nio.file.Path;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.Clipboard;
import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.RowConstraints;
import javafx.scene.layout.StackPane;
import lehrgang.core.cases.Recipe;
import lehrgang.core.expr.LineId;
import lehrgang.documents.cases.CaseFile;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.cases.Kind;
import lehrgang.documents.solutionfile.FileProblem;
import lehrgang.documents.solutionfile.SolutionFile;

/// The Write view: the rail, the page and the trace, between the bar and the verdict.
final class WriteView extends BorderPane {
  private static final int MOST_OFFERS = 2;
  private static final String DARK = WriteView.class.getResource("dark.css").toExternalForm();

  private final Workbench workbench;
  private final Files files;
  private final LiveNumbers numbers;
  private final PageView page;
  private final TraceView trace;
  private final StartView start;
  private final RecordsView records;
  private final Counting counting;
  private final Zoom zoom;
  private boolean beginsAnew;

  WriteView(Workbench workbench, RecentFiles recent) {
    this.workbench = workbench;
    this.files = new Files(workbench, recent, this::showRecords);
    this.counting = new Counting(workbench);
    this.numbers = new LiveNumbers(workbench);
    this.page = new PageView(workbench, numbers);
    this.trace = new TraceView(workbench, numbers);
    this.start = new StartView(workbench, files, recent, this::hideStart);
    this.records = new RecordsView(arrivals());
    NoticeBar notice = new NoticeBar(workbench);
    StackPane.setAlignment(notice, Pos.BOTTOM_CENTER);
    this.zoom = new Zoom(new StackPane(this, start, records, notice));
    Rail rail = new Rail(workbench, page::goTo);
    page.onStepInSight(rail::setCurrent);
    getStyleClass().add("write-view");
    addEventHandler(
        FigureEvent.SAVE, event -> files.saveFigure(getScene().getWindow(), event.figure()));
    addEventHandler(TableEvent.COPY, event -> files.copyTable(event.grid(), event.digits()));
    addEventHandler(
        TableEvent.SAVE,
        event -> files.saveTable(getScene().getWindow(), event.grid(), event.digits()));
    setTop(new HeaderBar(workbench, files, this::showStart, this::toggleTheme));
    setCenter(columns(rail, page));
    setBottom(new VerdictStrip(workbench, numbers));
    workbench
        .selection()
        .subscribe(selected -> selected.flatMap(numbers::placeOf).ifPresent(page::reveal));
    zoom.addEventFilter(KeyEvent.KEY_PRESSED, this::keys);
    zoom.setOnDragOver(WriteView::welcome);
    zoom.setOnDragDropped(this::dropped);
    hideStart();
  }

  /// Shows where a solution begins.
  void showStart() {
    inFront(start);
  }

  private void hideStart() {
    inFront(this);
  }

  /// Shows one of the three faces of the window.
  private void inFront(Node face) {
    setVisible(face == this);
    start.setVisible(face == start);
    records.setVisible(face == records);
  }

  /// Shows a file of data before it is taken.
  private void showRecords(CaseSource file) throws FileProblem {
    beginsAnew = isAtStart();
    if (Kind.isTitled(file)) {
      arrivals().table(file, Kind.LAYERS, problem -> workbench.notice().set(Notice.of(problem)));
    } else {
      records.show(file);
      workbench.notice().set(Notice.NONE);
      inFront(records);
    }
  }

  private RecordsView.Use arrivals() {
    return new RecordsView.Use() {
      @Override
      public void count(CaseSource file, Recipe recipe, Consumer<String> failed) {
        counting.count(
            file,
            recipe,
            failed,
            () -> {
              begin();
              hideStart();
            });
      }

      @Override
      public void table(CaseSource file, Kind kind, Consumer<String> failed) {
        Pasting.read(file, kind, failed)
            .ifPresent(
                recognised -> {
                  Pasting.take(workbench, recognised, this::begin);
                  hideStart();
                });
      }

      @Override
      public void leave() {
        inFront(beginsAnew ? start : WriteView.this);
      }

      /// From the start, data begin a solution of their own.
      private void begin() {
        if (beginsAnew) {
          workbench.begin(SolutionFile.blank());
          beginsAnew = false;
        }
      }
    };
  }

  boolean isAtStart() {
    return start.isVisible();
  }

  /// The page keeps the middle; rail and trace give way first, within their bounds.
  private GridPane columns(Rail rail, Node centre) {
    GridPane grid = new GridPane();
    grid.addRow(0, rail, centre, trace);
    ColumnConstraints left = new ColumnConstraints(196, 212, 260);
    left.setHgrow(Priority.SOMETIMES);
    ColumnConstraints middle = new ColumnConstraints(520, 744, Double.MAX_VALUE);
    middle.setHgrow(Priority.ALWAYS);
    ColumnConstraints right = new ColumnConstraints(288, 324, 420);
    right.setHgrow(Priority.SOMETIMES);
    grid.getColumnConstraints().addAll(left, middle, right);
    RowConstraints row = new RowConstraints();
    row.setVgrow(Priority.ALWAYS);
    row.setFillHeight(true);
    grid.getRowConstraints().add(row);
    return grid;
  }

  Zoom zoomable() {
    return zoom;
  }

  Files files() {
    return files;
  }

  PageView page() {
    return page;
  }

  /// A place on the page where a line stands.
  Node placeOf(LineId line) {
    return numbers.placeOf(line).orElseThrow();
  }

  /// Light or dark: the dark tokens go before the light ones, in menus too.
  void toggleTheme() {
    if (!getScene().getStylesheets().remove(DARK)) {
      getScene().getStylesheets().add(DARK);
    }
  }

  boolean isDark() {
    return getScene().getStylesheets().contains(DARK);
  }

  private static boolean is(KeyEvent event, KeyCode code, KeyCombination.Modifier... modifiers) {
    return new KeyCodeCombination(code, modifiers).match(event);
  }

  private void keys(KeyEvent event) {
    if (handled(event)) {
      event.consume();
    }
  }

  private boolean handled(KeyEvent event) {
    if (is(event, KeyCode.Z, KeyCombination.SHORTCUT_DOWN)) {
      workbench.undo();
    } else if (is(event, KeyCode.Z, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_DOWN)
        || is(event, KeyCode.Y, KeyCombination.SHORTCUT_DOWN)) {
      workbench.redo();
    } else if (is(event, KeyCode.S, KeyCombination.SHORTCUT_DOWN)) {
      files.save(getScene().getWindow());
    } else if (is(event, KeyCode.O, KeyCombination.SHORTCUT_DOWN)) {
      files.open(getScene().getWindow());
    } else if (is(event, KeyCode.PLUS, KeyCombination.SHORTCUT_DOWN)
        || is(event, KeyCode.EQUALS, KeyCombination.SHORTCUT_DOWN)
        || is(event, KeyCode.ADD, KeyCombination.SHORTCUT_DOWN)) {
      zoom.in();
    } else if (is(event, KeyCode.MINUS, KeyCombination.SHORTCUT_DOWN)
        || is(event, KeyCode.SUBTRACT, KeyCombination.SHORTCUT_DOWN)) {
      zoom.out();
    } else if (is(event, KeyCode.DIGIT0, KeyCombination.SHORTCUT_DOWN)) {
      zoom.reset();
    } else if (is(event, KeyCode.N, KeyCombination.SHORTCUT_DOWN)) {
      showStart();
    } else if (is(event, KeyCode.ESCAPE) && isAtStart()) {
      hideStart();
    } else if (is(event, KeyCode.ESCAPE) && records.isVisible()) {
      records.leave();
    } else if (is(event, KeyCode.LEFT, KeyCombination.ALT_DOWN)) {
      trace.back();
    } else {
      return is(event, KeyCode.V, KeyCombination.SHORTCUT_DOWN) && pastesTable();
    }
    return true;
  }

  /// A table on the clipboard is taken as a table wherever the focus is; a single value stays text.
  private boolean pastesTable() {
    String text = Clipboard.getSystemClipboard().getString();
    Node focused = getScene().getFocusOwner();
    if (focused instanceof TextArea) {
      return false;
    }
    if (text != null && Pasting.isTable(text)) {
      paste(text);
      return true;
    }
    if (focused instanceof TextInputControl) {
      return false;
    }
    workbench.notice().set(Notice.of(Words.of("status.no-table")));
    return true;
  }

  /// At the start, a table begins a solution of its own.
  private void paste(String text) {
    if (pastesRecords(text)) {
      return;
    }
    boolean anew = isAtStart() || records.isVisible() && beginsAnew;
    boolean taken = anew ? Pasting.begin(workbench, text) : Pasting.paste(workbench, text);
    if (taken) {
      hideStart();
    }
    Notice said = workbench.notice().get();
    if (said.offers().size() < MOST_OFFERS) {
      Notice.Offer offer =
          new Notice.Offer(Words.of("status.otherwise"), () -> takeOtherwise(text, taken));
      workbench.notice().set(said.and(Notice.of("", offer)));
    }
  }

  /// Shows what was pasted as a file is shown, so that it can be taken for something else.
  ///
  /// @param taken whether it is in the table already
  private void takeOtherwise(String text, boolean taken) {
    try {
      CaseFile pasted = CaseFile.pasted(text, Words.of("records.pasted"));
      if (taken) {
        workbench.undo();
      }
      showRecords(pasted);
    } catch (FileProblem e) {
      workbench.notice().set(Notice.of(e.getMessage()));
    }
  }

  /// Records on the clipboard are shown before they are counted, as those of a file are.
  private boolean pastesRecords(String text) {
    try {
      CaseFile pasted = CaseFile.pasted(text, Words.of("records.pasted"));
      boolean records = !Kind.isTitled(pasted) && Kind.of(pasted.sample()) == Kind.RECORDS;
      if (records) {
        showRecords(pasted);
      }
      return records;
    } catch (FileProblem e) {
      // What is no table of records may be another table; that says what is wrong with it.
      return false;
    }
  }

  private static void welcome(DragEvent event) {
    if (event.getDragboard().hasFiles() || event.getDragboard().hasString()) {
      event.acceptTransferModes(TransferMode.COPY);
    }
    event.consume();
  }

  /// A dropped file is a solution, or a table that begins one.
  void drop(Path path) {
    if (path.toString().endsWith(Files.ENDING)) {
      hideStart();
    }
    files.drop(path);
  }

  private void dropped(DragEvent event) {
    if (event.getDragboard().hasFiles()) {
      drop(event.getDragboard().getFiles().getFirst().toPath());
    } else if (event.getDragboard().hasString()) {
      paste(event.getDragboard().getString());
    }
    event.setDropCompleted(true);
    event.consume();
  }
}
