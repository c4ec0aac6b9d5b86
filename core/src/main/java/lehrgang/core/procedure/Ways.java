package lehrgang.core.procedure;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import lehrgang.core.data.TwoWayTable;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.Way;
import lehrgang.core.derivation.Change;
import lehrgang.core.number.Value;
import lehrgang.core.procedure.Mergers.Merged;
import lehrgang.core.wording.Phrase;

/// Offers on the page: honest ways on when a condition fails, and other procedures for the same
/// table.
final class Ways {
  /// Procedures that answer a 2 × 2 table, in the order in which they are offered.
  private static final List<String> FOR_TWO_BY_TWO =
      List.of("independence", "two-proportions", "fisher", "matched-pairs", "simulation");

  /// Where there are more neighbours than this, only the best few are offered.
  private static final int MOST_MERGERS = 6;

  private static final int FEW_MERGERS = 2;
  private static final MathContext SAFE_DIGITS = new MathContext(12);

  private Ways() {}

  /// What can be done where expected counts are too small.
  ///
  /// @param rule      that the expected counts should keep
  /// @param elsewhere procedures that do not need the curve
  static List<Block> whenConditionsFail(
      Mergers mergers, Predicate<Merged> rule, List<String> elsewhere, Sentences say) {
    Merged now = mergers.start();
    List<Way> ways = new ArrayList<>();
    List<Merged> single = Mergers.neighbours(now);
    mergers
        .fewest(rule)
        .filter(plan -> !plan.changes().isEmpty())
        .ifPresent(plan -> ways.add(fewest(now, plan)));
    single.stream()
        .sorted(Comparator.comparingDouble(Merged::smallest).reversed())
        .limit(single.size() <= MOST_MERGERS ? MOST_MERGERS : FEW_MERGERS)
        .filter(
            merged ->
                ways.isEmpty() || !ways.getFirst().change().equals(merged.changes().getFirst()))
        .forEach(merged -> ways.add(merge(now, merged)));
    elsewhere.forEach(procedure -> ways.add(switchTo(procedure)));
    return List.of(say.prose("conditions.ways-on"), new Block.Ways(Optional.empty(), ways));
  }

  /// The plan that mends the condition; one merger is called by its name.
  private static Way fewest(Merged now, Merged plan) {
    List<String> joined =
        Stream.concat(
                plan.rows().stream().filter(name -> !now.rows().contains(name)),
                plan.columns().stream().filter(name -> !now.columns().contains(name)))
            .map(name -> "“" + name + "”")
            .toList();
    int mergers = plan.changes().size();
    return new Way(
        mergers == 1 ? plan.changes().getFirst() : new Change.Several(plan.changes()),
        mergers == 1 ? named(now, plan) : Phrase.of("way.fewest").with("mergers", mergers),
        beforeAndAfter("way.fewest.effect", now, plan).with("groups", String.join(", ", joined)));
  }

  private static Way merge(Merged now, Merged merged) {
    return new Way(
        merged.changes().getFirst(),
        named(now, merged),
        beforeAndAfter("way.merge.effect", now, merged));
  }

  /// The names of the two neighbours of a single merger.
  private static Phrase named(Merged now, Merged merged) {
    return switch (merged.changes().getFirst()) {
      case Change.MergeRows(var first) -> named(now.rows(), first);
      case Change.MergeColumns(var first) -> named(now.columns(), first);
      default -> throw new IllegalArgumentException("not a merger");
    };
  }

  private static Phrase named(List<String> names, int first) {
    return Phrase.of("way.merge").with("one", names.get(first)).with("other", names.get(first + 1));
  }

  /// The smallest expected count and the size of the table, as they are and as they would be.
  private static Phrase beforeAndAfter(String key, Merged before, Merged after) {
    return Phrase.of(key)
        .with("before", rounded(before.smallest()))
        .with("after", rounded(after.smallest()))
        .with("size", size(before))
        .with("left", size(after));
  }

  /// As the page will round the exact count: sums of decimals may fall just short of a half.
  private static String rounded(double count) {
    return Value.exactly(new BigDecimal(count, SAFE_DIGITS)).rounded(2).toPlainString();
  }

  private static String size(Merged table) {
    return table.columns().size() == 1
        ? Integer.toString(table.rows().size())
        : table.rows().size() + " × " + table.columns().size();
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

  /// The table of all layers together.
  static List<Block> toPooled(Sentences say) {
    return List.of(
        new Block.Ways(
            Optional.empty(),
            List.of(
                new Way(
                    new Change.SwitchTo(Independence.ID),
                    say.phrase("way.pooled"),
                    say.phrase("way.pooled.effect")))));
  }

  static Way switchTo(String procedure) {
    return new Way(
        new Change.SwitchTo(procedure),
        Phrase.of("procedure." + procedure),
        Phrase.of("way." + procedure));
  }
}
