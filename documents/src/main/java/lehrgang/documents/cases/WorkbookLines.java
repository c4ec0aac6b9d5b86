package lehrgang.documents.cases;

import com.github.miachm.sods.Range;
import com.github.miachm.sods.SpreadSheet;
import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.stream.Stream;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.ReadingOptions;
import org.dhatim.fastexcel.reader.Row;
import org.dhatim.fastexcel.reader.Sheet;

/// The sheets of a workbook as lines of texts, whichever library reads them.
final class WorkbookLines {
  /// The reader of `.ods` warns on the console; what is wrong with a file is said by us.
  private static final Logger CHATTER = Logger.getLogger("com.github.miachm.sods");

  private WorkbookLines() {}

  /// The lines of each sheet by its name, without blank ones at the end.
  ///
  /// @throws IOException if the file is no workbook; the libraries throw others too
  static Map<String, List<List<String>>> of(Path path) throws IOException {
    Map<String, List<List<String>>> sheets = new LinkedHashMap<>();
    if (path.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(".ods")) {
      readOds(path, sheets);
    } else {
      readXlsx(path, sheets);
    }
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

  private static String plain(BigDecimal number) {
    BigDecimal bare = number.stripTrailingZeros();
    return bare.scale() < 0 ? bare.setScale(0).toPlainString() : bare.toPlainString();
  }

  private static void readOds(Path path, Map<String, List<List<String>>> sheets)
      throws IOException {
    CHATTER.setLevel(Level.OFF);
    for (com.github.miachm.sods.Sheet sheet : new SpreadSheet(path.toFile()).getSheets()) {
      List<List<String>> lines = new ArrayList<>();
      int rows = Math.min(sheet.getMaxRows(), CaseFile.MOST_KEPT + 1);
      int columns = Math.min(sheet.getMaxColumns(), CaseReading.MOST_COLUMNS + 1);
      if (rows > 0 && columns > 0) {
        Range range = sheet.getRange(0, 0, rows, columns);
        for (Object[] row : range.getValues()) {
          lines.add(Stream.of(row).map(WorkbookLines::text).toList());
        }
      }
      sheets.put(sheet.getName(), withoutBlankEnd(lines));
    }
  }

  private static String text(Object value) {
    return switch (value) {
      case null -> "";
      case Double number when number == Math.rint(number) && Math.abs(number) < 1e15 ->
          Long.toString(number.longValue());
      case Double number -> plain(BigDecimal.valueOf(number));
      case LocalDate date -> date.toString();
      case LocalDateTime date -> day(date);
      default -> value.toString();
    };
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
