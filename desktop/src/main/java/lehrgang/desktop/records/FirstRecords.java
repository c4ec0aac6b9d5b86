package lehrgang.desktop.records;

import java.util.List;
import java.util.stream.IntStream;
import javafx.geometry.HPos;
import javafx.scene.layout.VBox;
import lehrgang.core.cases.CaseTable;
import lehrgang.core.cases.DecimalSign;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// The first lines of a file, as they are read.
final class FirstRecords extends VBox {
  private static final int LINES = 10;

  FirstRecords(CaseTable sample, DecimalSign sign) {
    Preview table = new Preview();
    for (int j = 0; j < sample.columns().size(); j++) {
      HPos side = isNumeric(sample, j, sign) ? HPos.RIGHT : HPos.LEFT;
      table.head(sample.columns().get(j), side, j, 0);
      for (int i = 0; i < Math.min(LINES, sample.size()); i++) {
        table.entry(sample.field(i, j), side, j, i + 1);
      }
    }
    String lines =
        sample.size() > LINES ? Words.of("records.first", LINES) : Words.of("records.all");
    getChildren().addAll(Labels.label(lines, Style.RECORDS_NOTE), table.node());
  }

  private static boolean isNumeric(CaseTable sample, int column, DecimalSign sign) {
    List<String> filled =
        IntStream.range(0, sample.size())
            .mapToObj(i -> sample.field(i, column))
            .filter(text -> !text.isBlank())
            .toList();
    long numbers = filled.stream().filter(text -> sign.read(text).isPresent()).count();
    return !filled.isEmpty() && numbers * 2 > filled.size();
  }
}
