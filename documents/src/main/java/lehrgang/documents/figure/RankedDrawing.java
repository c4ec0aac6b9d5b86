package lehrgang.documents.figure;

import java.util.List;
import java.util.Optional;
import lehrgang.core.page.FigureSpec.Bar;
import lehrgang.core.page.FigureSpec.Ranked;
import lehrgang.documents.figure.Drawing.Anchor;
import lehrgang.documents.figure.Drawing.Face;
import lehrgang.documents.figure.Drawing.Filling;
import lehrgang.documents.figure.Drawing.Ink;
import lehrgang.documents.figure.Drawing.Stroke;

/// Bars from the largest down; filled where more was observed than expected, hollow where fewer.
final class RankedDrawing {
  private static final int MOST_BARS = 12;
  private static final double ROW = 22;
  private static final double NAME_WIDTH = 190;
  private static final double NUMBER_WIDTH = 70;

  private static final double BEFORE_NUMBER = 8;

  private final Ranked ranked;
  private final double width;
  private final Sketchpad pad = new Sketchpad();

  RankedDrawing(Ranked ranked, double width) {
    this.ranked = ranked;
    this.width = width;
  }

  Drawing draw() {
    List<Bar> bars = ranked.bars().subList(0, Math.min(MOST_BARS, ranked.bars().size()));
    double most = bars.stream().mapToDouble(bar -> bar.size().at()).max().orElse(1);
    double numbers =
        bars.stream()
            .mapToDouble(bar -> Drawing.widthOf(number(bar), Sketchpad.SMALL) + BEFORE_NUMBER)
            .max()
            .orElse(0);
    double room = width - NAME_WIDTH - Math.max(NUMBER_WIDTH, numbers + BEFORE_NUMBER);
    for (int k = 0; k < bars.size(); k++) {
      bar(bars.get(k), 4 + k * ROW, most == 0 ? 0 : room / most);
    }
    double end = 4 + bars.size() * ROW;
    pad.line(NAME_WIDTH, 0, NAME_WIDTH, end, Ink.SOFT, 1, Stroke.SOLID);
    return pad.finish(width, end + 6, ranked.alternative());
  }

  private void bar(Bar bar, double top, double scale) {
    boolean more = bar.sign() >= 0;
    double length = bar.size().at() * scale;
    pad.label(
        NAME_WIDTH - 10,
        top + 13,
        Sketchpad.fitted(bar.name(), NAME_WIDTH - 12),
        Anchor.END,
        Ink.INK);
    pad.bar(
        NAME_WIDTH,
        top + 3,
        Math.max(1, length),
        ROW - 9,
        more ? Ink.MORE : Ink.FEWER,
        more ? Filling.FILLED : Filling.HOLLOW,
        bar.size().line());
    pad.label(
        NAME_WIDTH + length + BEFORE_NUMBER,
        top + 13,
        number(bar),
        Anchor.START,
        Ink.INK,
        Face.STRONG,
        Optional.of(bar.size().line()));
  }

  private static String number(Bar bar) {
    String sign = bar.sign() == 0 ? "" : bar.sign() > 0 ? "+ " : "− ";
    return sign + bar.size().label();
  }
}
