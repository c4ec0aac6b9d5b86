package lehrgang.documents.figure;

import java.nio.file.Path;
import java.util.Locale;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.wording.Phrase;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.file.WholeFile;
import lehrgang.documents.paper.Element;
import lehrgang.documents.paper.Pdf;

/// A figure as a file of its own, for slides and papers: SVG or PDF, drawn from the same shapes as
/// the one on screen.
public final class FigureFile {
  private static final double WIDTH = 640;

  private static final String SVG = ".svg";
  private static final String PDF = ".pdf";

  private FigureFile() {}

  /// @param path ends in `.svg` or `.pdf`
  /// @throws FileProblem if it cannot be written, or ends otherwise
  public static void write(FigureSpec figure, Path path) throws FileProblem {
    checkEnding(path);
    if (name(path).endsWith(SVG)) {
      WholeFile.write(path, svg(figure));
    } else {
      WholeFile.write(path, pdf(figure));
    }
  }

  /// @throws FileProblem if the name ends neither in `.svg` nor in `.pdf`
  public static void checkEnding(Path path) throws FileProblem {
    if (!name(path).endsWith(SVG) && !name(path).endsWith(PDF)) {
      throw new FileProblem(Phrase.of("figure.ending").with("file", path.getFileName().toString()));
    }
  }

  private static String name(Path path) {
    return path.getFileName().toString().toLowerCase(Locale.ROOT);
  }

  /// A figure as SVG that brings its colours along.
  public static String svg(FigureSpec figure) {
    return Svg.standalone(Draughtsman.draw(figure, WIDTH));
  }

  /// A figure as PDF, one page of its own size.
  public static byte[] pdf(FigureSpec figure) {
    return Pdf.of(
        PaperFigure.of(figure, WIDTH * PaperFigure.SCALE, Element.document()), alternative(figure));
  }

  /// How high a figure is, in widths.
  public static double heightToWidth(FigureSpec figure) {
    Drawing drawing = Draughtsman.draw(figure, WIDTH);
    return drawing.height() / drawing.width();
  }

  /// What a figure shows, in words.
  public static String alternative(FigureSpec figure) {
    return Draughtsman.draw(figure, WIDTH).alternative();
  }
}
