package lehrgang.core.procedure.parts;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.expr.Expr.ref;
import static lehrgang.core.procedure.parts.LineWriter.line;
import static lehrgang.core.procedure.parts.LineWriter.single;
import static lehrgang.core.procedure.parts.LineWriter.sumOver;

import java.util.stream.IntStream;
import lehrgang.core.data.FrequencyTable;
import lehrgang.core.data.FrequencyTable.Rescaling;
import lehrgang.core.data.FrequencyTable.Stated;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Lines;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Phrase;

/// The lines of counts against equal or stated shares up to the chi-squared statistic and its
/// degrees of freedom, however it is judged.
public final class FrequencyStatistic {
  private static final Expr N = line("n");

  private final FrequencyTable table;
  private final Rescaling rescaling;
  private final CategoryLines categories;
  private final Lines lines;

  private FrequencyStatistic(FrequencyTable table, Rescaling rescaling) {
    this.table = table;
    this.rescaling = rescaling;
    this.lines = new Lines();
    this.categories = new CategoryLines(table.labels(), lines);
  }

  /// @param estimated  how many parameters of the shares were estimated from the data
  /// @param conditions the step that establishes how large the expected counts are
  public static CategoryLines of(
      FrequencyTable table, Rational level, int estimated, Rescaling rescaling, String conditions) {
    FrequencyStatistic all = new FrequencyStatistic(table, rescaling);
    all.categories.addObserved(table.counts());
    all.stated();
    all.lines.begin("hypotheses").add(LineWriter.level(level));
    all.lines.begin("expected");
    all.categories.addShares(all::share);
    all.categories.addExpected(all::checked);
    all.lines.begin(conditions);
    ExpectedConditions.addLines(all.lines, all.lines.family("E"));
    all.categories.addStatistic(
        single("m", Symbol.of("m"), LineWriter.typed(Value.of(estimated)), Kind.DEGREES_OF_FREEDOM),
        degreesOfFreedom(estimated));
    return all.categories;
  }

  private static Expr degreesOfFreedom(int estimated) {
    Expr free = line("k").minus(number(1));
    return estimated > 0 ? free.minus(line("m")) : free;
  }

  private boolean isEqual() {
    return table.stated() == Stated.EQUAL;
  }

  private void stated() {
    if (isEqual()) {
      return;
    }
    IntStream.rangeClosed(1, categories.size())
        .mapToObj(
            i ->
                categories.member(
                    "stated",
                    "g",
                    i,
                    new Expr.Datum(table.weights().get(i - 1), Expr.Source.TABLE),
                    Kind.CLAIM))
        .forEach(lines::add);
    lines.add(
        single(
            "stated.sum",
            Symbol.of("g").lowered("Σ"),
            sumOver("i", "stated", categories.size()),
            Kind.CLAIM));
  }

  /// The share of a category under H₀, from what was stated.
  private Expr share(int i) {
    if (isEqual()) {
      return number(1).over(line("k"));
    }
    Expr stated = ref(LineId.of("stated", i));
    if (rescaling == Rescaling.ALLOWED) {
      return stated.over(line("stated.sum"));
    }
    return switch (table.stated()) {
      case PROBABILITIES -> stated;
      case PERCENTAGES -> stated.over(number(100));
      case EXPECTED_COUNTS -> stated.over(N);
      case RATIO, EQUAL -> stated.over(line("stated.sum"));
    };
  }

  private Line checked(Line expected) {
    return isEqual()
        ? expected.checkedBy(Phrase.of("route.equal-parts"), N.over(line("k")))
        : expected.checkedBy(
            Phrase.of("route.parts"),
            product(Formulas.at("stated", expected.id().index()), N).over(line("stated.sum")));
  }
}
