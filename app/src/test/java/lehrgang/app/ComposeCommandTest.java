package lehrgang.app;

import static lehrgang.app.Run.run;
import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import lehrgang.core.compose.Offer;
import lehrgang.documents.solutionfile.SolutionFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// Composing tables from the shell.
class ComposeCommandTest {
  private static final String SOLUTION = "../demo/route-and-season.lehrgang";

  @TempDir private Path folder;

  static Stream<String> procedures() {
    return Offer.procedures().stream();
  }

  @ParameterizedTest
  @MethodSource("procedures")
  void everyProcedureThatIsComposedProposesFiveTablesOrMore(String procedure) {
    List<String> options = new ArrayList<>(List.of("compose", procedure, "--json"));
    if (procedure.equals("one-proportion")) {
      options.addAll(List.of("--claimed", "0.4"));
    }
    Run run = run(options.toArray(String[]::new));
    assertThat(run.err()).isEmpty();
    assertThat(run.exit()).isZero();
    JsonNode document = JsonMapper.shared().readTree(run.out());
    assertThat(document.get("format").asString()).isEqualTo("lehrgang-proposals/1");
    assertThat(document.get("proposals").size()).isGreaterThanOrEqualTo(5);
  }

  @Test
  void proposalsStandWithTheirNumbersAndOneIsWritten() throws Exception {
    Path out = folder.resolve("composed.lehrgang");
    Run run =
        run(
            "compose",
            "independence",
            "--shape",
            "2x3",
            "--n",
            "150",
            "--decision",
            "keep",
            "--whole-expected",
            "--row-labels",
            "Lake loop,Gorge path",
            "--take",
            "2",
            "-o",
            out.toString());
    assertThat(run.exit()).isZero();
    assertThat(run.out()).contains("1  statistic ", "H₀ is not rejected", "Gorge path");
    assertThat(SolutionFile.load(out).solution().table().rows())
        .containsExactly("Lake loop", "Gorge path");
  }

  @Test
  void aSolutionLendsItsStoryAndLabels() throws Exception {
    Path out = folder.resolve("like.lehrgang");
    Run run =
        run(
            "compose",
            "independence",
            "--like",
            SOLUTION,
            "--decision",
            "keep",
            "-o",
            out.toString());
    assertThat(run.exit()).isZero();
    var solution = SolutionFile.load(out).solution();
    assertThat(solution.question().title()).isEqualTo("Does route choice depend on the season?");
    assertThat(solution.table().columns()).containsExactly("Spring", "Summer", "Autumn");
  }

  @Test
  void theSameSeedProposesTheSame() {
    String first = run("compose", "fisher", "--seed", "4").out();
    assertThat(run("compose", "fisher", "--seed", "4").out()).isEqualTo(first);
    assertThat(run("compose", "fisher", "--seed", "5").out()).isNotEqualTo(first);
  }

  @Test
  void whatCannotBeIsSaidAndNothingIsPrinted() {
    Run run = run("compose", "independence", "--p", "0.3..0.5", "--effect", "large");
    assertThat(run.exit()).isEqualTo(2);
    assertThat(run.out()).isEmpty();
    assertThat(run.err()).startsWith("No table meets all criteria.");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "simulation|Tables for “simulation” cannot be composed",
        "fisher --effect small|--effect does not apply to fisher",
        "fisher --shape 3x3|a fixed shape",
        "independence --shape wide|--shape is “wide”",
        "independence --shape 1x3|--shape is “1x3”",
        "independence --n 2|--n is 2",
        "independence --p 0.5..0.1|--p is “0.5..0.1”",
        "independence --p x..y|--p is “x..y”",
        "independence --decision maybe|--decision is “maybe”; use reject or keep",
        "independence --effect huge|--effect is “huge”; use small, medium or large",
        "matched-pairs --discordant some|--discordant is “some”; use few or many",
        "independence --conditions-hold --conditions-fail|remove one of them",
        "independence --whole-expected --one-decimal|--whole-expected and --one-decimal exclude"
            + " each other",
        "independence --row-labels a,b|--row-labels names 2 where the table has 3",
        "layers --discordant few|--discordant does not apply to layers",
        "independence --claimed 0.4|--claimed is not an option of independence",
        "one-proportion|one-proportion needs --claimed",
        "fisher --like ../demo/route-and-season.lehrgang|is a solution for independence"
      })
  void whatIsWrongIsSaidInASentence(String options, String sentence) {
    Run run = run(("compose " + options).split(" "));
    assertThat(run.exit()).isEqualTo(2);
    assertThat(run.err()).contains(sentence).hasLineCount(1);
    assertThat(run.out()).isEmpty();
  }
}
