package lehrgang.documents.table;

import de.siegmar.fastcsv.reader.CsvParseException;
import java.io.Serial;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import lehrgang.core.cases.Spellings;
import lehrgang.core.wording.ControlCharacters;
import lehrgang.core.wording.Phrase;
import lehrgang.documents.delimited.Dialect;

/// A text as lines of cells, whatever stands between them: tabs, semicolons or commas.
final class TextCells {
  private static final String BYTE_ORDER_MARK = "\uFEFF";

  /// A text that cannot be taken apart.
  static final class Refused extends Exception {
    @Serial private static final long serialVersionUID = 1L;

    private final transient Phrase sentence;

    Refused(Phrase sentence) {
      this.sentence = sentence;
    }

    /// What is wrong with it, and where.
    Phrase sentence() {
      return sentence;
    }
  }

  private TextCells() {}

  /// @throws Refused if a control character stands in the text, or a quotation mark is not closed
  static List<List<String>> of(String text) throws Refused {
    String clean = text.startsWith(BYTE_ORDER_MARK) ? text.substring(1) : text;
    refuseControls(clean);
    List<List<String>> grid = new ArrayList<>();
    try {
      Dialect dialect = Dialect.of(clean);
      List<List<String>> rows = dialect.rows(clean, Integer.MAX_VALUE);
      if (dialect.endsInOpenQuotes(clean, rows)) {
        throw new Refused(Phrase.of("import.quotes"));
      }
      for (List<String> row : rows) {
        List<String> fields = row.stream().map(Spellings::written).toList();
        if (fields.stream().anyMatch(field -> !field.isEmpty())) {
          grid.add(new ArrayList<>(fields));
        }
      }
    } catch (CsvParseException e) {
      throw new Refused(Phrase.of("import.quotes"));
    }
    dropEmptyLastColumns(grid);
    return grid;
  }

  private static void refuseControls(String text) throws Refused {
    List<String> lines = text.lines().toList();
    for (int i = 0; i < lines.size(); i++) {
      OptionalInt control = ControlCharacters.first(lines.get(i));
      if (control.isPresent()) {
        throw new Refused(
            Phrase.of("import.control")
                .with("line", i + 1)
                .with("name", ControlCharacters.name(control.getAsInt())));
      }
    }
  }

  private static void dropEmptyLastColumns(List<List<String>> grid) {
    while (grid.stream().mapToInt(List::size).max().orElse(0) > 0) {
      int last = grid.stream().mapToInt(List::size).max().orElse(0) - 1;
      boolean empty = grid.stream().allMatch(row -> row.size() <= last || row.get(last).isEmpty());
      if (!empty) {
        return;
      }
      grid.stream().filter(row -> row.size() > last).forEach(row -> row.remove(last));
    }
  }
}
