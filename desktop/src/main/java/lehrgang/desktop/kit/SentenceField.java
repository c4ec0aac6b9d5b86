package lehrgang.desktop.kit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import javafx.scene.control.TextFormatter;

/// A field for a sentence in which some words are not the writer's: numbers and names stand in it
/// as tokens that can be moved past, taken out and put in, but not broken.
public final class SentenceField extends Writing {
  private static final Pattern TOKEN = Pattern.compile("⟨[^⟨⟩]*⟩");
  private static final Pattern MARK = Pattern.compile("\\{[^{}]+}");

  private final Map<String, String> tokens;
  private final Map<String, String> marks = new HashMap<>();

  /// @param words what is shown for each mark of the template, such as `9.488` for `{crit}`
  /// @param size  of its letters, in pixels
  public SentenceField(Map<String, String> words, double size) {
    super(Fonts.upright(size));
    this.tokens = tokens(words);
    tokens.forEach((mark, token) -> marks.put(token, mark));
    setTextFormatter(new TextFormatter<>((UnaryOperator<TextFormatter.Change>) this::guarded));
  }

  /// Different marks have different tokens, also where they show the same.
  private static Map<String, String> tokens(Map<String, String> words) {
    Map<String, String> tokens = new HashMap<>();
    words.forEach(
        (mark, shown) -> {
          String inner = shown.replace("⟨", "").replace("⟩", "").replace('\n', ' ');
          while (tokens.containsValue("⟨" + inner + "⟩")) {
            inner += "′";
          }
          tokens.put(mark, "⟨" + inner + "⟩");
        });
    return tokens;
  }

  /// The token of a mark.
  public String token(String mark) {
    return tokens.getOrDefault(mark, mark);
  }

  /// Shows a sentence with its tokens.
  ///
  /// @param template the sentence with its marks
  public void setTemplate(String template) {
    setText(MARK.matcher(template).replaceAll(found -> quoted(token(found.group()))));
  }

  /// The sentence with its marks.
  public String template() {
    return TOKEN
        .matcher(getText())
        .replaceAll(found -> quoted(marks.getOrDefault(found.group(), "")))
        .strip();
  }

  private static String quoted(String text) {
    return Matcher.quoteReplacement(text);
  }

  /// Puts a token where the caret is.
  public void insert(String mark) {
    replaceSelection(token(mark));
    requestFocus();
  }

  private TextFormatter.Change guarded(TextFormatter.Change change) {
    if (change.isContentChange()) {
      keepWhole(change);
    } else {
      stepOver(change);
    }
    return change;
  }

  /// A change takes a token with it or leaves it alone; a line ends only at the edge of the field.
  private void keepWhole(TextFormatter.Change change) {
    int start = change.getRangeStart();
    int end = change.getRangeEnd();
    for (MatchResult token : found(change.getControlText())) {
      boolean inside = start == end && start > token.start() && start < token.end();
      if (inside) {
        start = token.end();
        end = start;
      } else if (start < token.end() && end > token.start()) {
        start = Math.min(start, token.start());
        end = Math.max(end, token.end());
      }
    }
    String text = own(change.getText());
    boolean same =
        start == change.getRangeStart()
            && end == change.getRangeEnd()
            && text.equals(change.getText());
    if (!same) {
      change.setRange(start, end);
      change.setText(text);
      change.selectRange(start + text.length(), start + text.length());
    }
  }

  /// Typed text without line ends and without what looks like a token and is none.
  private String own(String text) {
    String line = onOneLine(text);
    List<String> parts = new ArrayList<>();
    int from = 0;
    for (MatchResult token : found(line)) {
      parts.add(bare(line.substring(from, token.start())));
      parts.add(marks.containsKey(token.group()) ? token.group() : bare(token.group()));
      from = token.end();
    }
    parts.add(bare(line.substring(from)));
    return parts.stream().collect(Collectors.joining());
  }

  private static String bare(String text) {
    return text.replace("⟨", "").replace("⟩", "");
  }

  /// The caret steps over a token.
  private static void stepOver(TextFormatter.Change change) {
    int caret = change.getCaretPosition();
    boolean selects = change.getAnchor() != caret;
    for (MatchResult token : found(change.getControlText())) {
      if (caret > token.start() && caret < token.end()) {
        int to = change.getControlCaretPosition() <= token.start() ? token.end() : token.start();
        change.selectRange(selects ? change.getAnchor() : to, to);
      }
    }
  }

  private static List<MatchResult> found(String text) {
    return TOKEN.matcher(text).results().toList();
  }
}
