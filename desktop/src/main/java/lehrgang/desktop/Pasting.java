package lehrgang.desktop;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.input.Clipboard;
import lehrgang.core.data.Checked;
import lehrgang.core.data.ShareMatching;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableEntry.Form;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import lehrgang.documents.cases.CaseSource;
import lehrgang.documents.cases.Kind;
import lehrgang.documents.solutionfile.FileProblem;
import lehrgang.documents.solutionfile.SolutionFile;
import lehrgang.documents.table.TableImport;

/// Takes a table from the clipboard, says what it was taken for and what was done with its totals,
/// and offers to keep them.
final class Pasting {
  /// So many lines of one word each are a column and no text.
  private static final int LEAST_ANSWERS = 3;

  private Pasting() {}

  /// Whether a text is more than a single cell, so that pasting it means a table, or a column of
  /// answers.
  static boolean isTable(String text) {
    String stripped = text.strip();
    boolean separated = stripped.contains("\t") || stripped.contains(";") || stripped.contains(",");
    return stripped.lines().count() >= (separated ? 2 : LEAST_ANSWERS);
  }

  static void paste(Workbench workbench) {
    String text = Clipboard.getSystemClipboard().getString();
    if (text == null || !isTable(text)) {
      workbench.notice().set(Notice.of(Words.of("status.no-table")));
      return;
    }
    paste(workbench, text);
  }

  /// Puts a table in the place of that of the solution.
  ///
  /// @return whether it was one
  static boolean paste(Workbench workbench, String text) {
    TableEntry current = workbench.solution().get().table();
    Optional<TableImport.Recognised> shares =
        current.form() == Form.FREQUENCIES ? TableImport.sharesIn(text) : Optional.empty();
    return shares
        .map(stated -> pasteShares(workbench, current, stated.table()))
        .orElseGet(() -> take(workbench, TableImport.readAs(current.form(), text), () -> {}));
  }

  /// Begins a solution with a table.
  ///
  /// @return whether it was one; nothing begins if not
  static boolean begin(Workbench workbench, String text) {
    return take(
        workbench,
        TableImport.readAs(Form.TWO_WAY, text),
        () -> workbench.begin(SolutionFile.blank()));
  }

  private static boolean take(Workbench workbench, TableImport.Result result, Runnable before) {
    return switch (result) {
      case TableImport.Unreadable(var problem) -> {
        workbench.notice().set(Notice.of(Wording.english().text(problem.sentence())));
        yield false;
      }
      case TableImport.Recognised recognised -> {
        take(workbench, recognised, before);
        yield true;
      }
    };
  }

  /// Reads a file that is a table already.
  ///
  /// @param failed told what keeps it from being one
  static Optional<TableImport.Recognised> read(
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
      case FREQUENCIES -> TableImport.readAs(Form.FREQUENCIES, text);
      case TWO_WAY, RECORDS -> TableImport.readAs(Form.TWO_WAY, text);
    };
  }

  /// Shares are matched to their categories by label, never by place.
  private static boolean pasteShares(Workbench workbench, TableEntry current, TableEntry pasted) {
    return switch (ShareMatching.match(current, pasted)) {
      case Checked.Bad<TableEntry>(var problems) -> {
        String said =
            problems.stream()
                .map(problem -> Wording.english().text(problem.sentence()))
                .collect(Collectors.joining(" "));
        workbench.notice().set(Notice.of(said));
        yield false;
      }
      case Checked.Good<TableEntry>(var table) -> {
        workbench.edit("", solution -> solution.withTable(table));
        workbench.notice().set(Notice.of(Words.of("status.shares-matched")));
        yield true;
      }
    };
  }

  /// Takes a table, and says what it was taken for.
  ///
  /// @param before run first; what it says is said too
  static void take(Workbench workbench, TableImport.Recognised recognised, Runnable before) {
    workbench.notice().set(Notice.NONE);
    before.run();
    Notice left = workbench.notice().get();
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
    take(workbench, recognised.table());
    List<Notice.Offer> offers =
        recognised.withTotals().stream()
            .map(all -> new Notice.Offer(Words.of("table.keep-totals"), () -> take(workbench, all)))
            .toList();
    workbench.notice().set(new Notice(said, offers).and(left));
  }

  /// Variables that the pasted table does not name keep their names; a table of another form brings
  /// the procedure that reads it.
  private static void take(Workbench workbench, TableEntry table) {
    workbench.edit(
        "",
        solution -> {
          TableEntry old = solution.table();
          Solution next =
              Procedures.of(solution.procedure()).forms().contains(table.form())
                  ? solution
                  : withProcedureFor(solution, table.form());
          return next.withTable(
              table
                  .withVariables(
                      named(table.rowVariable()).orElse(old.rowVariable()),
                      named(table.columnVariable()).orElse(old.columnVariable()))
                  .withLayerVariable(named(table.layerVariable()).orElse(old.layerVariable())));
        });
  }

  private static Solution withProcedureFor(Solution solution, Form form) {
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
