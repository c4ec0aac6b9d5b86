package lehrgang.desktop.check;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.AtOnce;
import lehrgang.core.marking.Judgement;
import lehrgang.core.marking.Mark;
import lehrgang.core.marking.SheetMarks;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;
import lehrgang.core.notation.Filled;
import lehrgang.core.page.Page;
import lehrgang.desktop.desk.Checked;
import lehrgang.desktop.desk.Desk;
import lehrgang.desktop.desk.Sight;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// What is said of the answer in hand on the sheet that is tried: what became of it, and hints one
/// after the other.
final class TryPanel extends ScrollPane {
  private static final double ROOM = 14;
  private static final int MOST_HINTS = 2;

  private final Desk desk;
  private final TrySheet sheet;
  private final Label counts = Labels.label("", Style.CHECK_SUMMARY);
  private final Label name = Labels.label("", Style.ASKED);
  private final VBox said = new VBox();
  private final Button hint = new Button(Words.of("check.try.hint"));
  private Optional<LineId> line = Optional.empty();
  private Optional<Checked> judged = Optional.empty();
  private int hints;
  private boolean begun;

  /// @param done leaves the sheet
  TryPanel(Desk desk, Runnable done) {
    this.desk = desk;
    this.sheet = new TrySheet(desk, this::changed, this::enter);
    getStyleClass().addAll(Style.RAIL_SCROLL, Style.STUDENT_PANEL);
    setFitToWidth(true);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    counts.setId("try-counts");
    said.setId("try-said");
    said.setSpacing(ROOM / 2);
    hint.setId("try-hint");
    hint.getStyleClass().add(Style.HAND_OUT);
    hint.setOnAction(
        _ -> {
          hints = Math.min(MOST_HINTS, hints + 1);
          show();
        });
    Button again = new Button(Words.of("check.try.again"));
    again.setId("try-again");
    again.getStyleClass().add(Style.QUIET);
    again.setOnAction(_ -> begin());
    Button leave = new Button(Words.of("check.try.done"));
    leave.setId("try-done");
    leave.getStyleClass().add(Style.QUIET);
    leave.setOnAction(_ -> done.run());
    HBox ways = new HBox(hint, again, leave);
    ways.getStyleClass().add(Style.CHECK_WAYS);
    VBox box =
        new VBox(
            Labels.label(Words.of("check.try"), Style.CHECK_TITLE),
            Labels.label(Words.of("check.try.say"), Style.CHECK_NOTE),
            counts,
            name,
            said,
            ways);
    VBox.setMargin(counts, new Insets(ROOM, 0, ROOM, 0));
    VBox.setMargin(ways, new Insets(ROOM, 0, 0, 0));
    box.getStyleClass().add(Style.STUDENT_BOX);
    setContent(box);
    desk.worked().subscribe(this::renew);
  }

  /// The sheet that stands beside this.
  TrySheet sheet() {
    return sheet;
  }

  /// Begins with an empty sheet.
  void begin() {
    begun = true;
    line = Optional.empty();
    sheet.begin();
    judge();
  }

  /// Takes the sheet away.
  void leave() {
    begun = false;
    line = Optional.empty();
    judged = Optional.empty();
    sheet.clear();
    show();
  }

  /// The solution has become another while its sheet is tried: by a step back, say.
  private void renew(Sight now) {
    if (begun && now.isCurrent()) {
      sheet.renew();
      line = line.filter(sheet::asks);
      judge();
    }
  }

  private void enter(LineId entered) {
    if (!line.equals(Optional.of(entered))) {
      line = Optional.of(entered);
      hints = 0;
    }
    show();
  }

  private void changed(LineId written) {
    line = Optional.of(written);
    hints = 0;
    judge();
  }

  private void judge() {
    judged = desk.checking().judge(sheet.answers());
    marks().ifPresent(marks -> marks.marks().forEach(sheet::show));
    show();
  }

  private Optional<SheetMarks> marks() {
    return judged.map(checked -> checked.marks().sheets().getFirst());
  }

  private void show() {
    said.getChildren().clear();
    counts.setText(
        marks()
            .map(
                marks ->
                    Words.of(
                        "check.try.counts",
                        marks.marks().stream().filter(TryPanel::isRight).count(),
                        marks.marks().size()))
            .orElse(""));
    hint.setDisable(line.filter(asked -> !sheet.isDecision(asked)).isEmpty());
    name.setText("");
    judged.ifPresent(checked -> line.ifPresent(asked -> say(checked, asked)));
  }

  private static boolean isRight(Mark mark) {
    return switch (mark.verdict()) {
      case RIGHT, RIGHT_ROUNDED, TOO_COARSE -> true;
      case FOLLOW_THROUGH, SLIP, WRONG, BLANK, UNREADABLE -> false;
    };
  }

  private void say(Checked checked, LineId asked) {
    name.setText(checked.page().name(asked));
    marks().orElseThrow().marks().stream()
        .filter(mark -> mark.line().equals(asked))
        .findFirst()
        .ifPresent(mark -> said.getChildren().addAll(verdict(checked, mark)));
    if (hints > 0 && !sheet.isDecision(asked)) {
      said.getChildren().addAll(hint(checked.page(), asked));
    }
  }

  private Node[] verdict(Checked checked, Mark mark) {
    String words =
        mark.verdict() == Judgement.RIGHT
            ? Signs.sign(mark.verdict()) + " " + Signs.name(mark.verdict())
            : AtOnce.of(mark, checked.page().wording(), checked.texts());
    if (words.isEmpty()) {
      return new Node[0];
    }
    boolean lost = mark.verdict() == Judgement.SLIP || mark.verdict() == Judgement.WRONG;
    return new Node[] {Labels.label(words, lost ? Style.CHECK_SLIP : Style.CHECK_FOLLOWED)};
  }

  /// The formula, then with the numbers in it that are known: those on the sheet, and one's own.
  private Node[] hint(Page whole, LineId asked) {
    Chain symbols = whole.inSymbols(asked);
    Box filled = Filled.with(whole.termByTerm(asked), sheet::known);
    Chain shown =
        hints < MOST_HINTS
            ? symbols
            : new Chain(symbols.left(), List.of(new Chain.Link("=", filled)));
    String lead = hints < MOST_HINTS ? "formula" : "put-in";
    return new Node[] {
      Labels.label(whole.wording().text("working.say." + lead), Style.CHECK_NOTE),
      sheet.working(shown)
    };
  }
}
