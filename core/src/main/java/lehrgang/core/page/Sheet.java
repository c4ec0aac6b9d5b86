package lehrgang.core.page;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Step;
import lehrgang.core.derivation.StepOrder;
import lehrgang.core.expr.LineId;
import lehrgang.core.solution.StudentView;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Span;
import lehrgang.core.wording.Wording;

/// What a sheet with blanks asks for in a step, and what of the step stands on it.
final class Sheet {
  private final Numerals numerals;
  private final Wording wording;
  private final List<Step> steps;

  /// @param steps those on the sheet, in their order
  Sheet(Numerals numerals, Wording wording, List<Step> steps) {
    this.numerals = numerals;
    this.wording = wording;
    this.steps = steps;
  }

  /// What is to be done in a step. What is said to be worked is what is worked.
  Phrase task(Step step, StudentView view) {
    Optional<LineId> worked =
        view == StudentView.ONE_WORKED ? numerals.mask().workedIn(step.id()) : Optional.empty();
    return worked
        .map(
            line ->
                Phrase.of("task.one")
                    .with("name", TraceWriter.lowerFirst(numerals.heading(line, " (", ")"))))
        .orElseGet(() -> Phrase.of(key("task." + step.id(), step)));
  }

  /// A printed table asks for more than a working alone.
  private String key(String key, Step step) {
    if (step.id().equals(StepOrder.CRITICAL) && asksForDegreesOfFreedom(step)) {
      return key + ".rule";
    }
    String ending =
        Stream.of(Block.TableExcerpt.class, Block.NormalExcerpt.class)
            .filter(kind -> step.blocks().stream().anyMatch(kind::isInstance))
            .findFirst()
            .map(kind -> kind == Block.TableExcerpt.class ? ".bracket" : ".read")
            .orElse("");
    return Stream.of(key + ending, key).filter(wording::has).findFirst().orElse("task.other");
  }

  private static boolean asksForDegreesOfFreedom(Step step) {
    return step.blocks().stream()
        .anyMatch(
            block ->
                block instanceof Block.Working working && working.example().name().equals("df"));
  }

  /// Whether a block stands on the sheet at all: tables, formulas and figures do; sentences that
  /// give answers do not.
  boolean keeps(Block block, StudentView view) {
    return switch (block) {
      case Block.Prose _ -> view == StudentView.ONE_WORKED;
      case Block.Remark _, Block.ReportLine _, Block.WrittenOut _, Block.Iterations _ -> false;
      case Block.RankedBars _, Block.PairedBars _, Block.TypedNumber _, Block.Ways _ -> false;
      case Block.QuestionText _, Block.DataEntry _, Block.Tables _, Block.Working _ -> true;
      case Block.TailCurve _, Block.TableExcerpt _ -> true;
      case Block.NormalCurve _, Block.NormalExcerpt _, Block.Outcomes _ -> true;
      case Block.Intervals _,
          Block.Histogram _,
          Block.Missing _,
          Block.Beside _,
          Block.Beforehand _ ->
          false;
    };
  }

  /// Whether a block that is kept still stands on the sheet once it is set.
  boolean fits(PageBlock block, StudentView view) {
    return switch (block) {
      case PageBlock.Paragraph(_, var spans) ->
          view == StudentView.ONE_WORKED && spans.stream().noneMatch(Span.Live.class::isInstance);
      default -> true;
    };
  }

  /// A whole printed table stands on the sheet once; later steps send the reader there.
  PageBlock once(PageBlock block, Step step) {
    if (!(block instanceof PageBlock.Excerpt excerpt) || !excerpt.isWhole()) {
      return block;
    }
    int first =
        IntStream.range(0, steps.size())
            .filter(k -> prints(steps.get(k), excerpt.corner()))
            .findFirst()
            .orElse(steps.size());
    return first < steps.indexOf(step)
        ? new PageBlock.SeeTable(
            wording.text(Phrase.of("task.table-above").with("step", first + 1)))
        : block;
  }

  private boolean prints(Step step, String corner) {
    return step.blocks().stream()
        .anyMatch(
            block ->
                switch (block) {
                  case Block.TableExcerpt table ->
                      !corner.equals("z") && (hides(table.df()) || hides(table.answer()));
                  case Block.NormalExcerpt table ->
                      corner.equals("z") && (hides(table.point()) || hides(table.answer()));
                  default -> false;
                });
  }

  private boolean hides(LineId line) {
    return numerals.mask().hides(line);
  }

  /// Whether there is room for answers in a block.
  static boolean hasBlanks(PageBlock block) {
    return block instanceof PageBlock.Grids
        || block instanceof PageBlock.Worked
        || block instanceof PageBlock.DataTable;
  }
}
