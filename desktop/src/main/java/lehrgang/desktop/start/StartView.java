package lehrgang.desktop.start;

import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.wording.Wording;
import lehrgang.desktop.desk.RecentFiles;
import lehrgang.desktop.desk.Request;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.file.Program;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;
import org.kordamp.ikonli.javafx.FontIcon;

/// Where a solution begins: what one wants to know, in words, with the worked examples and the
/// files used last beside it.
public final class StartView extends ScrollPane {
  private static final double WIDEST = 1120;
  private static final double LEAST_CARD = 300;

  private static final double ROOM_FOR_TWO = 960;

  private final RecentFiles recent;
  private final VBox examples = new VBox();
  private final VBox recentList = new VBox();

  public StartView(RecentFiles recent) {
    this.recent = recent;
    setId("start-view");
    getStyleClass().add(Style.START_VIEW);
    setFitToWidth(true);
    setFitToHeight(true);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    setVisible(false);
    visibleProperty().subscribe(shown -> refresh(shown));
  }

  /// Made when first shown, so that a window that opens on a solution need not wait for it.
  private void fill() {
    GridPane columns = new GridPane();
    columns.getStyleClass().add(Style.START_COLUMNS);
    columns.setMaxWidth(WIDEST);
    columns.setMaxHeight(Region.USE_PREF_SIZE);
    ColumnConstraints questions = new ColumnConstraints();
    questions.setPercentWidth(56);
    ColumnConstraints beside = new ColumnConstraints();
    beside.setPercentWidth(44);
    columns.getColumnConstraints().addAll(questions, beside);
    columns.add(heading(), 0, 0, 2, 1);
    Node asked = questions();
    Node entries = beside();
    columns.getChildren().addAll(asked, entries);
    widthProperty()
        .subscribe(
            width -> {
              boolean oneColumn = width.doubleValue() < ROOM_FOR_TWO;
              GridPane.setConstraints(asked, 0, 1, oneColumn ? 2 : 1, 1);
              GridPane.setConstraints(
                  entries, oneColumn ? 0 : 1, oneColumn ? 2 : 1, oneColumn ? 2 : 1, 1);
            });
    VBox desk = new VBox(columns);
    desk.setAlignment(Pos.TOP_CENTER);
    desk.getStyleClass().add(Style.START_DESK);
    setContent(desk);
  }

  private static Node heading() {
    Label name = new Label(Words.of("window.name"));
    name.getStyleClass().add(Style.START_NAME);
    Label what = new Label(Words.of("start.what"));
    what.getStyleClass().add(Style.START_WHAT);
    VBox heading = new VBox(name, what);
    return heading;
  }

  private Node questions() {
    VBox list = new VBox(head("start.question"));
    list.getStyleClass().add(Style.START_LIST);
    for (Procedure procedure : Procedures.all()) {
      Button card =
          card(
              Words.of("start." + procedure.id()),
              Words.of("start." + procedure.id() + ".data"),
              () -> new Request.Begin(SolutionFile.blank(procedure)).from(this));
      card.setId("start-" + procedure.id());
      list.getChildren().add(card);
    }
    Label paste = Labels.label(Words.of("start.paste"), Style.START_NOTE);
    Button about = new Button(Words.of("about.open", Program.version()));
    about.setId("start-about");
    about.getStyleClass().add(Style.QUIET);
    about.setMinWidth(Region.USE_PREF_SIZE);
    about.setOnAction(_ -> new Request.ShowAbout().from(this));
    Region between = new Region();
    HBox.setHgrow(between, Priority.ALWAYS);
    HBox foot = new HBox(paste, between, about);
    foot.setAlignment(Pos.BASELINE_LEFT);
    list.getChildren().add(foot);
    return list;
  }

  private Node beside() {
    examples.getStyleClass().add(Style.START_ENTRIES);
    recentList.getStyleClass().add(Style.START_ENTRIES);
    Button open = new Button(Words.of("open"), new FontIcon("fth-folder"));
    open.getStyleClass().add(Style.QUIET);
    open.setOnAction(_ -> new Request.ChooseFile().from(this));
    HBox recentHead = new HBox(head("start.recent"), open);
    recentHead.setAlignment(Pos.BASELINE_LEFT);
    recentHead.getStyleClass().add(Style.START_RECENT_HEAD);
    VBox list = new VBox(head("start.examples"), examples, recentHead, recentList);
    list.getStyleClass().add(Style.START_LIST);
    return list;
  }

  private static Label head(String key) {
    Label head = new Label(Words.of(key));
    head.getStyleClass().add(Style.START_HEAD);
    HBox.setHgrow(head, Priority.ALWAYS);
    return head;
  }

  private void refresh(boolean shown) {
    if (!shown) {
      return;
    }
    if (getContent() == null) {
      fill();
      DemoCourse.names().forEach(name -> examples.getChildren().add(example(name)));
    }
    List<Path> paths = recent.all();
    recentList.getChildren().clear();
    if (paths.isEmpty()) {
      recentList.getChildren().add(Labels.label(Words.of("start.none"), Style.START_NOTE));
    }
    for (Path path : paths) {
      Button entry =
          entry(
              path.getFileName().toString(),
              path.getParent().toString(),
              () -> new Request.OpenSolution(path).from(this));
      recentList.getChildren().add(entry);
    }
  }

  private Button example(String name) {
    DemoCourse.Heading heading = DemoCourse.heading(name);
    Button entry =
        entry(
            heading.title(),
            Wording.english().text("procedure." + heading.procedure()),
            () -> new Request.Begin(DemoCourse.open(name)).from(this));
    entry.setId("example-" + name);
    return entry;
  }

  private static Button card(String title, String hint, Runnable action) {
    Label name = new Label(title);
    name.getStyleClass().add(Style.CARD_TITLE);
    Label about = new Label(hint);
    about.getStyleClass().add(Style.CARD_HINT);
    Button card = new Button("", new VBox(name, about));
    card.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
    card.setAlignment(Pos.CENTER_LEFT);
    card.setMaxWidth(Double.MAX_VALUE);
    card.setMinWidth(LEAST_CARD);
    card.setAccessibleText(title + " " + hint);
    card.getStyleClass().add(Style.CARD);
    card.setOnAction(_ -> action.run());
    return card;
  }

  private static Button entry(String title, String hint, Runnable action) {
    Label name = new Label(title);
    name.getStyleClass().add(Style.ENTRY_TITLE);
    Label about = new Label(hint);
    about.getStyleClass().add(Style.ENTRY_HINT);
    name.setMinWidth(0);
    HBox.setHgrow(name, Priority.ALWAYS);
    name.setMaxWidth(Double.MAX_VALUE);
    about.setMinWidth(Region.USE_PREF_SIZE);
    HBox row = new HBox(name, about);
    row.getStyleClass().add(Style.ENTRY_ROW);
    Button entry = new Button("", row);
    entry.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
    entry.setMaxWidth(Double.MAX_VALUE);
    entry.setAccessibleText(title + ", " + hint);
    entry.getStyleClass().add(Style.START_ENTRY);
    row.prefWidthProperty().bind(entry.widthProperty().subtract(20));
    entry.setOnAction(_ -> action.run());
    return entry;
  }
}
