package lehrgang.documents.cases;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.CharacterCodingException;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.stream.IntStream;
import lehrgang.core.cases.Spellings;
import lehrgang.core.wording.Phrase;
import lehrgang.core.work.Progress;
import lehrgang.documents.file.FileProblem;

/// One way through a file of records, from the first to the last.
final class CasePass implements AutoCloseable {
  /// Progress is told, and a stop looked for, every so many records.
  private static final int LOOK_UP = 4096;

  private final Path path;
  private final String name;
  private final CaseFormat format;
  private final CaseText text;
  private final RowHandler handler = new RowHandler();
  private final CsvReader<Row> reader;
  private final Iterator<Row> rows;
  private final Progress progress;
  private final List<String> columns;
  private Row row;
  private boolean waiting;
  private long number;

  /// Opens the file and reads the names of its columns.
  ///
  /// @param name what it is called in sentences
  /// @throws FileProblem if it cannot be read, or holds no records
  CasePass(Path path, String name, CaseFormat format, Progress progress) throws FileProblem {
    this.path = path;
    this.name = name;
    this.format = format;
    this.progress = progress;
    try {
      text = new CaseText(path, format.charset());
      reader = CaseReading.rows(text.reader(), format.separator(), format.quotes(), handler);
      rows = reader.iterator();
    } catch (IOException e) {
      throw new FileProblem(Phrase.of("file.gone").with("file", path.toString()), e);
    }
    try {
      columns = head();
    } catch (FileProblem e) {
      close();
      throw e;
    }
    waiting = format.head() == CaseFormat.Head.NONE;
  }

  private List<String> head() throws FileProblem {
    if (!fetch()) {
      throw new FileProblem(Phrase.of("cases.none").with("file", name));
    }
    if (row.many() > CaseReading.MOST_COLUMNS) {
      throw new FileProblem(
          Phrase.of("cases.wide")
              .with("file", name)
              .with("columns", row.many())
              .with("most", CaseReading.MOST_COLUMNS));
    }
    return CaseReading.names(row.recorded(), format.head());
  }

  List<String> columns() {
    return columns;
  }

  /// Takes only these columns of the records to come; the others are passed over.
  ///
  /// @param asked their places, from 0
  void ask(int[] asked) {
    handler.ask(asked, columns.size());
  }

  /// The fields of the record at hand, where all were asked for.
  List<String> fields() {
    return row.recorded();
  }

  /// The record at hand, until the next but one is fetched.
  Row row() {
    return row;
  }

  /// Goes to the next row, whatever number of fields it has.
  ///
  /// @return whether there is one
  /// @throws FileProblem if it cannot be taken apart
  boolean nextRow() throws FileProblem {
    boolean there = waiting || fetch();
    waiting = false;
    number++;
    return there;
  }

  /// Goes to the next record.
  ///
  /// @return whether there is one
  /// @throws FileProblem if it cannot be taken apart
  /// @throws CancellationException if it was stopped
  boolean next() throws FileProblem {
    if (waiting) {
      waiting = false;
      number++;
      return true;
    }
    if (!fetch()) {
      return false;
    }
    number++;
    if (number % LOOK_UP == 0) {
      progress.report(text.share());
    }
    int fields = row.many();
    if (fields > columns.size() && !blankFrom(columns.size())) {
      throw new FileProblem(
          Phrase.of("cases.fields")
              .with("file", name)
              .with("record", number)
              .with("fields", fields)
              .with("columns", columns.size()));
    }
    return true;
  }

  private boolean blankFrom(int column) {
    return IntStream.range(column, row.many())
        .allMatch(place -> row.field(place).recorded().isBlank());
  }

  private boolean fetch() throws FileProblem {
    try {
      do {
        if (!rows.hasNext()) {
          checkEnd();
          return false;
        }
        row = rows.next();
      } while (row.many() == 1 && row.field(0).recorded().isBlank());
      return true;
    } catch (CsvParseException e) {
      throw new FileProblem(
          Phrase.of("cases.not-apart-after").with("file", name).with("record", number), e);
    } catch (UncheckedIOException e) {
      throw unreadable(e.getCause());
    }
  }

  /// A field that goes over lines was in quotation marks; where the file then ends without one,
  /// everything after the opening one was swallowed.
  private void checkEnd() throws FileProblem {
    if (row != null && row.endsOverLines() && text.lastSign() != format.quotes().mark()) {
      throw new FileProblem(
          Phrase.of("cases.open-quote").with("file", name).with("record", number));
    }
  }

  private FileProblem unreadable(IOException cause) {
    if (cause instanceof CaseText.Steering found) {
      return new FileProblem(
          Phrase.of("cases.control")
              .with("file", name)
              .with("line", found.line())
              .with("sign", found.getMessage()),
          cause);
    }
    return cause instanceof CharacterCodingException
        ? new FileProblem(
            Phrase.of("cases.encoding")
                .with("file", name)
                .with("encoding", format.charset().name())
                .with("record", number),
            cause)
        : new FileProblem(Phrase.of("cases.not-to-end").with("file", path.toString()), cause);
  }

  /// A field as [Spellings#written] gives it.
  String field(int column) {
    return column < row.many() ? row.field(column).written() : "";
  }

  /// Of the whole file, whatever was read of it.
  String checksum() throws FileProblem {
    try {
      return text.checksum();
    } catch (IOException e) {
      throw unreadable(e);
    }
  }

  @Override
  public void close() throws FileProblem {
    try {
      reader.close();
    } catch (IOException e) {
      throw new FileProblem(Phrase.of("cases.not-closed").with("file", path.toString()), e);
    }
  }
}
