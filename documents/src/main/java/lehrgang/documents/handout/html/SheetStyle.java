package lehrgang.documents.handout.html;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import lehrgang.documents.look.Palette;

/// What sheets look like in a browser: fonts, colours, and rules for screen, phone and paper.
public final class SheetStyle {
  private static final String RULES =
      ":root {\n  color-scheme: light;\n  %s\n}\n%s"
          .formatted(Palette.customProperties(), resource("sheet.css"));

  private SheetStyle() {}

  /// The whole style sheet, with the fonts that a page needs.
  ///
  /// @param text all that is written on the page
  public static String of(String text) {
    return WebFonts.faces(text) + RULES;
  }

  /// A text that belongs to sheets.
  ///
  /// @param name below the place of the sheets
  public static String resource(String name) {
    String place = "/lehrgang/documents/handout/" + name;
    try (InputStream in =
        Objects.requireNonNull(SheetStyle.class.getResourceAsStream(place), place)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
