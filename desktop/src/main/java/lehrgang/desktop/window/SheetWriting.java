package lehrgang.desktop.window;

import java.nio.file.Path;
import java.util.Optional;
import javafx.application.Platform;
import lehrgang.desktop.desk.Notice;
import lehrgang.desktop.desk.Notices;
import lehrgang.desktop.kit.BackgroundWork;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.handout.Form;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.Sheet;

/// Writes sheets: one solution at once, a set of them beside the interface, with a stop that leaves
/// the file as it was.
final class SheetWriting {
  private static final int AT_ONCE = 2;

  private final Notices notices;
  private Optional<BackgroundWork> work = Optional.empty();

  SheetWriting(Notices notices) {
    this.notices = notices;
  }

  void write(Path path, Order order, Form form) {
    if (order.solutions().size() <= AT_ONCE) {
      put(form.make(order, path.getFileName().toString()), path);
      return;
    }
    say(path, order);
    work =
        Optional.of(
            BackgroundWork.begin(
                (_, _) -> form.make(order, path.getFileName().toString()),
                BackgroundWork.Listener.of(
                    sheet -> put(sheet, path), () -> notices.say(Words.of("status.failed")))));
  }

  private void put(Sheet sheet, Path path) {
    try {
      Form.write(sheet, path);
      notices.say(Words.of("status.written", path.getFileName()));
    } catch (FileProblem e) {
      notices.say(e.getMessage());
    }
  }

  private void say(Path path, Order order) {
    Runnable stop =
        () -> {
          work.ifPresent(BackgroundWork::stop);
          Platform.runLater(() -> notices.say(Words.of("status.not-written", path.getFileName())));
        };
    notices.say(
        Notice.of(
            Words.of("status.writing", path.getFileName(), order.solutions().size()),
            new Notice.Offer(Words.of("status.stop"), stop)));
  }
}
