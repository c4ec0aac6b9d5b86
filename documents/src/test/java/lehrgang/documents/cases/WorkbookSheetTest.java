package lehrgang.documents.cases;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.github.miachm.sods.SpreadSheet;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import lehrgang.core.cases.CaseTable;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.data.Checked;
import lehrgang.core.wording.Wording;
import lehrgang.core.work.Progress;
import lehrgang.documents.file.FileProblem;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// A workbook from a colleague: the sheet and the line are found, and nothing dangerous is opened.
class WorkbookSheetTest {
  private static final Recipe ROUTE_BY_SEASON =
      new Recipe(List.of(), Recipe.Count.two("route", "season"));

  @TempDir Path folder;

  private static List<String> row(CaseTable cases, int i) {
    return IntStream.range(0, cases.columns().size()).mapToObj(j -> cases.field(i, j)).toList();
  }

  private static Origin counted(CaseSource source) throws FileProblem {
    return ((Checked.Good<Origin>) source.count(ROUTE_BY_SEASON, Progress.NONE)).data();
  }

  /// A sheet with a heading above the data, a blank first column, and a note below.
  private Path xlsx() throws Exception {
    Path path = folder.resolve("register.xlsx");
    try (OutputStream out = Files.newOutputStream(path);
        Workbook workbook = new Workbook(out, "Lehrgang", "1.0")) {
      workbook.newWorksheet("empty");
      Worksheet sheet = workbook.newWorksheet("register");
      sheet.value(0, 0, "Falkenried, all gates");
      String[] head = {"route", "season", "date", "size"};
      for (int j = 0; j < head.length; j++) {
        sheet.value(2, j + 1, head[j]);
      }
      for (int i = 0; i < 4; i++) {
        sheet.value(3 + i, 1, i % 2 == 0 ? "Lake loop" : "Gorge path");
        sheet.value(3 + i, 2, i < 2 ? "Spring" : "Summer");
        sheet.value(3 + i, 3, LocalDate.of(2025, 3, 1 + i));
        sheet.style(3 + i, 3).format("yyyy-mm-dd").set();
        sheet.value(3 + i, 4, i + 0.5);
      }
      sheet.value(8, 1, "a note");
    }
    return path;
  }

  @Test
  void aSheetIsReadFromTheLineThatIsChosen() throws Exception {
    WorkbookSheet sheet = (WorkbookSheet) CaseSource.open(xlsx());
    assertThat(sheet.sheets()).containsExactly("register");
    WorkbookSheet data = sheet.withArea(sheet.area().fromLine(2)).withHead(CaseFormat.Head.NAMES);
    assertThat(data.sample().columns()).containsExactly("route", "season", "date", "size");
    assertThat(row(data.sample(), 1)).containsExactly("Gorge path", "Spring", "2025-03-02", "1.5");
    assertThat(data.sample().size()).isEqualTo(4);
    assertThat(counted(data).tally().table().cells())
        .containsExactly(List.of("1", "1"), List.of("1", "1"));
    assertThatThrownBy(() -> sheet.withArea(sheet.area().fromLine(40)).sample())
        .isInstanceOf(FileProblem.class)
        .hasMessageContaining("is empty from line 40 on");
  }

  @Test
  void anyRangeOfTheSheetCanBeTaken() throws Exception {
    WorkbookSheet whole = (WorkbookSheet) CaseSource.open(xlsx());
    WorkbookSheet.Area area = whole.area().fromLine(3).toLine(Optional.of(5));
    WorkbookSheet lines = whole.withArea(area).withHead(CaseFormat.Head.NAMES);
    assertThat(lines.heads()).containsExactly("", "route", "season", "date", "size");
    assertThat(lines.sample().size()).isEqualTo(2);
    WorkbookSheet part = lines.withArea(area.fromColumn(Optional.of(3)).toColumn(Optional.of(4)));
    assertThat(part.sample().columns()).containsExactly("season", "date");
    assertThat(row(part.sample(), 0)).containsExactly("Spring", "2025-03-01");
    WorkbookSheet withNote = whole.withArea(whole.area().fromLine(3).toLine(Optional.of(9)));
    assertThat(withNote.withHead(CaseFormat.Head.NAMES).sample().size()).isEqualTo(5);
    assertThat(area.toColumn(Optional.of(2)).fromColumn(Optional.of(4)).lastColumn()).isEmpty();
  }

  private Path withGap(String name, int first, int second) throws Exception {
    Path path = folder.resolve(name);
    try (OutputStream out = Files.newOutputStream(path);
        Workbook workbook = new Workbook(out, "Lehrgang", "1.0")) {
      Worksheet sheet = workbook.newWorksheet("register");
      sheet.value(0, 0, "Falkenried, all gates");
      String[] head = {"route", "season", "size"};
      for (int j = 0; j < head.length; j++) {
        sheet.value(2, j, head[j]);
      }
      for (int i = 0; i < first + second; i++) {
        int line = 3 + i + (i < first ? 0 : 1);
        sheet.value(line, 0, i % 3 == 0 ? "Lake loop" : "Gorge path");
        sheet.value(line, 1, i % 2 == 0 ? "Spring" : "Summer");
        sheet.value(line, 2, i + 1);
      }
      sheet.value(3 + first + second + 2, 0, "Counted by two wardens");
    }
    return path;
  }

