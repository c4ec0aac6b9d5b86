package lehrgang.documents.handout.odt;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.geom.PathIterator;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import lehrgang.documents.look.Palette;
import lehrgang.documents.look.Typeface;
import lehrgang.documents.typeset.Mark;
import lehrgang.documents.typeset.Setting;

/// A formula as a picture in outlines: what is seen of an object where its own program is missing.
final class OdtPicture {
  /// A word processor that turns the picture into dots goes by its size.
  private static final int SHARPER = 4;

  private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);

  private final Map<Typeface, Font> fonts = new EnumMap<>(Typeface.class);

  String svg(Setting set) {
    StringBuilder path = new StringBuilder();
    StringBuilder rules = new StringBuilder();
    for (Mark mark : set.marks()) {
      switch (mark) {
        case Mark.Signs signs -> {
          Font font = font(signs.typeface()).deriveFont((float) signs.size());
          outline(
              font.createGlyphVector(EXACT, signs.text())
                  .getOutline((float) signs.x(), (float) (signs.y() + set.ascent())),
              path);
        }
        case Mark.Rule(var x1, var y1, var x2, var y2, var thickness) ->
            rules.append(
                String.format(
                    Locale.ROOT,
                    "<path d=\"M%.2f %.2fL%.2f %.2f\" stroke=\"%s\" stroke-width=\"%.2f\"/>",
                    x1,
                    y1 + set.ascent(),
                    x2,
                    y2 + set.ascent(),
                    ink(),
                    thickness));
        case Mark.Ground _, Mark.Room _ -> {
          // Colours and blanks are no part of an object.
        }
      }
    }
    return String.format(
        Locale.ROOT,
        "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.2fpt\" height=\"%.2fpt\" viewBox=\"0 0"
            + " %.2f %.2f\"><path d=\"%s\" fill=\"%s\"/>%s</svg>",
        SHARPER * set.width(),
        SHARPER * set.height(),
        set.width(),
        set.height(),
        path,
        ink(),
        rules);
  }

  private static String ink() {
    return Palette.hex(Palette.INK.light());
  }

  private Font font(Typeface typeface) {
    return fonts.computeIfAbsent(typeface, OdtPicture::load);
  }

  private static Font load(Typeface typeface) {
    try (InputStream file = typeface.open()) {
      return Font.createFont(Font.TRUETYPE_FONT, file);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (FontFormatException e) {
      throw new IllegalStateException("the font " + typeface + " is damaged", e);
    }
  }

  private static void outline(Shape letters, StringBuilder path) {
    float[] at = new float[6];
    for (PathIterator each = letters.getPathIterator(null); !each.isDone(); each.next()) {
      switch (each.currentSegment(at)) {
        case PathIterator.SEG_MOVETO -> add(path, 'M', at, 2);
        case PathIterator.SEG_LINETO -> add(path, 'L', at, 2);
        case PathIterator.SEG_QUADTO -> add(path, 'Q', at, 4);
        case PathIterator.SEG_CUBICTO -> add(path, 'C', at, 6);
        default -> path.append('Z');
      }
    }
  }

  private static void add(StringBuilder path, char command, float[] at, int many) {
    path.append(command);
    for (int i = 0; i < many; i++) {
      path.append(i == 0 ? "" : " ").append(String.format(Locale.ROOT, "%.2f", at[i]));
    }
  }
}
