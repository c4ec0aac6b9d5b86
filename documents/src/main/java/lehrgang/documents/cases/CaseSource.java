package lehrgang.documents.cases;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import lehrgang.core.cases.CaseTable;
import lehrgang.core.cases.DecimalSign;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.data.Checked;
import lehrgang.core.wording.Phrase;
import lehrgang.core.work.Progress;
import lehrgang.documents.file.FileProblem;

/// A file of data that arrives: text, or a sheet of a workbook.
public sealed interface CaseSource permits CaseFile, WorkbookSheet {
  /// What it is called.
  String name();

  DecimalSign sign();

  /// The columns and the first records.
  ///
  /// @throws FileProblem if it cannot be read
  CaseTable sample() throws FileProblem;

  /// Counts the records by a recipe.
  ///
  /// @throws FileProblem if it cannot be read
  Checked<Origin> count(Recipe recipe, Progress progress) throws FileProblem;

  /// The whole as text with tabs between the fields, where it is a table and no longer than a page.
  ///
  /// @throws FileProblem if it cannot be read, or is far too long for that
  String text() throws FileProblem;

  /// What is to be said of how it is read: lines that are passed over, or not taken.
  default List<Phrase> notes() {
    return List.of();
  }

  /// What the names of files of data end in.
  List<String> ENDINGS = List.of(".csv", ".tsv", ".txt", ".xlsx", ".ods");

  /// Whether a file holds data and not a solution, by its name.
  static boolean isData(Path path) {
    String name = path.getFileName().toString().toLowerCase(Locale.ROOT);
    return ENDINGS.stream().anyMatch(name::endsWith);
  }

  /// Opens a file by its ending; what has no known one is text.
  ///
  /// @throws FileProblem if it cannot be read
  static CaseSource open(Path path) throws FileProblem {
    String name = path.getFileName().toString().toLowerCase(Locale.ROOT);
    return name.endsWith(".xlsx") || name.endsWith(".ods")
        ? WorkbookSheet.open(path)
        : CaseFile.detect(path);
  }
}
