package lehrgang.documents.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;

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

  @Test
  @EnabledOnOs({OS.LINUX, OS.MAC})
  void aLinkStaysALinkAndItsFileIsReplaced() throws Exception {
    Path file = Files.writeString(folder.resolve("a.html"), "old");
    Path link = Files.createSymbolicLink(folder.resolve("b.html"), file);
    WholeFile.write(link, "new");
    assertThat(Files.isSymbolicLink(link)).isTrue();
    assertThat(file).hasContent("new");
    assertThat(folder.resolve("a.html~")).hasContent("old");
  }

  @Test
  void whatIsNoTextInUtf8IsSaid() throws Exception {
    Path file = folder.resolve("a.lehrgang");
    Files.write(file, new byte[] {'{', (byte) 0xff, '}'});
    assertThatThrownBy(() -> WholeFile.read(file, ".lehrgang"))
        .hasMessageContaining("check that it is a .lehrgang file");
  }
}
