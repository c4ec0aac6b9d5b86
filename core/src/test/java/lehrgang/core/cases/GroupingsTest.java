package lehrgang.core.cases;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import lehrgang.core.data.Checked;
import lehrgang.core.data.TableEntry;
import org.junit.jupiter.api.Test;

/// What is proposed for a column with more values than a table can show.
class GroupingsTest {
  private static CaseTable records(List<String> columns, List<List<String>> rows) {
    CaseTable.Collector collector = new CaseTable.Collector(columns);
    rows.forEach(collector::add);
    return collector.finish();
  }

  /// A lake gauge, read on 180 days.
  private static CaseTable gauge() {
    List<List<String>> rows = new ArrayList<>();
    for (int k = 0; k < 180; k++) {
      String level = Double.toString(2100 + (k * 37 % 23) / 10.0);
      rows.add(List.of(LocalDate.of(2026, 1, 5).plusDays(k).toString(), level));
    }
    return records(List.of("day", "level"), rows);
  }

  private static List<RecipeStep> proposed(CaseTable records, String column) {
    return Groupings.of(records, DecimalSign.POINT, List.of(), column, "other");
  }

  /// Whatever is proposed makes a table.
  private static void assertThatEachCanBeCounted(CaseTable records, String column) {
    for (RecipeStep step : proposed(records, column)) {
      Recipe recipe = new Recipe(List.of(step), Recipe.Count.one(step.result()));
      switch (Tallier.count(records, DecimalSign.POINT, recipe)) {
        case Checked.Bad<Tally>(var problems) -> fail("%s: %s", step, problems);
        case Checked.Good<Tally>(var tally) ->
            assertThat(tally.table().rows()).hasSizeBetween(1, TableEntry.MOST_CATEGORIES);
      }
    }
  }

  @Test
  void aDateOffersItsParts() {
    assertThat(proposed(gauge(), "day"))
        .hasSize(4)
        .allSatisfy(step -> assertThat(step).isInstanceOf(RecipeStep.TakePart.class))
        .extracting(RecipeStep::result)
        .contains("weekday of day", "month of day", "season of day", "year of day");
    assertThatEachCanBeCounted(gauge(), "day");
  }

  @Test
  void aNumberRecordedDayByDayOffersClassesAndRiseAndFall() {
    assertThat(proposed(gauge(), "level"))
        .extracting(step -> (Object) step.getClass())
        .containsExactly(RecipeStep.Cut.class, RecipeStep.Change.class);
    assertThatEachCanBeCounted(gauge(), "level");
  }

  @Test
  void aNumberWithoutDatesBesideItOffersClassesOnly() {
    List<List<String>> rows =
        IntStream.range(0, 300)
            .mapToObj(k -> List.of(k % 2 == 0 ? "Lake loop" : "Gorge path", "" + (16 + k % 60)))
            .toList();
    CaseTable ages = records(List.of("route", "age"), rows);
    assertThat(proposed(ages, "age"))
        .singleElement()
        .isInstanceOfSatisfying(
            RecipeStep.Cut.class, cut -> assertThat(cut.classing().names()).hasSizeBetween(3, 12));
    assertThat(proposed(ages, "route")).isEmpty();
    assertThatEachCanBeCounted(ages, "age");
  }

  @Test
  void namesMetOnceOrTwiceAreGathered() {
    List<List<String>> rows = new ArrayList<>();
    for (int k = 0; k < 40; k++) {
      rows.add(List.of("hut " + k));
      rows.add(List.of(k % 2 == 0 ? "Lake Hut" : "Summit Hut"));
    }
    CaseTable names = records(List.of("hut"), rows);
    assertThat(proposed(names, "hut"))
        .singleElement()
        .isInstanceOfSatisfying(
            RecipeStep.Rename.class,
            rename ->
                assertThat(rename.names())
                    .hasSize(40)
                    .containsEntry("hut 3", "other")
                    .doesNotContainKey("Lake Hut"));
    assertThatEachCanBeCounted(names, "hut");
  }

  @Test
  void aFewMisprintsDoNotHideADate() {
    List<List<String>> rows = new ArrayList<>();
    for (int k = 0; k < 60; k++) {
      rows.add(List.of(k == 7 ? "sunny" : LocalDate.of(2026, 3, 1).plusDays(k).toString()));
    }
    assertThat(proposed(records(List.of("day"), rows), "day")).hasSize(4);
  }

  @Test
  void aNewColumnNeverTakesANameThatIsThere() {
    List<List<String>> rows = new ArrayList<>();
    for (int k = 0; k < 60; k++) {
      rows.add(List.of("" + k, "x"));
    }
    CaseTable taken = records(List.of("age", "age class"), rows);
    assertThat(proposed(taken, "age").getFirst().result()).isEqualTo("age class 2");
  }

  /// What looks like a missing value is offered as one, however few values there are.
  @Test
  void whatLooksMissingIsOfferedAsMissing() {
    CaseTable records =
        CaseTable.of(
            List.of("route", "map"),
            List.of(
                List.of("Lake loop", "yes"),
                List.of("NA", "no"),
                List.of("Gorge path", "n/a"),
                List.of("-", "yes")));
    assertThat(Groupings.of(records, DecimalSign.POINT, List.of(), "route", "others"))
        .containsExactly(new RecipeStep.Rename("route", Map.of("NA", "", "-", "")));
    Recipe recipe =
        new Recipe(
            Groupings.of(records, DecimalSign.POINT, List.of(), "route", "others"),
            Recipe.Count.two("route", "map"));
    Tally tally =
        ((Checked.Good<Origin>)
                Origin.count(new Records.Kept("register", DecimalSign.POINT, records), recipe))
            .data()
            .tally();
    assertThat(tally.read()).isEqualTo(4);
    assertThat(tally.counted()).isEqualTo(2);
    assertThat(tally.table().rows()).containsExactlyInAnyOrder("Lake loop", "Gorge path");
  }
}
