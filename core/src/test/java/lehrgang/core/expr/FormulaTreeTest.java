package lehrgang.core.expr;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.expr.Expr.ref;
import static lehrgang.core.expr.Expr.sum;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lehrgang.core.ForSomeSolutions;
import lehrgang.core.ReferenceCases;
import lehrgang.core.number.Value;
import lehrgang.core.solution.Solution;
import org.junit.jupiter.api.Test;

/// Formulas as trees: what they are made of, what they use, and what becomes of them when a part is
/// replaced.
class FormulaTreeTest {
  private static final LineId A = LineId.of("a");
  private static final LineId B = LineId.of("b");

  @ForSomeSolutions
  void aFormulaThatIsRewrittenToItselfIsTheSameObject(Solution solution) {
    ReferenceCases.derive(solution)
        .lines()
        .values()
        .forEach(
            line -> assertThat(line.formula().rewritten(part -> part)).isSameAs(line.formula()));
  }

  @ForSomeSolutions
  void whatAFormulaUsesIsWhatItsPartsUse(Solution solution) {
    ReferenceCases.derive(solution)
        .lines()
        .values()
        .forEach(
            line -> {
              List<LineId> sources = line.formula().sources();
              assertThat(sources).doesNotHaveDuplicates().doesNotContain(line.id());
              boolean leaf =
                  line.formula() instanceof Expr.Ref || line.formula() instanceof Expr.Via;
              if (!leaf) {
                assertThat(
                        line.formula().parts().stream()
                            .flatMap(part -> part.sources().stream())
                            .distinct())
                    .containsExactlyElementsOf(sources);
              }
            });
  }

  @Test
  void aPartIsReplacedWhereverItStands() {
    Expr formula = product(ref(A), sum(ref(B), number(1))).over(ref(A).root());
    Expr changed = formula.rewritten(part -> part.equals(ref(A)) ? number(4) : part);
    assertThat(changed.sources()).containsExactly(B);
    assertThat(Evaluator.closed(changed.rewritten(part -> part.equals(ref(B)) ? number(2) : part)))
        .isEqualTo(Value.of(6));
    assertThat(formula.sources()).containsExactly(A, B);
  }

  @Test
  void ofSeveralCasesOnlyTheOneThatCountsIsWorkedOut() {
    Expr undefined = number(1).over(number(0));
    Expr size = new Expr.Cases(new Expr.AtLeast(number(3), number(2)), number(7), undefined);
    assertThat(Evaluator.closed(size)).isEqualTo(Value.of(7));
    Expr other = new Expr.Cases(new Expr.Exceeds(number(2), number(2)), undefined, number(8));
    assertThat(Evaluator.closed(other)).isEqualTo(Value.of(8));
  }

  @Test
  void whatHasNoValueSaysWhyAndDoesNotThrow() {
    Evaluator<Value> evaluator = Evaluator.exactly(id -> new Result.Defined<>(Value.ZERO));
    List<Expr> without =
        List.of(
            number(1).over(ref(A)),
            ref(A).minus(number(1)).root(),
            new Expr.NaturalLog(ref(A)),
            new Expr.Arcsine(number(2)));
    assertThat(without)
        .allSatisfy(
            formula ->
                assertThat(evaluator.evaluate(formula)).isInstanceOf(Result.Undefined.class));
    assertThat(evaluator.evaluate(sum(number(2), number(1).over(ref(A)))))
        .isInstanceOf(Result.Undefined.class);
  }
}
