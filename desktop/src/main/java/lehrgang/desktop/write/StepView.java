package lehrgang.desktop.write;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.collections.ObservableList;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lehrgang.core.expr.LineId;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageStep;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.desk.Rewording;
import lehrgang.desktop.kit.Icons;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import lehrgang.desktop.page.BlockViews;
import lehrgang.desktop.page.Renewable;
import lehrgang.desktop.page.SentenceEditor;
import lehrgang.desktop.page.TableMenu;
import lehrgang.desktop.page.WorkedView;

/// A step on the page. It is set anew only when it changed, and a field that is being typed in
/// stays where it is.
final class StepView extends VBox {
  private static final double STALE = 0.38;

  private final Rewording rewording;
  private final BlockViews views;
  private final HBox heading = new HBox();
  private final Label number = new Label();
  private final Label title = new Label();
  private final StepOptions options;
  private final TableMenu tables = new TableMenu();
  private final VBox body = new VBox();
  private Optional<PageStep> shown = Optional.empty();
  private Optional<NotesEditor> notes = Optional.empty();

  StepView(OpenSolution solution, Rewording rewording, BlockViews views) {
    this.rewording = rewording;
    this.options = new StepOptions(solution);
    this.views = views;
    getStyleClass().add(Style.STEP);
    heading.getStyleClass().add(Style.STEP_HEADING);
    number.getStyleClass().add(Style.STEP_NUMBER);
    title.getStyleClass().add(Style.STEP_TITLE);
    body.getStyleClass().add(Style.STEP_BODY);
    body.setMinHeight(0);
    setMinHeight(0);
    Region space = new Region();
    HBox.setHgrow(space, Priority.ALWAYS);
    Button toNotes =
        Icons.button(
            "fth-edit-3", Words.of("notes.open"), Style.ICON_BUTTON, () -> toggleNotes(solution));
    toNotes.getStyleClass().add(Style.STEP_NOTES);
    heading.getChildren().addAll(number, title, space, options, tables, toNotes);
    getChildren().addAll(heading, body);
    title.setFocusTraversable(true);
    title.setAccessibleHelp(Words.of("rewrite.help.title"));
    title.setOnMouseClicked(_ -> rename());
    title.setOnKeyPressed(
        key -> {
          if (key.getCode() == KeyCode.ENTER) {
            rename();
            key.consume();
          }
        });
  }

  /// Note, hint and source are typed below the step.
  private void toggleNotes(OpenSolution solution) {
    if (notes.filter(getChildren()::contains).isPresent()) {
      getChildren().remove(notes.get());
      return;
    }
    if (notes.isEmpty()) {
      notes = shown.map(step -> new NotesEditor(solution, step.id()));
    }
    notes.ifPresent(
        editor -> {
          getChildren().add(editor);
          editor.begin();
        });
  }

  /// The title is rewritten where it stands.
  private void rename() {
    shown.ifPresent(
        step ->
            getChildren()
                .set(
                    0,
                    new SentenceEditor(
                        new PageBlock.Template("step." + step.id(), Map.of()),
                        rewording,
                        () -> {
                          getChildren().set(0, heading);
                          title.requestFocus();
                        })));
  }

  /// Shows number and title of a step; what it says is shown later.
  void showHeading(PageStep step) {
    number.setText(Integer.toString(step.number()));
    title.setText(step.title());
  }

  void show(PageStep step) {
    options.show(step.id());
    if (shown.filter(before -> same(before, step)).isPresent()) {
      return;
    }
    showHeading(step);
    tables.show(step.blocks());
    replace(body.getChildren(), nodes(step.blocks()));
    shown = Optional.of(step);
  }

  /// Dims what no longer follows from what is typed. A style class would have every number in it
  /// styled again.
  void setStale(boolean stale) {
    body.setOpacity(stale ? STALE : 1);
  }

  /// Shows why a step cannot be shown.
  void show(PageStep step, String problem) {
    showHeading(step);
    body.getChildren().setAll(Labels.label(problem, Style.MESSAGE));
    shown = Optional.empty();
  }

  /// The blocks as nodes: those already there wherever they can show what is wanted.
  private List<Node> nodes(List<PageBlock> blocks) {
    List<PageBlock> before = shown.map(PageStep::blocks).orElse(List.of());
    List<Node> nodes = new ArrayList<>();
    for (int i = 0; i < blocks.size(); i++) {
      PageBlock block = blocks.get(i);
      boolean there = i < before.size();
      boolean keeps = there && before.get(i).equals(block);
      boolean renewed =
          there
              && body.getChildren().get(i) instanceof Renewable renewable
              && renewable.renew(block);
      nodes.add(keeps || renewed ? body.getChildren().get(i) : views.of(block));
    }
    return nodes;
  }

  private static boolean same(PageStep one, PageStep other) {
    return one.blocks().equals(other.blocks())
        && one.number() == other.number()
        && one.title().equals(other.title());
  }

  /// Puts nodes in place one by one: a node that is there already is not touched and keeps the
  /// focus.
  private static void replace(ObservableList<Node> there, List<Node> wanted) {
    for (int i = 0; i < wanted.size(); i++) {
      Node node = wanted.get(i);
      if (i < there.size() && there.get(i) == node) {
        continue;
      }
      there.remove(node);
      boolean keepsWhatIsThere = i < there.size() && wanted.contains(there.get(i));
      if (i < there.size() && !keepsWhatIsThere) {
        there.set(i, node);
      } else {
        there.add(i, node);
      }
    }
    there.remove(wanted.size(), there.size());
  }

  /// Lets workings show the selected number, or their example again.
  void select(Page page, Optional<LineId> selected) {
    for (Node node : body.getChildren()) {
      if (node instanceof WorkedView worked) {
        selected
            .filter(worked::canShow)
            .ifPresentOrElse(line -> worked.show(page.chain(line)), worked::showExample);
      }
    }
  }
}
