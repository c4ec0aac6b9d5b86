package lehrgang.desktop.desk;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.function.Function;

/// The states before and after the current one, without limit. Edits of the same thing in a row
/// count as one.
final class History<T> {
  private final Deque<T> before = new ArrayDeque<>();
  private final Deque<T> after = new ArrayDeque<>();
  private String lastEdited = "";

  /// @param replaced the state that is left
  /// @param edited   what was edited; the same thing again adds no state; blank never joins
  void edited(T replaced, String edited) {
    if (edited.isBlank() || !edited.equals(lastEdited)) {
      before.push(replaced);
    }
    after.clear();
    lastEdited = edited;
  }

  /// The next edit is a new one, even of the same thing.
  void pause() {
    lastEdited = "";
  }

  Optional<T> undo(T current) {
    return step(before, after, current);
  }

  Optional<T> redo(T current) {
    return step(after, before, current);
  }

  private Optional<T> step(Deque<T> from, Deque<T> to, T current) {
    if (from.isEmpty()) {
      return Optional.empty();
    }
    pause();
    to.push(current);
    return Optional.of(from.pop());
  }

  /// Has the states of another one in the place of its own.
  void become(History<T> other) {
    clear();
    before.addAll(other.before);
    after.addAll(other.after);
  }

  /// The same states as something else; one that cannot be that is left out.
  <U> History<U> map(Function<T, Optional<U>> other) {
    History<U> mapped = new History<>();
    before.forEach(state -> other.apply(state).ifPresent(mapped.before::addLast));
    after.forEach(state -> other.apply(state).ifPresent(mapped.after::addLast));
    return mapped;
  }

  boolean canUndo() {
    return !before.isEmpty();
  }

  boolean canRedo() {
    return !after.isEmpty();
  }

  void clear() {
    before.clear();
    after.clear();
    pause();
  }
}
