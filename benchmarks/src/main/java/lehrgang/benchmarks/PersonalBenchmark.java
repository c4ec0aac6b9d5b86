package lehrgang.benchmarks;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lehrgang.core.compose.Proposal;
import lehrgang.core.work.Progress;
import lehrgang.documents.handout.Form;
import lehrgang.documents.personal.ClassList;
import lehrgang.documents.personal.PersonalClass;
import lehrgang.documents.personal.PersonalFolder;
import lehrgang.documents.solutionfile.SolutionFile;

/// Data, sheets and keys for a class of 1 000, in seconds: drawn, then written as web pages, then
/// as PDF with all pages for printing.
public final class PersonalBenchmark {
  private static final int STUDENTS = 1000;

  private PersonalBenchmark() {}

  public static void main(String[] arguments) throws Exception {
    int many = arguments.length > 0 ? Integer.parseInt(arguments[0]) : STUDENTS;
    SolutionFile model = SolutionFile.demo();
    List<String> names = IntStream.range(0, many).mapToObj("%04d"::formatted).toList();
    long start = System.nanoTime();
    PersonalClass drawn =
        PersonalClass.draw(
            Proposal.of(model.solution()).orElseThrow(),
            new ClassList("class", names),
            4711,
            Progress.NONE);
    System.out.printf("%d drawn in %.1f s%n", many, since(start));
    for (Form form : List.of(Form.WEB_PAGE, Form.WEB_PAGE, Form.PDF)) {
      Path folder = Files.createTempDirectory("lehrgang-class");
      start = System.nanoTime();
      new PersonalFolder(folder).write(model, drawn, List.of(form), Progress.NONE);
      System.out.printf("%d sheets and keys as %s in %.1f s%n", many, form.key(), since(start));
      try (Stream<Path> files = Files.walk(folder)) {
        files.sorted(Comparator.reverseOrder()).forEach(path -> path.toFile().delete());
      }
    }
  }

  private static double since(long start) {
    return (System.nanoTime() - start) / 1e9;
  }
}
