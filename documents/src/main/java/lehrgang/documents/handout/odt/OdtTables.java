package lehrgang.documents.handout.odt;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import lehrgang.documents.handout.order.Part;
import lehrgang.documents.handout.order.Part.Entry;
import lehrgang.documents.look.Palette;
import lehrgang.documents.look.Typeface;

/// Tables of a text document.
final class OdtTables {
  private static final double SIZE = 10.5;
  private static final double SMALL = 8.5;
  private static final double PADDING = 14;
  private static final double FIGURE_BY_HAND = 6.6;
  private static final double LONGEST = 130;
  private static final double WIDEST = 480;
  private static final double SHADE = 0.3;

  private final StringBuilder styles =
      new StringBuilder(
          "<style:style style:name=\"Row\" style:family=\"table-row\"><style:table-row-properties"
              + " style:min-row-height=\"0.55cm\" fo:keep-together=\"always\"/></style:style>");
  private int tables;

  /// The styles of columns and cells, which a table brings along.
  String styles() {
    return styles.toString();
  }

  String table(Part.Table table) {
    String name = "Table" + ++tables;
    List<Double> widths = widths(table);
    double sum = widths.stream().mapToDouble(Double::doubleValue).sum();
    double scale = Math.min(1, WIDEST / sum);
    styles.append(
        "<style:style style:name=\"%s\" style:family=\"table\"><style:table-properties style:width=\"%s\" table:align=\"left\" fo:margin-top=\"0.1cm\" fo:margin-bottom=\"0.15cm\" fo:keep-with-next=\"auto\"/></style:style>"
            .formatted(name, OdtFormulas.cm(sum * scale)));
    StringBuilder xml = new StringBuilder();
    xml.append("<table:table table:name=\"%s\" table:style-name=\"%s\">".formatted(name, name));
    for (int column = 0; column < widths.size(); column++) {
      String style = name + "." + (column + 1);
      styles.append(
          "<style:style style:name=\"%s\" style:family=\"table-column\"><style:table-column-properties style:column-width=\"%s\"/></style:style>"
              .formatted(style, OdtFormulas.cm(widths.get(column) * scale)));
      xml.append("<table:table-column table:style-name=\"%s\"/>".formatted(style));
    }
    xml.append("<table:table-header-rows>")
        .append(row(table.head(), table, false))
        .append("</table:table-header-rows>");
    table.body().forEach(row -> xml.append(row(row, table, false)));
    if (!table.foot().isEmpty()) {
      xml.append(row(table.foot(), table, true));
    }
    return xml.append("</table:table>").toString();
  }

  private static List<Double> widths(Part.Table table) {
    List<List<Entry>> rows = new ArrayList<>();
    rows.add(table.head());
    rows.addAll(table.body());
    if (!table.foot().isEmpty()) {
      rows.add(table.foot());
    }
    List<Double> widths = new ArrayList<>();
    for (int column = 0; column < table.head().size(); column++) {
      int at = column;
      widths.add(rows.stream().mapToDouble(row -> width(row.get(at))).max().orElse(0) + PADDING);
    }
    return widths;
  }

  private static double width(Entry entry) {
    return entry.place() == Part.Place.NUMBER
        ? Math.max(
            Typeface.SERIF_BOLD.width(entry.text(), SIZE), entry.characters() * FIGURE_BY_HAND)
        : Math.min(LONGEST, Typeface.SANS_SEMIBOLD.width(entry.text(), SMALL) * 1.2);
  }

  private String row(List<Entry> entries, Part.Table table, boolean foot) {
    StringBuilder row = new StringBuilder("<table:table-row table:style-name=\"Row\">");
    for (int column = 0; column < entries.size(); column++) {
      boolean total = table.totals() && column == entries.size() - 1;
      row.append(cell(entries.get(column), total, foot));
    }
    return row.append("</table:table-row>").toString();
  }

  private String cell(Entry entry, boolean total, boolean foot) {
    String style = cellStyle(entry, total, foot);
    String words = OdtInline.text(entry.text());
    String paragraph =
        switch (entry.place()) {
          case COLUMN_HEAD -> "Column_20_head";
          case ROW_HEAD, WORDS -> "Row_20_head";
          case NUMBER -> entry.look() == Part.Look.BLANK ? "Blank_20_number" : "Number";
        };
    String shown =
        switch (entry.look()) {
          case ANSWER -> OdtInline.styled("Answer", words);
          case OWN, PICKED, BRACKET, OBSERVED -> OdtInline.styled("Strong", words);
          case TOTAL, NEIGHBOUR -> OdtInline.styled("Faint", words);
          case BLANK -> entry.number() == 0 ? "" : Integer.toString(entry.number());
          case PLAIN, SUMMED -> words;
        };
    return "<table:table-cell table:style-name=\"%s\" office:value-type=\"string\"><text:p text:style-name=\"%s\">%s</text:p></table:table-cell>"
        .formatted(style, paragraph, shown);
  }

  private int cells;

  private String cellStyle(Entry entry, boolean total, boolean foot) {
    String name = "Cell" + ++cells;
    String ink = Palette.hex(Palette.INK.light());
    boolean framed =
        switch (entry.look()) {
          case BLANK, PICKED, BRACKET, OBSERVED -> true;
          default -> false;
        };
    String ground =
        switch (entry.look()) {
          case SUMMED, BRACKET, OBSERVED -> Palette.hex(Palette.REJECTION_SOFT.light());
          default -> entry.shade() == 0 ? "transparent" : shade(entry.shade());
        };
    String borders =
        framed
            ? "fo:border=\"0.5pt solid %s\"".formatted(Palette.hex(Palette.FAINT.light()))
            : "fo:border-top=\"%s\" fo:border-left=\"%s\" fo:border-bottom=\"none\" fo:border-right=\"none\""
                .formatted(
                    foot ? "0.6pt solid " + ink : "none",
                    total && entry.place() == Part.Place.NUMBER ? "0.6pt solid " + ink : "none");
    styles.append(
        String.format(
            Locale.ROOT,
            "<style:style style:name=\"%s\""
                + " style:family=\"table-cell\"><style:table-cell-properties"
                + " style:vertical-align=\"bottom\" fo:padding=\"0.05cm\""
                + " fo:padding-left=\"0.12cm\" fo:padding-right=\"0.12cm\""
                + " fo:background-color=\"%s\" %s/></style:style>",
            name,
            ground,
            borders));
    return name;
  }

  private static String shade(double shade) {
    Palette colour = shade > 0 ? Palette.MORE : Palette.FEWER;
    return Palette.hex(Palette.over(0xFFFFFF, colour.light(), Math.abs(shade) * SHADE));
  }
}
