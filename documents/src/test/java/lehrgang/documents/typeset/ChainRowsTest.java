package lehrgang.documents.typeset;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class ChainRowsTest {
  private static double width(List<Double> terms) {
    return terms.stream().mapToDouble(Double::doubleValue).sum();
  }

  /// A term that is wider than a row stands alone in its row.
  @Property
  void everyTermIsInARowInOrderAndNoRowIsTooWideThatCouldBeBroken(
      @ForAll @DoubleRange(min = 1, max = 40) double left,
      @ForAll @Size(min = 1, max = 6)
          List<@Size(min = 1, max = 5) List<@DoubleRange(min = 1, max = 90) Double>> sides,
      @ForAll @DoubleRange(min = 60, max = 400) double available) {
    List<List<Double>> parts = Stream.concat(Stream.of(List.of(left)), sides.stream()).toList();
    List<ChainRows.Row<Double>> rows = ChainRows.of(parts, term -> term, available);
    assertThat(rows.stream().flatMap(row -> row.parts().stream()).toList())
        .isEqualTo(parts.stream().flatMap(List::stream).toList());
    for (ChainRows.Row<Double> row : rows) {
      boolean first = row == rows.getFirst();
      assertThat(row.left()).isEqualTo(first ? 0 : left);
      double wide = row.left() + width(row.parts());
      int alone = first ? 2 : 1;
      assertThat(wide <= available + 1e-9 || row.parts().size() <= alone).isTrue();
    }
  }

  @Test
  void aSideThatFitsIntoARowIsNotDivided() {
    List<List<Double>> parts = List.of(List.of(10.0), List.of(60.0), List.of(30.0, 40.0));
    List<ChainRows.Row<Double>> rows = ChainRows.of(parts, term -> term, 100);
    assertThat(rows.stream().map(ChainRows.Row::parts))
        .containsExactly(List.of(10.0, 60.0), List.of(30.0, 40.0));
  }
}
