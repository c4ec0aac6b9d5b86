package lehrgang.documents.handout.odt;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import lehrgang.core.solution.Illustration;
import lehrgang.documents.file.Archive;
import lehrgang.documents.handout.order.Manuscript;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.Sheet;
import lehrgang.documents.look.Typeface;

/// What is ordered as a text document in ODF 1.3 (OASIS; ISO/IEC 26300).
public final class OdtHandout {
  private static final String TYPE = "application/vnd.oasis.opendocument.text";
  private static final String FORMULA = "application/vnd.oasis.opendocument.formula";

  private OdtHandout() {}

  /// The same order gives the same bytes.
  public static Sheet of(Order order) {
    Manuscript manuscript = Manuscript.of(order);
    OdtBody body = new OdtBody(manuscript, order.choices().room());
    Map<String, byte[]> files = new LinkedHashMap<>();
    files.put("content.xml", utf8(body.content()));
    files.put("styles.xml", utf8(OdtStyles.of(manuscript, order.choices().paper())));
    files.put("meta.xml", utf8(OdtStyles.meta(manuscript)));
    files.putAll(body.objects());
    return Sheet.alone(zip(files));
  }

  private static byte[] zip(Map<String, byte[]> files) {
    Archive archive = new Archive();
    archive.stored("mimetype", utf8(TYPE));
    files.forEach(archive::add);
    for (Typeface typeface : OdtStyles.EMBEDDED) {
      try (InputStream font = typeface.open()) {
        archive.add(OdtStyles.file(typeface), font.readAllBytes());
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
    archive.add("META-INF/manifest.xml", utf8(manifest(files)));
    return archive.bytes();
  }

  private static byte[] utf8(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }

  private static String manifest(Map<String, byte[]> files) {
    StringBuilder manifest = new StringBuilder();
    manifest.append(
        """
        <?xml version="1.0" encoding="UTF-8"?>
        <manifest:manifest xmlns:manifest="urn:oasis:names:tc:opendocument:xmlns:manifest:1.0" manifest:version="1.3">
        <manifest:file-entry manifest:full-path="/" manifest:version="1.3" manifest:media-type="%s"/>
        """
            .formatted(TYPE));
    for (String name : files.keySet()) {
      if (name.startsWith("Object ")) {
        manifest.append(file(name.substring(0, name.indexOf('/') + 1), FORMULA));
      }
      manifest.append(file(name, type(name)));
    }
    OdtStyles.EMBEDDED.forEach(
        typeface -> manifest.append(file(OdtStyles.file(typeface), "application/x-font-ttf")));
    return manifest.append("</manifest:manifest>\n").toString();
  }

  private static String type(String name) {
    return Arrays.stream(Illustration.Kind.values())
        .filter(kind -> name.endsWith("." + kind.ending()))
        .map(Illustration.Kind::type)
        .findFirst()
        .orElse(
            name.endsWith(".svg") || name.startsWith("ObjectReplacements")
                ? "image/svg+xml"
                : "text/xml");
  }

  private static String file(String path, String type) {
    return "<manifest:file-entry manifest:full-path=\"%s\" manifest:media-type=\"%s\"/>%n"
        .formatted(path, type);
  }
}
