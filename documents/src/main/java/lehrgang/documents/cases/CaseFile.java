package lehrgang.documents.cases;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import java.io.BufferedInputStream;
import java.io.FilterInputStream;
import java.io.FilterReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.zip.CRC32C;
import java.util.zip.CheckedInputStream;
import java.util.zip.Checksum;
import lehrgang.core.cases.CaseTable;
import lehrgang.core.cases.DecimalSign;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.cases.RecipeStep;
import lehrgang.core.cases.Records;
import lehrgang.core.cases.Tallier;
import lehrgang.core.cases.Tally;
import lehrgang.core.data.Checked;
import lehrgang.documents.solutionfile.FileProblem;

/// A text file of records: one line a subject, one field a column.
///
/// Small files are read into memory and stay with the solution; large ones are counted as they pass
/// by and stay where they are.
public final class CaseFile implements CaseSource {
  /// Up to so many records stay with the solution.
  public static final int MOST_KEPT = 100_000;

  /// How a packed file, such as a workbook, begins.
  private static final byte[] PACKED = {'P', 'K', 3, 4};

  private static final int BEGINNING = 1 << 16;
  private static final int SAMPLE = 200;
  private static final long LONGEST_TABLE = 1 << 20;
  private static final int LOOK_UP = 4096;

  private final Path path;
  private final String name;
  private final CaseFormat format;

  private CaseFile(Path path, String name, CaseFormat format) {
    this.path = path;
    this.name = name;
    this.format = format;
  }

  public CaseFormat format() {
    return format;
  }

  public Path path() {
    return path;
  }

  public CaseFile withFormat(CaseFormat changed) {
    return new CaseFile(path, name, changed);
  }

  @Override
  public String name() {
    return name;
  }

  /// Finds out how a file is written from its beginning.
  ///
  /// @throws FileProblem if it cannot be read or is no text
  public static CaseFile detect(Path path) throws FileProblem {
    return detect(path, path.getFileName().toString());
  }

  /// @param name what the records are called in sentences
  /// @throws FileProblem if it cannot be read or is no text
  public static CaseFile detect(Path path, String name) throws FileProblem {
    byte[] beginning;
    try (InputStream in = Files.newInputStream(path)) {
      beginning = in.readNBytes(BEGINNING);
    } catch (NoSuchFileException e) {
      throw new FileProblem("There is no file " + path + ": check the name and the folder.", e);
    } catch (IOException e) {
      throw new FileProblem(path + " cannot be read: check that it is a file you may read.", e);
    }
    if (beginning.length == 0) {
      throw new FileProblem(name + " is empty: choose a file with records.");
    }
    CaseFormat format = FormatDetection.of(beginning);
    String text = FormatDetection.decoded(beginning, format.charset());
    if (Arrays.mismatch(beginning, PACKED) >= PACKED.length) {
      throw new FileProblem(
          name + " is a packed file and no text: give a workbook the ending .xlsx or .ods.");
    }
    if (text.indexOf('\u0000') >= 0) {
      throw new FileProblem(
          name + " holds NUL characters and is no text: save it as CSV in UTF-8 and try again.");
    }
    return new CaseFile(path, name, format);
  }

  /// Text from the clipboard, kept in a file of its own until the program ends.
  ///
  /// @param name what the records are called in sentences
  /// @throws FileProblem if it cannot be kept, or is no text
  public static CaseFile pasted(String text, String name) throws FileProblem {
    try {
      Path kept = Files.createTempFile("lehrgang-pasted", ".csv");
      kept.toFile().deleteOnExit();
      Files.writeString(kept, text);
      return detect(kept, name);
    } catch (IOException e) {
      throw new FileProblem("What was pasted could not be kept: save it as a file first.", e);
    }
  }

  /// The columns and the first records.
  ///
  /// @throws FileProblem if the file cannot be read in this format
  @Override
  public CaseTable sample() throws FileProblem {
    return read(SAMPLE, Progress.NONE).cases();
  }

  private record Taken(CaseTable cases, boolean whole) {}

