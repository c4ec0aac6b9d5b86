package lehrgang.desktop.desk;

import java.io.Serial;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.scene.Node;
import lehrgang.core.cases.Recipe;
import lehrgang.core.marking.ClassMarks;
import lehrgang.core.marking.SheetMarks;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.cases.Kind;
import lehrgang.documents.handout.Form;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.personal.PersonalClass;
import lehrgang.documents.solutionfile.SolutionFile;
import lehrgang.documents.table.TableExport.Digits;

/// What a part of a window asks of the window: to show another view, to open or write files, to
/// copy. It goes up from the node that asks, as an event, until the window answers it.
public sealed interface Request {
  /// To show something else.
  sealed interface ToWindow extends Request {}

  /// To read or write files, or to copy.
  sealed interface ToFiles extends Request {}

  /// To read answers, or to write marks.
  sealed interface ToAnswers extends Request {}

  /// The views that any other view can ask for.
  enum View {
    WRITE,
    CHECK,
    HAND_OUT,
    VARY,
    COMPOSE
  }

  record Show(View view) implements ToWindow {}

  /// What the program is, and under which terms it comes.
  record ShowAbout() implements ToWindow {}

  /// A solution that was never saved is begun.
  record Begin(SolutionFile file) implements ToWindow {}

  record OpenSolution(Path file) implements ToFiles {}

  /// A file of any kind is chosen and opened.
  record ChooseFile() implements ToFiles {}

  /// A picture is chosen for the question.
  record AddPicture() implements ToFiles {}

  record CopyText(String text) implements ToFiles {}

  record CopyFigure(FigureSpec figure) implements ToFiles {}

  record SaveFigure(FigureSpec figure) implements ToFiles {}

  record CopyTable(Grid grid, Digits digits) implements ToFiles {}

  record SaveTable(Grid grid, Digits digits) implements ToFiles {}

  /// The records of a file are counted.
  ///
  /// @param failed told why they make no table
  record CountRecords(CaseSource file, Recipe recipe, Consumer<String> failed)
      implements ToWindow {}

  /// A file is taken for a table.
  ///
  /// @param failed told what keeps it from being one
  record TakeTable(CaseSource file, Kind kind, Consumer<String> failed) implements ToWindow {}

  /// A file of data is not taken.
  record LeaveRecords() implements ToWindow {}

  /// A file with answers of a class is chosen and opened.
  record ChooseAnswers() implements ToAnswers {}

  /// The folder of a class is chosen in which each student has data of their own.
  record ChooseKeys() implements ToAnswers {}

  /// Answers are taken from the clipboard.
  record PasteAnswers() implements ToAnswers {}

  /// The answers of the class that answered the demo are taken.
  record TakeExampleAnswers() implements ToAnswers {}

  /// A file is chosen, and a table for answers written to it.
  record SaveAnswersTemplate() implements ToAnswers {}

  record SaveMarks(ClassMarks marks) implements ToAnswers {}

  /// Feedback to some students is written into one file.
  record SaveFeedback(List<SheetMarks> sheets) implements ToAnswers {}

  /// Feedback is written into a folder, files for each student and for all of them.
  record SaveFeedbackEach(List<SheetMarks> sheets) implements ToAnswers {}

  record SaveSheet(Order order, Form form) implements ToFiles {}

  record Print(byte[] pdf) implements ToFiles {}

  /// More solutions are chosen for a set.
  ///
  /// @param chosen told which, worked out; not told where none was
  record ChooseSolutions(Consumer<List<Solved>> chosen) implements ToFiles {}

  /// A class list is chosen.
  ///
  /// @param chosen told which; not told where none was
  record ChooseClassList(Consumer<Path> chosen) implements ToFiles {}

  /// A folder is chosen, and a class written into it.
  record SaveClass(PersonalClass drawn, List<Form> forms) implements ToFiles {}

  /// Asks the window of a node.
  default void from(Node node) {
    node.fireEvent(new Asked(this));
  }

  /// A request on its way to the window.
  final class Asked extends Event {
    public static final EventType<Asked> TYPE = new EventType<>(Event.ANY, "REQUEST");

    @Serial private static final long serialVersionUID = 1;

    private final transient Request request;

    private Asked(Request request) {
      super(TYPE);
      this.request = request;
    }

    public Request request() {
      return request;
    }
  }
}
