package lehrgang.desktop.page;

import java.io.Serial;
import javafx.event.Event;
import javafx.event.EventType;
import lehrgang.core.page.FigureSpec;

/// A figure that is to be saved or copied as a picture of its own.
public final class FigureEvent extends Event {
  public static final EventType<FigureEvent> SAVE = new EventType<>(Event.ANY, "SAVE_FIGURE");
  public static final EventType<FigureEvent> COPY = new EventType<>(Event.ANY, "COPY_FIGURE");

  @Serial private static final long serialVersionUID = 1;

  private final transient FigureSpec figure;

  /// @param type [#SAVE] or [#COPY]
  public FigureEvent(EventType<FigureEvent> type, FigureSpec figure) {
    super(type);
    this.figure = figure;
  }

  public FigureSpec figure() {
    return figure;
  }
}
