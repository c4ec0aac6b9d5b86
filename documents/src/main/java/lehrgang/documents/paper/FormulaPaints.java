package lehrgang.documents.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.expr.LineId;
import lehrgang.documents.look.Palette;
import lehrgang.documents.look.Typeface;
import lehrgang.documents.typeset.Mark;
import lehrgang.documents.typeset.Setting;

/// Paints the marks of a formula on paper, its baseline at 0.
final class FormulaPaints {
  private static final double CORNER = 5;
  private static final double RADIUS = 1.5;
  private static final double HAIR = 0.5;
  private static final double UNDERLINE = 1.1;

  private final Tints tints;

  FormulaPaints(Tints tints) {
    this.tints = tints;
  }

  List<Paint> of(Setting setting) {
    List<Paint> paints = new ArrayList<>();
    setting.marks().forEach(mark -> add(mark, paints));
    return paints;
  }

  private void add(Mark mark, List<Paint> paints) {
    switch (mark) {
      case Mark.Signs(var x, var y, var text, var typeface, var size, var within) ->
          paints.addAll(Fitting.paints(x, y, text, typeface, size, tints.colour(within)));
      case Mark.Rule(var x1, var y1, var x2, var y2, var thickness) ->
          paints.add(Paint.Stroke.line(x1, y1, x2, y2, thickness, Palette.INK.light()));
      case Mark.Ground(var line, var x, var y, var width, var height) ->
          tints
              .underline(line)
              .ifPresent(
                  rule ->
                      paints.add(
                          new Paint.Stroke(
                              List.of(x, y + height, x + width, y + height),
                              UNDERLINE,
                              rule.dashes(),
                              rule.colour())));
      case Mark.Room(var x, var y, var width, var height, var line) ->
          room(x, y, width, height, line, tints, paints);
    }
  }

  /// Room for an answer: a frame with its number in the corner.
  static void room(
      double x,
      double y,
      double width,
      double height,
      Optional<LineId> line,
      Tints tints,
      List<Paint> paints) {
    paints.add(new Paint.Frame(x, y, width, height, RADIUS, HAIR, Palette.FAINT.light()));
    line.map(tints::corner)
        .filter(corner -> !corner.isEmpty())
        .ifPresent(
            corner ->
                paints.add(
                    new Paint.Text(
                        x + 2,
                        y + CORNER + 0.6,
                        corner,
                        Typeface.SANS,
                        CORNER,
                        Palette.FAINT.light())));
  }
}
