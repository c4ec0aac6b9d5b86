package lehrgang.desktop.window;

import java.util.LinkedHashMap;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.Clipboard;
import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.desk.Pasting;
import lehrgang.desktop.kit.Words;
import lehrgang.desktop.kit.Zoom;

/// What keys, pasting and dropping do anywhere in the window.
final class Hands {
  private final Desk desk;
  private final Faces faces;
  private final Map<KeyCombination, Runnable> keys = new LinkedHashMap<>();

  private Hands(Desk desk, Faces faces, Zoom zoom, MainWindow window) {
    this.desk = desk;
    this.faces = faces;
    shortcut(KeyCode.Z, desk.solution()::undo);
    shortcut(KeyCode.Y, desk.solution()::redo);
    keys.put(
        new KeyCodeCombination(KeyCode.Z, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_DOWN),
        desk.solution()::redo);
    shortcut(KeyCode.S, faces.files()::save);
    shortcut(KeyCode.O, faces.files()::open);
    shortcut(KeyCode.PLUS, zoom::in);
    shortcut(KeyCode.EQUALS, zoom::in);
    // Where + is the upper sign of the key.
    keys.put(
        new KeyCodeCombination(
            KeyCode.EQUALS, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_DOWN),
        zoom::in);
    shortcut(KeyCode.ADD, zoom::in);
    shortcut(KeyCode.MINUS, zoom::out);
    shortcut(KeyCode.SUBTRACT, zoom::out);
    shortcut(KeyCode.DIGIT0, zoom::reset);
    shortcut(KeyCode.N, faces::showStart);
    shortcut(KeyCode.P, faces::handOut);
    shortcut(KeyCode.L, faces::showLesson);
    shortcut(KeyCode.W, window::close);
    shortcut(KeyCode.Q, window::quit);
    keys.put(
        new KeyCodeCombination(KeyCode.N, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_DOWN),
        window::another);
    keys.put(new KeyCodeCombination(KeyCode.LEFT, KeyCombination.ALT_DOWN), faces.write()::back);
  }

  private void shortcut(KeyCode code, Runnable action) {
    keys.put(new KeyCodeCombination(code, KeyCombination.SHORTCUT_DOWN), action);
  }

  /// Puts them to everything that lies on a node.
  static void on(Zoom node, Desk desk, Faces faces, MainWindow window) {
    Hands hands = new Hands(desk, faces, node, window);
    node.addEventFilter(KeyEvent.KEY_PRESSED, hands::pressed);
    node.setOnDragOver(Hands::welcome);
    node.setOnDragDropped(hands::dropped);
  }

  private void pressed(KeyEvent event) {
    if (handled(event)) {
      event.consume();
    }
  }

  private boolean handled(KeyEvent event) {
    for (Map.Entry<KeyCombination, Runnable> key : keys.entrySet()) {
      if (key.getKey().match(event)) {
        key.getValue().run();
        return true;
      }
    }
    if (event.getCode() == KeyCode.ESCAPE) {
      return faces.leave();
    }
    return new KeyCodeCombination(KeyCode.V, KeyCombination.SHORTCUT_DOWN).match(event)
        && pastesTable(faces.getScene());
  }

  /// A table on the clipboard is taken as a table wherever the focus is; a single value stays text.
  private boolean pastesTable(Scene scene) {
    String text = Clipboard.getSystemClipboard().getString();
    Node focused = scene.getFocusOwner();
    if (focused instanceof TextArea) {
      return false;
    }
    if (text != null && Pasting.isTable(text)) {
      faces.paste(text);
      return true;
    }
    if (focused instanceof TextInputControl) {
      return false;
    }
    desk.notices().say(Words.of("status.no-table"));
    return true;
  }

  private static void welcome(DragEvent event) {
    if (event.getDragboard().hasFiles() || event.getDragboard().hasString()) {
      event.acceptTransferModes(TransferMode.COPY);
    }
    event.consume();
  }

  private void dropped(DragEvent event) {
    if (event.getDragboard().hasFiles()) {
      faces.files().open(event.getDragboard().getFiles().getFirst().toPath());
    } else if (event.getDragboard().hasString()) {
      faces.paste(event.getDragboard().getString());
    }
    event.setDropCompleted(true);
    event.consume();
  }
}
