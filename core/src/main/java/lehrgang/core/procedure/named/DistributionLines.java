package lehrgang.core.procedure.named;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.expr.Expr.ref;
import static lehrgang.core.procedure.parts.LineWriter.counted;
import static lehrgang.core.procedure.parts.LineWriter.line;
import static lehrgang.core.procedure.parts.LineWriter.shape;
import static lehrgang.core.procedure.parts.LineWriter.single;
import static lehrgang.core.procedure.parts.LineWriter.typed;

import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Lines;
import lehrgang.core.derivation.Reading;
import lehrgang.core.derivation.Role;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Value;
import lehrgang.core.procedure.parts.CategoryLines;
import lehrgang.core.procedure.parts.ChiSquaredDecision;
import lehrgang.core.procedure.parts.DetectableEffect;
import lehrgang.core.procedure.parts.ExpectedConditions;
import lehrgang.core.procedure.parts.Formulas;
import lehrgang.core.procedure.parts.LineWriter;
import lehrgang.core.procedure.parts.SampleSizeLines;
import lehrgang.core.wording.Phrase;

/// The lines of a fit to a named distribution: what was recorded, the parameter, a probability and
/// an expected count for each class, and the chi-squared statistic over the classes that are tested
/// (Fisher 1924 on the degrees of freedom). Recorded classes are numbered by what they count, from
/// 0; tested ones from 1.
final class DistributionLines {
  private static final Expr N = line("n");

  /// What is 1 less all before it has no digits that can be relied on below this.
  private static final double LEAST_DIFFERENCE = 1e-8;

  private final OpenClasses classes;
  private final Model model;
  private final Lines lines = new Lines();

  /// The distribution that H₀ names.
  ///
  /// @param trials of which each count is the number of successes; of no account without trials
  /// @param stated the parameter, where H₀ states it
  record Model(DistributionLaw law, int trials, Optional<Rational> stated) {
    /// How many parameters are estimated from the data.
    int estimated() {
      return stated.isPresent() ? 0 : 1;
    }

    /// Whether more than a number can be counted.
    boolean reachesBeyond(int number) {
      return law == DistributionLaw.POISSON || trials > number;
    }
  }

  DistributionLines(OpenClasses classes, Model model) {
    this.classes = classes;
    this.model = model;
  }

  Lines lines() {
    return lines;
  }

  private void each(IntFunction<Line> member) {
    IntStream.range(0, classes.size()).mapToObj(member).forEach(lines::add);
  }

  private Line member(String family, String letter, int x, Expr formula, Kind kind) {
    return member(family, Symbol.of(letter), x, formula, kind);
  }

  private Line member(String family, Symbol symbol, int x, Expr formula, Kind kind) {
    return LineWriter.member(
        LineId.of(family, x), symbol, Phrase.label(classes.labels().get(x)), formula, kind);
  }

  private static Expr at(String family, int x) {
    return ref(LineId.of(family, x));
  }

  /// The sum over some neighbouring classes, each of them named.
  private static Expr sum(String family, int first, int last) {
    return first == last
        ? at(family, first)
        : new Expr.Sum(IntStream.rangeClosed(first, last).mapToObj(x -> at(family, x)).toList());
  }

  /// Σ over all recorded classes.
  private Expr sum(String family) {
    return LineWriter.along(
        "i", LineId.general(family, "i"), classes.size(), k -> LineId.of(family, k - 1));
  }

  /// Adds what was recorded, the level, the parameter, the probabilities and the expected counts of
  /// the recorded classes.
  void addUpToExpected(Rational level) {
    lines.begin("data");
    each(
        x ->
            member("F", "f", x, counted(classes.frequencies().get(x)), Kind.COUNT)
                .as(Role.OBSERVED));
    lines.add(single("n", Symbol.of("n"), sum("F"), Kind.COUNT).as(Role.GRAND_TOTAL));
    lines.begin("hypotheses").add(LineWriter.level(level));
    lines.begin("parameter");
    if (model.law() == DistributionLaw.BINOMIAL) {
      lines.add(
          single("N", "trials-each", Symbol.of("N"), typed(Value.of(model.trials())), Kind.COUNT));
    }
    addParameter();
    lines.begin("expected");
    each(this::probability);
    lines.add(single("P.sum", Symbol.of("P").lowered("Σ"), sum("P"), Kind.PROBABILITY));
    each(
        x ->
            member(
                    "e",
                    Symbol.of("E").raised("′"),
                    x,
                    Formulas.expectedCount(at("P", x), N),
                    Kind.EXPECTED)
                .as(Role.EXPECTED));
    lines.add(single("e.sum", Symbol.of("E").raised("′").lowered("Σ"), sum("e"), Kind.EXPECTED));
  }

