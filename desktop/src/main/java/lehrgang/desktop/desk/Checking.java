package lehrgang.desktop.desk;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
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
import lehrgang.desktop.kit.Words;
import lehrgang.documents.cases.CaseFile;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.marks.AnswersFile;

/// The answers of a class against the open solution, marked anew whenever the solution changes.
public final class Checking {
  private final OpenSolution solution;
  private final WorkedOut worked;
  private final Notices notices;
  private final List<Consumer<Optional<Checked>>> listeners = new ArrayList<>();
  private Optional<CaseFile> answers = Optional.empty();
  private Optional<Read> read = Optional.empty();
  private Optional<ClassKeys> keys = Optional.empty();
  private Optional<Checked> now = Optional.empty();
  private boolean inSight;

  /// Answers as they were read.
  ///
  /// @param to the lines that they answer
  private record Read(CaseFile file, Derivation to, AnswersFile answers) {}

  /// A class that was marked.
  ///
  /// @param name  of the answers
  /// @param page  the whole solution
  /// @param texts what is said of slips
  /// @param keys  those of the students, where each has data of their own
  public record Checked(
      String name, ClassMarks marks, Page page, SlipTexts texts, Optional<ClassKeys> keys) {
    /// The solution by which a student was marked.
    public Page page(String student) {
      return keys.flatMap(own -> own.page(student)).orElse(page);
    }

    /// What is said of a student's slips.
    public SlipTexts texts(String student) {
      return keys.flatMap(own -> own.texts(student)).orElse(texts);
    }
  }

  Checking(OpenSolution solution, WorkedOut worked, Notices notices) {
    this.solution = solution;
    this.worked = worked;
    this.notices = notices;
    worked.subscribe(_ -> renew());
    solution.listen(
        new OpenSolution.Listener() {
          @Override
          public void replaced() {
            forget();
          }

          @Override
          public void changed(Solution changed) {
            // What is worked out anew is marked anew.
          }
        });
  }

  /// Answers are those to one solution: another one has none yet.
  private void forget() {
    answers = Optional.empty();
    keys = Optional.empty();
    now = Optional.empty();
    listeners.forEach(listener -> listener.accept(now));
  }

  /// Calls a listener with the class now, and whenever it is marked anew.
  public void subscribe(Consumer<Optional<Checked>> listener) {
    listeners.add(listener);
    listener.accept(now);
  }

  /// The class as it is marked now; empty where there are no answers.
  public Optional<Checked> now() {
    return now;
  }

  /// Whether somebody looks; else nothing is marked anew.
  public void setInSight(boolean looks) {
    inSight = looks;
    renew();
  }

  /// Whether a file holds answers to the open solution, by its name and those of its columns.
  public boolean isAnswers(Path path) {
    return derivation()
        .filter(_ -> AnswersFile.ENDINGS.stream().anyMatch(path.toString()::endsWith))
        .filter(
            derivation -> {
              try {
                return AnswersFile.isOne(CaseFile.detect(path), derivation);
              } catch (FileProblem e) {
                return false;
              }
            })
        .isPresent();
  }

  /// Takes the solutions of a class in which each student has data of their own: answers are marked
  /// by them from now on, as long as this solution is open.
  ///
  /// @return whether they could be read
  public boolean openKeys(Path folder) {
    try {
      ClassKeys found = ClassKeys.read(folder);
      keys = Optional.of(found).filter(own -> !own.own().isEmpty());
      read = Optional.empty();
      notices.say(Words.of("check.keys", found.own().size()));
      renew();
      return keys.isPresent();
    } catch (FileProblem e) {
      notices.say(e.getMessage());
      return false;
    }
  }

  /// The solutions of a class in which each student has data of their own, where there is one.
  public Optional<ClassKeys> keys() {
    return keys;
  }

  /// Takes answers from a file.
  ///
  /// @return whether they could be read
  public boolean open(Path path) {
    try {
      return take(CaseFile.detect(path));
    } catch (FileProblem e) {
      notices.say(e.getMessage());
      return false;
    }
  }

  /// Takes answers that were copied from a table.
  ///
  /// @return whether they could be read
  public boolean paste(String text) {
    try {
      return take(CaseFile.pasted(text, Words.of("check.pasted")));
    } catch (FileProblem e) {
      notices.say(e.getMessage());
      return false;
    }
  }

  private boolean take(CaseFile file) throws FileProblem {
    Optional<Derivation> derivation = derivation();
    if (derivation.isEmpty()) {
      notices.say(Words.of("stale"));
      return false;
    }
    AnswersFile found = read(file, derivation.get());
    answers = Optional.of(file);
    if (!found.unknown().isEmpty()) {
      notices.say(Words.of("check.unknown", String.join(", ", found.unknown())));
    }
    renew();
    return true;
  }

  /// The same file is read once for the same lines.
  private AnswersFile read(CaseFile file, Derivation derivation) throws FileProblem {
    Optional<Read> known = read.filter(last -> last.file() == file && last.to() == derivation);
    if (known.isPresent()) {
      return known.get().answers();
    }
    AnswersFile found = AnswersFile.read(file, derivation, wording());
    read = Optional.of(new Read(file, derivation, found));
    return found;
  }

