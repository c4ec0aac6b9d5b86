package lehrgang.documents.figure;

import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2D;
import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2DFontTextDrawer;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Graphics2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import lehrgang.documents.figure.Drawing.Face;
import lehrgang.documents.figure.Drawing.Filling;
import lehrgang.documents.figure.Drawing.Ink;
import lehrgang.documents.figure.Drawing.Point;
import lehrgang.documents.look.Typeface;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.util.Matrix;

/// A drawing as a PDF page of its own size, in lines and letters that stay sharp at any scale.
final class FigurePdf {
  /// Points of a PDF to a pixel at 100 %.
  private static final float SCALE = 0.75f;

  private static final float EDGE = 1.5f;

  private final Graphics2D pen;
  private final Font regular;
  private final Font semibold;

  private FigurePdf(Graphics2D pen, Font regular, Font semibold) {
    this.pen = pen;
    this.regular = regular;
    this.semibold = semibold;
  }

  /// @throws IOException if a font cannot be embedded
  static byte[] of(Drawing drawing) throws IOException {
    try (PDDocument document = new PDDocument();
        PdfBoxGraphics2DFontTextDrawer letters = new PdfBoxGraphics2DFontTextDrawer()) {
      float width = (float) drawing.width();
      float height = (float) drawing.height();
      PDPage page = new PDPage(new PDRectangle(width * SCALE, height * SCALE));
      document.addPage(page);
      document.getDocumentInformation().setTitle(drawing.alternative());
      PdfBoxGraphics2D pen = new PdfBoxGraphics2D(document, width, height);
      pen.setFontTextDrawer(letters);
      new FigurePdf(pen, font(Typeface.SANS, letters), font(Typeface.SANS_SEMIBOLD, letters))
          .draw(drawing);
      pen.dispose();
      try (PDPageContentStream content = new PDPageContentStream(document, page)) {
        content.transform(Matrix.getScaleInstance(SCALE, SCALE));
        content.drawForm(pen.getXFormObject());
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return bytes.toByteArray();
    }
  }

  private static Font font(Typeface typeface, PdfBoxGraphics2DFontTextDrawer letters)
      throws IOException {
    try (InputStream metrics = typeface.open();
        InputStream embedded = typeface.open()) {
      Font font = Font.createFont(Font.TRUETYPE_FONT, metrics);
      letters.registerFont(font.getFontName(), embedded);
      return font;
    } catch (FontFormatException e) {
      throw new IOException("the font of the figures is damaged", e);
    }
  }

  private void draw(Drawing drawing) {
    for (Drawing.Shape shape : drawing.shapes()) {
      switch (shape) {
        case Drawing.Polyline(var points, var ink, var thickness, var stroke, _) -> {
          pen.setColor(colour(ink));
          pen.setStroke(stroke((float) thickness, stroke));
          pen.draw(path(points));
        }
        case Drawing.Area(var points, var ink, _) -> {
          pen.setColor(colour(ink));
          Path2D area = path(points);
          area.closePath();
          pen.fill(area);
        }
        case Drawing.Bar bar -> bar(bar);
        case Drawing.Label label -> label(label);
      }
    }
  }

  private void bar(Drawing.Bar bar) {
    Rectangle2D area = new Rectangle2D.Double(bar.x(), bar.y(), bar.width(), bar.height());
    pen.setColor(colour(bar.ink()));
    if (bar.filling() == Filling.FILLED) {
      pen.fill(area);
    }
    pen.setStroke(new BasicStroke(EDGE));
    pen.draw(area);
  }

  private void label(Drawing.Label label) {
    Font face = label.face() == Face.STRONG ? semibold : regular;
    // Letters of another script come from whatever font the machine has for them.
    Font able =
        face.canDisplayUpTo(label.text()) < 0 ? face : new Font(Font.SANS_SERIF, Font.PLAIN, 1);
    Font sized = able.deriveFont((float) label.size());
    double width = pen.getFontMetrics(sized).getStringBounds(label.text(), pen).getWidth();
    double start =
        switch (label.anchor()) {
          case START -> label.x();
          case MIDDLE -> label.x() - width / 2;
          case END -> label.x() - width;
        };
    pen.setFont(sized);
    pen.setColor(colour(label.ink()));
    pen.drawString(label.text(), (float) start, (float) label.y());
  }

  private static BasicStroke stroke(float thickness, Drawing.Stroke stroke) {
    return switch (stroke) {
      case SOLID -> new BasicStroke(thickness);
      case DASHED, DOTTED ->
          new BasicStroke(
              thickness,
              BasicStroke.CAP_BUTT,
              BasicStroke.JOIN_MITER,
              10,
              stroke == Drawing.Stroke.DASHED ? new float[] {5, 3} : new float[] {1.5f, 3},
              0);
    };
  }

  private static Path2D path(List<Point> points) {
    Path2D path = new Path2D.Double();
    path.moveTo(points.getFirst().x(), points.getFirst().y());
    points.stream().skip(1).forEach(point -> path.lineTo(point.x(), point.y()));
    return path;
  }

  private static Color colour(Ink ink) {
    return new Color(ink.onWhite().light());
  }
}
