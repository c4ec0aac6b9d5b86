package lehrgang.benchmarks;

import com.github.miachm.sods.Range;
import com.github.miachm.sods.Sheet;
import com.github.miachm.sods.SpreadSheet;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;

/// Workbooks in which one part is made up.
final class Workbooks {
  static final byte[] XLSX = writtenXlsx();
  static final byte[] ODS = writtenOds();

  private static final Map<String, byte[]> XLSX_PARTS = parts(XLSX);
  private static final Map<String, byte[]> ODS_PARTS = parts(ODS);
  private static final String XLSX_TABLE = "xl/worksheets/sheet1.xml";
  private static final String ODS_TABLE = "content.xml";

  private Workbooks() {}

  /// A line of a sheet, several times; blank without cells.
  record Line(List<String> cells, int times) {}

  static byte[] xlsxOf(List<Line> lines) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (Workbook book = new Workbook(bytes, "Lehrgang", "1.0")) {
      Worksheet sheet = book.newWorksheet("routes");
      int row = 0;
      for (Line line : lines) {
        for (int k = 0; k < line.times(); k++) {
          for (int j = 0; j < line.cells().size(); j++) {
            sheet.value(row, j, line.cells().get(j));
          }
          row++;
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return bytes.toByteArray();
  }

  /// A line that is there several times is written once, and repeated.
  static byte[] odsOf(List<Line> lines) {
    StringBuilder rows = new StringBuilder();
    for (Line line : lines) {
      rows.append("<table:table-row table:number-rows-repeated=\"%d\">".formatted(line.times()));
      line.cells()
          .forEach(
              cell ->
                  rows.append("<table:table-cell office:value-type=\"string\"><text:p>")
                      .append(cell)
                      .append("</text:p></table:table-cell>"));
      rows.append(line.cells().isEmpty() ? "<table:table-cell/>" : "").append("</table:table-row>");
    }
    String written = new String(odsTable(), StandardCharsets.UTF_8);
    int from = written.indexOf("<table:table-row");
    int to = written.indexOf("</table:table>");
    String content = written.substring(0, from) + rows + written.substring(to);
    return ods(content.getBytes(StandardCharsets.UTF_8));
  }

  static byte[] xlsx(byte[] table) {
    return replaced(XLSX_PARTS, XLSX_TABLE, table);
  }

  static byte[] ods(byte[] table) {
    return replaced(ODS_PARTS, ODS_TABLE, table);
  }

  static byte[] xlsxTable() {
    return XLSX_PARTS.get(XLSX_TABLE);
  }

  static byte[] odsTable() {
    return ODS_PARTS.get(ODS_TABLE);
  }

  private static byte[] writtenXlsx() {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (Workbook book = new Workbook(bytes, "Lehrgang", "1.0")) {
      Worksheet sheet = book.newWorksheet("routes");
      sheet.value(0, 0, "route");
      sheet.value(0, 1, "season");
      for (int row = 1; row < 4; row++) {
        sheet.value(row, 0, "Lake loop");
        sheet.value(row, 1, row * 1.5);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return bytes.toByteArray();
  }

  private static byte[] writtenOds() {
    try {
      Sheet sheet = new Sheet("routes", 3, 2);
      Range range = sheet.getDataRange();
      range.setValues("route", "season", "Lake loop", 3, "Gorge path", 4.5);
      SpreadSheet book = new SpreadSheet();
      book.appendSheet(sheet);
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      book.save(bytes);
      return bytes.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /// The parts in the order in which they are packed.
  private static Map<String, byte[]> parts(byte[] book) {
    try {
      Path file = Files.createTempFile("lehrgang-workbook", ".zip");
      Files.write(file, book);
      Map<String, byte[]> parts = new LinkedHashMap<>();
      try (ZipFile zip = new ZipFile(file.toFile())) {
        for (ZipEntry entry : Collections.list(zip.entries())) {
          parts.put(entry.getName(), zip.getInputStream(entry).readAllBytes());
        }
      }
      Files.delete(file);
      return parts;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static byte[] replaced(Map<String, byte[]> parts, String name, byte[] content) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream out = new ZipOutputStream(bytes)) {
      for (Map.Entry<String, byte[]> part : parts.entrySet()) {
        out.putNextEntry(new ZipEntry(part.getKey()));
        out.write(part.getKey().equals(name) ? content : part.getValue());
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return bytes.toByteArray();
  }
}
