package lehrgang.desktop;

import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.Function;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.cases.Records;
import lehrgang.core.data.Checked;
import lehrgang.core.data.TableEntry.Form;
import lehrgang.core.derivation.Change;
import lehrgang.core.procedure.Changes;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import lehrgang.documents.cases.CaseFile;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.cases.Progress;
import lehrgang.documents.solutionfile.FileProblem;

/// Counts records into the table of the solution: at once where they are at hand, beside the
/// interface where they are in a file.
final class Counting {
  private final Workbench workbench;
  private Optional<BackgroundWork> work = Optional.empty();

  Counting(Workbench workbench) {
    this.workbench = workbench;
  }

  /// What counting gave, or a sentence that says why it gave nothing.
  record Result(Optional<Origin> origin, String problem) {
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

  /// Counts by another recipe; the solution changes only if that makes a table.
  ///
  /// @param failed told why it makes none
  void recount(Origin origin, Recipe recipe, Consumer<String> failed) {
    if (origin.records() instanceof Records.Kept kept) {
      take(Result.of(Origin.count(kept, recipe)), failed);
    } else if (origin.records() instanceof Records.InFile there) {
      run(progress -> CaseFile.of(there).countInFile(recipe, progress), failed, () -> {});
    }
  }

  /// Makes a change that needs the records of a solution counted anew, beside the interface where
  /// they are in a file; any other change at once.
  void make(Change change) {
    Solution solution = workbench.solution().get();
    Optional<Recipe> recipe = Changes.recipe(change, solution);
    if (recipe.isPresent()
        && solution.origin().orElse(null) instanceof Origin(Records.InFile there, _, _)) {
      run(
          progress -> CaseFile.of(there).countInFile(recipe.get(), progress),
          result ->
              result
                  .origin()
                  .ifPresentOrElse(
                      origin -> workbench.edit("", now -> Changes.counted(change, now, origin)),
                      () -> say(result.problem())));
    } else {
      workbench.edit("", now -> Changes.apply(change, now));
    }
  }

  /// Counts the records of a file.
  ///
  /// @param failed told why they make no table
  /// @param done   called when they do
  void count(CaseSource file, Recipe recipe, Consumer<String> failed, Runnable done) {
    run(progress -> file.count(recipe, progress), failed, done);
  }

  /// Looks whether the file of records is still what was counted, and says plainly if not.
  void verify() {
    workbench
        .solution()
        .get()
        .origin()
        .ifPresent(
            origin -> {
              if (origin.records() instanceof Records.InFile there) {
                BackgroundWork.begin(
                    (_, _) -> changed(there),
                    _ -> {},
                    found -> found.ifPresent(sentence -> warn(origin, sentence)));
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
    Runnable again =
        () ->
            recount(origin, origin.recipe(), problem -> workbench.notice().set(Notice.of(problem)));
    workbench
        .notice()
        .set(Notice.of(sentence, new Notice.Offer(Words.of("status.count-again"), again)));
  }

  private interface Reading {
    Checked<Origin> count(Progress progress) throws FileProblem;
  }

  private void run(Reading reading, Consumer<String> failed, Runnable done) {
    run(
        reading,
        result -> {
          result.origin().ifPresent(_ -> done.run());
          Notice left = workbench.notice().get();
          take(result, failed);
          if (!left.offers().isEmpty()) {
            workbench.notice().set(left);
          }
        });
  }

  private void run(Reading reading, Consumer<Result> done) {
    work.ifPresent(BackgroundWork::stop);
    show(0);
    work =
        Optional.of(
            BackgroundWork.begin(
                (progress, stopped) -> result(reading, progress, stopped),
                this::show,
                result -> {
                  workbench.notice().set(Notice.NONE);
                  done.accept(result);
                }));
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
    workbench
        .notice()
        .set(
            Notice.of(
                Words.of("status.counting", Math.round(part * 100) + "\u00a0%"),
                new Notice.Offer(Words.of("status.stop"), this::stop)));
  }

  private void say(String problem) {
    workbench.notice().set(problem.isEmpty() ? Notice.NONE : Notice.of(problem));
  }

  void stop() {
    work.ifPresent(BackgroundWork::stop);
  }

  private void take(Result result, Consumer<String> failed) {
    result
        .origin()
        .ifPresentOrElse(
            origin -> workbench.edit("", solution -> taken(solution, origin)),
            () -> failed.accept(result.problem()));
  }

  /// With the counted table, and a procedure that reads it.
  private static Solution taken(Solution solution, Origin origin) {
    Form form = origin.tally().table().form();
    boolean paired = origin.recipe().count().form() == Recipe.Form.PAIRED;
    Procedure now = Procedures.of(solution.procedure());
    Function<Procedure, Boolean> fits = procedure -> procedure.forms().contains(form);
    boolean stays = fits.apply(now) && (solution.origin().isPresent() || !paired);
    if (stays) {
      return solution.withOrigin(origin);
    }
    Procedure wanted =
        Procedures.all().stream()
            .filter(fits::apply)
            .filter(procedure -> !paired || procedure.paired())
            .filter(procedure -> form != Form.SHARES || procedure.groups() > 1)
            .findFirst()
            .orElse(now);
    return solution
        .withProcedure(wanted.id())
        .withStudentViews(wanted.usualStudentViews())
        .withOrigin(origin);
  }
}
