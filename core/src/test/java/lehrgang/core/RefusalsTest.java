package lehrgang.core;

import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lehrgang.core.cases.Classing;
import lehrgang.core.data.FrequencyTable;
import lehrgang.core.data.LayeredTable;
import lehrgang.core.data.SharesTable;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.distribution.ChiSquaredCurve;
import lehrgang.core.distribution.PrintedTable;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Combinations;
import lehrgang.core.number.Decimals;
import lehrgang.core.number.NumberStyle;
import lehrgang.core.number.Value;
import lehrgang.core.solution.Choices;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/// A caller's mistake is refused at the door, and the message names what was wrong.
class RefusalsTest {
  private static final List<String> TWO = List.of("a", "b");

  static Stream<Arguments> mistakes() {
    return Stream.of(
        mistake("-1", () -> two(List.of(List.of(1L, 2L), List.of(-1L, 2L)))),
        mistake("2 rows", () -> two(List.of(List.of(1L, 2L)))),
        mistake("2 columns", () -> two(List.of(List.of(1L, 2L), List.of(1L)))),
        mistake("[a, b]", () -> new LayeredTable("layer", TWO, List.of())),
        mistake("9 successes among 8", () -> new SharesTable.Group("gate", 9, 8)),
        mistake("0 trials", () -> new SharesTable.Group("gate", 0, 0)),
        mistake("-4", () -> frequencies(List.of(3L, -4L))),
        mistake("1 counts", () -> frequencies(List.of(3L))),
        mistake("1 texts for 2 rows", () -> typed().withColumn(0, List.of("7"))),
        mistake("[[1]]", () -> new TableEntry("x", "y", TWO, TWO, List.of(List.of("1")))),
        mistake("0 numbers", () -> Classing.proposed(List.of(), 5)),
        mistake("0 classes", () -> Classing.proposed(List.of(BigDecimal.ONE), 0)),
        mistake("-3", () -> LineId.of("O", -3)),
        mistake("\"2x\"", () -> LineId.of("2x")),
        mistake("s", () -> Expr.total("i", "s", List.of(), family -> Expr.ref(LineId.of(family)))),
        mistake("-5", () -> Combinations.choose(-5, 1)),
        mistake("-1", () -> Decimals.usual().withAll(-1)),
        mistake("99", () -> Choices.usual().withOnTheWay(Optional.of(99))),
        mistake("0", () -> NumberStyle.POINT.significant(Value.ONE, 0)),
        mistake("0", () -> PrintedTable.reaching(0)),
        mistake("0", () -> new ChiSquaredCurve(0)),
        mistake("1.2", () -> new ChiSquaredCurve(3).pointWithTail(1.2)));
  }

  @ParameterizedTest
  @MethodSource("mistakes")
  void aMistakeIsNamed(String named, ThrowingCallable call) {
    assertThatThrownBy(call)
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining(named);
  }

  private static Arguments mistake(String named, ThrowingCallable call) {
    return Arguments.of(named, call);
  }

  private static TwoWayTable two(List<List<Long>> counts) {
    return new TwoWayTable("x", "y", TWO, TWO, counts);
  }

  private static FrequencyTable frequencies(List<Long> counts) {
    return new FrequencyTable(
        "gate", TWO, counts, FrequencyTable.Stated.EQUAL, List.of(Value.of(1), Value.of(1)));
  }

  private static TableEntry typed() {
    return new TableEntry("x", "y", TWO, TWO, List.of(List.of("1", "2"), List.of("3", "4")));
  }
}
