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
import lehrgang.core.notation.Speech;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.page.FormulaLayout.Weight;
import lehrgang.desktop.page.Laid.Piece;

/// A formula on the page. A chain of equalities breaks before its signs where the page is too
/// narrow, and a part of it that is too wide for a line of its own before its + and −.
final class FormulaView extends Region {
  private static final double LINE_GAP = 8;
  private static final double SMALLEST = 9.5;

  private final List<Part> parts;
  private final double indent;

  /// What stays on one line where that is long enough.
  private record Part(List<Laid> terms) {
    double width() {
      return terms.stream().mapToDouble(Laid::width).sum();
    }
  }

  private FormulaView(List<Part> parts, String speech) {
    this.parts = parts;
    this.indent = parts.getFirst().width();
    for (Part part : parts) {
      for (Piece piece : part.terms().stream().flatMap(term -> term.pieces().stream()).toList()) {
        Node node = piece.node();
        node.setManaged(false);
        if (node instanceof Text) {
          node.setMouseTransparent(true);
        }
        getChildren().add(node);
      }
    }
    getStyleClass().add(Style.FORMULA);
    setAccessibleRole(AccessibleRole.TEXT);
    setAccessibleText(speech);
  }

  static FormulaView of(Box box, double size, FormulaLayout layout) {
    return new FormulaView(List.of(new Part(List.of(layout.lay(box, size)))), Speech.of(box));
  }

  static FormulaView of(Chain chain, double size, FormulaLayout layout) {
    List<Part> parts = new ArrayList<>();
    parts.add(new Part(List.of(layout.lay(chain.left(), size))));
    for (Chain.Link link : chain.links()) {
      boolean last = link == chain.links().getLast() && chain.links().size() > 1;
      parts.add(new Part(layout.lay(link, size, last ? Weight.RESULT : Weight.STEP)));
    }
    return new FormulaView(parts, Speech.of(chain.box()));
  }

  /// The same, set smaller where a part would be wider than the room there is.
  static FormulaView fitted(Chain chain, double size, double room, FormulaLayout layout) {
    FormulaView view = of(chain, size, layout);
    double widest = view.parts.stream().mapToDouble(Part::width).max().orElse(0) + view.indent;
    return widest <= room ? view : of(chain, Math.max(SMALLEST, size * room / widest), layout);
  }

  private record Row(List<Laid> parts, double left) {
    double width() {
      return left + parts.stream().mapToDouble(Laid::width).sum();
    }

    double ascent() {
      return parts.stream().mapToDouble(Laid::ascent).max().orElse(0);
    }

    double descent() {
      return parts.stream().mapToDouble(Laid::descent).max().orElse(0);
    }

    double height() {
      return ascent() + descent();
    }
  }

  private List<Row> rows(double width) {
    List<Row> rows = new ArrayList<>();
    List<Laid> current = new ArrayList<>(parts.getFirst().terms());
    double used = indent;
    for (Part part : parts.subList(1, parts.size())) {
      boolean first = rows.isEmpty() && current.size() == 1;
      boolean whole = indent + part.width() <= width;
      List<List<Laid>> pieces =
          whole ? List.of(part.terms()) : part.terms().stream().map(List::of).toList();
      for (List<Laid> piece : pieces) {
        double wide = piece.stream().mapToDouble(Laid::width).sum();
        if (!first && used + wide > width) {
          rows.add(new Row(current, rows.isEmpty() ? 0 : indent));
          current = new ArrayList<>();
          used = indent;
        }
        first = false;
        current.addAll(piece);
        used += wide;
      }
    }
    rows.add(new Row(current, rows.isEmpty() ? 0 : indent));
    return rows;
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
    List<Row> rows = rows(available(width));
    return snappedTopInset()
        + rows.stream().mapToDouble(Row::height).sum()
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
    return snappedTopInset() + spare + rows(Double.MAX_VALUE).getFirst().ascent();
  }

  @Override
  protected void layoutChildren() {
    double y = snappedTopInset() + Math.max(0, (getHeight() - computePrefHeight(getWidth())) / 2);
    for (Row row : rows(available(getWidth()))) {
      double baseline = y + row.ascent();
      double x = snappedLeftInset() + row.left();
      for (Laid part : row.parts()) {
        for (Piece piece : part.pieces()) {
          place(piece, x, baseline);
        }
        x += part.width();
      }
      y += row.height() + LINE_GAP;
    }
  }

  private static void place(Piece piece, double x, double baseline) {
    Node node = piece.node();
    node.setLayoutX(x + piece.x());
    node.setLayoutY(baseline + piece.y());
  }
}
