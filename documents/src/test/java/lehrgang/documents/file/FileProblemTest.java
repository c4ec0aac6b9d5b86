package lehrgang.documents.file;

import static org.assertj.core.api.Assertions.assertThat;

import lehrgang.core.wording.Phrase;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/// One sentence on one line, whatever stands in the file.
class FileProblemTest {
  private static String said(String quoted) {
    return new FileProblem(
            Phrase.of("solution.newer").with("file", "a.lehrgang").with("format", quoted))
        .getMessage();
  }

  @Property(tries = 300)
  void whatIsQuotedStaysOnOneLineAndShort(@ForAll String quoted) {
    assertThat(said(quoted.repeat(40))).doesNotContain("\n", "\r", "\u0000").hasSizeLessThan(700);
  }

  @Test
  void whatIsShortIsQuotedWhole() {
    assertThat(said("lehrgang-solution/9")).contains("(lehrgang-solution/9)");
  }
}
