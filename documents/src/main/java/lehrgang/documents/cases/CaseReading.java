package lehrgang.documents.cases;

import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.Reader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import lehrgang.core.cases.Spellings;
import lehrgang.documents.delimited.Dialect;
import lehrgang.documents.delimited.Quotes;

/// The CSV library, set for records as they arrive.
final class CaseReading {
  /// Columns beyond this are no columns, but a file that is something else.
  static final int MOST_COLUMNS = 2000;

  private CaseReading() {}

  static CsvReader<CsvRecord> of(Reader text, char separator, Quotes quotes) {
    return new Dialect(separator, quotes).reader().ofCsvRecord(text);
  }

  static CsvReader<Row> rows(Reader text, char separator, Quotes quotes, RowHandler handler) {
    return new Dialect(separator, quotes).reader().build(handler, text);
  }

  /// A text with tabs between its fields, whatever stood there.
  static String withTabs(String text, CaseFormat format) {
    StringWriter changed = new StringWriter();
    try (CsvWriter writer = CsvWriter.builder().fieldSeparator('\t').build(changed)) {
      new Dialect(format.separator(), format.quotes())
          .rows(text, Integer.MAX_VALUE)
          .forEach(writer::writeRecord);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return changed.toString();
  }

  /// Names for columns: those of the head where there is one, a number for a blank, and a number
  /// after a name that came before.
  static List<String> names(List<String> first, CaseFormat.Head head) {
    List<String> names = new ArrayList<>();
    Set<String> taken = new HashSet<>();
    for (int j = 0; j < first.size(); j++) {
      String given = head == CaseFormat.Head.NAMES ? Spellings.written(first.get(j)) : "";
      String name = given.isEmpty() ? "column " + (j + 1) : given;
      String own = name;
      for (int again = 2; !taken.add(own); again++) {
        own = name + " (" + again + ")";
      }
      names.add(own);
    }
    return names;
  }
}
