package lehrgang.core.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalLong;
import java.util.stream.IntStream;
import lehrgang.core.expr.Expr;

/// Which terms of a long sum are written, dots standing for the rest. Dots never bridge a gap in
/// the numbering: P₁ + P₂ + P₃ + P₉ + ⋯ + P₁₂ leaves no doubt that there is no P₄.
final class ShownTerms {
  private static final int FIRST = 3;

  private ShownTerms() {}

  /// The places of the terms that are written, in order; between two that are not neighbours stand
  /// the dots.
  ///
  /// @param most how many terms may all be written
  static List<Integer> of(List<Expr> terms, int most) {
    if (terms.size() <= most) {
      return IntStream.range(0, terms.size()).boxed().toList();
    }
    List<Integer> shown = new ArrayList<>();
    int begin = 0;
    while (begin < terms.size()) {
      int end = begin + 1;
      while (end < terms.size() && follow(terms.get(end - 1), terms.get(end))) {
        end++;
      }
      boolean alone = end - begin == terms.size();
      int first = end - begin <= FIRST || alone ? FIRST : 1;
      IntStream.range(begin, Math.min(begin + first, end)).forEach(shown::add);
      if (end - begin > first) {
        shown.add(end - 1);
      }
      begin = end;
    }
    return shown;
  }

  /// Whether a term is the next of the one before: always, but for members of a family whose
  /// numbers do not follow each other.
  private static boolean follow(Expr before, Expr term) {
    OptionalLong one = number(before);
    OptionalLong next = number(term);
    return one.isEmpty() || next.isEmpty() || next.getAsLong() == one.getAsLong() + 1;
  }

  /// The number of a line among those of its family; empty for any other term.
  private static OptionalLong number(Expr term) {
    return term instanceof Expr.Ref(var id)
            && id.index().size() == 1
            && id.index().getFirst().matches("[0-9]{1,18}")
        ? OptionalLong.of(Long.parseLong(id.index().getFirst()))
        : OptionalLong.empty();
  }
}
