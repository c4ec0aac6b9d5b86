package lehrgang.core.solution;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import lehrgang.core.ReferenceCases;
import lehrgang.core.derivation.Reading;
import lehrgang.core.number.Decimals;
import lehrgang.core.number.Kind;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.ProcedureOption.OneOf;
import lehrgang.core.solution.ProcedureOption.Scope;
import lehrgang.core.solution.ProcedureOption.Typed;
import lehrgang.core.wording.Wording;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// What the instructor chooses, and what a procedure declares that there is to choose.
class ChoicesTest {
  private static final OneOf RULE = new OneOf("conditions", "conditions", "conditions", "a", "b");
  private static final Typed NUMBER = new Typed("claimed", "hypotheses", "0.5", "claimed");

  static Stream<Procedure> procedures() {
    return Procedures.all().stream();
  }

  @Test
  void whatWasNotChosenIsUsualAndWhatIsNotOnOfferToo() {
    Choices usual = Choices.usual();
    assertThat(usual.option(RULE)).isEqualTo("a");
    assertThat(usual.withOption("conditions", "b").option(RULE)).isEqualTo("b");
    assertThat(usual.withOption("conditions", "z").option(RULE)).isEqualTo("a");
    assertThat(usual.typed(NUMBER)).isEqualTo("0.5");
    assertThat(usual.withTyped("claimed", "25 %").typed(NUMBER)).isEqualTo("25 %");
  }

  @Test
  void theLevelIsTypedLikeAnyOtherNumber() {
    Choices choices = Choices.usual().withTyped(Choices.LEVEL, "1 %");
    assertThat(choices.level()).isEqualTo("1 %");
    assertThat(choices.numbers()).isEmpty();
    assertThat(choices.significanceLevel().orElseThrow()).hasToString("1/100");
    assertThat(choices.withLevel("much").significanceLevel()).isEmpty();
  }

  @Test
  void roundingOnTheWayShowsWhatItKeepsAndNothingElse() {
    Choices choices = Choices.usual().withOnTheWay(Optional.of(1));
    assertThat(choices.reading()).isNotInstanceOf(Reading.Exact.class);
    for (Kind kind : Kind.values()) {
      assertThat(choices.shownDecimals().of(kind))
          .as(kind.key())
          .isEqualTo(kind.roundedOnTheWay() ? 1 : Decimals.usual().of(kind));
    }
    assertThat(choices.withOnTheWay(Optional.empty()).reading()).isInstanceOf(Reading.Exact.class);
  }

  @Test
  void decimalsOutOfRangeAreRefusedByNumber() {
    for (int wrong : new int[] {-1, Decimals.MOST + 1}) {
      assertThatThrownBy(() -> Decimals.usual().with(Kind.EXPECTED, wrong))
          .isInstanceOf(IllegalArgumentException.class)
          .hasMessageContaining(Integer.toString(wrong));
    }
  }

  @Test
  void choicesThatWereMadeCannotBeChangedFromOutside() {
    Map<String, String> options = new java.util.HashMap<>(Map.of("sampling", "homogeneity"));
    Choices choices = new Choices("0.05", Map.of(), options, Decimals.usual(), Optional.empty());
    options.put("sampling", "independence");
    assertThat(choices.options()).containsEntry("sampling", "homogeneity");
    assertThatThrownBy(() -> choices.options().clear())
        .isInstanceOf(UnsupportedOperationException.class);
  }

  @ParameterizedTest
  @MethodSource("procedures")
  void everyOptionHasItsWordsAndStandsInAStepThatThereIs(Procedure procedure) {
    Wording words = Wording.english();
    List<String> ids = procedure.options().stream().map(ProcedureOption::id).toList();
    assertThat(ids).doesNotHaveDuplicates().contains(Choices.LEVEL);
    for (ProcedureOption option : procedure.options()) {
      assertThat(words.has("step." + option.step())).as(option.step()).isTrue();
      assertThat(words.has("flag." + option.flag())).as(option.flag()).isTrue();
      if (option instanceof OneOf choice) {
        assertThat(choice.values()).hasSizeGreaterThan(1).doesNotHaveDuplicates();
        assertThat(choice.usual()).isEqualTo(choice.values().getFirst());
        for (String value : choice.values()) {
          assertThat(words.has("option." + choice.id() + "." + value)).as(value).isTrue();
        }
        choice.sets().ifPresent(set -> assertThat(choice.values()).contains(set));
      }
    }
  }

  @Test
  void aScopeSaysForWhichTablesThereIsAChoice() {
    var fourfold = ReferenceCases.table(List.of(List.of(1L, 2L), List.of(3L, 4L)));
    var larger = ReferenceCases.trailRegister();
    var equal = ReferenceCases.frequencies(List.of(1L, 2L), List.of());
    var stated = ReferenceCases.frequencies(List.of(1L, 2L), List.of("1/3", "2/3"));
    assertThat(Stream.of(fourfold, larger, equal, stated).map(Scope.TWO_BY_TWO::holds))
        .startsWith(true, false);
    assertThat(Stream.of(fourfold, larger, equal, stated).map(Scope.TWO_WAY::holds))
        .containsExactly(true, true, false, false);
    assertThat(Stream.of(fourfold, larger, equal, stated).map(Scope.STATED_SHARES::holds))
        .containsExactly(false, false, false, true);
    assertThat(Stream.of(fourfold, larger, equal, stated).map(Scope.ANY::holds)).containsOnly(true);
  }

  @Test
  void anOwnSentenceThatIsBlankedIsTheUsualOneAgain() {
    Solution solution = ReferenceCases.solution(ReferenceCases.trailRegister());
    Solution own = solution.withWording("statistic.how", "Add up.");
    assertThat(own.wording()).containsEntry("statistic.how", "Add up.");
    assertThat(own.withWording("statistic.how", " ")).isEqualTo(solution);
    assertThat(solution.withStudentView("p", StudentView.LEFT_OUT).studentView("p"))
        .isEqualTo(StudentView.LEFT_OUT);
    assertThat(solution.studentView("a step of another version")).isEqualTo(StudentView.GIVEN);
  }
}
