package lehrgang.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lehrgang.core.compose.Proposal;
import lehrgang.core.work.Progress;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.handout.Form;
import lehrgang.documents.personal.ClassList;
import lehrgang.documents.personal.PersonalClass;
import lehrgang.documents.personal.PersonalFolder;
import lehrgang.documents.solutionfile.SolutionFile;

/// A folder with something in it, into which a class is written: whole beside what was there, or
/// not at all.
final class RemainsReading implements Reading {
  private static final List<String> NAMES =
      List.of(
          "class.csv",
          "a.lehrgang",
          "left.lehrgang",
          "sheets/",
          "keys/",
          "notes.txt",
          "keys.txt",
          ".hidden",
          "other/");

  private static final PersonalClass CLASS = drawn();

  private static PersonalClass drawn() {
    try {
      return PersonalClass.draw(
          Proposal.of(SolutionFile.demo().solution()).orElseThrow(),
          new ClassList("list", List.of("a", "b")),
          1,
          Progress.NONE);
    } catch (FileProblem e) {
      throw new IllegalStateException(e);
    }
  }

  @Override
  public void read(byte[] bytes, Path folder) throws IOException, FileProblem {
    Path into = Files.createTempDirectory(folder, "class");
    try {
      for (int k = 0; k < Math.min(bytes.length, NAMES.size()); k++) {
        put(into, NAMES.get((bytes[k] & 0xFF) % NAMES.size()));
      }
      Set<String> before = files(into);
      try {
        new PersonalFolder(into)
            .write(SolutionFile.demo(), CLASS, List.of(Form.MARKDOWN), Progress.NONE);
        check(files(into).containsAll(before), "what was there is gone");
        check(new PersonalFolder(into).files().size() == 2, "the class is not whole");
        check(before.stream().noneMatch(name -> name.endsWith(".lehrgang")), "classes are mixed");
      } catch (FileProblem e) {
        check(files(into).equals(before), "something was written: " + e.getMessage());
        throw e;
      }
    } finally {
      delete(into);
    }
  }

  private static void put(Path into, String name) throws IOException {
    if (name.endsWith("/")) {
      Files.createDirectories(into.resolve(name));
    } else {
      Files.writeString(into.resolve(name), "student;file\n");
    }
  }

  private static Set<String> files(Path folder) throws IOException {
    try (Stream<Path> files = Files.walk(folder)) {
      return files
          .map(file -> folder.relativize(file).toString())
          .collect(Collectors.toCollection(TreeSet::new));
    }
  }

  private static void check(boolean is, String otherwise) {
    if (!is) {
      throw new IllegalStateException(otherwise);
    }
  }

  private static void delete(Path folder) throws IOException {
    try (Stream<Path> files = Files.walk(folder)) {
      for (Path file : files.sorted((one, other) -> other.compareTo(one)).toList()) {
        Files.delete(file);
      }
    }
  }

  @Override
  public List<byte[]> seeds() {
    return List.of(new byte[] {5}, new byte[] {6, 7, 8});
  }
}
