package lehrgang.desktop.window;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import lehrgang.desktop.kit.Icons;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.file.Program;

/// What the program is called, which version it is, and under which terms it and its parts come.
final class AboutWindow {
  private static final double WIDTH = 720;
  private static final double HEIGHT = 560;
  private static final double ICON = 72;

  private AboutWindow() {}

  static void show(Scene beside) {
    Stage stage = new Stage();
    stage.initOwner(beside.getWindow());
    stage.setTitle(Words.of("about.title"));
    stage.getIcons().setAll(Icons.program());
    TextArea terms = new TextArea(terms().stripIndent().strip());
    terms.setId("about-terms");
    terms.setEditable(false);
    terms.getStyleClass().add(Style.ABOUT_TERMS);
    terms.setAccessibleText(Words.of("about.terms"));
    VBox.setVgrow(terms, Priority.ALWAYS);
    VBox content =
        new VBox(heading(), Labels.label(Words.of("about.terms"), Style.START_HEAD), terms);
    content.getStyleClass().add(Style.ABOUT);
    Scene scene = new Scene(content, WIDTH, HEIGHT);
    scene.getStylesheets().setAll(beside.getStylesheets());
    scene.addEventFilter(
        KeyEvent.KEY_PRESSED,
        event -> {
          if (event.getCode() == KeyCode.ESCAPE) {
            stage.close();
          }
        });
    stage.setScene(scene);
    stage.show();
  }

  private static Node heading() {
    ImageView icon = new ImageView(Icons.program().getLast());
    icon.setFitWidth(ICON);
    icon.setFitHeight(ICON);
    icon.setSmooth(true);
    Label name = Labels.label(Words.of("window.name"), Style.START_NAME);
    Label version =
        Labels.label(
            Words.of("about.version", Program.version(), System.getProperty("java.version")),
            Style.CAPTION);
    Label what = Labels.label(Words.of("start.what"), Style.START_WHAT);
    HBox heading = new HBox(icon, new VBox(name, what, version));
    heading.getStyleClass().add(Style.ABOUT_HEADING);
    return heading;
  }

  /// The program's own, and where it was installed those of all that came with it.
  private static String terms() {
    Optional<Path> all =
        Optional.ofNullable(System.getProperty("lehrgang.licences"))
            .map(Path::of)
            .filter(Files::isReadable);
    try {
      if (all.isPresent()) {
        return Files.readString(all.get());
      }
      try (InputStream own = AboutWindow.class.getResourceAsStream("/lehrgang/LICENSE")) {
        return new String(own.readAllBytes(), StandardCharsets.UTF_8);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
