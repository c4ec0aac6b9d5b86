package lehrgang.documents.cases;

import java.util.Arrays;
import java.util.List;
import lehrgang.core.cases.Spellings;

/// A record as it stands in a file. It is filled anew for the record after the next.
final class Row {
  private Field[] fields = new Field[16];
  private int many;

  /// How many fields there were with the last one that goes over lines.
  private int overLines;

  private long line;

  /// What stands in a field.
  ///
  /// @param recorded as it stands there
  /// @param written  as [Spellings#written] gives it
  record Field(String recorded, String written) {
    static Field of(String recorded) {
      return new Field(recorded, Spellings.written(recorded));
    }
  }

  /// Begins a record.
  ///
  /// @param begun the line of the file in which it begins, from 1
  void begin(long begun) {
    line = begun;
    many = 0;
    overLines = 0;
  }

  /// The line of the file in which it begins, from 1.
  long line() {
    return line;
  }

  void add(Field field) {
    if (many >= fields.length) {
      fields = Arrays.copyOf(fields, Math.max(many + 1, 2 * fields.length));
    }
    fields[many++] = field;
  }

  /// Adds a field that nobody asks for.
  void passOver() {
    many++;
  }

  /// The field that was added last goes over several lines.
  void addLines() {
    overLines = many;
  }

  /// How many fields it has.
  int many() {
    return many;
  }

  /// A field that was not passed over.
  ///
  /// @throws IndexOutOfBoundsException if there is no such field
  Field field(int column) {
    if (column >= many) {
      throw new IndexOutOfBoundsException(column);
    }
    return fields[column];
  }

  /// Whether some field goes over several lines.
  boolean goesOverLines() {
    return overLines > 0;
  }

  /// Whether the last field goes over several lines.
  boolean endsOverLines() {
    return many > 0 && overLines == many;
  }

  /// All fields as they were recorded, where none was passed over.
  List<String> recorded() {
    return Arrays.stream(fields, 0, many).map(Field::recorded).toList();
  }
}
