package lehrgang.documents.handout.qti;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeSet;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.xml.XMLConstants;
import javax.xml.transform.stream.StreamSource;
import javax.xml.validation.Schema;
import javax.xml.validation.SchemaFactory;
import lehrgang.core.Extent;
import lehrgang.core.ReferenceCases;
import lehrgang.core.Sampled;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.AnswerReader;
import lehrgang.core.marking.Judgement;
import lehrgang.core.marking.Mark;
import lehrgang.core.marking.Marker;
import lehrgang.core.number.Kind;
import lehrgang.core.number.NumberStyle;
import lehrgang.core.number.Value;
import lehrgang.core.page.Audience;
import lehrgang.core.solution.Question;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import lehrgang.documents.Demo;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.solutionfile.DemoCourse;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.parser.Parser;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// A platform that compares numbers finds right what is right, and says what slips come of.
@Sampled
class QtiPackageTest {
  private static final Wording WORDS = Wording.english();
  private static final int SHEETS = 20;

  static Stream<Solution> solutions() {
    return Stream.concat(
        Extent.of("one of each", 4, ReferenceCases.oneOfEach()).stream(),
        Demo.some().stream().map(name -> DemoCourse.open(name).solution()));
  }

  private static Solved solved(Solution solution) {
    return new Solved(solution, ReferenceCases.derive(solution));
  }

  private static Map<String, byte[]> files(Solution... solutions) {
    List<Solved> solved = Stream.of(solutions).map(QtiPackageTest::solved).toList();
    Order order = new Order(solved, Audience.STUDENT, solutions[0].sheet());
    return files(QtiPackage.of(order).content());
  }

