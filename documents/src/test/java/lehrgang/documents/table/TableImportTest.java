package lehrgang.documents.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lehrgang.core.data.TableEntry;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Tables as they are pasted.
class TableImportTest {
  private static final String WITH_TOTALS =
      """
      route\tSpring\tSummer\tAutumn\tTotal
      Lake loop\t41\t55\t24\t120
      Gorge path\t38\t64\t58\t160
      Summit way\t41\t101\t58\t200
      Total\t120\t220\t140\t480
      """;

  private static TableImport.Recognised read(String text) {
    return (TableImport.Recognised) TableImport.read(text);
  }

  private static String notes(TableImport.Recognised read) {
    return String.join(
        " ", read.notes().stream().map((Phrase note) -> Wording.english().text(note)).toList());
  }

  private static void assertRegister(TableEntry table) {
    assertThat(table.rows()).containsExactly("Lake loop", "Gorge path", "Summit way");
    assertThat(table.columns()).containsExactly("Spring", "Summer", "Autumn");
    assertThat(table.cells())
        .containsExactly(
            List.of("41", "55", "24"), List.of("38", "64", "58"), List.of("41", "101", "58"));
  }

  @Test
  void totalsAreRecognisedSaidAndLeftOutAndCanBeKept() {
    TableImport.Recognised read = read(WITH_TOTALS);
    assertRegister(read.table());
    assertThat(notes(read))
        .isEqualTo("The last row and the last column are totals and were left out.");
    assertThat(read.withTotals()).hasValueSatisfying(all -> assertThat(all.rows()).hasSize(4));
  }

  @ParameterizedTest
  @ValueSource(strings = {"\t", ",", ";"})
  void anyUsualSeparatorWillDo(String separator) {
    assertRegister(read(WITH_TOTALS.replace("\t", separator)).table());
  }

  @Test
  void totalsNeedNoNameToBeRecognised() {
    TableImport.Recognised read =
        read("41,55,24,120\n38,64,58,160\n41,101,58,200\n120,220,140,480\n");
    assertThat(read.table().rows()).containsExactly("row 1", "row 2", "row 3");
    assertThat(read.table().columns()).containsExactly("column 1", "column 2", "column 3");
    assertThat(read.withTotals()).isPresent();
  }

  @Test
  void aTableWithoutTotalsIsTakenWhole() {
    TableImport.Recognised read = read("x;a;b\nr;10;20\ns;30;45\n");
    assertThat(read.table().cells()).containsExactly(List.of("10", "20"), List.of("30", "45"));
    assertThat(read.notes()).isEmpty();
    assertThat(read.withTotals()).isEmpty();
  }

  @Test
  void whereTotalsNearlyAddUpTheCellThatIsLikelyWrongIsNamed() {
    TableImport.Recognised read = read(WITH_TOTALS.replace("\t64\t", "\t46\t"));
    assertThat(notes(read))
        .contains("Gorge path, Summer is probably wrong; 64 instead of 46 would fit");
    assertThat(read.table().cells().get(1)).containsExactly("38", "46", "58");
  }

  @Test
  void aWrongTotalIsSaidToBeWrongItself() {
    assertThat(notes(read(WITH_TOTALS.replace("58\t160", "58\t161"))))
        .contains("the total of Gorge path is given as 161, but its counts add up to 160");
  }

  /// One wrong total spoils two sums; it is said once, and for what it is.
  @ParameterizedTest
  @CsvSource({
    "160, 161, Gorge path, 161, 160",
    "220, 202, Summer, 202, 220",
    "480, 479, Total, 479, 480"
  })
  void aWrongTotalAmongBothMarginsIsSaidOnce(
      String right, String wrong, String label, String given, String sum) {
    TableImport.Recognised read = read(WITH_TOTALS.replaceFirst("(?<=\\t)" + right, wrong));
    assertRegister(read.table());
    assertThat(notes(read))
        .isEqualTo(
            "The last row and the last column are totals and were left out. The totals do not quite"
                + " add up: the total of %s is given as %s, but its counts add up to %s."
                    .formatted(label, given, sum));
  }

  @Test
  void theCornerMayNameBothVariablesOrBeMissing() {
    TableEntry named = read(WITH_TOTALS.replace("route\tSpring", "route / season\tSpring")).table();
    assertThat(named.rowVariable()).isEqualTo("route");
    assertThat(named.columnVariable()).isEqualTo("season");
    assertRegister(read(WITH_TOTALS.replace("route\tSpring", "Spring")).table());
    TableEntry above = read(WITH_TOTALS.replace("route\tSpring", "Gate\tSpring")).table();
    assertThat(above.rowVariable()).isEqualTo("Gate");
    assertThat(above.columnVariable()).isEmpty();
  }

  @Test
  void aQuotationMarkThatIsNotClosedSwallowsNothingInSilence() {
    TableImport.Result result = TableImport.read("k,b,c\n\"x,3,5\ny,4,6\nz,4,8\n");
    assertThat(result).isInstanceOf(TableImport.Unreadable.class);
    Phrase said = ((TableImport.Unreadable) result).problem().sentence();
    assertThat(Wording.english().text(said))
        .startsWith("A quotation mark is opened and not closed");
  }

  @Test
  void quotesKeepCommasInLabels() {
    TableEntry table =
        read(",\"north, steep\",south\n\"hut \"\"Alm\"\"\",3,4\nridge,5,6\n").table();
    assertThat(table.columns()).containsExactly("north, steep", "south");
    assertThat(table.rows()).containsExactly("hut \"Alm\"", "ridge");
  }

  @Test
  void whatIsNoCountStaysAsItWasForTheEditorToMark() {
    assertThat(read("x,a,b\nr,10,n/a\ns,3.5,45\n").table().cells())
        .containsExactly(List.of("10", "n/a"), List.of("3.5", "45"));
  }

  @Test
  void byteOrderMarksWindowsLinesAndEmptyEndsDoNoHarm() {
    assertRegister(read("\uFEFF" + WITH_TOTALS.replace("\n", "\t\t\r\n") + "\r\n\t\t\r\n").table());
  }

  @Test
  void aControlCharacterIsRefusedWithItsLineAndNeverLeftOut() {
    for (String text :
        List.of(
            "route,Spring\nLake loop,1\u00002\nSummit way,5\n",
            "route,Spring\nLake\u001b[31mloop,12\nSummit way,5\n")) {
      for (TableImport.Result result :
          List.of(
              TableImport.read(text),
              TableImport.readFrequencies(text),
              TableImport.readLayers(text))) {
        assertThat(result).isInstanceOf(TableImport.Unreadable.class);
        Phrase said = ((TableImport.Unreadable) result).problem().sentence();
        assertThat(Wording.english().text(said))
            .startsWith("Line 2 holds a control character, U+00");
      }
    }
  }

  @Test
  void aRaggedTableIsRefusedWithItsLine() {
    TableImport.Result read = TableImport.read("x,a,b,c\nr,1,2,3\ns,4,5\n");
    assertThat(read).isInstanceOf(TableImport.Unreadable.class);
    assertThat(Wording.english().text(((TableImport.Unreadable) read).problem().sentence()))
        .isEqualTo(
            "Line 3 and the first line differ in their number of cells (3 and 4): check for a"
                + " missing separator.");
    assertThat(TableImport.read("x,\"a,b\nr,1,2\n")).isInstanceOf(TableImport.Unreadable.class);
    assertThat(TableImport.read("  \n")).isInstanceOf(TableImport.Unreadable.class);
  }
}
