package lehrgang.core.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.CellTable;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Reading;
import lehrgang.core.derivation.Step;
import lehrgang.core.distribution.RootFinding;
import lehrgang.core.distribution.RootSearch;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Shown;
import lehrgang.core.number.Value;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.page.PageBlock.GridCell;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Span;
import lehrgang.core.wording.Wording;

/// Sets a step's blocks for an audience.
final class StepSetter {
  private static final int ITERATION_DIGITS = 10;
  private static final int ANSWER_LINES = 3;

  private final Solution solution;
  private final Derivation derivation;
  private final Typesetter typesetter;
  private final Wording wording;
  private final Mask mask;
  private final Audience audience;
  private final FigureSetter figures;
  private final ExcerptSetter excerpts;
  private Optional<Evaluation> onTheWay = Optional.empty();

  StepSetter(
      Solution solution,
      Derivation derivation,
      Typesetter typesetter,
      Wording wording,
      Mask mask,
      Audience audience) {
    this.solution = solution;
    this.derivation = derivation;
    this.typesetter = typesetter;
    this.wording = wording;
    this.mask = mask;
    this.audience = audience;
    this.figures = new FigureSetter(derivation, typesetter, wording, mask);
    this.excerpts = new ExcerptSetter(typesetter, mask);
  }

  PageStep set(Step step, int number) {
    StudentView view = solution.studentView(step.id());
    List<PageBlock> blocks = new ArrayList<>();
    boolean open = audience == Audience.FULL || view == StudentView.GIVEN;
    if (!open) {
      blocks.add(new PageBlock.Task(task(step, view)));
    }
    boolean answered = open || audience == Audience.KEY;
    for (Block block : step.blocks()) {
      if (answered && block instanceof Block.DataEntry) {
        solution
            .origin()
            .map(origin -> ProvenanceSetter.of(origin, wording))
            .ifPresent(blocks::add);
      }
      if (answered || keptOnSheet(block, view)) {
        set(block).filter(set -> answered || fitsSheet(set, view)).ifPresent(blocks::add);
      }
      if (answered && block instanceof Block.Working(_, var line)) {
        roundingRemark(line).ifPresent(blocks::add);
      }
    }
    if (!answered && blocks.stream().noneMatch(StepSetter::hasBlanks)) {
      blocks.add(new PageBlock.AnswerSpace(ANSWER_LINES));
    }
    return new PageStep(
        step.id(),
        number,
        wording.text("step." + step.id()),
        typesetter.text(step.summary()),
        view,
        step.options(),
        blocks);
  }

  private String task(Step step, StudentView view) {
    String key = "task." + step.id();
    if (view == StudentView.ONE_WORKED && wording.has(key + ".one")) {
      return wording.text(key + ".one");
    }
    return wording.text(wording.has(key) ? key : "task.other");
  }

  /// On a sheet with blanks the tables, formulas and figures stay; sentences that give answers do
  /// not.
  private static boolean keptOnSheet(Block block, StudentView view) {
    return switch (block) {
      case Block.Prose _ -> view == StudentView.ONE_WORKED;
      case Block.Remark _, Block.ReportLine _, Block.WrittenOut _, Block.Iterations _ -> false;
      case Block.RankedBars _, Block.PairedBars _, Block.TypedNumber _, Block.Ways _ -> false;
      case Block.QuestionText _, Block.DataEntry _, Block.Tables _, Block.Working _ -> true;
      case Block.TailCurve _, Block.TableExcerpt _ -> true;
      case Block.NormalCurve _, Block.NormalExcerpt _, Block.Outcomes _ -> true;
      case Block.Intervals _, Block.Histogram _ -> false;
    };
  }

  private static boolean fitsSheet(PageBlock block, StudentView view) {
    return switch (block) {
      case PageBlock.Paragraph(_, var spans) ->
          view == StudentView.ONE_WORKED && spans.stream().noneMatch(Span.Live.class::isInstance);
      default -> true;
    };
  }

  private static boolean hasBlanks(PageBlock block) {
    return block instanceof PageBlock.Grids
        || block instanceof PageBlock.Worked
        || block instanceof PageBlock.DataTable;
  }

