package lehrgang.app;

import static lehrgang.app.Run.run;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.documents.solutionfile.DemoCourse;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import picocli.CommandLine;
import picocli.CommandLine.Model.OptionSpec;

/// Whatever stands behind an option of any command, there is a result or one sentence that says
/// what is wrong, and never the words of those who made the program.
class NonsenseTest {
  private static final List<String> NONSENSE =
      List.of(
          "",
          " ",
          "-1",
          "0",
          "1e999",
          "99999999999",
          "99999999999999999999x3",
          "2x2x99999999999",
          "0.05..",
          "-..-",
          "NaN",
          "∞",
          "{n}",
          "%s",
          "\u0000",
          "a=b=c",
          "café, hut");

  /// What is written with these lies where the option says.
  private static final Set<String> WRITES = Set.of("--feedback", "--figure");

  @TempDir private static Path folder;

  private static List<Path> before;

  @BeforeAll
  static void write() throws IOException {
    before = here();
    Files.createDirectory(folder.resolve("written"));
    Files.writeString(folder.resolve("table.csv"), "x,a,b\nr,12,9\ns,7,14\n");
    Files.writeString(folder.resolve("class.csv"), "student\nAlder\nBirch\n");
    Files.writeString(folder.resolve("answers.csv"), "student,df\nAlder,4\nBirch,8\n");
    Files.writeString(
        folder.resolve("routes.lehrgang"), DemoCourse.open("route-and-season").text());
  }

  private static String at(String name) {
    return folder.resolve(name).toString();
  }

  /// Each command as it would be called, without options that it can do without.
  private static List<String> call(String command) {
    return switch (command) {
      case "derive" -> List.of("derive", "independence", at("table.csv"));
      case "compose" -> List.of("compose", "independence");
      case "hand-out" -> List.of("hand-out", at("routes.lehrgang"), "-o", at("sheet.html"));
      case "mark" ->
          List.of("mark", at("routes.lehrgang"), at("answers.csv"), "-o", at("marks.csv"));
      case "vary" ->
          List.of(
              "vary",
              at("routes.lehrgang"),
              "--class",
              at("class.csv"),
              "--seed",
              "4",
              "-o",
              at("drawn"));
      default -> List.of(command);
    };
  }

  static Stream<Arguments> options() {
    List<Arguments> all = new ArrayList<>();
    CommandLine commands = Main.commandLine();
    for (String command : List.of("derive", "compose", "hand-out", "mark", "vary")) {
      for (OptionSpec option : commands.getSubcommands().get(command).getCommandSpec().options()) {
        boolean isWhereToWrite = option.longestName().equals("--output");
        if (option.arity().max() > 0 && !isWhereToWrite) {
          all.add(Arguments.of(command, option.longestName()));
        }
      }
    }
    return all.stream();
  }

  @ParameterizedTest(name = "{0} {1}")
  @MethodSource("options")
  void anOptionWithNonsenseGivesAResultOrASentence(String command, String option) {
    for (String nonsense : NONSENSE) {
      List<String> arguments = new ArrayList<>(call(command));
      String value = WRITES.contains(option) ? at("written") + "/" + nonsense : nonsense;
      int given = arguments.indexOf(option);
      if (given >= 0) {
        arguments.set(given + 1, value);
      } else {
        arguments.add(option);
        arguments.add(value);
      }
      Run run = run(arguments.toArray(String[]::new));
      assertThat(run.exit()).as("%s %s “%s”: %s", command, option, nonsense, run).isIn(0, 2);
      if (run.exit() == 2) {
        assertIsASentence(
            nonsense.isBlank() ? run.err() : run.err().replace(nonsense.strip(), "such"));
        assertThat(run.out()).isEmpty();
      }
    }
  }

  /// Nothing is written but where it was asked for.
  @AfterAll
  static void nothingLiesAround() throws IOException {
    assertThat(here()).isEqualTo(before);
  }

  private static List<Path> here() throws IOException {
    try (Stream<Path> files = Files.list(Path.of(""))) {
      return files.filter(file -> !file.toString().startsWith(".jqwik")).sorted().toList();
    }
  }

  private static void assertIsASentence(String said) {
    assertThat(said.strip())
        .isNotEmpty()
        .hasLineCount(1)
        .endsWith(".")
        .doesNotContain("Exception", "java.", "lehrgang.app", " int", " long.", "null", "{", "@")
        .hasSizeLessThan(400);
  }

  /// A file that is not there, that is a folder, or that is something else.
  @Test
  void aFileThatIsNoneOfOursGivesASentence() throws IOException {
    Path picture = Files.write(folder.resolve("picture.png"), new byte[] {(byte) 0x89, 'P', 1, 0});
    Path empty = Files.createFile(folder.resolve("empty.csv"));
    for (String wrong :
        List.of(at("nowhere.csv"), folder.toString(), picture.toString(), empty.toString(), "")) {
      for (List<String> arguments :
          List.of(
              List.of("derive", "independence", wrong),
              List.of("hand-out", wrong, "-o", at("sheet.html")),
              List.of("mark", at("routes.lehrgang"), wrong, "-o", at("marks.csv")),
              List.of("mark", wrong, at("answers.csv"), "-o", at("marks.csv")))) {
        Run run = run(arguments.toArray(String[]::new));
        assertThat(run.exit()).as(arguments + ": " + run).isEqualTo(2);
        assertIsASentence(run.err());
      }
    }
  }

  /// Where nothing can be written, it is said, and nothing is written elsewhere.
  @Test
  void aPlaceThatCannotBeWrittenGivesASentence() {
    String nowhere = folder.resolve("table.csv").resolve("below").resolve("sheet.html").toString();
    for (String command : List.of("hand-out", "mark")) {
      List<String> arguments = new ArrayList<>(call(command));
      arguments.set(arguments.indexOf("-o") + 1, nowhere);
      Run run = run(arguments.toArray(String[]::new));
      assertThat(run.exit()).as(run.toString()).isIn(1, 2);
      assertIsASentence(run.err());
    }
  }

  /// Every procedure can be asked for help, and its own options stand there.
  @Test
  void everyOptionOfAProcedureStandsInTheHelp() {
    String help = run("derive", "--help").out();
    for (Procedure procedure : Procedures.all()) {
      assertThat(help).contains(procedure.id());
      procedure.options().forEach(option -> assertThat(help).contains("--" + option.flag()));
    }
  }

  @Test
  void aNumberThatIsNoneIsSaidInWords() {
    Run run = run("compose", "independence", "--n", "many");
    assertThat(run.exit()).isEqualTo(2);
    assertThat(run.err()).contains("--n").contains("“many” is not a whole number");
  }
}
