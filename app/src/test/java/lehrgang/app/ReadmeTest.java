package lehrgang.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import lehrgang.core.solution.CourseStyle;
import lehrgang.documents.solutionfile.SolutionFile;
import lehrgang.documents.solutionfile.StyleFile;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// What the README tells people to type.
class ReadmeTest {
  private static final Path ROOT = Path.of("..");
  private static final Pattern WORD = Pattern.compile("\"([^\"]*)\"|(\\S+)");
  private static final Pattern LINK = Pattern.compile("\\]\\(([^)#]+)[^)]*\\)");

  private static final Map<String, String> FILES =
      Map.of(
          "table.csv", "route,Spring,Autumn\nLake loop,41,24\nGorge path,38,58\n",
          "counts.csv", "category,observed,share\nlarch,171,0.5\nrowan,98,0.3\nbeech,88,0.2\n",
          "numbers.csv", "worn waymarks,observed\n0,36\n1,58\n2,54\n3,34\n4,12\n5 or more,6\n",
          "pairs.csv", "before,knew,did not know\nknew,112,9\ndid not know,27,52\n",
          "layers.csv",
              "half,arrived,map,no map\nSummer,before dark,90,110\n,after dark,60,50\n"
                  + "Winter,before dark,30,14\n,after dark,70,41\n");

  @TempDir private Path folder;

  @BeforeEach
  void files() throws Exception {
    for (Map.Entry<String, String> file : FILES.entrySet()) {
      Files.writeString(folder.resolve(file.getKey()), file.getValue());
    }
    SolutionFile.demo().save(folder.resolve("solution.lehrgang"));
    StyleFile.fresh(CourseStyle.usual()).save(folder.resolve("course.lehrgang-style"));
  }

  static Stream<String> commands() throws IOException {
    return Files.readAllLines(ROOT.resolve("README.md")).stream()
        .filter(line -> line.matches("\\./lehrgang (derive|hand-out) .*"))
        .filter(line -> !line.contains("--help"))
        .map(line -> line.replaceFirst("\\s+#.*", ""));
  }

  /// The words of a command, with its files where they are in this test.
  private List<String> words(String command) {
    List<String> words = new ArrayList<>();
    Matcher matcher = WORD.matcher(command.replaceFirst("<.*", ""));
    while (matcher.find()) {
      String word = matcher.group(1) == null ? matcher.group(2) : matcher.group(1);
      boolean demo = word.startsWith("demo/");
      boolean file =
          !demo && word.matches("[a-z]+\\.(csv|lehrgang|lehrgang-style|html|pdf|zip|svg)");
      words.add(
          file ? folder.resolve(word).toString() : demo ? ROOT.resolve(word).toString() : word);
    }
    return words.subList(1, words.size());
  }

  @ParameterizedTest
  @MethodSource("commands")
  void everyCommandOfTheReadmeDoesWhatItSays(String command) throws IOException {
    InputStream before = System.in;
    if (command.contains("<")) {
      String name = command.substring(command.indexOf('<') + 1).strip();
      System.setIn(new ByteArrayInputStream(FILES.get(name).getBytes()));
    }
    try {
      Run run = Run.run(words(command).toArray(String[]::new));
      assertThat(run.err()).doesNotContain("Exception");
      assertThat(run.exit()).as(run.err()).isZero();
      if (command.contains(" derive ")) {
        assertThat(run.out()).contains(command.contains("--json") ? "\"decision\"" : "Conclusion");
      } else {
        String written = command.replaceFirst(".* -o ", "").strip();
        assertThat(folder.resolve(written)).isNotEmptyFile();
      }
    } finally {
      System.setIn(before);
    }
  }

  @Test
  void commandsOfEveryProcedureAreThere() throws IOException {
    assertThat(commands()).hasSizeGreaterThan(10).anyMatch(line -> line.contains("layers.csv"));
  }

  /// Links within the project lead somewhere, and every picture that is kept is shown.
  @Test
  void linksAndPicturesOfTheReadmeAreThere() throws IOException {
    String text = Files.readString(ROOT.resolve("README.md"));
    List<String> links =
        LINK.matcher(text)
            .results()
            .map(found -> found.group(1))
            .filter(link -> !link.startsWith("http"))
            .toList();
    assertThat(links).isNotEmpty().allSatisfy(link -> assertThat(ROOT.resolve(link)).exists());
    try (Stream<Path> pictures = Files.list(ROOT.resolve("docs/screenshots"))) {
      assertThat(pictures.map(picture -> "docs/screenshots/" + picture.getFileName()))
          .hasSizeLessThan(20)
          .allSatisfy(picture -> assertThat(links).contains(picture));
    }
  }
}
