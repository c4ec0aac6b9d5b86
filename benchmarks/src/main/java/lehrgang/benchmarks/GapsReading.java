package lehrgang.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.data.Checked;
import lehrgang.core.work.Progress;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.file.FileProblem;

/// Records in a workbook with blank lines among them and lines that are repeated: each is counted,
/// or the window says which are not.
final class GapsReading implements Reading {
  private static final List<String> ROUTES = List.of("Lake loop", "Gorge path", "Summit way");
  private static final List<String> MAPS = List.of("yes", "no");
  private static final int MOST_LINES = 40;

  @Override
  public void read(byte[] bytes, Path folder) throws IOException, FileProblem {
    if (bytes.length == 0) {
      return;
    }
    boolean xlsx = bytes[0] % 2 == 0;
    List<Workbooks.Line> lines = new ArrayList<>();
    lines.add(new Workbooks.Line(List.of("route", "map"), 1));
    long records = 0;
    for (int k = 1; k < Math.min(bytes.length, MOST_LINES); k++) {
      Workbooks.Line line = line(bytes[k] & 0xFF, xlsx);
      lines.add(line);
      records += line.cells().isEmpty() ? 0 : line.times();
    }
    Path file = folder.resolve(xlsx ? "gaps.xlsx" : "gaps.ods");
    Files.write(file, xlsx ? Workbooks.xlsxOf(lines) : Workbooks.odsOf(lines));
    CaseSource source = CaseSource.open(file);
    Recipe recipe = new Recipe(List.of(), Recipe.Count.two("route", "map"));
    switch (source.count(recipe, Progress.NONE)) {
      case Checked.Good<Origin>(var origin) -> {
        long counted = origin.tally().counted();
        if (counted != records && source.notes().isEmpty()) {
          throw new IllegalStateException(
              "%d of %d records are counted, and nothing is said".formatted(counted, records));
        }
      }
      case Checked.Bad<Origin>(var problems) -> {
        // Few kinds of records make no table.
      }
    }
  }

  /// A blank line, a record, or one that is there many times.
  private static Workbooks.Line line(int what, boolean xlsx) {
    if (what % 7 == 0) {
      return new Workbooks.Line(List.of(), 1 + what / 100);
    }
    List<String> record =
        List.of(ROUTES.get(what % ROUTES.size()), MAPS.get(what / 3 % MAPS.size()));
    return new Workbooks.Line(record, what == 31 && !xlsx ? 10_001 : 1 + what % 5 / 4);
  }

  @Override
  public List<byte[]> seeds() {
    return List.of(
        new byte[] {0, 1, 2, 3, 4, 5, 6, 8},
        new byte[] {1, 1, 2, 7, 4, 5, 31, 8},
        new byte[] {0, 1, 2, 7, 7, 5, 6, 8, 9, 10});
  }
}
