package lehrgang.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.file.FileProblem;

/// A workbook; what is read stands in a packed file, whose parts are made up.
final class WorkbookReading implements Reading {
  @Override
  public void read(byte[] bytes, Path folder) throws IOException, FileProblem {
    if (bytes.length == 0) {
      return;
    }
    byte[] rest = Arrays.copyOfRange(bytes, 1, bytes.length);
    switch (bytes[0] % 4) {
      case 0 -> Reading.count(open(folder, "book.xlsx", rest));
      case 1 -> Reading.count(open(folder, "book.ods", rest));
      case 2 -> Reading.count(open(folder, "book.ods", Workbooks.ods(rest)));
      default -> Reading.count(open(folder, "book.xlsx", Workbooks.xlsx(rest)));
    }
  }

  private CaseSource open(Path folder, String name, byte[] bytes) throws IOException, FileProblem {
    return CaseSource.open(Files.write(folder.resolve(name), bytes));
  }

  @Override
  public List<byte[]> seeds() {
    return List.of(
        with(0, Workbooks.XLSX),
        with(1, Workbooks.ODS),
        with(2, Workbooks.odsTable()),
        with(3, Workbooks.xlsxTable()));
  }

  private static byte[] with(int first, byte[] rest) {
    byte[] all = new byte[rest.length + 1];
    all[0] = (byte) first;
    System.arraycopy(rest, 0, all, 1, rest.length);
    return all;
  }
}
