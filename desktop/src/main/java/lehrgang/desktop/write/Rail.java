package lehrgang.desktop.write;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Line;
import lehrgang.core.page.Outline;
import lehrgang.core.page.Page;
import lehrgang.core.solution.StudentView;
import lehrgang.core.wording.Wording;
import lehrgang.desktop.desk.Notices;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.desk.WorkedOut;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// The steps of the solution, each with its state in a line and what students see of it.
final class Rail extends VBox {
  private static final PseudoClass CURRENT = PseudoClass.getPseudoClass("current");

  /// What is shown is that of data that were typed before.
  private static final PseudoClass STALE = PseudoClass.getPseudoClass("stale");

  private final OpenSolution solution;
  private final StepMoves moves;
  private final Consumer<String> goTo;
  private final VBox steps = new VBox();
  private final List<Item> items = new ArrayList<>();
  private List<Page.Heading> shown = List.of();
  private final VBox legend = legend();
  private boolean numbersOnly;

  private record Item(String step, HBox node, Label summary) {}

  Rail(OpenSolution solution, WorkedOut worked, Notices notices, Consumer<String> goTo) {
    this.solution = solution;
    this.moves = new StepMoves(solution, worked, notices);
    this.goTo = goTo;
    getStyleClass().add(Style.RAIL);
    steps.getStyleClass().add(Style.RAIL_STEPS);
    Line thread = new Line(0, 0, 0, 10);
    thread.getStyleClass().add(Style.RAIL_THREAD);
    thread.setManaged(false);
    thread.endYProperty().bind(steps.heightProperty().subtract(44));
    thread.setLayoutX(27);
    thread.setLayoutY(22);
    StackPane threaded = new StackPane(thread, steps);
    threaded.setAlignment(Pos.TOP_LEFT);
    ScrollPane scroll = new ScrollPane(threaded);
    scroll.setFitToWidth(true);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.setFocusTraversable(false);
    scroll.getStyleClass().add(Style.RAIL_SCROLL);
    VBox.setVgrow(scroll, Priority.ALWAYS);
    getChildren().addAll(scroll, legend);
    worked.subscribe(
        sight -> {
          show(sight.whole().map(Page::headings).orElseGet(this::outline));
          pseudoClassStateChanged(STALE, !sight.isCurrent());
        });
  }

  /// Whether there is room for the numbers of the steps only.
  void setNumbersOnly(boolean only) {
    if (only == numbersOnly) {
      return;
    }
    numbersOnly = only;
    legend.setVisible(!only);
    legend.setManaged(!only);
    List<Page.Heading> now = shown;
    shown = List.of();
    show(now);
  }

  private List<Page.Heading> outline() {
    return Outline.of(solution.now()).stream()
        .map(s -> new Page.Heading(s.id(), s.number(), s.title(), s.summary(), s.view()))
        .toList();
  }

  private void show(List<Page.Heading> headings) {
    if (headings.equals(shown)) {
      return;
    }
    if (differOnlyInSummary(shown, headings)) {
      for (int i = 0; i < items.size(); i++) {
        describe(items.get(i).node(), items.get(i).summary(), headings.get(i));
      }
      shown = headings;
      return;
    }
    shown = headings;
    String current =
        items.stream()
            .filter(i -> i.node().getPseudoClassStates().contains(CURRENT))
            .map(Item::step)
            .findFirst()
            .orElse("question");
    items.clear();
    for (Page.Heading step : shown) {
      items.add(item(step));
    }
    steps.getChildren().setAll(items.stream().map(Item::node).toList());
    setCurrent(current);
  }

  private static boolean differOnlyInSummary(List<Page.Heading> one, List<Page.Heading> other) {
    return withoutSummaries(one).equals(withoutSummaries(other));
  }

  private static List<Page.Heading> withoutSummaries(List<Page.Heading> headings) {
    return headings.stream()
        .map(h -> new Page.Heading(h.step(), h.number(), h.title(), "", h.view()))
        .toList();
  }

  private static void describe(HBox item, Label summary, Page.Heading step) {
    summary.setText(step.summary());
    item.setAccessibleText(step.number() + " " + step.title() + ", " + step.summary());
  }

  private Item item(Page.Heading step) {
    Label number = new Label(Integer.toString(step.number()));
    number.getStyleClass().add(Style.RAIL_NUMBER);
    Label title = new Label(step.title());
    title.getStyleClass().add(Style.RAIL_TITLE);
    Label summary = new Label();
    summary.getStyleClass().add(Style.RAIL_SUMMARY);
    VBox words = new VBox(title, summary);
    words.setAlignment(Pos.CENTER_LEFT);
    words.setMinWidth(0);
    HBox.setHgrow(words, Priority.ALWAYS);
    HBox item = new HBox(number);
    if (numbersOnly) {
      Tooltip.install(item, new Tooltip(step.title()));
    } else {
      item.getChildren().addAll(words, viewButton(step));
    }
    item.getStyleClass().add(Style.RAIL_ITEM);
    item.setFocusTraversable(true);
    item.setAccessibleRole(AccessibleRole.BUTTON);
    describe(item, summary, step);
    item.setAccessibleHelp(Words.of("rail.help"));
    moves.attach(item, step.step(), () -> goTo.accept(step.step()));
    item.setOnKeyPressed(
        key -> {
          if (key.getTarget() == item
              && (key.getCode() == KeyCode.ENTER || key.getCode() == KeyCode.SPACE)) {
            goTo.accept(step.step());
            key.consume();
          }
        });
    return new Item(step.step(), item, summary);
  }

  private Button viewButton(Page.Heading step) {
    Wording wording = Wording.english();
    String name = wording.text("view." + step.view().key());
    Button button = new Button("", StudentViewMark.of(step.view()));
    button.getStyleClass().add(Style.VIEW_BUTTON);
    button.setId("view-" + step.step());
    button.setTooltip(new Tooltip(Words.of("students-see") + " " + name));
    button.setAccessibleText(Words.of("students-see.of", step.title()) + ": " + name);
    button.setOnAction(
        _ -> {
          ContextMenu menu = new ContextMenu();
          for (StudentView view : StudentView.values()) {
            MenuItem choice =
                new MenuItem(wording.text("view." + view.key()), StudentViewMark.of(view));
            choice.setOnAction(
                _ -> solution.edit("", now -> now.withStudentView(step.step(), view)));
            menu.getItems().add(choice);
          }
          menu.show(button, Side.BOTTOM, 0, 0);
        });
    return button;
  }

  private static VBox legend() {
    FlowPane entries = new FlowPane();
    entries.getStyleClass().add(Style.LEGEND_ENTRIES);
    for (StudentView view : StudentView.values()) {
      HBox entry = new HBox(StudentViewMark.of(view), new Label(Words.of("legend." + view.key())));
      entry.getStyleClass().add(Style.LEGEND_ENTRY);
      entries.getChildren().add(entry);
    }
    Label head = new Label(Words.of("students-see"));
    VBox legend = new VBox(head, entries);
    legend.getStyleClass().add(Style.LEGEND);
    return legend;
  }

  void setCurrent(String step) {
    items.forEach(item -> item.node().pseudoClassStateChanged(CURRENT, item.step().equals(step)));
  }
}
