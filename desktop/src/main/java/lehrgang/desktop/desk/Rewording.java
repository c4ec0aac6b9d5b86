package lehrgang.desktop.desk;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Pattern;
import lehrgang.core.page.PageBlock.Template;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;

/// The words of the open solution, to be rewritten for it alone or for its course.
public final class Rewording {
  private static final Pattern SYMBOL = Pattern.compile("\\{:[^{}]+}");
  private static final String SOME = "some";

  private final OpenSolution solution;
  private Scope last = Scope.SOLUTION;

  Rewording(OpenSolution solution) {
    this.solution = solution;
  }

  /// For whom a sentence is rewritten.
  public enum Scope {
    SOLUTION,
    COURSE
  }

  private Wording wording() {
    Solution now = solution.now();
    return Wording.in(now.language(), now.ownWords(), now.course().symbols());
  }

  /// The sentence as it is, with its marks.
  public String words(String key) {
    return wording().template(key);
  }

  /// The sentence as this program says it.
  public String usual(String key) {
    return wording().usual(key);
  }

  /// Whether the sentence is not the usual one.
  public boolean isOwn(String key) {
    return solution.now().ownWords().containsKey(key);
  }

  /// For whom the sentence was rewritten, or the last one was.
  public Scope scope(String key) {
    if (solution.now().wording().containsKey(key)) {
      return Scope.SOLUTION;
    }
    return solution.now().course().wording().containsKey(key) ? Scope.COURSE : last;
  }

  /// What the marks of a sentence show: its gaps and the symbols in it.
  public Map<String, String> marks(Template template) {
    Map<String, String> marks = new LinkedHashMap<>();
    template.gaps().forEach((gap, shown) -> marks.put("{" + gap + "}", shown));
    Solution now = solution.now();
    for (String sentence : new String[] {words(template.key()), usual(template.key())}) {
      SYMBOL
          .matcher(sentence)
          .results()
          .forEach(
              found ->
                  marks.put(
                      found.group(),
                      Wording.in(
                              now.language(), Map.of(SOME, found.group()), now.course().symbols())
                          .text(SOME)));
    }
    return marks;
  }

  /// Says it in other words; the usual ones, or none, set it back.
  public void reword(String key, String template, Scope scope) {
    last = scope;
    String own = template.equals(usual(key)) ? "" : template;
    if (own.equals(isOwn(key) ? words(key) : "") && scope == scope(key)) {
      return;
    }
    solution.edit(
        "",
        now ->
            scope == Scope.COURSE || own.isBlank()
                ? now.withWording(key, "").withCourse(now.course().withWording(key, own))
                : now.withWording(key, own));
  }
}
