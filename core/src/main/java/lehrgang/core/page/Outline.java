package lehrgang.core.page;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import lehrgang.core.derivation.Role;
import lehrgang.core.expr.LineId;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.page.PageBlock.GridCell;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.StudentView;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Span;
import lehrgang.core.wording.Wording;

/// The steps of a solution that cannot be worked out yet: what is to be typed, and nothing else.
public final class Outline {
  private Outline() {}

  public static List<PageStep> of(Solution solution) {
    Wording wording = Wording.in(solution.language(), solution.wording());
    return List.of(
        step(wording, "question", 1, new PageBlock.QuestionText(solution.question())),
        step(wording, "data", 2, new PageBlock.DataTable(grid(solution))),
        step(
            wording,
            "hypotheses",
            3,
            new PageBlock.Level(
                List.of(
                    new Span.Words(
                        wording.text(
                            Phrase.of("hypotheses.level")
                                .with("alpha", solution.choices().level())),
                        Span.Weight.PLAIN)),
                LineId.of("alpha"))));
  }

  private static PageStep step(Wording wording, String id, int number, PageBlock block) {
    return new PageStep(
        id, number, wording.text("step." + id), "", StudentView.GIVEN, List.of(), List.of(block));
  }

  private static Grid grid(Solution solution) {
    List<List<GridCell>> cells =
        IntStream.range(0, solution.table().rows().size())
            .mapToObj(
                i ->
                    IntStream.range(0, solution.table().columns().size())
                        .mapToObj(
                            j ->
                                new GridCell(
                                    LineId.of("O", i + 1, j + 1),
                                    solution.table().cells().get(i).get(j),
                                    "",
                                    Role.OBSERVED,
                                    Appearance.SHOWN,
                                    0))
                        .toList())
            .toList();
    return new Grid(
        List.of(),
        solution.table().rows(),
        solution.table().columns(),
        cells,
        List.of(),
        List.of(),
        Optional.empty(),
        "");
  }
}
