package lehrgang.desktop.window;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import lehrgang.core.marking.SheetMarks;
import lehrgang.desktop.desk.Notice;
import lehrgang.desktop.desk.Notices;
import lehrgang.desktop.kit.BackgroundWork;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.handout.FeedbackSheets;

/// Writes feedback to many students beside the interface, and says how far it is; what was written
/// before a stop stays.
final class FeedbackWriting {
  private final Notices notices;
  private Optional<BackgroundWork> work = Optional.empty();

  FeedbackWriting(Notices notices) {
    this.notices = notices;
  }

  void write(FeedbackSheets maker, List<SheetMarks> sheets, Path folder) {
    work.ifPresent(BackgroundWork::stop);
    say(0, sheets.size());
    work =
        Optional.of(
            BackgroundWork.begin(
                (progress, stopped) -> written(maker, sheets, folder, progress, stopped),
                new BackgroundWork.Listener<>(
                    part -> say(Math.round(part * sheets.size()), sheets.size()),
                    notices::say,
                    () -> notices.say(Words.of("status.failed")))));
  }

  /// What is to be said of it in the end.
  private static String written(
      FeedbackSheets maker,
      List<SheetMarks> sheets,
      Path folder,
      DoubleConsumer progress,
      BooleanSupplier stopped) {
    try {
      maker.write(
          sheets,
          folder,
          done -> {
            if (stopped.getAsBoolean()) {
              throw new CancellationException();
            }
            progress.accept((double) done / sheets.size());
          });
      return Words.of("status.feedback", sheets.size(), folder.getFileName());
    } catch (FileProblem e) {
      return e.getMessage();
    } catch (CancellationException e) {
      return "";
    }
  }

  private void say(long done, int all) {
    Runnable stop =
        () -> {
          work.ifPresent(BackgroundWork::stop);
          notices.say(Words.of("status.feedback.stopped"));
        };
    notices.say(
        Notice.of(
            Words.of("status.feedback.writing", done, all),
            new Notice.Offer(Words.of("status.stop"), stop)));
  }
}
