package lehrgang.desktop.page;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import lehrgang.core.expr.LineId;
import lehrgang.core.page.Glance;
import lehrgang.core.page.Page;
import lehrgang.core.page.Trace;
import lehrgang.core.solution.Solution;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.desk.Selection;
import lehrgang.desktop.desk.Sight;
import lehrgang.desktop.desk.WorkedOut;
import lehrgang.desktop.kit.BackgroundWork;
import lehrgang.desktop.kit.BackgroundWork.Demand;
import lehrgang.desktop.kit.Calm;
import lehrgang.desktop.kit.Icons;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// Whatever number is selected: what it comes from, what it goes into, and its value seen from all
/// sides.
public final class TraceView extends ScrollPane {
  /// The page is looked over as soon as nothing changes for a moment.
  private static final Duration CALM = Duration.millis(350);

  private final OpenSolution solution;
  private final WorkedOut worked;
  private final Selection selection;
  private final FormulaPainter formulas;
  private final TraceSections sections;
  private final VBox content = new VBox();
  private final Deque<LineId> visited = new ArrayDeque<>();
  private Optional<LineId> current = Optional.empty();
  private Optional<Trace> shown = Optional.empty();
  private final Consumer<String> goTo;
  private final BackgroundWork looking;
  private final Consumer<String> failed;
  private final Calm calm = new Calm(CALM, this::lookOver);
  private Optional<Glance> seen = Optional.empty();
  private boolean goingBack;

  /// @param goTo shows a step of the page
  public TraceView(Desk desk, LiveNumbers numbers, Consumer<String> goTo) {
    this.solution = desk.solution();
    this.worked = desk.worked();
    this.looking = new BackgroundWork(Demand.PAGE, solution::session);
    this.failed = desk.notices()::say;
    this.goTo = goTo;
    this.selection = desk.selection();
    this.formulas = new FormulaPainter(numbers);
    this.sections = new TraceSections(numbers, formulas);
    getStyleClass().add(Style.TRACE_SCROLL);
    content.getStyleClass().add(Style.TRACE);
    setContent(content);
    setFitToWidth(true);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    setFocusTraversable(false);
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
      calm.restart();
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
    Sight now = worked.now();
    if (!now.isCurrent() || now.result().isEmpty()) {
      return;
    }
    Sight.Result result = now.result().get();
    Solution of = solution.now();
    Optional<Trace> trace = shown;
    looking.begin(
        _ -> Found.of(of, result, trace),
        BackgroundWork.Outcome.of(found -> add(found, trace), failed));
  }

  /// What was found when the page was looked over.
  private record Found(Optional<UsualErrorsView.Content> errors, Optional<Glance> glance) {
    static Found of(Solution solution, Sight.Result result, Optional<Trace> trace) {
      return new Found(
          trace.flatMap(
              shown -> UsualErrorsView.content(solution, result.derivation(), shown.line())),
          trace.isPresent() ? Optional.empty() : Optional.of(Glance.at(result.whole())));
    }
  }

  private void add(Found found, Optional<Trace> trace) {
    if (!trace.equals(shown)) {
      return;
    }
    content.getChildren().removeIf(UsualErrorsView.class::isInstance);
    found.errors().map(UsualErrorsView::new).ifPresent(content.getChildren()::add);
    found
        .glance()
        .filter(glance -> !seen.equals(Optional.of(glance)))
        .ifPresent(
            glance -> {
              forgetGlance();
              seen = Optional.of(glance);
              content.getChildren().add(new GlanceView(glance, formulas, goTo));
            });
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
    List<Node> shown = new ArrayList<>(List.of(heading(trace)));
    shown.addAll(sections.of(trace));
    return shown;
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
}
