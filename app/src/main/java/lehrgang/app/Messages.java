package lehrgang.app;

import java.util.Locale;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;

/// What the command line says, from its bundle.
final class Messages {
  private static final Wording WORDING =
      Wording.of("lehrgang.app.messages", Locale.ENGLISH, Messages.class);

  private Messages() {}

  static String text(Phrase sentence) {
    return WORDING.text(sentence);
  }

  static String text(String key) {
    return WORDING.text(key);
  }
}
