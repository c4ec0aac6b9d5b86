package lehrgang.core.procedure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.data.FrequencyTable;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.Way;
import lehrgang.core.derivation.Change;
import lehrgang.core.wording.Phrase;

/// Offers on the page: honest ways on when a condition fails, and other procedures for the same
/// table.
final class Ways {
  /// Procedures that answer a 2 × 2 table, in the order in which they are offered.
  private static final List<String> FOR_TWO_BY_TWO =
      List.of("independence", "two-proportions", "fisher", "matched-pairs", "simulation");

  private Ways() {}

  static List<Block> whenConditionsFail(TwoWayTable table, Sentences say) {
    List<Way> ways = new ArrayList<>();
    if (table.rows().size() > 2) {
      ways.add(merge(new Change.MergeRows(fewest(table, Side.ROWS)), table.rows()));
    }
    if (table.columns().size() > 2) {
      ways.add(merge(new Change.MergeColumns(fewest(table, Side.COLUMNS)), table.columns()));
    }
    if (table.isTwoByTwo()) {
      ways.add(switchTo("fisher"));
    }
    ways.add(switchTo("simulation"));
    return List.of(say.prose("conditions.ways-on"), new Block.Ways(Optional.empty(), ways));
  }

  static List<Block> whenFitConditionsFail(FrequencyTable table, Sentences say) {
    List<Way> ways = new ArrayList<>();
    int categories = table.labels().size();
    if (categories > 2) {
      int best = 0;
      for (int k = 1; k < categories - 1; k++) {
        if (pair(table, k) < pair(table, best)) {
          best = k;
        }
      }
      ways.add(merge(new Change.MergeRows(best), table.labels()));
    }
    ways.add(switchTo("simulation"));
    return List.of(say.prose("conditions.ways-on"), new Block.Ways(Optional.empty(), ways));
  }

  private static double pair(FrequencyTable table, int first) {
    return table.weights().get(first).asDouble() + table.weights().get(first + 1).asDouble();
  }

  /// What else answers a 2 × 2 table and what it would change; nothing for larger tables.
  static List<Block> otherProcedures(String own, TwoWayTable table, Sentences say) {
    return table.isTwoByTwo() ? offers(own, say) : List.of();
  }

  /// The other procedures for four counts.
  static List<Block> offers(String own, Sentences say) {
    List<Way> ways =
        FOR_TWO_BY_TWO.stream().filter(id -> !id.equals(own)).map(Ways::switchTo).toList();
    return List.of(new Block.Ways(Optional.of(say.phrase("closer-look.other-procedures")), ways));
  }

  static Way switchTo(String procedure) {
    return new Way(
        new Change.SwitchTo(procedure),
        Phrase.of("procedure." + procedure),
        Phrase.of("way." + procedure));
  }

  private enum Side {
    ROWS,
    COLUMNS
  }

  private static Way merge(Change change, List<String> labels) {
    int first =
        switch (change) {
          case Change.MergeRows(var at) -> at;
          case Change.MergeColumns(var at) -> at;
          default -> throw new IllegalArgumentException("not a merger: " + change);
        };
    return new Way(
        change,
        Phrase.of("way.merge").with("one", labels.get(first)).with("other", labels.get(first + 1)),
        Phrase.of("way.merge.effect"));
  }

  /// The neighbours that hold the fewest observations together.
  private static int fewest(TwoWayTable table, Side side) {
    int members = side == Side.ROWS ? table.rows().size() : table.columns().size();
    int best = 0;
    for (int k = 1; k < members - 1; k++) {
      if (pair(table, side, k) < pair(table, side, best)) {
        best = k;
      }
    }
    return best;
  }

  private static long pair(TwoWayTable table, Side side, int first) {
    return total(table, side, first) + total(table, side, first + 1);
  }

  private static long total(TwoWayTable table, Side side, int k) {
    return side == Side.ROWS
        ? table.counts().get(k).stream().mapToLong(Long::longValue).sum()
        : table.counts().stream().mapToLong(row -> row.get(k)).sum();
  }
}
