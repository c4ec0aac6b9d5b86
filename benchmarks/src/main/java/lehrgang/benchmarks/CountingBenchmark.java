package lehrgang.benchmarks;

import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import java.io.BufferedWriter;
import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import lehrgang.core.cases.Classing;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.cases.RecipeStep;
import lehrgang.core.cases.Records;
import lehrgang.core.data.Checked;
import lehrgang.core.work.Progress;
import lehrgang.documents.cases.CaseFile;
import lehrgang.documents.file.FileProblem;

/// Counting two columns of a large file beside merely reading it, in turns; then a change of a
/// recipe on records that are kept.
///
/// Arguments: rows, columns, turns.
public final class CountingBenchmark {
  private static final Recipe TWO_COLUMNS = new Recipe(List.of(), Recipe.Count.two("c1", "c2"));

  private CountingBenchmark() {}

  public static void main(String[] arguments) throws IOException, FileProblem {
    int rows = Integer.parseInt(arguments[0]);
    int columns = Integer.parseInt(arguments[1]);
    int turns = Integer.parseInt(arguments[2]);
    Path file = written(rows, columns);
    System.out.printf(
        Locale.ROOT, "%d rows x %d columns, %d MB%n", rows, columns, Files.size(file) >> 20);
    List<Double> ratios = new ArrayList<>();
    for (int turn = 0; turn < turns; turn++) {
      double reading = seconds(() -> read(file));
      double counting = seconds(() -> count(file));
      ratios.add(counting / reading);
      System.out.printf(
          Locale.ROOT,
          "reading %.2f s, counting %.2f s, ratio %.2f%n",
          reading,
          counting,
          counting / reading);
    }
    System.out.printf(
        Locale.ROOT, "median ratio %.2f%n", ratios.stream().sorted().toList().get(turns / 2));
    Files.delete(file);
    edits();
  }

  private interface Work {
    void run() throws IOException, FileProblem;
  }

  private static double seconds(Work work) throws IOException, FileProblem {
    long begin = System.nanoTime();
    work.run();
    return (System.nanoTime() - begin) / 1e9;
  }

  private static Path written(int rows, int columns) throws IOException {
    Path file = Files.createTempFile("register", ".csv");
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(1);
    String[] words = {"Lake loop", "Gorge path", "Summit way", "Spring", "Summer", "Autumn", "34"};
    try (BufferedWriter out = Files.newBufferedWriter(file)) {
      StringBuilder line = new StringBuilder();
      for (int j = 1; j <= columns; j++) {
        line.append(j == 1 ? "c" : ",c").append(j);
      }
      out.append(line).append('\n');
      for (int i = 0; i < rows; i++) {
        line.setLength(0);
        for (int j = 0; j < columns; j++) {
          line.append(j == 0 ? "" : ",").append(words[random.nextInt(words.length)]);
        }
        out.append(line).append('\n');
      }
    }
    return file;
  }

  private static void read(Path file) throws IOException {
    long fields = 0;
    try (CsvReader<CsvRecord> reader = CsvReader.builder().ofCsvRecord(file)) {
      for (CsvRecord row : reader) {
        fields += row.getFieldCount();
      }
    }
    if (fields == 0) {
      throw new IllegalStateException("nothing was read");
    }
  }

  private static void count(Path file) throws FileProblem {
    counted(CaseFile.detect(file).countInFile(TWO_COLUMNS, Progress.NONE));
  }

  private static Origin counted(Checked<Origin> origin) {
    return ((Checked.Good<Origin>) origin).data();
  }

  /// A step of a recipe changed on 100 000 records that stay with the solution.
  private static void edits() throws IOException, FileProblem {
    Path file = written(CaseFile.MOST_KEPT - 1, 10);
    Origin origin = counted(CaseFile.detect(file).count(TWO_COLUMNS, Progress.NONE));
    Files.delete(file);
    Records.Kept kept = (Records.Kept) origin.records();
    List<Double> times = new ArrayList<>();
    for (int edge = 1; edge <= 30; edge++) {
      Recipe recipe =
          new Recipe(
              List.of(
                  new RecipeStep.Keep("c3", RecipeStep.Test.IS_NOT, List.of("Spring")),
                  new RecipeStep.Cut(
                      "c4",
                      new Classing(
                          List.of(
                              BigDecimal.ZERO, BigDecimal.valueOf(edge), BigDecimal.valueOf(99)),
                          Classing.Closed.LEFT,
                          Classing.Ends.CLOSED),
                      "class")),
              Recipe.Count.two("c1", "c2"));
      times.add(1000 * seconds(() -> counted(Origin.count(kept, recipe))));
    }
    System.out.printf(
        Locale.ROOT,
        "a recipe edit on %d records: first %.0f ms, median %.0f ms%n",
        kept.cases().size(),
        times.getFirst(),
        times.stream().sorted().toList().get(times.size() / 2));
  }
}
