package lehrgang.app;

import static lehrgang.app.Run.run;
import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// Marking from the shell.
class MarkCommandTest {
  private static final String SOLUTION = "../demo/route-and-season.lehrgang";

  @TempDir private Path folder;

  private String answers(String text) throws Exception {
    return Files.writeString(folder.resolve("answers.csv"), text).toString();
  }

  @Test
  void theDemoClassIsMarked() throws Exception {
    Path marks = folder.resolve("marks.csv");
    Run run = run("mark", SOLUTION, "../demo/group-17.csv", "-o", marks.toString());
    assertThat(run.exit()).isZero();
    assertThat(run.err()).isEmpty();
    List<String> lines = Files.readAllLines(marks);
    assertThat(lines).hasSize(63);
    assertThat(lines.getFirst()).startsWith("student,credit,of,\"E[1,1]\",\"E[1,1] verdict\"");
    assertThat(lines)
        .filteredOn(line -> line.startsWith("17-226,"))
        .singleElement()
        .asString()
        .startsWith("17-226,22,23,")
        .contains("8,slip,df-cells-less-one,15.507,follow-through,");
  }

  @Test
  void marksAreADocumentOnRequest() throws Exception {
    Path marks = folder.resolve("marks.json");
    String given = answers("student;df;p\na;8;0.5\nb;4;\n");
    Run run = run("mark", SOLUTION, given, "--json", "-o", marks.toString());
    assertThat(run.exit()).isZero();
    JsonNode document = JsonMapper.shared().readTree(marks.toFile());
    assertThat(document.get("procedure").asString()).isEqualTo("independence");
    assertThat(document.get("students")).hasSize(2);
    assertThat(document.get("students").get(1).get("answers").get(1).get("verdict").asString())
        .isEqualTo("blank");
  }

  @Test
  void unknownColumnsAreNamedInOneSentenceHoweverManyThereAre() throws Exception {
    StringBuilder head = new StringBuilder("student;df");
    for (int k = 0; k < 1950; k++) {
      head.append(";note ").append(k);
    }
    String given = answers(head + "\na;4" + ";".repeat(1950) + "\n");
    Run run = run("mark", SOLUTION, given, "-o", folder.resolve("many.csv").toString());
    assertThat(run.exit()).isZero();
    assertThat(run.err()).contains("note 0", "and 1926 more").hasLineCount(1);
  }

  @Test
  void everyStudentGetsFeedback() throws Exception {
    Path into = folder.resolve("new").resolve("feedback");
    Run run =
        run(
            "mark",
            SOLUTION,
            answers("student;df\na;8\nb;4\n"),
            "--feedback",
            into.toString(),
            "-o",
            folder.resolve("marks.csv").toString());
    assertThat(run.exit()).isZero();
    assertThat(run.err()).isEmpty();
    assertThat(into).isDirectoryContaining("glob:**/a.pdf").isDirectoryContaining("glob:**/b.html");
    assertThat(Files.readString(into.resolve("a.html")))
        .contains("You subtracted 1 from the number");
    assertThat(Files.readString(into.resolve("b.html"))).doesNotContain("You subtracted 1");
  }

  @Test
  void howTheClassFaredIsAFigure() throws Exception {
    String answers = answers("student;df\na;8\nb;4\n");
    String marks = folder.resolve("marks.csv").toString();
    Path figure = folder.resolve("class.svg");
    Run run = run("mark", SOLUTION, answers, "--figure", figure.toString(), "-o", marks);
    assertThat(run.exit()).isZero();
    assertThat(figure).content().contains("Right answers: Degrees of freedom 50 %.");
    Run wrong = run("mark", SOLUTION, answers, "--figure", "class.png", "-o", marks);
    assertThat(wrong.exit()).isEqualTo(2);
    assertThat(wrong.err()).contains("class.png", ".svg");
  }

  @Test
  void columnsThatAreNoLinesAreNamed() throws Exception {
    Path marks = folder.resolve("marks.csv");
    Run run = run("mark", SOLUTION, answers("student,df,seat\na,4,12\n"), "-o", marks.toString());
    assertThat(run.exit()).isZero();
    assertThat(run.err())
        .isEqualToIgnoringNewLines("Not used, because the solution has no such number: “seat”.");
    assertThat(marks).hasContent("student,credit,of,df,df verdict,df slip\na,1,1,4,right,");
  }

  @Test
  void wrongInputIsOneSentenceAndNothingIsWritten() throws Exception {
    Path marks = folder.resolve("marks.csv");
    Run twice = run("mark", SOLUTION, answers("student;df\na;4\na;4\n"), "-o", marks.toString());
    assertThat(twice.exit()).isEqualTo(2);
    assertThat(twice.err())
        .isEqualToIgnoringNewLines(
            "answers.csv has the student “a” twice, in line 2 and in line 3: delete one of them.");
    Run missing = run("mark", SOLUTION, "nowhere.csv", "-o", marks.toString());
    assertThat(missing.exit()).isEqualTo(2);
    assertThat(missing.err()).startsWith("There is no file nowhere.csv");
    assertThat(run("mark", SOLUTION).exit()).isEqualTo(2);
    assertThat(marks).doesNotExist();
  }
}