  private void addParameter() {
    DistributionLaw law = model.law();
    if (model.stated().isPresent()) {
      lines.add(parameter(typed(model.stated().get()), Kind.CLAIM));
      return;
    }
    each(
        x ->
            new Line(
                LineId.of("x", x),
                Symbol.of("x").at(LineId.of("x", x).index()),
                LineWriter.nameOf("number-counted"),
                Phrase.label(classes.labels().get(x)),
                shape(x),
                Kind.COUNT));
    List<List<String>> places =
        IntStream.range(0, classes.size()).mapToObj(x -> List.of(Integer.toString(x))).toList();
    lines.add(
        single(
            "T",
            "total-counted",
            Symbol.of("T"),
            Expr.total("i", List.of("i"), places, DistributionLines::counts),
            Kind.COUNT));
    lines.add(parameter(law.estimate(line("T"), N), law.kind()));
  }

  private static Expr counts(List<String> index) {
    return product(Formulas.at("x", index), Formulas.at("F", index));
  }

  private Line parameter(Expr formula, Kind kind) {
    String id = model.law().parameter().name();
    return single(id, id, model.law().symbol(), formula, kind);
  }

  private Line probability(int x) {
    DistributionLaw law = model.law();
    if (x == classes.last() && model.reachesBeyond(x)) {
      return member("P", "P", x, beyond(x), Kind.PROBABILITY);
    }
    Line line = member("P", "P", x, law.probability(x, model.trials()), Kind.PROBABILITY);
    return x == 0
        ? line
        : line.checkedBy(
            Phrase.of("route.from-the-one-before"), law.fromTheOneBefore(x, at("P", x - 1)));
  }

  /// The probability of the open class: 1 less all before it, unless that would leave hardly a
  /// digit; then its own terms are summed.
  private Expr beyond(int first) {
    double parameter = estimate();
    return law().tail(first, model.trials(), parameter) < LEAST_DIFFERENCE
        ? new Expr.Sum(
            law().terms(first, model.trials(), parameter).stream()
                .map(x -> law().probability(x, model.trials()))
                .toList())
        : Formulas.rest(sum("P", 0, first - 1));
  }

  private DistributionLaw law() {
    return model.law();
  }

  /// About what the parameter is.
  private double estimate() {
    if (model.stated().isPresent()) {
      return model.stated().get().asDouble();
    }
    double all = 0;
    double weighted = 0;
    for (int x = 0; x < classes.size(); x++) {
      all += classes.frequencies().get(x);
      weighted += (double) x * classes.frequencies().get(x);
    }
    double mean = weighted / all;
    return law() == DistributionLaw.BINOMIAL ? mean / model.trials() : mean;
  }

  /// What the expected counts of the recorded classes come to.
  List<Value> expected() {
    var values = lines.evaluate(Reading.EXACT);
    return lines.family("e").stream().flatMap(id -> values.find(id).stream()).toList();
  }

  /// Adds the classes that are tested and everything that follows from them.
  void addTest(ClassGroups groups) {
    List<String> labels =
        groups.groups().stream()
            .map(
                group ->
                    classes.named(group.first(), group.last(), model.reachesBeyond(classes.last())))
            .toList();
    CategoryLines tested = new CategoryLines(labels, lines);
    IntStream.rangeClosed(1, groups.size())
        .mapToObj(
            j -> tested.member("O", "O", j, over("F", groups.at(j)), Kind.COUNT).as(Role.OBSERVED))
        .forEach(lines::add);
    lines.add(single("k", Symbol.of("k"), counted(groups.size()), Kind.DEGREES_OF_FREEDOM));
    IntStream.rangeClosed(1, groups.size())
        .mapToObj(
            j ->
                tested
                    .member("E", "E", j, over("e", groups.at(j)), Kind.EXPECTED)
                    .as(Role.EXPECTED)
                    .checkedBy(
                        Phrase.of("route.probability-of-class"),
                        Formulas.expectedCount(over("P", groups.at(j)), N)))
        .forEach(lines::add);
    lines.add(
        single(
                "E.n",
                Symbol.of("n").lowered("E"),
                LineWriter.sumOver("i", "E", groups.size()),
                Kind.EXPECTED)
            .as(Role.GRAND_TOTAL));
    lines.begin("conditions");
    ExpectedConditions.addLines(lines, lines.family("E"));
    Expr free = line("k").minus(number(1));
    tested.addStatistic(
        single("m", Symbol.of("m"), number(model.estimated()), Kind.DEGREES_OF_FREEDOM),
        model.estimated() > 0 ? free.minus(line("m")) : free);
    ChiSquaredDecision.addCritical(lines);
    ChiSquaredDecision.addP(lines);
    ChiSquaredDecision.plain().addDecision(lines);
    addCloserLook(tested);
  }

  private Expr over(String family, ClassGroups.Group group) {
    return sum(family, group.first(), group.last());
  }

  private void addCloserLook(CategoryLines tested) {
    lines.begin("closer-look");
    for (int j = 1; j <= tested.size(); j++) {
      lines.add(
          tested.member(
              "resid",
              "e",
              j,
              Formulas.standardisedResidual(LineId.of("D", j), at("O", j), at("E", j)),
              Kind.RESIDUAL));
    }
    lines.add(single("w", Symbol.of("w"), Formulas.effectSize(line("X2"), N), Kind.EFFECT));
    DetectableEffect.W.addTo(lines, line("crit"));
    SampleSizeLines.addTo(lines);
  }
}