  /// A blank line among the records loses none of them, whichever side holds more, and a note below
  /// is said to be left out.
  @ParameterizedTest
  @CsvSource({"30, 10", "3, 37", "39, 1", "1, 39"})
  void aBlankLineAmongTheRecordsIsSkippedAndSaid(int first, int second) throws Exception {
    CaseSource sheet = CaseSource.open(withGap("gap-" + first + ".xlsx", first, second));
    assertThat(sheet.sample().columns()).containsExactly("route", "season", "size");
    assertThat(counted(sheet).tally().read()).isEqualTo(first + second);
    assertThat(sheet.notes().stream().map(Wording.english()::text))
        .containsExactly(
            "A blank line among the records, line %d, was skipped.".formatted(first + 4),
            "The records end in line 44; a line after that is filled otherwise and not taken.");
  }

  /// As many rows and cells as the file says.
  @Test
  void runsOfIdenticalRowsAreReadWhole() throws Exception {
    String rows =
        "<table:table-row>%s</table:table-row>".formatted(cells("route", "season"))
            + "<table:table-row table:number-rows-repeated=\"12000\">%s</table:table-row>"
                .formatted(cells("Lake loop", "Spring"))
            + "<table:table-row table:number-rows-repeated=\"3\"><table:table-cell"
            + " table:number-columns-repeated=\"1024\"/></table:table-row>"
            + "<table:table-row table:number-rows-repeated=\"20000\">%s</table:table-row>"
                .formatted(cells("Gorge path", "Summer"))
            + "<table:table-row table:number-rows-repeated=\"1014570\"><table:table-cell"
            + " table:number-columns-repeated=\"1024\"/></table:table-row>";
    CaseSource sheet = CaseSource.open(ods(rows));
    assertThat(counted(sheet).tally().read()).isEqualTo(32_000);
    assertThat(counted(sheet).tally().table().cells())
        .containsExactly(List.of("0", "20000"), List.of("12000", "0"));
    assertThat(sheet.notes().stream().map(Wording.english()::text))
        .containsExactly(
            "3 blank lines among the records, the first of them line 12\u2009002, were skipped.");
  }

  @Test
  void whatACellHoldsIsReadAndNotWhatItShows() throws Exception {
    String rows =
        "<table:table-row>%s</table:table-row>".formatted(cells("date", "rise", "note", "sum"))
            + "<table:table-row><table:table-cell office:value-type=\"date\""
            + " office:date-value=\"2026-06-21T10:00:00\"><text:p>21"
            + " June</text:p></table:table-cell><table:table-cell office:value-type=\"percentage\""
            + " office:value=\"0.125\"><text:p>13 %</text:p></table:table-cell><table:table-cell"
            + " office:value-type=\"string\"><office:annotation><text:p>by"
            + " hand</text:p></office:annotation><text:p>two<text:s text:c=\"2\"/>fords</text:p>"
            + "<text:p>deep</text:p></table:table-cell><table:table-cell"
            + " office:value-type=\"string\" x:value-type=\"error\">"
            + "<text:p>#DIV/0!</text:p></table:table-cell></table:table-row>";
    CaseSource sheet = CaseSource.open(ods(rows));
    assertThat(row(sheet.sample(), 0))
        .containsExactly("2026-06-21", "0.125", "two  fords\ndeep", "");
  }

  private static String cells(String... texts) {
    return Stream.of(texts)
        .map(
            text ->
                "<table:table-cell office:value-type=\"string\"><text:p>%s</text:p></table:table-cell>"
                    .formatted(text))
        .collect(Collectors.joining());
  }

  private Path ods(String rows) throws Exception {
    String names = "urn:oasis:names:tc:opendocument:xmlns:";
    String content =
        "<office:document-content xmlns:office=\"%1$soffice:1.0\" xmlns:table=\"%1$stable:1.0\""
                .formatted(names)
            + " xmlns:text=\"%stext:1.0\" xmlns:x=\"urn:other\"><office:body><office:spreadsheet>"
                .formatted(names)
            + "<table:table table:name=\"register\"><table:table-column/>%s</table:table>"
                .formatted(rows)
            + "</office:spreadsheet></office:body></office:document-content>";
    return packed("rows.ods", "content.xml", content.getBytes(StandardCharsets.UTF_8), 1);
  }

