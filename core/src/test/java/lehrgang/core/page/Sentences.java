package lehrgang.core.page;

import java.util.stream.Stream;
import lehrgang.core.wording.Span;

/// What is said on a page, without its typography.
public final class Sentences {
  private Sentences() {}

  public static Stream<String> of(PageBlock block) {
    return switch (block) {
      case PageBlock.Paragraph(_, var spans) -> Stream.of(Span.plain(spans));
      case PageBlock.Remark(_, _, var spans) -> Stream.of(Span.plain(spans));
      case PageBlock.TypedNumber(_, var spans, _, _) -> Stream.of(Span.plain(spans));
      case PageBlock.Excerpt excerpt -> Stream.of(excerpt.sentence());
      case PageBlock.Report(_, var text) -> Stream.of(text);
      default -> Stream.empty();
    };
  }
}
