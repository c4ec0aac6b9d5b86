package lehrgang.core.cases;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// The record that is being counted, column by column, and what became of those before it. Records
/// that have the same in every column that matters may be counted as one.
final class RecordAtHand {
  static final int MOST_EXAMPLES = 3;

  private final String[] values;
  private final Missing[] missing;
  private final long[] changed;
  private final Map<Tally.Cause, Lost> lost = new LinkedHashMap<>();
  private long number;
  private long many;
  private long[] examples;

  private static final class Lost {
    private long records;
    private final List<Tally.Example> examples = new ArrayList<>();

    void add(long row, String value) {
      records++;
      if (examples.size() < MOST_EXAMPLES) {
        examples.add(new Tally.Example(row, value));
      }
    }

    void add(long[] rows, long many, String value) {
      records += many;
      for (long row : rows) {
        examples.add(new Tally.Example(row, value));
      }
      examples.sort(Comparator.comparingLong(Tally.Example::row));
      examples.subList(Math.min(MOST_EXAMPLES, examples.size()), examples.size()).clear();
    }
  }

  RecordAtHand(int columns, int steps) {
    this.values = new String[columns];
    this.missing = new Missing[columns];
    this.changed = new long[steps];
  }

  void next() {
    number++;
    many = 1;
    examples = null;
  }

  /// Goes to several records that are alike.
  ///
  /// @param rows the first few of them, counted from 1
  void next(long[] rows, long alike) {
    number += alike;
    many = alike;
    examples = rows;
  }

  /// For how many this one stands.
  long many() {
    return many;
  }

  /// How many there were, this one included.
  long number() {
    return number;
  }

  String value(int column) {
    return values[column];
  }

  /// Why there is no category, or null where there is one.
  Missing missing(int column) {
    return missing[column];
  }

  /// @param text blank where nothing is recorded
  void set(int column, String text) {
    values[column] = text;
    missing[column] = text.isBlank() ? Missing.BLANK : null;
  }

  /// @param original what stands in examples where there is no value
  void set(int column, Optional<String> value, Missing otherwise, String original) {
    values[column] = value.orElse(original);
    missing[column] = value.isPresent() ? null : otherwise;
  }

  void countChanged(int step) {
    changed[step] += many;
  }

  long changed(int step) {
    return changed[step];
  }

  /// Leaves the record out for what is missing in a column.
  void lose(int column, String name) {
    lose(new Tally.NoCategory(name, missing[column]), values[column]);
  }

  void lose(Tally.Cause cause, String value) {
    Lost all = lost.computeIfAbsent(cause, _ -> new Lost());
    String shown = value == null ? "" : value;
    if (examples == null) {
      all.add(number, shown);
    } else {
      all.add(examples, many, shown);
    }
  }

  List<Tally.Loss> losses() {
    return lost.entrySet().stream()
        .map(
            entry ->
                new Tally.Loss(entry.getKey(), entry.getValue().records, entry.getValue().examples))
        .toList();
  }
}