  /// Takes answers that were typed.
  ///
  /// @param before what the student was called until now
  public void type(Optional<String> before, String student, Map<LineId, String> answers) {
    Map<String, String> byId = new LinkedHashMap<>();
    answers.forEach((line, text) -> byId.put(line.toString(), text));
    solution.edit(
        "typed " + student, now -> now.withMarking(now.marking().withTyped(before, student, byId)));
  }

  /// What becomes of the answers of nobody in particular to all that the worksheet asks; empty
  /// while the solution is not worked out.
  public Optional<Checked> judge(Map<LineId, String> written) {
    return derivation()
        .map(
            derivation -> {
              List<LineId> lines = askedOf(derivation);
              Marker marker = Marker.of(solution.now(), derivation, lines);
              return checked("", lines, List.of(mark(marker, derivation, "", written)), derivation);
            });
  }

  /// What can be typed: what the answers at hand have, or else all that the worksheet asks.
  public List<LineId> asked() {
    return now.map(checked -> checked.marks().lines())
        .or(() -> derivation().map(this::askedOf))
        .orElse(List.of());
  }

  private List<LineId> askedOf(Derivation derivation) {
    Page sheet = Page.of(solution.now(), derivation, Audience.STUDENT);
    Set<LineId> wanted = new HashSet<>(Blanks.of(sheet).lines());
    wanted.add(derivation.decision());
    return derivation.lines().keySet().stream().filter(wanted::contains).toList();
  }

  private Wording wording() {
    return Wording.in(solution.now().language(), solution.now().ownWords());
  }

  private Optional<Derivation> derivation() {
    return Optional.of(worked.now())
        .filter(Sight::isCurrent)
        .flatMap(Sight::result)
        .map(Sight.Result::derivation);
  }

  private void renew() {
    if (!inSight || derivation().isEmpty()) {
      return;
    }
    now =
        answers.isPresent()
            ? answers.flatMap(this::marked)
            : Optional.of(typed()).filter(some -> !some.isEmpty()).map(_ -> onlyTyped());
    listeners.forEach(listener -> listener.accept(now));
  }

  private Checked onlyTyped() {
    Derivation derivation = derivation().orElseThrow();
    List<LineId> asked = askedOf(derivation);
    Marker marker = Marker.of(solution.now(), derivation, asked);
    return checked(Words.of("check.typed"), asked, typed(marker, derivation), derivation);
  }

  private Checked checked(
      String name, List<LineId> lines, List<SheetMarks> sheets, Derivation derivation) {
    return new Checked(
        name,
        new ClassMarks(lines, sheets),
        worked.now().whole().orElseThrow(),
        new SlipTexts(solution.now(), derivation),
        keys);
  }

  private List<SheetMarks> typed(Marker marker, Derivation derivation) {
    return typed().entrySet().stream()
        .map(sheet -> mark(marker, derivation, sheet.getKey(), byLine(sheet.getValue())))
        .toList();
  }

  /// Answers that were typed, by student and line; they are kept with the solution.
  private Map<String, Map<String, String>> typed() {
    return solution.now().marking().typed();
  }

  private static Map<LineId, String> byLine(Map<String, String> answers) {
    Map<LineId, String> byLine = new LinkedHashMap<>();
    answers.forEach((id, text) -> LineId.parse(id).ifPresent(line -> byLine.put(line, text)));
    return byLine;
  }

  private SheetMarks mark(
      Marker marker, Derivation derivation, String student, Map<LineId, String> written) {
    AnswerReader reader = new AnswerReader(wording(), solution.now().format().style());
    Map<LineId, Answer> read = new LinkedHashMap<>();
    written.forEach(
        (line, text) ->
            derivation
                .find(line)
                .ifPresent(found -> read.put(line, reader.read(text, found.kind()))));
    return marker.mark(student, read);
  }

  /// A student who has no data in the class.
  private Optional<String> stranger(AnswersFile found) {
    return keys.flatMap(
        own ->
            found.rows().stream()
                .map(AnswersFile.Row::student)
                .filter(student -> own.of(student).isEmpty())
                .findFirst());
  }

  private Optional<Checked> marked(CaseFile file) {
    Solution current = solution.now();
    Derivation derivation = derivation().orElseThrow();
    try {
      AnswersFile found = read(file, derivation);
      Set<LineId> wanted = new HashSet<>(found.lines());
      List<LineId> inOrder = derivation.lines().keySet().stream().filter(wanted::contains).toList();
      Marker marker = Marker.of(current, derivation, inOrder);
      Optional<String> stranger = stranger(found);
      if (stranger.isPresent()) {
        notices.say(Words.of("check.stranger", found.name(), stranger.get()));
        return Optional.empty();
      }
      List<SheetMarks> sheets =
          new ArrayList<>(
              found.marks(
                  student ->
                      keys.map(own -> own.marker(student, inOrder, current.marking()))
                          .orElse(marker),
                  _ -> {}));
      sheets.removeIf(sheet -> typed().containsKey(sheet.student()));
      sheets.addAll(typed(marker, derivation));
      return Optional.of(checked(found.name(), inOrder, sheets, derivation));
    } catch (FileProblem e) {
      notices.say(e.getMessage());
      return Optional.empty();
    }
  }
}
