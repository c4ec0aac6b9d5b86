package lehrgang.core.data;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import lehrgang.core.ReferenceCases;
import lehrgang.core.wording.Wording;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Keying in a table line by line.
class KeyedLineTest {
  private static final TableEntry BLANK =
      new TableEntry(
          "",
          "",
          List.of("row 1", "row 2"),
          List.of("column 1", "column 2"),
          List.of(List.of("", ""), List.of("", "")));

  private static TableEntry keyed(TableEntry table, String... lines) {
    TableEntry now = table;
    for (String line : lines) {
      now = taken(now, line).table();
    }
    return now;
  }

  private static KeyedLine.Taken taken(TableEntry table, String line) {
    return switch (KeyedLine.into(table, line)) {
      case Checked.Good<KeyedLine.Taken>(var taken) -> taken;
      case Checked.Bad<KeyedLine.Taken>(var problems) ->
          throw new AssertionError(Wording.english().text(problems.getFirst().sentence()));
    };
  }

  private static String refusal(TableEntry table, String line) {
    return switch (KeyedLine.into(table, line)) {
      case Checked.Good<KeyedLine.Taken> _ -> "";
      case Checked.Bad<KeyedLine.Taken>(var problems) ->
          Wording.english().text(problems.getFirst().sentence());
    };
  }

  @Test
  void fourLinesMakeTheWholeRegister() {
    TableEntry table =
        keyed(
            BLANK,
            "season: Spring, Summer, Autumn",
            "Lake loop 41 55 24",
            "Gorge path 38 64 58",
            "Summit way 41 101 58");
    assertThat(table).isEqualTo(ReferenceCases.trailRegister().withVariables("", "season"));
  }

  @Test
  void theFirstCountsSayHowManyColumnsThereAre() {
    TableEntry table = keyed(BLANK, "Lake loop 41 55 24 9");
    assertThat(table.columns()).hasSize(4);
    assertThat(table.rows()).containsExactly("Lake loop", "row 2");
    assertThat(keyed(BLANK, "Spring Summer").columns()).containsExactly("Spring", "Summer");
  }

  @Test
  void aKnownLabelIsFilledAnewAndANewOneGetsARowOfItsOwn() {
    TableEntry register = ReferenceCases.trailRegister();
    assertThat(keyed(register, "gorge path: 1 2 3").cells().get(1)).containsExactly("1", "2", "3");
    TableEntry more = keyed(register, "Rim trail | 7 | 8 | 9");
    assertThat(more.rows()).endsWith("Summit way", "Rim trail");
    assertThat(more.cells().getLast()).containsExactly("7", "8", "9");
  }

  @Test
  void aTotalAtTheEndIsLeftOutAndSaid() {
    KeyedLine.Taken taken = taken(ReferenceCases.trailRegister(), "Rim trail 7 8 9 24");
    assertThat(taken.table().cells().getLast()).containsExactly("7", "8", "9");
    assertThat(Wording.english().text(taken.note().orElseThrow())).contains("left out as a total");
    KeyedLine.Taken labelled = taken(ReferenceCases.trailRegister(), "Rim trail 12 7 8 9");
    assertThat(labelled.table().rows()).endsWith("Rim trail 12");
    assertThat(labelled.note()).isEmpty();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "Rim trail 7 8; ends in 2 counts where 3 are needed",
        "Rim trail; ends in 0 counts where 3 are needed",
        "Rim trail 7 8,5 x; ends in 0 counts where 3 are needed",
        "'   '; Type a label and its counts"
      })
  void whatDoesNotFitIsSaidAndNothingIsTaken(String line, String sentence) {
    assertThat(refusal(ReferenceCases.trailRegister(), line)).contains(sentence);
  }

  @ParameterizedTest
  @CsvSource({"Mill Gate 121/140", "Mill Gate 121 of 140", "Mill Gate: 121 140"})
  void successesAndTrialsAreOneLine(String line) {
    TableEntry blank =
        new TableEntry(
            TableForm.SHARES,
            "",
            "",
            List.of("group 1", "group 2"),
            List.of(TableEntry.SUCCESSES, TableEntry.TRIALS),
            Collections.nCopies(2, List.of("", "")));
    TableEntry both = keyed(blank, line, "Lake Gate 98/132");
    assertThat(both.rows()).containsExactly("Mill Gate", "Lake Gate");
    assertThat(both.cells()).containsExactly(List.of("121", "140"), List.of("98", "132"));
    assertThat(refusal(both, "West Gate 1/2")).contains("none is called “West Gate”");
    assertThat(refusal(both, "Lake Gate 98")).contains("such as 121/140");
  }

  @Test
  void categoriesKeepTheirStatedShares() {
    TableEntry table = ReferenceCases.frequencies(List.of(1L, 2L), List.of("1/4", "3/4"));
    assertThat(keyed(table, "hut 1 18").cells().getFirst()).containsExactly("18", "1/4");
  }

  @Test
  void layersAreFilledOneAfterTheOther() {
    TableEntry layers =
        new TableEntry(
            TableForm.LAYERS,
            "",
            "",
            "",
            List.of("row 1", "row 2"),
            List.of("yes", "no"),
            List.of("Spring", "Summer"),
            Collections.nCopies(4, Arrays.asList("", "")));
    TableEntry table = keyed(layers, "early 59 86", "late 4 17", "early 52 193", "1 11");
    assertThat(table.rows()).containsExactly("early", "late");
    assertThat(table.cells())
        .containsExactly(
            List.of("59", "86"), List.of("4", "17"), List.of("52", "193"), List.of("1", "11"));
  }
}
