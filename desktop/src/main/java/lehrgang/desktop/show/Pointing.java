package lehrgang.desktop.show;

import java.util.Optional;
import javafx.scene.input.KeyCode;
import lehrgang.core.expr.LineId;
import lehrgang.core.lesson.Told;

/// Numbers that are pointed at, by key or by mouse, and the card that says where one comes from.
final class Pointing {
  private final SourceCard card = new SourceCard();
  private Optional<Pointer> pointer = Optional.empty();
  private boolean isLighting;

  /// The card.
  SourceCard card() {
    return card;
  }

  /// Whether keys go from number to number.
  boolean isOn() {
    return pointer.isPresent();
  }

  /// Begins at the first number on a board.
  void begin(Board board) {
    Pointer begun = new Pointer(board.numbers());
    pointer = Optional.of(begun);
    begun.begin();
    mark(board);
  }

  /// Does what a key does while numbers are pointed at.
  ///
  /// @return whether it did anything
  boolean press(KeyCode code, Board board) {
    if (pointer.isEmpty() || !code.isArrowKey() && code != KeyCode.ENTER) {
      return false;
    }
    if (code.isArrowKey()) {
      pointer.get().go(code);
    }
    mark(board);
    return true;
  }

  private void mark(Board board) {
    pointer
        .flatMap(Pointer::at)
        .flatMap(board.numbers()::lineAt)
        .ifPresent(board.selection()::select);
  }

  /// Lights numbers without anybody pointing at them.
  void lighting(Runnable light) {
    isLighting = true;
    light.run();
    isLighting = false;
  }

  /// A number that somebody pointed at says where it comes from, unless it is still to be found.
  ///
  /// @param at    the line that is told now
  /// @param width how wide the card may be
  void selected(LineId line, Telling telling, Told at, Board board, double width) {
    if (isLighting) {
      return;
    }
    boolean told = !telling.lesson().concealed(at).contains(line);
    if (told && telling.page().has(line)) {
      card.show(line, telling.page(), board.views(), width);
    } else {
      card.leave();
    }
  }

  /// Whether anything of it lies over the board.
  boolean isOpen() {
    return card.isVisible() || isOn();
  }

  void leave() {
    card.leave();
    pointer = Optional.empty();
  }
}
