package lehrgang.desktop.desk;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.Answer;
import lehrgang.core.marking.AnswerReader;
import lehrgang.core.marking.ClassMarks;
import lehrgang.core.marking.Marker;
import lehrgang.core.marking.SheetMarks;
import lehrgang.core.marking.SlipTexts;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Blanks;
import lehrgang.core.page.Page;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import lehrgang.core.work.Progress;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.marks.AnswersFile;

/// Marks by a solution as it is at one moment, so that it can be done beside the interface.
final class ClassMarking {
  /// So many students with data of their own are marked before anybody would notice: each key makes
  /// its own slips.
  private static final int KEYS_AT_ONCE = 40;

  /// The same of students with the same data: each line may come of slips in all lines before it.
  private static final long PAIRS_OF_LINES_AT_ONCE = 8_000_000;

  private final Solution solution;
  private final Sight.Result result;
  private final Derivation derivation;
  private final Optional<ClassKeys> keys;

  /// Answers may be typed one after the other: what does not depend on them is worked out once.
  private Optional<List<LineId>> asked = Optional.empty();

  private Optional<Marker> ofAsked = Optional.empty();

  /// @param result what the solution was worked out to
  /// @param keys   those of the students, where each has data of their own
  ClassMarking(Solution solution, Sight.Result result, Optional<ClassKeys> keys) {
    this.solution = solution;
    this.result = result;
    this.derivation = result.derivation();
    this.keys = keys;
  }

  /// Whether it marks by this solution, and nothing has become another since.
  boolean isBy(Solution now, Sight.Result worked, Optional<ClassKeys> own) {
    return solution == now && result == worked && keys.equals(own);
  }

  Derivation derivation() {
    return derivation;
  }

  /// Whether each student has data of their own.
  boolean isByKeys() {
    return keys.isPresent();
  }

  /// All that the worksheet asks.
  synchronized List<LineId> asked() {
    if (asked.isEmpty()) {
      Solved solved = new Solved(solution, derivation);
      Page sheet = solved.page(Audience.STUDENT);
      asked = Optional.of(inOrder(Set.copyOf(solved.asked(sheet, Blanks.of(sheet)))));
    }
    return asked.get();
  }

  private synchronized Marker ofAsked() {
    if (ofAsked.isEmpty()) {
      ofAsked = Optional.of(Marker.of(solution, derivation, asked()));
    }
    return ofAsked.get();
  }

  /// Some lines, and all that the worksheet asks besides.
  List<LineId> askedBeside(List<LineId> some) {
    Set<LineId> all = new HashSet<>(asked());
    all.addAll(some);
    return inOrder(all);
  }

  private List<LineId> inOrder(Set<LineId> wanted) {
    return derivation.lines().keySet().stream().filter(wanted::contains).toList();
  }

  /// Answers that were typed, by student and line; they are kept with the solution.
  Map<String, Map<String, String>> typed() {
    return solution.marking().typed();
  }

  /// A student who has no data in the class.
  Optional<String> stranger(AnswersFile found) {
    return keys.flatMap(
        own ->
            found.rows().stream()
                .map(AnswersFile.Row::student)
                .filter(student -> own.of(student).isEmpty())
                .findFirst());
  }

  /// Whether answers are marked before anybody would notice.
  boolean isShort(AnswersFile found) {
    long students = found.rows().size();
    long lines = derivation.lines().size();
    return keys.isPresent()
        ? students <= KEYS_AT_ONCE
        : students * lines * lines <= PAIRS_OF_LINES_AT_ONCE;
  }

  /// The answers of a file, those that were typed in the place of those that stand there.
  ///
  /// @param progress told how many are marked
  Checked of(AnswersFile found, Progress progress) {
    List<LineId> lines = inOrder(new HashSet<>(found.lines()));
    Marker marker = Marker.of(solution, derivation, lines);
    List<SheetMarks> sheets =
        new ArrayList<>(
            found.marks(
                student ->
                    keys.map(own -> own.marker(student, lines, solution.marking())).orElse(marker),
                progress));
    sheets.removeIf(sheet -> typed().containsKey(sheet.student()));
    sheets.addAll(typed(marker));
    return checked(found.name(), lines, sheets);
  }

  /// Only those that were typed.
  Checked ofTyped() {
    return checked(Words.of("check.typed"), asked(), typed(ofAsked()));
  }

  /// Those of nobody in particular.
  Checked of(Map<LineId, String> written) {
    return checked("", asked(), List.of(mark(ofAsked(), "", written)));
  }

  private List<SheetMarks> typed(Marker marker) {
    return typed().entrySet().stream()
        .map(sheet -> mark(marker, sheet.getKey(), byLine(sheet.getValue())))
        .toList();
  }

  private static Map<LineId, String> byLine(Map<String, String> answers) {
    Map<LineId, String> byLine = new LinkedHashMap<>();
    answers.forEach((id, text) -> LineId.parse(id).ifPresent(line -> byLine.put(line, text)));
    return byLine;
  }

  private SheetMarks mark(Marker marker, String student, Map<LineId, String> written) {
    AnswerReader reader =
        new AnswerReader(
            Wording.in(solution.language(), solution.ownWords()), solution.format().style());
    Map<LineId, Answer> read = new LinkedHashMap<>();
    written.forEach(
        (line, text) ->
            derivation
                .find(line)
                .ifPresent(found -> read.put(line, reader.read(text, found.kind()))));
    return marker.mark(student, read);
  }

  private Checked checked(String name, List<LineId> lines, List<SheetMarks> sheets) {
    return new Checked(
        name,
        new ClassMarks(lines, sheets),
        result.whole(),
        new SlipTexts(solution, derivation),
        keys);
  }
}
