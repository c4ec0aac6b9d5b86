package lehrgang.documents.handout.html;

import static j2html.TagCreator.bdi;
import static j2html.TagCreator.caption;
import static j2html.TagCreator.div;
import static j2html.TagCreator.each;
import static j2html.TagCreator.iff;
import static j2html.TagCreator.p;
import static j2html.TagCreator.span;
import static j2html.TagCreator.table;
import static j2html.TagCreator.tbody;
import static j2html.TagCreator.td;
import static j2html.TagCreator.text;
import static j2html.TagCreator.tfoot;
import static j2html.TagCreator.th;
import static j2html.TagCreator.thead;
import static j2html.TagCreator.tr;

import j2html.tags.DomContent;
import j2html.tags.Tag;
import j2html.tags.specialized.TdTag;
import j2html.tags.specialized.ThTag;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Stream;
import lehrgang.core.derivation.Role;
import lehrgang.core.expr.LineId;
import lehrgang.core.page.Appearance;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.page.PageBlock.GridCell;
import lehrgang.core.wording.Span;
import lehrgang.documents.handout.order.Part;
import lehrgang.documents.look.Palette;

/// The tables of a page as elements. A label stands by itself, so that one that runs from right to
/// left does not turn its neighbours round.
final class HtmlTables {
  /// A longer list of outcomes shows where it matters.
  private static final int LONGEST_LIST = 24;

  private static final double BY_HAND = 0.78;

  /// How much of its ground the strongest shade covers.
  private static final double TINT = 0.3;

  private final Page page;
  private final Function<LineId, String> corners;

  /// @param corners what stands in the room for the number of a line
  HtmlTables(Page page, Function<LineId, String> corners) {
    this.page = page;
    this.corners = corners;
  }

  private static ThTag head(String label) {
    return th(bdi(label)).attr("scope", "col");
  }

  private static ThTag side(String label) {
    return th(bdi(label)).attr("scope", "row");
  }

  /// An element with those of some classes that are not blank, if any.
  private static <T extends Tag<T>> T classed(T element, String... classes) {
    String all = String.join(" ", Stream.of(classes).filter(name -> !name.isBlank()).toList());
    return all.isEmpty() ? element : element.attr("class", all);
  }

  DomContent grid(Grid grid, DomContent title) {
    boolean totals = !grid.rowTotals().isEmpty();
    return table(
            caption(title),
            thead(
                tr(
                    td(),
                    each(grid.columns(), HtmlTables::head),
                    iff(
                        grid.grandTotal().isPresent(),
                        head(grid.totalLabel()).withClass("total")))),
            tbody(
                each(
                    grid.rows(),
                    (i, label) ->
                        tr(
                            side(label),
                            each(grid.cells().get(i), this::cell),
                            totals ? total(grid.rowTotals().get(i)) : each()))),
            iff(
                !grid.columnTotals().isEmpty(),
                tfoot(
                    tr(
                        side(grid.totalLabel()),
                        each(grid.columnTotals(), HtmlTables::total),
                        grid.grandTotal().<DomContent>map(HtmlTables::total).orElse(each())))))
        .withClass("grid");
  }

  private static TdTag total(GridCell cell) {
    return classed(td(cell.text()), "total", appearance(cell.appearance()), role(cell));
  }

  private TdTag cell(GridCell cell) {
    if (cell.appearance() == Appearance.BLANK) {
      return asked(cell.line());
    }
    String shade = cell.shade() > 0 ? "more" : cell.shade() < 0 ? "fewer" : "";
    TdTag shown =
        classed(
            td(iff(!cell.sign().isEmpty(), span(cell.sign()).withClass("sign")), text(cell.text())),
            appearance(cell.appearance()),
            shade,
            role(cell));
    return cell.shade() == 0 ? shown : shown.withStyle("--shade:" + shade(cell.shade()));
  }

  private static String shade(double shade) {
    Palette colour = shade > 0 ? Palette.MORE : Palette.FEWER;
    return Palette.hex(Palette.over(Palette.PAPER.light(), colour.light(), Math.abs(shade) * TINT));
  }

  private static String appearance(Appearance appearance) {
    return appearance == Appearance.SHOWN ? "" : appearance.name().toLowerCase(Locale.ROOT);
  }

