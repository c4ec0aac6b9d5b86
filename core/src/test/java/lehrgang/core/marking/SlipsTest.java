package lehrgang.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import lehrgang.core.ReferenceCases;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Every slip of the catalogue: what a student wrote who made it, the slip named, and what the
/// student is told.
class SlipsTest {
  private static final Set<String> SEEN = new HashSet<>();

  private static Solution solution(String name) {
    return switch (name) {
      case "register" -> ReferenceCases.solution(ReferenceCases.trailRegister());
      case "fourfold" -> fourfold("independence");
      case "stated" ->
          ReferenceCases.solution(
              "goodness-of-fit",
              ReferenceCases.frequencies(
                  List.of(171L, 98L, 88L, 63L), List.of("40%", "20%", "25%", "15%")));
      case "named" ->
          ReferenceCases.solution(
              "named-distribution",
              ReferenceCases.numbers(List.of(36L, 58L, 54L, 34L, 12L, 4L, 2L)));
      case "gate" -> {
        Solution gate =
            ReferenceCases.solution(
                "one-proportion", ReferenceCases.shares(List.of(List.of(196L, 230L))));
        yield gate.withChoices(
            gate.choices().withTyped("claimed", "0.9").withOption("alternative", "less"));
      }
      case "maps" ->
          ReferenceCases.solution(
              "two-proportions",
              ReferenceCases.shares(List.of(List.of(98L, 132L), List.of(121L, 140L))));
      case "pairs" -> ReferenceCases.solution("matched-pairs", ReferenceCases.pairs(47, 9, 27, 35));
      case "boxes" ->
          ReferenceCases.solution(
              "fisher", ReferenceCases.table(List.of(List.of(7L, 2L), List.of(1L, 7L))));
      case "layers" ->
          ReferenceCases.solution(
              "layers",
              ReferenceCases.layers(
                  List.of(
                      List.of(List.of(59L, 86L), List.of(4L, 17L)),
                      List.of(List.of(52L, 193L), List.of(1L, 11L)))));
      default -> throw new AssertionError(name);
    };
  }

  private static Solution fourfold(String procedure) {
    return ReferenceCases.solution(
        procedure, ReferenceCases.table(List.of(List.of(30L, 20L), List.of(15L, 35L))));
  }

  private static Mark mark(Solution solution, String line, String written) {
    Derivation derivation = ReferenceCases.derive(solution);
    LineId id = LineId.parse(line).orElseThrow();
    Answer answer =
        new AnswerReader(Wording.english(), solution.numberStyle())
            .read(written, derivation.line(id).kind());
    return Marker.of(solution, derivation, List.of(id))
        .mark("17-226", Map.of(id, answer))
        .marks()
        .getFirst();
  }

