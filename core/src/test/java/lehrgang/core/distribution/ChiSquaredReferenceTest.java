package lehrgang.core.distribution;

import static lehrgang.core.ReferenceCases.close;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lehrgang.core.ReferenceCases;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.number.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/// Tail areas and critical values, and their written-out workings.
class ChiSquaredReferenceTest {
  static Stream<JsonNode> tails() {
    return ReferenceCases.of("chi-squared-tails.json").stream();
  }

  static Stream<JsonNode> criticalValues() {
    return ReferenceCases.of("critical-values.json").stream();
  }

  private static BigDecimal number(JsonNode node) {
    return new BigDecimal(node.get("value").asString());
  }

  private static Value tail(Value x, int df) {
    return ChiSquaredUpperTail.INSTANCE.apply(List.of(x, Value.of(df)));
  }

  @ParameterizedTest
  @MethodSource("tails")
  void tailAreasAreThoseOfTheReferenceDownToTheSmallest(JsonNode reference) {
    Value p = tail(Value.exactly(reference.get("x").asString()), reference.get("df").asInt());
    assertThat(p).matches(area -> close(area, number(reference.get("p"))), reference.toString());
  }

  @ParameterizedTest
  @MethodSource("criticalValues")
  void criticalValuesAreThoseOfTheReference(JsonNode reference) {
    Value found =
        ChiSquaredCritical.INSTANCE.apply(
            List.of(
                Value.exactly(reference.get("alpha").asString()),
                Value.of(reference.get("df").asInt())));
    assertThat(found)
        .matches(c -> close(c, number(reference.get("critical"))), reference.toString());
  }

  @ParameterizedTest
  @CsvSource({"1, 7.3", "2, 7.3", "3, 0.4", "4, 14.1", "7, 900", "30, 25", "61, 88"})
  void theWorkingThatIsShownGivesTheNumberThatIsUsed(int df, String x) {
    Value statistic = Value.exactly(x);
    Expr written =
        ChiSquaredUpperTail.INSTANCE.written(
            List.of(new Expr.Constant(statistic.inDecimals()), Expr.number(df)),
            List.of(statistic, Value.of(df)));
    assertThat(Evaluator.closed(written)).isEqualTo(tail(statistic, df));
  }

  @ParameterizedTest
  @CsvSource({"1, 3.84", "2, 0.5", "5, 40", "16, 7", "361, 400", "841, 1000"})
  void theLibraryIsOfTheSameOpinion(int df, String x) {
    List<Value> arguments = List.of(Value.exactly(x), Value.of(df));
    double own = ChiSquaredUpperTail.INSTANCE.apply(arguments).asDouble();
    double library = ChiSquaredUpperTail.INSTANCE.secondOpinion(arguments).orElseThrow();
    assertThat(own).isCloseTo(library, within(library * 1e-11));
  }

  @Test
  void nothingIsRequiredOfTheStatisticBeyondNotBeingNegative() {
    assertThat(tail(Value.ZERO, 1).decimal()).isEqualByComparingTo("1");
    assertThat(tail(Value.ZERO, 4).decimal()).isEqualByComparingTo("1");
    assertThat(tail(Value.exactly("1e16"), 3)).isBetween(Value.ZERO, Value.exactly("1e-300"));
    assertThat(tail(Value.exactly("1e16"), 3).signum()).isPositive();
    assertThatThrownBy(() -> tail(Value.of(-1), 2)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> tail(Value.ONE, 0)).isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void theNormalTailChangesItsFormWithoutALeap() {
    Value below = NormalUpperTail.INSTANCE.apply(List.of(Value.exactly("2.9999999999999")));
    Value above = NormalUpperTail.INSTANCE.apply(List.of(Value.exactly("3.0000000000001")));
    assertThat(below.minus(above).asDouble()).isBetween(0.0, 1e-14);
    assertThat(below.asDouble()).isCloseTo(0.0013498980316300933, within(1e-15));
  }

  @Test
  void theIterationsBeginAtTheStatedValueAndEndAtTheRoot() {
    RootSearch search =
        ChiSquaredCritical.INSTANCE.search(List.of(Value.exactly("0.05"), Value.of(4)));
    assertThat(search.steps().getFirst().point().asDouble()).isEqualTo(9.46);
    assertThat(search.steps()).hasSizeBetween(4, 7);
    assertThat(search.steps().getLast().area().asDouble()).isCloseTo(0.05, within(1e-16));
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 9, 30, 120})
  void printedTablesHoldOurOwnCriticalValuesToThreeDecimals(int df) {
    List<BigDecimal> printed = PrintedTable.around(df).ownRow().entries();
    for (int i = 0; i < PrintedTable.AREAS.size(); i++) {
      Value own =
          ChiSquaredCritical.INSTANCE.apply(
              List.of(Value.exactly(PrintedTable.AREAS.get(i)), Value.of(df)));
      assertThat(printed.get(i)).isEqualTo(own.rounded(PrintedTable.DECIMALS));
    }
  }

  @Test
  void aPrintedRowBracketsTheStatistic() {
    PrintedTable table = PrintedTable.around(4);
    assertThat(table.bracket(Value.exactly("14.10")))
        .isEqualTo(new PrintedTable.Bracket(Optional.of(3), Optional.of(4)));
    assertThat(table.bracket(Value.of(1)).above()).isEmpty();
    assertThat(table.bracket(Value.of(99)).below()).isEmpty();
    assertThat(PrintedTable.around(1).rows())
        .extracting(PrintedTable.Row::df)
        .containsExactly(1, 2, 3);
  }
}
