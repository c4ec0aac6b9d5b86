package lehrgang.core.data;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lehrgang.core.ReferenceCases;
import lehrgang.core.wording.Wording;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// What is typed, right or wrong.
class TableEntryTest {
  private final TableEntry register = ReferenceCases.trailRegister();

  private static List<Problem> problems(TableEntry entry) {
    return switch (TwoWayTable.check(entry)) {
      case Checked.Good<TwoWayTable> _ -> List.of();
      case Checked.Bad(var problems) -> problems;
    };
  }

  private static String sentence(TableEntry entry) {
    return Wording.english().text(problems(entry).getFirst().sentence());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "6.4|Gorge path, Summer holds 6.4: a count is a whole number, not a proportion or a mean.",
        "-3|Gorge path, Summer holds -3: a count cannot be negative.",
        "−3|Gorge path, Summer holds −3: a count cannot be negative.",
        "6O|Gorge path, Summer holds “6O”: type a whole number.",
        "''|Gorge path, Summer is empty: type a count, 0 if nobody was observed there.",
        "12345678901234567|Gorge path, Summer holds 12345678901234567: counts up to"
            + " 9 000 000 000 000 000 can be worked with."
      })
  void aWrongCountIsNamedWithItsRowItsColumnAndItsValue(String typed, String sentence) {
    TableEntry entry = register.withCell(1, 1, typed);
    assertThat(problems(entry)).extracting(Problem::place).containsExactly(new Problem.Cell(1, 1));
    assertThat(sentence(entry)).isEqualTo(sentence);
  }

  @Test
  void aCountOfTenThousandDigitsIsNotEchoedWhole() {
    assertThat(sentence(register.withCell(1, 1, "9".repeat(10_000))))
        .hasSizeLessThan(140)
        .contains("999…: counts up to");
    assertThat(sentence(register.withCell(1, 1, "6\u00004"))).contains("6␀4");
  }

  @ParameterizedTest
  @ValueSource(strings = {" 64 ", "64", "0", "1 234", "1\u202f234\u202f567"})
  void spacesAroundAndBetweenThousandsAreNoHarm(String typed) {
    assertThat(problems(register.withCell(1, 1, typed))).isEmpty();
  }

  @Test
  void everythingThatIsWrongIsSaidAtOnce() {
    TableEntry entry = register.withCell(0, 0, "x").withCell(2, 2, "").withRowLabel(1, " ");
    assertThat(problems(entry))
        .extracting(Problem::place)
        .containsExactlyInAnyOrder(
            new Problem.Cell(0, 0), new Problem.Cell(2, 2), new Problem.RowLabel(1));
  }

  @Test
  void emptyMarginsAreRefusedButZerosInsideAreFine() {
    assertThat(problems(register.withCell(0, 0, "0"))).isEmpty();
    TableEntry emptyRow = register.withCell(0, 0, "0").withCell(0, 1, "0").withCell(0, 2, "0");
    assertThat(sentence(emptyRow)).startsWith("Lake loop was never observed");
    TableEntry emptyColumn = register.withCell(0, 2, "0").withCell(1, 2, "0").withCell(2, 2, "0");
    assertThat(problems(emptyColumn))
        .extracting(Problem::place)
        .containsExactly(new Problem.ColumnLabel(2));
  }

  @Test
  void aTableNeedsTwoRowsTwoColumnsAndObservations() {
    assertThat(sentence(register.withoutRow(0).withoutRow(0)))
        .contains("1 × 3 categories")
        .contains("at least 2 × 2");
    TableEntry nothing =
        new TableEntry(
            "",
            "",
            List.of("a", "b"),
            List.of("c", "d"),
            List.of(List.of("0", "0"), List.of("0", "0")));
    assertThat(sentence(nothing)).startsWith("All counts are 0");
  }

  @Test
  void tooManyCategoriesOrObservationsAreRefused() {
    TableEntry wide = register;
    for (int j = 0; j < 28; j++) {
      wide = wide.withColumnAdded("week " + j);
    }
    assertThat(sentence(wide)).contains("at most 30");
    TableEntry large = register.withCell(0, 0, "9000000000000000");
    assertThat(sentence(large)).contains("add up to more than");
  }

  @Test
  void labelsMayHoldAnythingButNotTwiceTheSame() {
    TableEntry odd =
        register
            .withRowLabel(0, "+ \"Höhe\", −5 °C")
            .withColumnLabel(0, "🥾")
            .withColumnLabel(1, "مسار");
    assertThat(problems(odd)).isEmpty();
    assertThat(sentence(register.withRowLabel(2, "Lake loop ")))
        .isEqualTo("Rows 1 and 3 are both called “Lake loop”: rename or merge them.");
  }

  @Test
  void turningTwiceIsNoTurn() {
    assertThat(register.turned().rows()).containsExactly("Spring", "Summer", "Autumn");
    assertThat(register.turned().turned()).isEqualTo(register);
    assertThat(register.withRowAdded("Ridge").withoutRow(3)).isEqualTo(register);
    assertThat(register.withColumnAdded("Winter").withoutColumn(3)).isEqualTo(register);
  }
}
