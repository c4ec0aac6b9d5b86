package lehrgang.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.marking.Marker;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import lehrgang.core.work.Progress;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.marks.AnswersFile;
import lehrgang.documents.solutionfile.DemoCourse;
import lehrgang.documents.solutionfile.SolutionFile;

/// The answers of a class, marked.
final class AnswersReading implements Reading {
  static final String CLASS = classAnswers();
  private static final Derivation DEMO = derivation(SolutionFile.demo().solution());
  private static final Marker MARKER =
      Marker.of(SolutionFile.demo().solution(), DEMO, List.copyOf(DEMO.lines().keySet()));

  @Override
  public void read(byte[] bytes, Path folder) throws IOException, FileProblem {
    Path file = Files.write(folder.resolve("answers.csv"), bytes);
    AnswersFile answers = AnswersFile.read(file, DEMO, Wording.english());
    answers.marks(MARKER, Progress.NONE);
  }

  @Override
  public List<byte[]> seeds() {
    return Reading.texts(
        String.join("\n", CLASS.lines().limit(5).toList()) + "\n",
        "student;chi2;df;p\n1;28,4;4;<0,001\n2;;x;0.05\n");
  }

  private static Derivation derivation(Solution solution) {
    return ((Procedure.Derived) Procedures.workAtOnce(solution)).derivation();
  }

  private static String classAnswers() {
    try {
      Path folder = Files.createTempDirectory("lehrgang-answers");
      return Files.readString(DemoCourse.answers(folder));
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }
}