  @Test
  void anOpenDocumentIsReadTheSameWay() throws Exception {
    Path path = folder.resolve("register.ods");
    SpreadSheet workbook = new SpreadSheet();
    com.github.miachm.sods.Sheet sheet = new com.github.miachm.sods.Sheet("book", 3, 4);
    sheet
        .getDataRange()
        .setValues(
            "route",
            "season",
            "date",
            "size",
            "Lake loop",
            "Spring",
            LocalDate.of(2025, 3, 1),
            2.0,
            "Gorge path",
            "Summer",
            LocalDate.of(2025, 7, 1),
            3.5);
    workbook.appendSheet(sheet);
    workbook.save(path.toFile());
    CaseSource source = CaseSource.open(path);
    assertThat(source.name()).isEqualTo("register.ods");
    assertThat(row(source.sample(), 0)).containsExactly("Lake loop", "Spring", "2025-03-01", "2");
    assertThat(row(source.sample(), 1))
        .containsExactly("Gorge path", "Summer", "2025-07-01", "3.5");
    assertThat(counted(source).tally().counted()).isEqualTo(2);
  }

  @Test
  void aTableInAWorkbookIsTextForTheTable() throws Exception {
    WorkbookSheet whole = (WorkbookSheet) CaseSource.open(xlsx());
    WorkbookSheet sheet = whole.withArea(whole.area().fromLine(3));
    assertThat(sheet.text().lines().toList())
        .startsWith("route\tseason\tdate\tsize", "Lake loop\tSpring\t2025-03-01\t0.5");
  }

  private Path packed(String name, String entry, byte[] content, int times) throws Exception {
    Path path = folder.resolve(name);
    try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(path))) {
      zip.putNextEntry(new ZipEntry(entry));
      for (int i = 0; i < times; i++) {
        zip.write(content);
      }
    }
    return path;
  }

  @ParameterizedTest
  @ValueSource(strings = {"bomb.xlsx", "bomb.ods"})
  void whatWouldUnpackToFarTooMuchIsNotOpened(String name) throws Exception {
    byte[] tags = "<a/>".repeat(1 << 18).getBytes(StandardCharsets.US_ASCII);
    Path bomb = packed(name, "content.xml", tags, 101);
    assertThat(Files.size(bomb)).isLessThan(1 << 20);
    assertThatThrownBy(() -> CaseSource.open(bomb))
        .isInstanceOf(FileProblem.class)
        .hasMessageContaining("more than 100 MB");
  }

  @ParameterizedTest
  @ValueSource(strings = {"long.xlsx", "long.ods"})
  void aTextThatNoCellHasIsNotReadIntoMemory(String name) throws Exception {
    byte[] letters = "w".repeat(1 << 20).getBytes(StandardCharsets.US_ASCII);
    assertThatThrownBy(() -> CaseSource.open(packed(name, "content.xml", letters, 2)))
        .isInstanceOf(FileProblem.class)
        .hasMessageContaining("a cell of more than 1 MB of text");
  }

  @ParameterizedTest
  @ValueSource(strings = {"out.xlsx", "out.ods"})
  void whatRefersOutsideItselfIsNotOpened(String name) throws Exception {
    byte[] outside =
        "<?xml version=\"1.0\"?><!DOCTYPE a [<!ENTITY b SYSTEM \"file:///etc/passwd\">]><a>&b;</a>"
            .getBytes(StandardCharsets.UTF_8);
    assertThatThrownBy(() -> CaseSource.open(packed(name, "content.xml", outside, 1)))
        .isInstanceOf(FileProblem.class)
        .hasMessageContaining("refers to external files:");
  }

  @ParameterizedTest
  @ValueSource(strings = {"Aooooooooooooooooooooo4", "ZZZZZZZ1", "A", "1A", ""})
  void aCellWhereNoSheetHasOneIsNotMadeRoomFor(String place) throws Exception {
    Path moved = folder.resolve("moved.xlsx");
    try (ZipFile in = new ZipFile(xlsx().toFile());
        ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(moved))) {
      for (ZipEntry entry : Collections.list(in.entries())) {
        String text = new String(in.getInputStream(entry).readAllBytes(), StandardCharsets.UTF_8);
        out.putNextEntry(new ZipEntry(entry.getName()));
        out.write(
            (entry.getName().endsWith("sheet2.xml")
                    ? text.replaceFirst("<c r=\"[A-Z]+[0-9]+\"", "<c r=\"" + place + "\"")
                    : text)
                .getBytes(StandardCharsets.UTF_8));
      }
    }
    assertThatThrownBy(() -> CaseSource.open(moved).sample())
        .isInstanceOf(FileProblem.class)
        .hasMessageContaining("moved.xlsx");
  }

  @ParameterizedTest
  @ValueSource(strings = {"x.xlsx", "x.ods"})
  void whatIsNoWorkbookIsSaidToBeNone(String name) throws Exception {
    Path text = Files.writeString(folder.resolve(name), "route,season\n");
    assertThatThrownBy(() -> CaseSource.open(text))
        .isInstanceOf(FileProblem.class)
        .hasMessageContaining("damaged or not a workbook");
    Path other = packed("other-" + name, "letter.txt", new byte[] {65}, 1);
    assertThatThrownBy(() -> CaseSource.open(other))
        .isInstanceOf(FileProblem.class)
        .hasMessageContaining("try again");
    assertThatThrownBy(() -> CaseSource.open(folder.resolve("no-" + name)))
        .hasMessageContaining("There is no file");
  }
}
