package lehrgang.documents.report;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import lehrgang.core.notation.Chain;
import lehrgang.core.notation.PlainText;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.page.PageBlock.Grid;
import lehrgang.core.page.PageBlock.GridCell;
import lehrgang.core.page.PageStep;
import lehrgang.core.solution.Illustration;
import lehrgang.core.solution.Question;
import lehrgang.core.wording.OwnText;
import lehrgang.core.wording.Span;

/// A page as plain text, good enough to paste into a mail: aligned tables, formulas on lines of
/// their own.
public final class DerivationText {
  private static final int WIDTH = 78;
  private static final String INDENT = "    ";
  private static final int LONGEST_LABEL = 24;
  private static final int LONGEST_LIST = 24;

  private final StringBuilder text = new StringBuilder();

  /// The marks that were used, to be explained at the end.
  private final Map<String, String> marks = new LinkedHashMap<>();

  private DerivationText() {}

  public static String of(Page page) {
    DerivationText report = new DerivationText();
    page.steps().forEach(report::step);
    report.marks.forEach(
        (mark, meaning) ->
            report.paragraph(mark + "  " + page.wording().text("legend." + meaning)));
    return report.text.toString();
  }

  private void step(PageStep step) {
    String heading = step.number() + "  " + step.title();
    text.append(heading).append('\n').append("-".repeat(heading.length())).append('\n');
    step.blocks().forEach(this::block);
    text.append('\n');
  }

  private void block(PageBlock block) {
    switch (block) {
      case PageBlock.Paragraph(_, var spans) -> paragraph(Span.plain(spans));
      case PageBlock.Remark(var tone, _, var spans) -> {
        String mark =
            switch (tone) {
              case CHECKED -> marked("✓ ", "✓", "checked");
              case WARNING -> marked("! ", "!", "warning");
              case NOTE -> "";
            };
        paragraph(mark + Span.plain(spans));
      }
      case PageBlock.Task(_, var task) -> paragraph(task);
      case PageBlock.SeeTable(var where) -> paragraph(where);
      case PageBlock.QuestionText(var question) -> {
        question(question);
        question
            .picture()
            .map(Illustration::description)
            .filter(said -> !said.isBlank())
            .ifPresent(this::paragraph);
      }
      case PageBlock.Note(_, var name, var note) -> own((name + " " + note).strip());
      case PageBlock.TypedNumber(_, var spans, _, _) -> paragraph(Span.plain(spans));
      case PageBlock.Provenance provenance -> provenance(provenance);
      case PageBlock.DataTable(var layers) -> layers.forEach(this::grid);
      case PageBlock.Grids(var grids) -> grids.forEach(this::grid);
      case PageBlock.Worked(_, _, var chain, _, var asked) -> {
        if (!asked.isEmpty()) {
          paragraph(asked + ":");
        }
        chain(chain);
      }
      case PageBlock.WrittenOut(_, var chains) -> chains.forEach(this::chain);
      case PageBlock.Iterations(_, var caption, var head, var rows, _) -> {
        paragraph(caption);
        List<List<String>> all = new ArrayList<>();
        all.add(head);
        all.addAll(rows);
        columns(all);
      }
      case PageBlock.Figure _ -> {
        // Its numbers stand in the text already.
      }
      case PageBlock.Excerpt excerpt -> excerpt(excerpt);
      case PageBlock.Outcomes outcomes -> outcomes(outcomes);
      case PageBlock.Ways _ -> {
        // They are for whoever sits at the program.
      }
      case PageBlock.Report(_, var report) -> paragraph(report);
      case PageBlock.AnswerSpace(var lines) ->
          text.append((INDENT + "_".repeat(WIDTH - INDENT.length()) + "\n").repeat(lines));
    }
  }

  /// The instructor's own text: its lists are lines.
  private void own(String text) {
    for (OwnText.Part part : OwnText.parts(text)) {
      switch (part) {
        case OwnText.Paragraph(var words) -> paragraph(Span.plain(words));
        case OwnText.Items(var ordered, var items) -> {
          for (int i = 0; i < items.size(); i++) {
            paragraph((ordered ? i + 1 + ". " : "– ") + Span.plain(items.get(i)));
          }
        }
      }
    }
  }

  private void question(Question question) {
    paragraph(question.title());
    if (!question.text().isBlank()) {
      own(question.text());
    }
    if (!question.source().isBlank()) {
      paragraph("(" + question.source() + ")");
    }
  }

  private void provenance(PageBlock.Provenance provenance) {
    paragraph(provenance.intro());
    int number = 1;
    for (PageBlock.Stage step : provenance.steps()) {
      paragraph(number++ + ". " + step.what() + " " + step.effect());
    }
    paragraph(provenance.account().getFirst());
    provenance.account().stream().skip(1).forEach(loss -> paragraph("- " + loss));
  }

  private void paragraph(String sentence) {
    StringBuilder line = new StringBuilder();
    for (String word : sentence.strip().split(" +")) {
      if (!line.isEmpty() && line.length() + 1 + word.length() > WIDTH) {
        text.append(line).append('\n');
        line.setLength(0);
      }
      line.append(line.isEmpty() ? "" : " ").append(word);
    }
    text.append(line).append('\n');
  }

