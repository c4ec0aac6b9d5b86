package lehrgang.desktop.page;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;
import lehrgang.core.page.Glance;
import lehrgang.core.page.Page;
import lehrgang.core.page.Trace;
import lehrgang.core.wording.Wording;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.desk.Selection;
import lehrgang.desktop.desk.WorkedOut;
import lehrgang.desktop.kit.Icons;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import org.kordamp.ikonli.javafx.FontIcon;

/// Whatever number is selected: what it comes from, what it goes into, and its value seen from all
/// sides.
public final class TraceView extends ScrollPane {
  private static final double HEADLINE = 27;
  private static final double FORMULA = 17;

  /// The width that a formula has in the narrowest trace.
  private static final double ROOM = 278;
  private static final double FACT = 15.5;
  private static final int MOST_LINKS = 12;

  /// The page is looked over as soon as nothing changes for a moment.
  private static final Duration CALM = Duration.millis(350);

  private final OpenSolution solution;
  private final WorkedOut worked;
  private final Selection selection;
  private final LiveNumbers numbers;
  private final FormulaPainter formulas;
  private final VBox content = new VBox();
  private final Deque<LineId> visited = new ArrayDeque<>();
  private Optional<LineId> current = Optional.empty();
  private Optional<Trace> shown = Optional.empty();
  private final Consumer<String> goTo;
  private final PauseTransition calm = new PauseTransition(CALM);
  private Optional<Glance> seen = Optional.empty();
  private boolean goingBack;

  /// @param goTo shows a step of the page
  public TraceView(Desk desk, LiveNumbers numbers, Consumer<String> goTo) {
    this.solution = desk.solution();
    this.worked = desk.worked();
    this.goTo = goTo;
    this.selection = desk.selection();
    this.numbers = numbers;
    this.formulas = new FormulaPainter(numbers);
    getStyleClass().add(Style.TRACE_SCROLL);
    content.getStyleClass().add(Style.TRACE);
    setContent(content);
    setFitToWidth(true);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    setFocusTraversable(false);
    calm.setOnFinished(_ -> lookOver());
    selection.subscribe(this::selected);
    worked.subscribe(_ -> show());
  }

  private void selected(Optional<LineId> line) {
    if (!goingBack && !line.equals(current)) {
      current.ifPresent(visited::push);
    }
    current = line;
    show();
  }

  /// Goes back to the number that was selected before.
  public void back() {
    if (!visited.isEmpty()) {
      LineId before = visited.pop();
      goingBack = true;
      selection.select(before);
      goingBack = false;
    }
  }

  private void show() {
    Optional<Page> page = worked.now().whole();
    Optional<Trace> trace = page.flatMap(p -> current.filter(p::has).map(p::trace));
    calm.stop();
    if (!worked.now().problems().isEmpty()) {
      forgetGlance();
    } else {
      calm.playFromStart();
    }
    if (trace.equals(shown) && !content.getChildren().isEmpty()) {
      return;
    }
    seen = Optional.empty();
    shown = trace;
    content.getChildren().setAll(trace.map(this::sections).orElseGet(TraceView::empty));
    setVvalue(0);
  }

  /// Adds what helps as long as no number is selected, or the usual errors of the one that is.
  private void lookOver() {
    content.getChildren().removeIf(UsualErrorsView.class::isInstance);
    shown
        .flatMap(trace -> worked.now().result().flatMap(now -> errors(trace, now.derivation())))
        .ifPresent(content.getChildren()::add);
    worked
        .now()
        .whole()
        .filter(_ -> shown.isEmpty())
        .map(Glance::at)
        .filter(glance -> !seen.equals(Optional.of(glance)))
        .ifPresent(
            glance -> {
              forgetGlance();
              seen = Optional.of(glance);
              content.getChildren().add(new GlanceView(glance, formulas, goTo));
            });
  }

  private Optional<UsualErrorsView> errors(Trace trace, Derivation derivation) {
    return UsualErrorsView.of(solution.now(), derivation, trace.line());
  }

  /// What was checked of the last solution says nothing of data that cannot be worked out.
  private void forgetGlance() {
    seen = Optional.empty();
    content.getChildren().removeIf(GlanceView.class::isInstance);
  }

  private static List<Node> empty() {
    return List.of(
        Labels.label(Words.of("trace.empty.title"), Style.TRACE_EMPTY_TITLE),
        Labels.label(Words.of("trace.empty"), Style.TRACE_EMPTY));
  }

  private List<Node> sections(Trace trace) {
    VBox sections = new VBox();
    sections.getChildren().add(heading(trace));
    sections.getChildren().add(plain(trace.headline(), HEADLINE));
    sections
        .getChildren()
        .add(links("trace.comes-from", trace.given(), trace.sources(), LinkText.NUMBER));
    sections
        .getChildren()
        .add(
            links(
                "trace.goes-into",
                Wording.english().text("trace.end"),
                trace.uses(),
                LinkText.SYMBOL));
    trace
        .formula()
        .ifPresent(
            chain -> {
              sections.getChildren().add(head("trace.formula"));
              FormulaView formula = FormulaView.fitted(chain, FORMULA, ROOM, formulas);
              formula.setFocusTraversable(true);
              sections.getChildren().add(formula);
            });
    if (!trace.facts().isEmpty()) {
      sections.getChildren().add(head("trace.value"));
      sections.getChildren().add(facts(trace.facts()));
    }
    return List.copyOf(sections.getChildren());
  }

