package lehrgang.desktop.page;

import javafx.geometry.Orientation;
import javafx.scene.layout.Region;
import javafx.scene.transform.Scale;

/// A figure with its words as large as the text beside it.
public final class MagnifiedFigure extends Region {
  private static final double FACTOR = 1.34;
  private static final double MOST = 760;

  private final FigureView figure;

  /// @param room how high it may be where that can be helped
  MagnifiedFigure(FigureView figure, double room) {
    this.figure = figure;
    figure.keepWithin(room / FACTOR);
    figure.getTransforms().add(new Scale(FACTOR, FACTOR));
    getChildren().add(figure);
  }

  /// Draws it for a room.
  ///
  /// @param room how wide it may be
  public void fit(double room) {
    figure.draw(Math.min(room, MOST) / FACTOR);
  }

  @Override
  public Orientation getContentBias() {
    return Orientation.HORIZONTAL;
  }

  @Override
  protected double computePrefWidth(double height) {
    return MOST;
  }

  @Override
  protected double computePrefHeight(double width) {
    return figure.prefHeight(Math.min(width, MOST) / FACTOR) * FACTOR;
  }

  @Override
  protected void layoutChildren() {
    double width = Math.min(getWidth(), MOST) / FACTOR;
    figure.resizeRelocate(0, 0, width, figure.prefHeight(width));
  }
}
