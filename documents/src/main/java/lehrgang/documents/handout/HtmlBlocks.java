package lehrgang.documents.handout;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;
import lehrgang.core.derivation.Role;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;
import lehrgang.core.notation.MathMl;
import lehrgang.core.notation.Speech;
import lehrgang.core.page.Appearance;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.page.PageBlock.GridCell;
import lehrgang.core.wording.Span;
import lehrgang.documents.figure.Draughtsman;
import lehrgang.documents.figure.Svg;

/// The blocks of a page as what the template fills in. Text goes in as it is and the template
/// escapes it; only formulas, figures and the marks of a sentence are ready-made.
final class HtmlBlocks {
  private static final double FIGURE_WIDTH = 640;

  /// A longer list of outcomes shows where it matters.
  private static final int LONGEST_LIST = 24;

  private final Page page;
  private final MathMl math;
  private final MathMl inSentence;

  HtmlBlocks(Page page) {
    this.page = page;
    this.math = new MathMl(this::mark);
    this.inSentence =
        new MathMl(line -> page.appearance(line) == Appearance.ANSWER ? "answer" : "");
  }

  private String mark(LineId line) {
    String role =
        switch (page.role(line)) {
          case ROW_TOTAL -> "row";
          case COLUMN_TOTAL -> "column";
          case GRAND_TOTAL -> "grand";
          case OBSERVED, EXPECTED, OTHER -> "";
        };
    return page.appearance(line) == Appearance.ANSWER ? (role + " answer").strip() : role;
  }

  Map<String, Object> of(PageBlock block) {
    return switch (block) {
      case PageBlock.Paragraph(_, var spans) -> Map.of("paragraph", spans(spans));
      case PageBlock.Remark(var tone, _, var spans) ->
          Map.of(
              "remark",
              Map.of("tone", tone.name().toLowerCase(Locale.ROOT), "spans", spans(spans)));
      case PageBlock.Task(var text) -> Map.of("task", text);
      case PageBlock.QuestionText(var question) ->
          Map.of("question", question.text().isBlank() ? question.title() : question.text());
      case PageBlock.TypedNumber(var spans, _, _) -> Map.of("paragraph", spans(spans));
      case PageBlock.Provenance(var intro, var steps, var account) ->
          Map.of(
              "provenance",
              Map.of(
                  "intro",
                  intro,
                  "steps",
                  steps.stream()
                      .map(step -> Map.of("what", step.what(), "effect", step.effect()))
                      .toList(),
                  "total",
                  account.getFirst(),
                  "losses",
                  account.subList(1, account.size())));
      case PageBlock.DataTable(var layers) ->
          Map.of("tables", layers.stream().map(this::grid).toList());
      case PageBlock.Grids(var grids) -> Map.of("tables", grids.stream().map(this::grid).toList());
      case PageBlock.Worked worked -> Map.of("working", working(worked));
      case PageBlock.WrittenOut(var chains) ->
          Map.of("writtenOut", chains.stream().map(this::chain).toList());
      case PageBlock.Iterations(var caption, var head, var rows) ->
          Map.of("list", Map.of("caption", caption, "head", head, "rows", rows));
      case PageBlock.Figure(var figure) ->
          Map.of("figure", Svg.of(Draughtsman.draw(figure, FIGURE_WIDTH)));
      case PageBlock.Excerpt excerpt -> Map.of("excerpt", excerpt(excerpt));
      case PageBlock.Ways _ -> Map.of();
      case PageBlock.Outcomes outcomes -> outcomes(outcomes);
      case PageBlock.Report(var text) -> Map.of("report", text);
      case PageBlock.AnswerSpace(var lines) ->
          Map.of("answerSpace", IntStream.range(0, lines).boxed().toList());
    };
  }

  private List<Map<String, Object>> spans(List<Span> spans) {
    return spans.stream().map(this::span).toList();
  }

  private Map<String, Object> span(Span span) {
    return switch (span) {
      case Span.Words(var text, var weight) ->
          switch (weight) {
            case PLAIN -> Map.of("plain", text);
            case EMPHASIS -> Map.of("emphasis", text);
            case STRONG -> Map.of("strong", text);
          };
      case Span.Live(var line, var number, _) ->
          Map.of("math", inSentence.of(new Box.Linked(line, number)));
      case Span.Formula(var box) -> Map.of("math", math.of(box));
    };
  }

  private Map<String, Object> working(PageBlock.Worked worked) {
    List<Map<String, Object>> others = new ArrayList<>();
    for (LineId line : worked.family()) {
      boolean shown = page.appearance(line) != Appearance.BLANK;
      if (shown && !line.equals(worked.line())) {
        others.add(Map.of("name", page.place(line), "chain", chain(page.chain(line))));
      }
    }
    return Map.of(
        "chain",
        chain(worked.chain()),
        "others",
        others.isEmpty()
            ? List.of()
            : List.of(Map.of("name", page.family(worked.line()), "chains", others)));
  }

