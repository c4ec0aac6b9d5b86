package lehrgang.documents.paper;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import lehrgang.documents.look.Typeface;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/// The fonts of one document, each embedded once with the signs that the document uses.
final class PdfFonts implements AutoCloseable {
  private final PDDocument document;
  private final Map<Typeface, PDFont> fonts = new EnumMap<>(Typeface.class);
  private final List<TrueTypeFont> files = new ArrayList<>();

  PdfFonts(PDDocument document) {
    this.document = document;
  }

  PDFont of(Typeface typeface) throws IOException {
    PDFont known = fonts.get(typeface);
    if (known != null) {
      return known;
    }
    try (InputStream in = typeface.open()) {
      TrueTypeFont file = new TTFParser().parse(new RandomAccessReadBuffer(in));
      // Letters are placed one by one: none may be joined behind our back.
      file.setEnableGsub(false);
      files.add(file);
      PDFont font = PDType0Font.load(document, file, true);
      fonts.put(typeface, font);
      return font;
    }
  }

  /// The files are read until the document is saved.
  @Override
  public void close() throws IOException {
    for (TrueTypeFont file : files) {
      file.close();
    }
  }
}
