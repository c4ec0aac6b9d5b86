package lehrgang.desktop.handout;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lehrgang.core.compose.Proposal;
import lehrgang.core.page.Audience;
import lehrgang.core.solution.Solution;
import lehrgang.core.work.Progress;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.desk.Request;
import lehrgang.desktop.kit.BackgroundWork;
import lehrgang.desktop.kit.BackgroundWork.Demand;
import lehrgang.desktop.kit.Icons;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.cases.CaseFile;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.handout.Form;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.personal.ClassList;
import lehrgang.documents.personal.PersonalClass;
import lehrgang.documents.personal.PersonalClass.Member;

/// Other counts for each student of a class: the list and the seed at the left, the students in the
/// middle, the sheet of the one that is selected at the right.
public final class VaryView extends BorderPane {
  private static final int LINES = 9;
  private static final int MOST_DIGITS = 12;

  private final Desk desk;
  private final TextArea list = new TextArea();
  private final TextField seed = new TextField();
  private final Label said = Labels.label("", Style.HANDOUT_HINT);
  private final ListView<Member> students = new ListView<>();
  private final Map<Form, CheckBox> forms = new EnumMap<>(Form.class);
  private final PagesView pages;
  private final Button save = new Button(Words.of("vary.save"));
  private Optional<PersonalClass> drawn = Optional.empty();
  private final BackgroundWork work;

  public VaryView(Desk desk) {
    this.desk = desk;
    this.pages = new PagesView(desk.solution()::session, _ -> {});
    this.work = new BackgroundWork(Demand.PROCESSOR, desk.solution()::session);
    getStyleClass().add(Style.HANDOUT_VIEW);
    setTop(bar());
    setLeft(choices());
    students.setId("vary-students");
    students.getStyleClass().add(Style.VARY_STUDENTS);
    students.setPlaceholder(Labels.label(Words.of("vary.nobody"), Style.HINT));
    students.setCellFactory(_ -> new StudentCell());
    students
        .getSelectionModel()
        .selectedItemProperty()
        .subscribe(member -> preview(Optional.ofNullable(member)));
    HBox content = new HBox(students, pages);
    HBox.setHgrow(pages, Priority.ALWAYS);
    setCenter(content);
  }

  private HBox bar() {
    Label name = Labels.view(Words.of("vary.view"));
    Region space = new Region();
    HBox.setHgrow(space, Priority.ALWAYS);
    Button back =
        Icons.button(
            "fth-arrow-left",
            Words.of("vary.back"),
            Style.ICON_BUTTON,
            () -> new Request.Show(Request.View.HAND_OUT).from(this));
    back.setId("vary-back");
    save.setId("vary-save");
    save.getStyleClass().add(Style.HAND_OUT);
    save.setMinWidth(Region.USE_PREF_SIZE);
    save.setDisable(true);
    save.setOnAction(
        _ -> drawn.ifPresent(drawnNow -> new Request.SaveClass(drawnNow, wanted()).from(this)));
    HBox bar = new HBox(back, name, space, save);
    bar.getStyleClass().add(Style.HEADER);
    return bar;
  }

  private Node choices() {
    list.setId("vary-list");
    list.setPrefRowCount(LINES);
    list.setPromptText(Words.of("vary.list.prompt"));
    list.setAccessibleText(Words.of("vary.list"));
    list.getStyleClass().add(Style.VARY_LIST);
    seed.setId("vary-seed");
    seed.setPromptText(Words.of("vary.seed.prompt"));
    seed.setAccessibleText(Words.of("vary.seed"));
    seed.getStyleClass().add(Style.HANDOUT_FIELD);
    seed.setOnAction(_ -> draw());
    said.setId("vary-said");
    Button open = Icons.tool("fth-folder", "vary.open", this::open);
    open.setId("vary-open");
    Button draw = new Button(Words.of("vary.draw"));
    draw.setId("vary-draw");
    draw.getStyleClass().add(Style.RECORDS_WAY);
    draw.setOnAction(_ -> draw());
    List<Node> boxes = new ArrayList<>();
    for (Form form : Form.values()) {
      CheckBox box = new CheckBox(Words.of("handout.as." + form.key()));
      box.setId("vary-as-" + form.key());
      box.setSelected(form == Form.PDF);
      forms.put(form, box);
      boxes.add(box);
    }
    VBox content =
        new VBox(
            group("vary.list", list, open),
            group(
                "vary.seed",
                seed,
                Labels.label(Words.of("vary.seed.hint"), Style.HANDOUT_HINT),
                draw,
                said),
            group("vary.as", boxes.toArray(Node[]::new)));
    content.getStyleClass().addAll(Style.HANDOUT_CHOICES, Style.HANDOUT_PANEL);
    return content;
  }

