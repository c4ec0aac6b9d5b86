package lehrgang.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Test;

/// What belongs to the user lies where each system keeps such things.
class UserFolderTest {
  private static final Path HOME = Path.of("/home/a");

  @Test
  void everySystemHasItsPlace() {
    assertThat(UserFolder.data("Linux", Map.of(), HOME))
        .isEqualTo(HOME.resolve(".local/share/lehrgang"));
    assertThat(UserFolder.data("Linux", Map.of("XDG_DATA_HOME", "/data"), HOME))
        .isEqualTo(Path.of("/data/lehrgang"));
    assertThat(UserFolder.data("Linux", Map.of("XDG_DATA_HOME", " "), HOME))
        .isEqualTo(HOME.resolve(".local/share/lehrgang"));
    assertThat(UserFolder.data("Windows 11", Map.of("APPDATA", "/roaming"), HOME))
        .isEqualTo(Path.of("/roaming/Lehrgang"));
    assertThat(UserFolder.data("Windows 11", Map.of(), HOME))
        .isEqualTo(HOME.resolve("AppData/Roaming/Lehrgang"));
    assertThat(UserFolder.data("Mac OS X", Map.of("XDG_DATA_HOME", "/data"), HOME))
        .isEqualTo(HOME.resolve("Library/Application Support/Lehrgang"));
  }
}
