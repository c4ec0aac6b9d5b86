package lehrgang.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// The sentences of the program: each has one key, and something uses it.
class BundlesTest {
  private static final Path ROOT = Path.of("..");
  private static final List<String> MODULES = List.of("core", "documents", "desktop", "app");
  private static final Pattern LITERAL = Pattern.compile("\"((?:[^\"\\\\\n]++|\\\\.)*+)\"");
  private static final Pattern CONSTANT = Pattern.compile("\\b[A-Z][A-Z0-9_]+\\b");

  /// What a command is for: its key is put together by the parser of the command line.
  private static final String OF_COMMAND = ".usage.description";

  /// A key that is asked for as it stands; one with a condition or a sum in it is left out.
  private static final Pattern ASKED =
      Pattern.compile("(?:Phrase\\.of|Words\\.of|Messages\\.text)\\(\\s*\"([^\"]+)\"\\s*[,)]");

  private static final Pattern KEY = Pattern.compile("^([A-Za-z0-9][^ =:]*)\\s*=");

  /// What stands between quotes in the sources, and the constants as keys are made of them.
  private static final Set<String> SPOKEN = spoken();

  static Stream<Path> bundles() {
    return MODULES.stream()
        .flatMap(module -> files(ROOT.resolve(module).resolve("src/main/resources")))
        .filter(file -> file.toString().endsWith(".properties"));
  }

  private static Stream<Path> files(Path folder) {
    if (!Files.isDirectory(folder)) {
      return Stream.empty();
    }
    try (Stream<Path> files = Files.walk(folder)) {
      return files.filter(Files::isRegularFile).toList().stream();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static String read(Path file) {
    try {
      return Files.readString(file);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Set<String> spoken() {
    Set<String> spoken = new HashSet<>();
    MODULES.stream()
        .flatMap(module -> files(ROOT.resolve(module).resolve("src/main/java")))
        .map(BundlesTest::read)
        .forEach(
            source -> {
              LITERAL.matcher(source).results().map(found -> found.group(1)).forEach(spoken::add);
              CONSTANT
                  .matcher(source)
                  .results()
                  .map(found -> found.group().toLowerCase(Locale.ROOT).replace('_', '-'))
                  .forEach(spoken::add);
            });
    return spoken;
  }

  private static List<String> keys(Path bundle) {
    return read(bundle)
        .lines()
        .map(KEY::matcher)
        .filter(Matcher::find)
        .map(found -> found.group(1))
        .toList();
  }

  @ParameterizedTest
  @MethodSource("bundles")
  void noKeyStandsTwice(Path bundle) {
    assertThat(keys(bundle)).doesNotHaveDuplicates();
  }

  @ParameterizedTest
  @MethodSource("bundles")
  void somethingUsesEveryKey(Path bundle) {
    assertThat(keys(bundle)).filteredOn(key -> !isUsed(key)).isEmpty();
  }

  /// A key is used if it stands in the sources, whole or put together from parts one of which has a
  /// point in it, as `"step." + id`.
  private static boolean isUsed(String key) {
    if (key.endsWith(OF_COMMAND)) {
      return SPOKEN.containsAll(
          List.of(key.substring(0, key.length() - OF_COMMAND.length()).split("\\.")));
    }
    return SPOKEN.contains(key) || isMade(List.of(key.split("\\.")), false);
  }

  private static boolean isMade(List<String> rest, boolean joined) {
    if (rest.isEmpty()) {
      return joined;
    }
    for (int many = rest.size(); many > 0; many--) {
      String part = String.join(".", rest.subList(0, many));
      List<String> after = rest.subList(many, rest.size());
      boolean withPoint =
          Stream.of("." + part, part + ".", "." + part + ".").anyMatch(SPOKEN::contains);
      boolean alone = SPOKEN.contains(part);
      if ((withPoint || alone) && isMade(after, joined || withPoint || alone && many > 1)) {
        return true;
      }
    }
    return false;
  }

  /// The gaps of a sentence are those that its key is filled with: `{gap}`, never a bare brace. The
  /// parser of the command line fills its own, `${GAP}`.
  @ParameterizedTest
  @MethodSource("bundles")
  void bracesAreGaps(Path bundle) {
    List<String> bare =
        read(bundle)
            .lines()
            .filter(line -> KEY.matcher(line).find())
            .filter(
                line ->
                    line.replaceAll("\\$\\{[A-Z-]+}", "")
                        .replaceAll("\\{(:\\p{L}²?|:df|[a-zA-Z0-9]+)}", "")
                        .matches(".*[{}].*"))
            .collect(Collectors.toList());
    assertThat(bare).isEmpty();
  }

  /// A sentence that is asked for and is in no bundle would end in an error, and most are asked for
  /// only when something is wrong.
  @Test
  void everySentenceThatIsAskedForIsThere() {
    Set<String> keys =
        bundles().flatMap(bundle -> keys(bundle).stream()).collect(Collectors.toSet());
    List<String> asked =
        MODULES.stream()
            .flatMap(module -> files(ROOT.resolve(module).resolve("src/main/java")))
            .flatMap(file -> ASKED.matcher(read(file)).results().map(found -> found.group(1)))
            .filter(key -> !key.endsWith("."))
            .toList();
    assertThat(asked).hasSizeGreaterThan(keys.size() / 4);
    assertThat(keys).containsAll(asked);
  }
}
