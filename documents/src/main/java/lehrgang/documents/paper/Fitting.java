package lehrgang.documents.paper;

import java.awt.Font;
import java.awt.font.FontRenderContext;
import java.awt.font.TextLayout;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.documents.look.Typeface;

/// Finds a font for every letter: the one that is asked for, the other of the house, or whatever
/// the machine has for a script that neither knows.
final class Fitting {
  private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);

  private Fitting() {}

  /// @param typeface none for a script that the house has no font for
  private record Run(String text, Optional<Typeface> typeface) {
    double width(double size) {
      return typeface.map(face -> face.width(text, size)).orElseGet(() -> foreign(text, size));
    }
  }

  /// How wide a text is in one line.
  static double width(String text, Typeface typeface, double size) {
    return runs(text, typeface).stream().mapToDouble(run -> run.width(size)).sum();
  }

  /// A text in one line.
  static List<Paint> paints(
      double x, double y, String text, Typeface typeface, double size, int colour) {
    List<Paint> paints = new ArrayList<>();
    double at = x;
    for (Run run : runs(text, typeface)) {
      paints.add(
          run.typeface().isPresent()
              ? new Paint.Text(at, y, run.text(), run.typeface().get(), size, colour)
              : new Paint.Foreign(at, y, run.text(), size, colour));
      at += run.width(size);
    }
    return paints;
  }

  private static List<Run> runs(String text, Typeface typeface) {
    if (text.codePoints().allMatch(typeface::has)) {
      return text.isEmpty() ? List.of() : List.of(new Run(text, Optional.of(typeface)));
    }
    List<Run> runs = new ArrayList<>();
    StringBuilder run = new StringBuilder();
    Optional<Typeface> current = Optional.of(typeface);
    for (int at = 0; at < text.length(); ) {
      int sign = text.codePointAt(at);
      at += Character.charCount(sign);
      if (isUnseen(sign)) {
        continue;
      }
      Optional<Typeface> fits = sign == ' ' ? current : fitting(sign, typeface);
      if (!fits.equals(current) && !run.isEmpty()) {
        runs.add(new Run(run.toString(), current));
        run.setLength(0);
      }
      current = fits;
      run.appendCodePoint(sign);
    }
    if (!run.isEmpty()) {
      runs.add(new Run(run.toString(), current));
    }
    return runs;
  }

  /// Marks of direction, which say how to set letters and are none.
  private static boolean isUnseen(int sign) {
    return sign >= 0x2066 && sign <= 0x2069 || sign == 0x200E || sign == 0x200F;
  }

  private static Optional<Typeface> fitting(int sign, Typeface typeface) {
    return List.of(typeface, Typeface.SERIF, Typeface.SANS).stream()
        .filter(face -> face.has(sign))
        .findFirst();
  }

  private static double foreign(String text, double size) {
    return layout(text, size).getAdvance();
  }

  /// A text set by the machine's own fonts, letters joined and turned as their script asks.
  static TextLayout layout(String text, double size) {
    Font font = new Font(Font.SERIF, Font.PLAIN, 1).deriveFont((float) size);
    return new TextLayout(text, font, EXACT);
  }
}
