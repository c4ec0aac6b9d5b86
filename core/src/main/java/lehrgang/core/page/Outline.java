package lehrgang.core.page;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import lehrgang.core.data.TableEntry;
import lehrgang.core.derivation.Role;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.page.PageBlock.GridCell;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Span;
import lehrgang.core.wording.Wording;

/// The steps of a solution that cannot be worked out yet: what is to be typed, and nothing else. As
/// long as there are no lines, what is typed stands for none that a derivation has.
public final class Outline {
  private Outline() {}

  /// The question, the typed table and the hypotheses, as far as they stand without numbers.
  public static List<PageStep> of(Solution solution) {
    Wording wording =
        Wording.in(solution.language(), solution.ownWords(), solution.course().symbols());
    return List.of(
        step(wording, "question", 1, new PageBlock.QuestionText(solution.question())),
        step(wording, "data", 2, new PageBlock.DataTable(grids(solution.table(), wording))),
        step(wording, "hypotheses", 3, level(solution, wording)));
  }

  private static PageBlock level(Solution solution, Wording wording) {
    LineId alpha = LineId.of(Choices.LEVEL);
    List<Span> spans =
        wording.spans(
            Phrase.of("hypotheses.level").with("alpha", alpha),
            new Wording.Numbers() {
              @Override
              public Box number(LineId line) {
                return Box.number(solution.choices().level());
              }

              @Override
              public List<Span> stated(LineId line) {
                return List.of();
              }

              @Override
              public String reported(Phrase.Reported reported) {
                return "";
              }
            });
    return new PageBlock.TypedNumber(
        new PageBlock.Template("hypotheses.level", Map.of("alpha", solution.choices().level())),
        spans,
        Choices.LEVEL,
        alpha);
  }

  private static PageStep step(Wording wording, String id, int number, PageBlock block) {
    return new PageStep(
        id, number, wording.text("step." + id), "", StudentView.GIVEN, () -> List.of(block));
  }

  private static List<Grid> grids(TableEntry table, Wording wording) {
    int rows = table.rows().size();
    return table.layers().isEmpty()
        ? List.of(grid(table, 0, "", wording))
        : IntStream.range(0, table.layers().size())
            .mapToObj(k -> grid(table, k * rows, table.layers().get(k), wording))
            .toList();
  }

  private static Grid grid(TableEntry table, int first, String title, Wording wording) {
    List<List<GridCell>> cells =
        IntStream.range(first, first + table.rows().size())
            .mapToObj(
                i ->
                    IntStream.range(0, table.columns().size())
                        .mapToObj(j -> cell(table, i, j))
                        .toList())
            .toList();
    List<String> columns =
        table.form().namesItsColumns()
            ? table.columns()
            : table.columns().stream().map(key -> wording.text("column." + key)).toList();
    return new Grid(
        new PageBlock.Template("", Map.of()),
        title.isEmpty() ? List.of() : List.of(new Span.Words(title, Span.Weight.PLAIN)),
        table.rows(),
        columns,
        cells,
        List.of(),
        List.of(),
        Optional.empty(),
        wording.text("table.total"));
  }

  private static GridCell cell(TableEntry table, int i, int j) {
    return new GridCell(
        LineId.of("typed", i + 1, j + 1),
        table.cells().get(i).get(j),
        "",
        Role.OBSERVED,
        Appearance.SHOWN,
        0);
  }
}
