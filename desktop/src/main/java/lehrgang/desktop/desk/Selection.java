package lehrgang.desktop.desk;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import lehrgang.core.expr.LineId;

/// Which number is selected; at most one.
public final class Selection {
  private final ObjectProperty<Optional<LineId>> line =
      new SimpleObjectProperty<>(Optional.empty());

  /// The line whose number is selected.
  public Optional<LineId> line() {
    return line.get();
  }

  public void select(LineId selected) {
    line.set(Optional.of(selected));
  }

  public void clear() {
    line.set(Optional.empty());
  }

  /// @param listener told at once and whenever another number is selected
  public void subscribe(Consumer<Optional<LineId>> listener) {
    line.subscribe(listener);
  }
}
