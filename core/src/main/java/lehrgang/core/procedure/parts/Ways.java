package lehrgang.core.procedure.parts;

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
import lehrgang.core.procedure.parts.Mergers.Merged;
import lehrgang.core.wording.Phrase;

/// Offers on the page: honest ways on when a condition fails, and other procedures for the same
/// table.
public final class Ways {
  /// Procedures that answer a 2 × 2 table, in the order in which they are offered.
  private static final List<String> FOR_TWO_BY_TWO =
      List.of("independence", "two-proportions", "fisher", "matched-pairs", "simulation");

  /// Both judge by the same curve, for χ² is the square of z.
  private static final List<String> SAME_CURVE = List.of("independence", "two-proportions");

  /// What the table of all layers together is asked.
  private static final String POOLED = "independence";

  /// Asks that rows and columns are the same answers.
  private static final String PAIRS = "matched-pairs";

  /// Where there are more neighbours than this, only the best few are offered.
  private static final int MOST_MERGERS = 6;

  private static final int FEW_MERGERS = 2;

  private Ways() {}

  /// What can be done where expected counts are too small.
  ///
  /// @param mergers   none where the reading leaves an expected count without a value
  /// @param rule      that the expected counts should keep
  /// @param elsewhere procedures that do not need the curve
  public static List<Block> whenConditionsFail(
      Optional<Mergers> mergers, Predicate<Merged> rule, List<String> elsewhere, Sentences say) {
    List<Way> ways = new ArrayList<>();
    mergers.ifPresent(possible -> ways.addAll(mergersThatHelp(possible, rule)));
    boolean none = mergers.filter(all -> Mergers.neighbours(all.start()).isEmpty()).isPresent();
    elsewhere.forEach(procedure -> ways.add(switchTo(procedure)));
    return List.of(
        say.prose(none ? "conditions.ways-on.no-merger" : "conditions.ways-on"),
        new Block.Ways(Optional.empty(), ways));
  }

  private static List<Way> mergersThatHelp(Mergers mergers, Predicate<Merged> rule) {
    Merged now = mergers.start();
    List<Way> ways = new ArrayList<>();
    List<Merged> single = Mergers.neighbours(now);
    mergers
        .fewest(rule)
        .filter(plan -> !plan.changes().isEmpty())
        .ifPresent(plan -> ways.add(fewest(now, plan)));
    single.stream()
        .sorted(Comparator.comparing(Merged::smallest).reversed())
        .limit(single.size() <= MOST_MERGERS ? MOST_MERGERS : FEW_MERGERS)
        .filter(
            merged ->
                ways.isEmpty() || !ways.getFirst().change().equals(merged.changes().getFirst()))
        .forEach(merged -> ways.add(merge(now, merged)));
    return ways;
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
      default -> throw new IllegalArgumentException("not a merger: " + merged.changes());
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

  private static String rounded(Value count) {
    return count.rounded(2).toPlainString();
  }

  private static String size(Merged table) {
    return table.columns().size() == 1
        ? Integer.toString(table.rows().size())
        : table.rows().size() + " × " + table.columns().size();
  }

  /// What else answers a 2 × 2 table and what it would change; nothing for larger tables.
  ///
  /// @param sameP whether the plain curve, looking both ways, decides here
  public static List<Block> otherProcedures(
      String own, TwoWayTable table, boolean sameP, Sentences say) {
    boolean pairs = table.rows().equals(table.columns());
    return table.isTwoByTwo()
        ? offers(own, sameP, say, id -> pairs || !id.equals(PAIRS))
        : List.of();
  }

  /// What else answers two groups with their shares.
  ///
  /// @param sameP whether the plain curve, looking both ways, decides here
  public static List<Block> otherProcedures(String own, boolean sameP, Sentences say) {
    return offers(own, sameP, say, id -> !id.equals(PAIRS));
  }

  private static List<Block> offers(
      String own, boolean sameP, Sentences say, Predicate<String> fits) {
    List<Way> ways =
        FOR_TWO_BY_TWO.stream()
            .filter(id -> !id.equals(own))
            .filter(fits)
            .map(id -> SAME_CURVE.contains(id) && sameP ? switchTo(id, ".same-p") : switchTo(id))
            .toList();
    return List.of(new Block.Ways(Optional.of(say.phrase("closer-look.other-procedures")), ways));
  }

  /// The table of all layers together.
  public static List<Block> toPooled(Sentences say) {
    return List.of(
        new Block.Ways(
            Optional.empty(),
            List.of(
                new Way(
                    new Change.SwitchTo(POOLED),
                    say.phrase("way.pooled"),
                    say.phrase("way.pooled.effect")))));
  }

  /// The offer to answer the question by another procedure.
  ///
  /// @param procedure its id
  public static Way switchTo(String procedure) {
    return switchTo(procedure, "");
  }

  private static Way switchTo(String procedure, String ending) {
    return new Way(
        new Change.SwitchTo(procedure),
        Phrase.of("procedure." + procedure),
        Phrase.of("way." + procedure + ending));
  }

  /// The offer to set an option.
  ///
  /// @param way the ending of the keys of the offer and of its effect
  public static Block choose(String option, String value, String way) {
    return new Block.Ways(
        Optional.empty(),
        List.of(
            new Block.Way(
                new Change.Choose(option, value),
                Phrase.of("way." + way),
                Phrase.of("way." + way + ".effect"))));
  }
}
