package lehrgang.core.data;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import lehrgang.core.ReferenceCases;
import lehrgang.core.data.FrequencyTable.Rescaling;
import lehrgang.core.data.FrequencyTable.Stated;
import lehrgang.core.wording.Wording;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Counts with stated shares as they are typed, right or wrong.
class FrequencyTableTest {
  private static final List<Long> COUNTS = List.of(40L, 30L, 30L);

  private static TableEntry entry(String shares) {
    return ReferenceCases.frequencies(COUNTS, List.of(shares.split("\\|")));
  }

  private static FrequencyTable good(TableEntry entry) {
    return ((Checked.Good<FrequencyTable>)
            FrequencyTable.check(entry, Optional.empty(), Rescaling.REFUSED))
        .data();
  }

  private static List<Problem> problems(TableEntry entry) {
    return ((Checked.Bad<FrequencyTable>)
            FrequencyTable.check(entry, Optional.empty(), Rescaling.REFUSED))
        .problems();
  }

  @ParameterizedTest
  @CsvSource({
    "0.5|0.25|0.25, PROBABILITIES",
    "'0,5|0,25|0,25', PROBABILITIES",
    "1/2|1/4|1/4, PROBABILITIES",
    "50 %|25 %|25 %, PERCENTAGES",
    "50|25|25, EXPECTED_COUNTS",
    "60|20|20, EXPECTED_COUNTS",
    "9|3|4, RATIO"
  })
  void theWayInWhichSharesAreStatedIsRecognised(String shares, Stated stated) {
    assertThat(good(entry(shares)).stated()).isEqualTo(stated);
  }

  @Test
  void aRatioTypedInOneCellFillsTheColumn() {
    TableEntry typed = entry("1|1|1").withCell(0, 1, "9:3:4");
    assertThat(typed.cells()).extracting(List::getLast).containsExactly("9", "3", "4");
    assertThat(entry("1|1|1").withCell(0, 1, "9:3").cells().getFirst().getLast()).isEqualTo("9:3");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "0.5|0.25|0.22;The probabilities add up to 0.97, 0.03 less than 1: correct them, or let"
            + " them be rescaled.",
        "50 %|30 %|25 %;The percentages add up to 105, 5 more than 100: correct them, or let them"
            + " be rescaled."
      })
  void sharesThatDoNotAddUpAreReportedWithTheDifferenceAndAnOffer(String shares, String sentence) {
    Problem problem = problems(entry(shares)).getFirst();
    assertThat(Wording.english().text(problem.sentence())).isEqualTo(sentence);
    assertThat(problem.remedy()).contains(new Problem.Remedy("shares", "rescaled"));
    assertThat(FrequencyTable.check(entry(shares), Optional.empty(), Rescaling.ALLOWED))
        .isInstanceOf(Checked.Good.class);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "0.5|x|0.5;The proportion of hut 2 is “x”: type a number above 0, such as 0.25, 25 %, 1/4"
            + " or a part of a ratio.",
        "0.5|0|0.5;The proportion of hut 2 is “0”: type a number above 0, such as 0.25, 25 %, 1/4"
            + " or a part of a ratio.",
        "0.5| |0.5;hut 2 has no proportion: type one, such as 0.25, 25 % or 1/4."
      })
  void aWrongShareIsNamedWithItsCategory(String shares, String sentence) {
    assertThat(Wording.english().text(problems(entry(shares)).getFirst().sentence()))
        .isEqualTo(sentence);
  }

  @Test
  void sharesFindTheirCategoriesByLabel() {
    TableEntry counts = ReferenceCases.frequencies(COUNTS, List.of());
    TableEntry shares =
        new TableEntry(
            TableForm.FREQUENCIES,
            "",
            "",
            List.of("hut 3", "hut 1", "hut 2"),
            List.of(TableEntry.OBSERVED),
            List.of(List.of("20 %"), List.of("50 %"), List.of("30 %")));
    TableEntry matched = ((Checked.Good<TableEntry>) ShareMatching.match(counts, shares)).data();
    assertThat(matched.cells()).extracting(List::getLast).containsExactly("50 %", "30 %", "20 %");
    List<Problem> unmatched =
        ((Checked.Bad<TableEntry>) ShareMatching.match(counts, shares.withRowLabel(0, "Hut 3")))
            .problems();
    assertThat(unmatched)
        .extracting(problem -> Wording.english().text(problem.sentence()))
        .containsExactly(
            "hut 3 has no partner among the pasted proportions.",
            "The proportion of “Hut 3” belongs to no category: did you mean “hut 3”?");
  }
}
