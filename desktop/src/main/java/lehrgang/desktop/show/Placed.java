package lehrgang.desktop.show;

import javafx.collections.ObservableList;
import javafx.scene.Node;
import javafx.scene.layout.Region;

/// Holds what stands where somebody else placed it.
final class Placed extends Region {
  @Override
  public ObservableList<Node> getChildren() {
    return super.getChildren();
  }

  @Override
  protected void layoutChildren() {
    // Everything has its place already.
  }
}