  /// A chain breaks before its signs, which stand below each other.
  private void chain(Chain chain) {
    String left = PlainText.of(chain.left());
    String whole = left + links(chain);
    if (whole.length() + INDENT.length() <= WIDTH) {
      text.append(INDENT).append(whole).append('\n');
      return;
    }
    String margin = INDENT + " ".repeat(left.length());
    for (int i = 0; i < chain.links().size(); i++) {
      Chain.Link link = chain.links().get(i);
      text.append(i == 0 ? INDENT + left : margin)
          .append(' ')
          .append(link.sign())
          .append(' ')
          .append(PlainText.of(link.right()))
          .append('\n');
    }
  }

  private static String links(Chain chain) {
    return chain.links().stream()
        .map(link -> " " + link.sign() + " " + PlainText.of(link.right()))
        .collect(Collectors.joining());
  }

  private void grid(Grid grid) {
    List<List<String>> rows = new ArrayList<>();
    boolean totals = !grid.rowTotals().isEmpty();
    List<String> head = new ArrayList<>();
    head.add(Span.plain(grid.title()));
    grid.columns().forEach(label -> head.add(shortened(label)));
    if (totals) {
      head.add(grid.totalLabel());
    }
    rows.add(head);
    for (int i = 0; i < grid.rows().size(); i++) {
      List<String> row = new ArrayList<>();
      row.add(shortened(grid.rows().get(i)));
      grid.cells().get(i).forEach(cell -> row.add(number(cell)));
      if (totals) {
        row.add(number(grid.rowTotals().get(i)));
      }
      rows.add(row);
    }
    if (!grid.columnTotals().isEmpty()) {
      List<String> foot = new ArrayList<>();
      foot.add(grid.totalLabel());
      grid.columnTotals().forEach(cell -> foot.add(number(cell)));
      grid.grandTotal().ifPresent(cell -> foot.add(number(cell)));
      rows.add(foot);
    }
    columns(rows);
  }

  private String number(GridCell cell) {
    String sign = cell.sign().isEmpty() ? "" : "(" + cell.sign() + ") ";
    return cell.text().isEmpty() ? marked("____", "____", "blank") : sign + cell.text();
  }

  private String marked(String text, String mark, String meaning) {
    marks.put(mark, meaning);
    return text;
  }

  private static String shortened(String label) {
    return label.codePointCount(0, label.length()) <= LONGEST_LABEL
        ? label
        : label.substring(0, label.offsetByCodePoints(0, LONGEST_LABEL - 1)) + "…";
  }

  private void excerpt(PageBlock.Excerpt excerpt) {
    List<List<String>> rows = new ArrayList<>();
    List<String> head = new ArrayList<>(List.of(excerpt.corner()));
    head.addAll(excerpt.areas());
    rows.add(head);
    for (PageBlock.Row row : excerpt.rows()) {
      List<String> cells = new ArrayList<>(List.of(row.head()));
      for (int i = 0; i < row.entries().size(); i++) {
        boolean own = row.own() == PageBlock.Use.OWN;
        boolean marked =
            own
                && (excerpt.picked().filter(at(i)::equals).isPresent()
                    || excerpt.brackets().contains(i));
        cells.add(
            marked
                ? marked("[" + row.entries().get(i) + "]", "[ ]", "picked")
                : row.entries().get(i));
      }
      rows.add(cells);
    }
    columns(rows);
    if (!excerpt.sentence().isEmpty()) {
      paragraph(excerpt.sentence());
    }
  }

  private void outcomes(PageBlock.Outcomes outcomes) {
    List<List<String>> rows = new ArrayList<>();
    rows.add(List.of(outcomes.head(), outcomes.fraction(), outcomes.decimal(), ""));
    int last = -1;
    for (int k : outcomes.briefly(LONGEST_LIST)) {
      if (outcomes.between(last, k) > 0) {
        rows.add(List.of("...", "", "", ""));
      }
      last = k;
      PageBlock.Outcome outcome = outcomes.outcomes().get(k);
      String mark = outcome.share() == PageBlock.Share.SUMMED ? marked("*", "*", "summed") : "";
      String own = outcome.use() == PageBlock.Use.OWN ? marked(" <", "<", "observed") : "";
      rows.add(List.of(outcome.name(), outcome.fraction(), outcome.decimal(), mark + own));
    }
    rows.addAll(Collections.nCopies(outcomes.blankRows(), List.of("____", "____", "____", "")));
    columns(
        outcomes.hasFractions()
            ? rows
            : rows.stream().map(row -> List.of(row.get(0), row.get(2), row.get(3))).toList());
  }

  private static Integer at(int i) {
    return i;
  }

  /// The first column flush left, the others flush right.
  private void columns(List<List<String>> rows) {
    text.append('\n');
    int many = rows.getFirst().size();
    int[] widths = new int[many];
    for (List<String> row : rows) {
      for (int j = 0; j < many; j++) {
        widths[j] = Math.max(widths[j], width(row.get(j)));
      }
    }
    for (List<String> row : rows) {
      StringBuilder line = new StringBuilder(INDENT);
      for (int j = 0; j < many; j++) {
        String space = " ".repeat(widths[j] - width(row.get(j)));
        line.append(j == 0 ? row.get(j) + space : "  " + space + row.get(j));
      }
      text.append(line.toString().stripTrailing()).append('\n');
    }
    text.append('\n');
  }

  private static int width(String text) {
    return text.codePointCount(0, text.length());
  }
}
