package lehrgang.app;

import static lehrgang.app.Run.run;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// `derive --cases`: records in place of a table.
class DeriveRecordsTest {
  private static final String REGISTER = "../demo/register.csv";

  @TempDir private Path folder;

  @Test
  void twoColumnsOfTheRegisterAreCountedAndEveryRecordIsAccountedFor() {
    Run run =
        run(
            "derive",
            "independence",
            REGISTER,
            "--cases",
            "--rows",
            "route",
            "--columns",
            "season",
            "--unite-spellings");
    assertThat(run.exit()).isZero();
    assertThat(run.out())
        .contains(
            "The counts come from the 612 records of register.csv",
            "11 records renamed.",
            "Of 612 records 595 are counted and 17 are not:",
            "- season is missing in 12 records (record ",
            "Lake loop        73      53      36    162");
  }

  @Test
  void aThirdColumnGivesLayersAndGroupsGiveShares() {
    Run layers =
        run(
            "derive",
            "layers",
            REGISTER,
            "--cases",
            "--rows",
            "before dark",
            "--columns",
            "map",
            "--layers",
            "season",
            "--continuity");
    assertThat(layers.exit()).isZero();
    assertThat(layers.out())
        .contains(
            "Of 612 records 597 are counted and 15 are not:",
            "0.824    0.868      −0.045        0.71  2.30  0.1294",
            "χ² = (O_Σ − E_Σ)²/V_Σ ≈ (210 − 199.02)²/12.42 ≈ 9.71",
            "The decision is based on the corrected statistic",
            "OR_MH = u_Σ/v_Σ ≈ 17.94/6.96 ≈ 2.58");
    Run shares =
        run(
            "derive",
            "two-proportions",
            REGISTER,
            "--cases",
            "--rows",
            "before dark",
            "--columns",
            "map");
    assertThat(shares.exit()).isZero();
    assertThat(shares.out()).contains("Of 612 records 609 are counted", "213/260", "304/349");
    Run typed = run("derive", "layers", REGISTER);
    assertThat(typed.exit()).isEqualTo(2);
    assertThat(typed.err())
        .contains("No stratified tables were found: put the stratum in the first column");
  }

  @Test
  void oneColumnIsCountedForAFitAndPairsHaveTheSameCategories() {
    Run fit = run("derive", "goodness-of-fit", REGISTER, "--cases", "--category", "map");
    assertThat(fit.exit()).isZero();
    assertThat(fit.out()).contains("All 612 records are counted.", "df = k − 1 = 2 − 1 = 1");
    Run pairs =
        run(
            "derive",
            "matched-pairs",
            REGISTER,
            "--cases",
            "--rows",
            "waymark before",
            "--columns",
            "waymark after",
            "--json");
    assertThat(pairs.exit()).isZero();
    assertThat(pairs.out()).contains("\"matched-pairs\"", "\"X2.cc\"");
  }

  @Test
  void standardInputIsCountedToo() {
    InputStream before = System.in;
    try {
      System.setIn(
          new ByteArrayInputStream(
              "map;gate\nyes;north\nno;north\nyes;mill\nno;mill\nno;mill\n"
                  .getBytes(StandardCharsets.UTF_8)));
      Run run = run("derive", "fisher", "-", "--cases", "--rows", "map", "--columns", "gate");
      assertThat(run.exit()).isZero();
      assertThat(run.out()).contains("The counts come from the 5 records of standard input");
    } finally {
      System.setIn(before);
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '~',
      value = {
        "independence --cases --rows route~--columns COLUMN",
        "independence --cases --category route~independence counts two columns",
        "goodness-of-fit --cases --rows route --columns map~give --category COLUMN",
        "independence --cases --rows route --columns gates~There is no column “gates”",
        "independence --cases --rows route --columns age~64 different values",
        "one-proportion --cases --rows route --columns map~to count records use two-proportions",
        "layers --cases --rows route --columns map~give --layers COLUMN too",
        "independence --cases --rows route --columns map --layers gate~remove --layers",
        "layers --cases --rows route --columns map --layers age~64 different values",
        "layers --cases --rows map --columns map --layers gate~“map” is chosen twice"
      })
  void whatMakesNoTableGetsASentence(String arguments, String said) {
    String[] parts = arguments.split(" ");
    String[] all = new String[parts.length + 2];
    all[0] = "derive";
    all[1] = parts[0];
    all[2] = REGISTER;
    System.arraycopy(parts, 1, all, 3, parts.length - 1);
    Run run = run(all);
    assertThat(run.exit()).isEqualTo(2);
    assertThat(run.out()).isEmpty();
    assertThat(run.err().strip().lines()).hasSize(1);
    assertThat(run.err()).contains(said);
  }

  @Test
  void aFileThatCannotBeReadGetsASentence() throws IOException {
    Path broken = Files.write(folder.resolve("x.xlsx"), new byte[] {1, 2, 3});
    Run run =
        run(
            "derive",
            "independence",
            broken.toString(),
            "--cases",
            "--rows",
            "a",
            "--columns",
            "b");
    assertThat(run.exit()).isEqualTo(2);
    assertThat(run.err()).contains("x.xlsx is damaged or not a workbook");
    Run none =
        run(
            "derive",
            "independence",
            folder + "/no.csv",
            "--cases",
            "--rows",
            "a",
            "--columns",
            "b");
    assertThat(none.err()).contains("There is no file");
  }
}
