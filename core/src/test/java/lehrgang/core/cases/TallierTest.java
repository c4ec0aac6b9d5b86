package lehrgang.core.cases;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lehrgang.core.cases.Recipe.Count;
import lehrgang.core.data.Checked;
import lehrgang.core.data.TableEntry;
import lehrgang.core.wording.Wording;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// From records to a table: every record is counted or accounted for.
class TallierTest {
  private static final List<String> COLUMNS = List.of("gate", "season", "age", "date");

  private static final CaseTable REGISTER =
      cases(
          "North Gate|Spring|34|2025-04-05",
          "north gate|Summer|29|2025-07-06",
          "Mill Gate|Summer|30|2025-07-09",
          "Mill Gate||51|2025-02-30",
          "North Gate|Autumn|340|2025-10-01",
          "Mill Gate|Spring|about 40|2025-05-03",
          "|Spring|18|2025-03-01");

  private static CaseTable cases(String... rows) {
    return CaseTable.of(
        COLUMNS, Stream.of(rows).map(row -> Arrays.asList(row.split("\\|", -1))).toList());
  }

  private static Tally tally(CaseTable cases, Recipe recipe) {
    return ((Checked.Good<Tally>) Tallier.count(cases, DecimalSign.POINT, recipe)).data();
  }

  private static String refusal(CaseTable cases, Recipe recipe) {
    return Wording.english()
        .text(
            ((Checked.Bad<Tally>) Tallier.count(cases, DecimalSign.POINT, recipe))
                .problems()
                .getFirst()
                .sentence());
  }

  private static List<String> account(Recipe recipe, Tally tally) {
    return RecipeInWords.account(recipe, tally).stream().map(Wording.english()::text).toList();
  }

  private static Recipe recipe(Count count, RecipeStep... steps) {
    return new Recipe(List.of(steps), count);
  }

  private static Classing classes(String... edges) {
    return new Classing(
        Stream.of(edges).map(BigDecimal::new).toList(), Classing.Closed.LEFT, Classing.Ends.CLOSED);
  }

  @Test
  void twoColumnsBecomeATableAndGapsAreNamedWithTheirRows() {
    Recipe recipe = recipe(Count.two("gate", "season"));
    Tally tally = tally(REGISTER, recipe);
    assertThat(tally.table().rows()).containsExactly("Mill Gate", "North Gate", "north gate");
    assertThat(tally.table().columns()).containsExactly("Spring", "Summer", "Autumn");
    assertThat(tally.table().cells())
        .containsExactly(List.of("1", "1", "0"), List.of("1", "0", "1"), List.of("0", "1", "0"));
    assertThat(account(recipe, tally))
        .containsExactly(
            "Of 7 records 5 are counted and 2 are not:",
            "season is missing in one record (record 4).",
            "gate is missing in one record (record 7).");
  }

  @Test
  void spellingsAreUnitedByTheMostFrequentOne() {
    Map<String, String> united =
        Spellings.united(
            Map.of("North Gate", 9L, "NORTH GATE", 1L, "north  gate ", 2L, "Mill", 3L));
    assertThat(united)
        .containsOnly(
            Map.entry("NORTH GATE", "North Gate"), Map.entry("north  gate ", "North Gate"));
    Recipe recipe =
        recipe(
            Count.one("gate"), new RecipeStep.Rename("gate", Map.of("north gate", "North Gate")));
    assertThat(tally(REGISTER, recipe).table().cells()).containsExactly(List.of("3"), List.of("3"));
    assertThat(tally(REGISTER, recipe).effects().getFirst().changed()).isEqualTo(1);
  }

  @ParameterizedTest
  @CsvSource({
    "Müller Steg, mueller steg, false",
    "Café, CAFE, true",
    "Lake-Hut, lake hut, true",
    "Lake Hut, Lake Huts, false",
    "Straße, STRASSE, true"
  })
  void namesAreOneWhenOnlyCaseSpacesOrAccentsDiffer(String one, String other, boolean united) {
    assertThat(Spellings.differOnlyInSpelling(List.of(one, other))).isEqualTo(united);
  }

