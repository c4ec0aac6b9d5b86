package lehrgang.documents.figure;

import java.util.List;
import java.util.Optional;
import lehrgang.core.page.FigureSpec.OutcomeBar;
import lehrgang.core.page.FigureSpec.Outcomes;
import lehrgang.core.page.PageBlock.Share;
import lehrgang.core.page.PageBlock.Use;
import lehrgang.documents.figure.Drawing.Anchor;
import lehrgang.documents.figure.Drawing.Face;
import lehrgang.documents.figure.Drawing.Filling;
import lehrgang.documents.figure.Drawing.Ink;
import lehrgang.documents.figure.Drawing.Stroke;

/// The probability of every outcome as a bar from zero; the ones that the p-value sums are filled,
/// the others hollow, and the one observed is named.
final class OutcomesDrawing {
  private static final double HEIGHT = 190;
  private static final double BASE = 152;
  private static final double TOP = 30;
  private static final double SIDE = 10;
  private static final double NUMBER_ROOM = 44;

  private final Outcomes outcomes;
  private final double width;
  private final Sketchpad pad = new Sketchpad();

  OutcomesDrawing(Outcomes outcomes, double width) {
    this.outcomes = outcomes;
    this.width = width;
  }

  Drawing draw() {
    List<OutcomeBar> bars = outcomes.bars();
    double most = bars.stream().mapToDouble(bar -> bar.probability().at()).max().orElse(1);
    double slot = (width - 2 * SIDE) / bars.size();
    int everyName = (int) Math.ceil(26 / slot);
    for (int k = 0; k < bars.size(); k++) {
      bar(bars.get(k), SIDE + slot * k, slot, most, k % everyName == 0);
    }
    pad.line(SIDE, BASE, width - SIDE, BASE, Ink.SOFT, 1, Stroke.SOLID);
    pad.label(width / 2, BASE + 34, outcomes.head(), Anchor.MIDDLE, Ink.SOFT);
    pad.key(SIDE, 4, Ink.REJECTION, Filling.FILLED);
    pad.label(SIDE + 18, 13, outcomes.summed(), Anchor.START, Ink.SOFT);
    outcomes.leftOut().ifPresent(note -> pad.label(width - SIDE, 13, note, Anchor.END, Ink.SOFT));
    return pad.finish(width, HEIGHT, outcomes.alternative());
  }

  private void bar(OutcomeBar bar, double left, double slot, double most, boolean named) {
    boolean summed = bar.share() == Share.SUMMED;
    boolean own = bar.use() == Use.OWN;
    double height = (BASE - TOP) * bar.probability().at() / most;
    double middle = left + slot / 2;
    double thick = Math.clamp(slot * 0.7, 1, 38);
    pad.bar(
        middle - thick / 2,
        BASE - height,
        thick,
        Math.max(0.8, height),
        summed ? Ink.REJECTION : Ink.SOFT,
        summed ? Filling.FILLED : Filling.HOLLOW,
        bar.probability().line());
    if (slot >= NUMBER_ROOM || own) {
      pad.label(
          middle,
          BASE - height - 5,
          bar.probability().label(),
          Anchor.MIDDLE,
          Ink.INK,
          own ? Face.STRONG : Face.PLAIN,
          Optional.of(bar.probability().line()));
    }
    if (named || own) {
      pad.label(
          middle,
          BASE + 16,
          bar.name(),
          Anchor.MIDDLE,
          own ? Ink.INK : Ink.SOFT,
          own ? Face.STRONG : Face.PLAIN,
          Optional.of(bar.probability().line()));
    }
    if (own) {
      pad.label(middle, BASE + 34, "▲", Anchor.MIDDLE, Ink.INK);
    }
  }
}
