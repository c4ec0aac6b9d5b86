package lehrgang.documents.cases;

import de.siegmar.fastcsv.reader.AbstractBaseCsvCallbackHandler;
import de.siegmar.fastcsv.reader.CsvParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/// Takes from the CSV library only the fields that are asked for. A text that stood in the same
/// column before is the same object again, as most columns that are counted hold few.
final class RowHandler extends AbstractBaseCsvCallbackHandler<Row> {
  /// As many as the library allows in records of its own.
  private static final int MOST_FIELDS = 16 * 1024;

  private static final int KNOWN = 64;
  private static final int LONGEST_KNOWN = 60;

  /// A field that stood in a column before.
  private record Known(char[] text, Row.Field field) {}

  private final List<Known[]> known = new ArrayList<>();

  /// By place; what lies beyond is asked for.
  private boolean[] passedOver = {};

  private Row row = new Row();
  private Row before = new Row();

  /// From the next record on, asks for these columns alone; fields beyond the last column of the
  /// file are taken all the same.
  ///
  /// @param those   their places, from 0
  /// @param columns how many the file has, 1 or more
  void ask(int[] those, int columns) {
    passedOver = new boolean[columns];
    // The first field tells whether a line is blank.
    Arrays.fill(passedOver, 1, columns, true);
    for (int column : those) {
      passedOver[column] = false;
    }
  }

  @Override
  protected void handleBegin(long line) {
    Row next = before;
    before = row;
    row = next;
    row.begin(line);
  }

  @Override
  protected void handleField(int place, char[] text, int from, int length, boolean quoted) {
    if (place >= MOST_FIELDS) {
      throw new CsvParseException("more than " + MOST_FIELDS + " fields");
    }
    if (place < passedOver.length && passedOver[place]) {
      row.passOver();
    } else {
      row.add(field(place, text, from, length));
    }
    if (quoted && isOverLines(text, from, length)) {
      row.addLines();
    }
  }

  private static boolean isOverLines(char[] text, int from, int length) {
    for (int i = from; i < from + length; i++) {
      if (text[i] == '\n') {
        return true;
      }
    }
    return false;
  }

  private Row.Field field(int place, char[] text, int from, int length) {
    if (place >= CaseReading.MOST_COLUMNS || length == 0 || length > LONGEST_KNOWN) {
      return Row.Field.of(new String(text, from, length));
    }
    while (known.size() <= place) {
      known.add(new Known[KNOWN]);
    }
    int seat =
        (length + 7 * text[from] + 31 * text[from + length / 2] + 127 * text[from + length - 1])
            & KNOWN - 1;
    Known[] there = known.get(place);
    Known one = there[seat];
    if (one == null
        || !Arrays.equals(one.text(), 0, one.text().length, text, from, from + length)) {
      one =
          new Known(
              Arrays.copyOfRange(text, from, from + length),
              Row.Field.of(new String(text, from, length)));
      there[seat] = one;
    }
    return one.field();
  }

  @Override
  protected Row buildRecord() {
    return row;
  }
}
