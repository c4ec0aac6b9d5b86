package lehrgang.core.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import lehrgang.core.ReferenceCases;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Line;
import lehrgang.core.distribution.NormalUpperTail;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.expr.Reason.Cause;
import lehrgang.core.expr.Workspace;
import lehrgang.core.notation.PlainText;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Value;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Phrase;
import org.junit.jupiter.api.Test;

/// What there is to know about a number.
class TracesTest {
  private static final LineId COUNTED = LineId.of("counted");
  private final Solution solution = ReferenceCases.solution(ReferenceCases.trailRegister());

  /// A function that counts how often its value is worked out.
  private record Counting(AtomicInteger times) implements NamedFunction {
    @Override
    public String key() {
      return NormalUpperTail.INSTANCE.key();
    }

    @Override
    public Optional<Cause> objection(List<Value> arguments) {
      return Optional.empty();
    }

    @Override
    public Value apply(List<Value> arguments, Workspace workspace) {
      times.incrementAndGet();
      return Value.ratio(1, 3);
    }

    @Override
    public Expr written(List<Expr> arguments, List<Value> values) {
      return Expr.number(1).over(Expr.number(3));
    }
  }

  private Derivation counting(AtomicInteger times) {
    Expr formula = new Expr.Named(new Counting(times), List.of(Expr.ref(LineId.of("X2"))));
    Line line = new Line(COUNTED, Symbol.of("q"), Phrase.of("name.p"), formula, Kind.P_VALUE);
    return ReferenceCases.derive(solution)
        .extended(
            lines -> lines.begin("closer-look").add(line), "closer-look", (_, _) -> List.of());
  }

  @Test
  void allTracesOfAPageWorkEachReadingOutOnce() {
    AtomicInteger times = new AtomicInteger();
    Page page = Page.of(solution, counting(times), Audience.FULL);
    page.lines().forEach(page::trace);
    assertThat(times).as("once exactly, and once rounded on the way").hasValueLessThanOrEqualTo(2);
    page.lines().forEach(page::trace);
    assertThat(times).hasValueLessThanOrEqualTo(2);
  }

  @Test
  void aTraceSaysWhereANumberComesFromAndWhereItGoes() {
    Trace trace =
        Page.of(solution, ReferenceCases.derive(solution), Audience.FULL)
            .trace(LineId.of("E", 2, 3));
    assertThat(trace.heading()).isEqualTo("Expected count · Gorge path, Autumn");
    assertThat(trace.sources())
        .extracting(link -> PlainText.of(link.symbol()) + " " + link.number())
        .containsExactly("R₂ 160", "C₃ 140", "n 480");
    assertThat(trace.uses().getFirst().line()).isEqualTo(LineId.of("D", 2, 3));
    assertThat(trace.facts())
        .extracting(fact -> fact.name() + ": " + PlainText.of(fact.value()))
        .contains("exact: 140/3", "12 digits: 46.6666666667");
    assertThat(trace.facts())
        .extracting(Trace.Fact::agreement)
        .contains(Optional.of(Trace.Agreement.AGREES));
  }
}
