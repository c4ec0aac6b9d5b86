package lehrgang.documents.paper;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/// The pages of a PDF as pictures. For one thread at a time.
public final class PdfPages implements AutoCloseable {
  private final PDDocument document;
  private final PDFRenderer renderer;

  private PdfPages(PDDocument document) {
    this.document = document;
    this.renderer = new PDFRenderer(document);
  }

  /// @param pdf a whole file, such as [Pdf] writes
  public static PdfPages of(byte[] pdf) {
    try {
      return new PdfPages(Loader.loadPDF(pdf));
    } catch (IOException e) {
      throw new UncheckedIOException("a PDF cannot be read", e);
    }
  }

  /// How many there are.
  public int count() {
    return document.getNumberOfPages();
  }

  /// How wide a page is, in points.
  ///
  /// @param page counted from 0
  public double width(int page) {
    return document.getPage(page).getMediaBox().getWidth();
  }

  /// How high a page is, in points.
  ///
  /// @param page counted from 0
  public double height(int page) {
    return document.getPage(page).getMediaBox().getHeight();
  }

  /// A page as a picture.
  ///
  /// @param page  counted from 0
  /// @param scale pixels to a point
  public Picture picture(int page, double scale) {
    try {
      BufferedImage image = renderer.renderImage(page, (float) scale, ImageType.RGB);
      int width = image.getWidth();
      int height = image.getHeight();
      int[] pixels = image.getRGB(0, 0, width, height, null, 0, width);
      return new Picture(width, height, pixels);
    } catch (IOException e) {
      throw new UncheckedIOException("page " + (page + 1) + " cannot be painted", e);
    }
  }

  /// @param pixels row by row from the top, each as `0xAARRGGBB`
  public record Picture(int width, int height, int[] pixels) {}

  @Override
  public void close() {
    try {
      document.close();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
