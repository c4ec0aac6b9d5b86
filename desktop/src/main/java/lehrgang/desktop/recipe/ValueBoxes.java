package lehrgang.desktop.recipe;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.FlowPane;
import lehrgang.core.cases.Spellings;
import lehrgang.core.number.NumberStyle;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;

/// The values of a column, each to be ticked.
final class ValueBoxes extends FlowPane {
  private final List<CheckBox> boxes = new ArrayList<>();

  ValueBoxes(StepColumn column) {
    getStyleClass().add(Style.RECIPE_VALUES);
    column.counts().entrySet().stream()
        .limit(ColumnValues.MOST)
        .forEach(
            entry -> {
              CheckBox box = Labels.literal(new CheckBox(withCount(entry)));
              box.setUserData(entry.getKey());
              box.selectedProperty().subscribe((_, _) -> column.changed().run());
              boxes.add(box);
            });
    getChildren().addAll(boxes);
  }

  static String withCount(Map.Entry<String, Long> value) {
    return Spellings.visible(value.getKey()) + "  " + NumberStyle.whole(value.getValue());
  }

  List<String> chosen() {
    return boxes.stream()
        .filter(CheckBox::isSelected)
        .map(box -> box.getUserData().toString())
        .toList();
  }

  void choose(Collection<String> values) {
    boxes.forEach(box -> box.setSelected(values.contains(box.getUserData().toString())));
  }
}
