package lehrgang.desktop.window;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import lehrgang.core.cases.Recipe;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.desk.Notice;
import lehrgang.desktop.desk.Pasting;
import lehrgang.desktop.kit.Words;
import lehrgang.desktop.records.RecordsView;
import lehrgang.documents.cases.CaseFile;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.cases.Kind;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.solutionfile.SolutionFile;

/// Data that arrive, from a file or pasted: shown before they are taken, counted, or taken for a
/// table.
final class Arrivals {
  private static final int MOST_OFFERS = 2;

  private final Desk desk;
  private final Fronts fronts;
  private final Pasting pasting;
  private Optional<RecordsView> records = Optional.empty();
  private boolean beginsAnew;

  /// What is in front, and what comes there.
  interface Fronts {
    boolean isAtStart();

    /// Whether answers are looked at, so that what arrives is taken for answers.
    boolean isChecking();

    void start();

    void records();

    void write();
  }

  Arrivals(Desk desk, Fronts fronts) {
    this.desk = desk;
    this.fronts = fronts;
    this.pasting = new Pasting(desk.solution(), desk.notices());
  }

  /// Where data are shown before they are taken.
  RecordsView records() {
    if (records.isEmpty()) {
      records = Optional.of(new RecordsView());
    }
    return records.get();
  }

  /// Shows data before they are taken.
  void show(CaseSource file) throws FileProblem {
    beginsAnew = fronts.isAtStart();
    if (Kind.isTitled(file)) {
      take(file, Kind.LAYERS, desk.notices()::say);
    } else {
      records().show(file);
      desk.notices().clear();
      fronts.records();
    }
  }

  /// Counts the records of a file.
  ///
  /// @param failed told why they make no table
  void count(CaseSource file, Recipe recipe, Consumer<String> failed) {
    desk.counting()
        .count(
            file,
            recipe,
            failed,
            () -> {
              begin();
              fronts.write();
            });
  }

  /// Takes a file for a table.
  ///
  /// @param failed told what keeps it from being one
  void take(CaseSource file, Kind kind, Consumer<String> failed) {
    Pasting.read(file, kind, failed)
        .ifPresent(
            recognised -> {
              pasting.take(recognised, this::begin);
              fronts.write();
            });
  }

  /// Takes nothing.
  void leave() {
    if (beginsAnew) {
      fronts.start();
    } else {
      fronts.write();
    }
  }

  /// From the start, data begin a solution of their own.
  private void begin() {
    if (beginsAnew) {
      desk.solution().begin(SolutionFile.blank());
      beginsAnew = false;
    }
  }

  /// Takes what was pasted. At the start, a table begins a solution of its own.
  void paste(String text) {
    if (fronts.isChecking()) {
      desk.checking().paste(text, () -> {});
      return;
    }
    if (pastesRecords(text)) {
      return;
    }
    boolean anew = fronts.isAtStart() || records.filter(Node::isVisible).isPresent() && beginsAnew;
    boolean taken = anew ? pasting.begin(text) : pasting.paste(text);
    if (taken) {
      fronts.write();
    }
    Notice said = desk.notices().now();
    if (said.offers().size() < MOST_OFFERS) {
      Notice.Offer offer =
          new Notice.Offer(Words.of("status.otherwise"), () -> takeOtherwise(text, taken));
      desk.notices().say(said.and(Notice.of("", offer)));
    }
  }

  /// Shows what was pasted as a file is shown, so that it can be taken for something else.
  ///
  /// @param taken whether it is in the table already
  private void takeOtherwise(String text, boolean taken) {
    try {
      CaseFile pasted = CaseFile.pasted(text, Words.of("records.pasted"));
      if (taken) {
        desk.solution().undo();
      }
      show(pasted);
    } catch (FileProblem e) {
      desk.notices().say(e.getMessage());
    }
  }

  /// Records on the clipboard are shown before they are counted, as those of a file are.
  private boolean pastesRecords(String text) {
    try {
      CaseFile pasted = CaseFile.pasted(text, Words.of("records.pasted"));
      boolean found = !Kind.isTitled(pasted) && Kind.of(pasted.sample()) == Kind.RECORDS;
      if (found) {
        show(pasted);
      }
      return found;
    } catch (FileProblem e) {
      // What is no table of records may be another table; that says what is wrong with it.
      return false;
    }
  }
}
