package lehrgang.documents.paper;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.function.Function;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentCatalog;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;

/// Writes a document on paper as PDF: tagged, with embedded fonts, title and language.
public final class Pdf {
  private static final COSName ORNAMENT = COSName.getPDFName("Artifact");

  private Pdf() {}

  /// The same document gives the same bytes.
  public static byte[] of(Print print) {
    try (PDDocument document = new PDDocument();
        PdfFonts fonts = new PdfFonts(document)) {
      PdfPictures pictures = new PdfPictures(document);
      PdfStructure structure = new PdfStructure();
      List<List<Piece>> pages = Pages.of(print.flow(), print.paper().textHeight());
      for (int i = 0; i < pages.size(); i++) {
        page(
            document,
            page -> new PdfPen(page, fonts, pictures, print.paper().height()),
            structure,
            print,
            pages.get(i),
            print.folio().on(i + 1, pages.size()));
      }
      structure.finish(document);
      describe(document, print);
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return bytes.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException("a PDF could not be put together", e);
    }
  }

  private static void page(
      PDDocument document,
      Function<PDPageContentStream, PdfPen> pens,
      PdfStructure structure,
      Print print,
      List<Piece> pieces,
      List<Paint> margins)
      throws IOException {
    Paper paper = print.paper();
    PDPage page = new PDPage(new PDRectangle((float) paper.width(), (float) paper.height()));
    document.addPage(page);
    structure.begin(page);
    try (PDPageContentStream content = new PDPageContentStream(document, page)) {
      PdfPen pen = pens.apply(content);
      for (Piece piece : pieces) {
        Piece placed = piece.moved(paper.left(), paper.top());
        if (placed.element().isPresent()) {
          Element element = placed.element().get();
          content.beginMarkedContent(
              COSName.getPDFName(element.type().pdfName()), structure.note(element, page));
        } else {
          content.beginMarkedContent(ORNAMENT);
        }
        pen.paint(placed.paints());
        content.endMarkedContent();
      }
      content.beginMarkedContent(ORNAMENT);
      pen.paint(margins);
      content.endMarkedContent();
    }
  }

  private static void describe(PDDocument document, Print print) {
    PDDocumentInformation information = document.getDocumentInformation();
    information.setTitle(print.title());
    information.setProducer("Lehrgang");
    PDDocumentCatalog catalog = document.getDocumentCatalog();
    catalog.setLanguage(print.language());
    PDViewerPreferences preferences = new PDViewerPreferences(new COSDictionary());
    preferences.setDisplayDocTitle(true);
    catalog.setViewerPreferences(preferences);
    // A file that is made again is the same file.
    document.setDocumentId(0L);
  }
}
