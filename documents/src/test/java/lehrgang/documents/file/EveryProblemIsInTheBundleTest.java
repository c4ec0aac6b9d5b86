package lehrgang.documents.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.stream.Stream;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import lehrgang.core.work.Progress;
import lehrgang.documents.cases.CaseFile;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.marks.AnswersFile;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.PictureFile;
import lehrgang.documents.solutionfile.SolutionFile;
import lehrgang.documents.solutionfile.StyleFile;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/// What is said of files comes from a bundle: with one in which every sentence is marked, what is
/// left outside the marks is what the file or its author wrote.
class EveryProblemIsInTheBundleTest {
  private static final String BUNDLE = "lehrgang.documents.file.problems";
  private static final String MARKED = "\u2045[^\u2045\u2046]*\u2046";
  private static final Wording SAID =
      Wording.of(BUNDLE, Locale.ENGLISH, FileProblem.class).with(marked());

  @TempDir private Path folder;

  private static Map<String, String> marked() {
    ResourceBundle bundle = ResourceBundle.getBundle(BUNDLE, Locale.ENGLISH);
    Map<String, String> marked = new LinkedHashMap<>();
    bundle.keySet().forEach(key -> marked.put(key, '\u2045' + bundle.getString(key) + '\u2046'));
    return marked;
  }

  /// Opens a file whatever it is for.
  private interface Opening {
    void open(Path file) throws Exception;
  }

  private static Stream<Arguments> wrongFiles() {
    String demo = SolutionFile.demo().text();
    List<Arguments> wrong = new ArrayList<>();
    for (String text :
        List.of(
            "",
            "[]",
            "{",
            "{\"format\": \"lehrgang-solution/99\"}",
            "{\"format\": \"lehrgang-solution/1\", \"format\": 1}",
            demo.replace("\"independence\"", "\"guessing\""),
            demo.replace("\"rows\"", "\"rouws\""),
            demo.replaceFirst("(\"counts\": \\[\\s*\\[)\\d+", "$1null"),
            demo.replaceFirst("\"columns\": \\[", "\"columns\": [\"x\", "))) {
      wrong.add(of(text, ".lehrgang", SolutionFile::load));
    }
    for (String text : List.of("{}", "{\"format\": \"lehrgang-style/7\"}")) {
      wrong.add(of(text, ".lehrgang-style", StyleFile::load));
    }
    for (String choice : List.of("\"order\": 3", "\"order\": \"backwards\"", "\"titles\": []")) {
      wrong.add(
          of(
              "{\"format\": \"lehrgang-style/1\", \"steps\": {" + choice + "}}",
              ".lehrgang-style",
              StyleFile::load));
    }
    wrong.add(
        of(
            "{\"format\": \"lehrgang-style/1\", \"marking\": {\"coarse\": 7}}",
            ".lehrgang-style",
            StyleFile::load));
    for (String text :
        List.of("", "gate;hour\nNorth;8\n\"open;9\n", "a\u0000b", "PK\u0003\u0004")) {
      wrong.add(of(text, ".csv", EveryProblemIsInTheBundleTest::readRecords));
    }
    wrong.add(of("no workbook", ".xlsx", CaseSource::open));
    wrong.add(of("no picture", ".png", PictureFile::read));
    for (String text :
        List.of(
            "",
            "name;df\na;4\n",
            "student;df\n",
            "student;df\na;4\na;5\n",
            "student;df;df\na;4;4\n",
            "student;what\na;4\n",
            "student;df\n;4\n")) {
      wrong.add(of(text, ".csv", EveryProblemIsInTheBundleTest::readAnswers));
    }
    return wrong.stream();
  }

  private static Arguments of(String content, String ending, Opening opening) {
    return Arguments.of(content, ending, opening);
  }

  private static void readRecords(Path file) throws FileProblem {
    CaseFile.detect(file).checksum(Progress.NONE);
    CaseFile.detect(file).sample();
  }

  private static void readAnswers(Path file) throws FileProblem {
    Solution solution = DemoCourse.open("route-and-season").solution();
    Procedure.Derived derived = (Procedure.Derived) Procedures.workAtOnce(solution);
    AnswersFile.read(file, derived.derivation(), Wording.english());
  }

  @ParameterizedTest
  @MethodSource("wrongFiles")
  void whatIsWrongIsSaidInWordsOfTheBundle(String content, String ending, Opening opening)
      throws IOException {
    Path file = folder.resolve("x" + ending);
    Files.writeString(file, content, StandardCharsets.UTF_8);
    assertIsInTheBundle(() -> opening.open(file), content);
  }

  @ParameterizedTest
  @MethodSource("wrongFiles")
  void aFileThatIsNotThereIsSaidInWordsOfTheBundle(String content, String ending, Opening opening) {
    Path file = folder.resolve("y" + ending);
    assertIsInTheBundle(() -> opening.open(file), content);
  }

  private void assertIsInTheBundle(ThrowingCallable opening, String content) {
    FileProblem problem = catchThrowableOfType(FileProblem.class, opening);
    assertThat(problem).as(content).isNotNull();
    String said = SAID.text(problem.sentence()).replace(folder.toString(), "");
    assertThat(problem.getMessage())
        .isEqualTo(SAID.text(problem.sentence()).replaceAll("[\u2045\u2046]", ""));
    while (said.matches("(?s).*" + MARKED + ".*")) {
      said = said.replaceAll(MARKED, " ");
    }
    assertThat(Arrays.stream(said.split("[^\\p{L}]+")).filter(word -> word.length() > 2))
        .as(problem.getMessage())
        .isEmpty();
  }
}