  @Test
  void numbersAreCutAndWhatLiesOutsideIsSaid() {
    Recipe recipe =
        recipe(
            Count.one("age class"),
            new RecipeStep.Cut("age", classes("18", "30", "65"), "age class"));
    Tally tally = tally(REGISTER, recipe);
    assertThat(tally.table().rows()).containsExactly("18 to under 30", "30 to under 65");
    assertThat(tally.table().cells()).containsExactly(List.of("2"), List.of("3"));
    assertThat(account(recipe, tally))
        .contains(
            "age class is outside all classes in one record (record 5: “340”).",
            "age class is not a number in one record (record 6: “about 40”).");
  }

  @Test
  void theClosedEndDecidesWhereAnEdgeBelongs() {
    Classing left = classes("18", "30", "65");
    Classing right = new Classing(left.edges(), Classing.Closed.RIGHT, Classing.Ends.OPEN);
    assertThat(left.place(new BigDecimal("30"))).contains(1);
    assertThat(left.place(new BigDecimal("65"))).isEmpty();
    assertThat(right.names())
        .containsExactly("up to 18", "over 18 to 30", "over 30 to 65", "over 65");
    assertThat(right.place(new BigDecimal("30"))).contains(1);
    assertThat(right.place(new BigDecimal("-4"))).contains(0);
  }

  @Test
  void datesGiveTheirPartsInTheirOrder() {
    Recipe recipe =
        recipe(
            Count.one("when"),
            new RecipeStep.TakePart("date", DateOrder.YEAR_MONTH_DAY, DatePart.SEASON, "when"));
    Tally tally = tally(REGISTER, recipe);
    assertThat(tally.table().rows()).containsExactly("Spring", "Summer", "Autumn");
    assertThat(account(recipe, tally))
        .contains("when is not a valid date in one record (record 4: “2025-02-30”).");
    assertThat(DatePart.WEEKDAY.of(DateOrder.DAY_MONTH_YEAR.read("5.4.2025").orElseThrow()))
        .isEqualTo("Saturday");
    assertThat(DateOrder.fitting(List.of("03/04/2025", "25/12/2025")))
        .containsExactly(DateOrder.DAY_MONTH_YEAR);
  }

  @Test
  void aTestKeepsSomeRecordsAndTheOthersAreCounted() {
    Recipe recipe =
        recipe(
            Count.one("season"),
            new RecipeStep.Keep("age", RecipeStep.Test.AT_MOST, List.of("60")),
            new RecipeStep.Keep("gate", RecipeStep.Test.IS, List.of("Mill Gate", "North Gate")));
    assertThat(account(recipe, tally(REGISTER, recipe)))
        .containsExactly(
            "Of 7 records 2 are counted and 5 are not:",
            "One record is left out by step 2 (gate).",
            "season is missing in one record (record 4).",
            "One record is left out by step 1 (age).",
            "age is not a number in one record (record 6: “about 40”).",
            "gate is missing in one record (record 7).");
  }

  @Test
  void riseAndFallAreSeenFromTheRowBefore() {
    Recipe recipe = recipe(Count.one("trend"), new RecipeStep.Change("age", "trend"));
    Tally tally = tally(REGISTER, recipe);
    assertThat(tally.table().rows()).containsExactly("rise", "fall");
    assertThat(tally.table().cells()).containsExactly(List.of("3"), List.of("1"));
    assertThat(account(recipe, tally))
        .contains(
            "trend has no row before to compare with in 2 records (record 1: “34”; record 7:"
                + " “18”).");
  }

  @Test
  void beforeAndAfterHaveTheSameCategories() {
    CaseTable waymarks =
        CaseTable.of(
            List.of("before", "after"),
            List.of(List.of("knew", "knew"), List.of("unsure", "knew"), List.of("knew", "not")));
    TableEntry table =
        tally(waymarks, recipe(new Count(Recipe.Form.PAIRED, "before", "after"))).table();
    assertThat(table.rows()).isEqualTo(table.columns()).containsExactly("knew", "not", "unsure");
  }

  @Test
  void twoColumnsAreCombinedAndOrdersAreKeptThroughNewNames() {
    Recipe recipe =
        recipe(
            Count.one("both"),
            new RecipeStep.Combine("gate", "season", "both"),
            new RecipeStep.Order("both", List.of("North Gate, Spring", "Mill Gate, Summer")),
            new RecipeStep.Rename("both", Map.of("North Gate, Spring", "early in the north")));
    assertThat(tally(REGISTER, recipe).table().rows())
        .startsWith("early in the north", "Mill Gate, Summer");
  }

