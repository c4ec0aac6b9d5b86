package lehrgang.desktop.compose;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntConsumer;
import java.util.stream.Stream;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lehrgang.core.compose.Offer;
import lehrgang.core.compose.Offer.Choice;
import lehrgang.core.compose.Offer.Sort;
import lehrgang.core.compose.Order;
import lehrgang.core.compose.Wish;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Segments;
import lehrgang.desktop.kit.Stepper;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// What is wished of a table.
final class WishesPanel extends ScrollPane {
  private static final int MOST = 8;
  private static final long MOST_OBSERVATIONS = 1_000_000;
  private static final String ANY = "any";

  private final Runnable changed;
  private final VBox content = new VBox();
  private final TextField n = field("compose-n", "compose.n");
  private final TextField low = field("compose-p-low", "compose.p.low");
  private final TextField high = field("compose-p-high", "compose.p.high");
  private int rows = 3;
  private int columns = 3;
  private int layers;

  /// What is chosen; for another procedure it stays chosen.
  private final Map<Sort, Wish> chosen = new EnumMap<>(Sort.class);

  private boolean showing;

  WishesPanel(Runnable changed) {
    this.changed = changed;
    content.getStyleClass().add(Style.HANDOUT_CHOICES);
    setContent(content);
    setFitToWidth(true);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    getStyleClass().add(Style.HANDOUT_PANEL);
    for (TextField field : List.of(n, low, high)) {
      field.setOnAction(_ -> tell());
      field
          .focusedProperty()
          .subscribe(
              (before, now) -> {
                if (before && !now) {
                  tell();
                }
              });
    }
  }

  private void tell() {
    if (!showing) {
      changed.run();
    }
  }

  /// Shows what can be wished of a procedure's tables.
  ///
  /// @param order to begin with
  void show(Offer offer, Order order) {
    showing = true;
    rows = order.rows();
    columns = order.columns();
    layers = order.layers();
    n.setText(Long.toString(order.n()));
    content.getChildren().clear();
    shape(offer);
    add("compose.n", n);
    for (Sort sort : Sort.values()) {
      if (offer.wishes().contains(sort)) {
        ask(sort);
      }
    }
    showing = false;
  }

  private void shape(Offer offer) {
    switch (offer.shaped()) {
      case ROWS_AND_COLUMNS ->
          add(
              "compose.shape",
              steps("compose.rows", rows, by -> rows = by),
              steps("compose.columns", columns, by -> columns = by));
      case ROWS -> add("compose.shape", steps("compose.categories", rows, by -> rows = by));
      case LAYERS -> add("compose.shape", steps("compose.layers", layers, by -> layers = by));
      case NOTHING -> {
        // Its tables have one shape.
      }
    }
  }

  private Node steps(String key, int begin, IntConsumer into) {
    int[] now = {begin};
    Label number = new Label(Integer.toString(begin));
    Stepper stepper =
        new Stepper(
            key.replace('.', '-'),
            number,
            by -> {
              now[0] = Math.clamp(now[0] + by, 2, MOST);
              number.setText(Integer.toString(now[0]));
              into.accept(now[0]);
              tell();
            });
    HBox line = new HBox(8, stepper.spoken(Words.of(key)), new Label(Words.of(key)));
    line.getStyleClass().add(Style.COMPOSE_RANGE);
    return line;
  }

  private void ask(Sort sort) {
    String key = "compose." + sort.key();
    switch (sort.choices().size()) {
      case 0 -> {
        HBox range = new HBox(8, low, new Label("–"), high);
        range.getStyleClass().add(Style.COMPOSE_RANGE);
        add(key, range);
      }
      case 1 -> content.getChildren().add(box(sort, key));
      default -> add(key, segments(sort, key));
    }
  }

  /// A choice between any and some values.
  private Segments segments(Sort sort, String key) {
    Optional<Choice> now =
        sort.choices().stream()
            .filter(choice -> choice.wish().equals(chosen.get(sort)))
            .findFirst();
    Segments segments =
        new Segments(
            Words.of(key),
            Stream.concat(Stream.of(ANY), sort.choices().stream().map(Choice::key))
                .map(value -> new Segments.Segment(value, Words.of(key + "." + value), ""))
                .toList(),
            now.map(Choice::key).orElse(ANY),
            value -> choose(sort, sort.choice(value)));
    segments.setId(key.replace('.', '-'));
    return segments;
  }

  private CheckBox box(Sort sort, String key) {
    CheckBox box = new CheckBox(Words.of(key));
    box.setId(key.replace('.', '-'));
    box.setSelected(chosen.containsKey(sort));
    Wish wish = sort.choices().getFirst().wish();
    box.setOnAction(_ -> choose(sort, Optional.of(wish).filter(_ -> box.isSelected())));
    return box;
  }

  private void choose(Sort sort, Optional<Wish> wish) {
    chosen.remove(sort);
    wish.ifPresent(wished -> chosen.put(sort, wished));
    tell();
  }

  private static TextField field(String id, String key) {
    TextField field = new TextField();
    field.setId(id);
    field.setPrefColumnCount(6);
    field.setPromptText(Words.of(key + ".prompt"));
    field.setAccessibleText(Words.of(key));
    field.getStyleClass().add(Style.HANDOUT_FIELD);
    return field;
  }

  private void add(String key, Node... parts) {
    Label label = Labels.label(Words.of(key), Style.HANDOUT_HEADING);
    VBox group = new VBox(label);
    group.getStyleClass().add(Style.HANDOUT_GROUP);
    group.getChildren().addAll(parts);
    VBox.setMargin(label, new Insets(0, 0, 2, 0));
    content.getChildren().add(group);
  }

  /// What is ordered; empty where a number cannot be read.
  Optional<Order> order(Offer offer) {
    try {
      long many = Long.parseLong(n.getText().strip());
      if (many < 4 || many > MOST_OBSERVATIONS) {
        return Optional.empty();
      }
      return wishes(offer).map(wishes -> new Order(rows, columns, layers, many, wishes));
    } catch (NumberFormatException e) {
      return Optional.empty();
    }
  }

  /// A wish that means nothing for this procedure is left out.
  private Optional<List<Wish>> wishes(Offer offer) {
    Map<Sort, Wish> wishes = new EnumMap<>(chosen);
    if (!low.getText().isBlank() || !high.getText().isBlank()) {
      double from = number(low, 0);
      double to = number(high, 1);
      if (!(from >= 0 && from < to && to <= 1)) {
        return Optional.empty();
      }
      wishes.put(Sort.P, new Wish.PValue(from, to));
    }
    wishes.keySet().retainAll(offer.wishes());
    return Optional.of(List.copyOf(wishes.values()));
  }

  private static double number(TextField field, double usual) {
    String text = field.getText().strip().replace(',', '.');
    try {
      return text.isEmpty() ? usual : Double.parseDouble(text);
    } catch (NumberFormatException e) {
      return Double.NaN;
    }
  }
}
