package lehrgang.documents.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lehrgang.documents.look.Typeface;
import lehrgang.documents.paper.Cell.Align;
import lehrgang.documents.paper.TableSetter.SetTable;
import lehrgang.documents.paper.TableSetter.Table;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TableSetterTest {
  private static final double WIDTH = 480;

  private static Cell cell(String text, Element.Type type) {
    Align align = type == Element.Type.ROW_HEAD ? Align.LEFT : Align.RIGHT;
    return Cell.of(text, Typeface.SERIF, 10, 0, align, type);
  }

  /// A table whose entries tell their place.
  private static Table table(int rows, int columns, String label) {
    List<Cell> head = new ArrayList<>(List.of(cell("", Element.Type.COLUMN_HEAD)));
    for (int column = 0; column < columns; column++) {
      head.add(cell(label + column, Element.Type.COLUMN_HEAD));
    }
    List<List<Cell>> body = new ArrayList<>();
    for (int row = 0; row < rows; row++) {
      List<Cell> cells = new ArrayList<>(List.of(cell("r" + row, Element.Type.ROW_HEAD)));
      for (int column = 0; column < columns; column++) {
        cells.add(cell(row + "." + column, Element.Type.CELL));
      }
      body.add(cells);
    }
    return new Table(Optional.empty(), List.of(head), body, List.of(), false);
  }

  private static List<SetTable> set(Table table) {
    return new TableSetter(Element.document(), WIDTH).set(table);
  }

  private static Stream<String> texts(Slab slab) {
    return slab.pieces().stream()
        .flatMap(piece -> piece.paints().stream())
        .filter(Paint.Text.class::isInstance)
        .map(paint -> ((Paint.Text) paint).text());
  }

  @Property(tries = 60)
  void noEntryIsLostAndNoPartIsWiderThanThePaper(
      @ForAll @IntRange(min = 1, max = 20) int rows,
      @ForAll @IntRange(min = 1, max = 30) int columns) {
    List<SetTable> parts = set(table(rows, columns, "column "));
    List<String> shown =
        parts.stream()
            .flatMap(part -> part.rows().stream())
            .flatMap(TableSetterTest::texts)
            .toList();
    for (int row = 0; row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        assertThat(shown).contains(row + "." + column);
      }
    }
    assertThat(parts)
        .allSatisfy(part -> assertThat(part.width()).isLessThanOrEqualTo(WIDTH + 0.01));
  }

  @Test
  void everyPartOfAWideTableBeginsWithTheNamesOfItsRows() {
    List<SetTable> parts = set(table(3, 30, "a longer name "));
    assertThat(parts).hasSizeGreaterThan(1);
    assertThat(parts)
        .allSatisfy(part -> assertThat(texts(part.rows().getFirst()).findFirst()).contains("r0"));
  }

  @ParameterizedTest
  @ValueSource(ints = {10, 60, 200})
  void aLongNameIsBrokenAndStaysInItsColumn(int length) {
    Table table = table(2, 3, "word ".repeat(length / 5));
    assertThat(set(table))
        .allSatisfy(part -> assertThat(part.width()).isLessThanOrEqualTo(WIDTH + 0.01));
  }

  @Test
  void roomForAnAnswerIsAsWideAsWasAsked() {
    List<Cell> head =
        List.of(cell("", Element.Type.COLUMN_HEAD), cell("E", Element.Type.COLUMN_HEAD));
    Cell asked = cell("", Element.Type.CELL).asking("7", 60);
    Table table =
        new Table(
            Optional.empty(),
            List.of(head),
            List.of(List.of(cell("r", Element.Type.ROW_HEAD), asked)),
            List.of(),
            false);
    Slab row = set(table).getFirst().rows().getFirst();
    Paint.Frame frame =
        row.pieces().stream()
            .flatMap(piece -> piece.paints().stream())
            .filter(Paint.Frame.class::isInstance)
            .map(Paint.Frame.class::cast)
            .findFirst()
            .orElseThrow();
    assertThat(frame.width()).isBetween(59.9, 60.1);
    assertThat(texts(row)).contains("7");
  }
}
