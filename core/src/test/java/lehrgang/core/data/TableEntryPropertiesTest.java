package lehrgang.core.data;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/// A table that is edited loses nothing but what was taken out.
class TableEntryPropertiesTest {
  @Provide
  Arbitrary<TableEntry> tables() {
    return Arbitraries.randomValue(
        random -> {
          int rows = 2 + random.nextInt(4);
          int columns = 2 + random.nextInt(4);
          return new TableEntry(
              "route",
              "season",
              IntStream.range(0, rows).mapToObj(i -> "route " + i).toList(),
              IntStream.range(0, columns).mapToObj(j -> "season " + j).toList(),
              IntStream.range(0, rows)
                  .mapToObj(
                      _ ->
                          IntStream.range(0, columns)
                              .mapToObj(_ -> random.nextInt(9) == 0 ? "" : "" + random.nextInt(99))
                              .toList())
                  .toList());
        });
  }

  @Provide
  Arbitrary<TableEntry> layered() {
    return Arbitraries.randomValue(
        random -> {
          int layers = 2 + random.nextInt(2);
          return new TableEntry(
              TableForm.LAYERS,
              "map",
              "before dark",
              "season",
              List.of("yes", "no"),
              List.of("early", "late"),
              IntStream.range(0, layers).mapToObj(k -> "season " + k).toList(),
              IntStream.range(0, 2 * layers)
                  .mapToObj(_ -> List.of("" + random.nextInt(50), "" + random.nextInt(50)))
                  .toList());
        });
  }

  @Property(tries = 60)
  void turnedTwiceItIsAsItWas(@ForAll("tables") TableEntry table) {
    TableEntry turned = table.turned();
    assertThat(turned.rows()).isEqualTo(table.columns());
    assertThat(turned.rowVariable()).isEqualTo(table.columnVariable());
    assertThat(turned.cells().getFirst().getLast()).isEqualTo(table.cells().getLast().getFirst());
    assertThat(turned.turned()).isEqualTo(table);
  }

  @Property(tries = 60)
  void layersTurnEachByItself(@ForAll("layered") TableEntry table) {
    assertThat(table.turned().turned()).isEqualTo(table);
    for (int k = 0; k < table.layers().size(); k++) {
      assertThat(table.turned().layer(k)).isEqualTo(table.layer(k).turned());
    }
  }

  @Property(tries = 60)
  void whatIsAddedAndTakenOutAgainLeavesNoTrace(
      @ForAll("tables") TableEntry table, @ForAll("layered") TableEntry layered) {
    assertThat(table.withRowAdded("new").withoutRow(table.rows().size())).isEqualTo(table);
    assertThat(table.withColumnAdded("new").withoutColumn(table.columns().size())).isEqualTo(table);
    assertThat(layered.withRowAdded("new").withoutRow(2)).isEqualTo(layered);
    assertThat(layered.withColumnAdded("new").withoutColumn(2)).isEqualTo(layered);
    assertThat(layered.withLayerAdded("new").withoutLayer(layered.layers().size()))
        .isEqualTo(layered);
  }

  @Property(tries = 60)
  void aNewRowOrColumnIsBlankInEveryLayer(@ForAll("layered") TableEntry table) {
    TableEntry more = table.withRowAdded("neither");
    for (int k = 0; k < table.layers().size(); k++) {
      assertThat(more.layer(k).cells().getLast()).containsOnly("");
      assertThat(more.layer(k).cells().subList(0, 2)).isEqualTo(table.layer(k).cells());
    }
  }

  @Property(tries = 60)
  void oneCellIsChangedAndNoOther(@ForAll("tables") TableEntry table) {
    TableEntry changed = table.withCell(1, 1, "1 234");
    for (int i = 0; i < table.rows().size(); i++) {
      for (int j = 0; j < table.columns().size(); j++) {
        assertThat(changed.cells().get(i).get(j))
            .isEqualTo(i == 1 && j == 1 ? "1 234" : table.cells().get(i).get(j));
      }
    }
    assertThat(changed.withCell(1, 1, table.cells().get(1).get(1))).isEqualTo(table);
  }

  @Property(tries = 60)
  void aTableIsGoodExactlyWhenEveryCountIsThere(@ForAll("tables") TableEntry table) {
    long blanks = table.cells().stream().flatMap(List::stream).filter(String::isEmpty).count();
    switch (TwoWayTable.check(table)) {
      case Checked.Good<TwoWayTable> _ -> assertThat(blanks).isZero();
      case Checked.Bad<TwoWayTable>(var problems) -> {
        List<Problem> cells =
            problems.stream().filter(p -> p.place() instanceof Problem.Cell).toList();
        assertThat(cells).hasSize((int) blanks);
        assertThat(cells)
            .allSatisfy(
                problem -> {
                  Problem.Cell cell = (Problem.Cell) problem.place();
                  assertThat(table.cells().get(cell.row()).get(cell.column())).isEmpty();
                });
      }
    }
  }

  @Test
  void aTableThatDoesNotFitItsLabelsCannotBeMade() {
    assertThatThrownBy(
            () -> new TableEntry("", "", List.of("a", "b"), List.of("c"), List.of(List.of("1"))))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
