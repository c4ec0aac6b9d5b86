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
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import lehrgang.core.cases.CaseTable;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.data.Checked;
import lehrgang.documents.file.FileProblem;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
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
        .hasMessageContaining("holds nothing from line 40 on");
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
        .hasMessageContaining("refers to things outside itself");
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
        .hasMessageContaining("damaged or no workbook");
    Path other = packed("other-" + name, "letter.txt", new byte[] {65}, 1);
    assertThatThrownBy(() -> CaseSource.open(other))
        .isInstanceOf(FileProblem.class)
        .hasMessageContaining("try again");
    assertThatThrownBy(() -> CaseSource.open(folder.resolve("no-" + name)))
        .hasMessageContaining("There is no file");
  }
}
