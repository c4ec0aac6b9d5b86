package lehrgang.documents.cases;

import de.siegmar.fastcsv.reader.CsvParseException;
import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.nio.charset.Charset;
import java.nio.charset.CharsetDecoder;
import java.nio.charset.CoderResult;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import lehrgang.core.cases.DateOrder;
import lehrgang.core.cases.DecimalSign;
import lehrgang.documents.cases.CaseFormat.Head;
import lehrgang.documents.delimited.Dialect;

/// Finds out how a text file is written from its beginning.
final class FormatDetection {
  private static final Pattern COMMA_NUMBER = Pattern.compile("-?[0-9]+,[0-9]+");
  private static final Pattern POINT_NUMBER = Pattern.compile("-?[0-9]+\\.[0-9]+");
  private static final int LINES_LOOKED_AT = 100;

  private FormatDetection() {}

  /// @param beginning of the file
  static CaseFormat of(byte[] beginning) {
    Charset charset = charset(beginning);
    String text = wholeLines(decoded(beginning, charset));
    Dialect dialect = Dialect.of(text);
    List<List<String>> rows = rows(text, dialect);
    return new CaseFormat(
        charset,
        dialect.separator(),
        dialect.quotes(),
        sign(rows, dialect.separator()),
        head(rows));
  }

  private static Charset charset(byte[] bytes) {
    if (bytes.length >= 2 && (bytes[0] & 0xFF) == 0xFF && (bytes[1] & 0xFF) == 0xFE) {
      return StandardCharsets.UTF_16LE;
    }
    if (bytes.length >= 2 && (bytes[0] & 0xFF) == 0xFE && (bytes[1] & 0xFF) == 0xFF) {
      return StandardCharsets.UTF_16BE;
    }
    long nulls = IntStream.range(0, bytes.length).filter(i -> bytes[i] == 0).count();
    if (nulls * 3 > bytes.length) {
      return bytes[0] == 0 ? StandardCharsets.UTF_16BE : StandardCharsets.UTF_16LE;
    }
    return isUtf8(bytes) ? StandardCharsets.UTF_8 : Charset.forName("windows-1252");
  }

  /// The beginning may stop in the middle of a character.
  private static boolean isUtf8(byte[] bytes) {
    CharsetDecoder decoder =
        StandardCharsets.UTF_8
            .newDecoder()
            .onMalformedInput(CodingErrorAction.REPORT)
            .onUnmappableCharacter(CodingErrorAction.REPORT);
    CoderResult result =
        decoder.decode(ByteBuffer.wrap(bytes), CharBuffer.allocate(bytes.length + 1), false);
    return !result.isError();
  }

  static String decoded(byte[] bytes, Charset charset) {
    String text = new String(bytes, charset);
    return text.startsWith("\uFEFF") ? text.substring(1) : text;
  }

  /// The last line may be cut off, and quotation marks with it.
  private static String wholeLines(String text) {
    int end = Math.max(text.lastIndexOf('\n'), text.lastIndexOf('\r'));
    return end > 0 ? text.substring(0, end) : text;
  }

  private static List<List<String>> rows(String text, Dialect dialect) {
    try {
      return dialect.rows(text, LINES_LOOKED_AT);
    } catch (CsvParseException e) {
      return List.of();
    }
  }

  private static DecimalSign sign(List<List<String>> rows, char separator) {
    long commas = matching(rows, COMMA_NUMBER);
    long points = matching(rows, POINT_NUMBER);
    return separator != ',' && commas > points ? DecimalSign.COMMA : DecimalSign.POINT;
  }

  private static long matching(List<List<String>> rows, Pattern pattern) {
    return rows.stream()
        .flatMap(List::stream)
        .filter(field -> pattern.matcher(field.strip()).matches())
        .count();
  }

  /// A first line names columns unless it holds a number or a date, or something that comes again
  /// below it.
  static Head head(List<List<String>> rows) {
    if (rows.isEmpty()) {
      return Head.NAMES;
    }
    List<String> first = rows.getFirst();
    boolean data =
        first.stream()
            .anyMatch(
                field ->
                    DecimalSign.POINT.read(field).isPresent()
                        || DecimalSign.COMMA.read(field).isPresent()
                        || DateOrder.YEAR_MONTH_DAY.read(field).isPresent()
                        || DateOrder.DAY_MONTH_YEAR.read(field).isPresent());
    Set<String> distinct = new HashSet<>(first);
    boolean again =
        IntStream.range(0, first.size())
            .anyMatch(
                j ->
                    !first.get(j).isBlank()
                        && rows.stream()
                            .skip(1)
                            .anyMatch(row -> j < row.size() && row.get(j).equals(first.get(j))));
    return data || again && distinct.size() > 0 ? Head.NONE : Head.NAMES;
  }
}
