package lehrgang.documents.handout.html;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lehrgang.core.Sampled;
import lehrgang.core.number.Decimals;
import lehrgang.core.page.Appearance;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.ProcedureOption;
import lehrgang.core.solution.ProcedureOption.OneOf;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import lehrgang.documents.Demo;
import lehrgang.documents.solutionfile.DemoCourse;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.ShrinkingMode;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Attribute;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.TextNode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// The sheet of a class against its key: what the key fills in, the sheet does not tell.
@Sampled
class SheetAndKeyTest {
  private static final int TELLING = 3;

  private static final Set<String> COORDINATES =
      Set.of("x", "y", "x1", "y1", "x2", "y2", "d", "width", "height", "viewBox", "points");

  static List<String> demos() {
    return Demo.some();
  }

  private static Page page(Solution solution, Audience audience) {
    return Page.of(solution, Demo.derivation(solution), audience);
  }

  private static Document sheet(Solution solution, Audience audience) {
    return Jsoup.parse(HtmlHandout.of(Demo.order(solution, audience)));
  }

  /// Every number in the text, the attributes and the figures of a sheet, but for printed tables
  /// and the trials that lead to a number that may be seen.
  private static Set<String> numbers(Document sheet) {
    Document copy = sheet.clone();
    copy.select("table.excerpt, table.list, style").remove();
    Stream<String> attributes =
        copy.getAllElements().stream()
            .flatMap(element -> element.attributes().asList().stream())
            .filter(attribute -> !COORDINATES.contains(attribute.getKey()))
            .map(Attribute::getValue);
    Stream<String> texts =
        copy.getAllElements().stream()
            .flatMap(element -> element.textNodes().stream())
            .map(TextNode::getWholeText);
    return Stream.concat(texts, attributes)
        .flatMap(text -> Arrays.stream(text.split("[^0-9.\u2009]+")))
        .collect(Collectors.toSet());
  }

  private static boolean tells(String number) {
    return number.codePoints().filter(Character::isDigit).count() >= TELLING
        && number.contains(".");
  }

  private static void assertThatNothingIsToldAndAllIsAnswered(Solution solution) {
    Page student = page(solution, Audience.STUDENT);
    Page answers = page(solution, Audience.KEY);
    Document sheet = sheet(solution, Audience.STUDENT);
    Document key = sheet(solution, Audience.KEY);
    Set<String> told = numbers(sheet);
    Set<String> given = new HashSet<>();
    Set<String> hidden = new HashSet<>();
    student
        .lines()
        .forEach(
            id -> {
              boolean blank = student.appearance(id) == Appearance.BLANK;
              (blank ? hidden : given).add(answers.shown(id).text().replace("−", ""));
            });
    String question = solution.question().text() + solution.choices().level();
    assertThat(hidden.stream().filter(SheetAndKeyTest::tells).filter(n -> !question.contains(n)))
        .allSatisfy(
            number ->
                assertThat(given.contains(number) || !told.contains(number))
                    .as("%s stands on the sheet", number)
                    .isTrue());
    assertThat(key.select(".blank, .box")).as("blanks of the key").isEmpty();
    assertThat(key.select("details")).as("workings that paper would not show").isEmpty();
    assertThat(key.text()).doesNotContain("______");
  }

  @ParameterizedTest
  @MethodSource("demos")
  void aSheetOfTheDemoCourseTellsNoAnswerAndItsKeyEveryOne(String demo) {
    assertThatNothingIsToldAndAllIsAnswered(DemoCourse.open(demo).solution());
  }

  /// A demo with what students see, the options and the decimals as they come.
  private static Solution changed(String demo, Random random) {
    Solution solution = DemoCourse.open(demo).solution();
    Choices choices =
        solution.choices().withDecimals(Decimals.usual().withAll(5 + random.nextInt(3)));
    Solution changed = solution.withChoices(choices);
    for (ProcedureOption option : Procedures.of(solution.procedure()).options()) {
      if (option instanceof OneOf choice && choice.scope().holds(solution.table())) {
        List<String> values = choice.values();
        Solution tried =
            changed.withChoices(
                changed
                    .choices()
                    .withOption(choice.id(), values.get(random.nextInt(values.size()))));
        changed = Procedures.workAtOnce(tried) instanceof Procedure.Derived ? tried : changed;
      }
    }
    StudentView[] views = StudentView.values();
    for (Page.Heading step : page(changed, Audience.FULL).headings()) {
      changed = changed.withStudentView(step.step(), views[random.nextInt(views.length)]);
    }
    return changed;
  }

  @Property(tries = 60, shrinking = ShrinkingMode.OFF)
  void whateverIsAskedTheSheetTellsNoneOfIt(
      @ForAll("someDemo") String demo, @ForAll Random random) {
    assertThatNothingIsToldAndAllIsAnswered(changed(demo, random));
  }

  @Provide
  Arbitrary<String> someDemo() {
    return Arbitraries.of(demos());
  }
}
