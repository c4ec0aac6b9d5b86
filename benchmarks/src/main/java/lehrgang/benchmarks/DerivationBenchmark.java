package lehrgang.benchmarks;

import java.util.concurrent.TimeUnit;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageStep;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Solution;
import lehrgang.documents.solutionfile.SolutionFile;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/// A whole derivation, and the page that is set from it.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 8, time = 2)
@Measurement(iterations = 10, time = 2)
@Fork(1)
public class DerivationBenchmark {
  @Param({"5", "20"})
  public int size;

  private Solution solution;

  @Setup
  public void prepare() {
    solution = SolutionFile.demo().solution().withTable(Tables.square(size));
  }

  @Benchmark
  public Object derivation() {
    return Procedures.workAtOnce(solution);
  }

  @Benchmark
  public Object derivationAndPage() {
    return switch (Procedures.workAtOnce(solution)) {
      case Procedure.Derived(var derivation) -> {
        Page page = Page.of(solution, derivation, Audience.FULL);
        page.steps().forEach(PageStep::blocks);
        yield page;
      }
      case Procedure.Refused refused -> throw new IllegalStateException(refused.toString());
    };
  }

  @Benchmark
  public Object pageAndEveryTrace() {
    Page page = (Page) derivationAndPage();
    return page.lines().stream().map(page::trace).toList();
  }
}
