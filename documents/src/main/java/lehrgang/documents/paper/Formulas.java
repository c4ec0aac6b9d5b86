package lehrgang.documents.paper;

import java.util.ArrayList;
import java.util.List;
import lehrgang.core.notation.Chain;
import lehrgang.documents.typeset.ChainRows;
import lehrgang.documents.typeset.FormulaSetter;
import lehrgang.documents.typeset.FormulaSetter.Weight;
import lehrgang.documents.typeset.Setting;

/// Sets workings on paper.
public final class Formulas {
  private static final double SMALLEST = 6.5;
  private static final double ROW_GAP = 4;

  /// Sets formulas for paper.
  public static final FormulaSetter SETTER = new FormulaSetter(SMALLEST);

  private Formulas() {}

  /// A chain of equalities in one slab, broken into rows where it must be.
  public static Slab chain(
      Chain chain, String spoken, double size, double available, Element parent, Tints tints) {
    List<List<Setting>> parts = new ArrayList<>();
    parts.add(List.of(SETTER.set(chain.left(), size)));
    for (Chain.Link link : chain.links()) {
      boolean result = link == chain.links().getLast() && chain.links().size() > 1;
      parts.add(SETTER.set(link, size, result ? Weight.RESULT : Weight.STEP));
    }
    FormulaPaints formulas = new FormulaPaints(tints);
    List<Paint> paints = new ArrayList<>();
    double y = 0;
    double width = 0;
    for (ChainRows.Row<Setting> row : ChainRows.of(parts, Setting::width, available)) {
      double ascent = row.parts().stream().mapToDouble(Setting::ascent).max().orElse(0);
      double descent = row.parts().stream().mapToDouble(Setting::descent).max().orElse(0);
      double top = y == 0 ? 0 : y + ROW_GAP;
      double x = row.left();
      for (Setting part : row.parts()) {
        for (Paint paint : formulas.of(part)) {
          paints.add(paint.moved(x, top + ascent));
        }
        x += part.width();
      }
      width = Math.max(width, x);
      y = top + ascent + descent;
    }
    Element element = parent.part(Element.Type.FORMULA, spoken);
    return new Slab(width, y, List.of(Piece.of(element, paints)));
  }
}
