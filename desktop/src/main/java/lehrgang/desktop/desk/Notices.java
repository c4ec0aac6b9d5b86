package lehrgang.desktop.desk;

import java.util.function.Consumer;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;

/// What just happened: one notice at a time.
public final class Notices {
  private final ObjectProperty<Notice> shown = new SimpleObjectProperty<>(Notice.NONE);

  /// What is said now.
  public Notice now() {
    return shown.get();
  }

  public void say(Notice notice) {
    shown.set(notice);
  }

  public void say(String sentence) {
    say(Notice.of(sentence));
  }

  public void clear() {
    say(Notice.NONE);
  }

  /// @param listener told at once and whenever something else is said
  public void subscribe(Consumer<Notice> listener) {
    shown.subscribe(listener);
  }
}
