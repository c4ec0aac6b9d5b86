package lehrgang.documents.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;
import lehrgang.documents.table.TableImport.Recognised;
import lehrgang.documents.table.TableImport.Result;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;

/// Any table that is copied somewhere comes back as it was: its labels, its counts, and no total
/// taken for a category.
class TablesComeBackTest {
  private static final List<String> NAMES =
      List.of(
          "Lake loop",
          "Gorge path",
          "Summit way",
          "“Old” mill, east",
          "Łąka",
          "hut 7",
          "x; y",
          "with a \"map\"",
          "1st bridge");

  @Provide
  Arbitrary<TableEntry> tables() {
    return Arbitraries.randomValue(
        random -> {
          List<String> names = new ArrayList<>(NAMES);
          java.util.Collections.shuffle(names, random);
          int rows = 2 + random.nextInt(4);
          int columns = 3 + random.nextInt(2);
          return new TableEntry(
              "",
              "",
              names.subList(0, rows),
              IntStream.range(0, columns).mapToObj(j -> "week " + (j + 1)).toList(),
              IntStream.range(0, rows)
                  .mapToObj(
                      _ ->
                          IntStream.range(0, columns)
                              .mapToObj(_ -> Integer.toString(1 + random.nextInt(400)))
                              .toList())
                  .toList());
        });
  }

  private static String quoted(String field, String separator) {
    return field.contains(separator) || field.contains("\"")
        ? "\"" + field.replace("\"", "\"\"") + "\""
        : field;
  }

  private static String line(String separator, List<String> fields) {
    return fields.stream().map(f -> quoted(f, separator)).collect(Collectors.joining(separator));
  }

  private static long sum(List<String> counts) {
    return counts.stream().mapToLong(Long::parseLong).sum();
  }

  private static String text(TableEntry table, String separator, String end, boolean totals) {
    List<String> lines = new ArrayList<>();
    List<String> head = new ArrayList<>(List.of(""));
    head.addAll(table.columns());
    if (totals) {
      head.add("Total");
    }
    lines.add(line(separator, head));
    for (int i = 0; i < table.rows().size(); i++) {
      List<String> row = new ArrayList<>(List.of(table.rows().get(i)));
      row.addAll(table.cells().get(i));
      if (totals) {
        row.add(Long.toString(sum(table.cells().get(i))));
      }
      lines.add(line(separator, row));
    }
    if (totals) {
      List<String> last = new ArrayList<>(List.of("Total"));
      for (int j = 0; j < table.columns().size(); j++) {
        int column = j;
        last.add(Long.toString(sum(table.cells().stream().map(row -> row.get(column)).toList())));
      }
      last.add(Long.toString(table.cells().stream().mapToLong(TablesComeBackTest::sum).sum()));
      lines.add(line(separator, last));
    }
    return String.join(end, lines) + end;
  }

  @Property(tries = 150)
  void aTwoWayTableComesBackWithAndWithoutItsTotals(
      @ForAll("tables") TableEntry table,
      @ForAll @IntRange(max = 2) int separator,
      @ForAll boolean windows,
      @ForAll boolean totals,
      @ForAll boolean marked) {
    String text =
        (marked ? "\uFEFF" : "")
            + text(table, List.of("\t", ";", ",").get(separator), windows ? "\r\n" : "\n", totals);
    Result read = TableImport.read(text);
    assertThat(read).isInstanceOf(Recognised.class);
    Recognised recognised = (Recognised) read;
    assertThat(recognised.table()).isEqualTo(table);
    assertThat(recognised.withTotals().isPresent()).isEqualTo(totals);
    assertThat(recognised.notes().isEmpty()).isNotEqualTo(totals);
    recognised
        .withTotals()
        .ifPresent(
            kept -> {
              assertThat(kept.rows()).hasSize(table.rows().size() + 1);
              assertThat(kept.columns()).hasSize(table.columns().size() + 1);
            });
  }

  @Property(tries = 100)
  void categoriesWithTheirCountsComeBack(
      @ForAll("tables") TableEntry table, @ForAll @IntRange(max = 2) int separator) {
    String by = List.of("\t", ";", ",").get(separator);
    String text =
        IntStream.range(0, table.rows().size())
            .mapToObj(i -> line(by, List.of(table.rows().get(i), table.cells().get(i).getFirst())))
            .collect(Collectors.joining("\n", "route" + by + "observed\n", "\n"));
    Recognised recognised = (Recognised) TableImport.readAs(TableForm.FREQUENCIES, text);
    assertThat(recognised.withTotals().map(TableEntry::rows).orElse(recognised.table().rows()))
        .isEqualTo(table.rows());
    assertThat(recognised.table().rowVariable()).isEqualTo("route");
  }

  /// Whatever is on the clipboard, there is a table or a sentence.
  @Property(tries = 300)
  void noTextEndsTheProgram(@ForAll String text, @ForAll TableForm form) {
    assertThat(TableImport.readAs(form, text)).isNotNull();
    assertThat(TableImport.readLayers(text)).isNotNull();
    assertThat(TableImport.sharesIn(text)).isNotNull();
    assertThat(LayeredImport.isTitled(text)).isIn(true, false);
  }
}
