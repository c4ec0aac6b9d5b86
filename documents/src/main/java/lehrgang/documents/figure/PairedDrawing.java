package lehrgang.documents.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.page.FigureSpec.Pair;
import lehrgang.core.page.FigureSpec.Paired;
import lehrgang.documents.figure.Drawing.Anchor;
import lehrgang.documents.figure.Drawing.Face;
import lehrgang.documents.figure.Drawing.Filling;
import lehrgang.documents.figure.Drawing.Ink;
import lehrgang.documents.figure.Drawing.Stroke;

/// Observed and expected counts side by side, one band a row of the table, every bar from zero.
final class PairedDrawing {
  private static final double NAME_WIDTH = 104;
  private static final double TALLEST_BAND = 150;
  private static final double SHORTEST_BAND = 78;

  /// Where there is little room, a band may be so short.
  private static final double SHORTEST_OF_ALL = 58;

  /// The bands together are about so high.
  private static final double ALL_BANDS = 340;

  /// Above the tallest bar stands its number, below the band the space to the next.
  private static final double AROUND_BAR = 38;
  private static final double HEAD = 26;
  private static final double BELOW = 8;
  private static final double FOOT = 22;
  private static final double WIDEST_BAR = 52;
  private static final double NARROWEST_LABELLED = 26;

  private final Paired paired;
  private final double width;
  private final double room;
  private double band;
  private final Sketchpad pad = new Sketchpad();

  /// @param room how high it may be where that can be helped
  PairedDrawing(Paired paired, double width, double room) {
    this.paired = paired;
    this.width = width;
    this.room = room;
  }

  Drawing draw() {
    List<List<Pair>> bands = bands();
    band =
        Math.clamp(
            (room - HEAD - BELOW - FOOT) / bands.size(),
            SHORTEST_OF_ALL,
            Math.clamp(ALL_BANDS / bands.size(), SHORTEST_BAND, TALLEST_BAND));
    double most =
        paired.pairs().stream()
            .mapToDouble(pair -> Math.max(pair.observed().at(), pair.expected().at()))
            .max()
            .orElse(1);
    legend();
    double slot = (width - NAME_WIDTH) / bands.getFirst().size();
    for (int i = 0; i < bands.size(); i++) {
      band(bands.get(i), HEAD + i * band, slot, most);
    }
    double foot = HEAD + bands.size() * band + BELOW;
    for (int j = 0; j < bands.getFirst().size(); j++) {
      String name = Sketchpad.fitted(bands.getFirst().get(j).column(), slot - 4);
      pad.label(NAME_WIDTH + slot * (j + 0.5), foot, name, Anchor.MIDDLE, Ink.SOFT);
    }
    return pad.finish(width, foot + FOOT, paired.alternative());
  }

  private List<List<Pair>> bands() {
    List<List<Pair>> bands = new ArrayList<>();
    String row = null;
    for (Pair pair : paired.pairs()) {
      if (!pair.row().equals(row)) {
        bands.add(new ArrayList<>());
        row = pair.row();
      }
      bands.getLast().add(pair);
    }
    return bands;
  }

  private void legend() {
    pad.key(NAME_WIDTH, 4, Ink.OBSERVED, Filling.FILLED);
    pad.label(NAME_WIDTH + 18, 13, paired.observedName(), Anchor.START, Ink.SOFT);
    double second = NAME_WIDTH + 40 + Drawing.widthOf(paired.observedName(), Sketchpad.SMALL);
    pad.key(second, 4, Ink.EXPECTED, Filling.HOLLOW);
    pad.label(second + 18, 13, paired.expectedName(), Anchor.START, Ink.SOFT);
  }

  private void band(List<Pair> pairs, double top, double slot, double most) {
    double base = top + band - 14;
    pad.label(
        0,
        base - 4,
        Sketchpad.fitted(pairs.getFirst().row(), NAME_WIDTH - 10),
        Anchor.START,
        Ink.INK,
        Face.PLAIN,
        Optional.empty());
    pad.line(NAME_WIDTH, base, width, base, Ink.SOFT, 1, Stroke.SOLID);
    double bar = Math.min(WIDEST_BAR, slot * 0.34);
    for (int j = 0; j < pairs.size(); j++) {
      Pair pair = pairs.get(j);
      double middle = NAME_WIDTH + slot * (j + 0.5);
      double observed = (band - AROUND_BAR) * pair.observed().at() / most;
      double expected = (band - AROUND_BAR) * pair.expected().at() / most;
      pad.bar(
          middle - bar - 1,
          base - observed,
          bar,
          observed,
          Ink.OBSERVED,
          Filling.FILLED,
          pair.observed().line());
      pad.bar(
          middle + 1,
          base - expected,
          bar,
          expected,
          Ink.EXPECTED,
          Filling.HOLLOW,
          pair.expected().line());
      if (slot >= 2 * NARROWEST_LABELLED + 20) {
        pad.label(middle - 3, base - observed - 5, pair.observed().label(), Anchor.END, Ink.INK);
        pad.label(
            middle + 3, base - expected - 5, pair.expected().label(), Anchor.START, Ink.EXPECTED);
      }
    }
  }
}