  private static Map<String, byte[]> files(byte[] archive) {
    Map<String, byte[]> files = new LinkedHashMap<>();
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        files.put(entry.getName(), zip.readAllBytes());
      }
    } catch (IOException e) {
      throw new AssertionError(e);
    }
    return files;
  }

  private static Document xml(byte[] file) {
    return Jsoup.parse(new String(file, StandardCharsets.UTF_8), "", Parser.xmlParser());
  }

  private static Document item(Solution solution) {
    return xml(files(solution).get("item-1.xml"));
  }

  @ParameterizedTest
  @MethodSource("solutions")
  void itemsAndTestAreAsTheModelHasThem(Solution solution) throws Exception {
    Schema schema =
        SchemaFactory.newInstance(XMLConstants.W3C_XML_SCHEMA_NS_URI)
            .newSchema(QtiPackageTest.class.getResource("item.xsd"));
    Map<String, byte[]> files = files(solution);
    for (String file : List.of("item-1.xml", "test.xml")) {
      schema.newValidator().validate(new StreamSource(new ByteArrayInputStream(files.get(file))));
    }
  }

  @ParameterizedTest
  @MethodSource("solutions")
  void everyBlankIsAskedForOnceAndNothingIsShownThatIsAsked(Solution solution) {
    Document item = item(solution);
    Solved solved = solved(solution);
    List<String> asked = item.select("[response-identifier]").eachAttr("response-identifier");
    assertThat(asked)
        .doesNotHaveDuplicates()
        .containsExactlyInAnyOrderElementsOf(
            item.select("qti-response-declaration").eachAttr("identifier"));
    assertThat(asked.size()).isGreaterThanOrEqualTo(solved.blanks().count());
    assertThat(item.select("qti-item-body mspace")).isEmpty();
  }

  @ParameterizedTest
  @MethodSource("solutions")
  void whatIsSaidOfAnAnswerStandsBelowItsStep(Solution solution) {
    Document item = item(solution);
    TreeSet<String> decided = new TreeSet<>();
    for (Element said : item.select("qti-response-processing qti-set-outcome-value")) {
      if (!said.attr("identifier").equals("SCORE")) {
        decided.add(said.attr("identifier") + " " + said.text());
      }
    }
    TreeSet<String> shown = new TreeSet<>();
    for (Element block : item.select("qti-feedback-block")) {
      shown.add(block.attr("outcome-identifier") + " " + block.attr("identifier"));
      assertThat(block.text()).isNotBlank().doesNotContain("{");
    }
    assertThat(shown).isEqualTo(decided);
  }

  /// As a platform works an item out, from the elements alone.
  private record Platform(Document item, Map<String, String> answers) {
    Map<String, String> outcomes() {
      Map<String, String> outcomes = new HashMap<>(Map.of("SCORE", "0"));
      for (Element condition : item.select("qti-response-condition")) {
        for (Element rule : condition.children()) {
          if (Boolean.TRUE.equals(holds(rule.child(0)))) {
            for (Element set : rule.select("> qti-set-outcome-value")) {
              outcomes.put(set.attr("identifier"), value(set.child(0), outcomes));
            }
            break;
          }
        }
      }
      return outcomes;
    }

    private String value(Element expression, Map<String, String> outcomes) {
      return switch (expression.tagName()) {
        case "qti-base-value" -> expression.text();
        case "qti-variable" -> outcomes.get(expression.attr("identifier"));
        case "qti-sum" ->
            Double.toString(
                expression.children().stream()
                    .mapToDouble(part -> Double.parseDouble(value(part, outcomes)))
                    .sum());
        default -> throw new AssertionError(expression.tagName());
      };
    }

    private String response(Element expression) {
      return switch (expression.tagName()) {
        case "qti-variable" -> answers.get(expression.attr("identifier"));
        case "qti-base-value" -> expression.text();
        case "qti-correct" ->
            item.select(
                    "qti-response-declaration[identifier=%s] qti-value"
                        .formatted(expression.attr("identifier")))
                .text();
        default -> throw new AssertionError(expression.tagName());
      };
    }

    /// Null where one side is.
    private Boolean holds(Element expression) {
      return switch (expression.tagName()) {
        case "qti-and" ->
            expression.children().stream().allMatch(part -> Boolean.TRUE.equals(holds(part)));
        case "qti-not" -> !Boolean.TRUE.equals(holds(expression.child(0)));
        case "qti-is-null" -> response(expression.child(0)) == null;
        case "qti-match" ->
            response(expression.child(0)) == null
                ? null
                : response(expression.child(0)).equals(response(expression.child(1)));
        case "qti-gte", "qti-lte" -> {
          if (response(expression.child(0)) == null) {
            yield null;
          }
          double answer = Double.parseDouble(response(expression.child(0)));
          double bound = Double.parseDouble(response(expression.child(1)));
          yield expression.tagName().equals("qti-gte") ? answer >= bound : answer <= bound;
        }
        default -> throw new AssertionError(expression.tagName());
      };
    }
  }

  private static Map<String, String> correct(Document item) {
    Map<String, String> answers = new LinkedHashMap<>();
    for (Element response : item.select("qti-response-declaration")) {
      answers.put(response.attr("identifier"), response.select("qti-value").text());
    }
    return answers;
  }

  @ParameterizedTest
  @MethodSource("solutions")
  void theRightAnswersGetAllPointsAndNoneGetNone(Solution solution) {
    Document item = item(solution);
    double all =
        Double.parseDouble(
            item.select("qti-outcome-declaration[identifier=MAXSCORE] qti-value").text());
    Map<String, String> right = new Platform(item, correct(item)).outcomes();
    assertThat(Double.parseDouble(right.remove("SCORE"))).isEqualTo(all).isPositive();
    assertThat(right.values()).containsOnly("right");
    assertThat(new Platform(item, Map.of()).outcomes()).isEqualTo(Map.of("SCORE", "0"));
  }

  /// The lines in the order in which an item asks for them.
  private static List<LineId> asked(Solved solved) {
    List<LineId> asked = new ArrayList<>(solved.blanks().lines());
    if (!asked.contains(solved.derivation().decision())) {
      asked.add(solved.derivation().decision());
    }
    return asked.stream()
        .filter(line -> solved.derivation().line(line).kind() != Kind.CONDITION)
        .filter(line -> solved.derivation().exact().find(line).isPresent())
        .toList();
  }

  /// Students who round each number somewhere, to as many digits as are asked or more.
  @ParameterizedTest
  @MethodSource("solutions")
  void whoeverIsRightOnPaperIsRightOnThePlatform(Solution solution) {
    Document item = item(solution);
    Solved solved = solved(solution);
    Derivation derivation = solved.derivation();
    List<LineId> asked = asked(solved);
    Marker marker = Marker.of(solution, derivation, asked);
    Random random = new Random(7);
    int right = 0;
    for (int sheet = 0; sheet < SHEETS; sheet++) {
      Map<LineId, String> written = new LinkedHashMap<>();
      for (LineId line : asked) {
        Kind kind = derivation.line(line).kind();
        Value value = derivation.exact().find(line).orElseThrow();
        if (kind.isNumber()) {
          int decimals = solution.marking().digitsOf(kind) + random.nextInt(4);
          double off = 1 + (random.nextInt(3) - 1) * 0.002 * random.nextDouble();
          String text =
              value
                  .times(Value.exactly(java.math.BigDecimal.valueOf(off)))
                  .decimal()
                  .setScale(kind.mayBeRounded() ? decimals : 0, RoundingMode.HALF_UP)
                  .toPlainString();
          written.put(line, text);
        }
      }
      Map<LineId, lehrgang.core.marking.Answer> read = new HashMap<>();
      AnswerReader reader = new AnswerReader(WORDS, NumberStyle.POINT);
      written.forEach(
          (line, text) -> read.put(line, reader.read(text, derivation.line(line).kind())));
      Map<String, String> answers = new HashMap<>();
      for (int i = 0; i < asked.size(); i++) {
        if (written.containsKey(asked.get(i))) {
          answers.put("A" + (i + 1), written.get(asked.get(i)));
        }
      }
      Map<String, String> outcomes = new Platform(item, answers).outcomes();
      for (Mark mark : marker.mark("17-001", read).marks()) {
        if (mark.verdict() == Judgement.RIGHT || mark.verdict() == Judgement.RIGHT_ROUNDED) {
          String entry = "SAID-A" + (asked.indexOf(mark.line()) + 1);
          assertThat(outcomes)
              .as("%s %s", mark.line(), mark.answer())
              .containsEntry(entry, "right");
          right++;
        }
      }
    }
    assertThat(right).isPositive();
  }

  @Test
  void aKnownSlipIsNamed() {
    Document item = item(Demo.solution());
    Map<String, String> answers = correct(item);
    answers.put("A1", "53.33");
    answers.put("A29", "8");
    Map<String, String> outcomes = new Platform(item, answers).outcomes();
    assertThat(outcomes).containsEntry("SAID-A1", "expected-equal-cells");
    assertThat(outcomes).containsEntry("SAID-A29", "df-cells-less-one");
    answers.put("A1", "12");
    assertThat(new Platform(item, answers).outcomes()).containsEntry("SAID-A1", "wrong");
    assertThat(
            item.select(
                    "qti-feedback-block[outcome-identifier=SAID-A29][identifier=df-cells-less-one]")
                .text())
        .startsWith("(29)");
  }

  @Test
  void severalSolutionsAreItemsOfOneTest() {
    Map<String, byte[]> files = files(Demo.solution(), DemoCourse.open("deer-gate").solution());
    assertThat(files.keySet())
        .containsExactlyInAnyOrder(
            "imsmanifest.xml", "item-1.xml", "item-2.xml", "test.xml", "style.css");
    assertThat(xml(files.get("test.xml")).select("qti-assessment-item-ref").eachAttr("href"))
        .containsExactly("item-1.xml", "item-2.xml");
    assertThat(xml(files.get("imsmanifest.xml")).select("file").eachAttr("href"))
        .allMatch(files::containsKey)
        .contains("test.xml", "item-1.xml", "item-2.xml");
    assertThat(files(Demo.solution()))
        .allSatisfy(
            (name, content) -> assertThat(content).isEqualTo(files(Demo.solution()).get(name)));
  }

  @Test
  void aLabelIsALabel() {
    String label = "<img src=x> & \"]]>\u0007";
    Solution solution =
        Demo.solution()
            .withQuestion(new Question(label, label, label))
            .withTable(Demo.solution().table().withRowLabel(0, label));
    Document item = item(solution);
    assertThat(item.select("img")).isEmpty();
    assertThat(item.select("th").eachText())
        .anyMatch(head -> head.startsWith("<img src=x> & \"]]>"));
    assertThat(item.select("qti-assessment-item").attr("title")).startsWith("<img src=x>");
  }
}
