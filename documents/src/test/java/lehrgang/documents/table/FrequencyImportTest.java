package lehrgang.documents.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;
import lehrgang.core.wording.Wording;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Lists of categories as they are pasted: with or without headings, shares and a total.
class FrequencyImportTest {
  private static TableEntry read(String text) {
    return ((TableImport.Recognised) TableImport.readFrequencies(text)).table();
  }

  @Test
  void headingsNameTheVariableAndATotalIsLeftOut() {
    TableImport.Result result =
        TableImport.readFrequencies("hut,guests\nLake,40\nGorge,30\nSummit,20\nall,90\n");
    TableImport.Recognised read = (TableImport.Recognised) result;
    assertThat(read.table().rowVariable()).isEqualTo("hut");
    assertThat(read.table().rows()).containsExactly("Lake", "Gorge", "Summit");
    assertThat(read.notes())
        .extracting(Wording.english()::text)
        .containsExactly("The last row holds totals and was left out.");
    assertThat(read.withTotals().orElseThrow().rows()).hasSize(4);
  }

  @Test
  void aThirdColumnHoldsTheStatedShares() {
    TableEntry entry = read("category;observed;share\nlarch +;171;40 %\nlarch −;98;60 %\n");
    assertThat(entry.form()).isEqualTo(TableForm.FREQUENCIES);
    assertThat(entry.rowVariable()).isEmpty();
    assertThat(entry.columns()).containsExactly(TableEntry.OBSERVED, TableEntry.SHARE);
    assertThat(entry.cells()).containsExactly(List.of("171", "40 %"), List.of("98", "60 %"));
  }

  @Test
  void sharesAloneAreToldFromCounts() {
    assertThat(TableImport.sharesIn("Lake\t25 %\nGorge\t75 %\n")).isPresent();
    assertThat(TableImport.sharesIn("Lake\t1/4\nGorge\t3/4\n")).isPresent();
    assertThat(TableImport.sharesIn("Lake\t40\nGorge\t30\n")).isEmpty();
  }

  @Test
  void aTableOfAnotherFormIsTakenForWhatItIs() {
    String list = "Lake\t40\nGorge\t30\nSummit\t20\n";
    String table = "\tSpring\tAutumn\tWinter\nLake\t40\t20\t1\nGorge\t30\t10\t2\n";
    assertThat(TableImport.readAs(TableForm.TWO_WAY, list))
        .isEqualTo(TableImport.readFrequencies(list));
    assertThat(TableImport.readAs(TableForm.FREQUENCIES, table)).isEqualTo(TableImport.read(table));
    TableImport.Recognised shares =
        (TableImport.Recognised)
            TableImport.readAs(TableForm.SHARES, "gate\tyes\tall\nMill\t40\t90\nLake\t30\t80\n");
    assertThat(shares.table().form()).isEqualTo(TableForm.SHARES);
    assertThat(shares.table().rows()).containsExactly("Mill", "Lake");
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "one\ntwo\n", "a,1,2,3\nb,1,2,3\n", "a,1\nb\n", "\"a,1\n"})
  void whatIsNoListIsSaidSoInASentence(String text) {
    assertThat(TableImport.readFrequencies(text)).isInstanceOf(TableImport.Unreadable.class);
  }
}
