package lehrgang.desktop.window;

import java.io.File;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.desk.RecentFiles;
import lehrgang.desktop.kit.Words;

/// Asks for files: the only questions that the window asks.
///
/// @param window   over which they are asked
/// @param solution after which new files are called
/// @param recent   where the folder is kept in which they begin
record FileDialogs(Supplier<Window> window, OpenSolution solution, RecentFiles recent) {
  /// A sort of files.
  ///
  /// @param name    the key of its name
  /// @param endings of the names of its files, each with its point
  record Sort(String name, List<String> endings) {
    Sort {
      endings = List.copyOf(endings);
    }

    /// A sort with one ending.
    static Sort of(String name, String ending) {
      return new Sort(name, List.of(ending));
    }
  }

  private FileChooser chooser(Sort... sorts) {
    FileChooser chooser = new FileChooser();
    recent.folder().map(Path::toFile).ifPresent(chooser::setInitialDirectory);
    Arrays.stream(sorts)
        .map(
            sort ->
                new FileChooser.ExtensionFilter(
                    Words.of(sort.name()),
                    sort.endings().stream().map(ending -> "*" + ending).toList()))
        .forEach(chooser.getExtensionFilters()::add);
    return chooser;
  }

  /// A file to open; empty where none was chosen.
  Optional<Path> toOpen(Sort... sorts) {
    return used(Optional.ofNullable(chooser(sorts).showOpenDialog(window.get())).map(File::toPath));
  }

  /// Files to open; none where none was chosen.
  List<Path> severalToOpen(Sort... sorts) {
    return Optional.ofNullable(chooser(sorts).showOpenMultipleDialog(window.get()))
        .orElse(List.of())
        .stream()
        .map(File::toPath)
        .toList();
  }

  /// A file to write; empty where none was chosen.
  ///
  /// @param name  proposed for it
  /// @param sorts of which the first gives the name its ending
  Optional<Path> toSave(String name, Sort... sorts) {
    FileChooser chooser = chooser(sorts);
    chooser.setInitialFileName(name + sorts[0].endings().getFirst());
    return used(Optional.ofNullable(chooser.showSaveDialog(window.get())).map(File::toPath));
  }

  /// A folder to write into; empty where none was chosen.
  Optional<Path> toFolder() {
    DirectoryChooser chooser = new DirectoryChooser();
    recent.folder().map(Path::toFile).ifPresent(chooser::setInitialDirectory);
    return used(Optional.ofNullable(chooser.showDialog(window.get())).map(File::toPath));
  }

  private Optional<Path> used(Optional<Path> chosen) {
    chosen.map(Path::toAbsolutePath).map(Path::getParent).ifPresent(recent::setFolder);
    return chosen;
  }

  /// A name after the title of the solution, such as `does-route-choice-depend`.
  String nameOfSolution() {
    String title = solution.now().question().title();
    String name = title.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-");
    String trimmed = name.replaceAll("^-|-$", "");
    return trimmed.isEmpty() ? "solution" : trimmed;
  }

  /// A path as it was typed, with an ending where it has none.
  static Path withEnding(Path path, String ending) {
    String name = path.getFileName().toString();
    return name.contains(".") ? path : path.resolveSibling(name + ending);
  }
}
