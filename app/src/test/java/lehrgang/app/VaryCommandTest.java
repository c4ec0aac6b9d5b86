package lehrgang.app;

import static lehrgang.app.Run.run;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lehrgang.documents.solutionfile.SolutionFile;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// Other counts for each student, from the shell, and marked by their own keys.
class VaryCommandTest {
  private static final String SOLUTION = "../demo/route-and-season.lehrgang";

  @TempDir private Path folder;

  private Path list(String text) throws IOException {
    return Files.writeString(folder.resolve("list.csv"), text);
  }

  private Run vary(String into, String... more) {
    List<String> options =
        new ArrayList<>(
            List.of(
                "vary",
                SOLUTION,
                "--class",
                folder.resolve("list.csv").toString(),
                "--seed",
                "4711",
                "-o",
                folder.resolve(into).toString()));
    options.addAll(Arrays.asList(more));
    return run(options.toArray(String[]::new));
  }

  private Map<String, String> files(String into) throws IOException {
    Path root = folder.resolve(into);
    try (Stream<Path> files = Files.walk(root)) {
      Map<String, String> contents = new TreeMap<>();
      for (Path file : files.filter(Files::isRegularFile).toList()) {
        contents.put(
            root.relativize(file).toString().replace('\\', '/'),
            new String(Files.readAllBytes(file), StandardCharsets.ISO_8859_1));
      }
      return contents;
    }
  }

  @Test
  void everyStudentHasASolutionASheetAndAKey() throws Exception {
    list("student;group\nAda W.;1\nBo/2;1\nÇelik;2\n");
    Run run = vary("class", "--as", "pdf,html");
    assertThat(run.err()).isEmpty();
    assertThat(run.exit()).isZero();
    assertThat(files("class").keySet())
        .containsExactlyInAnyOrder(
            "Ada-W.lehrgang",
            "Bo-2.lehrgang",
            "Çelik.lehrgang",
            "class.csv",
            "sheets/Ada-W.pdf",
            "sheets/Ada-W.html",
            "sheets/Bo-2.pdf",
            "sheets/Bo-2.html",
            "sheets/Çelik.pdf",
            "sheets/Çelik.html",
            "sheets/everyone.pdf",
            "keys/Ada-W.pdf",
            "keys/Ada-W.html",
            "keys/Bo-2.pdf",
            "keys/Bo-2.html",
            "keys/Çelik.pdf",
            "keys/Çelik.html",
            "keys/everyone.pdf");
    SolutionFile own = SolutionFile.load(folder.resolve("class/Bo-2.lehrgang"));
    assertThat(own.solution().question().title())
        .isEqualTo("Does route choice depend on the season?");
    assertThat(own.solution().sheet().sheet()).isEqualTo("Bo/2");
    long n =
        own.solution().table().cells().stream()
            .flatMap(List::stream)
            .mapToLong(Long::parseLong)
            .sum();
    assertThat(files("class").get("sheets/Bo-2.html")).contains(n + " entries were drawn");
    try (PDDocument all = Loader.loadPDF(folder.resolve("class/sheets/everyone.pdf").toFile());
        PDDocument one = Loader.loadPDF(folder.resolve("class/sheets/Bo-2.pdf").toFile())) {
      assertThat(all.getNumberOfPages()).isEqualTo(3 * one.getNumberOfPages());
    }
  }

  @Test
  void theSameListGivesTheSameBytesAndALateStudentChangesNobodys() throws Exception {
    list("a\nb\nc\n");
    vary("first", "--as", "pdf");
    vary("again", "--as", "pdf");
    assertThat(files("again")).isEqualTo(files("first"));
    list("a\nb\nc\nlate\n");
    vary("later");
    Map<String, String> later = files("later");
    for (String student : List.of("a", "b", "c")) {
      assertThat(later.get(student + ".lehrgang"))
          .isEqualTo(files("first").get(student + ".lehrgang"));
    }
    assertThat(later).containsKey("late.lehrgang");
  }

