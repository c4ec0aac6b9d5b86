package lehrgang.desktop.kit;

import javafx.application.Platform;
import javafx.event.Event;
import javafx.event.EventTarget;

/// The way that an event takes from a window to a node.
///
/// The toolkit keeps one such way for all events, and what an event within an event put at its end
/// stays there until another event comes as far: with it a whole window that was closed long ago.
public final class EventWay {
  /// Longer than any, events within events counted.
  private static final int LONGEST = 512;

  private EventWay() {}

  /// Lets go of where events have gone, as soon as none is on its way.
  public static void forget() {
    EventTarget far =
        way -> {
          for (int k = 0; k < LONGEST; k++) {
            way.append((event, _) -> event);
          }
          return way;
        };
    Platform.runLater(() -> Event.fireEvent(far, new Event(Event.ANY)));
  }
}
