package lehrgang.core.page;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import lehrgang.core.expr.LineId;
import lehrgang.core.wording.Span;

/// The blanks of a sheet, numbered from 1 in the order in which they stand on it: the same numbers
/// in every form of the sheet and in its key. A number that is asked for in several places has one
/// number.
public final class Blanks {
  private final Page page;
  private final Map<LineId, Integer> numbers = new LinkedHashMap<>();
  private final Map<String, List<LineId>> bySteps = new LinkedHashMap<>();

  private Blanks(Page page) {
    this.page = page;
    for (PageStep step : page.steps()) {
      List<LineId> here = new ArrayList<>();
      step.blocks().stream()
          .flatMap(this::asked)
          .filter(line -> numbers.putIfAbsent(line, numbers.size() + 1) == null)
          .forEach(here::add);
      bySteps.put(step.id(), here);
    }
  }

  /// @param sheet a page for students; any other has no blanks
  public static Blanks of(Page sheet) {
    return new Blanks(sheet);
  }

  private Stream<LineId> asked(PageBlock block) {
    return switch (block) {
      case PageBlock.DataTable(var layers) -> layers.stream().flatMap(this::asked);
      case PageBlock.Grids(var grids) -> grids.stream().flatMap(this::asked);
      case PageBlock.Worked worked -> Stream.of(worked.line()).filter(this::isBlank);
      case PageBlock.Paragraph(_, var spans) -> asked(spans);
      case PageBlock.Remark(_, _, var spans) -> asked(spans);
      case PageBlock.TypedNumber(_, var spans, _, _) -> asked(spans);
      default -> Stream.empty();
    };
  }

  private Stream<LineId> asked(PageBlock.Grid grid) {
    return grid.cells().stream()
        .flatMap(List::stream)
        .filter(cell -> cell.appearance() == Appearance.BLANK)
        .map(PageBlock.GridCell::line);
  }

  private Stream<LineId> asked(List<Span> spans) {
    return spans.stream()
        .filter(Span.Live.class::isInstance)
        .map(span -> ((Span.Live) span).line())
        .filter(this::isBlank);
  }

  private boolean isBlank(LineId line) {
    return page.appearance(line) == Appearance.BLANK;
  }

  /// The number of the blank in which a line is asked for; empty for one that is not.
  public Optional<Integer> number(LineId line) {
    return Optional.ofNullable(numbers.get(line));
  }

  /// How many there are.
  public int count() {
    return numbers.size();
  }

  /// What is asked for, in order.
  public List<LineId> lines() {
    return List.copyOf(numbers.keySet());
  }

  /// What a step asks for that no step before it does; empty for a step that is not on the sheet.
  public List<LineId> in(String step) {
    return Collections.unmodifiableList(bySteps.getOrDefault(step, List.of()));
  }
}
