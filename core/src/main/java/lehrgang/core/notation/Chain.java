package lehrgang.core.notation;

import java.util.ArrayList;
import java.util.List;

/// A line worked out: a left side and what it equals, step by step.
public record Chain(Box left, List<Link> links) {
  /// @param sign `=`, `≈`, `<` or `>`
  public record Link(String sign, Box right) {}

  public Chain {
    links = List.copyOf(links);
  }

  /// The whole chain as one row.
  public Box box() {
    List<Box> parts = new ArrayList<>();
    parts.add(left);
    for (Link link : links) {
      parts.add(Box.operator(link.sign()));
      parts.add(link.right());
    }
    return new Box.Row(parts);
  }
}
