package lehrgang.desktop.window;

import java.nio.file.Path;
import java.util.function.Predicate;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import lehrgang.core.page.Audience;
import lehrgang.desktop.check.CheckView;
import lehrgang.desktop.compose.ComposeEvent;
import lehrgang.desktop.compose.ComposeView;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.desk.RecentFiles;
import lehrgang.desktop.handout.HandOutView;
import lehrgang.desktop.handout.VaryView;
import lehrgang.desktop.page.CopyEvent;
import lehrgang.desktop.page.FigureEvent;
import lehrgang.desktop.page.TableEvent;
import lehrgang.desktop.show.ShowView;
import lehrgang.desktop.start.StartView;
import lehrgang.desktop.write.PictureEvent;
import lehrgang.desktop.write.WriteView;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.solutionfile.SolutionFile;

/// The faces of the window, one of them in front, and the way from one to the other.
final class Faces extends StackPane {
  private final Desk desk;
  private final FileActions files;
  private final WriteView write;
  private final BorderPane writing = new BorderPane();
  private final StartView start;
  private final Arrivals arrivals;
  private final HandOutView handing;
  private final CheckView checking;
  private final ShowView showing;
  private final ComposeView composing;
  private final VaryView varying;
  private final Predicate<Path> elsewhere;

  /// @param elsewhere whether another window has a file; then it is in front of this one
  Faces(Desk desk, RecentFiles recent, Runnable toggleTheme, Predicate<Path> elsewhere) {
    this.desk = desk;
    this.elsewhere = elsewhere;
    this.files = new FileActions(desk, recent, () -> getScene().getWindow(), opened());
    this.write = new WriteView(desk);
    this.start = new StartView(beginnings(), recent);
    this.arrivals = new Arrivals(desk, fronts());
    this.handing = new HandOutView(desk, files.handingOut(this::showWrite, this::showVary));
    this.checking = new CheckView(desk, files.checking(this::showWrite));
    this.showing = new ShowView(desk, toggleTheme);
    this.varying = new VaryView(desk, files.varying(this::showHandOut));
    this.composing = new ComposeView(desk, this::showWrite);
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
    addEventHandler(FigureEvent.SAVE, event -> files.parts().saveFigure(event.figure()));
    addEventHandler(ComposeEvent.OPEN, _ -> showCompose());
    addEventHandler(PictureEvent.ADD, _ -> files.parts().addPicture());
    addEventHandler(FigureEvent.COPY, event -> files.parts().copyFigure(event.figure()));
    addEventHandler(CopyEvent.COPY, event -> files.parts().copyText(event.text()));
    addEventHandler(
        TableEvent.COPY, event -> files.parts().copyTable(event.grid(), event.digits()));
    addEventHandler(
        TableEvent.SAVE, event -> files.parts().saveTable(event.grid(), event.digits()));
    NoticeBar notice = new NoticeBar(desk.notices());
    StackPane.setAlignment(notice, Pos.BOTTOM_CENTER);
    getChildren()
        .addAll(
            writing,
            start,
            arrivals.records(),
            handing,
            checking,
            showing,
            composing,
            varying,
            notice);
    showWrite();
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

  private StartView.Use beginnings() {
    return new StartView.Use() {
      @Override
      public void begin(SolutionFile file) {
        desk.solution().begin(file);
        showWrite();
      }

      @Override
      public void open(Path path) {
        files.openSolution(path);
      }

      @Override
      public void openAny() {
        files.open();
      }

      @Override
      public void about() {
        AboutWindow.show(getScene());
      }
    };
  }

  /// Shows where a solution begins. What was said of the one before is past.
  void showStart() {
    desk.notices().clear();
    inFront(start);
  }

  void showWrite() {
    inFront(writing);
  }

  /// Shows the pages that are handed out; those that were on the page go on to be.
  void showHandOut() {
    Audience seen = desk.worked().audience().get();
    if (seen != Audience.FULL) {
      handing.show(seen);
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
    varying.begin();
    inFront(varying);
  }

  VaryView varying() {
    return varying;
  }

  /// Shows tables that show what is wished.
  void showCompose() {
    desk.notices().clear();
    composing.begin();
    inFront(composing);
  }

  ShowView showing() {
    return showing;
  }

  /// Whether answers are looked at, so that what arrives is taken for answers.
  boolean isChecking() {
    return checking.isVisible();
  }

  /// Shows the pages, or prints those that are shown.
  void handOut() {
    if (handing.isVisible()) {
      handing.print();
    } else {
      showHandOut();
    }
  }

  HandOutView handing() {
    return handing;
  }

  private void inFront(Node face) {
    writing.setVisible(face == writing);
    start.setVisible(face == start);
    arrivals.records().setVisible(face == arrivals.records());
    handing.setVisible(face == handing);
    handing.setInSight(face == handing);
    checking.setVisible(face == checking);
    checking.setInSight(face == checking);
    composing.setVisible(face == composing);
    if (face != composing) {
      composing.stop();
    }
    varying.setVisible(face == varying);
    showing.setVisible(face == showing);
    showing.setInSight(face == showing);
  }

  boolean isAtStart() {
    return start.isVisible();
  }

  /// Goes back to the face before, where there is a way back.
  ///
  /// @return whether there was
  boolean leave() {
    if (showing.isVisible() && showing.back()) {
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
    if (arrivals.records().isVisible()) {
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
        inFront(arrivals.records());
      }

      @Override
      public void write() {
        showWrite();
      }
    };
  }
}
