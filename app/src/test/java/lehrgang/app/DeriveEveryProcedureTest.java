package lehrgang.app;

import static lehrgang.app.Run.run;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// `derive` for each procedure, as it is called from the shell.
class DeriveEveryProcedureTest {
  @TempDir private Path folder;

  private String file(String text) throws IOException {
    return Files.writeString(folder.resolve("data.csv"), text).toString();
  }

  @Test
  void aFitTakesCategoriesWithTheirStatedShares() throws IOException {
    String data = file("category,observed,share\nlarch,171,0.5\nrowan,98,0.3\nbeech,88,0.17\n");
    Run refused = run("derive", "goodness-of-fit", data);
    assertThat(refused.exit()).isEqualTo(2);
    assertThat(refused.err().strip())
        .isEqualTo(
            "The probabilities add up to 0.97, 0.03 less than 1: correct them, or let them be"
                + " rescaled.");
    Run rescaled = run("derive", "goodness-of-fit", data, "--rescale", "--json");
    assertThat(rescaled.exit()).isZero();
    assertThat(rescaled.out())
        .contains("\"goodness-of-fit\"", "\"s[1]\"", "50/97", "\"stated[1]\"");
  }

  @Test
  void proportionsAreGivenAsOptions() {
    Run one =
        run(
            "derive",
            "one-proportion",
            "--successes",
            "196",
            "--trials",
            "230",
            "--claimed",
            "0.9",
            "--alternative",
            "less");
    assertThat(one.exit()).isZero();
    assertThat(one.out()).contains("z = (p̂ − p₀)/SE₀ ≈ (0.852 − 0.9)/0.0198 ≈ −2.42");
    Run two =
        run("derive", "two-proportions", "--first", "121/140", "--second", "98/132", "--json");
    assertThat(two.exit()).isZero();
    assertThat(two.out()).contains("\"ci.low\"", "\"pooled\"");
  }

  @Test
  void pairsAndTheExactTestReadALabelledTable() throws IOException {
    String data = file(",yes,no\nyes,47,9\nno,27,35\n");
    assertThat(run("derive", "matched-pairs", data, "--decides", "exact").out())
        .contains("χ² = (b − c)²/m = (9 − 27)²/36 = 9.00", "p_exact");
    Run exact = run("derive", "fisher", data, "--alternative", "greater", "--json");
    assertThat(exact.out()).contains("\"a.min\"", "\"P[47]\"", "\"decision\"");
    assertThat(exact.exit()).isZero();
  }

  @Test
  void aSimulationIsTheSameForTheSameSeed() throws IOException {
    String data = file(",yes,no\nyes,9,3\nno,3,8\n");
    String once =
        run("derive", "simulation", data, "--seed", "5", "--repetitions", "500", "--json").out();
    assertThat(once).contains("\"hits\"", "\"p.error\"");
    assertThat(
            run("derive", "simulation", data, "--seed", "5", "--repetitions", "500", "--json")
                .out())
        .isEqualTo(once);
    String list = file("category,observed\nAlder,7\nBirch,1\nMill,2\n");
    assertThat(run("derive", "simulation", list).out()).contains("falls into a category");
    assertThat(run("derive", "simulation", list, "--repetitions", "5").err().strip())
        .isEqualTo(
            "The number of simulated samples is “5”: type a whole number from 99 to 1 000 000.");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "one-proportion --trials 20 --claimed 0.5|one-proportion needs --successes X.",
        "one-proportion --successes 3 --trials 20|one-proportion needs --claimed P.",
        "one-proportion --successes 3 --trials 20 --claimed 1.5|The claimed proportion is “1.5”:"
            + " type a proportion between 0 and 1, such as 0.5, 50 % or 1/2.",
        "one-proportion --successes 30 --trials 20 --claimed 0.5|sample has 30 successes in 20"
            + " trials: successes cannot exceed trials.",
        "two-proportions --first 3of4 --second 1/2|--first is “3of4”; write successes and trials"
            + " as X/N, such as 121/140.",
        "two-proportions --first 0/4 --second 0/2|“success” is true of all or of none in"
            + " both groups: the standard error is 0.",
        "fisher|fisher needs a file with its table; use - for standard input.",
        "one-proportion x.csv --successes 1 --trials 2 --claimed 0.5|one-proportion takes its"
            + " numbers as options, not from a file; remove x.csv.",
        "fisher x.csv --alternative both|--alternative is “both”; use two-sided, less or greater."
      })
  void whatIsMissingOrWrongIsSaidInOneSentence(String arguments, String sentence) {
    Run run = run(("derive " + arguments).split(" "));
    assertThat(run.exit()).isEqualTo(2);
    assertThat(run.out()).isEmpty();
    assertThat(run.err().strip()).isEqualTo(sentence);
  }
}
