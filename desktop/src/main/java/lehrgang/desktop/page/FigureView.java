package lehrgang.desktop.page;

import java.util.Locale;
import javafx.application.Platform;
import javafx.geometry.Orientation;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.Shape;
import javafx.scene.text.Text;
import lehrgang.core.page.FigureSpec;
import lehrgang.desktop.desk.Request;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.figure.Draughtsman;
import lehrgang.documents.figure.Drawing;
import lehrgang.documents.figure.Drawing.Ink;

/// A figure on screen: the same shapes as in print, painted with the tokens of the style sheet.
public final class FigureView extends Region {
  private static final double LEAST = 320;
  private static final double MOST = 760;
  private static final double USUAL = 634;

  private final FigureSpec figure;
  private final LiveNumbers numbers;
  private final Button save = new Button(Words.of("figure.save"));
  private final Button copy = new Button(Words.of("figure.copy"));
  private double room = Double.POSITIVE_INFINITY;
  private double drawnFor = -1;
  private double height = 200;

  FigureView(FigureSpec figure, LiveNumbers numbers) {
    this.figure = figure;
    this.numbers = numbers;
    getStyleClass().add(Style.FIGURE);
    setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    setAccessibleText(figure.alternative());
    save.getStyleClass().add(Style.FIGURE_SAVE);
    save.setManaged(false);
    save.setOnAction(_ -> new Request.SaveFigure(figure).from(this));
    copy.getStyleClass().add(Style.FIGURE_COPY);
    copy.setManaged(false);
    copy.setOnAction(_ -> new Request.CopyFigure(figure).from(this));
    draw(USUAL);
    widthProperty().subscribe((_, width) -> Platform.runLater(() -> draw(width.doubleValue())));
  }

  @Override
  public Orientation getContentBias() {
    return Orientation.HORIZONTAL;
  }

  @Override
  protected double computePrefWidth(double forHeight) {
    return USUAL;
  }

  @Override
  protected double computeMinWidth(double forHeight) {
    return LEAST;
  }

  @Override
  protected double computePrefHeight(double width) {
    return height + snappedTopInset() + snappedBottomInset();
  }

  @Override
  protected double computeMinHeight(double width) {
    return computePrefHeight(width);
  }

  @Override
  protected void layoutChildren() {
    // The shapes have their places already.
    save.autosize();
    save.relocate(getWidth() - save.getWidth(), snappedTopInset());
    copy.autosize();
    copy.relocate(getWidth() - save.getWidth() - copy.getWidth(), snappedTopInset());
  }

  /// How high it may be where that can be helped.
  void keepWithin(double height) {
    room = height;
    drawnFor = -1;
    draw(USUAL);
  }

  /// Draws anew for another width; never while a layout pass of its own is under way.
  void draw(double width) {
    double wanted = Math.clamp(width - snappedLeftInset() - snappedRightInset(), LEAST, MOST);
    if (Math.abs(wanted - drawnFor) < 0.5) {
      return;
    }
    drawnFor = wanted;
    Drawing drawing = Draughtsman.draw(figure, wanted, room);
    height = drawing.height();
    getChildren().setAll(drawing.shapes().stream().map(this::node).toList());
    getChildren().addAll(copy, save);
    requestLayout();
  }

  private Node node(Drawing.Shape shape) {
    Node node =
        switch (shape) {
          case Drawing.Polyline(var points, var ink, var thickness, var stroke, _) -> {
            Polyline line = new Polyline();
            points.forEach(point -> line.getPoints().addAll(point.x(), point.y()));
            line.setStrokeWidth(thickness);
            line.setFill(null);
            switch (stroke) {
              case SOLID -> line.getStrokeDashArray().clear();
              case DASHED -> line.getStrokeDashArray().setAll(5.0, 3.0);
              case DOTTED -> line.getStrokeDashArray().setAll(1.5, 3.0);
            }
            yield painted(line, "stroke-", ink);
          }
          case Drawing.Area(var points, var ink, _) -> {
            Polygon area = new Polygon();
            points.forEach(point -> area.getPoints().addAll(point.x(), point.y()));
            yield painted(area, "fill-", ink);
          }
          case Drawing.Bar(var x, var y, var w, var h, var ink, var filling, _) -> {
            Rectangle bar = new Rectangle(x, y, w, h);
            bar.setStrokeWidth(1.5);
            painted(bar, "stroke-", ink);
            if (filling == Drawing.Filling.FILLED) {
              painted(bar, "fill-", ink);
            } else {
              bar.setFill(Color.TRANSPARENT);
            }
            yield bar;
          }
          case Drawing.Label label -> label(label);
        };
    node.setManaged(false);
    shape.line().ifPresent(line -> numbers.register(line, node));
    return node;
  }

  private static Node label(Drawing.Label label) {
    Text text = new Text(label.text());
    text.getStyleClass().add(Style.FIGURE_TEXT);
    if (label.face() == Drawing.Face.STRONG) {
      text.getStyleClass().add(Style.STRONG);
    }
    painted(text, "fill-", label.ink());
    double width = text.getLayoutBounds().getWidth();
    text.setY(label.y());
    place(text, label, width);
    // The style sheet's font is wider or narrower than the one measured before it is applied.
    text.layoutBoundsProperty().subscribe(bounds -> place(text, label, bounds.getWidth()));
    return text;
  }

  private static void place(Text text, Drawing.Label label, double width) {
    double x =
        switch (label.anchor()) {
          case START -> label.x();
          case MIDDLE -> label.x() - width / 2;
          case END -> label.x() - width;
        };
    if (text.getLayoutX() != x) {
      text.setLayoutX(x);
    }
  }

  private static Shape painted(Shape shape, String use, Ink ink) {
    shape.getStyleClass().add(use + ink.name().toLowerCase(Locale.ROOT).replace('_', '-'));
    return shape;
  }
}
