package lehrgang.desktop.window;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.input.Clipboard;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.ClassMarks;
import lehrgang.core.marking.SheetMarks;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Blanks;
import lehrgang.core.page.Page;
import lehrgang.desktop.desk.ClassKeys;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.desk.LongWork;
import lehrgang.desktop.desk.Notice;
import lehrgang.desktop.desk.Request;
import lehrgang.desktop.desk.Sight;
import lehrgang.desktop.kit.BackgroundWork.Demand;
import lehrgang.desktop.kit.Words;
import lehrgang.desktop.window.FileDialogs.Sort;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.file.WholeFile;
import lehrgang.documents.handout.FeedbackSheets;
import lehrgang.documents.handout.Form;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.marks.AnswersFile;
import lehrgang.documents.marks.MarksFile;
import lehrgang.documents.personal.PersonalFolder;
import lehrgang.documents.solutionfile.DemoCourse;

/// Answers in, marks out.
final class CheckActions {
  private static final Sort ANSWERS = new Sort("file.answers", AnswersFile.ENDINGS);

  private final Desk desk;
  private final FileDialogs dialogs;
  private final Runnable shown;
  private final LongWork writing;
  private final LongWork reading;

  /// @param writing files
  /// @param shown   brings the answers in front
  CheckActions(Desk desk, FileDialogs dialogs, LongWork writing, Runnable shown) {
    this.desk = desk;
    this.dialogs = dialogs;
    this.shown = shown;
    this.writing = writing;
    this.reading = new LongWork(desk.notices(), Demand.PROCESSOR, desk.solution()::session);
  }

  /// Does with answers and marks what a part of the window asks for.
  void answer(Request.ToAnswers request) {
    switch (request) {
      case Request.ChooseAnswers _ -> dialogs.toOpen(ANSWERS).ifPresent(this::open);
      case Request.ChooseKeys _ -> dialogs.toFolder().ifPresent(this::openKeys);
      case Request.PasteAnswers _ ->
          Optional.ofNullable(Clipboard.getSystemClipboard().getString())
              .ifPresentOrElse(
                  text -> desk.checking().paste(text, () -> {}),
                  () -> desk.notices().say(Words.of("status.no-table")));
      case Request.TakeExampleAnswers _ -> exampleAtHand(shown);
      case Request.SaveAnswersTemplate _ ->
          dialogs
              .toSave(dialogs.nameOfSolution() + "-answers", Sort.of("file.csv", ".csv"))
              .ifPresent(this::template);
      case Request.SaveMarks(var marks) ->
          dialogs
              .toSave(dialogs.nameOfSolution() + "-marks", Sort.of("file.csv", ".csv"))
              .ifPresent(path -> save(path, marks));
      case Request.SaveFeedback(var sheets) -> {
        String who = sheets.size() == 1 ? "-" + sheets.getFirst().student() : "";
        dialogs
            .toSave(
                dialogs.nameOfSolution() + "-feedback" + who,
                Sort.of("file.pdf", ".pdf"),
                Sort.of("file.html", ".html"))
            .ifPresent(path -> feedback(path, sheets));
      }
      case Request.SaveFeedbackEach(var sheets) ->
          dialogs.toFolder().ifPresent(folder -> feedbackEach(folder, sheets));
    }
  }

  /// Takes the answers of the class that answered the demo, without bringing them in front.
  ///
  /// @param taken told when they could be read
  void exampleAtHand(Runnable taken) {
    try {
      desk.checking().open(DemoCourse.answers(Files.createTempDirectory("lehrgang-demo")), taken);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  void open(Path path) {
    desk.checking().open(path, shown);
  }

  /// Takes the solutions of a class in which each student has data of their own.
  void openKeys(Path folder) {
    try {
      Map<String, Path> files = new PersonalFolder(folder).files();
      reading.begin(
          LongWork.counted(
              files.size(), done -> Words.of("check.keys.reading", done, files.size())),
          progress -> ClassKeys.read(files, progress),
          Notice.of(Words.of("check.keys.stopped")),
          keys -> {
            if (desk.checking().take(keys)) {
              shown.run();
            }
          });
    } catch (FileProblem e) {
      desk.notices().say(e.getMessage());
    }
  }

  /// Lets go of what is under way.
  void stop() {
    reading.stop();
  }

  void save(Path path, ClassMarks marks) {
    write(
        FileDialogs.withEnding(path, ".csv"),
        MarksFile.csv(marks.lines(), marks.sheets()),
        Words.of("status.marks", marks.sheets().size(), path.getFileName()));
  }

  private Optional<FeedbackSheets> feedback() {
    return Optional.of(desk.worked().now())
        .filter(Sight::isCurrent)
        .flatMap(Sight::result)
        .map(
            result -> {
              Solved open = new Solved(desk.solution().now(), result.derivation());
              return new FeedbackSheets(
                  student -> desk.checking().keys().flatMap(own -> own.of(student)).orElse(open));
            });
  }

  private void withFeedback(Consumer<FeedbackSheets> action) {
    desk.worked()
        .whenWorkedOut(
            () -> feedback().ifPresentOrElse(action, () -> desk.notices().say(Words.of("stale"))));
  }

  /// Writes feedback into one file, a web page or a PDF by its ending.
  void feedback(Path path, List<SheetMarks> sheets) {
    Form form =
        Form.ofFile(path.toString()).filter(FeedbackSheets.FORMS::contains).orElse(Form.PDF);
    withFeedback(
        maker ->
            write(
                FileDialogs.withEnding(path, form.ending()),
                maker.make(sheets, form),
                Words.of("status.written", path.getFileName())));
  }

  /// Writes feedback into a folder, beside the interface.
  void feedbackEach(Path folder, List<SheetMarks> sheets) {
    withFeedback(
        maker ->
            writing.begin(
                LongWork.counted(
                    sheets.size(),
                    done -> Words.of("status.feedback.writing", done, sheets.size())),
                progress -> {
                  maker.write(sheets, folder, progress);
                  return Words.of("status.feedback", sheets.size(), folder.getFileName());
                },
                Notice.of(Words.of("status.feedback.stopped")),
                desk.notices()::say));
  }

  /// A table for answers to all that the worksheet asks.
  void template(Path path) {
    desk.worked().whenWorkedOut(() -> writeTemplate(path));
  }

  private void writeTemplate(Path path) {
    Optional<Page> sheet =
        Optional.of(desk.worked().now())
            .filter(Sight::isCurrent)
            .flatMap(Sight::result)
            .map(result -> Page.of(desk.solution().now(), result.derivation(), Audience.STUDENT));
    if (sheet.isEmpty()) {
      desk.notices().say(Words.of("stale"));
      return;
    }
    List<LineId> asked = Blanks.of(sheet.get()).lines();
    write(
        FileDialogs.withEnding(path, ".csv"),
        AnswersFile.template(asked),
        Words.of("status.written", path.getFileName()));
  }

  private void write(Path path, String text, String said) {
    write(path, text.getBytes(StandardCharsets.UTF_8), said);
  }

  private void write(Path path, byte[] content, String said) {
    try {
      WholeFile.write(path, content);
      desk.notices().say(said);
    } catch (FileProblem e) {
      desk.notices().say(e.getMessage());
    }
  }
}
