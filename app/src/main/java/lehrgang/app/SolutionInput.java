package lehrgang.app;

import java.io.PrintWriter;
import java.nio.file.Path;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.solutionfile.SolutionFile;

/// Solutions that commands are given.
final class SolutionInput {
  private SolutionInput() {}

  /// @param err is told what the file lacks, and what stands in its place
  /// @throws Complaint if it cannot be read
  static SolutionFile load(Path path, PrintWriter err) {
    try {
      SolutionFile file = SolutionFile.load(path);
      file.assumed().forEach(sentence -> err.println(path.getFileName() + ": " + sentence));
      return file;
    } catch (FileProblem e) {
      throw Complaint.about(e);
    }
  }
}
