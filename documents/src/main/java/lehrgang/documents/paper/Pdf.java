package lehrgang.documents.paper;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;

/// Writes a document on paper as PDF: tagged, with embedded fonts, title and language. The same
/// document gives the same bytes.
public final class Pdf {
  private static final COSName ORNAMENT = COSName.getPDFName("Artifact");

  private final PDDocument document;
  private final PdfFonts fonts;
  private final PdfPictures pictures;
  private final PdfStructure structure = new PdfStructure();

  private Pdf(PDDocument document, PdfFonts fonts) {
    this.document = document;
    this.fonts = fonts;
    this.pictures = new PdfPictures(document);
  }

  private interface Content {
    void addTo(Pdf pdf) throws IOException;
  }

  /// A document on pages of one size.
  public static byte[] of(Print print) {
    Paper paper = print.paper();
    return written(
        pdf -> {
          List<List<Piece>> pages = Pages.of(print.flow(), paper.textHeight());
          for (int i = 0; i < pages.size(); i++) {
            List<Piece> pieces =
                pages.get(i).stream().map(piece -> piece.moved(paper.left(), paper.top())).toList();
            pdf.page(paper.width(), paper.height(), pieces, print.folio().on(i + 1, pages.size()));
          }
          pdf.document.getDocumentCatalog().setLanguage(print.language());
        },
        print.title());
  }

  /// One page as large as what stands on it.
  public static byte[] of(Slab slab, String title) {
    return written(pdf -> pdf.page(slab.width(), slab.height(), slab.pieces(), List.of()), title);
  }

  private static byte[] written(Content content, String title) {
    try (PDDocument document = new PDDocument();
        PdfFonts fonts = new PdfFonts(document)) {
      Pdf pdf = new Pdf(document, fonts);
      content.addTo(pdf);
      pdf.structure.finish(document);
      pdf.describe(title);
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return bytes.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException("a PDF could not be put together", e);
    }
  }

  private void page(double width, double height, List<Piece> pieces, List<Paint> margins)
      throws IOException {
    PDPage page = new PDPage(new PDRectangle((float) width, (float) height));
    document.addPage(page);
    structure.begin(page);
    try (PDPageContentStream content = new PDPageContentStream(document, page)) {
      PdfPen pen = new PdfPen(content, fonts, pictures, height);
      for (Piece piece : pieces) {
        if (piece.element().isPresent()) {
          Element element = piece.element().get();
          content.beginMarkedContent(
              COSName.getPDFName(element.type().pdfName()), structure.note(element, page));
        } else {
          content.beginMarkedContent(ORNAMENT);
        }
        pen.paint(piece.paints());
        content.endMarkedContent();
      }
      content.beginMarkedContent(ORNAMENT);
      pen.paint(margins);
      content.endMarkedContent();
    }
  }

  private void describe(String title) {
    PDDocumentInformation information = document.getDocumentInformation();
    information.setTitle(title);
    information.setProducer("Lehrgang");
    PDViewerPreferences preferences = new PDViewerPreferences(new COSDictionary());
    preferences.setDisplayDocTitle(true);
    document.getDocumentCatalog().setViewerPreferences(preferences);
    // A file that is made again is the same file.
    document.setDocumentId(0L);
  }
}
