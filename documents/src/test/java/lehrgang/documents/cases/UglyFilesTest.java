package lehrgang.documents.cases;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.cases.Tally;
import lehrgang.core.data.Checked;
import lehrgang.core.work.Progress;
import lehrgang.documents.delimited.Quotes;
import lehrgang.documents.file.FileProblem;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.CharRange;
import net.jqwik.api.constraints.NotEmpty;
import net.jqwik.api.constraints.Size;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/// The corpus of ugly files: each is read with nothing lost, or refused in one sentence.
class UglyFilesTest {
  private static Path corpus() {
    try {
      return Path.of(UglyFilesTest.class.getResource("/lehrgang/documents/ugly").toURI());
    } catch (URISyntaxException e) {
      throw new IllegalStateException(e);
    }
  }

  static Stream<Path> files() throws IOException {
    return Files.list(corpus()).filter(file -> !file.getFileName().toString().startsWith("."));
  }

  private static Origin counted(CaseSource source, Recipe.Count count) throws FileProblem {
    return ((Checked.Good<Origin>) source.count(new Recipe(List.of(), count), Progress.NONE))
        .data();
  }

  /// Every file is named in one of the two lists below.
  @ParameterizedTest
  @MethodSource("files")
  void eachIsReadOrRefusedInOneSentence(Path file) {
    try {
      CaseSource source = CaseSource.open(file);
      assertThat(source.sample().columns()).isNotEmpty().doesNotHaveDuplicates();
      Kind.of(source.sample());
    } catch (FileProblem e) {
      assertThat(e.getMessage()).endsWith(".").doesNotContain("\n", "Exception", "java.");
      assertThat(e.getMessage().length()).isLessThan(220);
    }
  }

  @ParameterizedTest
  @CsvSource({
    "formula-like.csv, 5, 5",
    "mixed-line-ends.csv, 4, 4",
    "byte-order-mark.csv, 2, 2",
    "utf-16.csv, 2, 2",
    "windows-1252.csv, 2, 2",
    "long-labels.csv, 4, 4",
    "right-to-left.csv, 4, 4",
    "same-label-many-ways.csv, 7, 7",
    "fields-missing.csv, 4, 2",
    "single-quotes.csv, 4, 4",
    "apostrophes.csv, 4, 4",
    "marks-in-text.csv, 4, 4"
  })
  void everyRecordIsCountedOrAccountedFor(String name, long read, long inTable) throws Exception {
    Tally tally =
        counted(CaseSource.open(corpus().resolve(name)), Recipe.Count.two("route", "season"))
            .tally();
    assertThat(tally.read()).isEqualTo(read);
    assertThat(tally.counted()).isEqualTo(inTable);
    assertThat(tally.counted() + tally.losses().stream().mapToLong(Tally.Loss::records).sum())
        .isEqualTo(read);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '~',
      value = {
        "empty.csv~is empty",
        "blank-lines-only.csv~holds no records",
        "nul.csv~NUL characters",
        "encoding-breaks-late.csv~is not encoded in UTF-8",
        "open-quote.csv~a quotation mark opened in record 2 is not closed",
        "field-too-many.csv~record 2 has 3 fields instead of 2",
        "million-columns.csv~check the separator",
        "packed.csv~compressed file",
        "text.xlsx~is damaged or not a workbook",
        "external-entity.xlsx~refers to",
        "bomb.xlsx~a cell of more than 1 MB"
      })
  void whatCannotBeReadIsRefusedWithItsReason(String name, String reason) {
    assertThatThrownBy(
            () -> {
              CaseSource source = CaseSource.open(corpus().resolve(name));
              String column = source.sample().columns().getFirst();
              source.count(new Recipe(List.of(), Recipe.Count.one(column)), Progress.NONE);
            })
        .isInstanceOf(FileProblem.class)
        .hasMessageContaining(reason);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '~',
      quoteCharacter = '`',
      value = {
        "single-quotes.csv~SINGLE~Lake loop, north",
        "single-quotes.csv~SINGLE~Warden's path",
        "apostrophes.csv~DOUBLE~'s Heeren path",
        "apostrophes.csv~DOUBLE~rock'n'walk",
        "marks-in-text.csv~NONE~\"Old\" mill",
        "marks-in-text.csv~NONE~The 6\" post"
      })
  void whatMarksFieldsStandInIsFoundOut(String name, Quotes quotes, String category)
      throws Exception {
    CaseFile file = (CaseFile) CaseSource.open(corpus().resolve(name));
    assertThat(file.format().quotes()).isEqualTo(quotes);
    assertThat(CaseFormat.of(file.format().written(), file.sign())).isEqualTo(file.format());
    assertThat(counted(file, Recipe.Count.two("route", "season")).tally().table().rows())
        .contains(category);
  }