  private Node heading(Trace trace) {
    Label name = Labels.label(trace.heading(), Style.TRACE_HEADING);
    HBox.setHgrow(name, Priority.ALWAYS);
    name.setMaxWidth(Double.MAX_VALUE);
    Button back =
        Icons.button("fth-corner-up-left", Words.of("trace.back"), Style.ICON_BUTTON, this::back);
    back.setVisible(!visited.isEmpty());
    back.setManaged(back.isVisible());
    HBox row = new HBox(name, back);
    worked
        .now()
        .whole()
        .flatMap(page -> current.filter(page::has).map(line -> new CopyMenu(page, line)))
        .ifPresent(row.getChildren()::add);
    Button close =
        Icons.button("fth-x", Words.of("trace.close"), Style.ICON_BUTTON, selection::clear);
    close.setId("trace-close");
    row.getChildren().add(close);
    row.setAlignment(Pos.TOP_LEFT);
    return row;
  }

  private Node plain(Chain chain, double size) {
    FormulaView view = FormulaView.of(chain, size, formulas);
    view.getStyleClass().add(Style.HEADLINE);
    return view;
  }

  private static Label head(String key) {
    Label head = new Label(Wording.english().text(key));
    head.getStyleClass().add(Style.TRACE_HEAD);
    return head;
  }

  /// What a link shows beside its name.
  private enum LinkText {
    NUMBER,
    SYMBOL
  }

  private Node links(String key, String none, List<Trace.Link> links, LinkText text) {
    VBox section = new VBox(head(key));
    if (links.isEmpty()) {
      section.getChildren().add(Labels.label(none, Style.TRACE_NONE));
      return section;
    }
    FlowPane chips = new FlowPane();
    chips.getStyleClass().add(Style.CHIPS);
    links.stream().limit(MOST_LINKS).forEach(link -> chips.getChildren().add(chip(link, text)));
    if (links.size() > MOST_LINKS) {
      Button more = new Button(Words.of("table.more-problems", links.size() - MOST_LINKS));
      more.getStyleClass().add(Style.QUIET);
      more.setOnAction(
          _ -> {
            chips.getChildren().remove(more);
            links.stream()
                .skip(MOST_LINKS)
                .forEach(link -> chips.getChildren().add(chip(link, text)));
          });
      chips.getChildren().add(more);
    }
    section.getChildren().add(chips);
    return section;
  }

  private Button chip(Trace.Link link, LinkText text) {
    Button chip = Labels.literal(new Button());
    chip.getStyleClass().addAll(Style.CHIP, LiveNumbers.roleStyle(link.role()));
    boolean named = link.symbol() instanceof Box.Atom(var name, _) && link.name().startsWith(name);
    switch (text) {
      case NUMBER -> chip.setText(link.name() + " " + link.number());
      case SYMBOL -> {
        chip.setText(link.name());
        if (named) {
          break;
        }
        FormulaView symbol = FormulaView.of(link.symbol(), 13, formulas);
        symbol.setMouseTransparent(true);
        chip.setGraphic(symbol);
        chip.setContentDisplay(ContentDisplay.RIGHT);
      }
    }
    chip.setAccessibleText(link.name() + " " + link.number());
    chip.setOnAction(_ -> numbers.select(link.line()));
    return chip;
  }

  private Node facts(List<Trace.Fact> facts) {
    GridPane grid = new GridPane();
    grid.getStyleClass().add(Style.FACTS);
    int row = 0;
    for (Trace.Fact fact : facts) {
      Label name = Labels.label(fact.name(), Style.FACT_NAME);
      GridPane.setHgrow(name, Priority.ALWAYS);
      GridPane.setValignment(name, VPos.CENTER);
      name.setMaxWidth(Double.MAX_VALUE);
      HBox value = new HBox(FormulaView.of(fact.value(), FACT, formulas));
      value.getStyleClass().add(Style.FACT_VALUE);
      fact.agreement().ifPresent(agreement -> value.getChildren().add(tick(agreement)));
      grid.add(name, 0, row);
      grid.add(value, 1, row);
      row++;
    }
    return grid;
  }

  private static Node tick(Trace.Agreement agreement) {
    boolean agrees = agreement == Trace.Agreement.AGREES;
    FontIcon icon = new FontIcon(agrees ? "fth-check" : "fth-alert-triangle");
    icon.getStyleClass().add(agrees ? Style.AGREES : Style.DIFFERS);
    icon.setAccessibleText(Wording.english().text(agrees ? "trace.agrees" : "trace.differs"));
    return icon;
  }
}