  private static String role(GridCell cell) {
    return cell.role() == Role.EXPECTED ? "expected" : "";
  }

  /// @param folded folds something away under a heading
  static DomContent list(
      PageBlock.Iterations list, BiFunction<String, DomContent, DomContent> folded) {
    return each(
        p(list.caption()).withClass("remark"),
        rows(list, list.first()),
        iff(!list.rest().isEmpty(), folded.apply(list.heading(), rows(list, list.rest()))));
  }

  private static DomContent rows(PageBlock.Iterations list, List<List<String>> rows) {
    return table(
            thead(tr(each(list.head(), HtmlTables::head))),
            tbody(each(rows, row -> tr(each(row, entry -> td(entry))))))
        .withClass("list");
  }

  DomContent outcomes(PageBlock.Outcomes outcomes) {
    List<DomContent> rows = new ArrayList<>();
    int last = -1;
    for (int k : outcomes.briefly(LONGEST_LIST)) {
      if (k > last + 1) {
        rows.add(tr(side("⋯"), td(), td()));
      }
      last = k;
      rows.add(row(outcomes.outcomes().get(k)));
    }
    TdTag empty = td(span().withClass("box").withStyle("width:5.5em")).withClass("blank");
    DomContent blank = tr(each(Collections.nCopies(3, empty), cell -> cell));
    return table(
            thead(tr(head(outcomes.head()), head(outcomes.fraction()), head(outcomes.decimal()))),
            tbody(
                each(rows, row -> row),
                each(Collections.nCopies(outcomes.blankRows(), blank), row -> row)))
        .withClass("outcomes");
  }

  private TdTag asked(LineId line) {
    String corner = corners.apply(line);
    return td(span(iff(!corner.isEmpty(), span(corner).withClass("no")))
            .withClass("box")
            .withStyle(
                String.format(
                    Locale.ROOT, "width:%.2fem", (page.charactersOf(line) + 1.4) * BY_HAND)))
        .withClass("blank");
  }

  private DomContent row(PageBlock.Outcome outcome) {
    return classed(
        tr(
            side(outcome.name()),
            td(outcome.fraction()),
            outcome.appearance() == Appearance.BLANK
                ? asked(outcome.line())
                : td(outcome.decimal())),
        outcome.share() == PageBlock.Share.SUMMED ? "summed" : "",
        outcome.use() == PageBlock.Use.OWN ? "own" : "",
        appearance(outcome.appearance()));
  }

  /// What a key says of its blanks.
  static DomContent accepted(Part part) {
    return switch (part) {
      case Part.Sentence(_, var spans) -> p(Span.plain(spans)).withClass("asked");
      case Part.Tables(var tables) -> div(each(tables, HtmlTables::accepted)).withClass("tables");
      default -> each();
    };
  }

  private static DomContent accepted(Part.Table table) {
    return table(
            thead(tr(each(table.head(), entry -> head(entry.text())))),
            tbody(
                each(
                    table.body(),
                    row ->
                        tr(
                            side(row.getFirst().text()),
                            each(
                                row.subList(1, row.size()),
                                entry ->
                                    classed(
                                        td(entry.text()),
                                        entry.look() == Part.Look.ANSWER ? "answer" : ""))))))
        .withClass("grid");
  }

  static DomContent excerpt(PageBlock.Excerpt excerpt) {
    return each(
        table(
                thead(tr(head(excerpt.corner()), each(excerpt.areas(), HtmlTables::head))),
                tbody(each(excerpt.rows(), row -> row(excerpt, row))))
            .withClass("excerpt"),
        iff(!excerpt.sentence().isEmpty(), p(excerpt.sentence())));
  }

  private static DomContent row(PageBlock.Excerpt excerpt, PageBlock.Row row) {
    boolean own = row.own() == PageBlock.Use.OWN;
    return classed(
        tr(
            side(row.head()),
            each(
                row.entries(),
                (i, entry) -> {
                  boolean picked = excerpt.picked().filter(column -> column.equals(i)).isPresent();
                  String mark = picked ? "picked" : excerpt.brackets().contains(i) ? "bracket" : "";
                  return classed(td(entry), own ? mark : "");
                })),
        own ? "own" : "");
  }
}
