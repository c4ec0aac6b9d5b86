package lehrgang.core.distribution;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import lehrgang.core.number.Value;

/// The rows of a printed table of the standard normal curve around a point: right-tail areas by the
/// point's first and second decimal.
///
/// @param own    the row of the point, its size cut to one decimal
/// @param column the place of its second decimal
/// @param rows   that row and its neighbours
/// @param reaches whether the table goes as far as the point
public record PrintedNormalTable(BigDecimal own, int column, List<Row> rows, boolean reaches) {
  /// The columns: the second decimal of the point.
  public static final List<BigDecimal> SECOND_DECIMALS =
      IntStream.range(0, 10).mapToObj(k -> BigDecimal.valueOf(k, 2)).toList();

  private static final BigDecimal LAST = new BigDecimal("3.99");
  private static final int PLACES = 4;
  /// How many rows the whole table has: from 0.0 to 3.9.
  public static final int ROWS = 40;

  /// @param start the point's first decimal
  /// @param areas to the right of `start` plus each of [#SECOND_DECIMALS]
  public record Row(BigDecimal start, List<BigDecimal> areas) {}

  /// The rows around a point, on whichever side of 0; the last ones for a point that lies beyond
  /// the table.
  public static PrintedNormalTable around(Value point) {
    BigDecimal size = point.magnitude().rounded(2);
    boolean reaches = size.compareTo(LAST) <= 0;
    BigDecimal within = size.min(LAST);
    int hundredths = within.movePointRight(2).intValueExact();
    int tenths = hundredths / 10;
    int first = Math.clamp(tenths - 1L, 0, ROWS - 3);
    return new PrintedNormalTable(
        BigDecimal.valueOf(tenths, 1),
        hundredths % 10,
        IntStream.range(first, first + 3).mapToObj(PrintedNormalTable::row).toList(),
        reaches);
  }

  /// A row of the table, by its first decimal. Printed tables are looked up and not worked out, so
  /// the library's areas serve for them.
  ///
  /// @param tenths 0 to 39
  /// @throws IllegalArgumentException if the table has no such row
  public static Row row(int tenths) {
    if (tenths < 0 || tenths >= ROWS) {
      throw new IllegalArgumentException("the table has rows 0 to 39, not " + tenths);
    }
    BigDecimal start = BigDecimal.valueOf(tenths, 1);
    return new Row(
        start, SECOND_DECIMALS.stream().map(second -> areaBeyond(start.add(second))).toList());
  }

  /// Two neighbouring entries with a wanted area between them, or one that is it.
  ///
  /// @param point the point of the entry that is not below the area
  /// @param area  that entry
  /// @param next  the entry after it; empty where the first is the wanted area
  public record Lookup(BigDecimal point, BigDecimal area, Optional<BigDecimal> next) {
    /// The point of the entry after it.
    public BigDecimal nextPoint() {
      return point.add(BigDecimal.valueOf(1, 2));
    }
  }

  /// Where one finds the point for an area.
  ///
  /// @param area the area to the right of `near`, 0 to ½
  /// @param near the point itself; of several entries that are the area, the nearest counts
  /// @return empty where the table ends before
  public static Optional<Lookup> of(Value area, Value near) {
    BigDecimal nearest = near.magnitude().rounded(2);
    if (nearest.compareTo(LAST) > 0) {
      return Optional.empty();
    }
    if (Value.exactly(areaBeyond(nearest)).compareTo(area) == 0) {
      return Optional.of(new Lookup(nearest, areaBeyond(nearest), Optional.empty()));
    }
    return IntStream.iterate(ROWS * SECOND_DECIMALS.size() - 2, k -> k >= 0, k -> k - 1)
        .mapToObj(k -> BigDecimal.valueOf(k, 2))
        .filter(point -> Value.exactly(areaBeyond(point)).compareTo(area) >= 0)
        .findFirst()
        .map(
            point ->
                new Lookup(
                    point,
                    areaBeyond(point),
                    Optional.of(areaBeyond(point.add(BigDecimal.valueOf(1, 2))))));
  }

  private static BigDecimal areaBeyond(BigDecimal point) {
    double area =
        NormalUpperTail.INSTANCE.secondOpinion(List.of(Value.exactly(point))).orElseThrow();
    return new BigDecimal(area).setScale(PLACES, RoundingMode.HALF_UP);
  }

  /// The entry of the point.
  public BigDecimal area() {
    return rows.stream()
        .filter(row -> row.start().equals(own))
        .findFirst()
        .orElseThrow()
        .areas()
        .get(column);
  }
}
