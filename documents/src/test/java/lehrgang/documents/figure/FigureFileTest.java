package lehrgang.documents.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import lehrgang.core.expr.LineId;
import lehrgang.core.page.FigureSpec;
import lehrgang.documents.file.FileProblem;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.w3c.dom.Document;

/// A figure on its way to slides or a paper: the same shapes and words as on screen.
class FigureFileTest {
  @TempDir Path folder;

  static Stream<FigureSpec> all() {
    return CourseFiguresTest.all();
  }

  private static List<String> labels(Drawing drawing) {
    return drawing.shapes().stream()
        .filter(Drawing.Label.class::isInstance)
        .map(shape -> ((Drawing.Label) shape).text())
        .toList();
  }

  @ParameterizedTest
  @MethodSource("all")
  void thePdfHasThePictureAsOnePageWithItsWordsAsText(FigureSpec figure) throws Exception {
    Path file = folder.resolve("figure.pdf");
    FigureFile.write(figure, file);
    Drawing drawing = Draughtsman.draw(figure, 640);
    try (PDDocument pdf = Loader.loadPDF(Files.readAllBytes(file))) {
      assertThat(pdf.getNumberOfPages()).isEqualTo(1);
      assertThat((double) pdf.getPage(0).getMediaBox().getWidth()).isCloseTo(480, within(0.01));
      assertThat(pdf.getDocumentInformation().getTitle()).isEqualTo(figure.alternative());
      String text = new PDFTextStripper().getText(pdf).replaceAll("(?U)\\s", "");
      assertThat(labels(drawing))
          .isNotEmpty()
          .allSatisfy(label -> assertThat(text).contains(label.replaceAll("(?U)\\s", "")));
    }
  }

  @ParameterizedTest
  @MethodSource("all")
  void theSvgStandsAloneWithItsColours(FigureSpec figure) throws Exception {
    Path file = folder.resolve("figure.svg");
    FigureFile.write(figure, file);
    Document svg = DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(file.toFile());
    assertThat(svg.getElementsByTagName("title").item(0).getTextContent())
        .isEqualTo(figure.alternative());
    String text = Files.readString(file);
    assertThat(text).contains("#22304A").doesNotContain("var(");
  }

  @Test
  void aLabelInAnotherScriptIsStillDrawn() throws Exception {
    LineId line = LineId.of("O", 1);
    FigureSpec figure =
        new FigureSpec.Paired(
            List.of(
                new FigureSpec.Pair(
                    "מסלול 🥾",
                    "",
                    new FigureSpec.Mark(line, 4, "4"),
                    new FigureSpec.Mark(line, 5, "5"))),
            "observed",
            "expected",
            "a pair");
    Path file = folder.resolve("script.pdf");
    FigureFile.write(figure, file);
    assertThat(file).isNotEmptyFile();
  }

  @Test
  void anotherEndingIsRefusedAndNothingIsWritten() {
    Path file = folder.resolve("figure.bmp");
    FigureSpec figure = all().findFirst().orElseThrow();
    assertThatThrownBy(() -> FigureFile.write(figure, file))
        .isInstanceOf(FileProblem.class)
        .hasMessageContaining("in neither .svg nor .pdf");
    assertThat(file).doesNotExist();
  }
}
