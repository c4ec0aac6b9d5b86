package lehrgang.desktop.window;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import lehrgang.desktop.desk.Notice;
import lehrgang.desktop.desk.Notices;
import lehrgang.desktop.kit.BackgroundWork;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.handout.Form;
import lehrgang.documents.personal.PersonalClass;
import lehrgang.documents.personal.PersonalFolder;
import lehrgang.documents.solutionfile.SolutionFile;

/// Writes a class with a data set for each student, beside the interface, and can be stopped.
final class ClassWriting {
  private final Notices notices;
  private Optional<BackgroundWork> work = Optional.empty();

  ClassWriting(Notices notices) {
    this.notices = notices;
  }

  void write(SolutionFile model, PersonalClass drawn, List<Form> forms, Path folder) {
    work.ifPresent(BackgroundWork::stop);
    int all = drawn.members().size();
    say(0, all);
    work =
        Optional.of(
            BackgroundWork.begin(
                (progress, stopped) -> {
                  try {
                    new PersonalFolder(folder)
                        .write(
                            model,
                            drawn,
                            forms,
                            done -> {
                              progress.accept((double) done / all);
                              return !stopped.getAsBoolean();
                            });
                    return Words.of("vary.written", all, folder.getFileName());
                  } catch (FileProblem e) {
                    return e.getMessage();
                  }
                },
                new BackgroundWork.Listener<>(
                    part -> say(Math.round(part * all), all),
                    notices::say,
                    () -> notices.say(Words.of("status.failed")))));
  }

  private void say(long done, int all) {
    Runnable stop =
        () -> {
          work.ifPresent(BackgroundWork::stop);
          notices.say(Words.of("vary.stopped"));
        };
    notices.say(
        Notice.of(
            Words.of("vary.writing", done, all), new Notice.Offer(Words.of("status.stop"), stop)));
  }
}
