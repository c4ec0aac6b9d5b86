package lehrgang.desktop;

import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.input.Clipboard;
import lehrgang.core.data.TableEntry;
import lehrgang.core.wording.Wording;
import lehrgang.documents.table.TableImport;

/// Takes a table from the clipboard, says what was done with its totals, and offers to keep them.
final class Pasting {
  private Pasting() {}

  /// Whether a text is more than a single cell, so that pasting it means a table.
  static boolean isTable(String text) {
    String stripped = text.strip();
    return stripped.contains("\n")
        && (stripped.contains("\t") || stripped.contains(";") || stripped.contains(","));
  }

  static void paste(Workbench workbench) {
    String text = Clipboard.getSystemClipboard().getString();
    if (text == null || !isTable(text)) {
      workbench.notice().set(Notice.of(Words.of("status.no-table")));
      return;
    }
    paste(workbench, text);
  }

  static void paste(Workbench workbench, String text) {
    Wording wording = Wording.english();
    switch (TableImport.read(text)) {
      case TableImport.Unreadable(var problem) ->
          workbench.notice().set(Notice.of(wording.text(problem.sentence())));
      case TableImport.Recognised(var table, var notes, var withTotals) -> {
        String said =
            notes.isEmpty()
                ? Words.of("status.pasted")
                : notes.stream().map(wording::text).collect(Collectors.joining(" "));
        take(workbench, table);
        workbench
            .notice()
            .set(
                new Notice(
                    said,
                    withTotals.map(
                        all ->
                            new Notice.Offer(
                                Words.of("table.keep-totals"), () -> take(workbench, all)))));
      }
    }
  }

  /// Variables that the pasted table does not name keep their names.
  private static void take(Workbench workbench, TableEntry table) {
    workbench.edit(
        "",
        solution -> {
          TableEntry old = solution.table();
          return solution.withTable(
              table.withVariables(
                  named(table.rowVariable()).orElse(old.rowVariable()),
                  named(table.columnVariable()).orElse(old.columnVariable())));
        });
  }

  private static Optional<String> named(String variable) {
    return Optional.of(variable).filter(name -> !name.isBlank());
  }
}
