package lehrgang.documents.cases;

import de.siegmar.fastcsv.reader.CsvParseException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import lehrgang.core.cases.CaseTable;
import lehrgang.core.cases.DecimalSign;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.cases.RecipeStep;
import lehrgang.core.cases.Records;
import lehrgang.core.cases.Tallier;
import lehrgang.core.cases.Tally;
import lehrgang.core.data.Checked;
import lehrgang.core.wording.Phrase;
import lehrgang.core.work.Progress;
import lehrgang.documents.file.FileProblem;

/// A text file of records: one line a subject, one field a column.
///
/// Small files are read into memory and stay with the solution; large ones are counted as they pass
/// by and stay where they are.
public final class CaseFile implements CaseSource {
  /// Up to so many records stay with the solution.
  public static final int MOST_KEPT = 100_000;

  /// How a packed file, such as a workbook, begins.
  private static final long LONGEST_WHOLE = 100L << 20;
  private static final byte[] PACKED = {'P', 'K', 3, 4};

  private static final int BEGINNING = 1 << 16;
  private static final int SAMPLE = 200;
  private static final long LONGEST_TABLE = 1 << 20;
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
      throw new FileProblem(Phrase.of("file.missing").with("file", path.toString()), e);
    } catch (IOException e) {
      throw new FileProblem(Phrase.of("file.unreadable").with("file", path.toString()), e);
    }
    if (beginning.length == 0) {
      throw new FileProblem(Phrase.of("cases.empty").with("file", name));
    }
    CaseFormat format = FormatDetection.of(beginning);
    String text = FormatDetection.decoded(beginning, format.charset());
    if (Arrays.mismatch(beginning, PACKED) >= PACKED.length) {
      throw new FileProblem(Phrase.of("cases.packed").with("file", name));
    }
    int nul = text.indexOf('\u0000');
    if (nul >= 0) {
      throw new FileProblem(
          Phrase.of("cases.nul")
              .with("file", name)
              .with("line", 1 + text.substring(0, nul).chars().filter(c -> c == '\n').count()));
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
      throw new FileProblem(Phrase.of("cases.not-kept"), e);
    }
  }

  /// The columns and the first records.
  ///
  /// @throws FileProblem if the file cannot be read in this format
  @Override
  public CaseTable sample() throws FileProblem {
    return first(SAMPLE);
  }

  /// The first records, up to so many.
  ///
  /// @throws FileProblem if the file cannot be read in this format
  public CaseTable first(int most) throws FileProblem {
    return read(most, Progress.NONE).cases();
  }

  private record Taken(CaseTable cases, boolean whole) {}

  private Taken read(int most, Progress progress) throws FileProblem {
    try (CasePass pass = new CasePass(path, name(), format, progress)) {
      CaseTable.Collector collector = new CaseTable.Collector(pass.columns());
      while (collector.size() < most && pass.next()) {
        collector.add(pass.fields());
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
    try (CasePass pass = new CasePass(path, name(), format, progress)) {
      return switch (Tallier.of(pass.columns(), format.sign(), recipe)) {
        case Checked.Bad<Tallier>(var problems) -> new Checked.Bad<>(problems);
        case Checked.Good<Tallier>(var tallier) -> {
          pass.ask(tallier.columns());
          while (pass.next()) {
            tallier.add(pass::field);
          }
          Records records =
              new Records.InFile(
                  name(),
                  format.sign(),
                  pass.columns(),
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
    try (CasePass pass = new CasePass(path, name(), format, progress)) {
      Recipe recipe = new Recipe(steps, Recipe.Count.one(column));
      if (!(Tallier.of(pass.columns(), format.sign(), recipe)
          instanceof Checked.Good<Tallier>(var tallier))) {
        return Map.of();
      }
      pass.ask(tallier.columns());
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
    try (CasePass pass = new CasePass(path, name(), format, progress)) {
      return pass.checksum();
    }
  }

  /// The whole file with tabs between its fields, where it is a table and no longer than a page.
  ///
  /// @throws FileProblem if it cannot be read, or is far too long for that
  @Override
  public String text() throws FileProblem {
    try {
      if (Files.size(path) > LONGEST_TABLE) {
        throw new FileProblem(Phrase.of("cases.too-long").with("file", name()));
      }
      String text = FormatDetection.decoded(Files.readAllBytes(path), format.charset());
      return CaseReading.withTabs(text, format);
    } catch (CsvParseException e) {
      throw new FileProblem(Phrase.of("cases.not-apart").with("file", name()), e);
    } catch (IOException e) {
      throw new FileProblem(Phrase.of("file.gone").with("file", path.toString()), e);
    }
  }

  /// A text in the encoding in which it is written: UTF-8, UTF-16 or Windows-1252.
  ///
  /// @throws CharacterCodingException if it begins in one and does not go on in it
  public static String decoded(byte[] text) throws CharacterCodingException {
    Charset charset =
        FormatDetection.of(Arrays.copyOf(text, Math.min(text.length, BEGINNING))).charset();
    String decoded = charset.newDecoder().decode(ByteBuffer.wrap(text)).toString();
    return decoded.startsWith("\uFEFF") ? decoded.substring(1) : decoded;
  }

  /// A row of the file.
  ///
  /// @param line in which it begins, from 1
  public record Row(long line, List<String> fields) {
    public Row {
      fields = List.copyOf(fields);
    }

    /// Refuses what stands beyond the last column: nobody can tell to which column it belongs.
    ///
    /// @param file    its name in the sentence
    /// @param columns how many there are
    /// @throws FileProblem if something stands there
    public void checkWidth(String file, int columns) throws FileProblem {
      if (fields.stream().skip(columns).anyMatch(field -> !field.isBlank())) {
        throw new FileProblem(
            Phrase.of("cases.fields-in-line")
                .with("file", file)
                .with("line", line)
                .with("fields", fields.size())
                .with("columns", columns));
      }
    }
  }

  /// Every row that is not empty, the first with the names of the columns, as long as all fit into
  /// memory many times over. No field goes over several lines: what looks like one is a quotation
  /// mark that was not closed.
  ///
  /// @throws FileProblem if it cannot be read or taken apart, or is far too long
  public List<Row> rows() throws FileProblem {
    try {
      if (Files.size(path) > LONGEST_WHOLE) {
        throw new FileProblem(
            Phrase.of("cases.larger").with("file", name()).with("most", LONGEST_WHOLE >> 20));
      }
    } catch (IOException e) {
      throw new FileProblem(Phrase.of("file.gone").with("file", path.toString()), e);
    }
    List<Row> rows = new ArrayList<>();
    CaseFormat whole = format.withHead(CaseFormat.Head.NONE);
    try (CasePass pass = new CasePass(path, name(), whole, Progress.NONE)) {
      while (pass.nextRow()) {
        if (pass.row().goesOverLines()) {
          throw new FileProblem(
              Phrase.of("cases.over-lines").with("file", name()).with("line", pass.row().line()));
        }
        rows.add(new Row(pass.row().line(), pass.fields()));
      }
    }
    return rows;
  }

  /// How numbers are written in it.
  @Override
  public DecimalSign sign() {
    return format.sign();
  }
}
