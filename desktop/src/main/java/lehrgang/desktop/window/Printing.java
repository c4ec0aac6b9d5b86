package lehrgang.desktop.window;

import javafx.print.PageLayout;
import javafx.print.PageOrientation;
import javafx.print.Paper;
import javafx.print.Printer;
import javafx.print.PrinterJob;
import javafx.scene.image.ImageView;
import javafx.scene.image.WritableImage;
import javafx.stage.Window;
import lehrgang.desktop.desk.Notices;
import lehrgang.desktop.kit.Pictures;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.paper.PdfPages;
import lehrgang.documents.paper.PdfPages.Picture;

/// Prints the pages of a PDF through the system's own dialogue.
final class Printing {
  /// Dots to a point: 300 to an inch.
  private static final double DOTS = 300 / 72.0;

  private static final double FOR_SLIDES = 3;
  private static final double A4_WIDTH = 600;

  private Printing() {}

  static void of(byte[] pdf, Window window, Notices notices) {
    PrinterJob job = Printer.getDefaultPrinter() == null ? null : PrinterJob.createPrinterJob();
    if (job == null) {
      notices.say(Words.of("handout.no-printer"));
      return;
    }
    if (!job.showPrintDialog(window)) {
      return;
    }
    try (PdfPages pages = PdfPages.of(pdf)) {
      Paper paper = pages.width(0) < A4_WIDTH ? Paper.A4 : Paper.NA_LETTER;
      PageLayout layout =
          job.getPrinter()
              .createPageLayout(
                  paper, PageOrientation.PORTRAIT, Printer.MarginType.HARDWARE_MINIMUM);
      boolean printed = true;
      for (int page = 0; page < pages.count() && printed; page++) {
        notices.say(Words.of("handout.printing", page + 1, pages.count()));
        ImageView view = view(pages.picture(page, DOTS));
        view.setFitWidth(layout.getPrintableWidth());
        view.setFitHeight(layout.getPrintableHeight());
        view.setPreserveRatio(true);
        printed = job.printPage(layout, view);
      }
      job.endJob();
    }
  }

  /// The first page of a PDF as a picture, sharp enough for a slide.
  static WritableImage image(byte[] pdf) {
    try (PdfPages pages = PdfPages.of(pdf)) {
      return image(pages.picture(0, FOR_SLIDES));
    }
  }

  private static ImageView view(Picture picture) {
    return new ImageView(image(picture));
  }

  private static WritableImage image(Picture picture) {
    return Pictures.of(picture.width(), picture.height(), picture.pixels());
  }
}
