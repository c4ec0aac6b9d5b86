package lehrgang.documents.marks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.Judgement;
import lehrgang.core.marking.Mark;
import lehrgang.core.marking.Marker;
import lehrgang.core.marking.SheetMarks;
import lehrgang.core.marking.SlipTexts;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import lehrgang.core.work.Progress;
import lehrgang.documents.Demo;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.solutionfile.DemoCourse;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// Answers of a class come in as they are, and marks go out.
class MarksTest {
  private static final Solution SOLUTION = DemoCourse.open("route-and-season").solution();
  private static final Derivation DERIVATION = Demo.derivation(SOLUTION);

  @TempDir private Path folder;

  private AnswersFile read(String text, Charset charset) throws Exception {
    Path file = folder.resolve("answers.csv");
    Files.write(file, text.getBytes(charset));
    return AnswersFile.read(file, DERIVATION, Wording.english());
  }

  private static List<SheetMarks> marked(AnswersFile answers) {
    return answers.marks(Marker.of(SOLUTION, DERIVATION, answers.lines()), Progress.NONE);
  }

  private static AnswersFile group() throws FileProblem {
    return AnswersFile.read(Path.of("../demo/group-17.csv"), DERIVATION, Wording.english());
  }

  @Test
  void theDemoClassIsMarkedAsACarefulReaderWould() throws Exception {
    List<SheetMarks> marks = marked(group());
    assertThat(marks).hasSize(62);
    SheetMarks one =
        marks.stream().filter(sheet -> sheet.student().equals("17-226")).findFirst().orElseThrow();
    Mark df = one.mark(LineId.of("df")).orElseThrow();
    assertThat(df.answer().written()).isEqualTo("8");
    assertThat(df.slips()).containsExactly("df-cells-less-one");
    assertThat(one.marks())
        .filteredOn(mark -> mark.verdict() == Judgement.FOLLOW_THROUGH)
        .extracting(mark -> mark.line().toString())
        .containsExactly("crit", "p", "decision");
    assertThat(one.credit()).isEqualByComparingTo("22");
    Map<String, Long> slips =
        marks.stream()
            .flatMap(sheet -> sheet.marks().stream().flatMap(m -> m.slips().stream()).distinct())
            .collect(Collectors.groupingBy(slip -> slip, Collectors.counting()));
    assertThat(slips).hasSizeGreaterThanOrEqualTo(8).containsEntry("df-cells-less-one", 6L);
    assertThat(marks)
        .filteredOn(
            sheet ->
                sheet.marks().stream().filter(m -> m.verdict() == Judgement.WRONG).count() >= 5)
        .as("a cluster that no catalogue knows")
        .hasSize(6);
  }

  @ParameterizedTest
  @ValueSource(strings = {"UTF-8", "UTF-16LE", "windows-1252"})
  void filesComeInAnyEncodingAndWithAnySeparator(String charset) throws Exception {
    for (char separator : new char[] {';', '\t', ','}) {
      String text = "student,X2,df\nMüller,14.10,4\nNoé,13.9,8\n".replace(',', separator);
      String marked = charset.equals("UTF-16LE") ? "\uFEFF" + text : text;
      AnswersFile answers = read(marked, Charset.forName(charset));
      assertThat(answers.lines()).containsExactly(LineId.of("X2"), LineId.of("df"));
      assertThat(answers.rows())
          .extracting(AnswersFile.Row::student)
          .containsExactly("Müller", "Noé");
    }
  }

  /// Ids with a comma need no quotation marks.
  @Test
  void anIdIsPutTogetherAgain() throws Exception {
    AnswersFile answers = read("student,E[2,3],df\na,46.7,4\n", StandardCharsets.UTF_8);
    assertThat(answers.lines()).containsExactly(LineId.of("E", 2, 3), LineId.of("df"));
    assertThat(marked(answers).getFirst().credit()).isEqualByComparingTo("2");
  }

  @Test
  void unknownColumnsAreNamedAndLeftAlone() throws Exception {
    AnswersFile answers =
        read("student;group;df;Z9;remark\na;1;4;3;none\n", StandardCharsets.UTF_8);
    assertThat(answers.unknown()).containsExactly("group", "Z9", "remark");
    assertThat(answers.lines()).containsExactly(LineId.of("df"));
  }

