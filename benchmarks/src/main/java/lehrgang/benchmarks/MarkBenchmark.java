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

/// Ten thousand sheets of 23 answers each, as the demo class wrote them.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 5, time = 2)
@Measurement(iterations = 6, time = 2)
@Fork(1)
public class MarkBenchmark {
  private static final int SHEETS = 10_000;

  private Solution solution;
  private Derivation derivation;
  private AnswersFile answers;

  @Setup
  public void prepare() throws Exception {
    solution = DemoCourse.open("route-and-season").solution();
    derivation =
        switch (Procedures.workAtOnce(solution)) {
          case Procedure.Derived(var derived) -> derived;
          case Procedure.Refused refused -> throw new IllegalStateException(refused.toString());
        };
    Path folder = Files.createTempDirectory("lehrgang-benchmark");
    answers = AnswersFile.read(DemoCourse.answers(folder), derivation, Wording.english());
  }

  @Benchmark
  public double marks() {
    Marker marker = Marker.of(solution, derivation, answers.lines());
    List<AnswersFile.Row> rows = answers.rows();
    double credit = 0;
    for (int k = 0; k < SHEETS; k++) {
      AnswersFile.Row row = rows.get(k % rows.size());
      credit += marker.mark(row.student(), row.answers()).credit().doubleValue();
    }
    return credit;
  }
}
