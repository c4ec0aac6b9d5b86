package lehrgang.core.compose;

import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import lehrgang.core.solution.Solution;
import lehrgang.core.work.Progress;

/// Goes from a table that was drawn towards one that shows what is wished, step by step; whether it
/// does is read from its derivation.
final class Search {
  private static final int STEPS = 60;
  private static final double FAR = 6;
  private static final double LEAST_BOLD = 0.02;

  /// By how much more the second way goes in a step, and how many more steps.
  private static final int BOLDER = 4;

  private static final int LONGER = 3;

  private final Solution model;
  private final Drafting drafting;
  private final int steps;
  private final double far;

  private Search(Solution model, Drafting drafting, int steps, double far) {
    this.model = model;
    this.drafting = drafting;
    this.steps = steps;
    this.far = far;
  }

  Search(Solution model, Drafting drafting) {
    this(model, drafting, STEPS, FAR);
  }

  /// The same with more and longer steps, for what lies far off in many counts.
  Search further() {
    return new Search(model, drafting, steps * LONGER, far / BOLDER);
  }

  /// One way through the tables.
  ///
  /// @param wishes what must hold
  /// @param aim    where to go among the tables for which it does
  Optional<Proposal> from(SplittableRandom random, List<Wish> wishes, Optional<Wish> aim) {
    Optional<long[][]> begun = drafting.begin(random);
    if (begun.isEmpty()) {
      return Optional.empty();
    }
    long[][] counts = begun.get();
    Optional<Proposal> now = found(counts);
    double wanting = distance(now, wishes);
    if (distance(now, wishes.stream().filter(Wish::isSettledByMargins).toList()) > 0) {
      return Optional.empty();
    }
    double off = wanting + aim.map(wish -> distance(now, List.of(wish))).orElse(0.0);
    Optional<Proposal> fitting = wanting == 0 ? now : Optional.empty();
    for (int step = 0; step < steps && off > 0; step++) {
      Progress.checkStopped();
      double boldness = Math.clamp(off / far, LEAST_BOLD, 1) * random.nextDouble();
      Optional<long[][]> next = drafting.moved(counts, boldness, random);
      if (next.isEmpty()) {
        continue;
      }
      Optional<Proposal> there = found(next.get());
      double stillWanting = distance(there, wishes);
      double stillOff = stillWanting + aim.map(wish -> distance(there, List.of(wish))).orElse(0.0);
      if (stillWanting == 0) {
        fitting = there;
      }
      if (stillOff <= off) {
        counts = next.get();
        off = stillOff;
      }
    }
    return fitting;
  }

  private Optional<Proposal> found(long[][] counts) {
    return Proposal.of(model.withTable(drafting.table(counts)));
  }

  private static double distance(Optional<Proposal> found, List<Wish> wishes) {
    return found
        .map(one -> wishes.stream().mapToDouble(wish -> wish.distance(one)).sum())
        .orElse(Double.MAX_VALUE);
  }
}
