package lehrgang.desktop.write;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import lehrgang.core.page.Outline;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.page.PageStep;
import lehrgang.core.solution.Question;
import lehrgang.core.solution.Solution;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.desk.Rewording;
import lehrgang.desktop.desk.Selection;
import lehrgang.desktop.desk.Sight;
import lehrgang.desktop.desk.WorkedOut;
import lehrgang.desktop.kit.BackgroundWork;
import lehrgang.desktop.kit.BackgroundWork.Demand;
import lehrgang.desktop.kit.Calm;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Scrolled;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Unexpected;
import lehrgang.desktop.kit.Words;
import lehrgang.desktop.page.BlockViews;
import lehrgang.desktop.page.FormulaPainter;
import lehrgang.desktop.page.LiveNumbers;
import lehrgang.desktop.recipe.RecipeView;
import lehrgang.desktop.write.table.TableEditor;

/// The worked solution as it reads on paper, live.
public final class PageView extends ScrollPane {
  private static final double WIDEST = 820;

  /// How long nothing is typed before steps out of sight are set.
  private static final Duration MOMENT = Duration.millis(250);

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
  private final BackgroundWork setting;
  private final Calm calm = new Calm(MOMENT, this::setNext);
  private final Consumer<String> failed;
  private List<PageStep> waiting = List.of();
  private Solution typed;
  private boolean keepsPlace;
  private Optional<Page> placed = Optional.empty();
  private List<PageStep> order = List.of();
  private Optional<Runnable> afterAll = Optional.empty();
  private Consumer<String> inSight = _ -> {};

  PageView(Desk desk, LiveNumbers numbers) {
    this.solution = desk.solution();
    this.rewording = desk.rewording();
    this.worked = desk.worked();
    this.selection = desk.selection();
    this.numbers = numbers;
    this.setting = new BackgroundWork(Demand.PAGE, solution::session);
    this.failed = desk.notices()::say;
    this.question =
        new QuestionEditor(
            solution,
            () -> Optional.of(desk.worked().now()).filter(Sight::isCurrent).flatMap(Sight::whole));
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
    selection.subscribe(_ -> light());
    vvalueProperty()
        .subscribe(
            _ -> {
              inSight.accept(stepInSight());
              if (!keepsPlace) {
                hurry();
              }
            });
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
    Solution now = solution.now();
    if (now.equals(typed)) {
      return;
    }
    typed = now;
    question.update();
    recipe.update();
    table.update();
    fields.values().forEach(NumberField::update);
  }

  private void show(Sight sight) {
    typed();
    question.update();
    table.update(sight);
    fields.values().forEach(field -> field.update(sight.problems()));
    if (sight.page().isEmpty()) {
      leaveOff();
      placed = Optional.empty();
      List<PageStep> outline = Outline.of(solution.now());
      place(outline, outline.stream().map(Ready::of).toList());
    } else if (sight.isCurrent()) {
      set(sight.page().get());
    } else {
      markStale(sight);
    }
  }

  /// A step whose blocks are set.
  ///
  /// @param problem why they are not; empty if they are
  private record Ready(PageStep step, String problem) {
    static Ready of(PageStep step) {
      try {
        step.blocks();
        return new Ready(step, "");
      } catch (CancellationException e) {
        throw e;
      } catch (RuntimeException e) {
        return new Ready(step, Unexpected.sentence(e));
      }
    }
  }

  /// Sets the steps of a page beside the interface: first those in sight, the others once nothing
  /// is typed for a moment.
  private void set(Page page) {
    leaveOff();
    List<PageStep> near = page.steps().stream().filter(this::isNear).toList();
    setting.begin(
        _ -> near.stream().map(Ready::of).toList(),
        BackgroundWork.Outcome.of(
            ready -> {
              placed = Optional.of(page);
              place(page.steps(), ready);
              waiting = page.steps().stream().filter(step -> !near.contains(step)).toList();
              if (afterAll.isPresent()) {
                setNext();
              } else {
                calm.restart();
              }
            },
            failed));
  }

  /// What was to be set of another page is not.
  private void leaveOff() {
    setting.stop();
    calm.stop();
    waiting = List.of();
    afterAll = Optional.empty();
  }

