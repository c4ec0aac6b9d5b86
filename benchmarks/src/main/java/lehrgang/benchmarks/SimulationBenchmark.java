package lehrgang.benchmarks;

import java.util.List;
import java.util.stream.IntStream;
import lehrgang.core.data.TableEntry;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Solution;
import lehrgang.documents.solutionfile.SolutionFile;

/// A hundred thousand draws of a 5 × 5 table with a hundred thousand observations, in seconds.
public final class SimulationBenchmark {
  private static final int SIZE = 5;

  private SimulationBenchmark() {}

  public static void main(String[] arguments) {
    List<List<String>> counts =
        IntStream.range(0, SIZE)
            .mapToObj(
                i ->
                    IntStream.range(0, SIZE)
                        .mapToObj(j -> Integer.toString(3000 + 100 * i + 100 * j + 600))
                        .toList())
            .toList();
    TableEntry small = Tables.square(SIZE);
    Solution blank = SolutionFile.blank(Procedures.of("simulation")).solution();
    Solution solution =
        blank
            .withTable(new TableEntry("route", "week", small.rows(), small.columns(), counts))
            .withChoices(blank.choices().withTyped("repetitions", "100000"));
    for (int run = 0; run < 5; run++) {
      long start = System.nanoTime();
      Procedure.Settled worked = Procedures.workAtOnce(solution);
      if (!(worked instanceof Procedure.Derived)) {
        throw new IllegalStateException(worked.toString());
      }
      System.out.printf("100 000 draws: %.2f s%n", (System.nanoTime() - start) / 1e9);
    }
  }
}
