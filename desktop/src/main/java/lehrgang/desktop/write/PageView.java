package lehrgang.desktop.write;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import lehrgang.core.page.Outline;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.page.PageStep;
import lehrgang.core.solution.Question;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.desk.Rewording;
import lehrgang.desktop.desk.Selection;
import lehrgang.desktop.desk.Sight;
import lehrgang.desktop.desk.WorkedOut;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Scrolled;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import lehrgang.desktop.page.BlockViews;
import lehrgang.desktop.page.FormulaPainter;
import lehrgang.desktop.page.LiveNumbers;
import lehrgang.desktop.recipe.RecipeView;
import lehrgang.desktop.write.table.TableEditor;

/// The worked solution as it reads on paper, live.
public final class PageView extends ScrollPane {
  private static final PseudoClass STALE = PseudoClass.getPseudoClass("stale");
  private static final double WIDEST = 820;

  /// How many steps the window shows when it opens.
  private static final int FIRST_IN_SIGHT = 3;

  private final OpenSolution solution;
  private final Rewording rewording;
  private final WorkedOut worked;
  private final Selection selection;
  private final LiveNumbers numbers;
  private final BlockViews views;
  private final QuestionEditor question;
  private final TableEditor table;
  private final RecipeView recipe;
  private final Map<String, NumberField> fields = new HashMap<>();
  private final VBox paper = new VBox();
  private final Map<String, StepView> steps = new LinkedHashMap<>();
  private final Label stale = Labels.label(Words.of("stale"), Style.STALE_NOTE);
  private int turn;
  private List<PageStep> waiting = List.of();
  private Consumer<String> inSight = _ -> {};

  PageView(Desk desk, LiveNumbers numbers) {
    this.solution = desk.solution();
    this.rewording = desk.rewording();
    this.worked = desk.worked();
    this.selection = desk.selection();
    this.numbers = numbers;
    this.question =
        new QuestionEditor(
            solution,
            () ->
                Optional.of(desk.worked().now())
                    .filter(Sight::isCurrent)
                    .flatMap(Sight::whole)
                    .map(Page::question));
    this.table = new TableEditor(desk, numbers);
    this.recipe = new RecipeView(solution, desk.counting());
    this.views = new BlockViews(numbers, editors(desk));
    getStyleClass().add(Style.PAGE_VIEW);
    paper.getStyleClass().add(Style.PAPER);
    paper.setMaxWidth(WIDEST);
    paper.setMinWidth(0);
    paper.setMinHeight(0);
    StackPane ground = new StackPane(paper);
    ground.getStyleClass().add(Style.DESK);
    ground.setMinHeight(0);
    setContent(ground);
    setFitToWidth(true);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    setFocusTraversable(false);
    solution.subscribe(_ -> typed());
    worked.subscribe(this::show);
    selection.subscribe(_ -> select());
    vvalueProperty().subscribe(_ -> inSight.accept(stepInSight()));
  }

  private BlockViews.Editors editors(Desk desk) {
    return new BlockViews.Editors() {
      @Override
      public Node question(Question asked) {
        return question;
      }

      @Override
      public Node table(List<Grid> grid) {
        return table.show(grid);
      }

      @Override
      public Node provenance(PageBlock.Provenance block) {
        return recipe;
      }

      @Override
      public Node number(PageBlock.TypedNumber block) {
        return fields
            .computeIfAbsent(
                block.field(),
                _ ->
                    new NumberField(
                        block, solution, rewording, numbers, new FormulaPainter(numbers)))
            .show(block);
      }

      @Override
      public Node ways(PageBlock.Ways ways) {
        return new WaysView(ways, desk.counting());
      }

      @Override
      public Optional<Rewording> rewording() {
        return Optional.of(desk.rewording());
      }
    };
  }

  /// Tells which step stands at the top whenever that changes.
  void onStepInSight(Consumer<String> listener) {
    inSight = listener;
  }

  /// What was typed, or brought back, stands there at once; what follows from it comes when it is
  /// worked out.
  private void typed() {
    question.update();
    recipe.update();
    table.update();
    fields.values().forEach(NumberField::update);
  }

