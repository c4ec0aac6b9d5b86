package lehrgang.desktop.kit;

import java.util.List;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/// Moves between the fields of a table: up, down and Enter always, left and right at the ends of a
/// field.
public final class ArrowKeys {
  private ArrowKeys() {}

  /// @param fields by row, then column
  public static void move(KeyEvent key, List<List<TextField>> fields) {
    for (int i = 0; i < fields.size(); i++) {
      for (int j = 0; j < fields.get(i).size(); j++) {
        if (fields.get(i).get(j).isFocused()) {
          moveFrom(i, j, key, fields);
          return;
        }
      }
    }
  }

  private static void moveFrom(int i, int j, KeyEvent key, List<List<TextField>> fields) {
    TextField field = fields.get(i).get(j);
    boolean unselected = field.getSelection().getLength() == 0;
    boolean atStart = unselected && field.getCaretPosition() == 0;
    boolean atEnd = unselected && field.getCaretPosition() == field.getLength();
    KeyCode code = key.getCode();
    int down = code == KeyCode.DOWN || code == KeyCode.ENTER ? 1 : code == KeyCode.UP ? -1 : 0;
    int right = code == KeyCode.RIGHT && atEnd ? 1 : code == KeyCode.LEFT && atStart ? -1 : 0;
    int row = i + down;
    int column = j + right;
    boolean there =
        row >= 0 && row < fields.size() && column >= 0 && column < fields.getFirst().size();
    if ((down != 0 || right != 0) && there) {
      fields.get(row).get(column).requestFocus();
      key.consume();
    }
  }
}