  private Optional<PageBlock> set(Block block) {
    return switch (block) {
      case Block.Prose(var phrase) ->
          sentence(phrase).map(s -> new PageBlock.Paragraph(phrase.key(), s));
      case Block.Remark(var tone, var phrase) ->
          sentence(phrase).map(s -> new PageBlock.Remark(tone, phrase.key(), s));
      case Block.QuestionText() -> Optional.of(new PageBlock.QuestionText(solution.question()));
      case Block.DataEntry(var layers) ->
          Optional.of(new PageBlock.DataTable(layers.stream().map(this::grid).toList()));
      case Block.TypedNumber(var phrase, var field, var line) ->
          Optional.of(
              new PageBlock.TypedNumber(
                  typesetter.spans(phrase.with(line.name(), line)), field, line));
      case Block.Tables(var tables) ->
          Optional.of(new PageBlock.Grids(tables.stream().map(this::grid).toList()));
      case Block.Working(var family, var example) ->
          Optional.of(
              new PageBlock.Worked(example, family, typesetter.chain(example), mask.of(example)));
      case Block.WrittenOut(var line) ->
          Optional.of(typesetter.innerWorkings(line))
              .filter(chains -> !chains.isEmpty())
              .map(PageBlock.WrittenOut::new);
      case Block.Iterations(var line) -> iterations(line);
      case Block.TailCurve curve -> Optional.of(new PageBlock.Figure(figures.curve(curve)));
      case Block.TableExcerpt excerpt -> Optional.of(excerpts.chiSquared(excerpt));
      case Block.NormalExcerpt(var point, var emphasis) ->
          Optional.of(excerpts.normal(point, emphasis));
      case Block.NormalCurve curve -> Optional.of(new PageBlock.Figure(figures.normal(curve)));
      case Block.Outcomes outcomes -> Optional.of(outcomes(outcomes));
      case Block.Intervals intervals ->
          Optional.of(new PageBlock.Figure(figures.intervals(intervals)));
      case Block.Histogram histogram ->
          Optional.of(new PageBlock.Figure(figures.histogram(histogram)));
      case Block.Ways ways ->
          audience == Audience.FULL ? Optional.of(ways(ways)) : Optional.empty();
      case Block.PairedBars bars -> Optional.of(new PageBlock.Figure(figures.paired(bars)));
      case Block.RankedBars bars -> Optional.of(new PageBlock.Figure(figures.ranked(bars)));
      case Block.ReportLine(var phrase) ->
          Optional.of(new PageBlock.Report(typesetter.text(phrase)));
    };
  }

  private PageBlock outcomes(Block.Outcomes outcomes) {
    List<PageBlock.Outcome> rows = new ArrayList<>();
    for (int k = 0; k < outcomes.lines().size(); k++) {
      LineId id = outcomes.lines().get(k);
      boolean hidden = mask.hides(id);
      rows.add(
          new PageBlock.Outcome(
              id,
              outcomes.names().get(k),
              hidden ? "" : typesetter.fractionOf(id),
              hidden ? "" : typesetter.shown(id).standalone(),
              typesetter.values().of(id).asDouble(),
              mask.of(id),
              k == outcomes.own() ? PageBlock.Use.OWN : PageBlock.Use.NEIGHBOUR,
              outcomes.summed().contains(k) && !mask.hides(LineId.of("p"))
                  ? PageBlock.Share.SUMMED
                  : PageBlock.Share.LEFT_ALONE));
    }
    return new PageBlock.Outcomes(
        typesetter.text(outcomes.head()),
        wording.text("outcomes.fraction"),
        wording.text("outcomes.probability.head"),
        rows,
        figures.outcomes(rows, typesetter.text(outcomes.head())));
  }

  private PageBlock ways(Block.Ways ways) {
    return new PageBlock.Ways(
        ways.intro().map(typesetter::text).orElse(""),
        ways.ways().stream()
            .map(
                way ->
                    new PageBlock.Way(
                        way.change(), typesetter.text(way.name()), typesetter.text(way.effect())))
            .toList());
  }

  /// A sentence, unless it speaks of a step that this audience does not have.
  private Optional<List<Span>> sentence(Phrase phrase) {
    List<Span> spans = typesetter.spans(phrase);
    boolean speaksOfNothing =
        spans.stream()
            .anyMatch(span -> span instanceof Span.Live(var id, _, _) && mask.leavesOut(id));
    return speaksOfNothing ? Optional.empty() : Optional.of(spans);
  }

  private Grid grid(CellTable table) {
    double largest =
        table.shade().isEmpty()
            ? 0
            : table.cells().stream()
                .flatMap(List::stream)
                .mapToDouble(id -> Math.abs(typesetter.values().of(id).asDouble()))
                .max()
                .orElse(0);
    List<List<GridCell>> cells =
        IntStream.range(0, table.cells().size())
            .mapToObj(
                i ->
                    IntStream.range(0, table.cells().get(i).size())
                        .mapToObj(j -> cell(table, i, j, largest))
                        .toList())
            .toList();
    return new Grid(
        typesetter.spans(table.title()),
        table.rows().stream().map(typesetter::text).toList(),
        table.columns().stream().map(typesetter::text).toList(),
        cells,
        table.rowTotals().stream().map(id -> cell(id, 0, false)).toList(),
        table.columnTotals().stream().map(id -> cell(id, 0, false)).toList(),
        table.grandTotal().map(id -> cell(id, 0, false)),
        wording.text("table.total"));
  }

