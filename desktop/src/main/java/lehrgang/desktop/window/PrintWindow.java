package lehrgang.desktop.window;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import lehrgang.desktop.kit.Icons;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Picker;
import lehrgang.desktop.kit.Stepper;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// Where a sheet is to be printed, and how often; for a system that has no such window of its own.
final class PrintWindow {
  private static final int MOST_COPIES = 500;

  private final Stage stage = new Stage();
  private final Picker<String> printer;
  private final Label number = new Label();
  private final Consumer<Chosen> chosen;
  private int copies = 1;

  private PrintWindow(List<String> printers, Consumer<Chosen> chosen) {
    this.chosen = chosen;
    printer =
        new Picker<String>(Words.of("print.printer"), Function.identity(), _ -> {})
            .show(printers, printers.getFirst())
            .named("print-printer");
  }

  /// What was chosen.
  ///
  /// @param copies at least 1
  record Chosen(String printer, int copies) {}

  /// Asks, beside the window; nothing is printed where it is closed.
  ///
  /// @param printers one or more, the usual one first
  /// @param print    told what was chosen
  static void show(List<String> printers, Scene beside, Consumer<Chosen> print) {
    new PrintWindow(printers, print).show(beside);
  }

  private void show(Scene beside) {
    stage.initOwner(beside.getWindow());
    stage.setTitle(Words.of("print.title"));
    stage.getIcons().setAll(Icons.program());
    stage.setResizable(false);
    VBox content = new VBox(printer, copies(), buttons());
    content.getStyleClass().add(Style.PRINT);
    Scene scene = new Scene(content);
    scene.getStylesheets().setAll(beside.getStylesheets());
    stage.setScene(scene);
    stage.show();
  }

  private HBox copies() {
    number.setText(Integer.toString(copies));
    number.setId("print-copies");
    HBox row =
        new HBox(
            Labels.label(Words.of("print.copies"), Style.PICKER_NAME),
            new Stepper("print-copies", number, this::change).spoken(Words.of("print.copies")));
    row.getStyleClass().add(Style.PICKER);
    return row;
  }

  private void change(int by) {
    copies = Math.clamp(copies + by, 1, MOST_COPIES);
    number.setText(Integer.toString(copies));
  }

  private HBox buttons() {
    Button print = new Button(Words.of("print.go"));
    print.setId("print-go");
    print.getStyleClass().add(Style.PRIMARY);
    print.setDefaultButton(true);
    print.setOnAction(
        _ -> {
          stage.close();
          chosen.accept(new Chosen(printer.value(), copies));
        });
    Button not = new Button(Words.of("print.not"));
    not.setId("print-not");
    not.getStyleClass().add(Style.QUIET);
    not.setCancelButton(true);
    not.setOnAction(_ -> stage.close());
    HBox buttons = new HBox(not, print);
    buttons.getStyleClass().add(Style.PRINT_BUTTONS);
    return buttons;
  }
}
