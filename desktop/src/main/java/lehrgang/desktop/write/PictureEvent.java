package lehrgang.desktop.write;

import java.io.Serial;
import javafx.event.Event;
import javafx.event.EventType;

/// Someone wants a picture below the question.
public final class PictureEvent extends Event {
  @Serial private static final long serialVersionUID = 1L;

  /// It is to be asked for.
  public static final EventType<PictureEvent> ADD = new EventType<>(Event.ANY, "ADD_PICTURE");

  PictureEvent() {
    super(ADD);
  }
}
