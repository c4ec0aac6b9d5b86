package lehrgang.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.personal.ClassList;

/// The students of a class.
final class ClassListReading implements Reading {
  @Override
  public void read(byte[] bytes, Path folder) throws IOException, FileProblem {
    ClassList.read(Files.write(folder.resolve("class.csv"), bytes));
  }

  @Override
  public List<byte[]> seeds() {
    return Reading.texts("student\n17-001\n17-002\n", "student;name\n1;Ann\n2;Bo\n");
  }
}
