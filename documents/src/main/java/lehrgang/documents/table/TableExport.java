package lehrgang.documents.table;

import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import lehrgang.core.page.Appearance;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.page.PageBlock.GridCell;
import lehrgang.core.wording.Span;
import lehrgang.documents.report.FullDigits;

/// A table of a solution on its way to another program: as text with tabs, as HTML, or as CSV.
///
/// Labels that another program would run as a formula get an apostrophe before them.
public final class TableExport {
  /// How the numbers are written.
  public enum Digits {
    /// As on the page.
    SHOWN,
    /// With at least 15 significant digits and a decimal point.
    FULL
  }

  private final List<List<String>> lines = new ArrayList<>();
  private final Page page;
  private final Digits digits;

  /// @param page that the table stands on
  public TableExport(Page page, Grid grid, Digits digits) {
    this.page = page;
    this.digits = digits;
    boolean totals = !grid.rowTotals().isEmpty();
    List<String> head = new ArrayList<>(List.of(Defused.label(Span.plain(grid.title()))));
    grid.columns().forEach(column -> head.add(Defused.label(column)));
    if (totals) {
      head.add(Defused.label(grid.totalLabel()));
    }
    lines.add(head);
    for (int i = 0; i < grid.rows().size(); i++) {
      List<String> line = new ArrayList<>(List.of(Defused.label(grid.rows().get(i))));
      grid.cells().get(i).forEach(cell -> line.add(number(cell)));
      if (totals) {
        line.add(number(grid.rowTotals().get(i)));
      }
      lines.add(line);
    }
    if (!grid.columnTotals().isEmpty()) {
      List<String> foot = new ArrayList<>(List.of(Defused.label(grid.totalLabel())));
      grid.columnTotals().forEach(cell -> foot.add(number(cell)));
      Optional<GridCell> grand = grid.grandTotal().filter(_ -> totals);
      grand.ifPresent(cell -> foot.add(number(cell)));
      lines.add(foot);
    }
  }

  private String number(GridCell cell) {
    if (cell.appearance() == Appearance.BLANK) {
      return "";
    }
    return digits == Digits.FULL
        ? page.value(cell.line()).map(FullDigits::of).orElse("")
        : cell.text();
  }

  /// A row a line, tabs between its cells.
  public String tabs() {
    return lines.stream()
        .map(
            line ->
                line.stream()
                    .map(cell -> cell.replaceAll("[\\t\\r\\n]+", " "))
                    .collect(Collectors.joining("\t")))
        .collect(Collectors.joining("\n", "", "\n"));
  }

  public String html() {
    StringBuilder html = new StringBuilder("<table>");
    for (int i = 0; i < lines.size(); i++) {
      html.append("<tr>");
      for (int j = 0; j < lines.get(i).size(); j++) {
        String tag = i == 0 || j == 0 ? "th" : "td";
        html.append("<%s>%s</%s>".formatted(tag, escape(lines.get(i).get(j)), tag));
      }
      html.append("</tr>");
    }
    return html.append("</table>").toString();
  }

  private static String escape(String text) {
    return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
  }

  public String csv() {
    StringWriter text = new StringWriter();
    try (CsvWriter writer = CsvWriter.builder().build(text)) {
      lines.forEach(writer::writeRecord);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString();
  }
}
