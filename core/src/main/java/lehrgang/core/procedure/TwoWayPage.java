package lehrgang.core.procedure;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.CellTable;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.derivation.Condition;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Reading;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.Verdict;
import lehrgang.core.derivation.Verdict.Decision;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Value;
import lehrgang.core.solution.Choices;
import lehrgang.core.wording.Phrase;

/// The page of a two-way table's worked solution: which sentences, tables, workings and figures
/// stand in
/// which step.
final class TwoWayPage {
  private static final LineId X2 = LineId.of("X2");
  private static final LineId X2_CORRECTED = LineId.of("X2.cc");
  private static final LineId P = LineId.of("p");
  private static final LineId P_CORRECTED = LineId.of("p.cc");
  private static final LineId DF = LineId.of("df");
  private static final LineId CRITICAL = LineId.of("crit");
  private static final LineId ALPHA = LineId.of("alpha");
  private static final LineId N = LineId.of("n");
  private static final LineId SMALLEST = LineId.of("E.min");
  private static final LineId DECISION = LineId.of("decision");
  private static final Value FIVE = Value.of(5);
  private static final int MOST_CELLS_NAMED = 6;

  private final TwoWayTable table;
  private final Choices choices;
  private final Lines lines;
  private final Evaluation exact;
  private final Decision decision;
  private final String story;
  private final boolean corrected;
  private final Map<String, Phrase.Filling> usual;

  TwoWayPage(TwoWayTable table, Choices choices, Lines lines) {
    this.table = table;
    this.choices = choices;
    this.lines = lines;
    this.exact = lines.evaluate(new Reading.Exact());
    Evaluation shown = choices.onTheWay().isEmpty() ? exact : lines.evaluate(choices.reading());
    this.decision = shown.of(DECISION).signum() > 0 ? Decision.REJECT : Decision.DO_NOT_REJECT;
    this.story = choices.option(Independence.STORY);
    this.usual =
        Map.of(
            "row", new Phrase.Words(table.rowVariable()),
            "column", new Phrase.Words(table.columnVariable()),
            "rows", new Phrase.Words(Integer.toString(table.rows().size())),
            "columns", new Phrase.Words(Integer.toString(table.columns().size())),
            "n", new Phrase.Number(N),
            "df", new Phrase.Number(DF));
    this.corrected = table.isTwoByTwo() && choices.option(Independence.CORRECTION).equals("yates");
  }

  Evaluation exact() {
    return exact;
  }

  Verdict verdict() {
    return new Verdict(
        List.of(
            new Verdict.Item(Phrase.of("verdict.statistic"), decidingStatistic()),
            new Verdict.Item(Phrase.of("verdict.df"), DF),
            new Verdict.Item(Phrase.of("verdict.critical").with("alpha", ALPHA), CRITICAL),
            new Verdict.Item(Phrase.of("verdict.p"), decidingP()),
            new Verdict.Item(Phrase.of("verdict.effect"), LineId.of("V"))),
        decision,
        prosePhrase("verdict." + story + "." + rejectOrKeep()));
  }

  private String rejectOrKeep() {
    return decision == Decision.REJECT ? "reject" : "keep";
  }

  List<Step> steps() {
    return List.of(
        new Step(
            "question",
            summary("question"),
            List.of(),
            List.of(),
            List.of(new Block.QuestionText())),
        data(),
        hypotheses(),
        expected(),
        conditionsStep(),
        contributions(),
        statistic(),
        critical(),
        pValue(),
        conclusion(),
        closerLook());
  }

  private Step data() {
    return new Step(
        "data",
        summary("data")
            .with("rows", table.rows().size())
            .with("columns", table.columns().size())
            .with("n", N),
        lines.ofFamilies("O", "R", "C", "n", "r", "c"),
        List.of(),
        List.of(prose("data.intro"), new Block.DataEntry(observed())));
  }

  private Step hypotheses() {
    return new Step(
        "hypotheses",
        summary("hypotheses").with("alpha", new Phrase.Stated(ALPHA)),
        List.of(ALPHA),
        List.of(Independence.STORY),
        List.of(
            prose("hypotheses.null." + story),
            prose("hypotheses.alternative." + story),
            new Block.LevelEntry(prosePhrase("hypotheses.level"), ALPHA)));
  }

