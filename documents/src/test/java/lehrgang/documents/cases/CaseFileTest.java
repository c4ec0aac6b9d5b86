package lehrgang.documents.cases;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lehrgang.core.cases.CaseTable;
import lehrgang.core.cases.DecimalSign;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.cases.RecipeStep;
import lehrgang.core.cases.Records;
import lehrgang.core.data.Checked;
import lehrgang.core.data.Problem;
import lehrgang.core.wording.Wording;
import lehrgang.core.work.Progress;
import lehrgang.documents.file.FileProblem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Files as they really arrive: what they are written in is found out, and what cannot be read is
/// said in one sentence.
class CaseFileTest {
  private static final Recipe ROUTE_BY_SEASON =
      new Recipe(List.of(), Recipe.Count.two("route", "season"));

  @TempDir Path folder;

  private CaseFile file(byte[] content) throws IOException, FileProblem {
    return CaseFile.detect(Files.write(folder.resolve("register.csv"), content));
  }

  private CaseFile file(String content) throws IOException, FileProblem {
    return file(content.getBytes(StandardCharsets.UTF_8));
  }

  private static Origin counted(Checked<Origin> origin) {
    return ((Checked.Good<Origin>) origin).data();
  }

  private static List<String> row(CaseTable cases, int i) {
    return IntStream.range(0, cases.columns().size()).mapToObj(j -> cases.field(i, j)).toList();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '~',
      value = {
        "route,size\\nLake loop,3.5\\n~,~POINT",
        "route;size\\nLake loop;3,5\\n~;~COMMA",
        "route\\tsize\\nLake loop\\t3,5\\n~\t~COMMA",
        "route|size\\nLake, loop|3.5\\n~|~POINT",
        "route,size\\n\"Lake; loop\",3\\n\"a;b;c\",4\\n~,~POINT"
      })
  void separatorAndDecimalSignAreFoundOut(String text, String separator, DecimalSign sign)
      throws Exception {
    CaseFile file = file(text.replace("\\n", "\n").replace("\\t", "\t"));
    char expected = separator == null || separator.isBlank() ? '\t' : separator.charAt(0);
    assertThat(file.format().separator()).isEqualTo(expected);
    assertThat(file.sign()).isEqualTo(sign);
    assertThat(file.sample().columns()).containsExactly("route", "size");
  }

  @ParameterizedTest
  @CsvSource({"UTF-8", "UTF-16LE", "UTF-16BE", "windows-1252"})
  void encodingsAreFoundOutWithoutAMark(String encoding) throws Exception {
    String text = "Hütte,Gäste\nSeehütte,3\nBärenhütte,4\n";
    CaseFile file = file(text.getBytes(Charset.forName(encoding)));
    assertThat(file.format().charset().name()).isEqualTo(encoding);
    assertThat(row(file.sample(), 1)).containsExactly("Bärenhütte", "4");
  }

  @Test
  void aMarkOfTheByteOrderIsNoPartOfTheFirstName() throws Exception {
    assertThat(file("\uFEFFroute,season\nLake loop,Spring\n").sample().columns())
        .containsExactly("route", "season");
    byte[] wide = "\uFEFFroute,season\nLake loop,Spring\n".getBytes(StandardCharsets.UTF_16LE);
    assertThat(file(wide).sample().columns()).containsExactly("route", "season");
  }

  @Test
  void mixedLineEndsQuotesAndUnevenRowsAreTakenApart() throws Exception {
    CaseTable sample =
        file("route,season\r\n\"Lake \"\"loop\"\"\",Spring\nGorge path\r\"two\nlines\",Summer")
            .sample();
    assertThat(sample.size()).isEqualTo(3);
    assertThat(row(sample, 0)).containsExactly("Lake \"loop\"", "Spring");
    assertThat(row(sample, 1)).containsExactly("Gorge path", "");
    assertThat(row(sample, 2)).containsExactly("two\nlines", "Summer");
  }

