package lehrgang.core.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Step;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Chain;
import lehrgang.core.number.Value;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Span;
import lehrgang.core.wording.Wording;

/// Sets a step's blocks for an audience.
final class StepSetter {
  private static final int ANSWER_LINES = 3;

  private final Solution solution;
  private final Numerals numerals;
  private final ChainSetter chains;
  private final Wording wording;
  private final Mask mask;
  private final Audience audience;
  private final GridSetter grids;
  private final FigureSetter figures;
  private final ExcerptSetter excerpts;
  private final IterationsSetter iterations;
  private final Function<LineId, Optional<PageBlock>> roundingRemark;

  /// @param roundingRemark what is to be said of a line where rounding on the way would show
  StepSetter(
      Solution solution,
      Numerals numerals,
      ChainSetter chains,
      Wording wording,
      Audience audience,
      Function<LineId, Optional<PageBlock>> roundingRemark) {
    this.solution = solution;
    this.numerals = numerals;
    this.chains = chains;
    this.wording = wording;
    this.mask = numerals.mask();
    this.audience = audience;
    this.grids = new GridSetter(numerals, wording);
    this.figures = new FigureSetter(numerals, wording);
    this.excerpts = new ExcerptSetter(numerals);
    this.iterations = new IterationsSetter(numerals, wording);
    this.roundingRemark = roundingRemark;
  }

  PageStep set(Step step, int number) {
    StudentView view = solution.studentView(step.id());
    return new PageStep(
        step.id(),
        number,
        wording.text("step." + step.id()),
        isAnswered(view) ? numerals.text(step.summary()) : "",
        view,
        () -> blocks(step, view));
  }

  private boolean isOpen(StudentView view) {
    return audience == Audience.FULL || view == StudentView.GIVEN;
  }

  private boolean isAnswered(StudentView view) {
    return isOpen(view) || audience == Audience.KEY;
  }

