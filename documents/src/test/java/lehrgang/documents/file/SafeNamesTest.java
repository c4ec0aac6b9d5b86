package lehrgang.documents.file;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Names of files after whatever students are called.
class SafeNamesTest {
  @TempDir private Path folder;

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "Ada Weber|Ada-Weber",
        "17/301|17-301",
        "../../etc|etc",
        ".hidden|hidden",
        "Çelik, Ö.|Çelik-Ö",
        "CON|student-CON",
        "nul.txt|student-nul.txt",
        "C\u0327elik|Çelik",
        "a\ud83eb|a-b",
        "???|student",
        "a:b*c|a-b-c"
      })
  void whatNoFileSystemTakesIsLeftOut(String student, String name) {
    assertThat(new SafeNames(List.of()).next(student, "student")).isEqualTo(name);
  }

  @Test
  void noTwoAreAlikeAndNobodyGetsAReservedOne() {
    SafeNames names = new SafeNames(List.of("everyone"));
    assertThat(names.next("Ada", "student")).isEqualTo("Ada");
    assertThat(names.next("ada", "student")).isEqualTo("ada-2");
    assertThat(names.next("ADA", "student")).isEqualTo("ADA-3");
    assertThat(names.next("everyone", "student")).isEqualTo("everyone-2");
  }

  @Test
  void aVeryLongNameIsCut() throws Exception {
    String name = new SafeNames(List.of()).next("x".repeat(400), "student");
    assertThat(name).hasSize(120);
    assertThat(Files.writeString(folder.resolve(name + ".pdf"), "")).exists();
    String mountains = new SafeNames(List.of()).next("𠀋山".repeat(90), "student");
    assertThat(mountains.getBytes(StandardCharsets.UTF_8)).hasSizeLessThanOrEqualTo(120);
    assertThat(StandardCharsets.UTF_8.newEncoder().canEncode(mountains)).isTrue();
  }

  /// Whatever the names, each gets a file of its own in the folder and nowhere else.
  @Property(tries = 200)
  void everyoneGetsAFileOfTheirOwn(@ForAll @Size(max = 12) List<String> students) {
    SafeNames names = new SafeNames(List.of("everyone"));
    Set<String> seen = new HashSet<>();
    for (String student : students) {
      String name = names.next(student, "student");
      assertThat(name).isNotBlank().matches("[\\p{L}\\p{M}\\p{N}._-]+").doesNotStartWith(".");
      assertThat(seen.add(name.toLowerCase(Locale.ROOT))).isTrue();
      assertThat(Path.of("folder").resolve(name + ".pdf").normalize().getParent())
          .isEqualTo(Path.of("folder"));
    }
  }
}
