package lehrgang.benchmarks;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.marking.Marker;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import lehrgang.documents.marks.AnswersFile;
import lehrgang.documents.solutionfile.DemoCourse;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/// Ten thousand sheets of 23 answers each, as the demo class wrote them; and the class itself held
/// against a table of 20 × 20, where most lines stand on no sheet.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 5, time = 2)
@Measurement(iterations = 6, time = 2)
@Fork(1)
public class MarkBenchmark {
  private static final int SHEETS = 10_000;

  private static final int LARGE = 20;

  private Against demo;
  private Against large;

  private record Against(Solution solution, Derivation derivation, AnswersFile answers) {
    static Against of(Solution solution, Path answers) throws Exception {
      Derivation derivation =
          switch (Procedures.workAtOnce(solution)) {
            case Procedure.Derived(var derived) -> derived;
            case Procedure.Refused refused -> throw new IllegalStateException(refused.toString());
          };
      return new Against(
          solution, derivation, AnswersFile.read(answers, derivation, Wording.english()));
    }
  }

  @Setup
  public void prepare() throws Exception {
    Path answers = DemoCourse.answers(Files.createTempDirectory("lehrgang-benchmark"));
    Solution solution = DemoCourse.open("route-and-season").solution();
    demo = Against.of(solution, answers);
    large = Against.of(solution.withTable(Tables.square(LARGE)), answers);
  }

  @Benchmark
  public double marks() {
    return marks(demo, SHEETS);
  }

  @Benchmark
  public double classAgainstALargeTable() {
    return marks(large, large.answers().rows().size());
  }

  private static double marks(Against against, int sheets) {
    Marker marker = Marker.of(against.solution(), against.derivation(), against.answers().lines());
    List<AnswersFile.Row> rows = against.answers().rows();
    double credit = 0;
    for (int k = 0; k < sheets; k++) {
      AnswersFile.Row row = rows.get(k % rows.size());
      credit += marker.mark(row.student(), row.answers()).credit().doubleValue();
    }
    return credit;
  }
}
