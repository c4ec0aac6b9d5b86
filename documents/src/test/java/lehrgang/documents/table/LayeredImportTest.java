package lehrgang.documents.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;
import lehrgang.core.wording.Wording;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Tables in layers as they are pasted.
class LayeredImportTest {
  private static final List<List<String>> COUNTS =
      List.of(List.of("90", "110"), List.of("60", "50"), List.of("30", "14"), List.of("70", "41"));

  private static TableImport.Recognised read(String text) {
    return (TableImport.Recognised) TableImport.readLayers(text);
  }

  private static String refused(String text) {
    return Wording.english()
        .text(((TableImport.Unreadable) TableImport.readLayers(text)).problem().sentence());
  }

  private static List<String> notes(TableImport.Recognised read) {
    return read.notes().stream().map(Wording.english()::text).toList();
  }

  private static void assertMapByHalf(TableEntry table) {
    assertThat(table.form()).isEqualTo(TableForm.LAYERS);
    assertThat(table.layers()).containsExactly("Summer", "Winter");
    assertThat(table.rows()).containsExactly("before dark", "after dark");
    assertThat(table.columns()).containsExactly("map", "no map");
    assertThat(table.cells()).isEqualTo(COUNTS);
  }

  @Test
  void aLayerMayStandBeforeEachRowOrOnlyBeforeItsFirst() {
    String each =
        """
        half\tarrived\tmap\tno map
        Summer\tbefore dark\t90\t110
        Summer\tafter dark\t60\t50
        Winter\tbefore dark\t30\t14
        Winter\tafter dark\t70\t41
        """;
    assertMapByHalf(read(each).table());
    assertThat(read(each).table().layerVariable()).isEqualTo("half");
    assertThat(read(each).table().rowVariable()).isEqualTo("arrived");
    String first = each.replace("Summer\tafter", "\tafter").replace("Winter\tafter", "\tafter");
    assertMapByHalf(read(first).table());
    assertThat(TableImport.readAs(TableForm.TWO_WAY, first)).isEqualTo(read(first));
  }

  @Test
  void tablesMayStandOneBelowTheOtherUnderTheirNames() {
    TableImport.Recognised read =
        read(
            """
            half: Summer

            arrived / map,map,no map
            before dark,90,110
            after dark,60,50

            half: Winter

            arrived / map,no map,map
            after dark,41,70
            before dark,14,30
            """);
    assertMapByHalf(read.table());
    assertThat(read.table().layerVariable()).isEqualTo("half");
    assertThat(read.table().columnVariable()).isEqualTo("map");
  }

  @Test
  void totalsOfEveryLayerAndTheLayerOfAllTogetherAreLeftOutAndSaid() {
    TableImport.Recognised read =
        read(
            """
            half,arrived,map,no map,all
            Summer,before dark,90,110,200
            Summer,after dark,60,50,110
            Summer,all,150,160,310
            Winter,before dark,30,14,44
            Winter,after dark,70,41,111
            Winter,all,100,55,155
            Total,before dark,120,124,244
            Total,after dark,130,91,221
            Total,all,250,215,465
            """);
    assertMapByHalf(read.table());
    assertThat(notes(read))
        .containsExactly(
            "The last row and the last column are totals and were left out.",
            "“Total” holds all strata together and was left out.");
  }

  @Test
  void totalsThatNearlyAddUpAreReportedWithTheirLayer() {
    TableImport.Recognised read =
        read(
            """
            half,arrived,map,no map,poles,all
            Summer,before dark,90,110,10,210
            Summer,after dark,60,50,20,130
            Summer,all,150,160,30,340
            Winter,before dark,30,14,12,56
            Winter,after dark,70,14,30,141
            Winter,all,100,55,42,197
            Total,before dark,120,124,22,266
            Total,after dark,130,91,50,271
            Total,all,250,215,72,537
            """);
    assertThat(notes(read))
        .contains(
            "In “Winter”: The totals do not quite add up: after dark, no map is probably wrong; 41"
                + " instead of 14 would fit.",
            "“Total” should hold all strata together but does not add up to them; it was left out,"
                + " so check the counts.");
    assertThat(read.table().layers()).containsExactly("Summer", "Winter");
  }

  @Test
  void aRowThatOneLayerLacksIsNamed() {
    assertThat(
            refused(
                """
                half,arrived,map,no map
                Summer,before dark,90,110
                Summer,after dark,60,50
                Winter,before dark,30,14
                """))
        .startsWith("Stratum “Winter” has no “after dark”, which the first stratum has");
    assertThat(
            refused(
                """
                half,arrived,map,no map
                Summer,before dark,90,110
                Winter,before dark,30,14
                Winter,late,30,14
                """))
        .startsWith("Stratum “Winter” has “late”, which the first stratum has not");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '~',
      value = {
        "route\\tSpring\\tSummer\\nLake loop\\t41\\t55\\nGorge path\\t38\\t64",
        "date,gate,route,size\\n"
            + "2025-05-01,Mill Gate,Lake loop,3\\n"
            + "2025-05-01,Mill Gate,Rim trail,4",
        "half,arrived,map,no map\\n"
            + "Summer,dark,9,x\\n"
            + "Summer,light,6,5\\n"
            + "Winter,dark,3,1\\n"
            + "Winter,light,7,4",
        "half,arrived,map,no map\\n"
            + "Summer,dark,9,2\\n"
            + "Summer,dark,6,5\\n"
            + "Winter,dark,3,1\\n"
            + "Winter,dark,7,4"
      })
  void anythingElseIsNoTableInLayers(String text) {
    assertThat(refused(text.replace("\\t", "\t").replace("\\n", "\n")))
        .startsWith("No stratified tables were found");
  }

  /// In whatever order the lines come, each count gets under its own labels.
  @Property(tries = 100)
  void theOrderOfTheLinesDoesNotMatter(
      @ForAll @IntRange(min = 2, max = 4) int layers,
      @ForAll @IntRange(min = 2, max = 4) int rows,
      @ForAll long seed) {
    List<String> lines = new ArrayList<>();
    for (int k = 0; k < layers; k++) {
      for (int i = 0; i < rows; i++) {
        lines.add("layer %s,row %s,%d,%d".formatted("abcd".charAt(k), "efgh".charAt(i), k, i));
      }
    }
    Collections.shuffle(lines, new Random(seed));
    TableEntry table = read("layer,row,its layer,its row\n" + String.join("\n", lines)).table();
    IntStream.range(0, layers)
        .forEach(
            k ->
                IntStream.range(0, rows)
                    .forEach(
                        i ->
                            assertThat(table.layer(k).cells().get(i))
                                .containsExactly(
                                    "" + "abcd".indexOf(table.layers().get(k).charAt(6)),
                                    "" + "efgh".indexOf(table.rows().get(i).charAt(4)))));
  }
}
