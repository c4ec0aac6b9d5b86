package lehrgang.desktop.window;

import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import lehrgang.core.marking.SheetMarks;
import lehrgang.desktop.Turn;

/// A window with the first solution of the course, and the class that answered it.
abstract class WithAClass extends WithTheDemo {
  static final Path GROUP = Path.of("../demo/group-17.csv");

  void drop(Path file) {
    Turn.run(() -> driver.files().open(file));
  }

  @SuppressWarnings("unchecked")
  ListView<SheetMarks> students() {
    return (ListView<SheetMarks>) driver.find("check-students");
  }

  List<String> names() {
    ListView<SheetMarks> list = students();
    return Turn.call(() -> list.getItems().stream().map(SheetMarks::student).toList());
  }

  String chosen() {
    return ((Label) driver.find("check-student-title")).getText();
  }

  void choose(String student) {
    ListView<SheetMarks> list = students();
    Turn.run(
        () ->
            list.getSelectionModel()
                .select(
                    list.getItems().stream()
                        .filter(sheet -> sheet.student().equals(student))
                        .findFirst()
                        .orElseThrow()));
  }

  SheetMarks marks(String student) {
    return Turn.call(
        () -> driver.desk().checking().now().orElseThrow().marks().sheet(student).orElseThrow());
  }

  void type(String field, String text) {
    TextField typed = (TextField) driver.find(field);
    Turn.run(() -> typed.setText(text));
  }
}
