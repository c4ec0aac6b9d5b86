package lehrgang.desktop;

import java.io.IOException;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// The files that were opened or saved last, the latest first; kept in the user's data folder.
final class RecentFiles {
  private static final Logger LOG = LoggerFactory.getLogger(RecentFiles.class);
  private static final int MOST = 8;

  private final Path list;

  /// @param folder the user's data folder
  RecentFiles(Path folder) {
    this.list = folder.resolve("recent.txt");
  }

  /// Those that are still there.
  List<Path> all() {
    return lines().stream().filter(java.nio.file.Files::isReadable).toList();
  }

  private List<Path> lines() {
    List<Path> paths = new ArrayList<>();
    if (!java.nio.file.Files.exists(list)) {
      return paths;
    }
    try {
      for (String line : java.nio.file.Files.readAllLines(list)) {
        paths.add(Path.of(line));
      }
    } catch (IOException | InvalidPathException e) {
      LOG.warn("the list of recent files could not be read", e);
    }
    return paths;
  }

  void add(Path path) {
    Path whole = path.toAbsolutePath();
    List<Path> paths = new ArrayList<>(lines());
    paths.remove(whole);
    paths.addFirst(whole);
    List<String> kept = paths.stream().limit(MOST).map(Path::toString).toList();
    try {
      java.nio.file.Files.createDirectories(list.getParent());
      java.nio.file.Files.write(list, kept);
    } catch (IOException e) {
      LOG.warn("the list of recent files could not be written", e);
    }
  }
}
