package lehrgang.core.wording;

import java.util.List;
import java.util.stream.Collectors;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.PlainText;

/// A piece of a sentence on the page.
public sealed interface Span {
  /// How words are set.
  enum Weight {
    PLAIN,
    EMPHASIS,
    STRONG
  }

  record Words(String text, Weight weight) implements Span {}

  /// A number that knows its line.
  record Live(LineId line, Box number, Weight weight) implements Span {}

  /// A formula in the sentence.
  record Formula(Box box) implements Span {}

  /// The sentence without its typography.
  static String plain(List<Span> spans) {
    return spans.stream()
        .map(
            span ->
                switch (span) {
                  case Words(var text, _) -> text;
                  case Live(_, var number, _) -> PlainText.of(number);
                  case Formula(var box) -> PlainText.of(box);
                })
        .collect(Collectors.joining());
  }
}
