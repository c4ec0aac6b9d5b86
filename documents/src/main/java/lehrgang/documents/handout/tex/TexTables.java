package lehrgang.documents.handout.tex;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lehrgang.documents.handout.order.Part;
import lehrgang.documents.handout.order.Part.Entry;

/// Tables in the commands of LaTeX.
final class TexTables {
  private static final int MANY = 9;
  private static final int LONG_LINE = 60;
  private static final int LONG = 26;

  private TexTables() {}

  /// @param title as it is set; may be empty
  static String of(Part.Table table, String title) {
    int columns = table.head().size();
    boolean broken = table.body().size() > LONG;
    String form =
        "@{}l"
            + "r".repeat(Math.max(0, columns - (table.totals() ? 2 : 1)))
            + (table.totals() ? "|r" : "")
            + "@{}";
    StringBuilder tex = new StringBuilder();
    tex.append(broken ? "\\begin{longtable}[l]{" : "\\begin{tabular}[t]{")
        .append(form)
        .append("}\n");
    if (!title.isEmpty()) {
      tex.append("\\multicolumn{%d}{@{}l}{\\tabletitle{%s}}\\\\\n".formatted(columns, title));
    }
    tex.append(row(table.head())).append(broken ? "\\endhead\n" : "");
    table.body().forEach(row -> tex.append(row(row)));
    if (!table.foot().isEmpty()) {
      tex.append("\\hline\n").append(row(table.foot()));
    }
    tex.append(broken ? "\\end{longtable}" : "\\end{tabular}");
    return isWide(table) && !broken ? "\\fitted{" + tex + "}" : tex.toString();
  }

  /// Whether it may be wider than the page: then it is measured, and set smaller where it is.
  private static boolean isWide(Part.Table table) {
    int signs = 0;
    for (int column = 0; column < table.head().size(); column++) {
      int at = column;
      signs +=
          Stream.concat(Stream.of(table.head()), table.body().stream())
              .filter(row -> row.size() > at)
              .mapToInt(row -> row.get(at).text().length())
              .max()
              .orElse(0);
    }
    return table.head().size() > MANY || signs > LONG_LINE;
  }

  private static String row(List<Entry> entries) {
    return entries.stream().map(TexTables::entry).collect(Collectors.joining(" & ")) + " \\\\\n";
  }

  private static String entry(Entry entry) {
    String words = TexText.of(entry.text());
    if (entry.place() != Part.Place.NUMBER) {
      return words.isEmpty()
          ? ""
          : entry.place() == Part.Place.COLUMN_HEAD
              ? "\\columnhead{" + words + "}"
              : "\\rowhead{" + words + "}";
    }
    return switch (entry.look()) {
      case BLANK ->
          "\\blank{%s}{%s}"
              .formatted(
                  entry.number() == 0 ? "" : Integer.toString(entry.number()),
                  byHand(entry.characters()));
      case ANSWER -> "\\answer{" + words + "}";
      case PICKED, BRACKET, OBSERVED -> "\\picked{" + words + "}";
      case OWN -> "\\textbf{" + words + "}";
      case NEIGHBOUR, TOTAL -> "\\faint{" + words + "}";
      case SUMMED -> "\\summed{" + words + "}";
      case PLAIN -> words;
    };
  }

  /// Room for so many figures, in ems.
  static String byHand(int characters) {
    return String.format(Locale.ROOT, "%.1f", characters * 0.62 + 0.6);
  }
}
