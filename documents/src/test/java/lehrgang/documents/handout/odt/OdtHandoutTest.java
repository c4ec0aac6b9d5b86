package lehrgang.documents.handout.odt;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.xml.parsers.DocumentBuilderFactory;
import lehrgang.core.Sampled;
import lehrgang.core.page.Audience;
import lehrgang.core.solution.SheetChoices;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Span;
import lehrgang.documents.Demo;
import lehrgang.documents.handout.order.Manuscript;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.Part;
import lehrgang.documents.solutionfile.DemoCourse;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

@Sampled
class OdtHandoutTest {
  private static final String XLINK = "http://www.w3.org/1999/xlink";

  static List<String> demos() {
    return Demo.some();
  }

  private static Map<String, byte[]> files(Order order) {
    Map<String, byte[]> files = new LinkedHashMap<>();
    try (ZipInputStream zip =
        new ZipInputStream(new ByteArrayInputStream(OdtHandout.of(order).content()))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        files.put(entry.getName(), zip.readAllBytes());
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return files;
  }

  private static Document xml(byte[] content) {
    try {
      DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
      factory.setNamespaceAware(true);
      factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
      return factory.newDocumentBuilder().parse(new ByteArrayInputStream(content));
    } catch (Exception e) {
      throw new AssertionError(e);
    }
  }

  private static List<Element> elements(Document document, String name) {
    NodeList found = document.getElementsByTagName(name);
    return IntStream.range(0, found.getLength()).mapToObj(i -> (Element) found.item(i)).toList();
  }

  private static String bare(String text) {
    return text.replaceAll("[\\s\u00a0\u2002\u2009]+", "");
  }

  @ParameterizedTest
  @MethodSource("demos")
  void whateverItShowsIsInItAndListed(String demo) {
    for (Audience audience : Audience.values()) {
      Map<String, byte[]> files = files(Demo.order(DemoCourse.open(demo).solution(), audience));
      assertThat(files.keySet()).first().isEqualTo("mimetype");
      Document content = xml(files.get("content.xml"));
      Set<String> listed =
          elements(xml(files.get("META-INF/manifest.xml")), "manifest:file-entry").stream()
              .map(entry -> entry.getAttribute("manifest:full-path"))
              .collect(Collectors.toSet());
      assertThat(listed)
          .containsAll(files.keySet().stream().filter(OdtHandoutTest::isPart).toList());
      for (Element image : elements(content, "draw:image")) {
        assertThat(files).containsKey(image.getAttributeNS(XLINK, "href").replace("./", ""));
      }
      for (Element object : elements(content, "draw:object")) {
        String name = object.getAttributeNS(XLINK, "href").replace("./", "");
        Document formula = xml(files.get(name + "/content.xml"));
        assertThat(formula.getDocumentElement().getLocalName()).isEqualTo("math");
        Element frame = (Element) object.getParentNode();
        assertThat(frame.getElementsByTagName("svg:desc").item(0).getTextContent()).isNotBlank();
      }
      files.entrySet().stream()
          .filter(file -> file.getKey().endsWith(".xml") || file.getKey().endsWith(".svg"))
          .forEach(file -> assertThat(xml(file.getValue())).isNotNull());
    }
  }

  private static boolean isPart(String file) {
    return !file.equals("mimetype") && !file.startsWith("META-INF");
  }

  @ParameterizedTest
  @MethodSource("demos")
  void everySentenceCanBeEdited(String demo) {
    Order order = Demo.order(DemoCourse.open(demo).solution(), Audience.FULL);
    String text = bare(xml(files(order).get("content.xml")).getDocumentElement().getTextContent());
    Manuscript.of(order).chapters().stream()
        .flatMap(chapter -> chapter.parts().stream())
        .filter(Part.Sentence.class::isInstance)
        .map(part -> ((Part.Sentence) part).spans())
        .filter(spans -> spans.stream().allMatch(Span.Words.class::isInstance))
        .forEach(spans -> assertThat(text).contains(bare(Span.plain(spans))));
  }

  @ParameterizedTest
  @MethodSource("demos")
  void everyStyleThatIsUsedIsThere(String demo) {
    Map<String, byte[]> files = files(Demo.order(DemoCourse.open(demo).solution(), Audience.KEY));
    Document content = xml(files.get("content.xml"));
    Set<String> named =
        List.of(content, xml(files.get("styles.xml"))).stream()
            .flatMap(document -> elements(document, "style:style").stream())
            .map(style -> style.getAttribute("style:name"))
            .collect(Collectors.toSet());
    for (String kind :
        List.of("text:p", "text:h", "text:span", "table:table", "table:table-cell")) {
      String attribute = kind.startsWith("text") ? "text:style-name" : "table:style-name";
      elements(content, kind)
          .forEach(element -> assertThat(named).contains(element.getAttribute(attribute)));
    }
  }

  @Test
  void everyBlankHasItsNumber() {
    Order order = Demo.order(Demo.solution(), Audience.STUDENT);
    Document content = xml(files(order).get("content.xml"));
    Set<String> found =
        elements(content, "text:p").stream()
            .filter(p -> p.getAttribute("text:style-name").equals("Blank_20_number"))
            .map(Element::getTextContent)
            .collect(Collectors.toSet());
    String text = content.getDocumentElement().getTextContent();
    for (int number = 1; number <= order.solutions().getFirst().blanks().count(); number++) {
      assertThat(found.contains("" + number) || text.contains("(" + number + ")")).isTrue();
    }
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"<text:p/>", "a & \"b\" 'c'", "]]>", "שביל \u202e abc", "a\u0000b\u001bc", "x  y"})
  void aLabelIsTextWhateverItHolds(String label) {
    Solution solution =
        Demo.solution()
            .withTable(Demo.solution().table().withRowLabel(0, label).withColumnLabel(0, label));
    Document content = xml(files(Demo.order(solution, Audience.FULL)).get("content.xml"));
    assertThat(content.getDocumentElement().getTextContent()).isNotBlank();
  }

  @Test
  void thePaperIsWhatWasChosen() {
    Solution letter =
        Demo.solution().withSheet(SheetChoices.usual().on(SheetChoices.PaperSize.LETTER));
    byte[] styles = files(Demo.order(letter, Audience.STUDENT)).get("styles.xml");
    Element page = elements(xml(styles), "style:page-layout-properties").getFirst();
    assertThat(page.getAttribute("fo:page-width")).isEqualTo("21.59cm");
  }

  @Test
  void theSameOrderGivesTheSameBytes() {
    Order order = Demo.order(Demo.solution(), Audience.KEY);
    assertThat(OdtHandout.of(order).content()).isEqualTo(OdtHandout.of(order).content());
  }
}
