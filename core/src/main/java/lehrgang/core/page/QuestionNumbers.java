package lehrgang.core.page;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lehrgang.core.expr.LineId;
import lehrgang.core.solution.Question;

/// The numbers in a question: where its words have the name of a line in braces, such as `{n}` or
/// `{O[1,2]}`, the number of that line stands, whatever the data are.
final class QuestionNumbers {
  private static final Pattern GAP =
      Pattern.compile("\\{([A-Za-z][A-Za-z0-9.]*(?:\\[[^\\]{}]*\\])?)\\}");

  /// A number that is still to be found.
  private static final String HIDDEN = "…";

  private final Numerals numerals;

  QuestionNumbers(Numerals numerals) {
    this.numerals = numerals;
  }

  Question filled(Question question) {
    return question.withTitle(filled(question.title())).withText(filled(question.text()));
  }

  /// Braces that name no line stay as they are.
  private String filled(String words) {
    return GAP.matcher(words)
        .replaceAll(
            gap ->
                Matcher.quoteReplacement(
                    LineId.parse(gap.group(1)).flatMap(this::number).orElse(gap.group())));
  }

  private Optional<String> number(LineId line) {
    if (!numerals.has(line)) {
      return Optional.empty();
    }
    String shown = numerals.shown(line).standalone();
    return Optional.of(shown.isEmpty() ? HIDDEN : shown);
  }
}
