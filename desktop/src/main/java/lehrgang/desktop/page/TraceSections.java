package lehrgang.desktop.page;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;
import lehrgang.core.page.Trace;
import lehrgang.core.wording.Wording;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import org.kordamp.ikonli.javafx.FontIcon;

/// The parts of a trace: where a number comes from and where it goes, its formula, and its value
/// seen from all sides.
final class TraceSections {
  private static final double HEADLINE = 27;
  private static final double FORMULA = 17;

  /// The width that a formula has in the narrowest trace.
  private static final double ROOM = 278;
  private static final double FACT = 15.5;
  private static final int MOST_LINKS = 12;

  private final LiveNumbers numbers;
  private final FormulaPainter formulas;

  TraceSections(LiveNumbers numbers, FormulaPainter formulas) {
    this.numbers = numbers;
    this.formulas = formulas;
  }

  /// What is said of a number, below its heading.
  List<Node> of(Trace trace) {
    List<Node> sections = new ArrayList<>();
    sections.add(headline(trace.headline()));
    sections.add(links("trace.comes-from", trace.given(), trace.sources(), LinkText.NUMBER));
    sections.add(
        links(
            "trace.goes-into", Wording.english().text("trace.end"), trace.uses(), LinkText.SYMBOL));
    trace.formula().ifPresent(chain -> sections.addAll(formula(chain)));
    if (!trace.facts().isEmpty()) {
      sections.add(head("trace.value"));
      sections.add(facts(trace.facts()));
    }
    return sections;
  }

  private List<Node> formula(Chain chain) {
    FormulaView formula = FormulaView.fitted(chain, FORMULA, ROOM, formulas);
    formula.setFocusTraversable(true);
    return List.of(head("trace.formula"), formula);
  }

  private Node headline(Chain chain) {
    FormulaView view = FormulaView.of(chain, HEADLINE, formulas);
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