  private GridCell cell(CellTable table, int row, int column, double largest) {
    LineId id = table.cells().get(row).get(column);
    double shade =
        table
            .shade()
            .map(
                signs ->
                    shade(
                        typesetter.values().of(id),
                        typesetter.values().of(signs.get(row).get(column)),
                        largest))
            .orElse(0.0);
    return cell(id, mask.hides(id) ? 0 : shade, hasSigns(table));
  }

  /// Whether the numbers of a table are above and below 0 themselves.
  private boolean hasSigns(CellTable table) {
    return table.cells().stream()
        .flatMap(List::stream)
        .anyMatch(id -> typesetter.values().of(id).signum() < 0);
  }

  private static double shade(Value value, Value sign, double largest) {
    return largest == 0 ? 0 : sign.signum() * Math.abs(value.asDouble()) / largest;
  }

  private GridCell cell(LineId id, double shade, boolean signed) {
    Line line = derivation.line(id);
    String text = mask.hides(id) ? "" : typesetter.shown(id).standalone();
    String sign = shade > 0 ? "+" : shade < 0 ? "−" : "";
    boolean inNumber = signed || text.isEmpty();
    String plus = signed && shade > 0 ? sign : "";
    return new GridCell(id, plus + text, inNumber ? "" : sign, line.role(), mask.of(id), shade);
  }

  private Optional<PageBlock> iterations(LineId id) {
    if (mask.hides(id)) {
      return Optional.empty();
    }
    return search(derivation.line(id).formula())
        .map(
            search ->
                new PageBlock.Iterations(
                    wording.text("iterations.start." + search.function()),
                    List.of(
                        wording.text("iterations.step"),
                        wording.text("iterations.point"),
                        wording.text("iterations.area")),
                    rows(search.search())));
  }

  /// @param function the key of the function whose root was searched
  private record Found(String function, RootSearch search) {}

  private Optional<Found> search(Expr formula) {
    if (!(formula instanceof Expr.Named(var function, var arguments))) {
      return formula.parts().stream().map(this::search).flatMap(Optional::stream).findFirst();
    }
    List<Value> values =
        arguments.stream().map(new Evaluator(typesetter.values()::of)::evaluate).toList();
    Expr written = function.written(arguments, values);
    if (!written.equals(formula)) {
      return search(written);
    }
    return function instanceof RootFinding finding
        ? Optional.of(new Found(function.key(), finding.search(values)))
        : Optional.empty();
  }

  private List<List<String>> rows(RootSearch search) {
    List<List<String>> rows = new ArrayList<>();
    for (RootSearch.Iteration iteration : search.steps()) {
      List<String> row =
          List.of(
              Integer.toString(rows.size()), digits(iteration.point()), digits(iteration.area()));
      if (!rows.isEmpty() && rows.getLast().subList(1, 3).equals(row.subList(1, 3))) {
        break;
      }
      rows.add(row);
    }
    return rows;
  }

  private String digits(Value value) {
    return typesetter.format().style().significant(value, ITERATION_DIGITS).text();
  }

  private Evaluation roundedOnTheWay() {
    if (onTheWay.isEmpty()) {
      onTheWay =
          Optional.of(
              derivation.evaluate(new Reading.RoundedOnTheWay(solution.choices().shownDecimals())));
    }
    return onTheWay.get();
  }

  /// Says once where rounding on the way would show.
  private Optional<PageBlock> roundingRemark(LineId id) {
    if (derivation.line(id).kind() != Kind.STATISTIC) {
      return Optional.empty();
    }
    Shown exact = typesetter.shown(id, derivation.exact().of(id));
    Shown onTheWay = typesetter.shown(id, roundedOnTheWay().of(id));
    if (exact.text().equals(onTheWay.text()) || mask.hides(id)) {
      return Optional.empty();
    }
    Phrase phrase =
        Phrase.of("remark.on-the-way")
            .with("symbol", typesetter.symbol(id))
            .with("rounded", onTheWay.standalone())
            .with("exact", exact.standalone());
    return Optional.of(
        new PageBlock.Remark(Block.Tone.NOTE, phrase.key(), typesetter.spans(phrase)));
  }
}