  @BeforeAll
  static void forget() {
    SEEN.clear();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "register | E[1,1] | 53.33 | expected-equal-cells | divided 480 equally among",
        "register | E[1,2] | 220.0 | expected-over-row | divided by the row total 120",
        "register | E[1,2] | 120.0 | expected-over-column | divided by the column total 220",
        "register | E[1,1] | 40.0 | expected-other-row | cell’s row is 120",
        "register | E[1,1] | 55.0 | expected-other-column | cell’s column is 120",
        "register | E[2,2] | 73.0 | expected-whole | rounded the expected count",
        "layers | E[1,1,1] | 41.5 | expected-equal-cells | divided 166 equally among",
        "stated | E[1] | 105.0 | expected-equal-shares | a proportion for each category",
        "stated | E[1] | 84.0 | expected-shares-shifted | the proportion of another category",
        "stated | E[1] | 16800.0 | expected-percent-undivided | Divide it by 100 first",
        "register | K[1,1] | 2.95 | contribution-over-observed | divided by the observed count",
        "register | K[1,3] | -0.31 | contribution-unsquared | did not square",
        "register | K[1,3] | 0.31 | contribution-absolute | absolute difference instead",
        "register | K[1,1] | 121.00 | contribution-undivided | did not divide",
        "register | K[1,1] | 2.008 | contribution-residual | gives the residual",
        "register | K[1,1] | 3.675 | contribution-corrected | subtracted ½",
        "fourfold | K.cc[1,1] | 2.50 | contribution-uncorrected | left out the continuity",
        "register | X2 | 10.07 | statistic-cell-missing | A contribution is missing",
        "register | X2 | 3.755 | statistic-root | took the square root",
        "fourfold | X2 | 7.92 | statistic-corrected | used the continuity correction",
        "fourfold | X2.cc | 9.09 | statistic-uncorrected | left out the continuity",
        "register | df | 9 | df-cells | counted all cells",
        "register | df | 8 | df-cells-less-one | subtracted 1 from the number of cells",
        "fourfold | df | 2 | df-sum | Multiply them",
        "register | df | 2 | df-rows | used only the rows",
        "register | df | 2 | df-columns | used only the columns",
        "register | df | 3 | df-larger | the larger of the numbers",
        "stated | df | 4 | df-categories | the number of categories",
        "register | df | 479 | df-observations | n − 1",
        "named | df | 5 | df-parameters-ignored | ignored the estimated parameters",
        "register | crit | 11.143 | critical-half-alpha | whole of 0.05 lies in one tail",
        "register | crit | 7.779 | critical-double-alpha | 2α",
        "register | crit | 0.711 | critical-left-tail | the opposite tail",
        "register | crit | 11.070 | critical-df-next | of 4 degrees of freedom",
        "register | crit | 1.960 | critical-normal-for-chi-squared | used the normal distribution",
        "gate | crit | -1.960 | critical-other-sides | or the reverse",
        "register | p | 0.9930 | p-left-tail | the opposite tail",
        "register | p | 0.00349 | p-halved | halved the area",
        "register | p | 0.0139 | p-doubled | doubled the area",
        "register | p | 0.0150 | p-df-next | There are 4 degrees of freedom",
        "gate | p | 0.0156 | p-other-sides | or the reverse",
        "fourfold | p1 | 1.50 | share-swapped | inverted the fraction",
        "fourfold | p1 | 66.67 | share-percent-undivided | without its sign",
        "fourfold | pooled | 0.515 | share-mean-of-shares | averaged the two proportions",
        "maps | SE0 | 0.04782 | error-unpooled | the pooled proportion is used for both",
        "maps | SE | 0.04805 | error-pooled | does not assume",
        "maps | SE0 | 0.02402 | error-one-root | added the sample sizes",
        "maps | SE0 | 0.00231 | error-root-forgotten | did not take the square root",
        "gate | SE0 | 0.0234 | error-observed-share | the claimed one",
        "fourfold | z | -3.02 | z-groups-swapped | reverses the sign",
        "gate | z | 2.42 | z-sign-lost | lost the minus sign",
        "pairs | X2 | 2.75 | pairs-all-cells | divided by the whole sample",
        "pairs | X2 | 8.03 | pairs-corrected | used the continuity correction",
        "pairs | X2.cc | 9.00 | pairs-uncorrected | left out the continuity correction",
        "pairs | X2 | 20.52 | pairs-ordinary-test | the same subjects were asked twice",
        "boxes | p | 0.0118 | exact-observed-only | the observed outcome only",
        "boxes | p | 0.0122 | exact-one-tail | of one tail only",
        "boxes | p | 0.0034 | exact-strictly-less | left out the observed outcome",
        "register | decision | keep H0 | decision-turned-round | p is at most 0.05",
        "stated | decision | reject | decision-against-one-minus-alpha | compared p with 1 − α",
        "register | X2 | 41.10 | typing-digits-swapped | are interchanged: 41.10",
        "register | X2 | 1.410 | typing-point-moved | is misplaced: 1.410"
      })
  void aSlipIsNamedAndSaid(String name, String line, String written, String slip, String sentence) {
    Solution solution = solution(name);
    Mark mark = mark(solution, line, written);
    assertThat(mark.verdict()).isEqualTo(Judgement.SLIP);
    assertThat(mark.slips()).contains(slip);
    assertThat(mark.points()).isZero();
    SlipTexts texts = new SlipTexts(solution, ReferenceCases.derive(solution));
    assertThat(texts.sentence(slip, mark)).contains(sentence).doesNotContain("{", "  ");
    assertThat(texts.question(slip, mark)).matches(".*[?.]").doesNotContain("{");
    SEEN.add(slip);
  }

  @Test
  void slipsHaveNamesOfTheirOwn() {
    List<String> ids = new ArrayList<>(Slips.all().stream().map(Slip::id).toList());
    assertThat(ids).doesNotHaveDuplicates().allMatch(id -> id.matches("[a-z]+(-[a-z]+)+"));
    assertThat(Slips.find("df-cells").orElseThrow().group()).isEqualTo("df");
    assertThat(Slips.find("df-none")).isEmpty();
  }

  @AfterAll
  static void everySlipWasSeen() {
    if (!SEEN.isEmpty()) {
      assertThat(Slips.all()).extracting(Slip::id).allMatch(SEEN::contains);
    }
  }
}
