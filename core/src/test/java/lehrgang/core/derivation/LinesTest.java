package lehrgang.core.derivation;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.expr.Expr.ref;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.NoSuchElementException;
import lehrgang.core.ForSomeSolutions;
import lehrgang.core.ReferenceCases;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Value;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Phrase;
import org.junit.jupiter.api.Test;

/// The graph of lines: each after those that it uses, and worked out in whatever order they are
/// asked for.
class LinesTest {
  private static Line line(String id, Expr formula) {
    return new Line(LineId.of(id), Symbol.of(id), Phrase.label(id), formula, Kind.STATISTIC);
  }

  private static Lines three() {
    return new Lines()
        .begin("data")
        .add(line("a", number(3)))
        .add(line("b", product(ref(LineId.of("a")), number(2))))
        .begin("statistic")
        .add(line("c", ref(LineId.of("b")).minus(ref(LineId.of("a")))));
  }

  @Test
  void aLineThatUsesALaterOneIsRefusedByName() {
    assertThatThrownBy(() -> new Lines().begin("data").add(line("a", ref(LineId.of("b")))))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessage("a uses b before it is there");
    assertThatThrownBy(() -> three().add(line("a", number(1))))
        .hasMessage("two lines are called a");
    assertThatThrownBy(() -> new Lines().add(line("a", number(1))))
        .isInstanceOf(IllegalStateException.class);
  }

  @Test
  void aFamilyThatIsNotThereIsAnError() {
    assertThatThrownBy(() -> three().family("E"))
        .isInstanceOf(NoSuchElementException.class)
        .hasMessageContaining("E");
    assertThatThrownBy(() -> three().line(LineId.of("d")))
        .isInstanceOf(NoSuchElementException.class);
  }

  @Test
  void theLastLineCanBeAskedForFirst() {
    Evaluation values = three().evaluate(Reading.EXACT);
    assertThat(values.of("c")).isEqualTo(Value.of(3));
    assertThat(values.of("b")).isEqualTo(Value.of(6));
    assertThat(values.results()).hasSize(3);
  }

  @Test
  void aCopyGoesOnByItself() {
    Lines lines = three();
    lines.copy().add(line("d", number(4)));
    assertThat(lines.has(LineId.of("d"))).isFalse();
    assertThat(lines.ofStep("data")).containsExactly(LineId.of("a"), LineId.of("b"));
  }

  @ForSomeSolutions
  void linesComeToTheSameInWhateverOrderTheyAreAskedFor(Solution solution) {
    Derivation derivation = ReferenceCases.derive(solution);
    Reading rounded = Reading.EXACT.roundedOnTheWay(solution.choices().decimals());
    for (Reading reading : new Reading[] {Reading.EXACT, rounded}) {
      Evaluation forwards = derivation.evaluate(reading);
      forwards.results().forEach((id, result) -> assertThat(result).isNotNull());
      Evaluation backwards = ReferenceCases.derive(solution).evaluate(reading);
      derivation.lines().keySet().stream()
          .sorted((one, other) -> other.toString().compareTo(one.toString()))
          .forEach(
              id ->
                  assertThat(backwards.result(id))
                      .as(id.toString())
                      .isEqualTo(forwards.result(id)));
    }
  }

  @ForSomeSolutions
  void aLineAloneComesToWhatItComesToAmongAll(Solution solution) {
    Derivation derivation = ReferenceCases.derive(solution);
    Reading rounded = Reading.EXACT.roundedOnTheWay(solution.choices().decimals());
    Evaluation all = derivation.evaluate(rounded);
    LineId decision = derivation.decision();
    Evaluation alone = derivation.evaluate(rounded, decision);
    assertThat(alone.result(decision)).isEqualTo(all.result(decision));
    assertThat(alone.results().size()).isLessThanOrEqualTo(all.results().size());
  }
}
