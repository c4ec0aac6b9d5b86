package lehrgang.desktop.window;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Base64;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import javafx.application.ColorScheme;
import javafx.application.Platform;
import javafx.scene.Scene;
import lehrgang.desktop.desk.Remembered;
import lehrgang.documents.look.Palette;

/// Light or dark: the colours of the palette under their names, before the sheet that uses them.
final class Theme {
  /// How much of a cell's paper each shade covers.
  private static final double[] SHADES = {0.06, 0.12, 0.19, 0.27, 0.36};

  /// Under which name the choice is remembered.
  static final String DARK_NAME = "dark";

  private static final String LIGHT = sheet(Palette::light);
  private static final String DARK = sheet(Palette::dark);

  private final Scene scene;

  Theme(Scene scene) {
    this.scene = scene;
    scene
        .getStylesheets()
        .addAll(LIGHT, Theme.class.getResource("/lehrgang/desktop/tokens.css").toExternalForm());
  }

  private static String sheet(ToIntFunction<Palette> set) {
    String colours =
        Arrays.stream(Palette.values())
            .map(colour -> "%s: %s;".formatted(colour.key(), Palette.hex(set.applyAsInt(colour))))
            .collect(Collectors.joining(" ", ".root { ", " }\n"));
    String sheet = colours + shades(Palette.MORE, set) + shades(Palette.FEWER, set);
    return "data:text/css;charset=utf-8;base64,"
        + Base64.getEncoder().encodeToString(sheet.getBytes(StandardCharsets.UTF_8));
  }

  private static String shades(Palette tint, ToIntFunction<Palette> set) {
    StringBuilder rules = new StringBuilder();
    for (int i = 0; i < SHADES.length; i++) {
      int colour = Palette.over(set.applyAsInt(Palette.PAPER), set.applyAsInt(tint), SHADES[i]);
      rules.append(
          ".%s-%d { -fx-background-color: %s; }%n"
              .formatted(tint.key(), i + 1, Palette.hex(colour)));
    }
    return rules.toString();
  }

  void toggle() {
    scene.getStylesheets().set(0, isDark() ? LIGHT : DARK);
  }

  /// Whether the dark set is wanted: as it was chosen last, or else as the system has it.
  static boolean isWanted(Remembered remembered) {
    return remembered
        .get(DARK_NAME)
        .map("true"::equals)
        .orElseGet(() -> Platform.getPreferences().getColorScheme() == ColorScheme.DARK);
  }

  boolean isDark() {
    return scene.getStylesheets().getFirst().equals(DARK);
  }
}
