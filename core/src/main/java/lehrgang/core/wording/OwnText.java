package lehrgang.core.wording;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lehrgang.core.wording.Span.Weight;

/// An instructor's own text: paragraphs, lists and emphasis, as one types them.
///
/// A line that begins with `- ` is an item of a list, one that begins with `1. ` of a numbered one;
/// `*words*` are emphasised and `**words**` are strong. A star that stands for itself, as in `3 *
/// 4` or `a*`, stays one.
public final class OwnText {
  private static final Pattern ITEM = Pattern.compile("\\s*(?:[-•–]|(\\d{1,3})[.)])\\s+(\\S.*)");
  private static final Pattern MARKED =
      Pattern.compile(
          "(?<![\\p{L}\\p{N}*])(\\*\\*|\\*)(?=[^\\s*])(.+?)(?<=[^\\s*])\\1(?![\\p{L}\\p{N}*])");

  private OwnText() {}

  /// A part of a text.
  public sealed interface Part {}

  /// A paragraph.
  public record Paragraph(List<Span> words) implements Part {
    public Paragraph {
      words = List.copyOf(words);
    }
  }

  /// A list.
  ///
  /// @param ordered whether its items have numbers
  public record Items(boolean ordered, List<List<Span>> items) implements Part {
    public Items {
      items = List.copyOf(items);
    }
  }

  /// A text in its parts; empty lines are left out.
  public static List<Part> parts(String text) {
    List<Part> parts = new ArrayList<>();
    List<List<Span>> items = new ArrayList<>();
    boolean ordered = false;
    for (String line : text.lines().filter(line -> !line.isBlank()).toList()) {
      Matcher item = ITEM.matcher(line);
      boolean isItem = item.matches();
      boolean numbered = isItem && item.group(1) != null;
      if (!items.isEmpty() && (!isItem || numbered != ordered)) {
        parts.add(new Items(ordered, items));
        items.clear();
      }
      if (isItem) {
        ordered = numbered;
        items.add(words(item.group(2)));
      } else {
        parts.add(new Paragraph(words(line)));
      }
    }
    if (!items.isEmpty()) {
      parts.add(new Items(ordered, items));
    }
    return List.copyOf(parts);
  }

  /// A line with its emphasis.
  public static List<Span> words(String line) {
    List<Span> spans = new ArrayList<>();
    Matcher marked = MARKED.matcher(line);
    int from = 0;
    while (marked.find()) {
      add(spans, line.substring(from, marked.start()), Weight.PLAIN);
      add(spans, marked.group(2), marked.group(1).length() == 1 ? Weight.EMPHASIS : Weight.STRONG);
      from = marked.end();
    }
    add(spans, line.substring(from), Weight.PLAIN);
    return List.copyOf(spans);
  }

  private static void add(List<Span> spans, String words, Weight weight) {
    if (!words.isEmpty()) {
      spans.add(new Span.Words(words, weight));
    }
  }
}
