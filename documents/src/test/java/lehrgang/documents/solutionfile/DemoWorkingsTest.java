package lehrgang.documents.solutionfile;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lehrgang.core.Sampled;
import lehrgang.core.page.Audience;
import lehrgang.core.page.PrintedWorkings;
import lehrgang.documents.Demo;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// Whoever reads a solution of the demo course with a pocket calculator gets what is printed.
@Sampled
class DemoWorkingsTest {
  static List<String> demos() {
    return Demo.some();
  }

  @ParameterizedTest
  @MethodSource("demos")
  void everyPrintedWorkingComesOut(String demo) {
    PrintedWorkings printed =
        PrintedWorkings.of(Demo.page(DemoCourse.open(demo).solution(), Audience.FULL));
    assertThat(printed.wrong()).isEmpty();
    assertThat(printed.checked()).isGreaterThan(20);
  }
}
