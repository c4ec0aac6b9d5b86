package lehrgang.desktop.recipe;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextField;
import lehrgang.core.cases.Classing;
import lehrgang.core.cases.DecimalSign;
import lehrgang.core.cases.RecipeStep;
import lehrgang.desktop.kit.Picker;
import lehrgang.desktop.kit.Words;

/// The edges of the classes into which numbers are cut.
final class CutFields extends StepFields {
  private static final int CLASSES = 5;

  /// A value that occurs more often weighs no more in the proposal.
  private static final int HEAVIEST = 100;

  private final TextField edges = field("recipe-text");
  private final TextField name;
  private final Picker<Classing.Closed> closed;
  private final CheckBox open = new CheckBox(Words.of("recipe.form.open"));

  CutFields(StepColumn column) {
    super(column);
    this.closed =
        new Picker<Classing.Closed>(
                Words.of("recipe.form.edge"),
                value -> Words.of("recipe.form.edge." + value.key()),
                _ -> column.changed().run())
            .named("recipe-closed")
            .show(List.of(Classing.Closed.values()), Classing.Closed.LEFT);
    open.setId("recipe-open");
    open.selectedProperty().subscribe((_, _) -> column.changed().run());
    List<BigDecimal> numbers = numbers();
    edges.setText(numbers.isEmpty() ? "" : text(Classing.proposed(numbers, CLASSES).edges()));
    name = nameField(RecipeStep.Cut.usualName(column.name()));
    getChildren()
        .addAll(line("recipe.form.edges", edges), closed, open, line("recipe.form.name", name));
  }

  private List<BigDecimal> numbers() {
    return column().counts().entrySet().stream()
        .flatMap(value -> repeated(value.getKey(), Math.min(HEAVIEST, value.getValue())))
        .toList();
  }

  private Stream<BigDecimal> repeated(String value, long times) {
    return column().sign().read(value).stream()
        .flatMap(number -> IntStream.range(0, (int) times).mapToObj(_ -> number));
  }

  private static String text(List<BigDecimal> edges) {
    return edges.stream()
        .map(edge -> edge.stripTrailingZeros().toPlainString())
        .collect(Collectors.joining("; "));
  }

  @Override
  void recall(RecipeStep step) {
    if (step instanceof RecipeStep.Cut(_, var classing, var made)) {
      edges.setText(text(classing.edges()));
      closed.choose(classing.closed());
      open.setSelected(classing.ends() == Classing.Ends.OPEN);
      name.setText(made);
    }
  }

  @Override
  Optional<RecipeStep> made() {
    return classing().map(classing -> new RecipeStep.Cut(column().name(), classing, named(name)));
  }

  private Optional<Classing> classing() {
    String separators = column().sign() == DecimalSign.COMMA ? "[;]" : "[;,]";
    List<String> typed = split(edges.getText(), separators);
    List<BigDecimal> read =
        typed.stream().flatMap(part -> column().sign().read(part).stream()).toList();
    if (read.size() < typed.size()) {
      return Optional.empty();
    }
    try {
      return Optional.of(
          new Classing(
              read, closed.value(), open.isSelected() ? Classing.Ends.OPEN : Classing.Ends.CLOSED));
    } catch (IllegalArgumentException e) {
      return Optional.empty();
    }
  }
}
