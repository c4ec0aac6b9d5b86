package lehrgang.documents.cases;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.util.ArrayList;
import java.util.List;
import lehrgang.core.cases.Spellings;
import lehrgang.documents.delimited.Quotes;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/// The fields that are asked for are those that the CSV library finds, whatever else is passed
/// over.
class RowHandlerTest {
  private static final int COLUMNS = 5;

  @Provide
  Arbitrary<List<List<String>>> records() {
    Arbitrary<String> fields =
        Arbitraries.oneOf(
            Arbitraries.of("Gorge path", "Gorge pat", "Lake loop", " Lake loop ", "Zoe\u0308", "7"),
            Arbitraries.strings().withChars("ab,\"\n ;\r").ofMaxLength(6),
            Arbitraries.strings().alpha().ofMinLength(50).ofMaxLength(80));
    return fields.list().ofMinSize(1).ofMaxSize(7).list().ofMinSize(1).ofMaxSize(40);
  }

  private static String text(List<List<String>> records) {
    StringWriter text = new StringWriter();
    try (CsvWriter writer = CsvWriter.builder().build(text)) {
      records.forEach(writer::writeRecord);
    } catch (IOException e) {
      throw new AssertionError(e);
    }
    return text.toString();
  }

  private static List<CsvRecord> byTheLibrary(String text) throws IOException {
    try (CsvReader<CsvRecord> reader = CaseReading.of(new StringReader(text), ',', Quotes.DOUBLE)) {
      return reader.stream().toList();
    }
  }

  @Property(tries = 150)
  void everyFieldIsTheLibrarys(@ForAll("records") List<List<String>> records) throws IOException {
    String text = text(records);
    List<List<String>> taken = new ArrayList<>();
    try (CsvReader<Row> reader =
        CaseReading.rows(new StringReader(text), ',', Quotes.DOUBLE, new RowHandler())) {
      reader.forEach(row -> taken.add(row.recorded()));
    }
    assertThat(taken).isEqualTo(byTheLibrary(text).stream().map(CsvRecord::getFields).toList());
  }

  /// Columns that are asked for, the first one, and what lies beyond the columns of the file.
  @Property(tries = 150)
  void whatIsAskedForIsThereBesideWhatIsPassedOver(@ForAll("records") List<List<String>> records)
      throws IOException {
    String text = text(records);
    List<CsvRecord> all = byTheLibrary(text);
    RowHandler handler = new RowHandler();
    handler.ask(new int[] {1, 3}, COLUMNS);
    int at = 0;
    try (CsvReader<Row> reader =
        CaseReading.rows(new StringReader(text), ',', Quotes.DOUBLE, handler)) {
      for (Row row : reader) {
        CsvRecord record = all.get(at++);
        assertThat(row.many()).isEqualTo(record.getFieldCount());
        for (int column : List.of(0, 1, 3, 5, 6)) {
          if (column < row.many()) {
            assertThat(row.field(column).recorded()).isEqualTo(record.getField(column));
            assertThat(row.field(column).written())
                .isEqualTo(Spellings.written(record.getField(column)));
          }
        }
        assertThat(row.endsOverLines())
            .isEqualTo(record.getField(record.getFieldCount() - 1).contains("\n"));
      }
    }
    assertThat(at).isEqualTo(all.size());
  }

  /// What stands in a column again and again is one text, so that counting it is quick.
  @Test
  void whatStoodThereBeforeIsTheSameText() throws IOException {
    String text = "Gorge path,a\nLake loop,b\nGorge path,c\n";
    List<Row.Field> routes = new ArrayList<>();
    try (CsvReader<Row> reader =
        CaseReading.rows(new StringReader(text), ',', Quotes.DOUBLE, new RowHandler())) {
      reader.forEach(row -> routes.add(row.field(0)));
    }
    assertThat(routes.get(2)).isSameAs(routes.get(0)).isNotEqualTo(routes.get(1));
  }

  @Test
  void aRecordOfTooManyFieldsIsRefused() throws IOException {
    try (CsvReader<Row> reader =
        CaseReading.rows(
            new StringReader("a" + ",".repeat(20_000) + "\n"),
            ',',
            Quotes.DOUBLE,
            new RowHandler())) {
      assertThatThrownBy(() -> reader.iterator().next()).isInstanceOf(CsvParseException.class);
    }
  }
}
