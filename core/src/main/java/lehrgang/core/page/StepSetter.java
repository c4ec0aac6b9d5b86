package lehrgang.core.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Step;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Chain;
import lehrgang.core.page.PageBlock.NoteKind;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StepNotes;
import lehrgang.core.solution.StudentView;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Span;
import lehrgang.core.wording.Wording;
import lehrgang.core.work.Progress;

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
  private final OutcomesSetter outcomes;
  private final ExcerptSetter excerpts;
  private final IterationsSetter iterations;
  private final MissingNumbers missing;
  private final Sheet sheet;
  private final Function<LineId, Optional<PageBlock>> roundingRemark;

  /// @param sheet what stands on a sheet with blanks
  /// @param roundingRemark what is to be said of a line where rounding on the way would show
  StepSetter(
      Solution solution,
      Numerals numerals,
      ChainSetter chains,
      Wording wording,
      Audience audience,
      Sheet sheet,
      Function<LineId, Optional<PageBlock>> roundingRemark) {
    this.solution = solution;
    this.numerals = numerals;
    this.chains = chains;
    this.wording = wording;
    this.mask = numerals.mask();
    this.audience = audience;
    this.grids = new GridSetter(numerals, wording);
    this.figures = new FigureSetter(numerals, wording);
    this.outcomes = new OutcomesSetter(numerals, wording);
    this.excerpts = new ExcerptSetter(numerals);
    this.iterations = new IterationsSetter(numerals, wording);
    this.missing = new MissingNumbers(numerals, chains);
    this.sheet = sheet;
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
    boolean answered = isAnswered(view);
    List<PageBlock> blocks = new ArrayList<>();
    if (!isOpen(view)) {
      Phrase task = sheet.task(step, view);
      blocks.add(new PageBlock.Task(numerals.template(task), wording.text(task)));
    }
    blocks.addAll(
        answered
            ? step.blocks().stream().flatMap(Block::each).flatMap(this::answered).toList()
            : step.blocks().stream().flatMap(block -> asked(block, step, view)).toList());
    if (!answered && blocks.stream().noneMatch(Sheet::hasBlanks)) {
      blocks.add(new PageBlock.AnswerSpace(ANSWER_LINES));
    }
    blocks.addAll(notes(solution.notes(step.id()), answered));
    return blocks;
  }

  /// What the instructor says here; a hint is for whoever is to find the numbers.
  private List<PageBlock> notes(StepNotes notes, boolean answered) {
    List<PageBlock> said = new ArrayList<>();
    if (!notes.note().isBlank()) {
      said.add(new PageBlock.Note(NoteKind.NOTE, "", notes.note()));
    }
    if (!notes.hint().isBlank() && !answered) {
      said.add(new PageBlock.Note(NoteKind.HINT, wording.text("note.hint"), notes.hint()));
    }
    if (!notes.source().isBlank()) {
      said.add(new PageBlock.Note(NoteKind.SOURCE, wording.text("note.source"), notes.source()));
    }
    return said;
  }

  /// A block with all that is to be said before and after it.
  private Stream<PageBlock> answered(Block block) {
    List<PageBlock> blocks = new ArrayList<>();
    if (block instanceof Block.DataEntry) {
      solution.origin().map(origin -> ProvenanceSetter.of(origin, wording)).ifPresent(blocks::add);
    }
    set(block).ifPresent(blocks::add);
    blocks.addAll(after(block));
    return blocks.stream();
  }

  /// A block as far as it stands on a sheet with blanks.
  private Stream<PageBlock> asked(Block block, Step step, StudentView view) {
    return sheet.keeps(block, view)
        ? set(block).filter(set -> sheet.fits(set, view)).map(set -> sheet.once(set, step)).stream()
        : Stream.empty();
  }

  /// What is to be said after a block: why its numbers are missing, or what rounding would do.
  private List<PageBlock> after(Block block) {
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

  private Optional<PageBlock> set(Block block) {
    Progress.checkStopped();
    return switch (block) {
      case Block.Prose(var phrase, var grounds) ->
          sentence(phrase, grounds).map(s -> new PageBlock.Paragraph(numerals.template(phrase), s));
      case Block.Remark(var tone, var phrase, var grounds) ->
          sentence(phrase, grounds)
              .map(s -> new PageBlock.Remark(tone, numerals.template(phrase), s));
      case Block.Missing _, Block.Beside _, Block.Beforehand _ -> Optional.empty();
      case Block.QuestionText() ->
          Optional.of(
              new PageBlock.QuestionText(
                  new QuestionNumbers(numerals).filled(solution.question())));
      case Block.DataEntry(var layers) ->
          Optional.of(new PageBlock.DataTable(layers.stream().map(grids::grid).toList()));
      case Block.TypedNumber(var phrase, var field, var line) ->
          Optional.of(
              new PageBlock.TypedNumber(
                  numerals.template(phrase), numerals.spans(phrase), field, line));
      case Block.Tables(var tables) ->
          Optional.of(new PageBlock.Grids(tables.stream().map(grids::grid).toList()));
      case Block.Working working -> Optional.of(worked(working.family(), shownOf(working)));
      case Block.WrittenOut(var line) ->
          Optional.of(chains.innerWorkings(line))
              .filter(workings -> !workings.isEmpty())
              .map(workings -> new PageBlock.WrittenOut(wording.text("fold.area"), workings));
      case Block.Iterations(var line) -> iterations.set(line);
      case Block.TailCurve curve -> figure(figures.curve(curve));
      case Block.TableExcerpt excerpt -> excerpts.chiSquared(excerpt);
      case Block.NormalExcerpt excerpt -> excerpts.normal(excerpt);
      case Block.NormalCurve curve -> figure(figures.normal(curve));
      case Block.Outcomes list -> Optional.of(outcomes.set(list));
      case Block.Intervals intervals -> figure(figures.intervals(intervals));
      case Block.Histogram histogram -> figure(figures.histogram(histogram));
      case Block.Ways ways ->
          audience == Audience.FULL ? Optional.of(ways(ways)) : Optional.empty();
      case Block.PairedBars bars -> figure(figures.paired(bars));
      case Block.RankedBars bars -> figure(figures.ranked(bars));
      case Block.ReportLine(var phrase) ->
          sentence(phrase, reported(phrase))
              .map(Span::plain)
              .map(text -> new PageBlock.Report(numerals.template(phrase), text));
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
    String asked = mask.hides(line) ? numerals.heading(line, " (", ")") : "";
    return new PageBlock.Worked(line, family, chain, mask.of(line), asked);
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
