package lehrgang.documents.handout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import lehrgang.core.page.Audience;
import lehrgang.core.solution.Illustration;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Phrase;
import lehrgang.documents.Demo;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.Sheet;
import lehrgang.documents.solutionfile.PictureFile;
import lehrgang.documents.solutionfile.SolutionFile;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/// A picture goes with the question wherever it goes.
class QuestionPictureTest {
  private static final String SAID = "Map with \"gates\" & <routes> %1";

  @TempDir private Path folder;

  private static byte[] drawn(String format, int width, int height) throws IOException {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    for (int x = 0; x < width; x++) {
      image.setRGB(x, (x * 7) % height, 0x0F7B74);
    }
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    assertThat(ImageIO.write(image, format, bytes)).isTrue();
    return bytes.toByteArray();
  }

  private static Solution pictured(byte[] content) throws FileProblem {
    Illustration picture =
        PictureFile.of(content, Phrase.of("picture.file").with("file", "map.png")).described(SAID);
    return Demo.solution()
        .withQuestion(Demo.solution().question().withPicture(Optional.of(picture)));
  }

  private static Map<String, byte[]> unzipped(byte[] content) throws IOException {
    Map<String, byte[]> files = new LinkedHashMap<>();
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(content))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        files.put(entry.getName(), zip.readAllBytes());
      }
    }
    return files;
  }

  private static long images(byte[] pdf) throws IOException {
    long images = 0;
    try (PDDocument document = Loader.loadPDF(pdf)) {
      for (PDPage page : document.getPages()) {
        for (COSName name : page.getResources().getXObjectNames()) {
          images += page.getResources().isImageXObject(name) ? 1 : 0;
        }
      }
    }
    return images;
  }

  @ParameterizedTest
  @EnumSource(Audience.class)
  void everyFormShowsItToEveryone(Audience audience) throws Exception {
    byte[] content = drawn("png", 300, 200);
    Order order = Demo.order(pictured(content), audience);
    assertThat(images(Form.PDF.make(order, "map").content())).isEqualTo(1);
    String page = new String(Form.WEB_PAGE.make(order, "map").content(), StandardCharsets.UTF_8);
    assertThat(page)
        .contains("data:image/png;base64,")
        .contains("alt=\"Map with &quot;gates&quot; &amp; &lt;routes&gt; %1\"");
    Map<String, byte[]> odt = unzipped(Form.TEXT_DOCUMENT.make(order, "map").content());
    assertThat(odt.values()).anyMatch(file -> Arrays.equals(file, content));
    assertThat(new String(odt.get("META-INF/manifest.xml"), StandardCharsets.UTF_8))
        .contains("image/png");
    for (Form form : List.of(Form.TEX, Form.MARKDOWN)) {
      Sheet sheet = form.make(order, "the map.2026");
      String name =
          sheet.beside().keySet().stream().filter(file -> file.endsWith(".png")).findFirst().get();
      assertThat(sheet.beside().get(name)).isEqualTo(content);
      assertThat(new String(sheet.content(), StandardCharsets.UTF_8)).contains(name);
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"png", "jpg"})
  void itIsKeptInTheSolutionsFileAsItWas(String format) throws Exception {
    byte[] content = drawn(format, 40, 30);
    Path file = folder.resolve("map.lehrgang");
    SolutionFile.fresh(pictured(content)).save(file);
    Illustration picture = SolutionFile.load(file).solution().question().picture().orElseThrow();
    assertThat(picture.content()).isEqualTo(content);
    assertThat(picture.description()).isEqualTo(SAID);
    assertThat(List.of(picture.width(), picture.height())).containsExactly(40, 30);
  }

  @Test
  void aLargePictureFitsThePage() throws Exception {
    Order order = Demo.order(pictured(drawn("png", 3000, 4000)), Audience.STUDENT);
    String page = new String(Form.WEB_PAGE.make(order, "map").content(), StandardCharsets.UTF_8);
    assertThat(page).contains("width=\"320\" height=\"427\"");
    assertThat(images(Form.PDF.make(order, "map").content())).isEqualTo(1);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "GIF89a and more | is not a picture in PNG or JPEG format: save it in one of these"
            + " formats.",
        "gate, route | is not a picture in PNG or JPEG format: save it in one of these formats.",
        "PNG cut | is a damaged picture: save it again.",
        "PNG wide | has 8001 × 1 pixels; at most 8000 in each direction can be shown"
      })
  void whatIsNoPictureIsRefusedInASentence(String content, String said) throws Exception {
    byte[] bytes =
        switch (content) {
          case "PNG cut" -> Arrays.copyOf(drawn("png", 50, 50), 90);
          case "PNG wide" -> drawn("png", 8001, 1);
          default -> content.getBytes(StandardCharsets.UTF_8);
        };
    Path file = folder.resolve("map.png");
    Files.write(file, bytes);
    assertThatThrownBy(() -> PictureFile.read(file))
        .isInstanceOf(FileProblem.class)
        .hasMessageStartingWith("map.png")
        .hasMessageContaining(said);
  }

  @Test
  void aDamagedPictureInASolutionIsSaid() throws Exception {
    String good = SolutionFile.fresh(pictured(drawn("png", 9, 9))).text();
    String bad = good.replaceFirst("\"encoded\": \"[^\"]*\"", "\"encoded\": \"no picture!\"");
    assertThatThrownBy(() -> SolutionFile.parse(bad, "map.lehrgang"))
        .isInstanceOf(FileProblem.class)
        .hasMessage(
            "map.lehrgang: \"encoded\" of the picture is not Base64: insert the picture again.");
  }
}
