package lehrgang.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import lehrgang.core.wording.Phrase;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.file.WholeFile;

/// Where a command writes, looked at before it begins.
final class OutputPlace {
  private OutputPlace() {}

  /// @param out  what is to be written
  /// @param read what the command reads
  /// @throws Complaint if one of those would be overwritten
  /// @throws Failure if it can be seen beforehand that nothing can be written there
  static void check(Path out, List<Path> read) {
    for (Path file : read) {
      if (isSame(out, file)) {
        throw new Complaint(Phrase.of("output.is-input").with("file", out.toString()));
      }
    }
    try {
      WholeFile.checkPlace(out);
    } catch (FileProblem e) {
      throw new Failure(e);
    }
  }

  private static boolean isSame(Path out, Path read) {
    try {
      return Files.exists(out) && Files.exists(read) && Files.isSameFile(out, read);
    } catch (IOException e) {
      return out.toAbsolutePath().normalize().equals(read.toAbsolutePath().normalize());
    }
  }
}
