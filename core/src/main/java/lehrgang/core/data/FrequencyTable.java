package lehrgang.core.data;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Excerpt;
import lehrgang.core.wording.Phrase;

/// Counts of one variable's categories with the shares that a null hypothesis states, all of them
/// checked.
///
/// @param variable what the categories tell apart
/// @param stated   how the shares were stated
/// @param weights  as typed, each above 0; the share of a category is its weight over their sum
public record FrequencyTable(
    String variable,
    List<String> labels,
    List<Long> counts,
    Stated stated,
    List<Rational> weights) {
  /// How shares were stated.
  public enum Stated {
    EQUAL,
    PROBABILITIES,
    PERCENTAGES,
    EXPECTED_COUNTS,
    RATIO;

    /// As it stands in files.
    public String key() {
      return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
  }

  /// What becomes of shares that do not add up.
  public enum Rescaling {
    REFUSED,
    ALLOWED
  }

  /// @throws IllegalArgumentException if counts and shares do not fit the labels, or a count is
  ///     below 0
  public FrequencyTable {
    labels = List.copyOf(labels);
    counts = List.copyOf(counts);
    weights = List.copyOf(weights);
    if (counts.size() != labels.size() || weights.size() != labels.size()) {
      throw new IllegalArgumentException(
          "%d counts and %d shares for the categories %s"
              .formatted(counts.size(), weights.size(), labels));
    }
    if (counts.stream().anyMatch(count -> count < 0)) {
      throw new IllegalArgumentException("counts are 0 or more: " + counts);
    }
  }

  /// All observations.
  public long total() {
    return counts.stream().mapToLong(Long::longValue).sum();
  }

  /// The table that was typed, if it is right.
  ///
  /// @param told how the shares are stated; empty where that is to be found out
  public static Checked<FrequencyTable> check(
      TableEntry entry, Optional<Stated> told, Rescaling rescaling) {
    EntryReader reader = new EntryReader(entry);
    int categories = entry.rows().size();
    if (categories < 2 || categories > TableEntry.MOST_CATEGORIES) {
      reader.report(
          new Problem.WholeTable(),
          Phrase.of("problem.number-of-categories")
              .with("categories", categories)
              .with("most", TableEntry.MOST_CATEGORIES));
    }
    reader.checkRowLabels();
    List<Long> counts = reader.counts(0, 0).stream().map(List::getFirst).toList();
    long n = counts.stream().mapToLong(Long::longValue).sum();
    if (reader.problems().isEmpty() && n == 0) {
      reader.report(new Problem.WholeTable(), Phrase.of("problem.no-observations"));
    }
    boolean equal = entry.columns().size() == 1;
    StatedShares shares =
        equal
            ? StatedShares.equal(categories)
            : StatedShares.read(entry, n, told, rescaling, reader);
    return Checked.of(
        reader.problems(),
        () ->
            new FrequencyTable(
                EntryReader.named(entry.rowVariable(), "category"),
                entry.rows().stream().map(String::strip).toList(),
                counts,
                shares.stated(),
                shares.weights()));
  }

  /// The shares of a null hypothesis as they were stated.
  private record StatedShares(Stated stated, List<Rational> weights) {
    private static final Value HUNDRED = Value.of(100);
    private static final Value NEAR = Value.ratio(1, 10);

    static StatedShares equal(int categories) {
      return new StatedShares(Stated.EQUAL, Collections.nCopies(categories, Value.of(1)));
    }

    static StatedShares read(
        TableEntry entry, long n, Optional<Stated> told, Rescaling rescaling, EntryReader reader) {
      List<Rational> weights = new ArrayList<>();
      boolean percent = false;
      boolean fractions = false;
      for (int i = 0; i < entry.rows().size(); i++) {
        String typed = entry.cells().get(i).get(1).strip();
        percent |= typed.endsWith("%");
        fractions |= typed.contains("/");
        Rational weight = TypedNumber.read(typed.replace("%", "")).orElse(Value.of(0));
        if (weight.signum() <= 0) {
          reader.report(
              new Problem.Cell(i, 1),
              Phrase.of(typed.isEmpty() ? "problem.no-share" : "problem.bad-share")
                  .with("category", entry.rows().get(i))
                  .with("value", Excerpt.of(typed)));
        }
        weights.add(weight);
      }
      if (!reader.problems().isEmpty()) {
        return equal(entry.rows().size());
      }
      Value sum = weights.stream().map(Value.class::cast).reduce(Value.ZERO, Value::plus);
      boolean percentages = percent;
      boolean asFractions = fractions;
      boolean whole = weights.stream().allMatch(Value::isWhole);
      Stated stated = told.orElseGet(() -> kind(percentages, asFractions, whole, sum, n));
      if (rescaling == Rescaling.REFUSED) {
        checkSum(stated, sum, n, reader);
      }
      return new StatedShares(stated, weights);
    }

    /// Whole numbers that only nearly add up to n are parts, such as 9, 3, 3, 1; decimals are
    /// expected counts that fall short.
    private static Stated kind(
        boolean percent, boolean fractions, boolean whole, Value sum, long n) {
      if (percent) {
        return Stated.PERCENTAGES;
      }
      if (fractions || near(sum, Value.ONE)) {
        return Stated.PROBABILITIES;
      }
      if (sum.compareTo(Value.of(n)) == 0) {
        return Stated.EXPECTED_COUNTS;
      }
      if (near(sum, HUNDRED)) {
        return Stated.PERCENTAGES;
      }
      return !whole && near(sum, Value.of(n)) ? Stated.EXPECTED_COUNTS : Stated.RATIO;
    }

    private static boolean near(Value sum, Value whole) {
      return sum.minus(whole).magnitude().compareTo(whole.times(NEAR)) <= 0;
    }

    private static void checkSum(Stated stated, Value sum, long n, EntryReader reader) {
      Value whole =
          switch (stated) {
            case PROBABILITIES -> Value.ONE;
            case PERCENTAGES -> HUNDRED;
            case EXPECTED_COUNTS -> Value.of(n);
            case RATIO, EQUAL -> sum;
          };
      int side = sum.compareTo(whole);
      if (side != 0) {
        reader
            .problems()
            .add(
                new Problem(
                        new Problem.WholeTable(),
                        Phrase.of(side < 0 ? "problem.shares-short" : "problem.shares-over")
                            .with("kind", Phrase.of("stated." + stated.key()))
                            .with("sum", TypedNumber.write(sum))
                            .with("whole", TypedNumber.write(whole))
                            .with("difference", TypedNumber.write(sum.minus(whole).magnitude())))
                    .with(new Problem.Remedy("shares", "rescaled")));
      }
    }
  }
}