  private List<PageBlock> blocks(Step step, StudentView view) {
    MissingNumbers missing = new MissingNumbers(numerals, chains);
    List<PageBlock> blocks = new ArrayList<>();
    if (!isOpen(view)) {
      blocks.add(new PageBlock.Task(task(step, view)));
    }
    boolean answered = isAnswered(view);
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
      if (answered) {
        after(block, missing).forEach(blocks::add);
      }
    }
    if (!answered && blocks.stream().noneMatch(StepSetter::hasBlanks)) {
      blocks.add(new PageBlock.AnswerSpace(ANSWER_LINES));
    }
    return blocks;
  }

  /// What is to be said after a block: why its numbers are missing, or what rounding would do.
  private List<PageBlock> after(Block block, MissingNumbers missing) {
    List<PageBlock> remarks = new ArrayList<>();
    switch (block) {
      case Block.Working working -> {
        working.family().forEach(line -> remarks.addAll(missing.remarks(line)));
        roundingRemark.apply(shownOf(working)).ifPresent(remarks::add);
      }
      case Block.Missing(var line) -> remarks.addAll(missing.remarks(line));
      default -> {}
    }
    return remarks;
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
      case Block.Intervals _, Block.Histogram _, Block.Missing _ -> false;
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
      case Block.Prose(var phrase, var grounds) ->
          sentence(phrase, grounds).map(s -> new PageBlock.Paragraph(phrase.key(), s));
      case Block.Remark(var tone, var phrase, var grounds) ->
          sentence(phrase, grounds).map(s -> new PageBlock.Remark(tone, phrase.key(), s));
      case Block.Missing _ -> Optional.empty();
      case Block.QuestionText() -> Optional.of(new PageBlock.QuestionText(solution.question()));
      case Block.DataEntry(var layers) ->
          Optional.of(new PageBlock.DataTable(layers.stream().map(grids::grid).toList()));
      case Block.TypedNumber(var phrase, var field, var line) ->
          Optional.of(new PageBlock.TypedNumber(numerals.spans(phrase), field, line));
      case Block.Tables(var tables) ->
          Optional.of(new PageBlock.Grids(tables.stream().map(grids::grid).toList()));
      case Block.Working working -> Optional.of(worked(working.family(), shownOf(working)));
      case Block.WrittenOut(var line) ->
          Optional.of(chains.innerWorkings(line))
              .filter(workings -> !workings.isEmpty())
              .map(PageBlock.WrittenOut::new);
      case Block.Iterations(var line) -> iterations.set(line);
      case Block.TailCurve curve -> figure(figures.curve(curve));
      case Block.TableExcerpt excerpt -> excerpts.chiSquared(excerpt);
      case Block.NormalExcerpt excerpt -> excerpts.normal(excerpt);
      case Block.NormalCurve curve -> figure(figures.normal(curve));
      case Block.Outcomes outcomes -> Optional.of(outcomes(outcomes));
      case Block.Intervals intervals -> figure(figures.intervals(intervals));
      case Block.Histogram histogram -> figure(figures.histogram(histogram));
      case Block.Ways ways ->
          audience == Audience.FULL ? Optional.of(ways(ways)) : Optional.empty();
      case Block.PairedBars bars -> figure(figures.paired(bars));
      case Block.RankedBars bars -> figure(figures.ranked(bars));
      case Block.ReportLine(var phrase) ->
          sentence(phrase, reported(phrase)).map(Span::plain).map(PageBlock.Report::new);
    };
  }

  /// The lines whose numbers a report gives: it gives all or is not there.
  private static List<LineId> reported(Phrase phrase) {
    return phrase.fillings().values().stream()
        .filter(Phrase.Reported.class::isInstance)
        .map(filling -> ((Phrase.Reported) filling).line())
        .toList();
  }

  private static Optional<PageBlock> figure(Optional<? extends FigureSpec> spec) {
    return spec.map(PageBlock.Figure::new);
  }

  /// The example of a family, or another member that this audience sees where it does not see that.
  private LineId shownOf(Block.Working working) {
    LineId example = mask.example(working);
    return mask.hides(example)
        ? working.family().stream().filter(line -> !mask.hides(line)).findFirst().orElse(example)
        : example;
  }

  private PageBlock worked(List<LineId> family, LineId line) {
    Chain chain = chains.chain(line);
    return new PageBlock.Worked(line, family, chain, mask.of(line));
  }

  private PageBlock outcomes(Block.Outcomes block) {
    List<PageBlock.Outcome> rows = new ArrayList<>();
    Optional<Integer> observed =
        numerals
            .values()
            .find(block.observed())
            .flatMap(
                value ->
                    block.outcomes().stream()
                        .map(Block.Outcome::number)
                        .filter(number -> value.compareTo(Value.of(number)) == 0)
                        .findFirst());
    boolean sumIsSeen = !mask.hides(block.p());
    for (Block.Outcome outcome : block.outcomes()) {
      LineId id = outcome.probability();
      boolean own = observed.filter(number -> number == outcome.number()).isPresent();
      boolean summed = sumIsSeen && numerals.values().holds(outcome.summed());
      rows.add(
          new PageBlock.Outcome(
              id,
              Integer.toString(outcome.number()),
              numerals.fractionOf(id),
              numerals.shown(id).standalone(),
              numerals.values().find(id).map(Value::asDouble).orElse(0.0),
              mask.of(id),
              own ? PageBlock.Use.OWN : PageBlock.Use.NEIGHBOUR,
              summed ? PageBlock.Share.SUMMED : PageBlock.Share.LEFT_ALONE));
    }
    return new PageBlock.Outcomes(
        numerals.text(block.head()),
        wording.text("outcomes.fraction"),
        wording.text("outcomes.probability.head"),
        rows,
        figures.outcomes(rows, numerals.text(block.head())));
  }

  private PageBlock ways(Block.Ways ways) {
    return new PageBlock.Ways(
        ways.intro().map(numerals::text).orElse(""),
        ways.ways().stream()
            .map(
                way ->
                    new PageBlock.Way(
                        way.change(), numerals.text(way.name()), numerals.text(way.effect())))
            .toList());
  }

  /// A sentence, unless it speaks of a step that this audience does not have, rests on what it is
  /// not to see, or speaks of a number that is missing.
  private Optional<List<Span>> sentence(Phrase phrase, List<LineId> grounds) {
    if (grounds.stream().anyMatch(line -> numerals.values().find(line).isEmpty())) {
      return Optional.empty();
    }
    List<Span> spans = numerals.spans(phrase);
    boolean speaksOfNothing =
        spans.stream()
            .anyMatch(
                span ->
                    span instanceof Span.Live(var id, _, _)
                        && (mask.leavesOut(id)
                            || !mask.hides(id) && numerals.values().find(id).isEmpty()));
    return speaksOfNothing ? Optional.empty() : Optional.of(spans);
  }
}
