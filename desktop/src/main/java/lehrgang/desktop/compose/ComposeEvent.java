package lehrgang.desktop.compose;

import java.io.Serial;
import javafx.event.Event;
import javafx.event.EventType;

/// Someone wants a table that shows something.
public final class ComposeEvent extends Event {
  @Serial private static final long serialVersionUID = 1L;

  /// The view is to be opened.
  public static final EventType<ComposeEvent> OPEN = new EventType<>(Event.ANY, "COMPOSE");

  /// Asks for the view.
  public ComposeEvent() {
    super(OPEN);
  }
}