  @Test
  void eachIsMarkedByTheirOwnKey() throws Exception {
    list("a\nb\n");
    vary("class");
    Map<String, Double> statistics =
        Stream.of("a", "b").collect(Collectors.toMap(s -> s, this::statistic));
    String answers =
        "student,X2,df\n"
            + "b,%.2f,4\n".formatted(statistics.get("b"))
            + "a,%.2f,8\n".formatted(statistics.get("a"));
    Path given = Files.writeString(folder.resolve("answers.csv"), answers);
    Path marks = folder.resolve("marks.json");
    Path feedback = folder.resolve("feedback");
    Run run =
        run(
            "mark",
            folder.resolve("class").toString(),
            given.toString(),
            "--json",
            "--feedback",
            feedback.toString(),
            "-o",
            marks.toString());
    assertThat(run.err()).isEmpty();
    JsonNode students = JsonMapper.shared().readTree(marks.toFile()).get("students");
    assertThat(students.get(0).get("credit").asInt()).isEqualTo(2);
    assertThat(students.get(1).get("credit").asInt()).isEqualTo(1);
    assertThat(students.get(1).get("answers").get(0).get("verdict").asString()).isEqualTo("right");
    assertThat(Files.readString(feedback.resolve("b.html")))
        .contains("%.2f".formatted(statistics.get("b")))
        .doesNotContain("%.2f".formatted(statistics.get("a")));
  }

  /// χ² by plain arithmetic.
  private double statistic(String student) {
    try {
      SolutionFile file = SolutionFile.load(folder.resolve("class/" + student + ".lehrgang"));
      double[][] counts =
          file.solution().table().cells().stream()
              .map(row -> row.stream().mapToDouble(Double::parseDouble).toArray())
              .toArray(double[][]::new);
      double n = Arrays.stream(counts).flatMapToDouble(Arrays::stream).sum();
      double sum = 0;
      for (double[] row : counts) {
        for (int j = 0; j < row.length; j++) {
          int column = j;
          double expected =
              Arrays.stream(row).sum()
                  * Arrays.stream(counts).mapToDouble(r -> r[column]).sum()
                  / n;
          sum += Math.pow(row[j] - expected, 2) / expected;
        }
      }
      return sum;
    } catch (Exception e) {
      throw new AssertionError(e);
    }
  }

  @Test
  void whoIsNotInTheFolderIsNamed() throws Exception {
    list("a\nb\n");
    vary("class");
    Path given = Files.writeString(folder.resolve("answers.csv"), "student,df\na,4\nx,4\n");
    Run run =
        run(
            "mark",
            folder.resolve("class").toString(),
            given.toString(),
            "-o",
            folder.resolve("m.csv").toString());
    assertThat(run.exit()).isEqualTo(2);
    assertThat(run.err()).contains("answers.csv, line 3: “x” is not in the folder");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "a;1~b;2|begins with the column “a”",
        "student~a~b~a|has the student “a” twice, in line 2 and in line 4",
        "student|has no students"
      })
  void aWrongListIsRefused(String text, String sentence) throws Exception {
    list(text.replace('~', '\n') + "\n");
    Run run = vary("class");
    assertThat(run.exit()).isEqualTo(2);
    assertThat(run.err()).contains(sentence).hasLineCount(1);
    assertThat(folder.resolve("class")).doesNotExist();
  }

  /// A number that was typed into the question does not follow.
  @Test
  void aNumberThatStaysIsPointedOut() throws Exception {
    list("a\n");
    Path model = folder.resolve("model.lehrgang");
    Files.writeString(
        model, Files.readString(Path.of(SOLUTION)).replace("{n} entries", "480 entries"));
    Run run =
        run(
            "vary",
            model.toString(),
            "--class",
            folder.resolve("list.csv").toString(),
            "--seed",
            "1",
            "-o",
            folder.resolve("class").toString());
    assertThat(run.exit()).isZero();
    assertThat(run.err()).contains("The question says 480").contains("write {n} instead");
  }

  @Test
  void anUnknownFormIsRefused() throws Exception {
    list("a\n");
    Run run = vary("class", "--as", "pdf,paper");
    assertThat(run.exit()).isEqualTo(2);
    assertThat(run.err()).contains("--as is “paper”");
  }
}
