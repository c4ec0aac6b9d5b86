package lehrgang.benchmarks;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import lehrgang.core.compose.Composer;
import lehrgang.core.compose.Order;
import lehrgang.core.compose.Proposal;
import lehrgang.core.compose.Wish;
import lehrgang.documents.solutionfile.SolutionFile;

/// Six tables of 4 × 5 for what they are to show, in milliseconds, and how long it takes to find
/// out that there are none.
public final class ComposeBenchmark {
  private static final int TURNS = 9;

  private ComposeBenchmark() {}

  public static void main(String[] arguments) {
    Proposal model = Proposal.of(SolutionFile.demo().solution()).orElseThrow();
    Map<String, List<Wish>> orders =
        Map.of(
            "rejected, whole expected counts, conditions hold",
            List.of(new Wish.Decision(true), new Wish.Expected(0), new Wish.Conditions(true)),
            "p between 0.02 and 0.03",
            List.of(new Wish.PValue(0.02, 0.03)),
            "medium effect, whole percents",
            List.of(new Wish.Effect(Wish.Strength.MEDIUM), new Wish.NiceShares()),
            "nothing: large effect, p above 0.2",
            List.of(new Wish.Effect(Wish.Strength.LARGE), new Wish.PValue(0.2, 1)));
    orders.forEach((name, wishes) -> measure(model, name, new Order(4, 5, 0, 400, wishes)));
  }

  private static void measure(Proposal model, String name, Order order) {
    List<Double> times = new ArrayList<>();
    int found = 0;
    for (int turn = 0; turn < TURNS; turn++) {
      long start = System.nanoTime();
      found = Composer.like(model).compose(order, turn).proposals().size();
      times.add((System.nanoTime() - start) / 1e6);
    }
    double first = times.getFirst();
    Collections.sort(times);
    System.out.printf(
        "%s: %d tables, first %.0f ms, median %.0f ms, longest %.0f ms%n",
        name, found, first, times.get(TURNS / 2), times.getLast());
  }
}
