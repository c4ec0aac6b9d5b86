package lehrgang.desktop.window;

import java.util.concurrent.CountDownLatch;
import javafx.application.Platform;

/// The interface without a display, for measuring.
final class Headless {
  private Headless() {}

  /// Starts it; it runs until [Platform#exit()].
  static void start() throws InterruptedException {
    System.setProperty("glass.platform", "Headless");
    System.setProperty("prism.order", "sw");
    CountDownLatch started = new CountDownLatch(1);
    Platform.startup(started::countDown);
    started.await();
    Platform.setImplicitExit(false);
  }
}
