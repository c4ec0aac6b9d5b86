package lehrgang.app;

import static lehrgang.app.Run.run;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import lehrgang.core.Extent;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// The command line as a user types it.
class CommandLineTest {
  private static final String TABLE =
      """
      route/season,Spring,Summer,Autumn
      Lake loop,41,55,24
      Gorge path,38,64,58
      Summit way,41,101,58
      """;

  @TempDir private Path folder;

  private String table(String text) throws Exception {
    return Files.writeString(folder.resolve("register.csv"), text).toString();
  }

  @Test
  void aTableBecomesAWorkedSolutionInText() throws Exception {
    Run run = run("derive", "independence", table(TABLE));
    assertThat(run.exit()).isZero();
    assertThat(run.err()).isEmpty();
    assertThat(run.out())
        .contains("E₂₂ = R₂·C₂/n = 160·220/480 = 220/3 ≈ 73.33")
        .contains("H₀ is rejected at the 5\u00a0% level: route and season are associated.");
  }

  @Test
  void whereStandardOutputIsFullTheExitCodeSaysSo() throws Exception {
    PrintStream full =
        new PrintStream(
            new OutputStream() {
              @Override
              public void write(int one) throws IOException {
                throw new IOException("full");
              }
            });
    StringWriter errors = new StringWriter();
    int exit =
        Main.commandLine()
            .setOut(new PrintWriter(full))
            .setErr(new PrintWriter(errors, true))
            .execute("derive", "independence", table(TABLE));
    assertThat(exit).isEqualTo(1);
    assertThat(errors)
        .hasToString(
            "Standard output could not be written completely; nothing further was done.\n");
  }

  @Test
  void aDeviceThatIsFullAndAFolderAreSaidAndLeftAsTheyWere() throws Exception {
    String demo = Path.of("..", "demo", "deer-gate.lehrgang").toString();
    Run intoFolder = run("hand-out", demo, "-o", folder.toString());
    assertThat(intoFolder.exit()).isEqualTo(1);
    assertThat(intoFolder.err()).contains("it is a folder");
    assertThat(Path.of(folder + "~")).doesNotExist();
    if (Files.exists(Path.of("/dev/full"))) {
      Run full = run("hand-out", demo, "-o", "/dev/full");
      assertThat(full.exit()).isEqualTo(1);
      assertThat(full.err()).startsWith("/dev/full could not be written");
    }
  }

  @Test
  void everyOptionReachesTheDerivation() throws Exception {
    Run run =
        run(
            "derive",
            "independence",
            table(TABLE),
            "--json",
            "--alpha",
            "1%",
            "--story",
            "homogeneity",
            "--route",
            "share",
            "--conditions",
            "fifth-5",
            "--round-on-the-way",
            "2",
            "--decimals",
            "3");
    assertThat(run.exit()).isZero();
    JsonNode json = JsonMapper.shared().readTree(run.out());
    Map<String, String> values = new HashMap<>();
    json.get("lines")
        .values()
        .forEach(l -> values.put(l.get("id").asString(), l.get("value").asString()));
    assertThat(values)
        .containsEntry("alpha", "0.01")
        .containsEntry("s[2]", "0.33")
        .containsEntry("E[2,3]", "46.2");
    assertThat(values.get("crit")).startsWith("13.2767041359876");
  }

  @Test
  void standardInputIsReadAndTotalsAreLeftOutAndSaid() {
    InputStream before = System.in;
    System.setIn(
        new ByteArrayInputStream(
            "x;a;b;Total\nr;10;20;30\ns;30;45;75\n".getBytes(StandardCharsets.UTF_8)));
    try {
      Run run = run("derive", "independence", "-");
      assertThat(run.exit()).isZero();
      assertThat(run.out()).contains("105 observations", "χ²(1, N = 105)", "Yates");
      assertThat(run.err())
          .isEqualTo("The last column holds totals and was left out." + System.lineSeparator());
    } finally {
      System.setIn(before);
    }
  }

