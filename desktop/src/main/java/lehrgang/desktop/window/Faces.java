package lehrgang.desktop.window;

import java.nio.file.Path;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Predicate;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import lehrgang.core.page.Audience;
import lehrgang.desktop.check.CheckView;
import lehrgang.desktop.compose.ComposeView;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.desk.RecentFiles;
import lehrgang.desktop.desk.Request;
import lehrgang.desktop.handout.HandOutView;
import lehrgang.desktop.handout.VaryView;
import lehrgang.desktop.records.RecordsView;
import lehrgang.desktop.show.ShowView;
import lehrgang.desktop.start.StartView;
import lehrgang.desktop.write.WriteView;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.file.FileProblem;

/// The faces of the window, one of them in front, and the way from one to the other.
final class Faces extends StackPane {
  private final Desk desk;
  private final FileActions files;
  private final WriteView write;
  private final BorderPane writing = new BorderPane();
  private final Arrivals arrivals;
  private final Later<StartView> start;
  private final Later<RecordsView> records;
  private final Later<HandOutView> handing;
  private final Later<CheckView> checking;
  private final Later<ShowView> showing;
  private final Later<ComposeView> composing;
  private final Later<VaryView> varying;
  private final List<Later<?>> others;
  private final Predicate<Path> elsewhere;

  /// @param elsewhere whether another window has a file; then it is in front of this one
  Faces(Desk desk, RecentFiles recent, Runnable toggleTheme, Predicate<Path> elsewhere) {
    this.desk = desk;
    this.elsewhere = elsewhere;
    this.files = new FileActions(desk, recent, () -> getScene().getWindow(), opened());
    this.write = new WriteView(desk);
    this.arrivals = new Arrivals(desk, fronts());
    this.start = later(() -> new StartView(recent), (_, _) -> {});
    this.records = later(arrivals::records, (_, _) -> {});
    this.handing = later(() -> new HandOutView(desk), HandOutView::setInSight);
    this.checking = later(() -> new CheckView(desk), CheckView::setInSight);
    this.showing = later(() -> new ShowView(desk, toggleTheme), ShowView::setInSight);
    this.varying = later(() -> new VaryView(desk), VaryView::setInSight);
    this.composing = later(() -> new ComposeView(desk), ComposeView::setInSight);
    this.others = List.of(start, records, handing, checking, showing, varying, composing);
    writing.setTop(
        new HeaderBar(
            desk,
            files,
            this::showStart,
            this::showLesson,
            this::showCheck,
            this::showHandOut,
            toggleTheme));
    writing.setCenter(write);
    writing.setMinSize(0, 0);
    addEventHandler(Request.Asked.TYPE, asked -> answer(asked.request()));
    NoticeBar notice = new NoticeBar(desk.notices());
    StackPane.setAlignment(notice, Pos.BOTTOM_CENTER);
    getChildren().addAll(writing, notice);
    showWrite();
  }

  private <T extends Region> Later<T> later(Supplier<T> maker, BiConsumer<T, Boolean> inSight) {
    return new Later<>(this, maker, inSight);
  }

  /// Lets go of what is under way: the window is closed.
  void stop() {
    files.stop();
  }

  private FileActions.Opened opened() {
    return new FileActions.Opened() {
      @Override
      public void solution() {
        showWrite();
      }

      @Override
      public boolean isElsewhere(Path file) {
        return elsewhere.test(file);
      }

      @Override
      public void data(CaseSource file) throws FileProblem {
        arrivals.show(file);
      }

      @Override
      public void answers() {
        showCheck();
      }
    };
  }

  /// Does what a part of the window asks for.
  private void answer(Request request) {
    switch (request) {
      case Request.ToWindow window -> answer(window);
      case Request.ToFiles ofFiles -> files.answer(ofFiles);
      case Request.ToAnswers ofAnswers -> files.checks().answer(ofAnswers);
    }
  }

  private void answer(Request.ToWindow request) {
    switch (request) {
      case Request.Show(var view) -> show(view);
      case Request.ShowAbout _ -> AboutWindow.show(getScene());
      case Request.Begin(var file) -> {
        desk.solution().begin(file);
        showWrite();
      }
      case Request.CountRecords(var file, var recipe, var failed) ->
          arrivals.count(file, recipe, failed);
      case Request.TakeTable(var file, var kind, var failed) -> arrivals.take(file, kind, failed);
      case Request.LeaveRecords _ -> arrivals.leave();
    }
  }

  private void show(Request.View view) {
    switch (view) {
      case WRITE -> showWrite();
      case CHECK -> showCheck();
      case HAND_OUT -> showHandOut();
      case VARY -> showVary();
      case COMPOSE -> showCompose();
    }
  }

  /// Shows where a solution begins. What was said of the one before is past.
  void showStart() {
    desk.notices().clear();
    inFront(start);
  }

  void showWrite() {
    others.forEach(other -> other.show(false));
    writing.setVisible(true);
  }

  /// Shows the pages that are handed out; those that were on the page go on to be.
  void showHandOut() {
    Audience seen = desk.worked().audience().get();
    if (seen != Audience.FULL) {
      handing.get().show(seen);
    }
    inFront(handing);
  }

  /// Shows the answers of a class.
  void showCheck() {
    inFront(checking);
  }

  /// Shows the solution line by line, for a class.
  void showLesson() {
    desk.notices().clear();
    inFront(showing);
  }

  /// Shows other counts for each student of a class.
  void showVary() {
    desk.notices().clear();
    varying.get().begin();
    inFront(varying);
  }

  VaryView varying() {
    return varying.get();
  }

  /// Shows tables that show what is wished.
  void showCompose() {
    desk.notices().clear();
    composing.get().begin();
    inFront(composing);
  }

  ShowView showing() {
    return showing.get();
  }

  /// Whether answers are looked at, so that what arrives is taken for answers.
  boolean isChecking() {
    return checking.isVisible();
  }

  /// Shows the pages, or prints those that are shown.
  void handOut() {
    if (handing.isVisible()) {
      handing.get().print();
    } else {
      showHandOut();
    }
  }

  HandOutView handing() {
    return handing.get();
  }

  private void inFront(Later<?> face) {
    writing.setVisible(false);
    others.forEach(other -> other.show(other == face));
  }

  boolean isAtStart() {
    return start.isVisible();
  }

  /// Goes back to the face before, where there is a way back.
  ///
  /// @return whether there was
  boolean leave() {
    if (showing.isVisible() && showing.get().back()) {
      return true;
    }
    if (varying.isVisible()) {
      showHandOut();
      return true;
    }
    if (showing.isVisible()
        || composing.isVisible()
        || start.isVisible()
        || handing.isVisible()
        || checking.isVisible()) {
      showWrite();
      return true;
    }
    if (records.isVisible()) {
      arrivals.records().leave();
      return true;
    }
    return false;
  }

  FileActions files() {
    return files;
  }

  WriteView write() {
    return write;
  }

  /// Takes what was pasted. At the start, a table begins a solution of its own.
  void paste(String text) {
    arrivals.paste(text);
  }

  private Arrivals.Fronts fronts() {
    return new Arrivals.Fronts() {
      @Override
      public boolean isAtStart() {
        return start.isVisible();
      }

      @Override
      public boolean isChecking() {
        return checking.isVisible();
      }

      @Override
      public void start() {
        inFront(start);
      }

      @Override
      public void records() {
        inFront(records);
      }

      @Override
      public void write() {
        showWrite();
      }
    };
  }
}
