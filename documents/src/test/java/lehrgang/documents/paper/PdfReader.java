package lehrgang.documents.paper;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureNode;
import org.apache.pdfbox.pdmodel.documentinterchange.markedcontent.PDMarkedContent;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.text.PDFMarkedContentExtractor;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;

/// What another program reads in a PDF.
public final class PdfReader {
  private final byte[] bytes;

  private PdfReader(byte[] bytes) {
    this.bytes = bytes;
  }

  public static PdfReader of(byte[] bytes) {
    return new PdfReader(bytes);
  }

  private interface Look<T> {
    T at(PDDocument document) throws IOException;
  }

  private <T> T look(Look<T> look) {
    try (PDDocument document = Loader.loadPDF(bytes)) {
      return look.at(document);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  public String text() {
    return look(document -> new PDFTextStripper().getText(document));
  }

  /// The text of each page.
  public List<String> pages() {
    return look(
        document -> {
          List<String> pages = new ArrayList<>();
          for (int page = 1; page <= document.getNumberOfPages(); page++) {
            PDFTextStripper stripper = new PDFTextStripper();
            stripper.setStartPage(page);
            stripper.setEndPage(page);
            pages.add(stripper.getText(document));
          }
          return pages;
        });
  }

  public String title() {
    return look(document -> document.getDocumentInformation().getTitle());
  }

  public String language() {
    return look(document -> document.getDocumentCatalog().getLanguage());
  }

  /// The width of the pages, in points.
  public double width() {
    return look(document -> (double) document.getPage(0).getMediaBox().getWidth());
  }

  /// The fonts that are not embedded.
  public List<String> foreignFonts() {
    return look(
        document -> {
          List<String> foreign = new ArrayList<>();
          for (PDPage page : document.getPages()) {
            for (var name : page.getResources().getFontNames()) {
              PDFont font = page.getResources().getFont(name);
              if (!font.isEmbedded()) {
                foreign.add(font.getName());
              }
            }
          }
          return foreign;
        });
  }

  /// The elements of the structure in reading order: type and alternative text.
  public List<Tag> tags() {
    return look(
        document -> {
          List<Tag> tags = new ArrayList<>();
          walk(
              document.getDocumentCatalog().getStructureTreeRoot(),
              element ->
                  tags.add(
                      new Tag(
                          element.getStructureType(),
                          element.getAlternateDescription() == null
                              ? ""
                              : element.getAlternateDescription())));
          return tags;
        });
  }

  public record Tag(String type, String alternative) {}

  private static void walk(PDStructureNode node, Consumer<PDStructureElement> see) {
    for (Object kid : node.getKids()) {
      if (kid instanceof PDStructureElement element) {
        see.accept(element);
        walk(element, see);
      }
    }
  }

  /// How many letters belong to the structure or are marked as ornament.
  public int markedLetters() {
    return look(
        document -> {
          int letters = 0;
          for (PDPage page : document.getPages()) {
            PDFMarkedContentExtractor extractor = new PDFMarkedContentExtractor();
            extractor.processPage(page);
            letters += extractor.getMarkedContents().stream().mapToInt(PdfReader::letters).sum();
          }
          return letters;
        });
  }

  private static int letters(PDMarkedContent content) {
    int letters = 0;
    for (Object part : content.getContents()) {
      letters +=
          part instanceof PDMarkedContent inner
              ? letters(inner)
              : part instanceof TextPosition ? 1 : 0;
    }
    return letters;
  }

  /// All words in one line.
  public String words() {
    return text().lines().map(String::strip).collect(Collectors.joining(" "));
  }
}
