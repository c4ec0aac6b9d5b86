package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lehrgang.core.cases.DateOrder;
import lehrgang.core.cases.DatePart;
import lehrgang.core.cases.RecipeStep;
import lehrgang.core.data.TableEntry;
import lehrgang.desktop.Turn;
import lehrgang.desktop.kit.Words;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// Each sort of step taken by hand on the register, and its table counted a second time from the
/// lines of the file.
class StepFormsTest extends WithTheDemo {
  private static final Path REGISTER = Path.of("../demo/register.csv");

  private List<String> columns;
  private List<List<String>> lines;

  @BeforeEach
  void count() throws Exception {
    List<String> text = Files.readAllLines(REGISTER);
    columns = fields(text.getFirst());
    lines = text.subList(1, text.size()).stream().map(StepFormsTest::fields).toList();
    Turn.run(() -> driver.files().open(REGISTER));
    Turn.settle();
    driver.pick("count-rows", "gate");
    driver.pick("count-columns", "map");
    driver.press("records-go");
    driver.await(() -> driver.solution().origin().isPresent());
  }

  private static List<String> fields(String line) {
    return Arrays.stream(line.split(",", -1)).map(String::strip).toList();
  }

  private Function<List<String>, String> field(String column) {
    int place = columns.indexOf(column);
    return line -> line.get(place);
  }

  /// How often each row goes with a map, and without; blank for none.
  private Map<String, List<Long>> byMap(
      List<List<String>> some, Function<List<String>, String> row) {
    Function<List<String>, String> map = field("map");
    Map<String, List<Long>> counts = new TreeMap<>();
    some.stream()
        .filter(line -> !row.apply(line).isBlank() && !map.apply(line).isBlank())
        .collect(Collectors.groupingBy(row))
        .forEach(
            (name, members) ->
                counts.put(
                    name,
                    List.of("yes", "no").stream()
                        .map(
                            answer ->
                                members.stream()
                                    .filter(line -> map.apply(line).equals(answer))
                                    .count())
                        .toList()));
    return counts;
  }

  private void assertTable(Map<String, List<Long>> expected) {
    TableEntry table = driver.origin().tally().table();
    assertThat(table.columns()).containsExactly("yes", "no");
    Map<String, List<Long>> shown =
        IntStream.range(0, table.rows().size())
            .boxed()
            .collect(
                Collectors.toMap(
                    table.rows()::get,
                    i -> table.cells().get(i).stream().map(Long::valueOf).toList()));
    assertThat(shown).isEqualTo(expected);
  }

  @Test
  void aDateGivesItsWeekdayInTheOrderOfTheWeek() {
    driver.addStep("part");
    driver.pick("recipe-column", "date");
    driver.fill("recipe-name", "weekday");
    assertThat(driver.isShown("Monday")).isTrue();
    driver.press("recipe-apply");
    driver.pick("recipe-rows", "weekday");
    assertThat(driver.origin().recipe().steps())
        .containsExactly(
            new RecipeStep.TakePart("date", DateOrder.YEAR_MONTH_DAY, DatePart.WEEKDAY, "weekday"));
    assertThat(driver.origin().tally().table().rows())
        .containsExactly(
            "Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday");
    assertTable(
        byMap(
            lines,
            line ->
                field("date").apply(line).isBlank()
                    ? ""
                    : DatePart.WEEKDAY.of(LocalDate.parse(field("date").apply(line)))));
  }

  @Test
  void aNumberIsComparedWithTheRowBefore() {
    driver.addStep("change");
    driver.pick("recipe-column", "party size");
    driver.fill("recipe-name", "trend");
    driver.press("recipe-apply");
    driver.pick("recipe-rows", "trend");
    List<String> sizes = lines.stream().map(field("party size")).toList();
    List<List<String>> withTrend = new ArrayList<>();
    for (int i = 1; i < lines.size(); i++) {
      if (!sizes.get(i).isBlank() && !sizes.get(i - 1).isBlank()) {
        List<String> line = new ArrayList<>(lines.get(i));
        int sense =
            Integer.compare(Integer.parseInt(sizes.get(i)), Integer.parseInt(sizes.get(i - 1)));
        line.add(List.of("fall", "no change", "rise").get(sense + 1));
        withTrend.add(line);
      }
    }
    assertTable(byMap(withTrend, List::getLast));
  }

  @Test
  void twoColumnsMakeOne() {
    driver.addStep("combine");
    driver.pick("recipe-column", "gate");
    driver.pick("recipe-other", "before dark");
    driver.press("recipe-apply");
    String made = driver.origin().recipe().steps().getFirst().result();
    driver.pick("recipe-rows", made);
    Function<List<String>, String> gate = field("gate");
    Function<List<String>, String> dark = field("before dark");
    assertTable(
        byMap(
            lines,
            line ->
                gate.apply(line).isBlank() || dark.apply(line).isBlank()
                    ? ""
                    : gate.apply(line) + ", " + dark.apply(line)));
  }

  @Test
  void onlyRecordsFromANumberOnGoOn() {
    driver.addStep("keep");
    driver.pick("recipe-column", "party size");
    driver.pick("recipe-test", RecipeStep.Test.AT_LEAST);
    driver.press("recipe-apply");
    assertThat(driver.origin().recipe().steps()).isEmpty();
    assertThat(driver.isShown(Words.of("recipe.wrong.keep"))).isTrue();
    driver.fill("recipe-text", "3");
    driver.press("recipe-apply");
    Function<List<String>, String> size = field("party size");
    List<List<String>> kept =
        lines.stream()
            .filter(line -> !size.apply(line).isBlank() && Integer.parseInt(size.apply(line)) >= 3)
            .toList();
    assertTable(byMap(kept, field("gate")));
    assertThat(driver.isShown("are left out by step 1 (party size)")).isTrue();
  }

  @Test
  void categoriesStandInTheOrderThatWasTyped() {
    driver.pick("recipe-rows", "season");
    driver.addStep("order");
    driver.pick("recipe-column", "season");
    driver.fill("recipe-text", "Autumn, Spring");
    assertThat(driver.isShown("No record changed.")).isTrue();
    driver.press("recipe-apply");
    assertThat(driver.origin().tally().table().rows()).startsWith("Autumn", "Spring");
    assertTable(byMap(lines, field("season")));
    driver.press("recipe-edit-1");
    driver.fill("recipe-text", "Spring, Summer, Autumn");
    driver.press("recipe-apply");
    assertThat(driver.origin().tally().table().rows()).startsWith("Spring", "Summer", "Autumn");
  }
}
