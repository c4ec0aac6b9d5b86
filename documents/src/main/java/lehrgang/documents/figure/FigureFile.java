package lehrgang.documents.figure;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Locale;
import lehrgang.core.page.FigureSpec;
import lehrgang.documents.solutionfile.SolutionFile;

/// A figure as a file of its own, for slides and papers: SVG or PDF, drawn from the same shapes as
/// the one on screen.
public final class FigureFile {
  private static final double WIDTH = 640;

  private FigureFile() {}

  /// @param path ends in `.svg` or `.pdf`
  /// @throws IOException if it cannot be written, or ends otherwise
  public static void write(FigureSpec figure, Path path) throws IOException {
    Drawing drawing = Draughtsman.draw(figure, WIDTH);
    String name = path.getFileName().toString().toLowerCase(Locale.ROOT);
    if (name.endsWith(".svg")) {
      SolutionFile.writeAtomically(path, Svg.standalone(drawing).getBytes(StandardCharsets.UTF_8));
    } else if (name.endsWith(".pdf")) {
      SolutionFile.writeAtomically(path, FigurePdf.of(drawing));
    } else {
      throw new IOException(path.getFileName() + " ends neither in .svg nor in .pdf");
    }
  }
}
