package lehrgang.documents.paper;

import java.util.ArrayList;
import java.util.List;

/// A flow broken into pages.
final class Pages {
  private final double height;
  private final List<List<Piece>> pages = new ArrayList<>();
  private List<Piece> page = new ArrayList<>();
  private double y;

  private Pages(double height) {
    this.height = height;
  }

  /// @param height of a page between its margins
  /// @return what stands on each page, from its upper margin
  static List<List<Piece>> of(Flow flow, double height) {
    Pages pages = new Pages(height);
    List<Flow.Item> group = new ArrayList<>();
    for (Flow.Item item : flow.items()) {
      group.add(item);
      if (item.keep() == Flow.Keep.FREE) {
        pages.place(group);
        group.clear();
      }
    }
    pages.place(group);
    pages.turn();
    return List.copyOf(pages.pages);
  }

  /// Puts slabs that belong together on one page; only what is higher than a page is divided.
  private void place(List<Flow.Item> group) {
    if (y > 0 && y + heightOf(group) > height) {
      turn();
    }
    for (Flow.Item item : group) {
      if (y > 0 && y + item.above() + item.slab().height() > height) {
        turn();
      }
      if (y == 0) {
        item.head().ifPresent(this::put);
      } else {
        y += item.above();
      }
      put(item.slab());
    }
  }

  private static double heightOf(List<Flow.Item> group) {
    return group.stream().mapToDouble(item -> item.above() + item.slab().height()).sum();
  }

  private void put(Slab slab) {
    double top = y;
    slab.pieces().forEach(piece -> page.add(piece.moved(0, top)));
    y += slab.height();
  }

  private void turn() {
    if (!page.isEmpty()) {
      pages.add(List.copyOf(page));
    }
    page = new ArrayList<>();
    y = 0;
  }
}
