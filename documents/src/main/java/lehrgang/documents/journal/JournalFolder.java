package lehrgang.documents.journal;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;

/// The journals of all windows, in the user's data folder.
///
/// @param folder made when the first one is begun
public record JournalFolder(Path folder) {
  /// A journal for another window.
  ///
  /// @throws IOException if it cannot be written
  public Journal begin() throws IOException {
    Files.createDirectories(folder);
    return Journal.take(folder.resolve(UUID.randomUUID() + Journal.ENDING)).orElseThrow();
  }

  /// Takes those that no window has any more, the oldest first. Whoever takes them brings back what
  /// is in them, or lets go.
  ///
  /// @throws IOException if the folder cannot be read
  public List<Journal> left() throws IOException {
    List<Journal> left = new ArrayList<>();
    if (!Files.isDirectory(folder)) {
      return left;
    }
    List<Path> files;
    try (Stream<Path> all = Files.list(folder)) {
      files =
          all.filter(file -> file.toString().endsWith(Journal.ENDING))
              .sorted((one, other) -> Long.compare(time(one), time(other)))
              .toList();
    }
    for (Path file : files) {
      Journal.take(file).ifPresent(left::add);
    }
    return left;
  }

  private static long time(Path file) {
    return file.toFile().lastModified();
  }
}