  @Test
  void namesOfColumnsAreReadInAnyCase() throws Exception {
    AnswersFile answers = read("Student;x2;DF;e[2,3]\na;14.1;4;46.67\n", StandardCharsets.UTF_8);
    assertThat(answers.lines())
        .containsExactly(LineId.of("X2"), LineId.of("df"), LineId.of("E", 2, 3));
  }

  @Test
  void theOrderOfColumnsDoesNotMatter() throws Exception {
    List<String> lines = Files.readAllLines(Path.of("../demo/group-17.csv"));
    List<Integer> order = new ArrayList<>();
    for (int k = 1; k < lines.getFirst().split(";").length; k++) {
      order.add(k);
    }
    Collections.shuffle(order, new Random(7));
    String turned =
        lines.stream()
            .map(
                line -> {
                  String[] cells = line.split(";", -1);
                  return order.stream()
                      .map(k -> cells[k])
                      .collect(Collectors.joining(";", cells[0] + ";", "\n"));
                })
            .collect(Collectors.joining());
    List<SheetMarks> before = marked(group());
    List<SheetMarks> after = marked(read(turned, StandardCharsets.UTF_8));
    for (int k = 0; k < before.size(); k++) {
      assertThat(after.get(k).marks()).containsExactlyInAnyOrderElementsOf(before.get(k).marks());
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "name;df@a;4 | begins with the column “name”",
        "student;df@a;4@b;4@a;8 | has the student “a” twice, in line 2 and in line 4",
        "student;df;X2;df@a;4;1;4 | has the column “df” twice, as column 2 and as column 4",
        "student;what@a;4 | has no column for a number of the solution, such as “X2”",
        "student;df@;4 | line 2 has answers but no student",
        "student;df | has no answers below its column names",
        "student,X2,df@A,14,10,4 | line 2 has 4 fields instead of 3",
        "student;X2;df@a;14.10 | line 2 has 2 fields instead of 3",
        "student;X2;df@a;\"14.10;4@b;14.10;4 | a quotation mark opened in line 2 is not closed",
        "student;X2;df@a;\"14.10;4@b;14.10\";4 | a quotation mark opened in line 2 is not"
            + " closed"
      })
  void whatIsWrongWithAFileIsSaidInASentence(String lines, String said) {
    assertThatThrownBy(() -> read(lines.replace('@', '\n'), StandardCharsets.UTF_8))
        .isInstanceOf(FileProblem.class)
        .hasMessageStartingWith("answers.csv")
        .hasMessageContaining(said);
  }

  @Test
  void marksAreATableWithNothingThatRunsInIt() throws Exception {
    AnswersFile answers =
        read("student;X2;df\n=HYPERLINK(1);-14.10;@SUM(A1)\n+a;14.10;4\n", StandardCharsets.UTF_8);
    String csv = MarksFile.csv(answers.lines(), marked(answers));
    assertThat(csv.lines())
        .containsExactly(
            "student,credit,of,X2,X2 verdict,X2 slip,df,df verdict,df slip",
            "'=HYPERLINK(1),0,2,-14.10,wrong,,'@SUM(A1),unreadable,",
            "'+a,2,2,14.10,right,,4,right,");
  }

  @Test
  void aDocumentSaysEachSlipInASentence() throws Exception {
    AnswersFile answers = read("student;df;crit\na;8;15.507\n", StandardCharsets.UTF_8);
    JsonNode document =
        JsonMapper.shared()
            .readTree(
                MarksFile.json(
                    SOLUTION.question().title(),
                    SOLUTION.procedure(),
                    marked(answers),
                    _ -> new SlipTexts(SOLUTION, DERIVATION)));
    assertThat(document.get("format").asString()).isEqualTo("lehrgang-marks/1");
    JsonNode student = document.get("students").get(0);
    assertThat(student.get("credit").asInt()).isEqualTo(1);
    JsonNode df = student.get("answers").get(0);
    assertThat(df.get("verdict").asString()).isEqualTo("slip");
    assertThat(df.get("slips").get(0).asString()).isEqualTo("df-cells-less-one");
    assertThat(df.get("sentences").get(0).asString())
        .startsWith("You subtracted 1 from the number");
  }
}
