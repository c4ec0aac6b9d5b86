package lehrgang.desktop.window;

import java.util.Locale;
import java.util.function.BiConsumer;
import java.util.function.BooleanSupplier;
import javafx.application.Platform;
import javafx.print.PageLayout;
import javafx.print.PageOrientation;
import javafx.print.Paper;
import javafx.print.Printer;
import javafx.print.PrinterJob;
import javafx.scene.Scene;
import javafx.scene.image.ImageView;
import javafx.scene.image.WritableImage;
import lehrgang.desktop.desk.Notices;
import lehrgang.desktop.kit.BackgroundWork;
import lehrgang.desktop.kit.BackgroundWork.Demand;
import lehrgang.desktop.kit.Pictures;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.paper.PdfPages;
import lehrgang.documents.paper.PdfPages.Picture;

/// Prints the pages of a PDF, beside the interface: where and how often is asked by the system's
/// own window, or by one of ours where it has none.
final class Printing {
  /// Dots to a point: 300 to an inch.
  private static final double DOTS = 300 / 72.0;

  private static final double FOR_SLIDES = 3;
  private static final double A4_WIDTH = 600;

  private Printing() {}

  static void of(byte[] pdf, Scene beside, Notices notices) {
    String system = System.getProperty("os.name").toLowerCase(Locale.ROOT);
    if (system.contains("win") || system.contains("mac")) {
      byItsOwnWindow(pdf, beside, notices);
    } else {
      by(UnixPrinters.ofThisSystem(), pdf, beside, notices);
    }
  }

  private static void byItsOwnWindow(byte[] pdf, Scene beside, Notices notices) {
    PrinterJob job = Printer.getDefaultPrinter() == null ? null : PrinterJob.createPrinterJob();
    if (job == null) {
      notices.say(Words.of("handout.no-printer"));
    } else if (job.showPrintDialog(beside.getWindow())) {
      begin(
          job.getPrinter().getName(),
          () -> print(pdf, job, (page, of) -> say(notices, "handout.printing", page, of)),
          notices);
    }
  }

  /// Asks on which of them, and how often.
  static void by(UnixPrinters printers, byte[] pdf, Scene beside, Notices notices) {
    new BackgroundWork(Demand.DISK)
        .begin(
            _ -> printers.names(),
            BackgroundWork.Outcome.of(
                names -> {
                  if (names.isEmpty()) {
                    notices.say(Words.of("handout.no-printer"));
                  } else {
                    PrintWindow.show(
                        names,
                        beside,
                        chosen ->
                            begin(
                                chosen.printer(),
                                () -> printers.print(pdf, chosen.printer(), chosen.copies()),
                                notices));
                  }
                },
                notices::say));
  }

  /// @param print says whether the printer took it
  private static void begin(String printer, BooleanSupplier print, Notices notices) {
    new BackgroundWork(Demand.WRITING)
        .begin(
            _ -> print.getAsBoolean(),
            BackgroundWork.Outcome.of(
                printed ->
                    notices.say(
                        Words.of(printed ? "handout.printed" : "handout.not-printed", printer)),
                notices::say));
  }

  private static void say(Notices notices, String key, int page, int of) {
    Platform.runLater(() -> notices.say(Words.of(key, page, of)));
  }

  /// @param onPage told before each page, with their number
  /// @return whether the printer took all of it
  private static boolean print(byte[] pdf, PrinterJob job, BiConsumer<Integer, Integer> onPage) {
    try (PdfPages pages = PdfPages.of(pdf)) {
      Paper paper = pages.width(0) < A4_WIDTH ? Paper.A4 : Paper.NA_LETTER;
      PageLayout layout =
          job.getPrinter()
              .createPageLayout(
                  paper, PageOrientation.PORTRAIT, Printer.MarginType.HARDWARE_MINIMUM);
      boolean printed = true;
      for (int page = 0; page < pages.count() && printed; page++) {
        onPage.accept(page + 1, pages.count());
        ImageView view = new ImageView(image(pages.picture(page, DOTS)));
        view.setFitWidth(layout.getPrintableWidth());
        view.setFitHeight(layout.getPrintableHeight());
        view.setPreserveRatio(true);
        printed = job.printPage(layout, view);
      }
      return job.endJob() && printed;
    }
  }

  /// The first page of a PDF as a picture, sharp enough for a slide.
  static WritableImage image(byte[] pdf) {
    try (PdfPages pages = PdfPages.of(pdf)) {
      return image(pages.picture(0, FOR_SLIDES));
    }
  }

  private static WritableImage image(Picture picture) {
    return Pictures.of(picture.width(), picture.height(), picture.pixels());
  }
}
