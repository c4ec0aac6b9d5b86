package lehrgang.documents.file;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;

/// Packed files come out as they went in.
class ArchiveTest {
  private static byte[] bytes(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }

  private static byte[] packed() {
    Archive archive = new Archive();
    archive.stored("mimetype", bytes("text/plain"));
    archive.add("folder/Höhe.txt", bytes("a".repeat(5000)));
    return archive.bytes();
  }

  @Test
  void filesComeOutInOrder() throws Exception {
    List<String> names = new ArrayList<>();
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(packed()))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        names.add(entry.getName() + " " + zip.readAllBytes().length);
      }
    }
    assertThat(names).containsExactly("mimetype 10", "folder/Höhe.txt 5000");
  }

  /// What is stored stands in the file as it is, at a place that is known.
  @Test
  void theFirstFileCanBeFoundWithoutUnpacking() {
    String start = new String(packed(), 0, 60, StandardCharsets.ISO_8859_1);
    assertThat(start.substring(30)).startsWith("mimetypetext/plain");
  }

  @Test
  void theSameFilesGiveTheSameBytes() {
    assertThat(packed()).isEqualTo(packed()).hasSizeLessThan(1000);
  }

  @Test
  void whatXmlCannotHoldIsLeftOut() {
    assertThat(XmlText.escaped("a<b>&\"c\"\u0007\uFFFE")).isEqualTo("a&lt;b&gt;&amp;&quot;c&quot;");
    assertThat(XmlText.allowed("<p>é\u0000 🥾\n</p>")).isEqualTo("<p>é 🥾\n</p>");
  }
}
