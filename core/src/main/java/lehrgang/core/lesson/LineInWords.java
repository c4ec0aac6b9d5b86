package lehrgang.core.lesson;

import java.util.List;
import java.util.stream.Collectors;
import lehrgang.core.notation.Chain;
import lehrgang.core.notation.PlainText;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.wording.Span;

/// What a line of a lesson tells, in words: for those who do not see it, and for the lecturer who
/// looks ahead.
public final class LineInWords {
  private final Lesson lesson;
  private final Page page;

  /// The words of a lesson.
  ///
  /// @param page that it was made from
  public LineInWords(Lesson lesson, Page page) {
    this.lesson = lesson;
    this.page = page;
  }

  /// What is told in it.
  public String of(Told line) {
    Item item = lesson.item(line);
    return switch (item.block()) {
      case PageBlock.Worked worked -> worked(item, worked, line.phase());
      case PageBlock.Paragraph(_, var spans) -> Span.plain(spans);
      case PageBlock.Remark(_, _, var spans) -> Span.plain(spans);
      case PageBlock.QuestionText(var question) -> question.text();
      case PageBlock.Note(_, var name, var text) -> (name + " " + text).strip();
      case PageBlock.Provenance(var intro, _, _) -> intro;
      case PageBlock.Grids(var grids) ->
          grids.stream().map(grid -> Span.plain(grid.title())).collect(Collectors.joining(" · "));
      case PageBlock.WrittenOut(_, var chains) ->
          chains.stream().map(Chain::box).map(PlainText::of).collect(Collectors.joining(" "));
      case PageBlock.Iterations iterations -> iterations.caption();
      case PageBlock.Figure _ ->
          item.figure(line.phase())
              .map(FigureSpec::alternative)
              .filter(words -> !words.isEmpty())
              .orElseGet(() -> page.wording().text("show.phase." + lesson.phase(line).key()));
      case PageBlock.Excerpt excerpt ->
          excerpt.sentence().isEmpty()
              ? page.wording().text("show.printed-table")
              : excerpt.sentence();
      case PageBlock.Outcomes outcomes -> outcomes.head();
      case PageBlock.Report(_, var text) -> text;
      default -> "";
    };
  }

  private String worked(Item item, PageBlock.Worked worked, int phase) {
    return switch (item.phases().get(phase)) {
      case ASKED -> item.question();
      case SOURCES -> item.sources().stream().map(page::name).collect(Collectors.joining(", "));
      case OTHERS -> page.family(worked.line());
      default -> {
        Chain chain = worked.chain();
        Chain.Link link = chain.links().get(item.links(phase) - 1);
        yield PlainText.of(new Chain(chain.left(), List.of(link)).box());
      }
    };
  }
}
