package lehrgang.documents.look;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.apache.fontbox.ttf.CmapSubtable;
import org.apache.fontbox.ttf.CmapTable;
import org.apache.fontbox.ttf.HorizontalMetricsTable;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/// The widths of a font's signs, read from its file when they are first asked for.
final class Metrics {
  private static final Map<Typeface, Metrics> READ = new ConcurrentHashMap<>();

  /// Most text is of these.
  private static final int COMMON = 0x250;

  private final CmapSubtable signs;
  private final HorizontalMetricsTable widths;
  private final double unitsPerEm;
  private final float[] common = new float[COMMON];

  private Metrics(TrueTypeFont font) throws IOException {
    signs = unicode(font.getCmap());
    widths = font.getHorizontalMetrics();
    unitsPerEm = font.getUnitsPerEm();
    for (int codePoint = 0; codePoint < COMMON; codePoint++) {
      common[codePoint] = (float) read(codePoint);
    }
  }

  private static CmapSubtable unicode(CmapTable tables) {
    CmapSubtable whole =
        tables.getSubtable(CmapTable.PLATFORM_WINDOWS, CmapTable.ENCODING_WIN_UNICODE_FULL);
    return whole != null
        ? whole
        : tables.getSubtable(CmapTable.PLATFORM_WINDOWS, CmapTable.ENCODING_WIN_UNICODE_BMP);
  }

  static Metrics of(Typeface typeface) {
    return READ.computeIfAbsent(typeface, Metrics::read);
  }

  private static Metrics read(Typeface typeface) {
    try (InputStream file = typeface.open();
        TrueTypeFont font = new TTFParser().parse(new RandomAccessReadBuffer(file))) {
      return new Metrics(font);
    } catch (IOException e) {
      throw new UncheckedIOException("the font " + typeface + " is damaged", e);
    }
  }

  private double read(int codePoint) {
    return widths.getAdvanceWidth(signs.getGlyphId(codePoint)) / unitsPerEm;
  }

  boolean has(int codePoint) {
    return signs.getGlyphId(codePoint) != 0;
  }

  /// In ems.
  double width(String text) {
    double width = 0;
    for (int at = 0; at < text.length(); ) {
      int codePoint = text.codePointAt(at);
      width += codePoint < COMMON ? common[codePoint] : read(codePoint);
      at += Character.charCount(codePoint);
    }
    return width;
  }
}
