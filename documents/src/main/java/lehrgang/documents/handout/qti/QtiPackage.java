package lehrgang.documents.handout.qti;

import static j2html.TagCreator.each;
import static j2html.TagCreator.tag;

import j2html.Config;
import j2html.rendering.FlatHtml;
import j2html.tags.ContainerTag;
import j2html.tags.DomContent;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lehrgang.core.page.Audience;
import lehrgang.core.solution.SheetChoices;
import lehrgang.core.solution.SheetChoices.WorkingRoom;
import lehrgang.documents.file.Archive;
import lehrgang.documents.file.XmlText;
import lehrgang.documents.handout.order.Manuscript;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.Sheet;
import lehrgang.documents.handout.order.Solved;

/// Worksheets as a package of questions in QTI 3.0 (1EdTech, *Question & Test Interoperability*,
/// 2022): an item for each solution, in which every blank is a numeric entry with its accepted
/// range, and a test that holds them together.
public final class QtiPackage {
  private static final String ITEM = "http://www.imsglobal.org/xsd/imsqtiasi_v3p0";
  private static final String PACKAGE = "http://www.imsglobal.org/xsd/qti/qtiv3p0/imscp_v1p1";
  private static final String STYLE = "style.css";
  private static final String TEST = "test.xml";

  private final Map<String, byte[]> files = new LinkedHashMap<>();
  private final List<String> items = new ArrayList<>();

  private QtiPackage() {}

  /// The same order gives the same bytes.
  ///
  /// @param order of one solution or several; for students, whomever it names
  public static Sheet of(Order order) {
    QtiPackage made = new QtiPackage();
    SheetChoices choices = order.choices().withRoom(WorkingRoom.NONE);
    String title = "";
    for (Solved solved : order.solutions()) {
      Manuscript manuscript = Manuscript.of(new Order(List.of(solved), Audience.STUDENT, choices));
      title = title.isEmpty() ? manuscript.title() : title;
      made.item(new QtiItem(solved, manuscript, "item-" + (made.items.size() + 1)));
    }
    made.files.put(TEST, xml(made.test(title)));
    made.files.put(STYLE, style());
    Archive archive = new Archive();
    archive.add("imsmanifest.xml", xml(made.manifest()));
    made.files.forEach(archive::add);
    return Sheet.alone(archive.bytes());
  }

  private void item(QtiItem item) {
    ContainerTag<?> element = item.element(STYLE);
    files.put(item.name() + ".xml", xml(element.attr("xmlns", ITEM)));
    files.putAll(item.pictures());
    items.add(item.name());
  }

  private ContainerTag<?> test(String title) {
    return tag("qti-assessment-test")
        .attr("xmlns", ITEM)
        .attr("identifier", "test")
        .attr("title", title)
        .with(
            score(),
            tag("qti-test-part")
                .attr("identifier", "part")
                .attr("navigation-mode", "nonlinear")
                .attr("submission-mode", "individual")
                .with(
                    tag("qti-assessment-section")
                        .attr("identifier", "section")
                        .attr("title", title)
                        .attr("visible", "true")
                        .with(
                            each(
                                items,
                                item ->
                                    tag("qti-assessment-item-ref")
                                        .attr("identifier", item)
                                        .attr("href", item + ".xml")))),
            tag("qti-outcome-processing")
                .with(
                    tag("qti-set-outcome-value")
                        .attr("identifier", "SCORE")
                        .with(
                            tag("qti-sum")
                                .with(
                                    tag("qti-test-variables")
                                        .attr("variable-identifier", "SCORE")))));
  }

  static ContainerTag<?> score() {
    return tag("qti-outcome-declaration")
        .attr("identifier", "SCORE")
        .attr("cardinality", "single")
        .attr("base-type", "float");
  }

  private ContainerTag<?> manifest() {
    return tag("manifest")
        .attr("xmlns", PACKAGE)
        .attr("identifier", "package")
        .with(
            tag("metadata")
                .with(
                    tag("schema").withText("QTI Package"), tag("schemaversion").withText("3.0.0")),
            tag("organizations"),
            tag("resources")
                .with(
                    resource("test", "imsqti_test_xmlv3p0", TEST, List.of(), items),
                    each(
                        items,
                        item ->
                            resource(
                                item,
                                "imsqti_item_xmlv3p0",
                                item + ".xml",
                                beside(item),
                                List.of()))));
  }

  private List<String> beside(String item) {
    List<String> beside = new ArrayList<>(List.of(STYLE));
    files.keySet().stream().filter(file -> file.startsWith(item + "-")).forEach(beside::add);
    return beside;
  }

  private static DomContent resource(
      String name, String type, String file, List<String> beside, List<String> needs) {
    return tag("resource")
        .attr("identifier", name)
        .attr("type", type)
        .attr("href", file)
        .with(
            tag("file").attr("href", file),
            each(beside, other -> tag("file").attr("href", other)),
            each(needs, need -> tag("dependency").attr("identifierref", need)));
  }

  private static byte[] style() {
    try (InputStream style = QtiPackage.class.getResourceAsStream("qti-item.css")) {
      return style.readAllBytes();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static byte[] xml(ContainerTag<?> element) {
    StringBuilder text = new StringBuilder("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n");
    try {
      element.render(FlatHtml.into(text, Config.defaults().withEmptyTagsClosed(true)));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return XmlText.allowed(text.toString()).getBytes(StandardCharsets.UTF_8);
  }
}
