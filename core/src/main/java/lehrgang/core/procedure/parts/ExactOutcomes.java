package lehrgang.core.procedure.parts;

import static lehrgang.core.procedure.parts.LineWriter.member;
import static lehrgang.core.procedure.parts.LineWriter.single;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Lines;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.wording.Phrase;

/// Every outcome that could have come about, its probability, and which of them an exact p-value
/// sums: those no more probable than the one observed, or a tail.
///
/// @param own        the line of the outcome observed
/// @param parameters of the law, as formulas
/// @param first      the smallest outcome
/// @param last       the largest
public record ExactOutcomes(
    Law law, Alternative alternative, Expr own, List<Expr> parameters, int first, int last) {
  /// Above this many trials the sum has too many terms to be shown or checked.
  public static final long MOST_TRIALS = 1000;

  private static final LineId OBSERVED = LineId.of("P.obs");

  public ExactOutcomes {
    parameters = List.copyOf(parameters);
  }

  private IntStream outcomes() {
    return IntStream.rangeClosed(first, last);
  }

  /// How many there are.
  public int size() {
    return last - first + 1;
  }

  private static LineId probability(int outcome) {
    return LineId.of("P", outcome);
  }

  private static LineId summed(int outcome) {
    return LineId.of("summed", outcome);
  }

  private static Phrase place(int outcome) {
    return Phrase.label(Integer.toString(outcome));
  }

  /// Adds the probability of each outcome and of the observed one, and for each whether it is
  /// summed, to the step begun last.
  public void addOutcomes(Lines lines) {
    outcomes()
        .forEach(
            k ->
                lines.add(
                    member(
                        probability(k),
                        Symbol.of("P"),
                        place(k),
                        law.at(Expr.number(k), parameters),
                        Kind.PROBABILITY)));
    lines.add(
        single(
            OBSERVED.name(),
            Symbol.of("P").lowered("obs"),
            law.at(own, parameters),
            Kind.PROBABILITY));
    outcomes()
        .forEach(
            k ->
                lines.add(
                    member(
                        summed(k),
                        Symbol.of("summed"),
                        place(k),
                        isSummed(k, alternative),
                        Kind.CONDITION)));
  }

  private Expr isSummed(int outcome, Alternative side) {
    return switch (side) {
      case LESS -> new Expr.AtLeast(own, Expr.number(outcome));
      case GREATER -> new Expr.AtLeast(Expr.number(outcome), own);
      case TWO_SIDED -> new Expr.AtLeast(Expr.ref(OBSERVED), Expr.ref(probability(outcome)));
    };
  }

  /// The p-value of the alternative that is chosen; [#addOutcomes] comes before it.
  public Line sum(String id, Symbol symbol) {
    return sum(id, symbol, alternative, k -> Expr.ref(summed(k)));
  }

  /// The p-value that another alternative would have; [#addOutcomes] comes before it.
  public Line sum(String id, Symbol symbol, Alternative side) {
    return sum(id, symbol, side, k -> isSummed(k, side));
  }

  private interface Condition {
    Expr of(int outcome);
  }

  private Line sum(String id, Symbol symbol, Alternative side, Condition condition) {
    List<Expr> arguments = new ArrayList<>(List.of(own, Expr.ref(OBSERVED)));
    arguments.addAll(parameters);
    outcomes()
        .forEach(
            k -> {
              arguments.add(condition.of(k));
              arguments.add(Expr.ref(probability(k)));
            });
    return named(id, symbol, new SumOfOutcomes(law, side, first, size()), arguments);
  }

  /// A p-value of outcomes that are not listed.
  public static Line unlisted(
      String id, Symbol symbol, Law law, Alternative alternative, Expr own, List<Expr> parameters) {
    List<Expr> arguments = new ArrayList<>(List.of(own, law.at(own, parameters)));
    arguments.addAll(parameters);
    return named(id, symbol, new SumOfOutcomes(law, alternative, 0, 0), arguments);
  }

  private static Line named(String id, Symbol symbol, SumOfOutcomes sum, List<Expr> arguments) {
    return LineWriter.named(id, symbol, sum, arguments, Kind.P_VALUE);
  }

  /// How many outcomes are summed.
  public long summed(Evaluation values) {
    return outcomes().filter(k -> values.holds(summed(k))).count();
  }

  /// The outcome that stands as the example of its family: the one observed, where it is listed.
  public LineId example(Evaluation values, LineId observed) {
    int seen = values.whole(observed, last).orElse(first);
    return probability(Math.max(first, seen));
  }

  /// The list of outcomes, the summed ones marked.
  ///
  /// @param observed the line of the outcome observed
  /// @param p        the line of the sum
  public Block.Outcomes block(Phrase head, LineId observed, LineId p) {
    return new Block.Outcomes(
        outcomes().mapToObj(k -> new Block.Outcome(k, probability(k), summed(k))).toList(),
        List.of(),
        observed,
        p,
        head);
  }
}