  private Taken read(int most, Progress progress) throws FileProblem {
    try (Pass pass = new Pass(progress)) {
      CaseTable.Collector collector = new CaseTable.Collector(pass.columns);
      while (collector.size() < most && pass.next()) {
        collector.add(pass.row.getFields());
      }
      return new Taken(collector.finish(), collector.size() < most || !pass.next());
    }
  }

  /// Counts the records by a recipe; where there are few enough they stay with the solution.
  ///
  /// @throws FileProblem if the file cannot be read in this format
  /// @throws CancellationException if it was stopped
  @Override
  public Checked<Origin> count(Recipe recipe, Progress progress) throws FileProblem {
    Taken taken = read(MOST_KEPT, progress);
    return taken.whole()
        ? Origin.count(new Records.Kept(name(), format.sign(), taken.cases()), recipe)
        : countInFile(recipe, progress);
  }

  /// Counts the records as they pass by, and leaves them in their file.
  ///
  /// @throws FileProblem if the file cannot be read in this format
  /// @throws CancellationException if it was stopped
  public Checked<Origin> countInFile(Recipe recipe, Progress progress) throws FileProblem {
    try (Pass pass = new Pass(progress)) {
      return switch (Tallier.of(pass.columns, format.sign(), recipe)) {
        case Checked.Bad<Tallier>(var problems) -> new Checked.Bad<>(problems);
        case Checked.Good<Tallier>(var tallier) -> {
          while (pass.next()) {
            tallier.add(pass::field);
          }
          Records records =
              new Records.InFile(
                  name(),
                  format.sign(),
                  pass.columns,
                  path.toAbsolutePath().toString(),
                  pass.checksum(),
                  format.written());
          yield switch (tallier.result()) {
            case Checked.Bad<Tally>(var problems) -> new Checked.Bad<>(problems);
            case Checked.Good<Tally>(var tally) ->
                new Checked.Good<>(new Origin(records, recipe, tally));
          };
        }
      };
    }
  }

  /// The values that a column has after some steps, the most frequent first.
  ///
  /// @return nothing if a step or the column does not fit
  /// @throws FileProblem if the file cannot be read in this format
  public Map<String, Long> values(List<RecipeStep> steps, String column, Progress progress)
      throws FileProblem {
    try (Pass pass = new Pass(progress)) {
      Recipe recipe = new Recipe(steps, Recipe.Count.one(column));
      if (!(Tallier.of(pass.columns, format.sign(), recipe)
          instanceof Checked.Good<Tallier>(var tallier))) {
        return Map.of();
      }
      while (pass.next()) {
        tallier.add(pass::field);
      }
      return tallier.values();
    }
  }

  /// The file of records that a solution left where they were.
  public static CaseFile of(Records.InFile records) {
    return new CaseFile(
        Path.of(records.path()), records.name(), CaseFormat.of(records.format(), records.sign()));
  }

  /// A checksum of what the file holds, and its length; enough to see that it was changed.
  ///
  /// @throws FileProblem if it cannot be read
  public String checksum(Progress progress) throws FileProblem {
    try (Pass pass = new Pass(progress)) {
      return pass.checksum();
    }
  }

  /// One way through the file, from the first record to the last.
  private final class Pass implements AutoCloseable {
    private final InputStream in;
    private final Checksum sum = new CRC32C();
    private final Counted counted;
    private final Ending end;
    private final CsvReader<CsvRecord> reader;
    private final java.util.Iterator<CsvRecord> rows;
    private final Progress progress;
    private final long size;
    private final List<String> columns;
    private CsvRecord row;
    private boolean waiting;
    private long number;

