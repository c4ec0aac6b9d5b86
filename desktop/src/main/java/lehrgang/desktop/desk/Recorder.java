package lehrgang.desktop.desk;

import java.nio.file.Path;
import java.util.Optional;
import lehrgang.documents.solutionfile.SolutionFile;

/// What writes down everything that happens, in its order.
interface Recorder {
  void opened(SolutionFile file, Optional<Path> from);

  void edited(String thing, SolutionFile now);

  void undone(SolutionFile now);

  void redone(SolutionFile now);

  void paused();

  void saved(Path to);

  /// The solution that was replaced last is to lie there again.
  void broughtBack();
}
