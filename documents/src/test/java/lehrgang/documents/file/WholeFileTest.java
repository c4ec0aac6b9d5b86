package lehrgang.documents.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import lehrgang.core.wording.Phrase;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Writing replaces ordinary files, and leaves devices and folders as they are.
class WholeFileTest {
  @TempDir private Path folder;

  private long filesIn(Path where) throws IOException {
    try (var files = Files.list(where)) {
      return files.count();
    }
  }

  @Test
  void aFolderIsRefusedAndGetsNoVersionBefore() throws Exception {
    Path inner = Files.createDirectory(folder.resolve("sheets"));
    assertThatThrownBy(() -> WholeFile.write(inner, "x"))
        .isInstanceOf(FileProblem.class)
        .hasMessageContaining("it is a folder");
    assertThat(filesIn(folder)).isEqualTo(1);
    assertThat(filesIn(inner)).isZero();
  }

  @Test
  @EnabledOnOs(OS.LINUX)
  void aDeviceThatIsFullIsSaidAndNeverCopied() {
    Path full = Path.of("/dev/full");
    assertThatThrownBy(() -> WholeFile.write(full, "x"))
        .isInstanceOf(FileProblem.class)
        .hasMessageStartingWith("/dev/full could not be written");
    assertThat(Path.of("/dev/full~")).doesNotExist();
  }

  /// What the systems say of it, in words that say what to do.
  @ParameterizedTest
  @CsvSource({
    "No space left on device, the disk is full",
    "There is not enough space on the disk, the disk is full",
    "Disk quota exceeded, the disk is full",
    "File name too long, its name is too long",
    "Read-only file system, nothing can be written there",
    "The media is write protected, nothing can be written there",
    "Stale file handle, the folder cannot be reached",
    "The network path was not found, the folder cannot be reached",
    "Something new, Something new"
  })
  void whyNothingCouldBeWrittenIsSaid(String system, String said) {
    for (IOException e :
        List.of(new IOException(system), new FileSystemException("/huts/a", null, system))) {
      FileProblem problem =
          new FileProblem(
              Phrase.of("file.not-written")
                  .with("file", "/huts/a")
                  .with("reason", WholeFile.reason(e)));
      assertThat(problem)
          .hasMessage("/huts/a could not be written (" + said + "); choose another folder.");
    }
  }

  /// A name as long as the system takes is no trouble; a longer one is said.
  @Test
  @EnabledOnOs(OS.LINUX)
  void aLongNameIsWrittenOrSaid() throws Exception {
    Path longest = folder.resolve("a".repeat(240) + ".lehrgang");
    WholeFile.save(longest, "x");
    WholeFile.save(longest, "y");
    assertThat(longest).hasContent("y");
    assertThat(filesIn(folder)).isEqualTo(2);
    assertThatThrownBy(() -> WholeFile.write(folder.resolve("a".repeat(300)), "x"))
        .hasMessageContaining("its name is too long");
    assertThat(filesIn(folder)).isEqualTo(2);
  }

  @Test
  void aCopyBesideTakesTheNextNameThatIsFree() throws Exception {
    Path file = Files.writeString(folder.resolve("a.b.lehrgang"), "one");
    assertThat(WholeFile.copyBeside(file)).isEqualTo(folder.resolve("a.b-2.lehrgang"));
    Files.writeString(file, "two");
    assertThat(WholeFile.copyBeside(file)).isEqualTo(folder.resolve("a.b-3.lehrgang"));
    assertThat(folder.resolve("a.b-2.lehrgang")).hasContent("one");
    assertThat(WholeFile.copyBeside(Files.writeString(folder.resolve("plain"), "")))
        .isEqualTo(folder.resolve("plain-2"));
    assertThatThrownBy(() -> WholeFile.copyBeside(folder.resolve("gone")))
        .isInstanceOf(FileProblem.class);
  }

  @Test
  @EnabledOnOs({OS.LINUX, OS.MAC})
  void aLinkStaysALinkAndItsFileIsReplaced() throws Exception {
    Path file = Files.writeString(folder.resolve("a.html"), "old");
    Path link = Files.createSymbolicLink(folder.resolve("b.html"), file);
    WholeFile.write(link, "new");
    assertThat(Files.isSymbolicLink(link)).isTrue();
    assertThat(file).hasContent("new");
    assertThat(folder.resolve("a.html~")).doesNotExist();
    WholeFile.save(link, "newer");
    assertThat(folder.resolve("a.html~")).as("the version before").hasContent("new");
  }

  @Test
  @EnabledOnOs({OS.LINUX, OS.MAC})
  void permissionsAreKeptAndWhatIsReadOnlyStays() throws Exception {
    Path file = Files.writeString(folder.resolve("a.html"), "old");
    Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-rw----"));
    WholeFile.write(file, "new");
    assertThat(Files.getPosixFilePermissions(file))
        .isEqualTo(PosixFilePermissions.fromString("rw-rw----"));
    Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("r--r--r--"));
    assertThatThrownBy(() -> WholeFile.write(file, "newer"))
        .isInstanceOf(FileProblem.class)
        .hasMessageContaining("it may not be written to");
    assertThat(file).hasContent("new");
    assertThat(filesIn(folder)).isEqualTo(1);
  }

  @Test
  void whatIsNoTextInUtf8IsSaid() throws Exception {
    Path file = folder.resolve("a.lehrgang");
    Files.write(file, new byte[] {'{', (byte) 0xff, '}'});
    assertThatThrownBy(() -> WholeFile.read(file, ".lehrgang"))
        .hasMessageContaining("check that it is a .lehrgang file");
  }
}
