package lehrgang.core.lesson;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.page.PageBlock;
import lehrgang.core.wording.Span;

/// The order in which the blocks of a step are told: no number before it is worked out.
final class TellingOrder {
  private TellingOrder() {}

  /// What speaks of a number stands after the working by which it comes about.
  static List<PageBlock> of(List<PageBlock> blocks) {
    Map<LineId, Integer> worked = new HashMap<>();
    for (int k = 0; k < blocks.size(); k++) {
      if (blocks.get(k) instanceof PageBlock.Worked(var line, _, _, _, _)) {
        worked.putIfAbsent(line, k);
      }
    }
    record Placed(PageBlock block, int after, int place) {}
    List<Placed> placed = new ArrayList<>();
    for (int k = 0; k < blocks.size(); k++) {
      int own = k;
      int after =
          spokenOf(blocks.get(k)).map(line -> worked.getOrDefault(line, -1)).reduce(own, Math::max);
      placed.add(new Placed(blocks.get(k), after, own));
    }
    return placed.stream()
        .sorted(
            Comparator.comparingInt(Placed::after)
                .thenComparing(one -> !(one.block() instanceof PageBlock.Worked))
                .thenComparingInt(Placed::place))
        .map(Placed::block)
        .toList();
  }

  /// The lines whose numbers a block tells in passing.
  private static Stream<LineId> spokenOf(PageBlock block) {
    return switch (block) {
      case PageBlock.Paragraph(_, var spans) -> spans.stream().flatMap(TellingOrder::lines);
      case PageBlock.Remark(_, _, var spans) -> spans.stream().flatMap(TellingOrder::lines);
      case PageBlock.Figure(var figure) -> marked(figure);
      default -> Stream.empty();
    };
  }

  private static Stream<LineId> lines(Span span) {
    return switch (span) {
      case Span.Words _ -> Stream.empty();
      case Span.Live(var line, _, _) -> Stream.of(line);
      case Span.Formula(var box) -> linked(box);
    };
  }

  private static Stream<LineId> linked(Box box) {
    return switch (box) {
      case Box.Linked(var line, _) -> Stream.of(line);
      case Box.Row(var parts) -> parts.stream().flatMap(TellingOrder::linked);
      default -> Stream.empty();
    };
  }

  private static Stream<LineId> marked(FigureSpec figure) {
    return switch (figure) {
      case FigureSpec.Curve(_, var critical, var statistic, _, _) ->
          Stream.of(critical, statistic).flatMap(Optional::stream).map(FigureSpec.Mark::line);
      case FigureSpec.NormalCurve(_, var critical, var statistic, _, _) ->
          Stream.of(critical, statistic).flatMap(Optional::stream).map(FigureSpec.Mark::line);
      default -> Stream.empty();
    };
  }
}