  private void place(List<PageStep> wanted, List<Ready> ready) {
    double offset = offset();
    order = wanted;
    steps.keySet().retainAll(wanted.stream().map(PageStep::id).toList());
    wanted.forEach(
        step ->
            steps
                .computeIfAbsent(step.id(), _ -> new StepView(solution, rewording, views))
                .showHeading(step));
    ready.forEach(this::show);
    markStale(worked.now());
    light();
    Platform.runLater(() -> keepPlace(offset));
  }

  /// Who looks at the page sees the same steps as before; nobody has scrolled.
  private void keepPlace(double offset) {
    keepsPlace = true;
    scrollTo(offset);
    keepsPlace = false;
  }

  private void show(Ready ready) {
    StepView view = steps.get(ready.step().id());
    if (ready.problem().isEmpty()) {
      view.show(ready.step());
    } else {
      view.show(ready.step(), ready.problem());
    }
  }

  private static boolean isStale(Sight sight) {
    return !sight.isCurrent() && sight.page().isPresent();
  }

  private void markStale(Sight sight) {
    List<String> typedSteps = typedSteps();
    steps.forEach((id, view) -> view.setStale(!sight.isCurrent() && !typedSteps.contains(id)));
    arrange(isStale(sight));
  }

  private void light() {
    select();
    numbers.light();
  }

  /// Whether a step is to be set first: it is in sight, or about to be.
  private boolean isNear(PageStep step) {
    StepView view = steps.get(step.id());
    if (view == null || view.getHeight() == 0) {
      return step.number() <= FIRST_IN_SIGHT;
    }
    double top = paper.getBoundsInParent().getMinY() + view.getBoundsInParent().getMinY();
    double height = getViewportBounds().getHeight();
    return top < offset() + 1.2 * height && top + view.getHeight() > offset() - 0.2 * height;
  }

  /// Sets the next of the other steps, one at a time, so that nothing typed is kept waiting.
  private void setNext() {
    if (waiting.isEmpty()) {
      numbers.forgetOutside(paper);
      light();
      afterAll.ifPresent(Runnable::run);
      afterAll = Optional.empty();
      return;
    }
    PageStep next = waiting.stream().filter(this::isNear).findFirst().orElseGet(waiting::getFirst);
    setting.begin(
        _ -> Ready.of(next),
        BackgroundWork.Outcome.of(
            ready -> {
              show(ready);
              waiting = waiting.stream().filter(step -> step != next).toList();
              setNext();
            },
            failed));
  }

  /// Sets what still waits without waiting for a calm moment.
  private void hurry() {
    if (!waiting.isEmpty() && !setting.isUnderWay()) {
      calm.stop();
      setNext();
    }
  }

  /// Whether the steps in sight are those of the solution as it is now.
  public boolean isSetInSight() {
    return worked.now().isCurrent() && worked.now().page().equals(placed);
  }

  /// Whether every step is set.
  public boolean isSettled() {
    return waiting.isEmpty() && !setting.isUnderWay();
  }

  /// The steps that stand on a page before anything is worked out: they are current while the rest
  /// waits.
  private List<String> typedSteps() {
    return Outline.of(solution.now()).stream().map(PageStep::id).toList();
  }

  /// Puts the steps of the page that was placed last in their order.
  private void arrange(boolean waiting) {
    List<Node> nodes =
        order.stream()
            .map(step -> (Node) steps.get(step.id()))
            .collect(Collectors.toCollection(ArrayList::new));
    if (waiting) {
      nodes.add(countOfTyped(), stale);
    }
    List<Node> there = paper.getChildren();
    if (!there.equals(nodes)) {
      there.retainAll(nodes);
      for (int i = 0; i < nodes.size(); i++) {
        if (i >= there.size() || there.get(i) != nodes.get(i)) {
          there.remove(nodes.get(i));
          there.add(i, nodes.get(i));
        }
      }
    }
  }

  /// How many steps stand before the first that is worked out.
  private int countOfTyped() {
    List<String> typedSteps = typedSteps();
    return (int) order.stream().takeWhile(step -> typedSteps.contains(step.id())).count();
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
    if (!isSettled()) {
      afterAll = Optional.of(() -> goTo(step));
      hurry();
      return;
    }
    applyCss();
    layout();
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

  /// What stands on the page decides nothing about the room that the page gets, so that it need not
  /// be measured for that.
  @Override
  protected double computePrefWidth(double height) {
    return WIDEST;
  }

  @Override
  protected double computeMinHeight(double width) {
    return 0;
  }

  @Override
  protected double computePrefHeight(double width) {
    return 0;
  }
}
