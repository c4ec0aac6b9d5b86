package lehrgang.desktop.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.DoubleFunction;
import java.util.function.IntFunction;
import java.util.function.Supplier;
import lehrgang.desktop.kit.BackgroundWork;
import lehrgang.desktop.kit.Session;
import lehrgang.desktop.kit.Words;

/// Work beside the interface of which a notice says how far it is, with a button that stops it.
public final class LongWork {
  private final Notices notices;
  private final BackgroundWork work;
  private final List<Running> running = new ArrayList<>();

  /// @param session in which a piece of work begins, and without which it is of no use
  public LongWork(Notices notices, BackgroundWork.Demand demand, Supplier<Session> session) {
    this.notices = notices;
    this.work = new BackgroundWork(demand, session);
  }

  /// Work that is of use whatever is open in the window.
  public LongWork(Notices notices, BackgroundWork.Demand demand) {
    this(notices, demand, Session::new);
  }

  /// What is told in the end, on the interface thread: one of the three.
  ///
  /// @param done    the result
  /// @param failed  why there is none, in one sentence
  /// @param stopped that the user stopped it
  public record Outcome<T>(Consumer<T> done, Consumer<String> failed, Runnable stopped) {}

  /// What a notice says of it, by the part that is done in percent.
  public static DoubleFunction<String> percent(String key) {
    return part -> Words.of(key, Math.round(part * 100) + "\u00a0%");
  }

  /// What a notice says of it, by how many of several are done.
  public static DoubleFunction<String> counted(int all, IntFunction<String> said) {
    return part -> said.apply((int) Math.round(part * all));
  }

  /// Begins a piece of work and returns at once. The one before is stopped, unless it writes files.
  ///
  /// @param underWay what the notice says, by the part that is done from 0 to 1
  public <T> void begin(
      DoubleFunction<String> underWay, BackgroundWork.Job<T> job, Outcome<T> outcome) {
    Running piece = new Running(outcome.stopped());
    running.forEach(Running::unsay);
    running.removeIf(_ -> !work.writes());
    running.add(piece);
    piece.say(underWay.apply(0));
    piece.stopper =
        work.begin(
            job,
            new BackgroundWork.Outcome<>(
                part -> piece.say(underWay.apply(part)),
                result -> {
                  piece.end();
                  outcome.done().accept(result);
                },
                problem -> {
                  piece.end();
                  outcome.failed().accept(problem);
                }));
  }

  /// The same where a notice says why there is no result, or that it was stopped.
  public <T> void begin(
      DoubleFunction<String> underWay,
      BackgroundWork.Job<T> job,
      Notice stopped,
      Consumer<T> done) {
    begin(underWay, job, new Outcome<>(done, notices::say, () -> notices.say(stopped)));
  }

  /// Stops what is under way, without a word.
  public void stop() {
    work.stop();
    List.copyOf(running).forEach(Running::end);
  }

  /// A piece of work, with the notice that says how far it is.
  private final class Running {
    private final Runnable stopped;
    private Runnable stopper = () -> {};
    private Notice said = Notice.NONE;

    Running(Runnable stopped) {
      this.stopped = stopped;
    }

    void say(String sentence) {
      said = Notice.of(sentence, new Notice.Offer(Words.of("status.stop"), this::stop));
      notices.say(said);
    }

    private void stop() {
      stopper.run();
      end();
      stopped.run();
    }

    void end() {
      unsay();
      running.remove(this);
    }

    /// What another one says stays.
    void unsay() {
      if (notices.now() == said) {
        notices.clear();
      }
    }
  }
}
