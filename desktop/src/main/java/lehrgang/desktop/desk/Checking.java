package lehrgang.desktop.desk;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import lehrgang.core.work.Progress;
import lehrgang.desktop.kit.BackgroundWork.Demand;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.cases.CaseFile;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.marks.AnswersFile;

/// The answers of a class against the open solution, marked anew whenever the solution changes.
public final class Checking {
  private final OpenSolution solution;
  private final WorkedOut worked;
  private final Notices notices;
  private final LongWork work;
  private final List<Consumer<Optional<Checked>>> listeners = new ArrayList<>();
  private Optional<CaseFile> answers = Optional.empty();
  private Optional<Read> read = Optional.empty();
  private Optional<ClassKeys> keys = Optional.empty();
  private Optional<ClassMarking> marking = Optional.empty();
  private Optional<Checked> now = Optional.empty();
  private final ReadOnlyBooleanWrapper current = new ReadOnlyBooleanWrapper();
  private boolean inSight;

  /// Answers as they were read.
  ///
  /// @param to the lines that they answer
  private record Read(CaseFile file, Derivation to, AnswersFile answers) {}

  Checking(OpenSolution solution, WorkedOut worked, Notices notices) {
    this.solution = solution;
    this.worked = worked;
    this.notices = notices;
    this.work = new LongWork(notices, Demand.PROCESSOR, solution::session);
    worked.subscribe(_ -> renew());
    solution.listen(
        new OpenSolution.Listener() {
          @Override
          public void replaced() {
            forget();
          }

          @Override
          public void changed(Solution changed) {
            // Marked anew once it is worked out.
            stop();
            current.set(false);
          }
        });
  }

  /// Answers are those to one solution: another one has none yet.
  private void forget() {
    stop();
    answers = Optional.empty();
    keys = Optional.empty();
    marking = Optional.empty();
    show(Optional.empty());
  }

  private void show(Optional<Checked> checked) {
    current.set(checked.isPresent());
    now = checked;
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

  /// Whether the class is marked by the solution as it is now. While it is not, what was marked
  /// before may be looked at and is not handed back.
  public ReadOnlyBooleanProperty current() {
    return current.getReadOnlyProperty();
  }

  /// Whether somebody looks; else nothing is marked anew.
  public void setInSight(boolean looks) {
    inSight = looks;
    renew();
  }

  /// Whether a file holds answers to the open solution, by its name and those of its columns.
  public boolean isAnswers(Path path) {
    return marking()
        .filter(_ -> AnswersFile.ENDINGS.stream().anyMatch(path.toString()::endsWith))
        .filter(
            marking -> {
              try {
                return AnswersFile.isOne(CaseFile.detect(path), marking.derivation());
              } catch (FileProblem e) {
                return false;
              }
            })
        .isPresent();
  }

  /// Takes the solutions of a class in which each student has data of their own: answers are marked
  /// by them from now on, as long as this solution is open.
  ///
  /// @return whether there are any
  public boolean take(ClassKeys found) {
    keys = Optional.of(found).filter(own -> !own.own().isEmpty());
    read = Optional.empty();
    notices.say(Words.of("check.keys", found.own().size()));
    renew();
    return keys.isPresent();
  }

  /// The solutions of a class in which each student has data of their own, where there is one.
  public Optional<ClassKeys> keys() {
    return keys;
  }

  /// Takes answers from a file.
  ///
  /// @param taken told when they could be read
  public void open(Path path, Runnable taken) {
    try {
      take(CaseFile.detect(path), taken);
    } catch (FileProblem e) {
      notices.say(e.getMessage());
    }
  }

  /// Takes answers that were copied from a table.
  ///
  /// @param taken told when they could be read
  public void paste(String text, Runnable taken) {
    try {
      take(CaseFile.pasted(text, Words.of("check.pasted")), taken);
    } catch (FileProblem e) {
      notices.say(e.getMessage());
    }
  }

  private void take(CaseFile file, Runnable taken) {
    worked.whenWorkedOut(
        () ->
            marking()
                .ifPresentOrElse(
                    marking -> take(file, marking, taken), () -> notices.say(Words.of("stale"))));
  }

  private void take(CaseFile file, ClassMarking marking, Runnable taken) {
    try {
      AnswersFile found = read(file, marking.derivation());
      answers = Optional.of(file);
      if (!found.unknown().isEmpty()) {
        notices.say(Words.of("check.unknown", String.join(", ", found.unknown())));
      }
      renew();
      taken.run();
    } catch (FileProblem e) {
      notices.say(e.getMessage());
    }
  }

  /// The same file is read once for the same lines.
  private AnswersFile read(CaseFile file, Derivation derivation) throws FileProblem {
    Optional<Read> known = read.filter(last -> last.file() == file && last.to() == derivation);
    if (known.isPresent()) {
      return known.get().answers();
    }
    Solution current = solution.now();
    AnswersFile found =
        AnswersFile.read(file, derivation, Wording.in(current.language(), current.ownWords()));
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
    return marking().map(marking -> marking.of(written));
  }

  /// What can be typed: what the answers at hand have, or else all that the worksheet asks.
  public List<LineId> asked() {
    return now.map(checked -> checked.marks().lines())
        .or(() -> marking().map(ClassMarking::asked))
        .orElse(List.of());
  }

  /// What the rules are for: what the answers at hand have, and what the worksheet asks besides.
  public List<LineId> ruled() {
    return marking().map(marking -> marking.askedBeside(asked())).orElseGet(this::asked);
  }

  /// By the solution as it is now; empty while it is not worked out.
  private Optional<ClassMarking> marking() {
    Solution current = solution.now();
    marking =
        Optional.of(worked.now())
            .filter(Sight::isCurrent)
            .flatMap(Sight::result)
            .map(
                result ->
                    marking
                        .filter(known -> known.isBy(current, result, keys))
                        .orElseGet(() -> new ClassMarking(current, result, keys)));
    return marking;
  }

  /// Lets go of what is marked beside the window.
  void stop() {
    work.stop();
  }

  private void renew() {
    stop();
    current.set(false);
    if (inSight) {
      marking().ifPresent(this::renew);
    }
  }

  private void renew(ClassMarking marking) {
    if (answers.isEmpty()) {
      show(Optional.of(marking).filter(some -> !some.typed().isEmpty()).map(ClassMarking::ofTyped));
      return;
    }
    try {
      AnswersFile found = read(answers.get(), marking.derivation());
      Optional<String> stranger = marking.stranger(found);
      if (stranger.isPresent()) {
        notices.say(Words.of("check.stranger", found.name(), stranger.get()));
        show(Optional.empty());
      } else if (marking.isShort(found)) {
        show(Optional.of(marking.of(found, Progress.NONE)));
      } else {
        markBeside(marking, found);
      }
    } catch (FileProblem e) {
      notices.say(e.getMessage());
      show(Optional.empty());
    }
  }

  /// What was marked before stays in sight until all is marked.
  private void markBeside(ClassMarking marking, AnswersFile found) {
    int all = found.rows().size();
    String said = marking.isByKeys() ? "check.keys.marking" : "check.marking";
    work.begin(
        LongWork.counted(all, done -> Words.of(said, done, all)),
        progress -> marking.of(found, progress),
        Notice.of(
            Words.of("check.marking.stopped"),
            new Notice.Offer(Words.of("check.marking.again"), this::renew)),
        checked -> show(Optional.of(checked)));
  }
}
