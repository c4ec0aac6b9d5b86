package lehrgang.desktop.desk;

import java.util.Optional;
import java.util.function.Consumer;
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
import lehrgang.core.work.Progress;
import lehrgang.desktop.kit.BackgroundWork;
import lehrgang.desktop.kit.BackgroundWork.Demand;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.cases.CaseFile;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.file.FileProblem;

/// Counts records into the table of the solution: at once where they are at hand, beside the
/// interface where they are in a file.
public final class Counting {
  private final OpenSolution solution;
  private final Notices notices;
  private final LongWork work;
  private final BackgroundWork check;

  Counting(OpenSolution solution, Notices notices) {
    this.solution = solution;
    this.notices = notices;
    this.work = new LongWork(notices, Demand.PROCESSOR, solution::session);
    this.check = new BackgroundWork(Demand.DISK, solution::session);
  }

  /// Counts by another recipe; the solution changes only if that makes a table, and if its recipe
  /// has not been changed meanwhile.
  ///
  /// @param failed told why it makes none
  public void recount(Origin origin, Recipe recipe, Consumer<String> failed) {
    switch (origin.records()) {
      case Records.Kept kept -> take(Origin.count(kept, recipe), failed);
      case Records.InFile there ->
          count(there, recipe, unlessChanged(origin, counted -> take(counted, failed)), failed);
    }
  }

  /// What was counted for a recipe is of no use to another one.
  private Consumer<Checked<Origin>> unlessChanged(Origin before, Consumer<Checked<Origin>> take) {
    return counted -> {
      if (solution.now().origin().equals(Optional.of(before))) {
        take.accept(counted);
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
      count(
          there,
          recipe.get(),
          unlessChanged(
              before,
              counted -> {
                switch (counted) {
                  case Checked.Good<Origin>(var origin) ->
                      solution.edit("", now -> Changes.counted(change, now, origin));
                  case Checked.Bad<Origin> bad -> notices.say(problem(bad));
                }
              }),
          notices::say);
    } else {
      solution.edit("", now -> Changes.apply(change, now));
    }
  }

  /// Counts the records of a file.
  ///
  /// @param failed told why they make no table
  /// @param done   called when they do
  public void count(CaseSource file, Recipe recipe, Consumer<String> failed, Runnable done) {
    begin(
        progress -> file.count(recipe, progress),
        counted -> {
          if (counted instanceof Checked.Good<Origin>) {
            done.run();
          }
          Notice left = notices.now();
          take(counted, failed);
          if (!left.offers().isEmpty()) {
            notices.say(left);
          }
        },
        failed);
  }

  /// Looks whether the file of records is still what was counted, and says plainly if not.
  public void verify() {
    solution
        .now()
        .origin()
        .ifPresent(
            origin -> {
              if (origin.records() instanceof Records.InFile there) {
                check.begin(
                    progress -> changed(there, progress),
                    BackgroundWork.Outcome.of(
                        found -> found.ifPresent(sentence -> warn(origin, sentence)),
                        _ -> notices.say(Words.of("status.not-verified", there.name()))));
              }
            });
  }

  private static Optional<String> changed(Records.InFile there, Progress progress) {
    try {
      return CaseFile.of(there).checksum(progress).equals(there.checksum())
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

  private void count(
      Records.InFile there,
      Recipe recipe,
      Consumer<Checked<Origin>> done,
      Consumer<String> failed) {
    begin(progress -> CaseFile.of(there).countInFile(recipe, progress), done, failed);
  }

  private void begin(
      BackgroundWork.Job<Checked<Origin>> job,
      Consumer<Checked<Origin>> done,
      Consumer<String> failed) {
    work.begin(
        LongWork.percent("status.counting"), job, new LongWork.Outcome<>(done, failed, () -> {}));
  }

  /// Lets go of what is under way.
  void stop() {
    work.stop();
    check.stop();
  }

  private void take(Checked<Origin> counted, Consumer<String> failed) {
    switch (counted) {
      case Checked.Good<Origin>(var origin) -> solution.edit("", now -> taken(now, origin));
      case Checked.Bad<Origin> bad -> failed.accept(problem(bad));
    }
  }

  private static String problem(Checked.Bad<Origin> bad) {
    return Wording.english().text(bad.problems().getFirst().sentence());
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
