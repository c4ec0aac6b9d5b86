package lehrgang.desktop.kit;

import javafx.geometry.HPos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;

/// Words on the page and at the edges of its tables.
public final class Labels {
  /// A longer row label takes two lines.
  private static final int LONG = 24;

  /// A longer label may be cut, and tells the rest on pointing.
  private static final int CUT = 12;

  private Labels() {}

  /// A text that takes as many lines as it needs.
  public static Label label(String text, String style) {
    Label label = new Label(text);
    label.setWrapText(true);
    label.getStyleClass().add(style);
    label.setMinHeight(Region.USE_PREF_SIZE);
    return label;
  }

  /// What a view is called in its bar: it is not cut, whatever stands beside it.
  public static Label view(String name) {
    Label label = new Label(name);
    label.getStyleClass().add(Style.HEADER_TITLE);
    label.setMinWidth(Region.USE_PREF_SIZE);
    return label;
  }

  /// The head of a column of numbers.
  public static Label head(String text) {
    Label label = new Label(text);
    label.setWrapText(true);
    label.getStyleClass().add(Style.COLUMN_HEAD);
    GridPane.setHalignment(label, HPos.RIGHT);
    GridPane.setValignment(label, VPos.BOTTOM);
    tipWhereLong(label, text);
    return label;
  }

  /// What stands before a row.
  public static Label rowHead(String text) {
    Label label = new Label(text);
    label.setWrapText(true);
    label.getStyleClass().add(Style.ROW_HEAD);
    if (text.length() > LONG) {
      label.getStyleClass().add(Style.LONG);
    }
    tipWhereLong(label, text);
    return label;
  }

  /// What stands before the last row, that of the totals.
  public static Label foot(String text) {
    Label label = new Label(text);
    label.getStyleClass().addAll(Style.ROW_HEAD, Style.FOOT);
    label.setMaxSize(Double.MAX_VALUE, Double.MAX_VALUE);
    return label;
  }

  /// An entry of a table that is read and not pointed at, flush right.
  public static Label entry(String text) {
    Label label = new Label(text);
    label.getStyleClass().add(Style.ENTRY);
    GridPane.setHalignment(label, HPos.RIGHT);
    return label;
  }

  private static void tipWhereLong(Label label, String text) {
    if (text.length() > CUT) {
      label.setTooltip(new Tooltip(text));
    }
  }

  /// What is too wide for the page, to be moved sideways.
  public static Node sideways(Node wide) {
    ScrollPane scroll = new ScrollPane(wide);
    scroll.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.AS_NEEDED);
    scroll.getStyleClass().add(Style.SIDEWAYS);
    scroll.setFocusTraversable(false);
    return scroll;
  }

  /// A button whose text is shown as it is: an underscore in a label of the user's own is no sign
  /// for a key.
  public static <B extends ButtonBase> B literal(B button) {
    button.setMnemonicParsing(false);
    return button;
  }
}
