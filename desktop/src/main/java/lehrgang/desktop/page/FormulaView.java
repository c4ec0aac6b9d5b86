package lehrgang.desktop.page;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Orientation;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.layout.Region;
import javafx.scene.text.Text;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.page.FormulaPainter.Piece;
import lehrgang.documents.typeset.ChainRows;
import lehrgang.documents.typeset.ChainRows.Row;
import lehrgang.documents.typeset.FormulaSetter.Weight;
import lehrgang.documents.typeset.Setting;

/// A formula on the page. A chain of equalities breaks before its signs where the page is too
/// narrow, and a part of it that is too wide for a line of its own before its + and −.
final class FormulaView extends Region {
  private static final double LINE_GAP = 8;
  private static final double SMALLEST = 9.5;

  private static final String PENDING = "…";

  private final List<Part> parts;
  private final Text pending = new Text(PENDING);
  private int revealed = Integer.MAX_VALUE;

  /// Part of a formula in its place, with its nodes.
  private record Laid(Setting setting, List<Piece> pieces) {
    double width() {
      return setting.width();
    }
  }

  /// What stays on one line where that is long enough.
  private record Part(List<Laid> terms) {
    double width() {
      return terms.stream().mapToDouble(Laid::width).sum();
    }
  }

  private FormulaView(List<List<Setting>> settings, String speech, FormulaPainter painter) {
    this.parts =
        settings.stream()
            .map(terms -> new Part(terms.stream().map(term -> laid(term, painter)).toList()))
            .toList();
    getStyleClass().add(Style.FORMULA);
    setAccessibleRole(AccessibleRole.TEXT);
    setAccessibleText(speech);
  }

  private Laid laid(Setting setting, FormulaPainter painter) {
    List<Piece> pieces = setting.marks().stream().map(painter::paint).toList();
    for (Piece piece : pieces) {
      piece.node().setManaged(false);
      getChildren().add(piece.node());
    }
    return new Laid(setting, pieces);
  }

  static FormulaView of(Box box, double size, FormulaPainter painter) {
    return new FormulaView(
        List.of(List.of(FormulaPainter.SETTER.set(box, size))), painter.speech().of(box), painter);
  }

  static FormulaView of(Chain chain, double size, FormulaPainter painter) {
    return new FormulaView(settings(chain, size), painter.speech().of(chain.box()), painter);
  }

  private static List<List<Setting>> settings(Chain chain, double size) {
    List<List<Setting>> parts = new ArrayList<>();
    parts.add(List.of(FormulaPainter.SETTER.set(chain.left(), size)));
    for (Chain.Link link : chain.links()) {
      boolean last = link == chain.links().getLast() && chain.links().size() > 1;
      parts.add(FormulaPainter.SETTER.set(link, size, last ? Weight.RESULT : Weight.STEP));
    }
    return parts;
  }

  /// The same, set smaller where a part would be wider than the room there is.
  static FormulaView fitted(Chain chain, double size, double room, FormulaPainter painter) {
    List<List<Setting>> settings = settings(chain, size);
    double widest = settings.stream().mapToDouble(FormulaView::width).max().orElse(0);
    double wide = widest + width(settings.getFirst());
    return wide <= room
        ? new FormulaView(settings, painter.speech().of(chain.box()), painter)
        : of(chain, Math.max(SMALLEST, size * room / wide), painter);
  }

  private static double width(List<Setting> terms) {
    return terms.stream().mapToDouble(Setting::width).sum();
  }

  /// How many lines a formula takes, and how wide what cannot be broken is.
  record Extent(int rows, double widest) {}

  /// What a formula would take of a room.
  static Extent extent(Chain chain, double size, double room) {
    List<List<Setting>> settings = settings(chain, size);
    double widest =
        settings.stream().flatMap(List::stream).mapToDouble(Setting::width).max().orElse(0);
    return new Extent(ChainRows.of(settings, Setting::width, room).size(), widest);
  }

  /// Shows the left side and so many links; the next one is still to come.
  void reveal(int links) {
    revealed = links;
    for (int k = 0; k < parts.size(); k++) {
      boolean shown = k <= links;
      parts.get(k).terms().stream()
          .flatMap(term -> term.pieces().stream())
          .forEach(piece -> piece.node().setVisible(shown));
    }
    if (links < parts.size() - 1 && !getChildren().contains(pending)) {
      pending.getStyleClass().addAll(Style.FORMULA_TEXT, Style.PENDING);
      pending.setManaged(false);
      getChildren().add(pending);
    }
    pending.setVisible(links < parts.size() - 1);
    requestLayout();
  }

  private List<Row<Laid>> rows(double width) {
    return ChainRows.of(parts.stream().map(Part::terms).toList(), Laid::width, width);
  }

  private static double ascent(Row<Laid> row) {
    return row.parts().stream().mapToDouble(part -> part.setting().ascent()).max().orElse(0);
  }

  private static double height(Row<Laid> row) {
    return ascent(row)
        + row.parts().stream().mapToDouble(part -> part.setting().descent()).max().orElse(0);
  }

  private double available(double width) {
    return width < 0 ? Double.MAX_VALUE : width - snappedLeftInset() - snappedRightInset();
  }

  @Override
  public Orientation getContentBias() {
    return parts.size() > 1 ? Orientation.HORIZONTAL : null;
  }

  @Override
  protected double computePrefWidth(double height) {
    return snappedLeftInset() + parts.stream().mapToDouble(Part::width).sum() + snappedRightInset();
  }

  @Override
  protected double computeMinWidth(double height) {
    return parts.size() > 1 ? 60 : computePrefWidth(height);
  }

  @Override
  protected double computePrefHeight(double width) {
    List<Row<Laid>> rows = rows(available(width));
    return snappedTopInset()
        + rows.stream().mapToDouble(FormulaView::height).sum()
        + LINE_GAP * (rows.size() - 1)
        + snappedBottomInset();
  }

  @Override
  protected double computeMinHeight(double width) {
    return computePrefHeight(width);
  }

  @Override
  public double getBaselineOffset() {
    double spare = Math.max(0, (getHeight() - computePrefHeight(getWidth())) / 2);
    return snappedTopInset() + spare + ascent(rows(Double.MAX_VALUE).getFirst());
  }

  @Override
  protected void layoutChildren() {
    double y = snappedTopInset() + Math.max(0, (getHeight() - computePrefHeight(getWidth())) / 2);
    for (Row<Laid> row : rows(available(getWidth()))) {
      double baseline = y + ascent(row);
      double x = snappedLeftInset() + row.left();
      for (Laid part : row.parts()) {
        for (Piece piece : part.pieces()) {
          place(piece, x, baseline);
        }
        if (isNext(part)) {
          pending.setX(x + ascent(row) / 2);
          pending.setY(baseline);
        }
        x += part.width();
      }
      y += height(row) + LINE_GAP;
    }
  }

  /// Whether it begins what is still to come.
  private boolean isNext(Laid part) {
    return revealed < parts.size() - 1 && parts.get(revealed + 1).terms().getFirst() == part;
  }

  private static void place(Piece piece, double x, double baseline) {
    Node node = piece.node();
    node.setLayoutX(x + piece.x());
    node.setLayoutY(baseline + piece.y());
  }
}
