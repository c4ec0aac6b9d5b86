package lehrgang.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.ReferenceCases;
import lehrgang.core.derivation.StepOrder;
import lehrgang.core.notation.Symbols;
import lehrgang.core.number.Kind;
import lehrgang.core.procedure.StyleDifferences.Difference;
import lehrgang.core.solution.Course;
import lehrgang.core.solution.CourseStyle;
import lehrgang.core.solution.MarkingRules;
import lehrgang.core.solution.ProcedureOption.OneOf;
import lehrgang.core.solution.Solution;
import org.junit.jupiter.api.Test;

/// What a course does in its own way is listed, set back and given to other solutions.
class StyleDifferencesTest {
  private static Solution usual() {
    return ReferenceCases.solution(
        "independence", ReferenceCases.table(List.of(List.of(41L, 55L), List.of(38L, 64L))));
  }

  private static Solution own() {
    Solution usual = usual();
    return usual
        .withCourse(
            new Course(
                Map.of("step.expected", "What we expect", "statistic.how", "Add up."),
                new StepOrder.RuleFirst(),
                Symbols.usual()
                    .with(Symbols.Meaning.DEGREES_OF_FREEDOM, Symbols.Written.NU)
                    .with(Symbols.Meaning.COUNTS, Symbols.Written.F_O_AND_F_E)))
        .withWording("contributions.how", "Square and divide.")
        .withSheet(usual.sheet().withHead("Statistics 1", "Sheet 6", "Friday"))
        .withMarking(
            MarkingRules.usual()
                .withDigits(Kind.STATISTIC, Optional.of(4))
                .withFewest(Kind.SHARE, Optional.of(5))
                .withCoarse(new BigDecimal("0.75"))
                .withPart("df-cells", Optional.of(new BigDecimal("0.25")))
                .withRemark("17-226", "Well done."))
        .withChoices(
            usual
                .choices()
                .withLevel("1 %")
                .withOnTheWay(Optional.of(3))
                .withOption("decides", "corrected")
                .withOption("sampling", "homogeneity")
                .withDecimals(usual.choices().decimals().with(Kind.EXPECTED, 1)));
  }

  @Test
  void eachDifferenceIsSetBackAlone() {
    List<Difference> all = StyleDifferences.of(own());
    assertThat(all)
        .extracting(Difference::now)
        .contains("decision rule first", "ν", "fₒ, fₑ", "1 %", "Statistics 1", "What we expect")
        .contains("4", "5", "0.75", "0.25");
    for (Difference difference : all) {
      assertThat(StyleDifferences.of(difference.back()))
          .as(difference.what())
          .hasSize(all.size() - 1)
          .extracting(Difference::now)
          .doesNotContain(difference.now().length() > 1 ? difference.now() : "none");
    }
  }

  @Test
  void setBackOneByOneNothingDiffers() {
    Solution solution = own();
    while (!StyleDifferences.of(solution).isEmpty()) {
      solution = StyleDifferences.of(solution).getFirst().back();
    }
    assertThat(solution.course()).isEqualTo(Course.usual());
    assertThat(solution.choices().option(story(solution))).isEqualTo("homogeneity");
  }

  private static OneOf story(Solution solution) {
    return Procedures.of(solution.procedure()).options().stream()
        .filter(option -> option.id().equals("sampling"))
        .map(OneOf.class::cast)
        .findFirst()
        .orElseThrow();
  }

  /// A style brings what the course settles and leaves what the problem has of its own.
  @Test
  void aStyleBringsWhatTheCourseSettlesAndNothingElse() {
    Solution other =
        usual()
            .withWording("contributions.how", "Its own words.")
            .withSheet(usual().sheet().withHead("", "Sheet 7", "Monday"))
            .withChoices(usual().choices().withOption("sampling", "independence"));
    CourseStyle style = CourseStyle.of(own(), Procedures::isSettledByCourse);
    Solution styled = style.on(other, Procedures::isSettledByCourse);
    assertThat(styled.course()).isEqualTo(own().course());
    assertThat(styled.sheet().course()).isEqualTo("Statistics 1");
    assertThat(styled.sheet().sheet()).isEqualTo("Sheet 7");
    assertThat(styled.sheet().due()).isEqualTo("Monday");
    assertThat(styled.choices().level()).isEqualTo("1 %");
    assertThat(styled.choices().options())
        .containsEntry("decides", "corrected")
        .containsEntry("sampling", "independence");
    assertThat(styled.wording()).isEqualTo(other.wording());
    assertThat(styled.marking().digitsOf(Kind.STATISTIC)).isEqualTo(4);
    assertThat(styled.marking().remarks()).isEmpty();
    assertThat(CourseStyle.usual().on(styled, Procedures::isSettledByCourse).choices().options())
        .doesNotContainKey("decides");
  }
}
