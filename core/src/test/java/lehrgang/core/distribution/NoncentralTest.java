package lehrgang.core.distribution;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import lehrgang.core.number.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Noncentral chi-squared areas against closed forms and published values.
class NoncentralTest {
  private static final String BETA = "0.2";

  private static Value noncentrality(String alpha, int df) {
    Value critical = ChiSquaredCritical.INSTANCE.apply(List.of(Value.exactly(alpha), Value.of(df)));
    return Noncentrality.INSTANCE.apply(List.of(critical, Value.of(df), Value.exactly(BETA)));
  }

  /// The noncentralities for 80 % power that tables of the noncentral distribution give.
  @ParameterizedTest
  @CsvSource({
    "0.05, 1, 7.84886",
    "0.05, 2, 9.63469",
    "0.05, 4, 11.93529",
    "0.05, 5, 12.82761",
    "0.05, 10, 16.24111",
    "0.5, 2, 2.58441",
    "1e-10, 7, 68.40624",
    "0.001, 841, 173.6951"
  })
  void theNoncentralityForThePowerIsThatOfTheTables(String alpha, int df, double expected) {
    assertThat(noncentrality(alpha, df).asDouble()).isCloseTo(expected, within(1e-4));
  }

  /// With one degree of freedom it is the square of a shifted normal variable.
  @ParameterizedTest
  @ValueSource(doubles = {0, 0.5, 7.849, 60})
  void withOneDegreeOfFreedomItIsASquaredNormalVariable(double delta) {
    double point = 3.25;
    double low = -Math.sqrt(point) - Math.sqrt(delta);
    double high = Math.sqrt(point) - Math.sqrt(delta);
    double expected = normalBelow(high) - normalBelow(low);
    assertThat(below(point, 1, delta).asDouble()).isCloseTo(expected, within(1e-12));
  }

  private static double normalBelow(double z) {
    return NormalTail.LOWER.apply(List.of(Value.real(z))).asDouble();
  }

  private static Value below(double point, int df, double delta) {
    return NoncentralLowerTail.INSTANCE.apply(
        List.of(Value.real(point), Value.of(df), Value.real(delta)));
  }

  @Test
  void withoutNoncentralityItIsTheCentralDistribution() {
    for (int df : List.of(1, 2, 5, 12)) {
      assertThat(below(6.5, df, 0).asDouble())
          .isCloseTo(
              1
                  - ChiSquaredUpperTail.INSTANCE
                      .apply(List.of(Value.real(6.5), Value.of(df)))
                      .asDouble(),
              within(1e-15));
    }
  }

  @ParameterizedTest
  @CsvSource({"3.84, 1, 7.8", "9.49, 4, 11.9", "60, 7, 68", "0.3, 3, 2"})
  void theTermsAddUpToTheValue(double point, int df, double delta) {
    List<Value> values = List.of(Value.real(point), Value.of(df), Value.real(delta));
    List<Mixture.Term> terms = NoncentralLowerTail.INSTANCE.terms(values);
    assertThat(terms.stream().mapToDouble(term -> term.product().asDouble()).sum())
        .isCloseTo(NoncentralLowerTail.INSTANCE.apply(values).asDouble(), within(1e-14));
    assertThat(terms.get(2).probability().asDouble())
        .isCloseTo(
            1
                - ChiSquaredUpperTail.INSTANCE
                    .apply(List.of(Value.real(point), Value.of(df + 4L)))
                    .asDouble(),
            within(1e-15));
  }

  /// At a level of 80 % or more a test without any deviation rejects as often as asked.
  @Test
  void thereIsNoNoncentralityWhereTheLevelIsThePower() {
    List<Value> arguments =
        List.of(
            ChiSquaredCritical.INSTANCE.apply(List.of(Value.exactly("0.85"), Value.of(3))),
            Value.of(3),
            Value.exactly(BETA));
    assertThat(Noncentrality.INSTANCE.objection(arguments)).isPresent();
  }

  @Test
  void theIterationsEndWithTheWantedProbability() {
    List<Value> arguments = List.of(Value.real(9.4877), Value.of(4), Value.exactly(BETA));
    RootSearch search = Noncentrality.INSTANCE.search(arguments);
    assertThat(search.steps().getFirst().point().asDouble()).isEqualTo(12);
    assertThat(search.steps().getLast().area().asDouble()).isCloseTo(0.2, within(1e-15));
  }
}
