package lehrgang.core.compose;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;

/// Tables of another size with the labels that there are, and plain ones after them.
final class Labelled {
  private Labelled() {}

  /// A table of a size, without counts.
  ///
  /// @param layers 0 for none
  static TableEntry as(TableEntry model, int rows, int columns, int layers) {
    List<String> across =
        model.form().namesItsColumns() ? labels(model.columns(), columns) : model.columns();
    List<String> down = labels(model.rows(), rows);
    boolean statesOthers = model.form() == TableForm.FREQUENCIES && rows != model.rows().size();
    List<String> kept = statesOthers ? List.of(TableEntry.OBSERVED) : across;
    List<List<String>> cells = new ArrayList<>();
    for (int i = 0; i < rows * Math.max(1, layers); i++) {
      boolean same = model.form() == TableForm.FREQUENCIES && !statesOthers;
      cells.add(same ? model.cells().get(i) : Collections.nCopies(kept.size(), "0"));
    }
    return new TableEntry(
        model.form(),
        model.rowVariable(),
        model.columnVariable(),
        model.layerVariable(),
        down,
        kept,
        labels(model.layers(), layers),
        cells);
  }

  private static List<String> labels(List<String> model, int many) {
    List<String> labels = new ArrayList<>(model.subList(0, Math.min(many, model.size())));
    for (int k = labels.size() + 1; labels.size() < many; k++) {
      String plain = Integer.toString(k);
      labels.add(labels.contains(plain) ? plain + "′" : plain);
    }
    return labels;
  }
}