  private Step expected() {
    String route = choices.option(Independence.ROUTE);
    List<LineId> members = lines.ofFamilies("E");
    List<Block> blocks = new ArrayList<>();
    blocks.add(prose("expected.why." + story));
    blocks.add(prose("expected.how." + route));
    if (route.equals("share")) {
      blocks.add(new Block.Working(lines.ofFamilies("s"), LineId.of("s", example().row())));
    }
    blocks.add(new Block.Tables(List.of(observed(), expectedTable())));
    blocks.add(new Block.Working(members, LineId.of("E", example().row(), example().column())));
    blocks.add(new Block.Remark(Tone.CHECKED, Phrase.of("expected.totals-agree")));
    return new Step(
        "expected",
        summary("expected").with("cells", members.size()),
        lines.ofFamilies("s", "E", "E.R", "E.C", "E.n"),
        List.of(Independence.ROUTE),
        blocks);
  }

  private record Position(int row, int column) {}

  /// The first cell whose expected count is not whole: there the rounding shows.
  private Position example() {
    return lines.ofFamilies("E").stream()
        .filter(id -> !exact.of(id).isWhole())
        .findFirst()
        .map(
            id ->
                new Position(
                    Integer.parseInt(id.index().get(0)), Integer.parseInt(id.index().get(1))))
        .orElse(new Position(1, 1));
  }

  private boolean cochran() {
    return choices.option(Independence.RULE).equals("fifth-5");
  }

  List<Condition> conditions() {
    Phrase smallest = Phrase.of("condition.smallest").with("min", SMALLEST);
    Phrase few =
        Phrase.of("condition.few-below")
            .with("below", LineId.of("E.below5"))
            .with("cells", lines.ofFamilies("E").size())
            .with("min", SMALLEST);
    return List.of(
        new Condition("expected-at-least-5", verdict(everyAtLeastFive()), smallest),
        new Condition("expected-fifth-below-5", verdict(fewBelowFive()), few));
  }

  private static Condition.Verdict verdict(boolean holds) {
    return holds ? Condition.Verdict.HOLDS : Condition.Verdict.FAILS;
  }

  private boolean everyAtLeastFive() {
    return exact.of(SMALLEST).compareTo(FIVE) >= 0;
  }

  /// Cochran's (1954) rule: at most a fifth of the expected counts below 5 and none below 1.
  private boolean fewBelowFive() {
    Value fifth = Value.ratio(lines.ofFamilies("E").size(), 5);
    return exact.of("E.below5").compareTo(fifth) <= 0 && exact.of("E.below1").signum() == 0;
  }

  private boolean conditionHolds() {
    return cochran() ? fewBelowFive() : everyAtLeastFive();
  }

  private Step conditionsStep() {
    String rule = choices.option(Independence.RULE);
    List<Block> blocks = new ArrayList<>();
    blocks.add(prose("conditions.rule." + rule));
    Phrase verdict =
        Phrase.of((conditionHolds() ? "conditions.holds." : "conditions.fails.") + rule)
            .with("min", SMALLEST)
            .with("below", LineId.of("E.below5"))
            .with("cells", lines.ofFamilies("E").size());
    blocks.add(new Block.Remark(conditionHolds() ? Tone.CHECKED : Tone.WARNING, verdict));
    List<LineId> small = below("E");
    if (!small.isEmpty()) {
      blocks.add(new Block.Prose(Phrase.of("conditions.cells").with("list", cells(small))));
    }
    if (!conditionHolds()) {
      blocks.add(prose("conditions.ways-on"));
      boolean other = cochran() ? everyAtLeastFive() : fewBelowFive();
      if (other) {
        blocks.add(prose("conditions.other-rule-holds"));
      }
    }
    List<LineId> smallObserved = below("O");
    if (small.isEmpty() && !smallObserved.isEmpty()) {
      blocks.add(
          new Block.Remark(
              Tone.NOTE,
              Phrase.of("conditions.observed-small").with("list", cells(smallObserved))));
    }
    blocks.add(prose("conditions.design." + story));
    return new Step(
        "conditions",
        (conditionHolds() ? summary("conditions") : Phrase.of("summary.conditions.fails"))
            .with("min", SMALLEST),
        lines.ofFamilies("E.min", "E.below5", "E.below1"),
        List.of(Independence.RULE),
        blocks);
  }

  private List<LineId> below(String family) {
    return lines.ofFamilies(family).stream()
        .filter(id -> exact.of(id).compareTo(FIVE) < 0)
        .toList();
  }

  /// Cells with their numbers, as a list in words.
  private Phrase cells(List<LineId> ids) {
    Phrase list = cell(ids.getFirst());
    for (LineId id : ids.subList(1, Math.min(ids.size(), MOST_CELLS_NAMED))) {
      list = Phrase.of("list.and-then").with("before", list).with("next", cell(id));
    }
    return ids.size() <= MOST_CELLS_NAMED
        ? list
        : Phrase.of("list.and-more")
            .with("before", list)
            .with("more", ids.size() - MOST_CELLS_NAMED);
  }

