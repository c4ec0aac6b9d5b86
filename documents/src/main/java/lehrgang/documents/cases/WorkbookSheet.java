package lehrgang.documents.cases;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lehrgang.core.cases.CaseTable;
import lehrgang.core.cases.DecimalSign;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.cases.Records;
import lehrgang.core.data.Checked;
import lehrgang.core.wording.Phrase;
import lehrgang.core.work.Progress;
import lehrgang.documents.file.FileProblem;

/// A range of a sheet of a workbook: `.xlsx` or `.ods`.
///
/// Cells are taken as what they hold, formulas as their last result; dates are written as
/// year-month-day.
public final class WorkbookSheet implements CaseSource {
  private static final int SAMPLE = 200;

  private static final int MOST_TABLE_LINES = 200;

  private final String file;
  private final Map<String, List<List<String>>> sheets;
  private final String sheet;
  private final Area area;
  private final CaseFormat.Head head;

  /// Which part of a sheet is taken; lines and columns are counted from 1.
  ///
  /// @param lastLine    empty: to the next blank line
  /// @param firstColumn empty: from the first that holds something
  /// @param lastColumn  empty: to the last that holds something
  public record Area(
      int firstLine,
      Optional<Integer> lastLine,
      Optional<Integer> firstColumn,
      Optional<Integer> lastColumn) {
    /// All of a sheet, to its first blank line.
    public static final Area WHOLE =
        new Area(1, Optional.empty(), Optional.empty(), Optional.empty());

    public Area fromLine(int line) {
      return new Area(line, lastLine.filter(last -> last >= line), firstColumn, lastColumn);
    }

    public Area toLine(Optional<Integer> line) {
      return new Area(firstLine, line, firstColumn, lastColumn);
    }

    public Area fromColumn(Optional<Integer> column) {
      int first = column.orElse(1);
      return new Area(firstLine, lastLine, column, lastColumn.filter(last -> last >= first));
    }

    public Area toColumn(Optional<Integer> column) {
      return new Area(firstLine, lastLine, firstColumn, column);
    }
  }

  private WorkbookSheet(
      String file,
      Map<String, List<List<String>>> sheets,
      String sheet,
      Area area,
      CaseFormat.Head head) {
    this.file = file;
    this.sheets = sheets;
    this.sheet = sheet;
    this.area = area;
    this.head = head;
  }

  /// Opens a workbook at its first sheet that holds something.
  ///
  /// @throws FileProblem if it cannot be read, is not safe to read, or holds nothing
  public static WorkbookSheet open(Path path) throws FileProblem {
    String name = path.getFileName().toString();
    if (!Files.exists(path)) {
      throw new FileProblem(Phrase.of("file.missing").with("file", path.toString()));
    }
    PackedFile.check(path);
    Map<String, List<List<String>>> sheets;
    try {
      sheets = WorkbookLines.of(path);
    } catch (IOException | RuntimeException e) {
      throw new FileProblem(Phrase.of("workbook.unreadable").with("file", name), e);
    }
    sheets.values().removeIf(List::isEmpty);
    if (sheets.isEmpty()) {
      throw new FileProblem(Phrase.of("workbook.empty").with("file", name));
    }
    for (List<List<String>> lines : sheets.values()) {
      int width = lines.stream().mapToInt(List::size).max().orElse(0);
      if (width > CaseReading.MOST_COLUMNS) {
        throw new FileProblem(
            Phrase.of("workbook.wide")
                .with("file", name)
                .with("columns", width)
                .with("most", CaseReading.MOST_COLUMNS));
      }
    }
    String first = sheets.keySet().iterator().next();
    return at(name, sheets, first);
  }

  /// A sheet from the first line of the records: the group of lines that holds the most, and those
  /// before and after it that are filled as it is. What stands above is a heading.
  private static WorkbookSheet at(
      String file, Map<String, List<List<String>>> sheets, String sheet) {
    List<List<String>> lines = sheets.get(sheet);
    List<LineGroup> groups = LineGroup.of(lines);
    int most = LineGroup.fullest(groups);
    int first = most;
    while (first > 0 && groups.get(first - 1).isFilledAs(groups.get(most))) {
      first--;
    }
    int begin = groups.get(first).from();
    return new WorkbookSheet(
        file,
        sheets,
        sheet,
        Area.WHOLE.fromLine(begin + 1),
        FormatDetection.head(lines.subList(begin, lines.size())));
  }

  /// The names of the sheets that hold something.
  public List<String> sheets() {
    return List.copyOf(sheets.keySet());
  }

  public String sheet() {
    return sheet;
  }

  /// The part of the sheet that is taken.
  public Area area() {
    return area;
  }

  /// How many lines the sheet has.
  public int lines() {
    return sheets.get(sheet).size();
  }

  /// What stands in each column of the sheet in the first line that is taken.
  public List<String> heads() {
    List<List<String>> lines = sheets.get(sheet);
    int width = lines.stream().mapToInt(List::size).max().orElse(0);
    List<String> first =
        area.firstLine() <= lines.size() ? lines.get(area.firstLine() - 1) : List.<String>of();
    return IntStream.range(0, width).mapToObj(j -> j < first.size() ? first.get(j) : "").toList();
  }

