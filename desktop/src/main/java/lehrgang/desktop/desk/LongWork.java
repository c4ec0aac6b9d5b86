package lehrgang.desktop.desk;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.IntFunction;
import java.util.function.IntPredicate;
import lehrgang.desktop.kit.BackgroundWork;
import lehrgang.desktop.kit.Session;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.file.FileProblem;

/// Work on many files beside the interface: says how far it is, and can be stopped. What else is
/// begun stops it.
public final class LongWork {
  private final Notices notices;
  private Optional<BackgroundWork> work = Optional.empty();

  public LongWork(Notices notices) {
    this.notices = notices;
  }

  /// What is to be done.
  public interface Job<T> {
    /// @param goesOn told how many are done, by one thread or another; whether to go on
    /// @throws FileProblem if it cannot be done; said in the end
    T run(IntPredicate goesOn) throws FileProblem;
  }

  /// What is said meanwhile.
  ///
  /// @param underWay by how many are done
  /// @param stopped  after a stop
  public record Said(IntFunction<String> underWay, Notice stopped) {
    public Said(IntFunction<String> underWay, String stopped) {
      this(underWay, Notice.of(stopped));
    }
  }

  /// How it ended.
  private sealed interface Ended<T> {
    record Well<T>(T result) implements Ended<T> {}

    record Badly<T>(FileProblem problem) implements Ended<T> {}
  }

  /// Begins, and returns at once.
  ///
  /// @param session in which the result is of use; a new one for files, which are written whatever
  ///     is opened meanwhile
  /// @param all  how many there are to do; 1 or more
  /// @param done told of the result, on the interface thread, unless it was stopped
  public <T> void begin(Session session, int all, Job<T> job, Said said, Consumer<T> done) {
    stop();
    say(0, said);
    work =
        Optional.of(
            BackgroundWork.begin(
                session,
                (progress, stopped) ->
                    run(
                        job,
                        count -> {
                          progress.accept((double) count / all);
                          return !stopped.getAsBoolean();
                        }),
                new BackgroundWork.Listener<>(
                    part -> say((int) Math.round(part * all), said),
                    ended -> {
                      switch (ended) {
                        case Ended.Well<T>(var result) -> done.accept(result);
                        case Ended.Badly<T>(var problem) -> notices.say(problem.getMessage());
                      }
                    },
                    () -> notices.say(Words.of("status.failed")))));
  }

  /// Stops what is under way, without a word.
  public void stop() {
    work.ifPresent(BackgroundWork::stop);
    work = Optional.empty();
  }

  private static <T> Ended<T> run(Job<T> job, IntPredicate goesOn) {
    try {
      return new Ended.Well<>(job.run(goesOn));
    } catch (FileProblem e) {
      return new Ended.Badly<>(e);
    }
  }

  private void say(int done, Said said) {
    Runnable stopped =
        () -> {
          stop();
          notices.say(said.stopped());
        };
    notices.say(
        Notice.of(said.underWay().apply(done), new Notice.Offer(Words.of("status.stop"), stopped)));
  }
}
