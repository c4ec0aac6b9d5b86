package lehrgang.core.compose;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import lehrgang.core.data.TableEntry;
import lehrgang.core.wording.Phrase;

/// Proposes tables that show what an instructor wants to be seen. The same order and seed propose
/// the same tables.
public final class Composer {
  /// How many tables are proposed where that can be done.
  public static final int PROPOSALS = 6;

  private static final int TRIES = 36;

  /// After so many tries without a table it is looked for further off, and then again.
  private static final int NOT_NEAR = 6;

  /// After so many tries without a table there is none.
  private static final int IN_VAIN = 18;

  private static final int TRIES_WITHOUT = 6;

  private final Proposal model;

  private Composer(Proposal model) {
    this.model = model;
  }

  /// What was found.
  ///
  /// @param proposals different tables, each of which shows all that was wished; may be empty
  /// @param obstacle  which wish stands in the way, where fewer were found than there should be
  public record Composition(List<Proposal> proposals, Optional<Phrase> obstacle) {
    public Composition {
      proposals = List.copyOf(proposals);
    }
  }

  /// @param model whose procedure, choices and labels are kept
  public static Composer like(Proposal model) {
    return new Composer(model);
  }

  /// Looks for tables.
  public Composition compose(Order order, long seed) {
    List<Proposal> found = found(order, seed, TRIES, PROPOSALS);
    return new Composition(
        found, found.isEmpty() ? Optional.of(obstacle(order, seed)) : Optional.empty());
  }

  private List<Proposal> found(Order order, long seed, int tries, int wanted) {
    Search search = new Search(model.solution(), new Draftings(model).of(order));
    List<Proposal> found = new ArrayList<>();
    for (int k = 0; k < tries && found.size() < wanted; k++) {
      if (found.isEmpty() && k == IN_VAIN) {
        break;
      }
      if (found.isEmpty() && k > 0 && k % NOT_NEAR == 0) {
        search = search.further();
      }
      SplittableRandom random = new SplittableRandom(seed * 1_000_003 + k);
      search
          .from(random, order.wishes(), aim(order, k))
          .filter(one -> found.stream().allMatch(other -> differ(one, other)))
          .ifPresent(found::add);
    }
    return found;
  }

  /// Where among the tables that show what is wished one of them is looked for, so that they are
  /// not all alike.
  private Optional<Wish> aim(Order order, int k) {
    if (order.find(Wish.PValue.class).isPresent() || order.find(Wish.Effect.class).isPresent()) {
      return Optional.empty();
    }
    double level = model.number("alpha").orElse(0.05);
    Optional<Boolean> reject = order.find(Wish.Decision.class).map(Wish.Decision::reject);
    boolean rejects = reject.orElse(k % 2 == 0);
    double[][] ranges =
        rejects
            ? new double[][] {{level / 5, level * 0.9}, {level / 50, level / 5}, {0, level / 50}}
            : new double[][] {{level * 1.3, 0.25}, {0.2, 0.5}, {0.45, 0.9}};
    double[] range = ranges[k / 2 % ranges.length];
    return Optional.of(new Wish.PValue(range[0], Math.max(range[1], range[0])));
  }

  /// Whether at least half of the cells are others.
  static boolean differ(Proposal one, Proposal other) {
    TableEntry first = one.solution().table();
    TableEntry second = other.solution().table();
    long cells = (long) first.cells().size() * first.columns().size();
    long others =
        IntStream.range(0, first.cells().size())
            .mapToLong(
                i ->
                    IntStream.range(0, first.columns().size())
                        .filter(
                            j -> !first.cells().get(i).get(j).equals(second.cells().get(i).get(j)))
                        .count())
            .sum();
    return 2 * others >= cells;
  }

  /// The wish without which there are tables.
  private Phrase obstacle(Order order, long seed) {
    for (Wish wish : order.wishes()) {
      if (!found(order.without(wish), seed, TRIES_WITHOUT, 1).isEmpty()) {
        return Phrase.of("compose.obstacle").with("wish", wish.words());
      }
    }
    return order.wishes().isEmpty()
        ? Phrase.of("compose.no-table").with("n", order.n())
        : Phrase.of("compose.obstacles");
  }
}
