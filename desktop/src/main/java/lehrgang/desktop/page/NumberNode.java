package lehrgang.desktop.page;

import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.text.Text;
import lehrgang.core.derivation.Role;
import lehrgang.core.page.Appearance;
import lehrgang.desktop.kit.Style;

/// A number on the page that knows its line.
public final class NumberNode extends StackPane {
  private static final PseudoClass CONCEALED = PseudoClass.getPseudoClass("concealed");
  private static final double ROOM_FOR_SIGN = 17;

  private final Text text = new Text();
  private final Text sign = new Text();

  public NumberNode(String number, Role role, Appearance appearance) {
    text.setText(number);
    text.getStyleClass().add(Style.NUMBER_TEXT);
    text.setMouseTransparent(true);
    getChildren().add(text);
    getStyleClass().addAll(Style.NUMBER, LiveNumbers.roleStyle(role));
    switch (appearance) {
      case SHOWN -> {
        // The usual look.
      }
      case BLANK -> getStyleClass().add(Style.BLANK);
      case ANSWER -> getStyleClass().add(Style.ANSWER);
    }
    setAccessibleRole(AccessibleRole.BUTTON);
    setAccessibleText(number);
  }

  /// In a table: flush right, so that decimals stand below each other.
  public NumberNode inTable() {
    setAlignment(Pos.CENTER_RIGHT);
    getStyleClass().add(Style.IN_TABLE);
    return this;
  }

  /// In a sentence: at the top of its place, where its baseline is reckoned from.
  NumberNode inSentence() {
    setAlignment(Pos.TOP_CENTER);
    getStyleClass().add(Style.IN_SENTENCE);
    return this;
  }

  /// A sign at the left edge, beside the number and not part of it; empty for none.
  void setSign(String shown) {
    if (shown.equals(sign.getText())) {
      return;
    }
    sign.setText(shown);
    if (!getChildren().contains(sign)) {
      sign.getStyleClass().add(Style.SIGN_TEXT);
      sign.setMouseTransparent(true);
      setAlignment(sign, Pos.CENTER_LEFT);
      setMargin(text, new Insets(0, 0, 0, ROOM_FOR_SIGN));
      getChildren().add(sign);
    }
    setAccessibleText((shown + " " + text.getText()).strip());
  }

  /// What the number is in the picture of its table from now on.
  public void setRole(Role role) {
    String style = LiveNumbers.roleStyle(role);
    if (!getStyleClass().contains(style)) {
      getStyleClass().removeIf(other -> other.startsWith(LiveNumbers.ROLE));
      getStyleClass().add(style);
    }
  }

  /// A field in place of the number.
  void hold(Region field) {
    text.setText("");
    getStyleClass().remove(Style.BLANK);
    field.setMaxHeight(USE_PREF_SIZE);
    getChildren().add(field);
    setFocusTraversable(false);
    setOnMousePressed(null);
    setOnKeyPressed(null);
    setAccessibleRole(AccessibleRole.NODE);
  }

  boolean isInTable() {
    return getStyleClass().contains(Style.IN_TABLE);
  }

  /// Takes the number out of sight, or shows it.
  void conceal(boolean hidden) {
    text.setVisible(!hidden);
    sign.setVisible(!hidden);
    pseudoClassStateChanged(CONCEALED, hidden);
    setAccessibleText(hidden ? "" : (sign.getText() + " " + text.getText()).strip());
  }

  /// Whether the number is out of sight.
  public boolean isConcealed() {
    return !text.isVisible();
  }

  String number() {
    return text.getText();
  }

  public void setNumber(String number) {
    if (!number.equals(text.getText())) {
      text.setText(number);
      setAccessibleText((sign.getText() + " " + number).strip());
    }
  }

  /// Where the line of the number is as it was laid out last.
  public double textBaseline() {
    return text.getLayoutY();
  }

  @Override
  public double getBaselineOffset() {
    // The text's own baseline offset is that of what it held when its font was set, and the toolkit
    // gives the same digits other bounds where a field has shown them; its bounds are always
    // current.
    return snappedTopInset() - text.getLayoutBounds().getMinY();
  }
}