  @Test
  void aFirstLineOfDataIsNotTakenForNames() throws Exception {
    CaseFile file = file("Lake loop,2025-03-01\nGorge path,2025-03-02\nLake loop,2025-03-02\n");
    assertThat(file.format().head()).isEqualTo(CaseFormat.Head.NONE);
    assertThat(file.sample().columns()).containsExactly("column 1", "column 2");
    assertThat(file.sample().size()).isEqualTo(3);
    CaseFile changed = file.withFormat(file.format().withHead(CaseFormat.Head.NAMES));
    assertThat(changed.sample().columns()).containsExactly("Lake loop", "2025-03-01");
  }

  @Test
  void columnsOfOneNameAreToldApart() throws Exception {
    assertThat(file("gate,gate,,gate\nNorth,Mill,x,Lake\n").sample().columns())
        .containsExactly("gate", "gate (2)", "column 3", "gate (3)");
  }

  @Test
  void labelsOfAnyScriptAndLengthAndFormulaLikeCellsAreKeptAsTheyAre() throws Exception {
    String longName = "a very long name ".repeat(13);
    CaseFile file =
        file(
            "route,season\n=1+1,Spring\n@SUM(A1),Spring\nשביל האגם,Summer\n🥾,Summer\n%s,Summer\n"
                .formatted(longName));
    Origin origin = counted(file.count(ROUTE_BY_SEASON, Progress.NONE));
    assertThat(origin.tally().table().rows())
        .contains("=1+1", "@SUM(A1)", "שביל האגם", "🥾", longName.strip());
  }

  @Test
  void whatIsNoTextIsRefusedInASentence() throws Exception {
    assertThatThrownBy(() -> file(""))
        .isInstanceOf(FileProblem.class)
        .hasMessage("register.csv is empty: choose a file with records.");
    assertThatThrownBy(() -> file("PK\u0003\u0004\u0000\u0000"))
        .hasMessageContaining("compressed file");
    assertThatThrownBy(() -> file("route,season\nLake\u0000loop,Spring\n"))
        .hasMessageContaining("NUL characters, the first in line 2.");
    assertThatThrownBy(
            () -> file("route,season\nLake loop,Spring\nGorge\u0007path,Autumn\n").sample())
        .isInstanceOf(FileProblem.class)
        .hasMessageContaining("line 3 contains a control character, U+0007 (BEL)");
    assertThatThrownBy(() -> CaseFile.detect(folder.resolve("nowhere.csv")))
        .hasMessageContaining("There is no file");
    assertThatThrownBy(() -> CaseFile.detect(folder)).hasMessageContaining("cannot be read");
    String wide = IntStream.range(0, 5000).mapToObj(i -> "c" + i).collect(Collectors.joining(","));
    CaseFile columns = file(wide + "\n");
    assertThatThrownBy(columns::sample).hasMessageContaining("5000 columns");
  }

  @Test
  void aRecordWithTooManyFieldsIsNamedAndNotCutOff() throws Exception {
    CaseFile file = file("route,season\nLake loop,Spring\nGorge, path,Summer\n");
    assertThatThrownBy(() -> file.count(ROUTE_BY_SEASON, Progress.NONE))
        .isInstanceOf(FileProblem.class)
        .hasMessageContaining("record 2 has 3 fields instead of 2");
  }

  @Test
  void anEncodingThatDoesNotFitIsSaidAndNotGuessedOver() throws Exception {
    byte[] text =
        ("route,season\n" + "Lake loop,Spring\n".repeat(9000) + "Höhenweg,Summer\n")
            .getBytes(Charset.forName("windows-1252"));
    CaseFile file = file(text);
    assertThat(file.format().charset()).isEqualTo(StandardCharsets.UTF_8);
    assertThatThrownBy(() -> file.count(ROUTE_BY_SEASON, Progress.NONE))
        .hasMessageContaining("is not encoded in UTF-8")
        .hasMessageContaining("choose another encoding");
    CaseFile right = file.withFormat(file.format().withCharset(Charset.forName("windows-1252")));
    assertThat(counted(right.count(ROUTE_BY_SEASON, Progress.NONE)).tally().counted())
        .isEqualTo(9001);
  }

