package lehrgang.documents.marks;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.Answer;
import lehrgang.core.marking.Mark;
import lehrgang.core.marking.Points;
import lehrgang.core.marking.SheetMarks;
import lehrgang.core.marking.SlipTexts;
import lehrgang.documents.table.Defused;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.json.JsonMapper;

/// Marks as they go out: a table for whoever keeps the credit, or a document for another program.
public final class MarksFile {
  private static final String FORMAT = "lehrgang-marks/1";

  private static final JsonMapper JSON =
      JsonMapper.builder().disable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY).build();

  private MarksFile() {}

  /// A line for each student: credit, and for each line that was asked the answer as it was
  /// written, the verdict and the slips. Cells that another program would run as a formula are
  /// defused.
  ///
  /// @param lines what was asked, in the order of the columns
  public static String csv(List<LineId> lines, List<SheetMarks> sheets) {
    StringWriter text = new StringWriter();
    try (CsvWriter writer = CsvWriter.builder().build(text)) {
      List<String> head = new ArrayList<>(List.of("student", "credit", "of"));
      lines.forEach(
          line -> head.addAll(List.of(line.toString(), line + " verdict", line + " slip")));
      sheets.stream()
          .limit(1)
          .flatMap(sheet -> sheet.byHand().stream())
          .forEach(step -> head.add(step.step() + " points"));
      writer.writeRecord(head);
      for (SheetMarks sheet : sheets) {
        List<String> row = new ArrayList<>();
        row.add(Defused.cell(sheet.student()));
        row.add(Points.text(sheet.credit()));
        row.add(Points.text(sheet.of()));
        for (Mark mark : sheet.marks()) {
          row.add(Defused.cell(mark.answer().written()));
          row.add(mark.verdict().key());
          row.add(String.join("|", mark.slips()));
        }
        sheet.byHand().forEach(step -> row.add(step.points().map(Points::text).orElse("")));
        writer.writeRecord(row);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString();
  }

  /// What the document holds.
  ///
  /// @param title of the solution
  record Document(
      String format,
      String title,
      String procedure,
      List<LineText> lines,
      List<StudentText> students) {}

  record LineText(String id, BigDecimal of) {}

  record StudentText(
      String student,
      BigDecimal credit,
      BigDecimal of,
      List<AnswerText> answers,
      @JsonInclude(Include.NON_EMPTY) List<ByHandText> byHand) {}

  /// @param points empty for a step that was not marked yet
  record ByHandText(
      String step, @JsonInclude(Include.NON_EMPTY) Optional<BigDecimal> points, BigDecimal of) {}

  /// @param sentences what the student is told of the slips
  /// @param ruled     whether the instructor decided
  record AnswerText(
      String id,
      String written,
      String verdict,
      @JsonInclude(Include.NON_EMPTY) List<String> slips,
      @JsonInclude(Include.NON_EMPTY) List<String> sentences,
      BigDecimal points,
      @JsonInclude(Include.NON_EMPTY) Optional<Boolean> ruled) {}

  /// The same as a document, `lehrgang-marks/1`.
  ///
  /// @param sentences what is said of slips, by student
  public static String json(
      String title,
      String procedure,
      List<SheetMarks> sheets,
      Function<String, SlipTexts> sentences) {
    List<LineText> lines =
        sheets.isEmpty()
            ? List.of()
            : sheets.getFirst().marks().stream()
                .map(mark -> new LineText(mark.line().toString(), number(mark.of())))
                .toList();
    Document document =
        new Document(
            FORMAT,
            title,
            procedure,
            lines,
            sheets.stream()
                .map(sheet -> student(sheet, sentences.apply(sheet.student())))
                .toList());
    return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(document) + "\n";
  }

  private static StudentText student(SheetMarks sheet, SlipTexts sentences) {
    return new StudentText(
        sheet.student(),
        number(sheet.credit()),
        number(sheet.of()),
        sheet.marks().stream().map(mark -> answer(mark, sentences)).toList(),
        sheet.byHand().stream()
            .map(
                step ->
                    new ByHandText(
                        step.step(), step.points().map(MarksFile::number), number(step.of())))
            .toList());
  }

  private static AnswerText answer(Mark mark, SlipTexts sentences) {
    Answer answer = mark.answer();
    return new AnswerText(
        mark.line().toString(),
        answer.written(),
        mark.verdict().key(),
        mark.slips(),
        mark.slips().stream().map(slip -> sentences.sentence(slip, mark)).toList(),
        number(mark.points()),
        mark.ruled() ? Optional.of(true) : Optional.empty());
  }

  private static BigDecimal number(BigDecimal points) {
    return new BigDecimal(Points.text(points));
  }
}
