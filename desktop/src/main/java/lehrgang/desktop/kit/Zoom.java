package lehrgang.desktop.kit;

import javafx.scene.layout.Region;
import javafx.scene.transform.Scale;

/// Shows the whole interface larger or smaller, from 80 to 200 %.
public final class Zoom extends Region {
  private static final double STEP = 0.1;
  private static final double LEAST = 0.8;
  private static final double MOST = 2.0;

  private final Region content;
  private final Scale scale = new Scale(1, 1);

  public Zoom(Region content) {
    this.content = content;
    content.getTransforms().add(scale);
    getChildren().add(content);
  }

  public void in() {
    set(scale.getX() + STEP);
  }

  public void out() {
    set(scale.getX() - STEP);
  }

  public void reset() {
    set(1);
  }

  private void set(double wanted) {
    double factor = Math.clamp(Math.round(wanted * 10) / 10.0, LEAST, MOST);
    scale.setX(factor);
    scale.setY(factor);
    requestLayout();
  }

  public double factor() {
    return scale.getX();
  }

  @Override
  protected void layoutChildren() {
    content.resizeRelocate(0, 0, getWidth() / scale.getX(), getHeight() / scale.getY());
  }
}