    Pass(Progress progress) throws FileProblem {
      this.progress = progress;
      try {
        size = Math.max(1, Files.size(path));
        counted = new Counted(Files.newInputStream(path));
        in = new CheckedInputStream(counted, sum);
        end = new Ending(text(new BufferedInputStream(in, BEGINNING)));
        reader = CaseReading.of(end, format.separator());
        rows = reader.iterator();
      } catch (IOException e) {
        throw new FileProblem(path + " cannot be read: check that it is still there.", e);
      }
      if (!fetch()) {
        close();
        throw new FileProblem(name() + " holds no records: choose another file.");
      }
      if (row.getFieldCount() > CaseReading.MOST_COLUMNS) {
        close();
        throw new FileProblem(
            "%s has %d columns; up to %d can be read: check the separator."
                .formatted(name(), row.getFieldCount(), CaseReading.MOST_COLUMNS));
      }
      columns = CaseReading.names(row.getFields(), format.head());
      waiting = format.head() == CaseFormat.Head.NONE;
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
      java.io.PushbackReader first = new java.io.PushbackReader(decoded, 1);
      int mark = first.read();
      if (mark >= 0 && mark != '\uFEFF') {
        first.unread(mark);
      }
      return first;
    }

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
      int fields = row.getFieldCount();
      if (fields > columns.size() && !blankFrom(columns.size())) {
        throw new FileProblem(
            "%s: record %d has %d fields where there are %d columns; check it for a separator that is not in quotation marks."
                .formatted(name(), number, fields, columns.size()));
      }
      return true;
    }

    private boolean blankFrom(int column) {
      return row.getFields().subList(column, row.getFieldCount()).stream()
          .allMatch(String::isBlank);
    }

    private boolean fetch() throws FileProblem {
      try {
        do {
          if (!rows.hasNext()) {
            checkEnd();
            return false;
          }
          row = rows.next();
        } while (row.getFieldCount() == 1 && row.getField(0).isBlank());
        return true;
      } catch (CsvParseException e) {
        throw new FileProblem(
            "%s cannot be taken apart after record %d: check the separator and the quotation marks there."
                .formatted(name(), number),
            e);
      } catch (UncheckedIOException e) {
        throw unreadable(e.getCause());
      }
    }

    /// A field that goes over lines was in quotation marks; where the file then ends without one,
    /// everything after the opening one was swallowed.
    private void checkEnd() throws FileProblem {
      if (row == null || row.getFieldCount() == 0) {
        return;
      }
      String last = row.getField(row.getFieldCount() - 1);
      if (last.indexOf('\n') >= 0 && end.lastSign != '"') {
        throw new FileProblem(
            "%s: a quotation mark that opens in record %d is not closed; close it, or double it if it belongs to the text."
                .formatted(name(), number));
      }
    }

    private FileProblem unreadable(IOException cause) {
      return cause instanceof CharacterCodingException
          ? new FileProblem(
              "%s is not written in %s, as record %d or one soon after it shows: choose another encoding."
                  .formatted(name(), format.charset().name(), number),
              cause)
          : new FileProblem(path + " could not be read to its end: check the disk.", cause);
    }

    String field(int column) {
      return column < row.getFieldCount() ? row.getField(column) : "";
    }

    /// Of the whole file, whatever was read of it.
    String checksum() throws FileProblem {
      try {
        in.transferTo(java.io.OutputStream.nullOutputStream());
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
        throw new FileProblem(path + " could not be closed.", e);
      }
    }
  }

  /// Keeps the last sign that was read, line ends apart.
  private static final class Ending extends FilterReader {
    private char lastSign;

    Ending(Reader in) {
      super(in);
    }

    @Override
    public int read(char[] buffer, int offset, int length) throws IOException {
      int many = super.read(buffer, offset, length);
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
    private long bytes;

    Counted(InputStream in) {
      super(in);
    }

    @Override
    public int read() throws IOException {
      int one = super.read();
      bytes += one < 0 ? 0 : 1;
      return one;
    }

    @Override
    public int read(byte[] buffer, int offset, int length) throws IOException {
      int many = super.read(buffer, offset, length);
      bytes += Math.max(0, many);
      return many;
    }
  }

  /// The whole file, where it is a table and no longer than a page.
  ///
  /// @throws FileProblem if it cannot be read, or is far too long for that
  @Override
  public String text() throws FileProblem {
    try {
      if (Files.size(path) > LONGEST_TABLE) {
        throw new FileProblem(name() + " is too long for a table: take it for records.");
      }
      return FormatDetection.decoded(Files.readAllBytes(path), format.charset());
    } catch (IOException e) {
      throw new FileProblem(path + " cannot be read: check that it is still there.", e);
    }
  }

  /// How numbers are written in it.
  @Override
  public DecimalSign sign() {
    return format.sign();
  }
}
