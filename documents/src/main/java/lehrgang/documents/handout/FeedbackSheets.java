package lehrgang.documents.handout;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.function.Function;
import lehrgang.core.marking.SheetMarks;
import lehrgang.core.solution.SheetChoices;
import lehrgang.core.work.Progress;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.file.SafeNames;
import lehrgang.documents.file.WholeFile;
import lehrgang.documents.handout.html.HtmlHandout;
import lehrgang.documents.handout.order.Feedback;
import lehrgang.documents.handout.order.Manuscript;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.handout.pdf.PdfHandout;

/// What students are told of their answers, as files: one for each student, or all in one.
public final class FeedbackSheets {
  /// The forms that feedback has.
  public static final List<Form> FORMS = List.of(Form.PDF, Form.WEB_PAGE);

  private static final String KIND = "feedback";

  /// What a file for everybody is called.
  private static final String ALL = "everyone";

  private final Function<String, Solved> solved;

  public FeedbackSheets(Solved solved) {
    this(_ -> solved);
  }

  /// @param solved the solution that a student's answers were marked by
  public FeedbackSheets(Function<String, Solved> solved) {
    this.solved = solved;
  }

  /// Feedback to some students in one file, each on pages of their own.
  ///
  /// @param sheets at least one
  /// @param form   PDF or a web page
  public byte[] make(List<SheetMarks> sheets, Form form) {
    Manuscript manuscript = Feedback.of(solved, sheets);
    SheetChoices choices = solved.apply(sheets.getFirst().student()).solution().sheet();
    return form == Form.PDF
        ? PdfHandout.of(manuscript, choices)
        : HtmlHandout.of(manuscript, choices, KIND).getBytes(StandardCharsets.UTF_8);
  }

  /// Writes a PDF and a web page for each student, called after them, and one of each for all of
  /// them.
  ///
  /// @param sheets   at least one
  /// @param progress told how many of the students are done
  /// @throws FileProblem if a file cannot be written
  /// @throws CancellationException if it was stopped; what was written stays
  public void write(List<SheetMarks> sheets, Path folder, Progress progress) throws FileProblem {
    SafeNames names = new SafeNames(List.of(ALL));
    int count = 0;
    for (SheetMarks sheet : sheets) {
      String name = names.next(sheet.student(), "student");
      for (Form form : FORMS) {
        WholeFile.write(folder.resolve(name + form.ending()), make(List.of(sheet), form));
      }
      count++;
      progress.report(count, sheets.size());
    }
    for (Form form : FORMS) {
      WholeFile.write(folder.resolve(ALL + form.ending()), make(sheets, form));
    }
  }
}
