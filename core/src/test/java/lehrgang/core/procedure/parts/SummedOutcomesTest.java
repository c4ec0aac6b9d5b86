package lehrgang.core.procedure.parts;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import lehrgang.core.expr.Workspace;
import lehrgang.core.number.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Which of very many outcomes an exact p-value sums.
class SummedOutcomesTest {
  private static Runs summed(Alternative alternative, int observed, List<Value> with) {
    Workspace workspace = new Workspace();
    return SumOfOutcomes.summed(
        Law.BINOMIAL,
        alternative,
        Value.of(observed),
        Law.BINOMIAL.at(observed, with, workspace),
        with,
        workspace);
  }

  /// The outcomes that are no more probable are found without a look at each.
  @ParameterizedTest
  @CsvSource({
    "1001, 1, 2, 480",
    "1001, 1, 2, 500",
    "1200, 1, 7, 150",
    "1200, 1, 7, 190",
    "1500, 1, 100, 0"
  })
  void bothTailsAreThoseOfALookAtEach(int trials, int above, int below, int observed) {
    List<Value> with = List.of(Value.of(trials), Value.ratio(above, below));
    Workspace workspace = new Workspace();
    double own = Law.BINOMIAL.at(observed, with, workspace).asDouble();
    assertThat(summed(Alternative.TWO_SIDED, observed, with).all())
        .isEqualTo(
            IntStream.rangeClosed(0, trials)
                .filter(k -> Law.BINOMIAL.at(k, with, workspace).asDouble() <= own * (1 + 1e-12))
                .boxed()
                .toList());
  }

  /// Where success is certain, or impossible, all other outcomes have the probability 0.
  @Test
  void aCertainOutcomeIsNotLookedForAmongThousandsOfMillions() {
    int trials = 2_000_000_000;
    List<Value> certain = List.of(Value.of(trials), Value.ONE);
    assertThat(summed(Alternative.TWO_SIDED, 7, certain)).isEqualTo(Runs.between(0, trials - 1));
    List<Value> impossible = List.of(Value.of(trials), Value.ZERO);
    assertThat(summed(Alternative.TWO_SIDED, 7, impossible)).isEqualTo(Runs.between(1, trials));
    assertThat(Law.BINOMIAL.sum(1, trials, impossible, new Workspace())).isEqualTo(Value.ZERO);
  }
}
