package lehrgang.desktop.check;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.AcceptedAnswers;
import lehrgang.core.marking.ClassMarks;
import lehrgang.core.marking.Judgement;
import lehrgang.core.marking.StepAnswers;
import lehrgang.core.marking.StepAnswers.Cluster;
import lehrgang.core.number.Value;
import lehrgang.core.solution.MarkingRules.OwnSlip;
import lehrgang.desktop.desk.Checked;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.desk.Sight;
import lehrgang.desktop.desk.WorkedOut;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// What a class wrote for one line: dots on a number line, and below them what lies together. What
/// no slip explains can be named as one of this class.
final class StepPanel extends ScrollPane {
  /// One student is no cluster.
  private static final int FEWEST = 2;

  private static final int MOST_DECIMALS = 6;

  private final OpenSolution solution;
  private final WorkedOut worked;
  private final VBox box = new VBox();

  StepPanel(OpenSolution solution, WorkedOut worked) {
    this.solution = solution;
    this.worked = worked;
    getStyleClass().addAll(Style.RAIL_SCROLL, Style.STUDENT_PANEL);
    setFitToWidth(true);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    box.getStyleClass().add(Style.STUDENT_BOX);
    setContent(box);
  }

  void show(Checked checked, LineId line) {
    StepAnswers answers = StepAnswers.of(checked.marks(), line);
    ClassMarks.Counts counts = checked.marks().counts().get(line);
    Label title = new Label(checked.page().name(line));
    title.setId("check-step-title");
    title.setWrapText(true);
    title.getStyleClass().add(Style.CHECK_TITLE);
    Label summary =
        Labels.label(
            Words.of(
                "check.counts",
                counts.right(),
                counts.followed(),
                counts.slipped(),
                counts.wrong(),
                counts.silent()),
            Style.CHECK_SUMMARY);
    box.getChildren().setAll(title, summary);
    if (checked.keys().isPresent()) {
      box.getChildren().add(Labels.label(Words.of("check.own-keys"), Style.CHECK_NOTE));
    } else if (!answers.clusters().isEmpty()) {
      DotPlot plot =
          new DotPlot(
              answers,
              checked.page().value(line).map(Value::asDouble),
              accepted(line),
              checked.page().shown(line).text());
      plot.setAccessibleText(
          answers.clusters().stream()
              .map(cluster -> said(checked, cluster))
              .collect(Collectors.joining("; ")));
      box.getChildren().add(plot);
    }
    answers.clusters().forEach(cluster -> box.getChildren().add(row(checked, line, cluster)));
  }

  private Optional<double[]> accepted(LineId line) {
    return Optional.of(worked.now())
        .filter(Sight::isCurrent)
        .flatMap(Sight::result)
        .flatMap(
            result ->
                AcceptedAnswers.of(result.derivation(), solution.now().marking())
                    .of(line, MOST_DECIMALS))
        .map(range -> new double[] {range.low().doubleValue(), range.high().doubleValue()});
  }

  private static String said(Checked checked, Cluster cluster) {
    return Words.of("check.cluster", numbers(cluster), cluster.students().size())
        + ", "
        + why(checked, cluster);
  }

  private static String why(Checked checked, Cluster cluster) {
    return cluster.slips().isEmpty()
        ? Signs.name(cluster.verdict())
        : cluster.slips().stream().map(checked.texts()::name).collect(Collectors.joining(", "));
  }

  private static String numbers(Cluster cluster) {
    String low = plain(cluster.low());
    String high = plain(cluster.high());
    return low.equals(high) ? low : Words.of("check.range", low, high);
  }

  private static String plain(double number) {
    return BigDecimal.valueOf(number).stripTrailingZeros().toPlainString().replace('-', '−');
  }

  private Node row(Checked checked, LineId line, Cluster cluster) {
    Label numbers = new Label(numbers(cluster) + "\u2002" + Signs.sign(cluster.verdict()));
    numbers.getStyleClass().add(Signs.style(cluster.verdict()));
    numbers.setMinWidth(Region.USE_PREF_SIZE);
    Label why = Labels.label(why(checked, cluster), Style.CHECK_NOTE);
    HBox.setHgrow(why, Priority.ALWAYS);
    why.setMaxWidth(Double.MAX_VALUE);
    Label many = new Label(Words.of("check.many", cluster.students().size()));
    many.setMinWidth(Region.USE_PREF_SIZE);
    many.getStyleClass().add(Style.CHECK_NOTE);
    HBox row = new HBox(numbers, why, many);
    row.getStyleClass().addAll(Style.CHECK_LINE, Style.CHECK_CLUSTER);
    row.setAlignment(Pos.CENTER_LEFT);
    VBox whole = new VBox(row);
    if (cluster.verdict() == Judgement.WRONG && cluster.students().size() >= FEWEST) {
      Button name = new Button(Words.of("check.name-it"));
      name.setId("name-cluster-" + box.getChildren().size());
      name.getStyleClass().add(Style.QUIET);
      name.setOnAction(_ -> whole.getChildren().setAll(row, naming(line, cluster)));
      row.getChildren().add(name);
    }
    return whole;
  }

  /// Asks what went wrong, in a sentence for the students.
  private Node naming(LineId line, Cluster cluster) {
    TextField sentence = new TextField();
    sentence.setId("name-slip");
    sentence.setPromptText(Words.of("check.name-it.prompt"));
    sentence.setAccessibleText(Words.of("check.name-it.prompt"));
    sentence.setOnAction(
        _ -> {
          if (!sentence.getText().isBlank()) {
            name(line, cluster, sentence.getText().strip());
          }
        });
    Platform.runLater(sentence::requestFocus);
    return sentence;
  }

  private void name(LineId line, Cluster cluster, String sentence) {
    solution.edit(
        "",
        now -> {
          List<OwnSlip> own = now.marking().own();
          OwnSlip slip =
              new OwnSlip(
                  "own-" + (own.size() + 1),
                  line.toString(),
                  BigDecimal.valueOf(cluster.low()),
                  BigDecimal.valueOf(cluster.high()),
                  sentence);
          return now.withMarking(now.marking().withOwnSlip(slip));
        });
  }
}
