package lehrgang.desktop.window;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.HPos;
import javafx.scene.control.Button;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.GridPane;
import lehrgang.core.number.Decimals;
import lehrgang.core.number.Kind;
import lehrgang.core.solution.Choices;
import lehrgang.core.wording.Wording;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.kit.Stepper;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import org.kordamp.ikonli.javafx.FontIcon;

/// How many decimals are shown, and whether they are kept on the way.
final class DecimalsMenu extends MenuButton {
  private static final List<Kind> KINDS =
      List.of(
          Kind.EXPECTED,
          Kind.CONTRIBUTION,
          Kind.STATISTIC,
          Kind.CRITICAL,
          Kind.P_VALUE,
          Kind.SHARE,
          Kind.PROBABILITY,
          Kind.STANDARD_ERROR,
          Kind.RESIDUAL,
          Kind.EFFECT,
          Kind.MEASURE);
  private static final int LEAST_ON_THE_WAY = 0;
  private static final int USUAL_ON_THE_WAY = 2;

  private final OpenSolution solution;
  private final Map<Kind, Label> numbers = new EnumMap<>(Kind.class);
  private final Label onTheWay = new Label();

  DecimalsMenu(OpenSolution solution) {
    super("", new FontIcon("fth-sliders"));
    this.solution = solution;
    setTooltip(new Tooltip(Words.of("decimals")));
    setAccessibleText(Words.of("decimals"));
    setId("decimals");
    setMinWidth(USE_PREF_SIZE);
    getStyleClass().add(Style.HEADER_MENU);
    CustomMenuItem item = new CustomMenuItem(panel(), false);
    item.getStyleClass().add(Style.DECIMALS_ITEM);
    getItems().add(item);
    solution.subscribe(now -> show(now.choices()));
  }

  private GridPane panel() {
    GridPane panel = new GridPane();
    panel.getStyleClass().add(Style.DECIMALS_PANEL);
    Label shown = new Label(Words.of("decimals.shown"));
    shown.getStyleClass().add(Style.TRACE_HEAD);
    panel.add(shown, 0, 0, 2, 1);
    int row = 1;
    for (Kind kind : KINDS) {
      panel.add(new Label(Wording.english().text("kind." + kind.key())), 0, row);
      Label number = new Label();
      numbers.put(kind, number);
      panel.add(
          new Stepper("decimals-" + kind.key(), number, by -> change(c -> decimals(c, kind, by))),
          1,
          row++);
    }
    Label way = new Label(Words.of("decimals.on-the-way"));
    way.getStyleClass().add(Style.TRACE_HEAD);
    panel.add(way, 0, row++, 2, 1);
    panel.add(onTheWay, 0, row);
    panel.add(new Stepper("on-the-way", new Label(), by -> change(c -> onTheWay(c, by))), 1, row++);
    Button usual = new Button(Words.of("decimals.usual"));
    usual.getStyleClass().add(Style.QUIET);
    usual.setOnAction(
        _ -> change(c -> c.withDecimals(Decimals.usual()).withOnTheWay(Optional.empty())));
    panel.add(usual, 0, row, 2, 1);
    GridPane.setHalignment(usual, HPos.RIGHT);
    return panel;
  }

  private interface Change {
    Choices apply(Choices choices);
  }

  private void change(Change change) {
    solution.edit("decimals", now -> now.withChoices(change.apply(now.choices())));
  }

  private static Choices decimals(Choices choices, Kind kind, int by) {
    int wanted = Math.clamp((long) choices.decimals().of(kind) + by, 0, Decimals.MOST);
    return choices.withDecimals(choices.decimals().with(kind, wanted));
  }

  /// Below no decimals nothing is rounded at all.
  private static Choices onTheWay(Choices choices, int by) {
    Optional<Integer> now = choices.onTheWay();
    int wanted = now.map(k -> k + by).orElse(by > 0 ? USUAL_ON_THE_WAY : -1);
    return choices.withOnTheWay(
        wanted < LEAST_ON_THE_WAY
            ? Optional.empty()
            : Optional.of(Math.min(wanted, Decimals.MOST)));
  }

  private void show(Choices choices) {
    numbers.forEach(
        (kind, label) -> label.setText(Integer.toString(choices.shownDecimals().of(kind))));
    onTheWay.setText(
        choices
            .onTheWay()
            .map(k -> Words.of("decimals.on-the-way.some", k))
            .orElse(Words.of("decimals.on-the-way.none")));
  }
}
