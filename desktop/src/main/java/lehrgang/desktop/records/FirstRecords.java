package lehrgang.desktop.records;

import java.util.List;
import java.util.stream.IntStream;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lehrgang.core.cases.CaseTable;
import lehrgang.core.cases.DecimalSign;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// The first lines of a file, as they are read.
final class FirstRecords extends VBox {
  private static final int LINES = 10;
  private static final double WIDEST = 180;

  FirstRecords(CaseTable sample, DecimalSign sign) {
    GridPane table = new GridPane();
    table.getStyleClass().add(Style.RECORDS_PREVIEW);
    for (int j = 0; j < sample.columns().size(); j++) {
      HPos side = isNumeric(sample, j, sign) ? HPos.RIGHT : HPos.LEFT;
      table.add(field(sample.columns().get(j), side, Style.RECORDS_HEAD), j, 0);
      for (int i = 0; i < Math.min(LINES, sample.size()); i++) {
        table.add(field(sample.field(i, j), side, Style.RECORDS_FIELD), j, i + 1);
      }
    }
    ScrollPane wide = new ScrollPane(table);
    wide.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    wide.getStyleClass().add(Style.SIDEWAYS);
    wide.setMinHeight(Region.USE_PREF_SIZE);
    String lines =
        sample.size() > LINES ? Words.of("records.first", LINES) : Words.of("records.all");
    getChildren().addAll(Labels.label(lines, Style.RECORDS_NOTE), wide);
  }

  private static Label field(String text, HPos side, String style) {
    Label label = new Label(text.isBlank() ? "–" : text);
    label.getStyleClass().add(style);
    label.setMaxWidth(WIDEST);
    if (text.isBlank()) {
      label.getStyleClass().add(Style.MISSING);
    }
    label.setAlignment(side == HPos.RIGHT ? Pos.CENTER_RIGHT : Pos.CENTER_LEFT);
    GridPane.setHalignment(label, side);
    return label;
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
