package lehrgang.documents.cases;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import java.io.BufferedInputStream;
import java.io.FilterInputStream;
import java.io.FilterReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.io.PushbackReader;
import java.io.Reader;
import java.io.Serial;
import java.io.UncheckedIOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HexFormat;
import java.util.Iterator;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.stream.IntStream;
import java.util.zip.CRC32C;
import java.util.zip.CheckedInputStream;
import java.util.zip.Checksum;
import lehrgang.core.cases.Spellings;
import lehrgang.core.wording.ControlCharacters;
import lehrgang.core.wording.Phrase;
import lehrgang.documents.file.FileProblem;

/// One way through a file of records, from the first to the last. Another thread decodes ahead.
final class CasePass implements AutoCloseable {
  /// Progress is told, and a stop looked for, every so many records.
  private static final int LOOK_UP = 4096;

  private static final int BUFFER = 1 << 16;

  private static final char DELETE = '\u007f';
  private static final char LAST_CONTROL = '\u009f';

  private final Path path;
  private final String name;
  private final CaseFormat format;
  private final InputStream in;
  private final Checksum sum = new CRC32C();
  private final Counted counted;
  private final Ending end;
  private final ReadAhead ahead;
  private final RowHandler handler = new RowHandler();
  private final CsvReader<Row> reader;
  private final Iterator<Row> rows;
  private final Progress progress;
  private final long size;
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
      size = Math.max(1, Files.size(path));
      counted = new Counted(Files.newInputStream(path));
      in = new CheckedInputStream(counted, sum);
      end = new Ending(text(new BufferedInputStream(in, BUFFER)));
      ahead = new ReadAhead(end);
      reader = CaseReading.rows(ahead, format.separator(), format.quotes(), handler);
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

  private Reader text(InputStream bytes) throws IOException {
    Reader decoded =
        new InputStreamReader(
            bytes,
            format
                .charset()
                .newDecoder()
                .onMalformedInput(CodingErrorAction.REPORT)
                .onUnmappableCharacter(CodingErrorAction.REPORT));
    PushbackReader first = new PushbackReader(decoded, 1);
    int mark = first.read();
    if (mark >= 0 && mark != '\uFEFF') {
      first.unread(mark);
    }
    return first;
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
      progress.at((double) counted.bytes / size);
      if (progress.stopped()) {
        throw new CancellationException();
      }
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
    if (row != null && row.endsOverLines() && end.lastSign != format.quotes().mark()) {
      throw new FileProblem(
          Phrase.of("cases.open-quote").with("file", name).with("record", number));
    }
  }

  private FileProblem unreadable(IOException cause) {
    if (cause instanceof Steering found) {
      return new FileProblem(
          Phrase.of("cases.control")
              .with("file", name)
              .with("line", found.line)
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
    ahead.stop();
    try {
      in.transferTo(OutputStream.nullOutputStream());
    } catch (IOException e) {
      throw unreadable(e);
    }
    return HexFormat.of().toHexDigits(sum.getValue(), 8) + "-" + counted.bytes;
  }

  @Override
  public void close() throws FileProblem {
    try {
      reader.close();
    } catch (IOException e) {
      throw new FileProblem(Phrase.of("cases.not-closed").with("file", path.toString()), e);
    }
  }

  /// A control character stands among the records.
  private static final class Steering extends IOException {
    @Serial private static final long serialVersionUID = 1L;

    private final long line;

    Steering(long line, int character) {
      super(ControlCharacters.name(character));
      this.line = line;
    }
  }

  /// Keeps the last sign that was read, line ends apart, and lets no control character through.
  private static final class Ending extends FilterReader {
    private char lastSign;
    private long line = 1;

    Ending(Reader in) {
      super(in);
    }

    @Override
    public int read(char[] buffer, int offset, int length) throws IOException {
      int many = super.read(buffer, offset, length);
      for (int i = 0; i < many; i++) {
        char sign = buffer[offset + i];
        if (sign == '\n') {
          line++;
        } else if ((sign < ' ' || sign >= DELETE && sign <= LAST_CONTROL)
            && ControlCharacters.isControl(sign)) {
          throw new Steering(line, sign);
        }
      }
      for (int i = many - 1; i >= 0; i--) {
        char sign = buffer[offset + i];
        if (sign != '\n' && sign != '\r') {
          lastSign = sign;
          break;
        }
      }
      return many;
    }
  }

  private static final class Counted extends FilterInputStream {
    /// Grows while another thread reads ahead.
    private volatile long bytes;

    Counted(InputStream in) {
      super(in);
    }

    @Override
    public int read() throws IOException {
      int one = super.read();
      grow(one < 0 ? 0 : 1);
      return one;
    }

    @Override
    public int read(byte[] buffer, int offset, int length) throws IOException {
      int many = super.read(buffer, offset, length);
      grow(Math.max(0, many));
      return many;
    }

    /// One thread reads at a time.
    private void grow(int by) {
      long now = bytes;
      bytes = now + by;
    }
  }
}
