package lehrgang.desktop;

import com.sun.javafx.tk.Toolkit;
import java.util.concurrent.Callable;
import lehrgang.desktop.kit.FxTurn;

/// Does something on the interface thread and waits until the window shows it. The pulses in which
/// the toolkit lays windows out are given by hand: no frame is waited for, and none is painted.
public final class Turn {
  private static final int PULSES = 3;

  private Turn() {}

  /// Does something and waits until it is laid out.
  public static void run(Runnable work) {
    call(
        () -> {
          work.run();
          return true;
        });
    settle();
  }

  public static <T> T call(Callable<T> work) {
    return FxTurn.call(work);
  }

  /// Waits for layout, and for what was put off until after it.
  public static void settle() {
    FxTurn.awaitPages();
    for (int pulse = 0; pulse < PULSES; pulse++) {
      call(
          () -> {
            Toolkit.getToolkit().firePulse();
            return true;
          });
    }
  }
}
