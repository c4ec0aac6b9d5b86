package lehrgang.documents.handout.order;

import java.util.ArrayList;
import java.util.List;
import lehrgang.core.page.PageBlock;
import lehrgang.core.wording.Wording;

/// The printed tables that stand at the end of a document, each once.
public final class PrintedTables {
  private final List<PageBlock.Excerpt> tables = new ArrayList<>();

  /// @return whether it was not there before
  public boolean add(PageBlock.Excerpt table) {
    boolean isNew =
        tables.stream()
            .noneMatch(
                other ->
                    other.corner().equals(table.corner()) && other.rows().equals(table.rows()));
    if (isNew) {
      tables.add(table);
    }
    return isNew;
  }

  /// In the order in which they are needed.
  public List<PageBlock.Excerpt> all() {
    return List.copyOf(tables);
  }

  /// What a printed table is called.
  public static String title(PageBlock.Excerpt table, Wording wording) {
    return wording.text(
        table.corner().equals("z") ? "sheet.table-normal" : "sheet.table-chi-squared");
  }
}
