package lehrgang.desktop.write;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.ProcedureOption;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.kit.Segments;
import lehrgang.desktop.kit.Style;

/// What there is to choose in a step, beside its heading.
final class StepOptions extends HBox {
  private final OpenSolution solution;
  private List<Chosen> shown = List.of();

  private record Chosen(ProcedureOption.OneOf option, String value) {}

  StepOptions(OpenSolution solution) {
    this.solution = solution;
    getStyleClass().add(Style.OPTIONS);
  }

  /// Shows what there is to choose in a step now; nothing is set anew where that is the same.
  void show(String step) {
    Solution now = solution.now();
    List<Chosen> offered =
        Procedures.of(now.procedure()).options().stream()
            .filter(option -> option.step().equals(step))
            .filter(ProcedureOption.OneOf.class::isInstance)
            .map(ProcedureOption.OneOf.class::cast)
            .filter(option -> option.scope().holds(now.table()))
            .map(option -> new Chosen(option, now.choices().option(option)))
            .toList();
    if (!offered.equals(shown)) {
      shown = offered;
      getChildren().setAll(offered.stream().map(this::segments).toList());
    }
  }

  private Node segments(Chosen chosen) {
    Wording wording = Wording.english();
    ProcedureOption.OneOf option = chosen.option();
    String key = "option." + option.id();
    Segments segments =
        new Segments(
            wording.text(key),
            option.values().stream()
                .map(
                    value ->
                        new Segments.Segment(
                            value,
                            wording.text(key + "." + value),
                            wording.text(key + "." + value + ".hint")))
                .toList(),
            chosen.value(),
            value ->
                solution.edit(
                    "", now -> now.withChoices(now.choices().withOption(option.id(), value))));
    segments.setId("option-" + option.id());
    return segments;
  }
}
