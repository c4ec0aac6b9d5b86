package lehrgang.desktop.page;

import java.io.Serial;
import javafx.event.Event;
import javafx.event.EventType;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.documents.table.TableExport.Digits;

/// A table that is wanted elsewhere.
public final class TableEvent extends Event {
  public static final EventType<TableEvent> ANY = new EventType<>(Event.ANY, "TABLE");
  public static final EventType<TableEvent> COPY = new EventType<>(ANY, "COPY_TABLE");
  public static final EventType<TableEvent> SAVE = new EventType<>(ANY, "SAVE_TABLE");

  @Serial private static final long serialVersionUID = 1;

  private final transient Grid grid;
  private final Digits digits;

  TableEvent(EventType<TableEvent> type, Grid grid, Digits digits) {
    super(type);
    this.grid = grid;
    this.digits = digits;
  }

  public Grid grid() {
    return grid;
  }

  public Digits digits() {
    return digits;
  }
}
