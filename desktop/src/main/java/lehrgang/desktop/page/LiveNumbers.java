package lehrgang.desktop.page;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.Region;
import lehrgang.core.derivation.Role;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Speech;
import lehrgang.core.page.Page;
import lehrgang.core.wording.Wording;
import lehrgang.desktop.desk.Selection;
import lehrgang.desktop.desk.WorkedOut;
import lehrgang.desktop.kit.Style;

/// Knows where each line stands on the page, lights up what a number comes from, and moves along
/// sources and uses.
public final class LiveNumbers implements FormulaPainter.Terms {
  private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");
  private static final PseudoClass SOURCE = PseudoClass.getPseudoClass("source");

  /// How the style classes of roles begin.
  static final String ROLE = "role-";

  private final WorkedOut worked;
  private final Selection selection;
  private final Map<LineId, List<Node>> places = new HashMap<>();
  private final List<Node> lit = new ArrayList<>();
  private final Function<LineId, Optional<Region>> rooms;
  private Optional<LineId> pointedAt = Optional.empty();

  public LiveNumbers(WorkedOut worked, Selection selection) {
    this(worked, selection, _ -> Optional.empty());
  }

  /// @param rooms what stands where the number of a line is asked for; empty for empty room
  public LiveNumbers(
      WorkedOut worked, Selection selection, Function<LineId, Optional<Region>> rooms) {
    this.worked = worked;
    this.rooms = rooms;
    this.selection = selection;
    selection.subscribe(_ -> light());
  }

  @Override
  public Speech speech() {
    return page().map(Page::wording).orElseGet(Wording::english).speech();
  }

  private Optional<Page> page() {
    return worked.now().whole();
  }

  /// Makes a node the place of a line: it can be pointed at, selected, and reached by key.
  public void register(LineId line, Node node) {
    places.computeIfAbsent(line, _ -> new ArrayList<>()).add(node);
    node.setOnMouseEntered(_ -> pointAt(Optional.of(line)));
    node.setOnMouseExited(_ -> pointAt(Optional.empty()));
    node.setOnMousePressed(
        press -> {
          if (press.getButton() == MouseButton.PRIMARY) {
            node.requestFocus();
            select(line);
            press.consume();
          }
        });
    node.setOnKeyPressed(key -> follow(line, key));
  }

  /// Makes a field the place of a line without taking its keys.
  public void registerField(LineId line, Node field) {
    places.computeIfAbsent(line, _ -> new ArrayList<>()).add(field);
    field.setOnMouseEntered(_ -> pointAt(Optional.of(line)));
    field.setOnMouseExited(_ -> pointAt(Optional.empty()));
  }

  /// Forgets a node: it stands for no line any more.
  public void forget(Node node) {
    places.values().forEach(nodes -> nodes.remove(node));
    places.values().removeIf(List::isEmpty);
    node.setOnMouseEntered(null);
    node.setOnMouseExited(null);
  }

  /// Forgets nodes that are no longer on the page.
  public void forgetOutside(Parent page) {
    places.values().forEach(nodes -> nodes.removeIf(node -> !isInside(page, node)));
    places.values().removeIf(List::isEmpty);
  }

  private static boolean isInside(Parent page, Node node) {
    Node at = node;
    while (at != null && at != page) {
      at = at.getParent();
    }
    return at == page;
  }

  public void select(LineId line) {
    selection.select(line);
  }

  private void pointAt(Optional<LineId> line) {
    pointedAt = line;
    light();
  }

  /// Lights the number in question and its sources wherever they stand.
  public void light() {
    lit.forEach(
        node -> {
          node.pseudoClassStateChanged(SELECTED, false);
          node.pseudoClassStateChanged(SOURCE, false);
        });
    lit.clear();
    Optional<Page> page = page();
    if (page.isEmpty()) {
      return;
    }
    pointedAt
        .or(selection::line)
        .filter(page.get()::has)
        .ifPresent(
            line -> {
              light(line, SELECTED);
              page.get().sources(line).forEach(source -> light(source, SOURCE));
            });
    selection.line().ifPresent(line -> light(line, SELECTED));
  }

  private void light(LineId line, PseudoClass state) {
    for (Node node : places.getOrDefault(line, List.of())) {
      node.pseudoClassStateChanged(state, true);
      lit.add(node);
    }
  }

  private void follow(LineId line, KeyEvent key) {
    Optional<LineId> next =
        switch (key.getCode()) {
          case ENTER, SPACE -> Optional.of(line);
          case LEFT -> along(page(), line, Page::sources);
          case RIGHT -> along(page(), line, Page::uses);
          case UP -> inFamily(line, -1);
          case DOWN -> inFamily(line, 1);
          default -> Optional.empty();
        };
    next.ifPresent(
        target -> {
          select(target);
          focus(target);
          key.consume();
        });
  }

  private static Optional<LineId> along(
      Optional<Page> page, LineId line, BiFunction<Page, LineId, List<LineId>> direction) {
    return page.filter(p -> p.has(line))
        .flatMap(p -> direction.apply(p, line).stream().findFirst());
  }

  private Optional<LineId> inFamily(LineId line, int step) {
    return page()
        .map(p -> p.lines().stream().filter(id -> id.name().equals(line.name())).toList())
        .map(family -> new Neighbour(family, family.indexOf(line) + step))
        .filter(neighbour -> neighbour.at() >= 0 && neighbour.at() < neighbour.family().size())
        .map(neighbour -> neighbour.family().get(neighbour.at()));
  }

  private record Neighbour(List<LineId> family, int at) {}

  /// Puts the focus on a place where the line stands, if it stands anywhere.
  void focus(LineId line) {
    places.getOrDefault(line, List.of()).stream()
        .filter(node -> node.getScene() != null && node instanceof NumberNode)
        .findFirst()
        .ifPresent(Node::requestFocus);
  }

  /// Takes the numbers of some lines out of sight wherever they stand in a table, and shows those
  /// of all others.
  public void conceal(Set<LineId> lines) {
    places.forEach(
        (line, nodes) ->
            nodes.stream()
                .filter(NumberNode.class::isInstance)
                .map(NumberNode.class::cast)
                .filter(NumberNode::isInTable)
                .forEach(node -> node.conceal(lines.contains(line))));
  }

  /// The line that a node stands for.
  public Optional<LineId> lineAt(Node node) {
    return places.entrySet().stream()
        .filter(entry -> entry.getValue().contains(node))
        .map(Map.Entry::getKey)
        .findFirst();
  }

  /// Every place of a number.
  public List<Node> all() {
    return places.values().stream().flatMap(List::stream).toList();
  }

  public Optional<Node> placeOf(LineId line) {
    return places.getOrDefault(line, List.of()).stream()
        .filter(node -> node.getScene() != null)
        .findFirst();
  }

  public static String roleStyle(Role role) {
    return ROLE + role.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  private Role role(LineId line) {
    return page().map(p -> p.role(line)).orElse(Role.OTHER);
  }

  @Override
  public List<String> styles(LineId line) {
    return List.of(roleStyle(role(line)));
  }

  @Override
  public Optional<Region> room(LineId line) {
    return rooms.apply(line);
  }

  @Override
  public Region ground(LineId line) {
    Region ground = new Region();
    ground.getStyleClass().addAll(Style.TERM, roleStyle(role(line)));
    register(line, ground);
    return ground;
  }
}
