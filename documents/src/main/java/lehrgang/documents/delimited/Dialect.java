package lehrgang.documents.delimited;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.reader.FieldMismatchStrategy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Pattern;

/// What stands between the fields of a text, and around them. Every text of records, tables,
/// answers or names is taken apart by these rules.
public record Dialect(char separator, Quotes quotes) {
  private static final List<Character> SEPARATORS = List.of('\t', ';', ',', '|');
  private static final String FIELD_BEGINS = "(?:^|(?<=[\\t;,|\\r\\n]))";
  private static final int LINES_LOOKED_AT = 100;

  /// Whether all that follows a quotation mark was taken for one field, because no second one
  /// closes it.
  ///
  /// @param rows what the text was taken apart into
  public boolean endsInOpenQuotes(String text, List<List<String>> rows) {
    return !rows.isEmpty()
        && rows.getLast().getLast().lines().count() > 1
        && !text.stripTrailing().endsWith(Character.toString(quotes.mark()));
  }

  /// How a text is written, as far as it tells.
  ///
  /// @param text whole lines, the beginning or all of it
  public static Dialect of(String text) {
    Quotes quotes = quotes(text);
    Dialect found = new Dialect(separator(text, quotes), quotes);
    Dialect bare = new Dialect(found.separator(), Quotes.NONE);
    return found.sample(text).isEmpty() && areEven(bare.sample(text)) ? bare : found;
  }

  /// The fields of the first lines; none where they cannot be taken apart.
  private List<List<String>> sample(String text) {
    try {
      return rows(text, LINES_LOOKED_AT);
    } catch (CsvParseException e) {
      return List.of();
    }
  }

  /// The library, set for these marks: blank lines are passed over, and lines may have any number
  /// of fields.
  public CsvReader.CsvReaderBuilder reader() {
    return CsvReader.builder()
        .fieldSeparator(separator)
        .quoteCharacter(quotes.mark())
        .skipEmptyLines(true)
        .missingFieldStrategy(FieldMismatchStrategy.IGNORE)
        .extraFieldStrategy(FieldMismatchStrategy.IGNORE);
  }

  /// The fields of the first lines.
  ///
  /// @param most how many lines at most
  /// @throws CsvParseException if the text cannot be taken apart
  public List<List<String>> rows(String text, int most) {
    List<List<String>> rows = new ArrayList<>();
    try (CsvReader<CsvRecord> reader = reader().ofCsvRecord(text)) {
      for (CsvRecord row : reader) {
        rows.add(row.getFields());
        if (rows.size() >= most) {
          break;
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return rows;
  }

  /// Lines that cannot be taken apart with quotation marks, but without, hold marks as part of
  /// their text: *"Old" mill*.
  private static boolean areEven(List<List<String>> rows) {
    return rows.stream().mapToInt(List::size).distinct().count() == 1;
  }

  /// Single marks are taken for quotation marks where more fields stand in them than in double
  /// ones, and no field merely begins with one, as in *’s Heeren path*.
  private static Quotes quotes(String text) {
    long single = inMarks(text, "'");
    return single > inMarks(text, "\"") && single == beginningWith(text, "'")
        ? Quotes.SINGLE
        : Quotes.DOUBLE;
  }

  private static long inMarks(String text, String mark) {
    String field = "%1$s[^%1$s]*+(?:%1$s%1$s[^%1$s]*+)*+%1$s(?=[\\t;,|\\r\\n]|$)".formatted(mark);
    return Pattern.compile(FIELD_BEGINS + field).matcher(text).results().count();
  }

  private static long beginningWith(String text, String mark) {
    return Pattern.compile(FIELD_BEGINS + mark).matcher(text).results().count();
  }

  /// The one that stands equally often in most lines.
  private static char separator(String text, Quotes quotes) {
    List<String> lines =
        text.lines().filter(line -> !line.isBlank()).limit(LINES_LOOKED_AT).toList();
    char best = ',';
    double most = 0;
    for (char candidate : SEPARATORS) {
      List<Long> counts =
          lines.stream().map(line -> outsideQuotes(line, candidate, quotes.mark())).toList();
      long usual =
          counts.stream()
              .filter(count -> count > 0)
              .max(Comparator.comparingLong(count -> counts.stream().filter(count::equals).count()))
              .orElse(0L);
      double agreeing =
          (double) counts.stream().filter(count -> count == usual && count > 0).count()
              / Math.max(1, lines.size());
      if (agreeing > most + 0.05) {
        most = agreeing;
        best = candidate;
      }
    }
    return best;
  }

  private static long outsideQuotes(String line, char wanted, char mark) {
    long found = 0;
    boolean quoted = false;
    for (int i = 0; i < line.length(); i++) {
      char c = line.charAt(i);
      if (c == mark) {
        quoted = !quoted;
      } else if (c == wanted && !quoted) {
        found++;
      }
    }
    return found;
  }
}
