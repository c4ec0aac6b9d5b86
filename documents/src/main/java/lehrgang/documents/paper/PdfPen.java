package lehrgang.documents.paper;

import java.awt.Color;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.io.IOException;
import java.util.List;
import lehrgang.documents.look.TallSigns;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.documentinterchange.markedcontent.PDPropertyList;
import org.apache.pdfbox.util.Matrix;

/// Paints on a page of a PDF, whose y grows upwards.
final class PdfPen {
  /// How far the control points of a quarter circle are from its ends, in radii.
  private static final double ROUND = 0.5523;

  private final PDPageContentStream page;
  private final PdfFonts fonts;
  private final PdfPictures pictures;
  private final double height;

  PdfPen(PDPageContentStream page, PdfFonts fonts, PdfPictures pictures, double height) {
    this.page = page;
    this.fonts = fonts;
    this.pictures = pictures;
    this.height = height;
  }

  private float up(double y) {
    return (float) (height - y);
  }

  void paint(List<Paint> paints) throws IOException {
    for (Paint paint : paints) {
      switch (paint) {
        case Paint.Text text -> text(text);
        case Paint.Foreign foreign -> foreign(foreign);
        case Paint.Stroke stroke -> stroke(stroke);
        case Paint.Fill(var points, var colour) -> {
          page.setNonStrokingColor(new Color(colour));
          path(points);
          page.closePath();
          page.fill();
        }
        case Paint.Frame frame -> frame(frame);
        case Paint.Image(var x, var y, var width, var imageHeight, var picture) ->
            page.drawImage(
                pictures.of(picture),
                (float) x,
                up(y + imageHeight),
                (float) width,
                (float) imageHeight);
      }
    }
  }

  private void text(Paint.Text text) throws IOException {
    boolean tall = text.text().codePoints().anyMatch(TallSigns::isTall);
    if (tall) {
      // The place of a tall sign in the font means nothing outside it.
      begin(TallSigns.usual(text.text()));
    }
    page.beginText();
    page.setNonStrokingColor(new Color(text.colour()));
    page.setFont(fonts.of(text.typeface()), (float) text.size());
    page.setTextMatrix(Matrix.getTranslateInstance((float) text.x(), up(text.y())));
    page.showText(text.text());
    page.endText();
    if (tall) {
      page.endMarkedContent();
    }
  }

  private void begin(String actualText) throws IOException {
    COSDictionary properties = new COSDictionary();
    properties.setString(COSName.ACTUAL_TEXT, actualText);
    page.beginMarkedContent(COSName.getPDFName("Span"), PDPropertyList.create(properties));
  }

  private void foreign(Paint.Foreign text) throws IOException {
    begin(text.text());
    Shape letters =
        Fitting.layout(text.text(), text.size())
            .getOutline(new AffineTransform(1, 0, 0, 1, text.x(), text.y()));
    page.setNonStrokingColor(new Color(text.colour()));
    outline(letters.getPathIterator(null));
    page.endMarkedContent();
  }

  private void outline(PathIterator path) throws IOException {
    float[] at = new float[6];
    float x = 0;
    float y = 0;
    boolean any = false;
    for (; !path.isDone(); path.next()) {
      switch (path.currentSegment(at)) {
        case PathIterator.SEG_MOVETO -> {
          page.moveTo(at[0], up(at[1]));
          x = at[0];
          y = at[1];
        }
        case PathIterator.SEG_LINETO -> {
          page.lineTo(at[0], up(at[1]));
          x = at[0];
          y = at[1];
          any = true;
        }
        case PathIterator.SEG_QUADTO -> {
          page.curveTo(
              x + 2 * (at[0] - x) / 3,
              up(y + 2 * (at[1] - y) / 3),
              at[2] + 2 * (at[0] - at[2]) / 3,
              up(at[3] + 2 * (at[1] - at[3]) / 3),
              at[2],
              up(at[3]));
          x = at[2];
          y = at[3];
          any = true;
        }
        case PathIterator.SEG_CUBICTO -> {
          page.curveTo(at[0], up(at[1]), at[2], up(at[3]), at[4], up(at[5]));
          x = at[4];
          y = at[5];
          any = true;
        }
        default -> page.closePath();
      }
    }
    if (any) {
      page.fill();
    }
  }

  private void stroke(Paint.Stroke stroke) throws IOException {
    page.setStrokingColor(new Color(stroke.colour()));
    page.setLineWidth((float) stroke.thickness());
    float[] dashes = new float[stroke.dashes().size()];
    for (int i = 0; i < dashes.length; i++) {
      dashes[i] = stroke.dashes().get(i).floatValue();
    }
    page.setLineDashPattern(dashes, 0);
    path(stroke.points());
    page.stroke();
  }

  private void path(List<Double> points) throws IOException {
    for (int i = 0; i < points.size(); i += 2) {
      float x = points.get(i).floatValue();
      float y = up(points.get(i + 1));
      if (i == 0) {
        page.moveTo(x, y);
      } else {
        page.lineTo(x, y);
      }
    }
  }

  private void frame(Paint.Frame frame) throws IOException {
    float left = (float) frame.x();
    float right = (float) (frame.x() + frame.width());
    float top = up(frame.y());
    float bottom = up(frame.y() + frame.height());
    float radius = (float) frame.radius();
    float pull = (float) (frame.radius() * (1 - ROUND));
    page.setStrokingColor(new Color(frame.colour()));
    page.setLineWidth((float) frame.thickness());
    page.setLineDashPattern(new float[0], 0);
    page.moveTo(left + radius, bottom);
    page.lineTo(right - radius, bottom);
    page.curveTo(right - pull, bottom, right, bottom + pull, right, bottom + radius);
    page.lineTo(right, top - radius);
    page.curveTo(right, top - pull, right - pull, top, right - radius, top);
    page.lineTo(left + radius, top);
    page.curveTo(left + pull, top, left, top - pull, left, top - radius);
    page.lineTo(left, bottom + radius);
    page.curveTo(left, bottom + pull, left + pull, bottom, left + radius, bottom);
    page.closePath();
    page.stroke();
  }
}