  @Test
  void yatesDecidesOnRequestButOnlyForTwoByTwo() throws Exception {
    String small =
        Files.writeString(folder.resolve("s.csv"), "x,a,b\nr,20,30\ns,30,20\n").toString();
    assertThat(run("derive", "independence", small).out()).contains("H₀ is rejected");
    assertThat(run("derive", "independence", small, "--yates").out())
        .contains("H₀ is not rejected");
    Run wrong = run("derive", "independence", table(TABLE), "--yates");
    assertThat(wrong.exit()).isEqualTo(2);
    assertThat(wrong.err()).startsWith("--yates is for a 2 × 2 table");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "--alpha 0.95|α is “0.95”: that looks like a confidence level",
        "--alpha x|α is “x”: type a level from 10⁻³⁰⁰ to 0.5",
        "--story both|--story is “both”; use independence or homogeneity.",
        "--route other|--route is “other”; use margins or share.",
        "--decimals 99|--decimals is 99; use a number of decimals from 0 to 10.",
        "--decimals x|Invalid value for option '--decimals'",
        "--colour red|Unknown options: '--colour', 'red'. See lehrgang derive --help."
      })
  void wrongOptionsGetOneSentenceAndExitCodeTwo(String options, String sentence) throws Exception {
    String[] given = options.split(" ");
    Run run = run("derive", "independence", table(TABLE), given[0], given[1]);
    assertThat(run.exit()).isEqualTo(2);
    assertThat(run.out()).isEmpty();
    assertThat(run.err()).startsWith(sentence).hasLineCount(1).doesNotContain("Exception");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "x,a,b\\nr,1,2\\ns,3.5,4|s, a holds 3.5: a count is a whole number",
        "x,a,b\\nr,1,2\\ns,-3,4|s, a holds -3: a count cannot be negative",
        "x,a,b\\nr,1,2|The table has 1 × 2 categories",
        "x,a,b\\nr,0,2\\ns,0,4|a was never observed",
        "x,a,b\\nr,1\\ns,3,4|Line 2 and the first line differ in their number of cells (2 and 3)",
        "nothing|There is no table"
      })
  void wrongDataGetOneSentenceAndExitCodeTwo(String text, String sentence) throws Exception {
    Run run = run("derive", "independence", table(text.replace("\\n", "\n") + "\n"));
    assertThat(run.exit()).isEqualTo(2);
    assertThat(run.out()).isEmpty();
    assertThat(run.err()).startsWith(sentence).hasLineCount(1);
  }

  @Test
  void missingFilesAndProceduresAreNamed() {
    assertThat(run("derive", "independence", "none.csv").err())
        .startsWith("There is no file none.csv");
    assertThat(run("derive", "regression", "none.csv").err())
        .startsWith("There is no procedure “regression”; use independence, goodness-of-fit,");
    assertThat(run("hand-out", "none.lehrgang", "-o", "x.html").err())
        .startsWith("There is no file");
    assertThat(run("none.lehrgang").exit()).isEqualTo(2);
  }

  @Test
  void sheetsAreWrittenForEveryAudience() {
    String demo = Path.of("..", "demo", "route-and-season.lehrgang").toString();
    for (String audience : new String[] {"full", "student", "key"}) {
      Path sheet = folder.resolve(audience + ".html");
      assertThat(
              run("hand-out", demo, "--for", audience, "--as", "html", "-o", sheet.toString())
                  .exit())
          .isZero();
      assertThat(sheet).content().contains("<body class=\"" + audience + "\">");
    }
    Run wrong = run("hand-out", demo, "--for", "parents", "-o", folder.resolve("x").toString());
    assertThat(wrong.err()).startsWith("--for is “parents”; use full, student or key.");
    assertThat(
            run("hand-out", demo, "--as", "html", "-o", folder.resolve("no/x.html").toString())
                .exit())
        .isEqualTo(1);
    assertThat(folder.resolve("x")).doesNotExist();
  }

  private static String demo(String name) {
    return Path.of("..", "demo", name + ".lehrgang").toString();
  }

  @Test
  void aSheetHasTheFormOfItsName() throws IOException {
    Path sheet = folder.resolve("sheet.pdf");
    assertThat(run("hand-out", demo("bunk-rooms"), "-o", sheet.toString()).exit()).isZero();
    assertThat(Files.readAllBytes(sheet)).startsWith("%PDF-".getBytes(StandardCharsets.US_ASCII));
    Path page = folder.resolve("page");
    assertThat(run("hand-out", demo("bunk-rooms"), "--as", "pdf", "-o", page.toString()).exit())
        .isZero();
    assertThat(Files.readAllBytes(page)).startsWith("%PDF-".getBytes(StandardCharsets.US_ASCII));
  }

  @Test
  void severalSolutionsMakeAProblemSetWithOneHead() throws IOException {
    Path set = folder.resolve("set.html");
    Run run =
        run(
            "hand-out",
            demo("bunk-rooms"),
            demo("deer-gate"),
            "--for=student",
            "--head=Statistics 1, sheet 6",
            "--with=name,points",
            "--room=none",
            "-o",
            set.toString());
    assertThat(run.exit()).isZero();
    String text = Files.readString(set);
    assertThat(text.split("<h1>", -1)).hasSize(3);
    assertThat(text.split("Statistics 1, sheet 6", -1)).hasSize(2);
    assertThat(text).contains("class=\"points\"").doesNotContain("class=\"room", "class=\"printed");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "--as=docs | --as is “docs”; use pdf, html, working-sheet, qti, tex, odt or md.",
        "--paper=a3 | --paper is “a3”; use a4 or letter.",
        "--room=dots | --room is “dots”; use lines, grid or none.",
        "--with=name,tabel | --with is “tabel”; use name, table, points, hints or curve."
      })
  void aChoiceThatThereIsNotIsNamedWithThoseThereAre(String option, String sentence) {
    Path out = folder.resolve("out.html");
    Run run = run("hand-out", demo("bunk-rooms"), option, "-o", out.toString());
    assertThat(run.exit()).isEqualTo(2);
    assertThat(run.err().strip()).isEqualTo(sentence);
    assertThat(out).doesNotExist();
  }

  /// An option that would change nothing is not taken in silence, and neither is a name that says
  /// another form than the option.
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "x.html|--judge=at-once|--judge has no effect on html",
        "x.zip|--for=key|--for key has no effect on qti",
        "x.html|--paper=letter|--paper has no effect on html",
        "x.pdf|--room=grid|--room has no effect on full",
        "x.pdf|--with=curve|--with curve has no effect on full",
        "p.pdf|--as=html|p.pdf is not a file name for the form html",
        "p.docx|--for=full|The extension of"
      })
  void whatWouldChangeNothingIsRefused(String name, String option, String said) {
    Path out = folder.resolve(name);
    Run run = run("hand-out", demo("bunk-rooms"), option, "-o", out.toString());
    assertThat(run.exit()).isEqualTo(2);
    assertThat(run.err()).contains(said).hasLineCount(1);
    assertThat(out).doesNotExist();
  }

  /// No command writes over a file that it reads.
  @Test
  void whatIsReadIsNeverOverwritten() throws Exception {
    Path solution = folder.resolve("x.lehrgang");
    Files.copy(Path.of(demo("bunk-rooms")), solution);
    Path style = folder.resolve("x.html");
    Files.writeString(style, "{\"format\": \"lehrgang-style/1\"}");
    Path answers = folder.resolve("g.csv");
    Files.writeString(answers, "student;df\na;5\n");
    List<List<String>> commands =
        List.of(
            List.of("hand-out", solution.toString(), "--as", "html", "-o", solution.toString()),
            List.of(
                "hand-out",
                solution.toString(),
                "--style",
                style.toString(),
                "-o",
                style.toString()),
            List.of("mark", solution.toString(), answers.toString(), "-o", answers.toString()),
            List.of(
                "compose",
                "goodness-of-fit",
                "--like",
                solution.toString(),
                "-o",
                solution.toString()));
    for (List<String> command : commands) {
      Path target = Path.of(command.getLast());
      String before = Files.readString(target);
      Run run = run(command.toArray(String[]::new));
      assertThat(run.exit()).as(command.toString()).isEqualTo(2);
      assertThat(run.err()).contains("is an input file and would be overwritten").hasLineCount(1);
      assertThat(target).hasContent(before);
    }
  }

  /// What cannot all be written is not begun.
  @Test
  void marksAreNotWrittenWhereTheirFigureCannotBe() throws Exception {
    Path answers = folder.resolve("g.csv");
    Files.writeString(answers, "student;df\na;5\n");
    Path marks = folder.resolve("marks.csv");
    for (String figure : List.of("class.png", "no/class.svg")) {
      Run run =
          run(
              "mark",
              demo("bunk-rooms"),
              answers.toString(),
              "-o",
              marks.toString(),
              "--figure",
              folder.resolve(figure).toString());
      assertThat(run.exit()).isNotZero();
      assertThat(run.err()).hasLineCount(1);
      assertThat(marks).doesNotExist();
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"UTF-8", "UTF-16LE", "windows-1252"})
  void aTableIsReadInEveryEncodingThatTheWindowReads(String encoding) throws Exception {
    Path table = folder.resolve("table.csv");
    String text = "route;früh;spät\nSchlucht;41;24\nGipfel;38;58\n";
    Files.write(
        table,
        ((encoding.startsWith("UTF-16") ? "\uFEFF" : "") + text)
            .getBytes(Charset.forName(encoding)));
    Run run = run("derive", "independence", table.toString());
    assertThat(run.err()).isEmpty();
    assertThat(run.out()).contains("früh", "spät");
  }

  @Test
  void aStyleIsGivenToEverySolutionOfASet() throws Exception {
    Path style = folder.resolve("course.lehrgang-style");
    Files.writeString(
        style,
        """
        {"format": "lehrgang-style/1", "steps": {"order": "rule-first", "titles": {"data": "What we saw"}},
         "symbols": {"degrees-of-freedom": "ν"}}
        """);
    Path sheet = folder.resolve("set.md");
    Run run =
        run(
            "hand-out",
            demo("route-and-season"),
            demo("planting-plan"),
            "--style",
            style.toString(),
            "-o",
            sheet.toString());
    assertThat(run.exit()).isZero();
    String text = Files.readString(sheet);
    assertThat(text.split("What we saw", -1)).hasSize(3);
    assertThat(text.indexOf("Critical value")).isPositive().isLessThan(text.indexOf("What we saw"));
    Files.writeString(style, "{\"format\": \"lehrgang-solution/1\"}");
    Run wrong =
        run("hand-out", demo("planting-plan"), "--style", style.toString(), "-o", sheet.toString());
    assertThat(wrong.exit()).isEqualTo(2);
    assertThat(wrong.err()).contains("course.lehrgang-style is not a course style");
  }

  @Test
  void withoutADisplayTheProgramKnowsIt() {
    assertThat(Desktop.hasDisplay("Linux", Map.of())).isFalse();
    assertThat(Desktop.hasDisplay("Linux", Map.of("DISPLAY", ":0"))).isTrue();
    assertThat(Desktop.hasDisplay("Linux", Map.of("WAYLAND_DISPLAY", "wayland-0"))).isTrue();
    assertThat(Desktop.hasDisplay("Mac OS X", Map.of())).isTrue();
  }

  @Tag(Extent.EXHAUSTIVE)
  @Test
  void theDemoIsWrittenWhereNoWindowCanBeShown() {
    DemoFiles.write(folder);
    for (String name :
        new String[] {
          "route-and-season-full.html",
          "route-and-season-student.html",
          "route-and-season-key.html",
          "route-and-season.txt",
          "route-and-season.json",
          "write-expected.png",
          "write-p-value.png",
          "write-dark.png"
        }) {
      assertThat(folder.resolve(name)).isNotEmptyFile();
    }
  }
}