  private Phrase cell(LineId id) {
    return Phrase.of("list.cell").with("place", lines.inOrder().get(id).label()).with("number", id);
  }

  private Step contributions() {
    List<LineId> members = lines.ofFamilies("K");
    LineId largest = ranked(members).getFirst();
    return new Step(
        "contributions",
        summary("contributions").with("place", lines.inOrder().get(largest).label()),
        lines.ofFamilies("D", "K", "K.max"),
        List.of(),
        List.of(
            prose("contributions.how"),
            new Block.Tables(
                List.of(
                    grid("D", "table.difference", Optional.of("D")),
                    grid("K", "table.contributions", Optional.of("D")))),
            new Block.Working(members, LineId.of("K", example().row(), example().column())),
            new Block.Prose(
                Phrase.of(direction(largest, "contributions.largest"))
                    .with("place", lines.inOrder().get(largest).label())
                    .with("number", largest))));
  }

  private String direction(LineId contribution, String key) {
    LineId difference = new LineId("D", contribution.index());
    return switch (exact.of(difference).signum()) {
      case 1 -> key + ".more";
      case -1 -> key + ".fewer";
      default -> key + ".none";
    };
  }

  private List<LineId> ranked(List<LineId> ids) {
    return ids.stream().sorted((a, b) -> exact.of(b).compareTo(exact.of(a))).toList();
  }

