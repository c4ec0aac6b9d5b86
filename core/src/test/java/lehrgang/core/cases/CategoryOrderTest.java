package lehrgang.core.cases;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;

/// Values of a column in the order that their names are known by.
class CategoryOrderTest {
  private static Map<String, Long> counts(String... values) {
    Map<String, Long> counts = new LinkedHashMap<>();
    for (String value : values) {
      counts.put(value, 3L + counts.size());
    }
    return counts;
  }

  @Test
  void weekdaysAndMonthsComeInTheirOrderWithTheirCounts() {
    Map<String, Long> days = counts("Sunday", "friday ", "Monday");
    assertThat(CategoryOrder.inKnownOrder(days).keySet())
        .containsExactly("Monday", "friday ", "Sunday");
    assertThat(CategoryOrder.inKnownOrder(days)).containsExactlyInAnyOrderEntriesOf(days);
    assertThat(CategoryOrder.inKnownOrder(counts("October", "March", "December")).keySet())
        .containsExactly("March", "October", "December");
  }

  @Test
  void otherValuesStayAsTheyCome() {
    assertThat(CategoryOrder.inKnownOrder(counts("Summit way", "Gorge path", "Monday")).keySet())
        .containsExactly("Summit way", "Gorge path", "Monday");
    assertThat(CategoryOrder.inKnownOrder(Map.of())).isEmpty();
  }
}
