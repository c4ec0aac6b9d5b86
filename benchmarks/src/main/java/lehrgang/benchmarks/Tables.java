package lehrgang.benchmarks;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import lehrgang.core.data.TableEntry;

/// Made-up tables of any size, always the same for a size.
public final class Tables {
  private Tables() {}

  public static TableEntry square(int size) {
    Random random = new Random(size);
    List<String> labels = IntStream.rangeClosed(1, size).mapToObj(i -> "route " + i).toList();
    List<String> weeks = IntStream.rangeClosed(1, size).mapToObj(j -> "week " + j).toList();
    return new TableEntry(
        "route",
        "week",
        labels,
        weeks,
        IntStream.range(0, size)
            .mapToObj(
                _ ->
                    IntStream.range(0, size)
                        .mapToObj(_ -> Integer.toString(5 + random.nextInt(60)))
                        .toList())
            .toList());
  }
}