  @Test
  void recordsCountedAsTheyPassGiveTheSameTableAsRecordsInMemory() throws Exception {
    CaseFile register = CaseFile.detect(Path.of("../demo/register.csv"));
    Recipe recipe =
        new Recipe(
            List.of(new RecipeStep.Keep("map", RecipeStep.Test.IS, List.of("yes"))),
            Recipe.Count.two("gate", "arrived by"));
    Origin kept = counted(register.count(recipe, Progress.NONE));
    Origin passing = counted(register.countInFile(recipe, Progress.NONE));
    assertThat(kept.records()).isInstanceOf(Records.Kept.class);
    assertThat(passing.tally()).isEqualTo(kept.tally());
    assertThat(((Records.InFile) passing.records()).checksum())
        .isEqualTo(register.checksum(Progress.NONE))
        .endsWith("-" + Files.size(register.path()));
  }

  @Test
  void longReadingTellsHowFarItIsAndStops() throws Exception {
    CaseFile file = file("route,season\n" + "Lake loop,Spring\n".repeat(20_000));
    double[] last = new double[1];
    Progress watched = Progress.of(share -> last[0] = share, () -> false);
    assertThat(counted(file.count(ROUTE_BY_SEASON, watched)).tally().counted()).isEqualTo(20_000);
    assertThat(last[0]).isBetween(0.5, 1.0);
    Progress stopped = Progress.of(_ -> {}, () -> true);
    assertThatThrownBy(() -> file.count(ROUTE_BY_SEASON, stopped))
        .isInstanceOf(CancellationException.class);
  }

  /// A table in a file of an unusual kind is read as its records would be.
  @Test
  void aTableIsReadWithTheSeparatorAndTheMarksThatWereFoundOut() throws Exception {
    CaseFile file = file("route|Spring|Summer\n'Lake | loop'|41|55\nGorge path|24|38\n");
    assertThat(file.format().separator()).isEqualTo('|');
    assertThat(file.text())
        .isEqualToNormalizingNewlines(
            "route\tSpring\tSummer\nLake | loop\t41\t55\nGorge path\t24\t38\n");
  }

  @Test
  void aColumnThatIsNotThereIsNamed() throws Exception {
    CaseFile file = file("route,saison\nLake loop,Spring\n");
    assertThat(file.count(ROUTE_BY_SEASON, Progress.NONE))
        .isInstanceOfSatisfying(
            Checked.Bad.class,
            bad ->
                assertThat(Wording.english().text(((Problem) bad.problems().getFirst()).sentence()))
                    .startsWith("There is no column “season”"));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '~',
      value = {
        "route,Spring,Summer\\nLake loop,3,4\\nGorge path,5,6~TWO_WAY",
        "route,observed\\nLake loop,3\\nGorge path,5~FREQUENCIES",
        "route,observed,share\\nLake loop,3,25 %\\nGorge path,5,75 %~FREQUENCIES",
        "route,season\\nLake loop,Spring\\nGorge path,Summer~RECORDS",
        "route,size\\nLake loop,3\\nGorge path,2\\nLake loop,4~RECORDS",
        "season\\nSpring\\nSummer~RECORDS",
        "half,dark,map,none\\nSummer,yes,9,1\\nSummer,no,6,5\\nWinter,yes,3,1\\n,no,7,4~LAYERS",
        "day,gate,in,out\\n2025-05-01,Mill,9,1\\n2025-05-01,Lake,9,1\\n2025-05-02,Lake,3,1~RECORDS"
      })
  void whatABlockHoldsIsSeenFromIt(String text, Kind kind) throws Exception {
    assertThat(Kind.of(file(text.replace("\\n", "\n") + "\n").sample())).isEqualTo(kind);
  }
}
