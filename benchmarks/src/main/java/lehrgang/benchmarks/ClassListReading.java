package lehrgang.benchmarks;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.personal.ClassList;

/// The students of a class.
final class ClassListReading implements Reading {
  @Override
  public void read(byte[] bytes, Path folder) throws IOException, FileProblem {
    ClassList read = ClassList.read(Files.write(folder.resolve("class.csv"), bytes));
    String text = new String(bytes, StandardCharsets.US_ASCII);
    if (text.matches("[A-Za-z0-9 ;\\n]*")) {
      long lines = text.lines().filter(line -> !line.isBlank()).count();
      long students = read.students().size();
      // The first line may be a heading.
      if (students != lines && students != lines - 1) {
        throw new IllegalStateException(students + " students are read from " + lines + " lines");
      }
    }
  }

  @Override
  public List<byte[]> seeds() {
    return Reading.texts("student\n17-001\n17-002\n", "student;name\n1;Ann\n2;Bo\n");
  }
}