  @Test
  void spellingsAreToldApartUntilTheyAreUnited() throws Exception {
    Origin origin =
        counted(
            CaseSource.open(corpus().resolve("same-label-many-ways.csv")),
            Recipe.Count.two("route", "season"));
    assertThat(origin.spellings()).containsOnlyKeys("route");
    assertThat(origin.spellings().get("route").values().stream().distinct()).hasSize(2);
  }

  /// The letter with its accent and the letter followed by its accent look the same to everyone.
  @Test
  void theTwoWaysToEncodeAnAccentAreOneSpelling() throws Exception {
    Origin origin =
        counted(
            CaseSource.open(corpus().resolve("same-label-many-ways.csv")),
            Recipe.Count.two("route", "season"));
    assertThat(origin.tally().table().rows()).contains("Go\u0155ge path").hasSize(6);
    assertThat(origin.spellings().get("route")).doesNotContainKey("Gor\u0301ge path");
  }

  @Test
  void aWorkbookWithHeadingAndNoteGivesItsRange() throws Exception {
    WorkbookSheet sheet =
        (WorkbookSheet) CaseSource.open(corpus().resolve("heading-and-note.xlsx"));
    assertThat(sheet.area().firstLine()).isEqualTo(3);
    assertThat(sheet.head()).isEqualTo(CaseFormat.Head.NAMES);
    assertThat(counted(sheet, Recipe.Count.two("route", "season")).tally().table().rows())
        .containsExactlyInAnyOrder("Lake loop", "Gorge path", "=1+1");
  }

  /// Whatever stands in quoted fields comes out as it went in, apart from blanks around it.
  @Property(tries = 200)
  void anyQuotedTextIsCountedUnderItsOwnName(
      @ForAll Quotes quotes,
      @ForAll @Size(min = 1, max = 12)
          List<@NotEmpty @StringLength(max = 12) @CharRange(from = ' ', to = '\uD7FF') String>
              fields)
      throws Exception {
    String mark = quotes == Quotes.NONE ? "" : Character.toString(quotes.mark());
    String banned = mark.isEmpty() ? "[\\p{Cntrl}\\x80-\\x9f,]" : "[\\p{Cntrl}\\x80-\\x9f]";
    List<String> texts =
        fields.stream().map(field -> "x" + field.replaceAll(banned, "") + "x").toList();
    String csv =
        texts.stream()
            .map(text -> mark + text.replace(mark, mark + mark) + mark + ",Spring")
            .collect(Collectors.joining("\n", "route,season\n", "\n"));
    Path file = Files.createTempFile("ugly", ".csv");
    try {
      Files.write(file, csv.getBytes(StandardCharsets.UTF_8));
      CaseFile detected = CaseFile.detect(file);
      CaseFile utf8 =
          detected.withFormat(
              new CaseFormat(
                  StandardCharsets.UTF_8, ',', quotes, detected.sign(), CaseFormat.Head.NAMES));
      var sample = utf8.sample();
      assertThat(IntStream.range(0, sample.size()).mapToObj(i -> sample.field(i, 0)))
          .containsExactlyElementsOf(texts);
    } finally {
      Files.delete(file);
    }
  }
}