  private void show(Sight sight) {
    typed();
    table.update(sight);
    fields.values().forEach(field -> field.update(sight.problems()));
    List<PageStep> wanted =
        sight.page().map(Page::steps).orElseGet(() -> Outline.of(solution.now()));
    double offset = offset();
    List<PageStep> outOfSight = new ArrayList<>();
    steps.keySet().retainAll(wanted.stream().map(PageStep::id).toList());
    for (PageStep step : wanted) {
      StepView view =
          steps.computeIfAbsent(step.id(), _ -> new StepView(solution, rewording, views));
      if (sight.isCurrent() || sight.page().isEmpty()) {
        if (isNear(view, step)) {
          view.show(step);
        } else {
          outOfSight.add(step);
        }
      }
      view.pseudoClassStateChanged(STALE, !sight.isCurrent() && isWorkedOut(step.id()));
    }
    arrange(wanted, !sight.isCurrent() && sight.page().isPresent());
    turn++;
    tidy();
    Platform.runLater(() -> scrollTo(offset));
    showLater(outOfSight, turn);
  }

  private void tidy() {
    numbers.forgetOutside(paper);
    select();
    numbers.light();
  }

  /// Whether a step is to be set at once: it is in sight, or about to be.
  private boolean isNear(StepView view, PageStep step) {
    if (view.getHeight() == 0) {
      return step.number() <= FIRST_IN_SIGHT;
    }
    double top = paper.getBoundsInParent().getMinY() + view.getBoundsInParent().getMinY();
    double height = getViewportBounds().getHeight();
    return top < offset() + 1.2 * height && top + view.getHeight() > offset() - 0.2 * height;
  }

  /// Sets the steps out of sight one at a time, so that what is in sight is never kept waiting.
  private void showLater(List<PageStep> steps, int itsTurn) {
    waiting = List.copyOf(steps);
    if (!waiting.isEmpty()) {
      Platform.runLater(
          () -> {
            if (itsTurn == turn && !waiting.isEmpty()) {
              setNext();
              showLater(waiting, itsTurn);
            }
          });
    }
  }

  private void setNext() {
    PageStep step = waiting.getFirst();
    waiting = waiting.subList(1, waiting.size());
    Optional.ofNullable(steps.get(step.id())).ifPresent(view -> view.show(step));
    if (waiting.isEmpty()) {
      tidy();
    }
  }

  /// Sets at once whatever still waits, so that every step has its place.
  private void setAll() {
    while (!waiting.isEmpty()) {
      setNext();
    }
    applyCss();
    layout();
  }

  /// Whether every step is set.
  public boolean isSettled() {
    return waiting.isEmpty();
  }

  /// What stands on a page before anything is worked out is typed, and current while the rest
  /// waits.
  private boolean isWorkedOut(String step) {
    return Outline.of(solution.now()).stream().noneMatch(typed -> typed.id().equals(step));
  }

  private void arrange(List<PageStep> wanted, boolean waiting) {
    List<Node> order =
        wanted.stream()
            .map(step -> (Node) steps.get(step.id()))
            .collect(Collectors.toCollection(ArrayList::new));
    if (waiting) {
      order.add(typedSteps(wanted), stale);
    }
    if (!paper.getChildren().equals(order)) {
      paper.getChildren().retainAll(order);
      for (int i = 0; i < order.size(); i++) {
        if (i >= paper.getChildren().size() || paper.getChildren().get(i) != order.get(i)) {
          paper.getChildren().remove(order.get(i));
          paper.getChildren().add(i, order.get(i));
        }
      }
    }
  }

  /// How many steps stand before the first that is worked out.
  private int typedSteps(List<PageStep> wanted) {
    return (int) wanted.stream().takeWhile(step -> !isWorkedOut(step.id())).count();
  }

  private void select() {
    worked
        .now()
        .page()
        .ifPresent(page -> steps.values().forEach(step -> step.select(page, selection.line())));
  }

  private double offset() {
    return Scrolled.offset(this);
  }

  private void scrollTo(double offset) {
    Scrolled.to(this, offset);
  }

  /// Brings a step to the top of the page.
  public void goTo(String step) {
    setAll();
    Optional.ofNullable(steps.get(step))
        .ifPresent(
            view -> {
              double top = paper.getBoundsInParent().getMinY() + view.getBoundsInParent().getMinY();
              scrollTo(Math.max(0, top - 12));
              inSight.accept(step);
            });
  }

  /// Brings a number into sight, if it stands on the page.
  public void reveal(Node node) {
    Scrolled.reveal(this, node);
  }

  /// The last step that begins above the middle of what is seen.
  public String stepInSight() {
    double line = offset() + getViewportBounds().getHeight() * 0.35;
    String last = "";
    for (Map.Entry<String, StepView> entry : steps.entrySet()) {
      double top =
          paper.getBoundsInParent().getMinY() + entry.getValue().getBoundsInParent().getMinY();
      if (last.isEmpty() || top <= line) {
        last = entry.getKey();
      }
    }
    return last;
  }
}
