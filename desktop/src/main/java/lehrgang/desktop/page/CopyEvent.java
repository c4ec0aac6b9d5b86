package lehrgang.desktop.page;

import java.io.Serial;
import javafx.event.Event;
import javafx.event.EventType;

/// Something on the page that is to be copied as text.
public final class CopyEvent extends Event {
  public static final EventType<CopyEvent> COPY = new EventType<>(Event.ANY, "COPY_TEXT");

  @Serial private static final long serialVersionUID = 1;

  private final String text;

  CopyEvent(String text) {
    super(COPY);
    this.text = text;
  }

  public String text() {
    return text;
  }
}
