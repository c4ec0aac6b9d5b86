package lehrgang.core.page;

import java.math.BigDecimal;
import java.util.stream.IntStream;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Shown;
import lehrgang.core.number.Value;

/// Two numbers beside each other, with as many decimals as it takes to see which is larger.
///
/// @param one   a line with a value
/// @param other a line with a value
record Comparison(Numerals numerals, LineId one, LineId other) {
  private static final int MOST_MORE = 12;

  /// The first number as it is printed here.
  String first() {
    Shown shown = numerals.shown(one);
    boolean bound =
        shown.relation() == Shown.Relation.BELOW || shown.relation() == Shown.Relation.ABOVE;
    int more = IntStream.range(0, MOST_MORE).filter(this::tells).findFirst().orElse(MOST_MORE);
    return bound || more == 0 || shown.relation() == Shown.Relation.EQUAL
        ? shown.standalone()
        : numerals.format().style().fixed(value(one), numerals.decimalsOf(one) + more).text();
  }

  private Value value(LineId id) {
    return numerals.values().of(id);
  }

  /// Whether so many decimals more tell it, and the distances from 0 too.
  private boolean tells(int more) {
    BigDecimal a = printed(one, more);
    BigDecimal b = printed(other, more);
    return a.compareTo(b) == Integer.signum(value(one).compareTo(value(other)))
        && a.abs().compareTo(b.abs())
            == Integer.signum(value(one).magnitude().compareTo(value(other).magnitude()));
  }

  private BigDecimal printed(LineId id, int more) {
    Value value = value(id);
    return numerals.shown(id).relation() == Shown.Relation.EQUAL
        ? value.decimal()
        : value.rounded(numerals.decimalsOf(id) + more);
  }
}