  private static VBox group(String key, Node... parts) {
    Label label = Labels.label(Words.of(key), Style.HANDOUT_HEADING);
    VBox group = new VBox(label);
    group.getStyleClass().add(Style.HANDOUT_GROUP);
    group.getChildren().addAll(parts);
    VBox.setMargin(label, new Insets(0, 0, 2, 0));
    return group;
  }

  private List<Form> wanted() {
    return forms.entrySet().stream()
        .filter(entry -> entry.getValue().isSelected())
        .map(Map.Entry::getKey)
        .toList();
  }

  /// Begins with the open solution; what was drawn from another one is past.
  public void begin() {
    forget();
    said.setText("");
    if (!list.getText().isBlank() && !seed.getText().isBlank()) {
      draw();
    }
  }

  /// Whether the view is in front; what is under way in one that is not is let go.
  public void setInSight(boolean now) {
    if (!now) {
      work.stop();
      pages.stop();
    }
  }

  private void forget() {
    work.stop();
    drawn = Optional.empty();
    students.getItems().clear();
    save.setDisable(true);
    pages.showNothing();
  }

  private void open() {
    new Request.ChooseClassList(
            path -> {
              try {
                list.setText(String.join("\n", ClassList.read(path).students()));
                said.setText("");
              } catch (FileProblem e) {
                said.setText(e.getMessage());
              }
            })
        .from(this);
  }

  private void draw() {
    forget();
    Optional<Long> number = number();
    if (number.isEmpty()) {
      said.setText(Words.of("vary.no-seed"));
      return;
    }
    try {
      ClassList students = students();
      int all = students.students().size();
      Solution model = desk.solution().now();
      said.setText(Words.of("vary.drawing", 0, all));
      work.begin(
          progress -> drawn(model, students, number.get(), progress),
          new BackgroundWork.Outcome<>(
              part -> said.setText(Words.of("vary.drawing", Math.round(part * all), all)),
              made -> made.ifPresentOrElse(this::show, () -> said.setText(Words.of("stale"))),
              said::setText));
    } catch (FileProblem e) {
      said.setText(e.getMessage());
    }
  }

  /// Empty where the model cannot be worked out.
  private static Optional<PersonalClass> drawn(
      Solution model, ClassList students, long seed, Progress progress) throws FileProblem {
    Optional<Proposal> worked = Proposal.of(model);
    return worked.isEmpty()
        ? Optional.empty()
        : Optional.of(PersonalClass.draw(worked.get(), students, seed, progress));
  }

  private ClassList students() throws FileProblem {
    return ClassList.read(CaseFile.pasted(list.getText().strip() + "\n", Words.of("vary.list")));
  }

  private Optional<Long> number() {
    String typed = seed.getText().strip();
    return typed.matches("\\d{1," + MOST_DIGITS + "}")
        ? Optional.of(Long.parseLong(typed))
        : Optional.empty();
  }

  private void show(PersonalClass made) {
    drawn = Optional.of(made);
    students.getItems().setAll(made.members());
    students.getSelectionModel().selectFirst();
    save.setDisable(false);
    said.setText(Words.of("vary.drawn", made.members().size()));
  }

  private void preview(Optional<Member> member) {
    member.ifPresentOrElse(
        one ->
            pages.show(
                Order.of(
                    new Solved(one.found().solution(), one.found().derivation()),
                    Audience.STUDENT)),
        pages::showNothing);
  }

  /// How many pages of the selected student's sheet are painted; 0 before there are any.
  public int paintedPages() {
    return pages.painted();
  }

  /// A student with the counts that were drawn.
  private static final class StudentCell extends ListCell<Member> {
    @Override
    protected void updateItem(Member member, boolean empty) {
      super.updateItem(member, empty);
      if (empty || member == null) {
        setText("");
        setGraphic(null);
        return;
      }
      List<String> rows = new ArrayList<>();
      member.found().solution().table().cells().forEach(row -> rows.add(String.join(" ", row)));
      setGraphic(
          new VBox(
              Labels.label(member.student(), Style.ENTRY_TITLE),
              Labels.label(String.join(" / ", rows), Style.ENTRY_HINT)));
      setAccessibleText(member.student() + ", " + String.join(", ", rows));
    }
  }
}
