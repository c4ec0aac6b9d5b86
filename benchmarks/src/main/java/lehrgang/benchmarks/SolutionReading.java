package lehrgang.benchmarks;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;

/// A solution; what was read is written, and is the same when it is read again.
final class SolutionReading implements Reading {
  @Override
  public void read(byte[] bytes, Path folder) throws FileProblem {
    String text = new String(bytes, StandardCharsets.UTF_8);
    SolutionFile file = SolutionFile.parse(text, "routes.lehrgang");
    Reading.page(file.solution());
    SolutionFile again = SolutionFile.parse(file.text(), "again.lehrgang");
    if (!again.solution().equals(file.solution())) {
      throw new IllegalStateException("what was written is not what was read: " + file.text());
    }
  }

  @Override
  public List<byte[]> seeds() {
    return DemoCourse.names().stream()
        .map(name -> Reading.utf8(DemoCourse.open(name).text()))
        .toList();
  }
}
