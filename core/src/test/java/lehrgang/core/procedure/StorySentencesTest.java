package lehrgang.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import lehrgang.core.ForSomeSolutions;
import lehrgang.core.ReferenceCases;
import lehrgang.core.SomeStories;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageStep;
import lehrgang.core.solution.Noun;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.Story;
import lehrgang.core.solution.StudyDesign;
import lehrgang.core.wording.Span;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/// What is told of the data is what the sentences speak of, and without it they are whole sentences
/// too.
class StorySentencesTest {
  private static final Pattern DOUBLED = Pattern.compile("(?i)\\b(\\p{L}+)\\s+\\1\\b");
  private static final Pattern ARTICLES =
      Pattern.compile("(?i)\\b(the|a|an|each|every|all)\\s+(the|a|an|each|every)\\b");

  private static List<String> sentences(Solution solution) {
    List<String> sentences = new ArrayList<>();
    for (Audience audience : Audience.values()) {
      Page page = ReferenceCases.page(solution, audience);
      for (PageStep step : page.steps()) {
        step.blocks().stream()
            .flatMap(StorySentencesTest::said)
            .map(text -> text.replace('\u00a0', ' ').strip())
            .forEach(sentences::add);
      }
    }
    return sentences;
  }

  private static Stream<String> said(PageBlock block) {
    return switch (block) {
      case PageBlock.Paragraph(_, var spans) -> Stream.of(Span.plain(spans));
      case PageBlock.Remark(_, _, var spans) -> Stream.of(Span.plain(spans));
      case PageBlock.TypedNumber typed -> Stream.of(Span.plain(typed.spans()));
      default -> Stream.of();
    };
  }

  private static Solution told(Solution solution, Story story) {
    return solution.withQuestion(solution.question().withStory(story));
  }

  private static void assertWellSaid(Solution solution) {
    assertThat(sentences(solution))
        .isNotEmpty()
        .allSatisfy(
            sentence ->
                assertThat(sentence)
                    .as("%s", solution.question().story())
                    .doesNotStartWith("“")
                    .doesNotContain("  ", " .", " ,", "..", "{", "()", "““", "””")
                    .doesNotContainPattern(ARTICLES)
                    .doesNotContainPattern(DOUBLED)
                    .matches("(?s)^[\\p{Lu}\\p{N}*−(_].*|^[a-zχp].* .*")
                    .matches("(?s).*([.:?!…]|[\\p{N}⁰-⁹%)]| \\S{1,12})$"));
  }

  @ForSomeSolutions
  void sentencesAreWholeWhateverIsTold(Solution solution) {
    assertWellSaid(solution);
    assertWellSaid(told(solution, Story.none()));
    assertWellSaid(told(solution, SomeStories.whole(solution.table())));
  }

  /// No page speaks of observations where it was told what they are.
  @ForSomeSolutions
  void theUnitIsCalledByItsName(Solution solution) {
    Story unit = Story.none().withUnit(Optional.of(new Noun("cairn", "cairns")));
    assertThat(String.join("\n", sentences(told(solution, unit)))).contains("cairn");
  }

  /// Every design says what it requires and how far it reaches, and nothing is demanded of it that
  /// it is not.
  @ParameterizedTest
  @EnumSource(StudyDesign.class)
  void theDesignOfTheStudyIsWhatIsRequired(StudyDesign design) {
    for (Solution solution : oneOfEach()) {
      String page =
          String.join(
              "\n", sentences(told(solution, Story.none().withDesign(Optional.of(design)))));
      assertThat(page).doesNotContain("Also required of the study");
      assertThat(page.contains(" a random sample."))
          .as(solution.procedure())
          .isEqualTo(design == StudyDesign.RANDOM_SAMPLE || design == StudyDesign.NOT_RANDOM);
      assertThat(page.contains("can be attributed to"))
          .isEqualTo(design == StudyDesign.EXPERIMENT && page.contains("attributed"));
    }
  }

  private static List<Solution> oneOfEach() {
    return List.of(
        ReferenceCases.solution(ReferenceCases.table(List.of(List.of(30L, 9L), List.of(12L, 26L)))),
        ReferenceCases.solution(
            "goodness-of-fit", ReferenceCases.frequencies(List.of(30L, 9L, 12L), List.of())),
        ReferenceCases.solution("one-proportion", ReferenceCases.shares(List.of(List.of(3L, 12L)))),
        ReferenceCases.solution(
            "two-proportions", ReferenceCases.shares(List.of(List.of(3L, 12L), List.of(9L, 13L)))),
        ReferenceCases.solution("matched-pairs", ReferenceCases.pairs(40, 1, 9, 28)),
        ReferenceCases.solution(
            "fisher", ReferenceCases.table(List.of(List.of(7L, 2L), List.of(1L, 7L)))),
        ReferenceCases.solution(
            "simulation", ReferenceCases.frequencies(List.of(7L, 1L, 2L), List.of())));
  }

  @Test
  void aConclusionIsSaidInTheWordsOfTheStory() {
    Solution maps =
        ReferenceCases.solution(
            "two-proportions",
            ReferenceCases.shares(List.of(List.of(121L, 140L), List.of(98L, 132L))));
    List<String> groups = maps.table().rows();
    Story story =
        Story.none()
            .withUnit(Noun.read("walker, walkers"))
            .withSuccess("who finish before dark.")
            .withGroup(groups.get(0), "with a map")
            .withGroup(groups.get(1), "without a map");
    assertThat(sentences(told(maps, story)))
        .anySatisfy(
            sentence ->
                assertThat(sentence)
                    .endsWith(
                        "the proportion of walkers who finish before dark is not the same with a"
                            + " map and without a map."));
    assertThat(sentences(told(maps, Story.none().withSuccess("who finish before dark"))))
        .anySatisfy(
            sentence ->
                assertThat(sentence).contains("proportion of those who finish before dark is"));
  }

  /// A field may hold anything: it is printed as it was typed.
  @ParameterizedTest
  @ValueSource(
      strings = {
        "*walkers*",
        "{n} walkers",
        "<b>walkers</b>",
        "ノードの歩行者",
        "a\nb",
        "**",
        "walkers {units}"
      })
  void whatIsTypedIsPrintedAsItIs(String typed) {
    for (Solution solution : oneOfEach()) {
      Story story = Story.none().withUnit(Optional.of(new Noun(typed, typed)));
      assertThat(String.join("\n", sentences(told(solution, story))))
          .contains(typed.replace("\n", " "));
    }
  }

  @Test
  void aPluralIsFormedWhereNoneIsTyped() {
    assertThat(Noun.read("walker")).hasValue(new Noun("walker", "walkers"));
    assertThat(Noun.read("party")).hasValue(new Noun("party", "parties"));
    assertThat(Noun.read("nest box")).hasValue(new Noun("nest box", "nest boxes"));
    assertThat(Noun.read("day")).hasValue(new Noun("day", "days"));
    assertThat(Noun.read(" person , people ")).hasValue(new Noun("person", "people"));
    assertThat(Noun.read(" , people")).hasValue(new Noun("people", "people"));
    assertThat(Noun.read(" , ")).isEmpty();
  }
}
