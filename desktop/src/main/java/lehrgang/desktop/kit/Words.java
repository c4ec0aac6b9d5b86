package lehrgang.desktop.kit;

import java.text.MessageFormat;
import java.util.Locale;
import java.util.ResourceBundle;

/// The words of the window itself.
public final class Words {
  private static final ResourceBundle BUNDLE =
      ResourceBundle.getBundle("lehrgang.desktop.interface", Locale.ENGLISH);

  private Words() {}

  public static String of(String key) {
    return BUNDLE.getString(key);
  }

  public static String of(String key, Object... gaps) {
    return new MessageFormat(BUNDLE.getString(key), Locale.ROOT).format(gaps);
  }
}
