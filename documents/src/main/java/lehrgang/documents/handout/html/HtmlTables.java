package lehrgang.documents.handout.html;

import static j2html.TagCreator.bdi;
import static j2html.TagCreator.caption;
import static j2html.TagCreator.each;
import static j2html.TagCreator.iff;
import static j2html.TagCreator.span;
import static j2html.TagCreator.table;
import static j2html.TagCreator.tbody;
import static j2html.TagCreator.td;
import static j2html.TagCreator.tfoot;
import static j2html.TagCreator.th;
import static j2html.TagCreator.thead;
import static j2html.TagCreator.tr;

import j2html.tags.DomContent;
import j2html.tags.Tag;
import j2html.tags.specialized.TdTag;
import j2html.tags.specialized.ThTag;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import lehrgang.documents.handout.order.Part;
import lehrgang.documents.handout.order.Part.Entry;
import lehrgang.documents.handout.order.Part.Look;
import lehrgang.documents.handout.order.Part.Place;
import lehrgang.documents.look.Palette;

/// The tables of a sheet as elements. A label stands by itself, so that one that runs from right to
/// left does not turn its neighbours round.
final class HtmlTables {
  /// Room for a figure that is written by hand, in ems.
  private static final double BY_HAND = 0.78;

  private static final double MARGIN = 1.4;

  /// How much of its ground the strongest shade covers.
  private static final double TINT = 0.3;

  private HtmlTables() {}

  /// @param title as elements; nothing for a table without one
  static DomContent of(Part.Table table, DomContent title, Rooms rooms) {
    return of(table, table.body(), title, rooms);
  }

  /// Some rows of a table.
  static DomContent of(Part.Table table, List<List<Entry>> rows, DomContent title, Rooms rooms) {
    return table(
            iff(!table.title().isEmpty(), caption(title)),
            thead(row(table.head(), table, rooms)),
            tbody(each(rows, row -> row(row, table, rooms))),
            iff(!table.foot().isEmpty(), tfoot(row(table.foot(), table, rooms))))
        .withClass(
            switch (table.kind()) {
              case COUNTS -> "grid";
              case PRINTED -> "excerpt";
              case OUTCOMES -> "outcomes";
              case TRIALS -> "list";
            });
  }

  private static DomContent row(List<Entry> entries, Part.Table table, Rooms rooms) {
    int last = table.totals() ? entries.size() - 1 : entries.size();
    return tr(
        each(
            entries,
            (column, entry) ->
                switch (entry.place()) {
                  case COLUMN_HEAD -> columnHead(entry, column == last ? "total" : "");
                  case ROW_HEAD -> classed(head(entry, "row"), own(entries));
                  case NUMBER -> entry.look() == Look.BLANK ? rooms.inTable(entry) : number(entry);
                  case WORDS -> td(bdi(entry.text())).withClass("words");
                }));
  }

  private static DomContent columnHead(Entry entry, String style) {
    return entry.text().isEmpty() ? td() : classed(head(entry, "col"), style);
  }

  /// The head of a row stands out as its entries do.
  private static String own(List<Entry> entries) {
    boolean own =
        entries.stream()
            .filter(entry -> entry.place() == Place.NUMBER)
            .anyMatch(entry -> entry.look() == Look.OWN || entry.look() == Look.OBSERVED);
    return own ? "own" : "";
  }

  private static ThTag head(Entry entry, String scope) {
    return th(bdi(entry.text())).attr("scope", scope);
  }

  private static TdTag number(Entry entry) {
    return switch (entry.look()) {
      case PLAIN -> shaded(td(entry.text()), entry.shade());
      case OBSERVED -> td(entry.text()).withClasses("summed", "own");
      default -> td(entry.text()).withClass(entry.look().name().toLowerCase(Locale.ROOT));
    };
  }

  static TdTag room(Entry entry) {
    String width =
        String.format(Locale.ROOT, "width:%.2fem", (entry.characters() + MARGIN) * BY_HAND);
    return td(span(iff(entry.number() > 0, span(Integer.toString(entry.number())).withClass("no")))
            .withClass("box")
            .withStyle(width))
        .withClass("blank");
  }

  private static TdTag shaded(TdTag cell, double shade) {
    if (shade == 0) {
      return cell;
    }
    Palette colour = shade > 0 ? Palette.MORE : Palette.FEWER;
    int ground = Palette.over(Palette.PAPER.light(), colour.light(), Math.abs(shade) * TINT);
    return cell.withClass(shade > 0 ? "more" : "fewer").withStyle("--shade:" + Palette.hex(ground));
  }

  /// An element with those of some classes that are not blank, if any.
  private static <T extends Tag<T>> T classed(T element, String... classes) {
    String all = String.join(" ", Stream.of(classes).filter(name -> !name.isBlank()).toList());
    return all.isEmpty() ? element : element.attr("class", all);
  }
}