  /// Each part from one sign to the next is a formula of its own, so that a narrow screen can break
  /// there.
  private Map<String, Object> chain(Chain chain) {
    List<String> parts = new ArrayList<>();
    parts.add(math.displayed(chain.left()));
    for (Chain.Link link : chain.links()) {
      parts.add(
          "<math><mrow><mo>%s</mo></mrow></math>".formatted(link.sign().replace("<", "&lt;"))
              + math.displayed(link.right()));
    }
    return Map.of("parts", parts, "speech", Speech.of(chain.box()));
  }

  private Map<String, Object> grid(Grid grid) {
    List<Map<String, Object>> rows = new ArrayList<>();
    for (int i = 0; i < grid.rows().size(); i++) {
      List<Map<String, Object>> cells =
          new ArrayList<>(grid.cells().get(i).stream().map(this::cell).toList());
      if (!grid.rowTotals().isEmpty()) {
        cells.add(total(grid.rowTotals().get(i)));
      }
      rows.add(Map.of("label", grid.rows().get(i), "cells", cells));
    }
    List<Map<String, Object>> feet = new ArrayList<>();
    if (!grid.columnTotals().isEmpty()) {
      List<Map<String, Object>> cells =
          new ArrayList<>(grid.columnTotals().stream().map(this::total).toList());
      grid.grandTotal().ifPresent(grand -> cells.add(total(grand)));
      feet.add(Map.of("label", grid.totalLabel(), "cells", cells));
    }
    return Map.of(
        "title",
        spans(grid.title()),
        "columns",
        grid.columns(),
        "totalHead",
        grid.grandTotal().isPresent() ? List.of(grid.totalLabel()) : List.of(),
        "rows",
        rows,
        "feet",
        feet);
  }

  private Map<String, Object> total(GridCell cell) {
    return Map.of(
        "text",
        cell.text(),
        "classes",
        ("total " + classes(cell)).strip(),
        "sign",
        "",
        "style",
        "");
  }

  private Map<String, Object> cell(GridCell cell) {
    String tint =
        cell.shade() == 0 ? "" : "--tint:%d%%".formatted(Math.round(Math.abs(cell.shade()) * 100));
    return Map.of(
        "text", cell.text(), "sign", cell.sign(), "classes", classes(cell), "style", tint);
  }

  private String classes(GridCell cell) {
    String appearance = cell.appearance().name().toLowerCase(Locale.ROOT);
    String shade = cell.shade() > 0 ? " more" : cell.shade() < 0 ? " fewer" : "";
    String role = cell.role() == Role.EXPECTED ? " expected" : "";
    return (appearance.equals("shown") ? "" : appearance) + shade + role;
  }

  private Map<String, Object> outcomes(PageBlock.Outcomes outcomes) {
    List<Map<String, Object>> rows = new ArrayList<>();
    int last = -1;
    for (int k : outcomes.briefly(LONGEST_LIST)) {
      if (k > last + 1) {
        rows.add(Map.of("name", "⋯", "fraction", "", "decimal", "", "classes", ""));
      }
      last = k;
      PageBlock.Outcome outcome = outcomes.outcomes().get(k);
      String summed = outcome.share() == PageBlock.Share.SUMMED ? "summed" : "";
      String own = outcome.use() == PageBlock.Use.OWN ? " own" : "";
      rows.add(
          Map.of(
              "name",
              outcome.name(),
              "fraction",
              outcome.fraction(),
              "decimal",
              outcome.decimal(),
              "classes",
              (summed + own + " " + outcome.appearance().name().toLowerCase(Locale.ROOT)).strip()));
    }
    boolean figure =
        outcomes.outcomes().stream().allMatch(outcome -> outcome.appearance() != Appearance.BLANK);
    return Map.of(
        "outcomes",
        Map.of(
            "head",
            outcomes.head(),
            "fractionHead",
            outcomes.fraction(),
            "decimalHead",
            outcomes.decimal(),
            "rows",
            rows),
        "figure",
        figure ? Svg.of(Draughtsman.draw(outcomes.figure(), FIGURE_WIDTH)) : List.of());
  }

  private Map<String, Object> excerpt(PageBlock.Excerpt excerpt) {
    List<Map<String, Object>> rows = new ArrayList<>();
    for (PageBlock.Row row : excerpt.rows()) {
      boolean own = row.own() == PageBlock.Use.OWN;
      List<Map<String, Object>> cells = new ArrayList<>();
      for (int i = 0; i < row.entries().size(); i++) {
        int column = i;
        boolean picked = own && excerpt.picked().filter(p -> p == column).isPresent();
        boolean bracket = own && excerpt.brackets().contains(i);
        cells.add(
            Map.of(
                "text",
                row.entries().get(i),
                "classes",
                picked ? "picked" : bracket ? "bracket" : ""));
      }
      rows.add(Map.of("head", row.head(), "classes", own ? "own" : "", "cells", cells));
    }
    return Map.of(
        "corner",
        excerpt.corner(),
        "areas",
        excerpt.areas(),
        "rows",
        rows,
        "sentence",
        excerpt.sentence().isEmpty() ? List.of() : List.of(excerpt.sentence()));
  }
}
