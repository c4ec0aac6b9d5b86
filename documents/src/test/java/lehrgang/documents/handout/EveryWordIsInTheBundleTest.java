package lehrgang.documents.handout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lehrgang.core.Sampled;
import lehrgang.core.notation.PlainText;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Course;
import lehrgang.core.solution.Question;
import lehrgang.core.solution.Solution;
import lehrgang.documents.Demo;
import lehrgang.documents.handout.html.HtmlHandout;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.report.DerivationText;
import lehrgang.documents.solutionfile.DemoCourse;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/// No English stands in code: with a bundle in which every sentence is marked, every word on every
/// page and sheet is marked, or the instructor's own.
@Sampled
class EveryWordIsInTheBundleTest {
  private static final char OPEN = '\u2045';
  private static final char CLOSE = '\u2046';

  /// Functions and units as formulas have them in every language.
  private static final Set<String> MATHEMATICS = Set.of("min", "max", "arcsin");

  private static final Map<String, String> MARKED = marked();

  /// Each sentence between marks; a symbol and what is no word is left alone.
  private static Map<String, String> marked() {
    ResourceBundle bundle =
        ResourceBundle.getBundle("lehrgang.core.wording.sentences", Locale.ENGLISH);
    Map<String, String> marked = new LinkedHashMap<>();
    bundle.keySet().forEach(key -> marked.put(key, OPEN + bundle.getString(key) + CLOSE));
    return marked;
  }

  static Stream<Arguments> pages() {
    return Demo.some().stream()
        .flatMap(name -> Arrays.stream(Audience.values()).map(who -> Arguments.of(name, who)));
  }

  private static Solution marked(String name) {
    Solution demo = DemoCourse.open(name).solution();
    return demo.withQuestion(new Question("", "", ""))
        .withCourse(Course.usual().withWording(MARKED));
  }

  @ParameterizedTest
  @MethodSource("pages")
  void everyWordOnThePageIsInTheBundle(String name, Audience audience) {
    Solution solution = marked(name);
    String text = DerivationText.of(page(solution, audience));
    assertThat(unmarked(text, solution)).isEmpty();
  }

  @ParameterizedTest
  @MethodSource("pages")
  void everyWordOnTheSheetIsInTheBundle(String name, Audience audience) {
    Solution solution = marked(name);
    Procedure.Derived derived = (Procedure.Derived) Procedures.workAtOnce(solution);
    Document sheet =
        Jsoup.parse(HtmlHandout.of(Order.of(new Solved(solution, derived.derivation()), audience)));
    sheet.select("style, math, code").remove();
    sheet
        .select("p, h1, h2, h3, td, th, li, summary, figcaption, caption, text, title, desc")
        .append("\n");
    assertThat(unmarked(sheet.body().wholeText(), solution)).isEmpty();
  }

  @ParameterizedTest
  @MethodSource("pages")
  void everyWordThatIsReadAloudIsInTheBundle(String name, Audience audience) {
    Solution solution = marked(name);
    Page page = page(solution, audience);
    String spoken =
        page.lines().stream()
            .map(line -> page.wording().speech().of(page.chain(line).box()))
            .collect(Collectors.joining("\n"));
    assertThat(spoken).isNotBlank();
    assertThat(unmarked(spoken, solution)).isEmpty();
  }

  @ParameterizedTest
  @MethodSource("pages")
  void everyWordInAFormulaIsInTheBundle(String name, Audience audience) {
    Solution solution = marked(name);
    Page page = page(solution, audience);
    String formulas =
        page.lines().stream()
            .map(line -> PlainText.of(page.chain(line).box()))
            .collect(Collectors.joining("\n"));
    assertThat(unmarked(formulas, solution)).isEmpty();
  }

  private static Page page(Solution solution, Audience audience) {
    Procedure.Derived derived = (Procedure.Derived) Procedures.workAtOnce(solution);
    return Page.of(solution, derived.derivation(), audience);
  }

  /// The words outside all marks that the instructor did not write.
  private static List<String> unmarked(String text, Solution solution) {
    StringBuilder outside = new StringBuilder();
    Deque<Character> open = new ArrayDeque<>();
    for (char sign : text.toCharArray()) {
      if (sign == OPEN) {
        open.push(sign);
      } else if (sign == CLOSE) {
        open.poll();
        outside.append(' ');
      } else if (open.isEmpty()) {
        outside.append(sign);
      }
    }
    String rest = outside.toString().replaceAll("\\s+", " ");
    for (String own : own(solution)) {
      rest = rest.replace(own, " ");
    }
    return Arrays.stream(rest.split("[^\\p{L}]+"))
        .filter(word -> word.length() > 2 && !MATHEMATICS.contains(word))
        .toList();
  }

  /// What the instructor wrote, the longest first.
  private static List<String> own(Solution solution) {
    List<String> own = new ArrayList<>();
    own.addAll(solution.table().rows());
    own.addAll(solution.table().columns());
    own.addAll(solution.table().layers());
    own.add(solution.table().rowVariable());
    own.add(solution.table().columnVariable());
    own.add(solution.table().layerVariable());
    own.removeIf(String::isBlank);
    own.sort((one, other) -> other.length() - one.length());
    return own;
  }
}
