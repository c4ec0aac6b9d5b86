package lehrgang.core.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lehrgang.core.ForSomeSolutions;
import lehrgang.core.ReferenceCases;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// What a class gets to fill in, and the key to it.
class SheetTest {
  static List<Solution> oneOfEach() {
    return ReferenceCases.oneOfEach();
  }

  private static <T extends PageBlock> List<T> blocks(Page page, Class<T> kind) {
    return page.steps().stream()
        .flatMap(step -> step.blocks().stream())
        .filter(kind::isInstance)
        .map(kind::cast)
        .toList();
  }

  private static Page page(Solution solution, Audience audience) {
    return ReferenceCases.page(solution, audience);
  }

  private static Solution withViews(Solution solution, Random random) {
    Derivation derivation = ReferenceCases.derive(solution);
    Solution viewed = solution;
    for (var step : derivation.layout(derivation.exact()).steps()) {
      StudentView[] views = StudentView.values();
      viewed = viewed.withStudentView(step.id(), views[random.nextInt(views.length)]);
    }
    return viewed;
  }

  /// The smallest expected count is one of the expected counts, in whichever step it stands.
  @ForSomeSolutions
  void aNumberPickedFromHiddenOnesIsHiddenToo(Solution solution, Random random) {
    Solution viewed = withViews(solution, random);
    Derivation derivation = ReferenceCases.derive(viewed);
    Page sheet = Page.of(viewed, derivation, Audience.STUDENT);
    derivation.lines().values().stream()
        .filter(line -> line.formula() instanceof Expr.Minimum)
        .filter(line -> viewed.studentView(derivation.stepOf(line.id())) == StudentView.GIVEN)
        .filter(
            line ->
                line.formula().sources().stream()
                    .anyMatch(source -> sheet.appearance(source) == Appearance.BLANK))
        .forEach(
            line ->
                assertThat(sheet.appearance(line.id()))
                    .as("%s", line.id())
                    .isEqualTo(Appearance.BLANK));
  }

  /// What a sheet says is worked is worked, with all that goes into it in that step.
  @ForSomeSolutions
  void whatIsSaidToBeWorkedIsWorked(Solution solution, Random random) {
    Page sheet = page(withViews(solution, random), Audience.STUDENT);
    for (PageStep step : sheet.steps()) {
      Optional<String> task =
          step.blocks().stream()
              .filter(PageBlock.Task.class::isInstance)
              .map(block -> ((PageBlock.Task) block).text())
              .filter(text -> text.contains("worked as an example"))
              .findFirst();
      List<PageBlock.Worked> workings =
          step.blocks().stream()
              .filter(PageBlock.Worked.class::isInstance)
              .map(PageBlock.Worked.class::cast)
              .toList();
      Set<String> shown =
          workings.stream()
              .filter(worked -> worked.appearance() == Appearance.SHOWN)
              .map(worked -> sheet.family(worked.line()).substring(1))
              .collect(Collectors.toSet());
      task.ifPresent(
          text -> assertThat(shown).as(text).anySatisfy(name -> assertThat(text).contains(name)));
      boolean promises = step.view() == StudentView.ONE_WORKED && !workings.isEmpty();
      assertThat(task.isPresent()).as(step.id()).isEqualTo(promises);
    }
  }

  /// A blank says what it asks for, and one that is filled does not.
  @ForSomeSolutions
  void aBlankSaysWhatItAsksFor(Solution solution, Random random) {
    Page sheet = page(withViews(solution, random), Audience.STUDENT);
    assertThat(blocks(sheet, PageBlock.Worked.class))
        .allSatisfy(
            worked ->
                assertThat(worked.asked().isEmpty())
                    .isEqualTo(worked.appearance() != Appearance.BLANK));
  }

  /// Where an answer is to be looked up, the table is printed whole, and once on a sheet.
  @ParameterizedTest
  @MethodSource("oneOfEach")
  void aTableToLookInIsPrintedWholeAndOnce(Solution solution) {
    Page sheet = page(solution, Audience.STUDENT);
    List<PageBlock.Excerpt> tables = blocks(sheet, PageBlock.Excerpt.class);
    assertThat(tables.stream().map(PageBlock.Excerpt::corner)).doesNotHaveDuplicates();
    assertThat(tables)
        .allSatisfy(
            table -> {
              assertThat(table.isWhole()).isTrue();
              assertThat(table.rows()).hasSizeGreaterThanOrEqualTo(10);
              assertThat(table.sentence()).isEmpty();
            });
  }

  /// A figure on a sheet marks nothing that is to be found.
  @ForSomeSolutions
  void aFigureMarksNothingThatIsToBeFound(Solution solution, Random random) {
    Page sheet = page(withViews(solution, random), Audience.STUDENT);
    blocks(sheet, PageBlock.Figure.class).stream()
        .flatMap(figure -> marks(figure.spec()))
        .forEach(
            mark ->
                assertThat(sheet.appearance(mark.line()))
                    .as("%s %s", mark.line(), mark.label())
                    .isNotEqualTo(Appearance.BLANK));
  }

