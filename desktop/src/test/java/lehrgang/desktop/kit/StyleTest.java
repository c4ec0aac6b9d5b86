package lehrgang.desktop.kit;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.lang.reflect.Field;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/// A style class without a rule is a misspelt one, and a rule for a class that nothing has is dead.
class StyleTest {
  private static final Pattern SELECTOR = Pattern.compile("([^{}]+)\\{[^}]*}");
  private static final Pattern CLASS = Pattern.compile("\\.([a-z][a-z0-9-]*)");

  /// Classes that the toolkit gives its own controls.
  private static final Set<String> TOOLKIT =
      Set.of(
          "root",
          "label",
          "box",
          "content",
          "thumb",
          "viewport",
          "tooltip",
          "menu-item",
          "sheet",
          "arrow",
          "arrow-button",
          "text-field",
          "text-area",
          "check-box",
          "mark",
          "combo-box",
          "combo-box-base",
          "combo-box-popup",
          "context-menu",
          "list-cell",
          "list-view",
          "scroll-bar",
          "scroll-pane",
          "toggle-button",
          "virtual-flow",
          "clipped-container",
          "ikonli-font-icon");

  /// Classes that are made from what they show: a role, an ink, a shade, a tone or a weight.
  private static final List<String> MADE = List.of("role-", "fill-", "stroke-", "more-", "fewer-");

  private static final Set<String> TONES =
      Set.of("checked", "note", "warning", "emphasis", "strong", "plain");

  private static Set<String> styled() throws IOException {
    try (var in = StyleTest.class.getResourceAsStream("/lehrgang/desktop/tokens.css")) {
      String sheet =
          new String(in.readAllBytes(), StandardCharsets.UTF_8).replaceAll("(?s)/\\*.*?\\*/", "");
      return SELECTOR
          .matcher(sheet)
          .results()
          .flatMap(rule -> CLASS.matcher(rule.group(1)).results())
          .map(found -> found.group(1))
          .collect(Collectors.toCollection(TreeSet::new));
    }
  }

  private static Set<String> named() throws IllegalAccessException {
    Set<String> named = new TreeSet<>();
    for (Field field : Style.class.getFields()) {
      named.add((String) field.get(null));
    }
    return named;
  }

  @Test
  void everyStyleClassHasARule() throws Exception {
    assertThat(styled()).containsAll(named());
  }

  @Test
  void everyRuleIsForAClassThatThereIs() throws Exception {
    Set<String> dead = styled();
    dead.removeAll(named());
    dead.removeAll(TOOLKIT);
    dead.removeAll(TONES);
    dead.removeIf(style -> MADE.stream().anyMatch(style::startsWith));
    assertThat(dead).isEmpty();
  }

  /// A rule for a class of the toolkit's own changes every list, field or menu of the window.
  @Test
  void noClassIsNamedLikeOneOfTheToolkit() throws Exception {
    assertThat(named()).doesNotContainAnyElementsOf(TOOLKIT);
  }

  @Test
  void aConstantIsCalledLikeItsClass() {
    assertThat(Arrays.stream(Style.class.getFields()))
        .allSatisfy(
            field ->
                assertThat(field.get(null))
                    .isEqualTo(field.getName().toLowerCase().replace('_', '-')));
  }
}