  public CaseFormat.Head head() {
    return head;
  }

  public WorkbookSheet withSheet(String other) {
    return at(file, sheets, other);
  }

  public WorkbookSheet withArea(Area other) {
    return new WorkbookSheet(file, sheets, sheet, other, head);
  }

  public WorkbookSheet withHead(CaseFormat.Head other) {
    return new WorkbookSheet(file, sheets, sheet, area, other);
  }

  @Override
  public String name() {
    return sheets.size() == 1 ? file : file + ", " + sheet;
  }

  @Override
  public DecimalSign sign() {
    return DecimalSign.POINT;
  }

  /// The groups of lines that are taken; where the area does not say how far it goes, those that
  /// are filled as the first one is.
  private List<LineGroup> taken() {
    List<List<String>> lines =
        sheets.get(sheet).stream()
            .limit(area.lastLine().orElse(Integer.MAX_VALUE))
            .skip(area.firstLine() - 1L)
            .map(this::cut)
            .toList();
    List<LineGroup> groups = LineGroup.of(lines);
    return area.lastLine().isPresent() || groups.isEmpty()
        ? groups
        : groups.stream()
            .takeWhile(group -> group == groups.getFirst() || group.isFilledAs(groups.getFirst()))
            .toList();
  }

  /// The lines and columns of the area, without blank lines.
  private List<List<String>> block() {
    List<List<String>> cut = taken().stream().flatMap(group -> group.lines().stream()).toList();
    int blank =
        area.firstColumn().isPresent()
            ? 0
            : cut.stream()
                .mapToInt(line -> (int) line.stream().takeWhile(String::isBlank).count())
                .min()
                .orElse(0);
    return cut.stream()
        .map(line -> line.subList(Math.min(blank, line.size()), line.size()))
        .toList();
  }

  /// Which blank lines were passed over, and which lines after the last one are not taken.
  @Override
  public List<Phrase> notes() {
    List<Phrase> notes = new ArrayList<>();
    List<LineGroup> taken = taken();
    if (taken.isEmpty()) {
      return notes;
    }
    int blank =
        IntStream.range(1, taken.size())
            .map(k -> taken.get(k).from() - taken.get(k - 1).to())
            .sum();
    if (blank > 0) {
      notes.add(
          Phrase.of(blank == 1 ? "cases.blank-line" : "cases.blank-lines")
              .with("lines", blank)
              .with("first", (long) area.firstLine() + taken.getFirst().to()));
    }
    int end = area.firstLine() - 1 + taken.getLast().to();
    long after =
        sheets.get(sheet).stream().skip(end).filter(line -> !WorkbookLines.isBlank(line)).count();
    if (after > 0) {
      notes.add(
          Phrase.of(after == 1 ? "cases.line-after" : "cases.lines-after")
              .with("lines", after)
              .with("last", end));
    }
    return notes;
  }

  private List<String> cut(List<String> line) {
    int from = Math.min(area.firstColumn().orElse(1) - 1, line.size());
    int to = Math.clamp(area.lastColumn().orElse(line.size()), from, line.size());
    return line.subList(from, to);
  }

  private CaseTable cases(int most) throws FileProblem {
    List<List<String>> lines = block();
    if (lines.isEmpty()) {
      throw new FileProblem(
          Phrase.of("workbook.nothing-there").with("file", name()).with("line", area.firstLine()));
    }
    int width = lines.stream().mapToInt(List::size).max().orElse(0);
    List<String> first = new ArrayList<>(lines.getFirst());
    while (first.size() < width) {
      first.add("");
    }
    CaseTable.Collector collector = new CaseTable.Collector(CaseReading.names(first, head));
    lines.stream().skip(head == CaseFormat.Head.NAMES ? 1 : 0).limit(most).forEach(collector::add);
    return collector.finish();
  }

  @Override
  public CaseTable sample() throws FileProblem {
    return cases(SAMPLE);
  }

  @Override
  public Checked<Origin> count(Recipe recipe, Progress progress) throws FileProblem {
    progress.check();
    if (block().size() > CaseFile.MOST_KEPT) {
      throw new FileProblem(
          Phrase.of("workbook.long").with("file", name()).with("most", CaseFile.MOST_KEPT));
    }
    return Origin.count(new Records.Kept(name(), sign(), cases(Integer.MAX_VALUE)), recipe);
  }

  @Override
  public String text() throws FileProblem {
    List<List<String>> lines = block();
    if (lines.size() > MOST_TABLE_LINES) {
      throw new FileProblem(Phrase.of("cases.too-long").with("file", name()));
    }
    return lines.stream()
        .map(line -> line.stream().map(WorkbookSheet::quoted).collect(Collectors.joining("\t")))
        .collect(Collectors.joining("\n"));
  }

  private static String quoted(String field) {
    return field.matches("(?s).*[\t\n\r\"].*") ? "\"" + field.replace("\"", "\"\"") + "\"" : field;
  }
}
