package lehrgang.documents.solutionfile;

import java.util.List;
import java.util.Optional;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;
import lehrgang.core.wording.Phrase;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.solutionfile.SolutionText.TableText;

/// Turns what a file has of a table into one, and back.
final class TableForms {
  /// A count that JSON keeps as a number whoever reads it; any other text is kept as a text.
  private static final String COUNT = "0|[1-9][0-9]{0,14}";

  /// More than this cannot be mended in a window.
  private static final int MOST_CELLS = 20_000;

  private final String name;

  /// @param name the file's name, for sentences
  TableForms(String name) {
    this.name = name;
  }

  /// @throws FileProblem if its parts do not fit each other, or a count is none
  TableEntry read(TableText text) throws FileProblem {
    TableForm form = text.form().orElse(TableForm.TWO_WAY);
    List<String> layers = form == TableForm.LAYERS ? text.layers() : List.of();
    if (form == TableForm.LAYERS && layers.isEmpty()) {
      throw new FileProblem(about("solution.no-layers"));
    }
    long cells = (long) text.counts().size() * text.columns().size();
    if (cells > MOST_CELLS) {
      throw new FileProblem(
          about("solution.large")
              .with("rows", text.counts().size())
              .with("columns", text.columns().size())
              .with("most", TableEntry.MOST_CATEGORIES));
    }
    int needed = text.rows().size() * Math.max(1, layers.size());
    if (text.counts().size() != needed) {
      throw new FileProblem(
          about(layers.isEmpty() ? "solution.rows" : "solution.rows-in-layers")
              .with("rows", text.counts().size())
              .with("needed", needed));
    }
    for (int i = 0; i < needed; i++) {
      if (text.counts().get(i).size() != text.columns().size()) {
        throw new FileProblem(
            about("solution.columns")
                .with("row", i + 1L)
                .with("numbers", text.counts().get(i).size())
                .with("columns", text.columns().size()));
      }
      for (Object count : text.counts().get(i)) {
        if (SolutionForms.typed(count).isEmpty()) {
          throw new FileProblem(
              about("solution.no-count").with("row", i + 1L).with("value", String.valueOf(count)));
        }
      }
    }
    return new TableEntry(
        form,
        text.rowVariable(),
        text.columnVariable(),
        text.layerVariable(),
        text.rows(),
        text.columns(),
        layers,
        text.counts().stream()
            .map(row -> row.stream().flatMap(count -> SolutionForms.typed(count).stream()).toList())
            .toList());
  }

  private Phrase about(String key) {
    return Phrase.of(key).with("file", name);
  }

  static TableText of(TableEntry table) {
    return new TableText(
        Optional.of(table.form()),
        table.rowVariable(),
        table.columnVariable(),
        table.rows(),
        table.columns(),
        table.layers().isEmpty() ? "" : table.layerVariable(),
        table.layers(),
        table.cells().stream().map(row -> row.stream().map(TableForms::count).toList()).toList());
  }

  private static Object count(String typed) {
    return typed.matches(COUNT) ? (Object) Long.valueOf(typed) : typed;
  }
}
