package lehrgang.core.compose;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import lehrgang.core.ReferenceCases;
import lehrgang.core.expr.LineId;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/// A wish holds for the tables that show it, and for no others; the nearer a table, the less is
/// wanting.
class WishTest {
  private static Proposal twoWay(long... counts) {
    return Proposal.of(
            ReferenceCases.solution(
                ReferenceCases.table(
                    List.of(List.of(counts[0], counts[1]), List.of(counts[2], counts[3])))))
        .orElseThrow();
  }

  private static Proposal pairs(long b, long c) {
    return Proposal.of(ReferenceCases.solution("matched-pairs", ReferenceCases.pairs(40, b, c, 40)))
        .orElseThrow();
  }

  private static Proposal layers(List<List<List<Long>>> counts) {
    return Proposal.of(ReferenceCases.solution("layers", ReferenceCases.layers(counts)))
        .orElseThrow();
  }

  static Stream<Arguments> held() {
    // χ² of 30, 10, 10, 30 is 20: with p ≈ 0.0000077 and w = 0.5; of 23, 17, 17, 23 it is 1.8.
    Proposal strong = twoWay(30, 10, 10, 30);
    Proposal weak = twoWay(23, 17, 17, 23);
    Proposal thin = twoWay(3, 4, 5, 60);
    return Stream.of(
        Arguments.of(new Wish.Decision(true), strong, true),
        Arguments.of(new Wish.Decision(true), weak, false),
        Arguments.of(new Wish.Decision(false), weak, true),
        Arguments.of(new Wish.PValue(0, 0.001), strong, true),
        Arguments.of(new Wish.PValue(0.01, 0.05), strong, false),
        Arguments.of(new Wish.PValue(0.1, 0.2), weak, true),
        Arguments.of(new Wish.Effect(Wish.Strength.LARGE), strong, true),
        Arguments.of(new Wish.Effect(Wish.Strength.MEDIUM), strong, false),
        Arguments.of(new Wish.Effect(Wish.Strength.SMALL), weak, true),
        Arguments.of(new Wish.Conditions(true), strong, true),
        Arguments.of(new Wish.Conditions(false), strong, false),
        Arguments.of(new Wish.Conditions(false), thin, true),
        Arguments.of(new Wish.Expected(0), strong, true),
        Arguments.of(new Wish.Expected(0), thin, false),
        Arguments.of(new Wish.Expected(1), twoWay(13, 12, 10, 15), true),
        Arguments.of(new Wish.Expected(0), twoWay(13, 12, 10, 15), false),
        Arguments.of(new Wish.NiceShares(), strong, true),
        Arguments.of(new Wish.NiceShares(), thin, false),
        Arguments.of(new Wish.Statistic(LineId.of("X2"), 15, 25), strong, true),
        Arguments.of(new Wish.Statistic(LineId.of("X2"), 15, 25), weak, false),
        Arguments.of(new Wish.Discordant(true), pairs(12, 13), true),
        Arguments.of(new Wish.Discordant(true), pairs(12, 12), false),
        Arguments.of(new Wish.Discordant(false), pairs(12, 12), true),
        Arguments.of(
            new Wish.Digits(List.of(List.of("11", "99"), List.of("10", "50"))), strong, true),
        Arguments.of(
            new Wish.Digits(List.of(List.of("11", "9"), List.of("10", "50"))), strong, false),
        Arguments.of(new Wish.SameConditions(Map.of(LineId.of("E.every5"), true)), strong, true),
        Arguments.of(new Wish.SameConditions(Map.of(LineId.of("E.every5"), true)), thin, false));
  }

  @ParameterizedTest
  @MethodSource("held")
  void aWishHoldsOrIsWanting(Wish wish, Proposal table, boolean holds) {
    assertThat(wish.distance(table) == 0).isEqualTo(holds);
    assertThat(wish.distance(table)).isNotNegative();
  }

  @ParameterizedTest
  @MethodSource("held")
  void everyWishHasWords(Wish wish, Proposal table, boolean holds) {
    assertThat(Wording.english().text(wish.words())).isNotBlank().doesNotContain("{");
  }

  /// The search goes where less is wanting: a stronger table is nearer to a rejection.
  @Test
  void theNearerTheLessIsWanting() {
    Wish reject = new Wish.Decision(true);
    double far = reject.distance(twoWay(21, 19, 19, 21));
    double near = reject.distance(twoWay(24, 16, 16, 24));
    assertThat(near).isPositive().isLessThan(far);
    Wish effect = new Wish.Effect(Wish.Strength.LARGE);
    assertThat(effect.distance(twoWay(26, 14, 14, 26)))
        .isPositive()
        .isLessThan(effect.distance(twoWay(22, 18, 18, 22)));
    Wish few = new Wish.Discordant(false);
    assertThat(few.distance(pairs(14, 12))).isPositive().isLessThan(few.distance(pairs(30, 30)));
  }

  @Test
  void aReversalNeedsEveryLayer() {
    List<List<Long>> better = List.of(List.of(18L, 72L), List.of(2L, 28L));
    List<List<Long>> worse = List.of(List.of(16L, 2L), List.of(64L, 18L));
    List<List<Long>> even = List.of(List.of(10L, 10L), List.of(10L, 10L));
    Wish.Reversal reversal = new Wish.Reversal();
    assertThat(reversal.distance(layers(List.of(even, even)))).isPositive();
    assertThat(reversal.distance(layers(List.of(better, better)))).isPositive();
    Proposal turned = layers(List.of(better, worse));
    boolean allOneWay =
        turned.derivation().exact().find(LineId.general("diff.all", "+")).orElseThrow().asDouble()
            < 0;
    boolean eachOther =
        Stream.of(1, 2)
            .allMatch(
                k ->
                    turned
                            .derivation()
                            .exact()
                            .find(LineId.of("diff.layer", k))
                            .orElseThrow()
                            .asDouble()
                        > 0);
    assertThat(reversal.distance(turned) == 0).isEqualTo(allOneWay && eachOther);
  }

  /// What moving counts within the margins cannot change is not waited for.
  @Test
  void marginsSettleSomeWishes() {
    assertThat(
            Stream.of(
                new Wish.Expected(0),
                new Wish.NiceShares(),
                new Wish.Conditions(true),
                new Wish.Discordant(true)))
        .allMatch(Wish::isSettledByMargins);
    assertThat(
            Stream.of(
                new Wish.Decision(true),
                new Wish.PValue(0, 1),
                new Wish.Effect(Wish.Strength.SMALL),
                new Wish.Reversal()))
        .noneMatch(Wish::isSettledByMargins);
  }

  /// A procedure's tables are offered wishes that can be read from its lines.
  @Test
  void whatIsOfferedMeansSomething() {
    for (Solution solution : ReferenceCases.oneOfEach()) {
      Offer.of(solution.procedure())
          .ifPresent(
              offer -> {
                Proposal proposal = Proposal.of(solution).orElseThrow();
                if (offer.wishes().contains(Offer.Sort.EXPECTED)) {
                  assertThat(proposal.expected()).isNotEmpty();
                }
                if (offer.wishes().contains(Offer.Sort.EFFECT)) {
                  assertThat(proposal.number("w").or(() -> proposal.number("h"))).isPresent();
                }
                if (offer.wishes().contains(Offer.Sort.DISCORDANT)) {
                  assertThat(proposal.number("changed")).isPresent();
                }
                if (offer.wishes().contains(Offer.Sort.CONDITIONS)) {
                  assertThat(proposal.derivation().conditions()).isNotEmpty();
                }
                assertThat(proposal.observations()).isPositive();
              });
    }
  }
}
