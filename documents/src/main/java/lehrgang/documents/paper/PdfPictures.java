package lehrgang.documents.paper;

import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import lehrgang.core.solution.Illustration;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/// The pictures of a document, each in it once.
final class PdfPictures {
  private final PDDocument document;
  private final Map<Illustration, PDImageXObject> known = new HashMap<>();

  PdfPictures(PDDocument document) {
    this.document = document;
  }

  PDImageXObject of(Illustration picture) throws IOException {
    PDImageXObject image = known.get(picture);
    if (image == null) {
      image =
          PDImageXObject.createFromByteArray(
              document, picture.content(), "picture." + picture.kind().ending());
      known.put(picture, image);
    }
    return image;
  }
}