  private Step statistic() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(prose("statistic.how"));
    blocks.add(Block.Working.of(X2));
    blocks.add(new Block.Remark(Tone.CHECKED, Phrase.of("statistic.second-route")));
    if (table.isTwoByTwo()) {
      blocks.add(prose("statistic.yates"));
      blocks.add(new Block.Working(lines.ofFamilies("K.cc"), LineId.of("K.cc", 1, 1)));
      blocks.add(Block.Working.of(X2_CORRECTED));
      blocks.add(prose(corrected ? "statistic.decides.yates" : "statistic.decides.plain"));
      blocks.add(prose("statistic.two-shares"));
      blocks.add(Block.Working.of(LineId.of("z")));
      blocks.add(
          new Block.Remark(
              Tone.CHECKED,
              Phrase.of("statistic.z-squared")
                  .with("z", new Phrase.Stated(LineId.of("z")))
                  .with("square", new Phrase.Stated(LineId.of("z.squared")))));
    }
    blocks.add(prose("statistic.df"));
    blocks.add(Block.Working.of(DF));
    return new Step(
        "statistic",
        summary("statistic")
            .with("statistic", new Phrase.Stated(decidingStatistic()))
            .with("df", DF),
        lines.ofFamilies(
            "X2", "K.cc", "X2.cc", "p1", "p2", "pooled", "SE0", "z", "z.squared", "df"),
        table.isTwoByTwo() ? List.of(Independence.CORRECTION) : List.of(),
        blocks);
  }

  private LineId decidingStatistic() {
    return corrected ? X2_CORRECTED : X2;
  }

  private LineId decidingP() {
    return corrected ? P_CORRECTED : P;
  }

  private Step critical() {
    return new Step(
        "critical",
        summary("critical").with("crit", CRITICAL),
        List.of(CRITICAL),
        List.of(),
        List.of(
            new Block.Prose(
                Phrase.of("critical.how")
                    .with("df", DF)
                    .with("alpha", ALPHA)
                    .with("crit", CRITICAL)),
            new Block.TailCurve(decidingStatistic(), DF, CRITICAL, ALPHA, decidingP()),
            Block.Working.of(CRITICAL),
            new Block.Iterations(CRITICAL),
            new Block.TableExcerpt(DF, ALPHA, decidingStatistic(), Block.Emphasis.CRITICAL_VALUE)));
  }

  private Step pValue() {
    List<Block> blocks = new ArrayList<>();
    blocks.add(prose(exact.of(DF).decimal().intValueExact() % 2 == 0 ? "p.even" : "p.odd"));
    blocks.add(Block.Working.of(P));
    blocks.add(new Block.WrittenOut(P));
    blocks.add(new Block.TableExcerpt(DF, ALPHA, X2, Block.Emphasis.BRACKET));
    if (table.isTwoByTwo()) {
      blocks.add(
          new Block.Prose(
              Phrase.of("p.yates")
                  .with("statistic", new Phrase.Stated(X2_CORRECTED))
                  .with("p", new Phrase.Stated(P_CORRECTED))));
    }
    blocks.add(prose("p.meaning." + story));
    return new Step(
        "p",
        summary("p").with("p", new Phrase.Stated(decidingP())),
        lines.ofFamilies("p", "p.cc"),
        List.of(),
        blocks);
  }

  private Step conclusion() {
    String verdict = rejectOrKeep();
    List<Block> blocks = new ArrayList<>();
    blocks.add(
        new Block.Prose(
            Phrase.of("conclusion.critical." + verdict)
                .with("statistic", decidingStatistic())
                .with("crit", CRITICAL)));
    blocks.add(
        new Block.Prose(
            Phrase.of("conclusion.p." + verdict)
                .with("p", new Phrase.Stated(decidingP()))
                .with("alpha", ALPHA)));
    blocks.add(
        new Block.Prose(prosePhrase("conclusion." + story + "." + verdict).with("alpha", ALPHA)));
    blocks.add(new Block.Prose(Phrase.of("conclusion.smallest-level").with("p", decidingP())));
    if (!conditionHolds()) {
      blocks.add(new Block.Remark(Tone.WARNING, Phrase.of("conclusion.condition-fails")));
    }
    blocks.add(new Block.Remark(Tone.NOTE, prosePhrase("conclusion.not-cause")));
    blocks.add(new Block.ReportLine(report()));
    return new Step(
        "conclusion",
        Phrase.of("summary.conclusion." + verdict),
        lines.ofFamilies("decision", "decision.p"),
        List.of(),
        blocks);
  }

  private Phrase report() {
    return Phrase.of("conclusion.report")
        .with("df", DF)
        .with("n", N)
        .with("statistic", new Phrase.Reported(decidingStatistic(), 2, Phrase.LeadingZero.KEPT))
        .with("p", new Phrase.Reported(decidingP(), 3, Phrase.LeadingZero.LEFT_OUT))
        .with("effect", new Phrase.Reported(LineId.of("V"), 2, Phrase.LeadingZero.LEFT_OUT));
  }

  private Step closerLook() {
    List<LineId> all = lines.ofFamilies("K");
    List<LineId> ranked = ranked(all);
    return new Step(
        "closer-look",
        summary("closer-look"),
        lines.ofFamilies("resid", "adj", "V", "w"),
        List.of(),
        List.of(
            prose("closer-look.drives"),
            new Block.RankedBars(
                ranked,
                ranked.stream().map(id -> new LineId("D", id.index())).toList(),
                prosePhrase("figure.ranked")),
            new Block.PairedBars(observed(), expectedTable()),
            prose("closer-look.residuals"),
            new Block.Tables(
                List.of(
                    grid("resid", "table.standardised", Optional.of("D")),
                    grid("adj", "table.adjusted", Optional.of("D")))),
            new Block.Working(
                lines.ofFamilies("adj"), LineId.of("adj", example().row(), example().column())),
            prose("closer-look.effect"),
            Block.Working.of(LineId.of("V")),
            Block.Working.of(LineId.of("w"))));
  }

  private CellTable observed() {
    CellTable plain = grid("O", "table.observed", Optional.empty());
    return withTotals(plain, "R", "C", "n");
  }

  private CellTable expectedTable() {
    CellTable plain = grid("E", "table.expected", Optional.empty());
    return withTotals(plain, "E.R", "E.C", "E.n");
  }

  private CellTable withTotals(CellTable plain, String rows, String columns, String grand) {
    return new CellTable(
        plain.title(),
        plain.rows(),
        plain.columns(),
        plain.cells(),
        plain.shade(),
        lines.ofFamilies(rows),
        lines.ofFamilies(columns),
        Optional.of(LineId.of(grand)));
  }

  private CellTable grid(String family, String title, Optional<String> shade) {
    return new CellTable(
        Phrase.of(title).with("symbol", Symbol.of(symbolOf(family))),
        table.rows(),
        table.columns(),
        ids(family),
        shade.map(this::ids),
        List.of(),
        List.of(),
        Optional.empty());
  }

  private String symbolOf(String family) {
    return lines.inOrder().get(LineId.of(family, 1, 1)).symbol().letter();
  }

  private List<List<LineId>> ids(String family) {
    return IntStream.rangeClosed(1, table.rows().size())
        .mapToObj(
            i ->
                IntStream.rangeClosed(1, table.columns().size())
                    .mapToObj(j -> LineId.of(family, i, j))
                    .collect(Collectors.toList()))
        .collect(Collectors.toList());
  }

  private Phrase summary(String step) {
    return prosePhrase("summary." + step);
  }

  private Block.Prose prose(String key) {
    return new Block.Prose(prosePhrase(key));
  }

  private Phrase prosePhrase(String key) {
    return Phrase.of(key).with(usual);
  }
}