  @Test
  void whatMakesNoTableIsRefusedWithWhatToDo() {
    assertThat(refusal(REGISTER, recipe(Count.two("gate", "gates"))))
        .isEqualTo(
            "There is no column “gates”: check its name against the first line of the data.");
    assertThat(refusal(REGISTER, recipe(Count.two("gate", "gate"))))
        .contains("is chosen twice: choose different columns");
    assertThat(refusal(REGISTER, recipe(Count.two("gate", "")))).contains("choose one");
    assertThat(
            refusal(
                REGISTER,
                recipe(
                    Count.one("gate"),
                    new RecipeStep.Keep("gate", RecipeStep.Test.IS, List.of("nowhere")))))
        .contains("None of the 7 records");
    assertThat(refusal(REGISTER, recipe(Count.one("gate"), new RecipeStep.Change("age", "season"))))
        .contains("already a column “season”");
    CaseTable many =
        CaseTable.of(
            List.of("walker"),
            IntStream.range(0, 200).mapToObj(i -> List.of("walker " + i)).toList());
    assertThat(refusal(many, recipe(Count.one("walker")))).contains("200 different values");
  }

  @Property(tries = 200)
  void everyRecordIsCountedOrAccountedFor(
      @ForAll @Size(max = 60) List<@Size(4) List<@IntRange(max = 5) Integer>> rows,
      @ForAll @IntRange(max = 5) int kept) {
    CaseTable cases =
        CaseTable.of(
            COLUMNS,
            rows.stream()
                .map(row -> row.stream().map(n -> n == 0 ? " " : n == 5 ? "x" : "" + n).toList())
                .toList());
    Recipe recipe =
        recipe(
            Count.two("gate", "class"),
            new RecipeStep.Keep("season", RecipeStep.Test.IS_NOT, List.of("" + kept)),
            new RecipeStep.Rename("gate", Map.of("1", "2", "3", "")),
            new RecipeStep.Cut("age", classes("1", "2", "4"), "class"));
    if (Tallier.count(cases, DecimalSign.POINT, recipe) instanceof Checked.Good<Tally>(var tally)) {
      long lost = tally.losses().stream().mapToLong(Tally.Loss::records).sum();
      long inCells =
          tally.table().cells().stream().flatMap(List::stream).mapToLong(Long::parseLong).sum();
      assertThat(tally.read()).isEqualTo(rows.size());
      assertThat(tally.counted()).isEqualTo(inCells);
      assertThat(tally.counted() + lost).isEqualTo(tally.read());
    }
  }

  @Property(tries = 100)
  void proposedClassesAreRoundRisingAndHoldTheBulk(
      @ForAll @Size(min = 2, max = 80) List<@IntRange(min = -500, max = 3000) Integer> numbers) {
    List<BigDecimal> values = numbers.stream().map(BigDecimal::valueOf).toList();
    Classing proposed = Classing.proposed(values, 5);
    assertThat(proposed.names()).hasSizeBetween(1, 12).doesNotHaveDuplicates();
    assertThat(values).allMatch(value -> proposed.place(value).isPresent());
  }

  /// A third column only takes the table apart.
  @Property(tries = 60)
  void layersAddUpToTheTableWithoutThem(
      @ForAll @Size(min = 1, max = 60) List<@IntRange(min = 0, max = 26) Integer> records) {
    CaseTable cases =
        CaseTable.of(
            List.of("route", "map", "season"),
            records.stream().map(k -> List.of("r" + k % 3, "m" + k / 3 % 3, "s" + k / 9)).toList());
    TableEntry layered =
        tally(cases, recipe(Count.two("route", "map").inLayersOf("season"))).table();
    TableEntry plain = tally(cases, recipe(Count.two("route", "map"))).table();
    assertThat(layered.rows()).isEqualTo(plain.rows());
    for (int i = 0; i < plain.rows().size(); i++) {
      for (int j = 0; j < plain.columns().size(); j++) {
        long sum = 0;
        for (int k = 0; k < layered.layers().size(); k++) {
          sum += Long.parseLong(layered.layer(k).cells().get(i).get(j));
        }
        assertThat(sum).isEqualTo(Long.parseLong(plain.cells().get(i).get(j)));
      }
    }
    TableEntry shares = tally(cases, recipe(new Count(Recipe.Form.SHARES, "route", "map"))).table();
    for (int j = 0; j < plain.columns().size(); j++) {
      int column = j;
      assertThat(shares.cells().get(j).get(0)).isEqualTo(plain.cells().get(0).get(j));
      assertThat(Long.parseLong(shares.cells().get(j).get(1)))
          .isEqualTo(
              plain.cells().stream().mapToLong(row -> Long.parseLong(row.get(column))).sum());
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "POINT|1,234.5|1234.5",
        "COMMA|1.234,5|1234.5",
        "COMMA|3,25|3.25",
        "POINT|3,25|",
        "POINT|−4|-4",
        "POINT|1e5|",
        "POINT|12 000|12000",
        "POINT|=1+1|"
      })
  void numbersAreReadByTheSignOfTheirSource(DecimalSign sign, String text, BigDecimal number) {
    assertThat(sign.read(text).orElse(null)).isEqualTo(number);
  }

