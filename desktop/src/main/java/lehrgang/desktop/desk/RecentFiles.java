package lehrgang.desktop.desk;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// The files that were opened or saved last, the latest first; kept in the user's data folder.
public final class RecentFiles {
  private static final Logger LOG = LoggerFactory.getLogger(RecentFiles.class);
  private static final int MOST = 8;

  private static final String FOLDER = "folder";

  private final Path list;
  private final Remembered remembered;

  /// @param folder the user's data folder
  public RecentFiles(Path folder) {
    this.list = folder.resolve("recent.txt");
    this.remembered = new Remembered(folder);
  }

  /// The folder in which a file was chosen last; empty where there is none, or none any more.
  public Optional<Path> folder() {
    try {
      return remembered.get(FOLDER).map(Path::of).filter(Files::isDirectory);
    } catch (InvalidPathException e) {
      return Optional.empty();
    }
  }

  public void setFolder(Path folder) {
    remembered.put(FOLDER, folder);
  }

  /// Those that are still there.
  public List<Path> all() {
    return lines().stream().filter(Files::isReadable).toList();
  }

  private List<Path> lines() {
    List<Path> paths = new ArrayList<>();
    if (!Files.exists(list)) {
      return paths;
    }
    try {
      for (String line : Files.readAllLines(list)) {
        paths.add(Path.of(line));
      }
    } catch (IOException | InvalidPathException e) {
      LOG.warn("the list of recent files could not be read", e);
    }
    return paths;
  }

  public void add(Path path) {
    Path whole = path.toAbsolutePath();
    List<Path> paths = new ArrayList<>(lines());
    paths.remove(whole);
    paths.addFirst(whole);
    List<String> kept = paths.stream().limit(MOST).map(Path::toString).toList();
    try {
      Files.createDirectories(list.getParent());
      Files.write(list, kept);
    } catch (IOException e) {
      LOG.warn("the list of recent files could not be written", e);
    }
  }
}
