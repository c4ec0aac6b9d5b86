package lehrgang.desktop.show;

import java.util.EnumMap;
import java.util.Map;
import java.util.function.Consumer;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import lehrgang.desktop.kit.Words;

/// What keys do in front of a class; digits and Enter lead to a step.
final class Keys {
  private final Map<KeyCode, Runnable> actions = new EnumMap<>(KeyCode.class);
  private final Foot foot;
  private final Consumer<String> toStep;
  private String number = "";

  /// @param foot   says which number was typed so far
  /// @param toStep goes to the step of a number
  Keys(Foot foot, Consumer<String> toStep) {
    this.foot = foot;
    this.toStep = toStep;
  }

  /// Gives keys something to do.
  Keys on(Runnable action, KeyCode... codes) {
    for (KeyCode code : codes) {
      actions.put(code, action);
    }
    return this;
  }

  /// Does what a key does.
  ///
  /// @return whether it did anything
  boolean press(KeyEvent event) {
    KeyCode code = event.getCode();
    if (code.isDigitKey()) {
      number += event.getText();
      foot.say(Words.of("show.jump", number));
      return true;
    }
    String wanted = number;
    leave();
    if (!wanted.isEmpty()) {
      foot.say("");
    }
    if (!wanted.isEmpty() && code == KeyCode.ENTER) {
      toStep.accept(wanted);
      return true;
    }
    Runnable action = actions.get(code);
    if (action != null) {
      action.run();
    }
    return action != null;
  }

  /// Forgets the number that was typed so far.
  void leave() {
    number = "";
  }
}
