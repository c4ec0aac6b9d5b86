package lehrgang.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import lehrgang.core.solution.Question;
import lehrgang.core.wording.Wording;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.solutionfile.SolutionFile;
import org.junit.jupiter.api.Test;

/// What users read is in the terms of the field and of platforms, in sentences that can be read
/// once.
class VoiceTest {
  private static final Path ROOT = Path.of("..");
  private static final int MOST_WORDS = 35;
  private static final Pattern SENTENCE_END = Pattern.compile("(?<=[.!?])\\s+|\\n");
  private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}{}'’-]+");
  private static final Pattern CODE = Pattern.compile("(?s)```.*?```");
  private static final Pattern SPAN = Pattern.compile("`[^`]*`");
  private static final Pattern TARGET = Pattern.compile("]\\([^)]*\\)");

  /// What is not said, and what is said instead.
  private static final Map<String, String> NOT_SAID = notSaid();

  /// Keys that name an option, a field of a file or a value by its name.
  private static final Set<String> NAMES =
      Set.of(
          "records.needs-layers",
          "records.no-layers",
          "help.derive.data",
          "help.derive.layers",
          "help.hand-out.with",
          "help.compose.reversal",
          "flag.route",
          "solution.no-layers",
          "solution.rows-in-layers");

  private record Text(String where, String words) {}

  private static Map<String, String> notSaid() {
    Map<String, String> not = new LinkedHashMap<>();
    not.put("shares?", "proportion");
    not.put("curves?", "density, or the approximation");
    not.put("layers?", "stratum");
    not.put("thrown together", "pooled");
    not.put("height of the curve", "density");
    not.put("corner count", "the count in the top-left cell");
    not.put("crosswise", "cross-products");
    not.put("plain (statistic|χ)", "uncorrected");
    not.put("(chance|curve|p-value) says", "the simulation, the approximation gives");
    not.put("second route", "check by a second formula");
    not.put("on the way", "intermediate results rounded");
    not.put("turns? round", "is reversed");
    not.put("leave it", "Cancel");
    not.put("take this", "Use");
    not.put("wished", "match the criteria");
    not.put("usual words", "Restore standard wording");
    not.put("set back", "Reset");
    not.put("mend", "correct");
    not.put("whoever", "students who");
    not.put("as hard as", "of equal difficulty");
    not.put("accepts? (H₀|the null)", "H₀ is not rejected");
    not.put("accepted null", "H₀ is not rejected");
    not.put("proves? that H₀", "does not prove");
    return not;
  }

  private static String read(Path file) {
    try {
      return Files.readString(file);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Stream<Text> bundles() {
    return BundlesTest.bundles()
        .flatMap(
            bundle ->
                read(bundle)
                    .lines()
                    .filter(line -> !line.startsWith("#") && line.contains(" = "))
                    .map(line -> line.split(" = ", 2))
                    .filter(entry -> !NAMES.contains(entry[0]))
                    .map(entry -> new Text(entry[0], withoutGaps(entry[1]))));
  }

  private static String withoutGaps(String template) {
    String said = template;
    for (String gap : Wording.gaps(template)) {
      said = said.replace(gap, "x");
    }
    return said;
  }

  /// The paragraphs, entries of lists and cells of a page in Markdown, without its code.
  private static Stream<Text> page(String name) {
    String page = CODE.matcher(read(ROOT.resolve(name))).replaceAll("");
    page = TARGET.matcher(SPAN.matcher(page).replaceAll("x")).replaceAll("]");
    return Arrays.stream(page.split("\\n\\s*\\n"))
        .flatMap(
            block ->
                block.stripLeading().startsWith("|")
                    ? Arrays.stream(block.split("[|\\n]"))
                    : Arrays.stream(block.split("\\n(?=\\s*([-*]|\\d+\\.) )"))
                        .map(entry -> entry.replaceAll("\\s*\\n\\s*", " ")))
        .map(words -> new Text(name, words));
  }

  private static Stream<Text> demo() {
    try (Stream<Path> files = Files.list(ROOT.resolve("demo"))) {
      List<Text> questions = new ArrayList<>();
      for (Path file : files.filter(one -> one.toString().endsWith(".lehrgang")).toList()) {
        Question question = SolutionFile.load(file).solution().question();
        questions.add(
            new Text(file.getFileName().toString(), question.title() + "\n" + question.text()));
      }
      return questions.stream();
    } catch (IOException | FileProblem e) {
      throw new AssertionError(e);
    }
  }

  private static List<Text> everything() {
    return Stream.of(bundles(), page("README.md"), page("docs/guide.md"), demo())
        .flatMap(texts -> texts)
        .toList();
  }

  @Test
  void theTermsAreThoseOfTheField() {
    List<String> wrong = new ArrayList<>();
    for (Text text : everything()) {
      NOT_SAID.forEach(
          (not, instead) -> {
            if (Pattern.compile("(?i)\\b" + not + "(?!\\p{L})").matcher(text.words()).find()) {
              wrong.add("%s: “%s”; say: %s".formatted(text.where(), text.words(), instead));
            }
          });
    }
    assertThat(wrong).isEmpty();
  }

  @Test
  void noSentenceIsTooLongToBeReadOnce() {
    assertThat(everything())
        .flatMap(
            text ->
                SENTENCE_END
                    .splitAsStream(text.words())
                    .filter(sentence -> WORD.matcher(sentence).results().count() > MOST_WORDS)
                    .map(sentence -> text.where() + ": " + sentence)
                    .toList())
        .isEmpty();
  }

  @Test
  void theCheckFindsWhatIsNotSaid() {
    assertThat(NOT_SAID.keySet())
        .allMatch(not -> !Pattern.compile(not).matcher("the proportion of walkers").find());
    assertThat(Pattern.compile("(?i)\\bshares?(?!\\p{L})").matcher("The share of").find()).isTrue();
  }
}
