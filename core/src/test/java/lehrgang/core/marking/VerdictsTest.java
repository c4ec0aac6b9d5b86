package lehrgang.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.ReferenceCases;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Kind;
import lehrgang.core.solution.MarkingRules;
import lehrgang.core.solution.MarkingRules.OwnSlip;
import lehrgang.core.solution.MarkingRules.Ruling;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Verdicts in their order, and the credit that they bring.
class VerdictsTest {
  private static final Solution REGISTER = ReferenceCases.solution(ReferenceCases.trailRegister());

  private static SheetMarks marks(Solution solution, String... answers) {
    Derivation derivation = ReferenceCases.derive(solution);
    AnswerReader reader = new AnswerReader(Wording.english(), solution.numberStyle());
    Map<LineId, Answer> read = new LinkedHashMap<>();
    for (String answer : answers) {
      LineId line = LineId.parse(answer.substring(0, answer.indexOf('='))).orElseThrow();
      String written = answer.substring(answer.indexOf('=') + 1);
      read.put(line, reader.read(written, derivation.line(line).kind()));
    }
    return Marker.of(solution, derivation, List.copyOf(read.keySet())).mark("17-226", read);
  }

  private static String verdict(SheetMarks marks, String line) {
    return marks.mark(LineId.parse(line).orElseThrow()).orElseThrow().verdict().key();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "X2 | '' | blank",
        "X2 | - | blank",
        "X2 | see below | unreadable",
        "X2 | 14.10 | right",
        "X2 | 14.103 | right",
        "X2 | 14.10294 | right",
        "X2 | 14.1 | too-coarse",
        "X2 | 14 | too-coarse",
        "X2 | 14.11 | right-rounded",
        "X2 | 14.30 | wrong",
        "E[1,1] | 30 | right",
        "E[1,1] | 30.00 | right",
        "E[2,2] | 73.3 | right",
        "E[2,2] | 220/3 | right",
        "E[2,2] | 73 | too-coarse",
        "E[2,2] | 73.4 | wrong",
        "p | 0.007 | right",
        "p | 0.01 | right",
        "p | .0070 | right",
        "p | 0.7 % | right",
        "p | <0.01 | right",
        "p | <0.05 | too-coarse",
        "p | <0.001 | wrong",
        "df | 4 | right",
        "df | 4.0 | right",
        "crit | 9.49 | right",
        "crit | 9.4877 | right",
        "decision | reject | right",
        "decision | hm | unreadable"
      })
  void anAnswerAlone(String line, String written, String verdict) {
    SheetMarks marks = marks(REGISTER, line + "=" + written);
    assertThat(verdict(marks, line)).isEqualTo(verdict);
    assertThat(marks.credit().signum() > 0)
        .isEqualTo(List.of("right", "right-rounded", "too-coarse").contains(verdict));
  }

  /// 2.5 may be rounded to 3 or to 2 where that is the even one.
  @Test
  void halvesAreRoundedEitherWay() {
    Solution halves =
        ReferenceCases.solution(ReferenceCases.table(List.of(List.of(3L, 2L), List.of(2L, 1L))));
    double exact = 25.0 / 8;
    assertThat(exact).isEqualTo(3.125);
    assertThat(verdict(marks(halves, "E[1,1]=3.13"), "E[1,1]")).isEqualTo("right");
    assertThat(verdict(marks(halves, "E[1,1]=3.12"), "E[1,1]")).isEqualTo("right");
    assertThat(verdict(marks(halves, "E[1,1]=3.14"), "E[1,1]")).isNotEqualTo("right");
  }

  @Test
  void aSlipLosesItsOwnPointAndNothingThatFollowsFromIt() {
    SheetMarks marks =
        marks(REGISTER, "X2=14.10", "df=8", "crit=15.507", "p=0.079", "decision=keep");
    assertThat(verdict(marks, "df")).isEqualTo("slip");
    assertThat(verdict(marks, "crit")).isEqualTo("follow-through");
    assertThat(verdict(marks, "p")).isEqualTo("follow-through");
    assertThat(verdict(marks, "decision")).isEqualTo("follow-through");
    assertThat(marks.credit()).isEqualByComparingTo("4");
    assertThat(marks.of()).isEqualByComparingTo("5");
  }

  /// Where df and the statistic are not asked for, the slip shows in the critical value, and costs
  /// that alone.
  @Test
  void aSlipIsSeenThroughALineThatWasNotAskedFor() {
    SheetMarks marks = marks(REGISTER, "crit=15.507", "p=0.079");
    assertThat(marks.marks().getFirst().slips()).contains("df-cells-less-one");
    assertThat(verdict(marks, "p")).isEqualTo("follow-through");
    assertThat(marks.credit()).isEqualByComparingTo("1");
    SheetMarks contributions = marks(REGISTER, "X2=14.514");
    assertThat(contributions.marks().getFirst().slips()).contains("contribution-over-observed");
  }

  @Test
  void aDecisionMayGoByPOrByTheCriticalValue() {
    assertThat(verdict(marks(REGISTER, "p=0.3", "decision=keep"), "decision"))
        .isEqualTo("follow-through");
    assertThat(verdict(marks(REGISTER, "X2=4.10", "decision=keep"), "decision"))
        .isEqualTo("follow-through");
  }

  /// One cell of nine that happens to be what a slip would give is no slip.
  @Test
  void aCoincidenceInATableIsNotNamed() {
    List<String> answers = new ArrayList<>();
    String[] written = {"1.04", "0.00", "0.89", "0.14", "0.36", "0.68", "0.51", "0.29", "0.01"};
    for (int k = 0; k < written.length; k++) {
      answers.add("K[%d,%d]=%s".formatted(k / 3 + 1, k % 3 + 1, written[k]));
    }
    SheetMarks marks = marks(REGISTER, answers.toArray(String[]::new));
    assertThat(marks.marks()).noneMatch(mark -> mark.verdict() == Judgement.SLIP);
  }

  @Test
  void theSlipThatExplainsMoreIsNamed() {
    SheetMarks marks = marks(REGISTER, "K[1,1]=0.37", "K[1,3]=-0.31", "K[2,3]=0.24");
    assertThat(marks.marks())
        .allMatch(mark -> mark.slips().equals(List.of("contribution-unsquared")));
  }

  private static MarkingRules rules(
      Map<String, BigDecimal> points,
      Map<String, BigDecimal> part,
      List<OwnSlip> own,
      Map<String, Map<String, Ruling>> rulings) {
    return new MarkingRules(
        points,
        Map.of(Kind.STATISTIC, 3),
        Map.of(Kind.STATISTIC, 4),
        new BigDecimal("0.5"),
        part,
        own,
        rulings,
        Map.of(),
        Map.of("conclusion", new BigDecimal("2")),
        Map.of());
  }

  @Test
  void theInstructorSaysWhatThingsAreWorth() {
    Map<String, Ruling> ruled = new HashMap<>();
    ruled.put("p", new Ruling(Optional.of("right"), Optional.of(new BigDecimal("0.25"))));
    MarkingRules rules =
        rules(
            Map.of("X2", new BigDecimal("2")),
            Map.of("df-cells-less-one", new BigDecimal("0.5")),
            List.of(
                new OwnSlip(
                    "own-rounded-table", "crit", new BigDecimal("9"), new BigDecimal("9.2"), "x")),
            Map.of("17-226", ruled));
    Solution solution = REGISTER.withMarking(rules);
    SheetMarks marks = marks(solution, "X2=14.1", "df=8", "crit=9.1", "p=0.4");
    assertThat(marks.marks().stream().map(mark -> mark.points().stripTrailingZeros()))
        .containsExactly(
            new BigDecimal("1"), new BigDecimal("0.5"), BigDecimal.ZERO, new BigDecimal("0.25"));
    assertThat(verdict(marks, "X2")).isEqualTo("too-coarse");
    assertThat(marks.marks().get(2).slips()).containsExactly("own-rounded-table");
    assertThat(verdict(marks, "p")).isEqualTo("right");
    assertThat(marks.marks().get(3).ruled()).isTrue();
  }

  /// What no program can judge has points of its own, which a sheet that was not looked at yet
  /// lacks.
  @Test
  void aStepIsMarkedByHand() {
    MarkingRules rules = MarkingRules.usual().withByHand("conclusion", Optional.of(BigDecimal.TWO));
    SheetMarks before = marks(REGISTER.withMarking(rules), "df=4");
    assertThat(before.of()).isEqualByComparingTo("3");
    assertThat(before.credit()).isEqualByComparingTo("1");
    Ruling got = new Ruling(Optional.empty(), Optional.of(new BigDecimal("1.5")));
    SheetMarks after =
        marks(
            REGISTER.withMarking(
                rules.withRuling(before.student(), "conclusion", Optional.of(got))),
            "df=4");
    assertThat(after.credit()).isEqualByComparingTo("2.5");
    assertThat(after.of()).isEqualByComparingTo("3");
  }

  /// Another seed counts: what it may differ by is the error of both simulations.
  @Test
  void aSimulatedPIsAcceptedWithinItsError() {
    Solution drawn =
        ReferenceCases.solution(
            "simulation", ReferenceCases.frequencies(List.of(7L, 1L, 2L, 3L, 3L), List.of()));
    double p = ReferenceCases.derive(drawn).exact().of("p").asDouble();
    double error = ReferenceCases.derive(drawn).exact().of("p.error").asDouble();
    assertThat(verdict(marks(drawn, "p=%.4f".formatted(p + 2 * error)), "p"))
        .isEqualTo("right-rounded");
    assertThat(verdict(marks(drawn, "p=%.4f".formatted(p + 8 * error)), "p")).isEqualTo("wrong");
  }
}
