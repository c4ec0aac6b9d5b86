package lehrgang.desktop.desk;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.input.Clipboard;
import lehrgang.core.data.Checked;
import lehrgang.core.data.ShareMatching;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.cases.Kind;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.solutionfile.SolutionFile;
import lehrgang.documents.table.TableImport;

/// Takes a table from the clipboard, says what it was taken for and what was done with its totals,
/// and offers to keep them.
public final class Pasting {
  /// So many lines of one word each are a column and no text.
  private static final int LEAST_ANSWERS = 3;

  private final OpenSolution solution;
  private final Notices notices;

  public Pasting(OpenSolution solution, Notices notices) {
    this.solution = solution;
    this.notices = notices;
  }

  /// Whether a text is more than a single cell, so that pasting it means a table, or a column of
  /// answers.
  public static boolean isTable(String text) {
    String stripped = text.strip();
    boolean separated = stripped.contains("\t") || stripped.contains(";") || stripped.contains(",");
    return stripped.lines().count() >= (separated ? 2 : LEAST_ANSWERS);
  }

  /// Takes the table on the clipboard, or says that there is none.
  public void paste() {
    String text = Clipboard.getSystemClipboard().getString();
    if (text == null || !isTable(text)) {
      notices.say(Words.of("status.no-table"));
      return;
    }
    paste(text);
  }

  /// Puts a table in the place of that of the solution.
  ///
  /// @return whether it was one
  public boolean paste(String text) {
    TableEntry current = solution.now().table();
    Optional<TableImport.Recognised> shares =
        current.form() == TableForm.FREQUENCIES ? TableImport.sharesIn(text) : Optional.empty();
    return shares
        .map(stated -> pasteShares(current, stated.table()))
        .orElseGet(() -> take(TableImport.readAs(current.form(), text), () -> {}));
  }

  /// Begins a solution with a table.
  ///
  /// @return whether it was one; nothing begins if not
  public boolean begin(String text) {
    return take(
        TableImport.readAs(TableForm.TWO_WAY, text), () -> solution.begin(SolutionFile.blank()));
  }

  private boolean take(TableImport.Result result, Runnable before) {
    return switch (result) {
      case TableImport.Unreadable(var problem) -> {
        notices.say(Wording.english().text(problem.sentence()));
        yield false;
      }
      case TableImport.Recognised recognised -> {
        take(recognised, before);
        yield true;
      }
    };
  }

  /// Reads a file that is a table already.
  ///
  /// @param failed told what keeps it from being one
  public static Optional<TableImport.Recognised> read(
      CaseSource file, Kind kind, Consumer<String> failed) {
    try {
      switch (read(kind, file.text())) {
        case TableImport.Unreadable(var problem) ->
            failed.accept(Wording.english().text(problem.sentence()));
        case TableImport.Recognised recognised -> {
          return Optional.of(recognised);
        }
      }
    } catch (FileProblem e) {
      failed.accept(e.getMessage());
    }
    return Optional.empty();
  }

  private static TableImport.Result read(Kind kind, String text) {
    return switch (kind) {
      case LAYERS -> TableImport.readLayers(text);
      case FREQUENCIES -> TableImport.readAs(TableForm.FREQUENCIES, text);
      case TWO_WAY, RECORDS -> TableImport.readAs(TableForm.TWO_WAY, text);
    };
  }

  /// Shares are matched to their categories by label, never by place.
  private boolean pasteShares(TableEntry current, TableEntry pasted) {
    return switch (ShareMatching.match(current, pasted)) {
      case Checked.Bad<TableEntry>(var problems) -> {
        String said =
            problems.stream()
                .map(problem -> Wording.english().text(problem.sentence()))
                .collect(Collectors.joining(" "));
        notices.say(said);
        yield false;
      }
      case Checked.Good<TableEntry>(var table) -> {
        solution.edit("", now -> now.withTable(table));
        notices.say(Words.of("status.shares-matched"));
        yield true;
      }
    };
  }

  /// Takes a table, and says what it was taken for.
  ///
  /// @param before run first; what it says is said too
  public void take(TableImport.Recognised recognised, Runnable before) {
    notices.clear();
    before.run();
    Notice left = notices.now();
    Wording wording = Wording.english();
    TableEntry table = recognised.table();
    String said =
        Stream.concat(
                Stream.of(
                    Words.of(
                        "status.taken-for." + table.form().key(),
                        table.rows().size(),
                        table.columns().size(),
                        table.layers().size())),
                recognised.notes().stream().map(wording::text))
            .collect(Collectors.joining(" "));
    take(recognised.table());
    List<Notice.Offer> offers =
        recognised.withTotals().stream()
            .map(all -> new Notice.Offer(Words.of("table.keep-totals"), () -> take(all)))
            .toList();
    notices.say(new Notice(said, offers).and(left));
  }

  /// Variables that the pasted table does not name keep their names; a table of another form brings
  /// the procedure that reads it.
  private void take(TableEntry table) {
    solution.edit(
        "",
        now -> {
          TableEntry old = now.table();
          Solution next =
              Procedures.of(now.procedure()).forms().contains(table.form())
                  ? now
                  : withProcedureFor(now, table.form());
          return next.withTable(
              table
                  .withVariables(
                      named(table.rowVariable()).orElse(old.rowVariable()),
                      named(table.columnVariable()).orElse(old.columnVariable()))
                  .withLayerVariable(named(table.layerVariable()).orElse(old.layerVariable())));
        });
  }

  private static Solution withProcedureFor(Solution solution, TableForm form) {
    Procedure fitting =
        Procedures.all().stream()
            .filter(procedure -> procedure.forms().contains(form))
            .findFirst()
            .orElseThrow();
    return solution.withProcedure(fitting.id()).withStudentViews(fitting.usualStudentViews());
  }

  private static Optional<String> named(String variable) {
    return Optional.of(variable).filter(name -> !name.isBlank());
  }
}
