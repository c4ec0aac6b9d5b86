package lehrgang.documents.cases;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.ReadingOptions;
import org.dhatim.fastexcel.reader.Row;
import org.dhatim.fastexcel.reader.Sheet;

/// The sheets of a workbook as lines of texts, whichever library reads them.
final class WorkbookLines {
  private WorkbookLines() {}

  /// The lines of each sheet by its name, without blank ones at the end.
  ///
  /// @throws IOException if the file is no workbook; the libraries throw others too
  static Map<String, List<List<String>>> of(Path path) throws IOException {
    if (path.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(".ods")) {
      return OpenDocumentLines.of(path, CaseFile.MOST_KEPT + 1, CaseReading.MOST_COLUMNS + 1);
    }
    Map<String, List<List<String>>> sheets = new LinkedHashMap<>();
    readXlsx(path, sheets);
    return sheets;
  }

  private static void readXlsx(Path path, Map<String, List<List<String>>> sheets)
      throws IOException {
    try (ReadableWorkbook workbook =
        new ReadableWorkbook(path.toFile(), new ReadingOptions(true, false))) {
      for (Sheet sheet : workbook.getSheets().toList()) {
        List<List<String>> lines = new ArrayList<>();
        try (Stream<Row> rows = sheet.openStream()) {
          rows.limit(CaseFile.MOST_KEPT + 1L)
              .forEach(
                  row -> {
                    while (lines.size() < row.getRowNum() - 1
                        && lines.size() <= CaseFile.MOST_KEPT) {
                      lines.add(List.of());
                    }
                    lines.add(row.stream().map(WorkbookLines::text).toList());
                  });
        }
        sheets.put(sheet.getName(), withoutBlankEnd(lines));
      }
    }
  }

  private static String text(Cell cell) {
    if (cell == null || cell.getValue() == null) {
      return "";
    }
    return switch (cell.getType()) {
      case NUMBER ->
          isDate(cell.getDataFormatString()) ? day(cell.asDate()) : plain(cell.asNumber());
      case FORMULA -> cell.getValue() instanceof BigDecimal number ? plain(number) : cell.getText();
      case ERROR -> "";
      default -> cell.getText();
    };
  }

  /// A format of days or months, apart from text in quotation marks and colours in brackets.
  private static boolean isDate(String format) {
    return format != null
        && format
            .replaceAll("\"[^\"]*\"|\\[[^\\]]*]|\\\\.", "")
            .toLowerCase(Locale.ROOT)
            .matches(".*[dmy].*");
  }

  private static String day(LocalDateTime date) {
    return date.toLocalDate().toString();
  }

  static String plain(BigDecimal number) {
    BigDecimal bare = number.stripTrailingZeros();
    return bare.scale() < 0 ? bare.setScale(0).toPlainString() : bare.toPlainString();
  }

  private static List<List<String>> withoutBlankEnd(List<List<String>> lines) {
    int end = lines.size();
    while (end > 0 && isBlank(lines.get(end - 1))) {
      end--;
    }
    return List.copyOf(lines.subList(0, end));
  }

  static boolean isBlank(List<String> line) {
    return line.stream().allMatch(String::isBlank);
  }
}
