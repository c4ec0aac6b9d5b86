package lehrgang.core.notation;

import java.util.ArrayList;
import java.util.List;

/// A line worked out: a left side and what it equals, step by step.
public record Chain(Box left, List<Link> links) {
  /// @param sign `=`, `≈`, `<` or `>`
  public record Link(String sign, Box right) {
    /// The right side in pieces, each but the first beginning with its + or −: where a line that is
    /// too long can break.
    public List<Box> terms() {
      if (!(right instanceof Box.Row(var parts))) {
        return List.of(right);
      }
      List<Box> terms = new ArrayList<>();
      List<Box> term = new ArrayList<>();
      for (Box part : parts) {
        if (!term.isEmpty() && isBetweenTerms(part)) {
          terms.add(new Box.Row(term));
          term = new ArrayList<>();
        }
        term.add(part);
      }
      terms.add(new Box.Row(term));
      return List.copyOf(terms);
    }

    private static boolean isBetweenTerms(Box part) {
      return part.equals(Box.operator("+")) || part.equals(Box.operator("−"));
    }
  }

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
