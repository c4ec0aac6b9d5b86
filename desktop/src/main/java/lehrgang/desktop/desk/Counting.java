package lehrgang.desktop.desk;

import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.cases.Records;
import lehrgang.core.data.Checked;
import lehrgang.core.data.TableForm;
import lehrgang.core.derivation.Change;
import lehrgang.core.procedure.Changes;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import lehrgang.desktop.kit.BackgroundWork;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.cases.CaseFile;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.cases.Progress;
import lehrgang.documents.file.FileProblem;

/// Counts records into the table of the solution: at once where they are at hand, beside the
/// interface where they are in a file.
public final class Counting {
  private final OpenSolution solution;
  private final Notices notices;
  private Optional<BackgroundWork> work = Optional.empty();

  Counting(OpenSolution solution, Notices notices) {
    this.solution = solution;
    this.notices = notices;
  }

  /// What counting gave, or a sentence that says why it gave nothing.
  private record Result(Optional<Origin> origin, String problem) {
    static Result of(Checked<Origin> counted) {
      return switch (counted) {
        case Checked.Good<Origin>(var origin) -> new Result(Optional.of(origin), "");
        case Checked.Bad<Origin>(var problems) ->
            failed(Wording.english().text(problems.getFirst().sentence()));
      };
    }

    static Result failed(String problem) {
      return new Result(Optional.empty(), problem);
    }
  }

  /// Counts by another recipe; the solution changes only if that makes a table, and if its recipe
  /// has not been changed meanwhile.
  ///
  /// @param failed told why it makes none
  public void recount(Origin origin, Recipe recipe, Consumer<String> failed) {
    switch (origin.records()) {
      case Records.Kept kept -> take(Result.of(Origin.count(kept, recipe)), failed);
      case Records.InFile there ->
          run(
              progress -> CaseFile.of(there).countInFile(recipe, progress),
              unlessChanged(origin, result -> take(result, failed)));
    }
  }

  /// What was counted for a recipe is of no use to another one.
  private Consumer<Result> unlessChanged(Origin before, Consumer<Result> take) {
    return result -> {
      if (solution.now().origin().equals(Optional.of(before))) {
        take.accept(result);
      } else {
        notices.say(Words.of("status.recount-dropped"));
      }
    };
  }

  /// Makes a change that needs the records of a solution counted anew, beside the interface where
  /// they are in a file; any other change at once.
  public void make(Change change) {
    if (!Changes.canBeMade(change, solution.now())) {
      notices.say(Words.of("status.first-mend"));
      return;
    }
    Optional<Recipe> recipe = Changes.recipe(change, solution.now());
    if (recipe.isPresent()
        && solution.now().origin().orElse(null) instanceof Origin before
        && before.records() instanceof Records.InFile there) {
      run(
          progress -> CaseFile.of(there).countInFile(recipe.get(), progress),
          unlessChanged(
              before,
              result ->
                  result
                      .origin()
                      .ifPresentOrElse(
                          origin -> solution.edit("", now -> Changes.counted(change, now, origin)),
                          () -> notices.say(result.problem()))));
    } else {
      solution.edit("", now -> Changes.apply(change, now));
    }
  }

  /// Counts the records of a file.
  ///
  /// @param failed told why they make no table
  /// @param done   called when they do
  public void count(CaseSource file, Recipe recipe, Consumer<String> failed, Runnable done) {
    run(progress -> file.count(recipe, progress), failed, done);
  }

  /// Looks whether the file of records is still what was counted, and says plainly if not.
  public void verify() {
    solution
        .now()
        .origin()
        .ifPresent(
            origin -> {
              if (origin.records() instanceof Records.InFile there) {
                BackgroundWork.begin(
                    solution.session(),
                    (_, _) -> changed(there),
                    BackgroundWork.Listener.<Optional<String>>of(
                        found -> found.ifPresent(sentence -> warn(origin, sentence)),
                        () -> notices.say(Words.of("status.not-verified", there.name()))));
              }
            });
  }

  private static Optional<String> changed(Records.InFile there) {
    try {
      return CaseFile.of(there).checksum(Progress.NONE).equals(there.checksum())
          ? Optional.empty()
          : Optional.of(Words.of("status.records-changed", there.name()));
    } catch (FileProblem e) {
      return Optional.of(Words.of("status.records-gone", there.name(), there.path()));
    }
  }

  private void warn(Origin origin, String sentence) {
    Runnable again = () -> recount(origin, origin.recipe(), notices::say);
    notices.say(Notice.of(sentence, new Notice.Offer(Words.of("status.count-again"), again)));
  }

  private interface Reading {
    Checked<Origin> count(Progress progress) throws FileProblem;
  }

  private void run(Reading reading, Consumer<String> failed, Runnable done) {
    run(
        reading,
        result -> {
          result.origin().ifPresent(_ -> done.run());
          Notice left = notices.now();
          take(result, failed);
          if (!left.offers().isEmpty()) {
            notices.say(left);
          }
        });
  }

  private void run(Reading reading, Consumer<Result> done) {
    stop();
    show(0);
    Consumer<Result> ended =
        result -> {
          notices.clear();
          done.accept(result);
        };
    work =
        Optional.of(
            BackgroundWork.begin(
                solution.session(),
                (progress, stopped) -> result(reading, progress, stopped),
                new BackgroundWork.Listener<>(
                    this::show,
                    ended,
                    () -> ended.accept(Result.failed(Words.of("status.failed"))))));
  }

  private static Result result(Reading reading, DoubleConsumer progress, BooleanSupplier stopped) {
    try {
      return Result.of(reading.count(Progress.of(progress, stopped)));
    } catch (FileProblem e) {
      return Result.failed(e.getMessage());
    } catch (CancellationException e) {
      return Result.failed("");
    }
  }

  private void show(double part) {
    Runnable stop =
        () -> {
          stop();
          notices.clear();
        };
    notices.say(
        Notice.of(
            Words.of("status.counting", Math.round(part * 100) + "\u00a0%"),
            new Notice.Offer(Words.of("status.stop"), stop)));
  }

  private void stop() {
    work.ifPresent(BackgroundWork::stop);
    work = Optional.empty();
  }

  private void take(Result result, Consumer<String> failed) {
    result
        .origin()
        .ifPresentOrElse(
            origin -> solution.edit("", now -> taken(now, origin)),
            () -> failed.accept(result.problem()));
  }

  /// With the counted table, and a procedure that reads it.
  private static Solution taken(Solution solution, Origin origin) {
    TableForm form = origin.tally().table().form();
    boolean paired = origin.recipe().count().form() == Recipe.Form.PAIRED;
    Procedure now = Procedures.of(solution.procedure());
    boolean stays = now.forms().contains(form) && (solution.origin().isPresent() || !paired);
    if (stays) {
      return solution.withOrigin(origin);
    }
    Procedure wanted =
        Procedures.all().stream()
            .filter(procedure -> procedure.forms().contains(form))
            .filter(procedure -> !paired || procedure.paired())
            .filter(procedure -> form != TableForm.SHARES || procedure.groups() > 1)
            .findFirst()
            .orElse(now);
    return solution
        .withProcedure(wanted.id())
        .withStudentViews(wanted.usualStudentViews())
        .withOrigin(origin);
  }
}