  private static Stream<FigureSpec.Mark> marks(FigureSpec spec) {
    return switch (spec) {
      case FigureSpec.Curve curve ->
          Stream.of(curve.critical(), curve.statistic()).flatMap(Optional::stream);
      case FigureSpec.NormalCurve curve ->
          Stream.of(curve.critical(), curve.statistic()).flatMap(Optional::stream);
      case FigureSpec.Paired paired ->
          paired.pairs().stream().flatMap(pair -> Stream.of(pair.observed(), pair.expected()));
      case FigureSpec.Outcomes outcomes ->
          outcomes.bars().stream().map(FigureSpec.OutcomeBar::probability);
      case FigureSpec.Histogram histogram -> histogram.statistic().stream();
      case FigureSpec.Intervals intervals ->
          intervals.bars().stream().flatMap(bar -> Stream.of(bar.at(), bar.low(), bar.high()));
      case FigureSpec.Fared _ -> Stream.empty();
      case FigureSpec.Ranked ranked -> ranked.bars().stream().map(FigureSpec.Bar::size);
    };
  }

  /// A key has a number wherever the sheet has a blank, whatever the views of the steps.
  @ForSomeSolutions
  void aKeyLeavesNothingBlank(Solution solution, Random random) {
    Solution viewed = withViews(solution, random);
    Page key = page(viewed, Audience.KEY);
    assertThat(key.lines())
        .allSatisfy(id -> assertThat(key.appearance(id)).isNotEqualTo(Appearance.BLANK));
    Page sheet = page(viewed, Audience.STUDENT);
    Page full = page(viewed, Audience.FULL);
    for (LineId id : sheet.lines()) {
      if (sheet.appearance(id) == Appearance.BLANK) {
        assertThat(key.appearance(id)).isEqualTo(Appearance.ANSWER);
      }
      assertThat(key.shown(id)).isEqualTo(full.shown(id));
    }
    assertThat(key.steps()).hasSameSizeAs(sheet.steps());
  }

  @Test
  void neitherNamesNorRowsTellHowFarTheOutcomesRun() {
    Solution solution =
        ReferenceCases.solution(
            "fisher", ReferenceCases.table(List.of(List.of(9L, 3L), List.of(3L, 8L))));
    PageBlock.Outcomes given =
        blocks(page(solution, Audience.FULL), PageBlock.Outcomes.class).getFirst();
    assertThat(given.outcomes()).hasSize(12);
    assertThat(given.blankRows()).isZero();
    PageBlock.Outcomes oneWorked =
        blocks(page(solution, Audience.STUDENT), PageBlock.Outcomes.class).getFirst();
    assertThat(oneWorked.outcomes()).extracting(PageBlock.Outcome::name).containsExactly("9");
    assertThat(oneWorked.blankRows()).isEqualTo(15);
    assertThat(oneWorked.figure()).isEmpty();
    Page blank = page(solution.withStudentView("outcomes", StudentView.BLANK), Audience.STUDENT);
    assertThat(blocks(blank, PageBlock.Outcomes.class).getFirst().outcomes()).isEmpty();
  }

  /// A second route, or a p-value that does not decide, is for the full solution.
  @Test
  void aSheetAsksOnlyForWhatDecides() {
    Solution solution =
        ReferenceCases.solution(
            "independence", ReferenceCases.table(List.of(List.of(9L, 3L), List.of(3L, 8L))));
    assertThat(asked(solution)).contains("X2", "df").doesNotContain("z", "X2.cc");
    Solution yates = solution.withChoices(solution.choices().withOption("decides", "corrected"));
    assertThat(asked(yates)).contains("X2.cc").doesNotContain("z");
  }

  private static List<String> asked(Solution solution) {
    return blocks(page(solution, Audience.STUDENT), PageBlock.Worked.class).stream()
        .map(worked -> worked.line().toString())
        .toList();
  }

  @Test
  void aTaskFitsItsProcedure() {
    assertThat(task("independence")).contains("bracket it from the table");
    assertThat(task("one-proportion")).contains("read it from the table");
    assertThat(task("fisher")).doesNotContain("table").contains("working");
    assertThat(task("simulation")).doesNotContain("table").contains("working");
  }

  private static String task(String procedure) {
    Solution solution =
        oneOfEach().stream().filter(one -> one.procedure().equals(procedure)).findFirst().get();
    assertThat(Procedures.find(procedure)).isPresent();
    return page(solution, Audience.STUDENT).steps().stream()
        .filter(step -> step.id().equals("p"))
        .flatMap(step -> step.blocks().stream())
        .filter(PageBlock.Task.class::isInstance)
        .map(block -> ((PageBlock.Task) block).text())
        .findFirst()
        .orElseThrow();
  }
}