  @ParameterizedTest
  @CsvSource({
    "'Gorge  path', Gorge··path",
    "Gorge\u00a0path, Gorge·path",
    "Gorge path, Gorge path"
  })
  void spacesThatOneWouldOverlookAreShown(String name, String shown) {
    assertThat(Spellings.visible(name.replace("\\u00a0", "\u00a0"))).isEqualTo(shown);
    Recipe recipe =
        recipe(Count.one("gate"), new RecipeStep.Rename("gate", Map.of("Mill  Gate", "Mill Gate")));
    assertThat(Wording.english().text(RecipeInWords.of(recipe.steps().getFirst())))
        .contains("“Mill··Gate”");
  }

  @Test
  void classesOfANumberMayBeTheLayersAndHaveNoAsideThen() {
    CaseTable cases =
        CaseTable.of(
            List.of("route", "map", "age"),
            IntStream.range(0, 40)
                .mapToObj(k -> List.of("r" + k % 2, "m" + k / 2 % 2, Integer.toString(20 + k)))
                .toList());
    RecipeStep cut = new RecipeStep.Cut("age", classes("20", "40", "60"), "age class");
    Tally layers = tally(cases, recipe(Count.two("route", "map").inLayersOf("age class"), cut));
    assertThat(layers.table().layers()).hasSize(2);
    assertThat(layers.spread()).isEmpty();
    assertThat(
            tally(cases, recipe(Count.two("age class", "map").inLayersOf("route"), cut)).spread())
        .isPresent();
  }

  /// Records in memory that are alike are counted together; that must not show.
  @Property(tries = 150)
  void recordsTakenTogetherGiveWhatRecordsOneByOneGive(
      @ForAll @Size(min = 1, max = 60) List<@Size(3) List<@IntRange(max = 5) Integer>> rows) {
    List<List<String>> texts =
        List.of(
            List.of("Lake loop", " Lake loop", "Gorge path", "", "Gor\u0301ge", "Go\u0155ge"),
            List.of("7", "31", "64", "402", "old", " "),
            List.of("yes", "no", "no ", "YES", "", "?"));
    CaseTable cases =
        CaseTable.of(
            List.of("route", "age", "map"),
            rows.stream()
                .map(
                    row ->
                        IntStream.range(0, 3).mapToObj(j -> texts.get(j).get(row.get(j))).toList())
                .toList());
    Recipe recipe =
        new Recipe(
            List.of(
                new RecipeStep.Rename("map", Map.of("YES", "yes", "?", "")),
                new RecipeStep.Keep("route", RecipeStep.Test.IS_NOT, List.of("Gorge path")),
                new RecipeStep.Cut(
                    "age",
                    new Classing(
                        List.of(BigDecimal.ZERO, BigDecimal.valueOf(31), BigDecimal.valueOf(99)),
                        Classing.Closed.LEFT,
                        Classing.Ends.CLOSED),
                    "age class")),
            Recipe.Count.two("age class", "map"));
    Tallier oneByOne =
        ((Checked.Good<Tallier>) Tallier.of(cases.columns(), DecimalSign.POINT, recipe)).data();
    for (int i = 0; i < cases.size(); i++) {
      int row = i;
      oneByOne.add(column -> Spellings.written(cases.field(row, column)));
    }
    Checked<Tally> together = Tallier.count(cases, DecimalSign.POINT, recipe);
    assertThat(together).isEqualTo(oneByOne.result());
    if (together instanceof Checked.Good<Tally>(var tally)) {
      long lost = tally.losses().stream().mapToLong(Tally.Loss::records).sum();
      assertThat(tally.counted() + lost).isEqualTo(rows.size());
    }
  }
}
