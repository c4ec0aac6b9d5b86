package lehrgang.desktop.page;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// The line in which a paper reports the result, to be copied.
final class ReportView extends HBox {
  ReportView(String text) {
    Label line = Labels.label(text, Style.REPORT_TEXT);
    HBox.setHgrow(line, Priority.ALWAYS);
    line.setMaxWidth(Double.MAX_VALUE);
    Button copy = new Button(Words.of("report.copy"));
    copy.setMinWidth(Region.USE_PREF_SIZE);
    copy.getStyleClass().add(Style.QUIET);
    copy.setOnAction(
        _ -> {
          ClipboardContent content = new ClipboardContent();
          content.putString(text);
          Clipboard.getSystemClipboard().setContent(content);
          copy.setText(Words.of("report.copied"));
        });
    getChildren().addAll(line, copy);
    getStyleClass().add(Style.REPORT);
  }
}
