package lehrgang.desktop.compose;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
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
  private String decision = ANY;
  private String effect = ANY;
  private String conditions = ANY;
  private String expected = ANY;
  private String discordant = ANY;
  private boolean nice;
  private boolean reversal;
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
    choose(
        offer,
        Sort.DECISION,
        "compose.decision",
        decision,
        now -> decision = now,
        "reject",
        "keep");
    if (offer.wishes().contains(Sort.P)) {
      HBox range = new HBox(8, low, new Label("–"), high);
      range.getStyleClass().add(Style.COMPOSE_RANGE);
      add("compose.p", range);
    }
    choose(
        offer,
        Sort.EFFECT,
        "compose.effect",
        effect,
        now -> effect = now,
        "small",
        "medium",
        "large");
    choose(
        offer,
        Sort.CONDITIONS,
        "compose.conditions",
        conditions,
        now -> conditions = now,
        "hold",
        "fail");
    choose(
        offer,
        Sort.EXPECTED,
        "compose.expected",
        expected,
        now -> expected = now,
        "whole",
        "one-decimal");
    choose(
        offer,
        Sort.DISCORDANT,
        "compose.discordant",
        discordant,
        now -> discordant = now,
        "few",
        "many");
    if (offer.wishes().contains(Sort.NICE)) {
      content.getChildren().add(box("compose.nice", nice, ticked -> nice = ticked));
    }
    if (offer.wishes().contains(Sort.REVERSAL)) {
      content.getChildren().add(box("compose.reversal", reversal, ticked -> reversal = ticked));
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

  private interface Into<T> {
    void set(T value);
  }

  private Node steps(String key, int begin, Into<Integer> into) {
    int[] now = {begin};
    Label number = new Label(Integer.toString(begin));
    Stepper stepper =
        new Stepper(
            key.replace('.', '-'),
            number,
            by -> {
              now[0] = Math.clamp(now[0] + by, 2, MOST);
              number.setText(Integer.toString(now[0]));
              into.set(now[0]);
              tell();
            });
    HBox line = new HBox(8, stepper.spoken(Words.of(key)), new Label(Words.of(key)));
    line.getStyleClass().add(Style.COMPOSE_RANGE);
    return line;
  }

  /// A choice between any and some values, where it means something.
  private void choose(
      Offer offer, Sort sort, String key, String chosen, Into<String> into, String... values) {
    if (!offer.wishes().contains(sort)) {
      return;
    }
    Segments segments =
        new Segments(
            Words.of(key),
            Stream.concat(Stream.of(ANY), Stream.of(values))
                .map(value -> new Segments.Segment(value, Words.of(key + "." + value), ""))
                .toList(),
            chosen,
            value -> {
              into.set(value);
              tell();
            });
    segments.setId(key.replace('.', '-'));
    add(key, segments);
  }

  private CheckBox box(String key, boolean ticked, Into<Boolean> into) {
    CheckBox box = new CheckBox(Words.of(key));
    box.setId(key.replace('.', '-'));
    box.setSelected(ticked);
    box.setOnAction(
        _ -> {
          into.set(box.isSelected());
          tell();
        });
    return box;
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

  private Optional<List<Wish>> wishes(Offer offer) {
    List<Wish> wishes = new ArrayList<>();
    if (!decision.equals(ANY)) {
      wishes.add(new Wish.Decision(decision.equals("reject")));
    }
    if (!low.getText().isBlank() || !high.getText().isBlank()) {
      double from = number(low, 0);
      double to = number(high, 1);
      if (!(from >= 0 && from < to && to <= 1)) {
        return Optional.empty();
      }
      wishes.add(new Wish.PValue(from, to));
    }
    if (!effect.equals(ANY)) {
      wishes.add(new Wish.Effect(Wish.Strength.valueOf(effect.toUpperCase(Locale.ROOT))));
    }
    if (!conditions.equals(ANY)) {
      wishes.add(new Wish.Conditions(conditions.equals("hold")));
    }
    if (!expected.equals(ANY)) {
      wishes.add(new Wish.Expected(expected.equals("whole") ? 0 : 1));
    }
    if (!discordant.equals(ANY)) {
      wishes.add(new Wish.Discordant(discordant.equals("many")));
    }
    if (nice) {
      wishes.add(new Wish.NiceShares());
    }
    if (reversal) {
      wishes.add(new Wish.Reversal());
    }
    return Optional.of(wishes.stream().filter(wish -> means(offer, wish)).toList());
  }

  /// A wish that was chosen for another procedure stays chosen, and is left out here.
  private static boolean means(Offer offer, Wish wish) {
    return offer
        .wishes()
        .contains(
            switch (wish) {
              case Wish.Decision _ -> Sort.DECISION;
              case Wish.PValue _ -> Sort.P;
              case Wish.Effect _ -> Sort.EFFECT;
              case Wish.Conditions _ -> Sort.CONDITIONS;
              case Wish.Expected _ -> Sort.EXPECTED;
              case Wish.NiceShares _ -> Sort.NICE;
              case Wish.Reversal _ -> Sort.REVERSAL;
              case Wish.Discordant _ -> Sort.DISCORDANT;
              default -> Sort.DECISION;
            });
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
