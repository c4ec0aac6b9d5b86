package lehrgang.documents.handout.working;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.zip.Deflater;
import java.util.zip.GZIPOutputStream;

/// A text made short for a page that unpacks it itself: compressed by gzip, in the letters of
/// Base64.
final class Packed {
  private Packed() {}

  /// Compresses as far as it can; the default level is for haste.
  private static final class Smallest extends GZIPOutputStream {
    Smallest(OutputStream out) throws IOException {
      super(out);
      def.setLevel(Deflater.BEST_COMPRESSION);
    }
  }

  static String of(String text) {
    ByteArrayOutputStream packed = new ByteArrayOutputStream();
    try (GZIPOutputStream out = new Smallest(packed)) {
      out.write(text.getBytes(StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return Base64.getEncoder().encodeToString(packed.toByteArray());
  }
}
