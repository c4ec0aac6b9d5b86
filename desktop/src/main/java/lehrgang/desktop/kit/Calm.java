package lehrgang.desktop.kit;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javafx.animation.PauseTransition;
import javafx.util.Duration;

/// Does something when nothing has happened for a moment: what a fast hand would only make to be
/// done again.
public final class Calm {
  private static final Set<Calm> WAITING = new HashSet<>();

  private final PauseTransition pause;
  private Runnable action;

  /// @param moment how long nothing must have happened
  /// @param action what is then done
  public Calm(Duration moment, Runnable action) {
    this.pause = new PauseTransition(moment);
    this.action = action;
    pause.setOnFinished(_ -> end());
  }

  /// @param moment how long nothing must have happened
  public Calm(Duration moment) {
    this(moment, () -> {});
  }

  /// Something has happened: the moment begins anew.
  public void restart() {
    WAITING.add(this);
    pause.playFromStart();
  }

  /// Something has happened, and something else is to be done.
  public void restart(Runnable other) {
    action = other;
    restart();
  }

  /// What was to be done is not done.
  public void stop() {
    WAITING.remove(this);
    pause.stop();
  }

  private void end() {
    stop();
    action.run();
  }

  /// Does at once what waits for a calm moment anywhere.
  ///
  /// @return whether anything did
  static boolean endAll() {
    List<Calm> waiting = List.copyOf(WAITING);
    waiting.forEach(Calm::end);
    return !waiting.isEmpty();
  }
}
