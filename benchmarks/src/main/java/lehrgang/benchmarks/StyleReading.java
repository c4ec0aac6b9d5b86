package lehrgang.benchmarks;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import lehrgang.core.solution.CourseStyle;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.StyleFile;

/// A style of a course.
final class StyleReading implements Reading {
  @Override
  public void read(byte[] bytes, Path folder) throws FileProblem {
    String text = new String(bytes, StandardCharsets.UTF_8);
    StyleFile file = StyleFile.parse(text, "course.lehrgang-style");
    StyleFile again = StyleFile.parse(file.text(), "again.lehrgang-style");
    if (!again.style().equals(file.style())) {
      throw new IllegalStateException("what was written is not what was read: " + file.text());
    }
  }

  @Override
  public List<byte[]> seeds() {
    return DemoCourse.names().stream()
        .limit(3)
        .map(name -> CourseStyle.of(DemoCourse.open(name).solution(), _ -> true))
        .map(style -> Reading.utf8(StyleFile.fresh(style).text()))
        .toList();
  }
}
