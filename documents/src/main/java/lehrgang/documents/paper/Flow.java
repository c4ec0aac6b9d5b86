package lehrgang.documents.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What is to stand on the pages, one below another.
public final class Flow {
  /// Whether a page may end below a slab.
  public enum Keep {
    FREE,
    WITH_NEXT
  }

  /// @param above how much room there is above it, except at the top of a page
  /// @param head  what stands above it again where it begins a page, such as the head of its table
  record Item(Slab slab, double above, Keep keep, Optional<Slab> head) {}

  private final List<Item> items = new ArrayList<>();

  /// Adds a slab.
  ///
  /// @param above how much room there is above it
  public Flow add(Slab slab, double above, Keep keep) {
    items.add(new Item(slab, above, keep, Optional.empty()));
    return this;
  }

  /// Adds lines of text, of which neither the first nor the last stands alone on a page.
  ///
  /// @param above how much room there is above the first
  /// @param last  whether a page may end below the last
  public Flow addLines(List<Slab> lines, double above, Keep last) {
    for (int i = 0; i < lines.size(); i++) {
      boolean edge = i == 0 || i == lines.size() - 2;
      boolean end = i == lines.size() - 1;
      add(lines.get(i), i == 0 ? above : 0, end ? last : edge ? Keep.WITH_NEXT : Keep.FREE);
    }
    return this;
  }

  /// Adds the rows of a table; those of a short one stay together, and a page that a long one goes
  /// on to begins with its head.
  ///
  /// @param head   above the rows
  /// @param foot   below the rows, never without the last of them
  /// @param above  how much room there is above the head
  /// @param longest so many rows stay together
  public Flow addTable(Slab head, List<Slab> rows, Optional<Slab> foot, double above, int longest) {
    add(head, above, Keep.WITH_NEXT);
    boolean whole = rows.size() <= longest;
    for (int i = 0; i < rows.size(); i++) {
      boolean edge = i == 0 || i == rows.size() - 2;
      boolean end = i == rows.size() - 1;
      boolean keeps = end ? foot.isPresent() : whole || edge;
      items.add(
          new Item(
              rows.get(i),
              0,
              keeps ? Keep.WITH_NEXT : Keep.FREE,
              i == 0 ? Optional.empty() : Optional.of(head)));
    }
    foot.ifPresent(slab -> add(slab, 0, Keep.FREE));
    return this;
  }

  /// Adds what stands in another flow, with room above it.
  public Flow addAll(Flow other) {
    items.addAll(other.items);
    return this;
  }

  List<Item> items() {
    return List.copyOf(items);
  }
}
