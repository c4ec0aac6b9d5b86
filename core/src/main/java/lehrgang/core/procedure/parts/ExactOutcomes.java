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
import lehrgang.core.distribution.BinomialProbability;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.expr.Workspace;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Phrase;

/// The outcomes that could have come about, their probabilities, and which of them an exact p-value
/// sums: those no more probable than the one observed, or a tail. Where they are very many, those
/// are listed that stand at the ends and where the summed ones begin.
///
/// @param own        the line of the outcome observed
/// @param parameters of the law, as formulas
/// @param listed     the outcomes that are lines
public record ExactOutcomes(
    Law law, Alternative alternative, Expr own, List<Expr> parameters, Runs listed) {
  /// With more trials than this no outcomes are worked out.
  public static final long MOST_TRIALS = BinomialProbability.MOST_TRIALS;

  private static final LineId OBSERVED = LineId.of("P.obs");

  /// So many outcomes are all listed.
  private static final int MOST_LISTED = 1000;

  /// So many are listed at an end of a longer list, and on either side of a place in it.
  private static final int AT_AN_END = 3;

  public ExactOutcomes {
    parameters = List.copyOf(parameters);
  }

  /// Where all are listed.
  ///
  /// @param first the smallest outcome
  /// @param last  the largest
  public static ExactOutcomes all(
      Law law, Alternative alternative, Expr own, List<Expr> parameters, int first, int last) {
    return new ExactOutcomes(law, alternative, own, parameters, Runs.between(first, last));
  }

  /// The numbers of successes in up to [#MOST_TRIALS] trials.
  ///
  /// @param observed   the number of successes that was observed
  /// @param trials     how many there were
  /// @param chance     the probability of a success
  /// @param own        the line of the first
  /// @param parameters the lines of the other two
  public static ExactOutcomes ofTrials(
      Alternative alternative,
      long observed,
      long trials,
      Rational chance,
      Expr own,
      List<Expr> parameters) {
    Runs every = Runs.between(0, (int) trials);
    return new ExactOutcomes(
        Law.BINOMIAL,
        alternative,
        own,
        parameters,
        trials <= MOST_LISTED ? every : some((int) observed, (int) trials, chance, alternative));
  }

  private static Runs some(int observed, int trials, Rational chance, Alternative alternative) {
    List<Value> with = List.of(Value.of(trials), chance);
    Workspace workspace = new Workspace();
    IntStream.Builder places = IntStream.builder();
    IntStream.of(0, trials, observed).forEach(places);
    SumOfOutcomes.summed(
            Law.BINOMIAL,
            alternative,
            Value.of(observed),
            Law.BINOMIAL.at(observed, with, workspace),
            with,
            workspace)
        .forEach(
            (from, to) -> {
              places.add(from);
              places.add(to);
            });
    return Runs.of(
        places
            .build()
            .flatMap(
                place ->
                    IntStream.rangeClosed(
                        Math.max(0, place - AT_AN_END + 1),
                        Math.min(trials, place + AT_AN_END - 1)))
            .sorted()
            .distinct());
  }

  private IntStream outcomes() {
    return listed.all().stream().mapToInt(Integer::intValue);
  }

  /// How many are listed.
  public int size() {
    return listed.size();
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
    if (!listed.isOneRun()) {
      return unlisted(id, symbol, law, side, own, parameters);
    }
    List<Expr> arguments = new ArrayList<>(List.of(own, Expr.ref(OBSERVED)));
    arguments.addAll(parameters);
    outcomes()
        .forEach(
            k -> {
              arguments.add(condition.of(k));
              arguments.add(Expr.ref(probability(k)));
            });
    return named(id, symbol, new SumOfOutcomes(law, side, listed), arguments);
  }

  /// A p-value of outcomes that are not listed.
  public static Line unlisted(
      String id, Symbol symbol, Law law, Alternative alternative, Expr own, List<Expr> parameters) {
    List<Expr> arguments = new ArrayList<>(List.of(own, law.at(own, parameters)));
    arguments.addAll(parameters);
    return named(id, symbol, new SumOfOutcomes(law, alternative, Runs.NONE), arguments);
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
    List<Integer> all = listed.all();
    int seen = values.whole(observed, all.getLast()).orElse(all.getFirst());
    return probability(Math.max(all.getFirst(), seen));
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
