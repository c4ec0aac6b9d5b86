package lehrgang.core.compose;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.LongStream;
import lehrgang.core.data.TableEntry;

/// Draws tables of one form, and moves counts in them without spoiling what they were drawn for.
interface Drafting {
  /// Counts to begin with; empty where none were found.
  Optional<long[][]> begin(SplittableRandom random);

  /// The same counts with something moved; empty where that cannot be done.
  ///
  /// @param boldness how much is moved, 0 to 1
  Optional<long[][]> moved(long[][] counts, double boldness, SplittableRandom random);

  /// The table as it is named and labelled.
  TableEntry blank();

  /// The counts as a table.
  default TableEntry table(long[][] counts) {
    TableEntry blank = blank();
    return new TableEntry(
        blank.form(),
        blank.rowVariable(),
        blank.columnVariable(),
        blank.layerVariable(),
        blank.rows(),
        blank.columns(),
        blank.layers(),
        texts(counts));
  }

  static long[][] copy(long[][] counts) {
    long[][] copy = new long[counts.length][];
    for (int i = 0; i < counts.length; i++) {
      copy[i] = counts[i].clone();
    }
    return copy;
  }

  static List<List<String>> texts(long[][] counts) {
    List<List<String>> texts = new ArrayList<>();
    for (long[] row : counts) {
      texts.add(LongStream.of(row).mapToObj(Long::toString).toList());
    }
    return texts;
  }

  /// A whole number as so many parts of 1 or more each.
  static long[] parts(long whole, int many, SplittableRandom random) {
    long[] parts = new long[many];
    Arrays.fill(parts, 1);
    for (long rest = whole - many; rest > 0; rest--) {
      parts[random.nextInt(many)]++;
    }
    return parts;
  }

  /// A number near another one.
  static long near(long middle, double room, SplittableRandom random) {
    long away = Math.round(middle * room);
    return away == 0 ? middle : middle - away + random.nextLong(2 * away + 1);
  }

  /// How much to move: 1, or more where the way is far.
  static long amount(double most, double boldness, SplittableRandom random) {
    long reach = Math.max(1, Math.round(most * boldness));
    return 1 + random.nextLong(reach);
  }
}
