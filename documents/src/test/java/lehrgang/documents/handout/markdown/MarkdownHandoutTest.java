package lehrgang.documents.handout.markdown;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lehrgang.core.Sampled;
import lehrgang.core.page.Audience;
import lehrgang.core.solution.Solution;
import lehrgang.documents.Demo;
import lehrgang.documents.handout.order.Sheet;
import lehrgang.documents.solutionfile.DemoCourse;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

@Sampled
class MarkdownHandoutTest {
  private static final Pattern FIGURE = Pattern.compile("!\\[[^\\n]*]\\(<([^>]+)>\\)");

  static List<String> demos() {
    return Demo.some();
  }

  private static Sheet sheet(Solution solution, Audience audience) {
    return MarkdownHandout.of(Demo.order(solution, audience), "sheet");
  }

  private static String text(Sheet sheet) {
    return new String(sheet.content(), StandardCharsets.UTF_8);
  }

  @ParameterizedTest
  @MethodSource("demos")
  void everyFigureItShowsStandsBesideIt(String demo) {
    Sheet sheet = sheet(DemoCourse.open(demo).solution(), Audience.FULL);
    Map<String, byte[]> beside = sheet.beside();
    Matcher shown = FIGURE.matcher(text(sheet));
    int figures = 0;
    while (shown.find()) {
      figures++;
      byte[] figure = beside.get(shown.group(1));
      assertThat(figure).as(shown.group(1)).isNotEmpty();
      if (shown.group(1).endsWith(".svg")) {
        assertThat(new String(figure, StandardCharsets.UTF_8))
            .startsWith("<?xml")
            .contains("<svg", "<title>");
      }
    }
    assertThat(beside).hasSize(figures);
  }

  @ParameterizedTest
  @MethodSource("demos")
  void everyRowOfATableIsAsLongAsItsHead(String demo) {
    for (Audience audience : Audience.values()) {
      String text = text(sheet(DemoCourse.open(demo).solution(), audience));
      long columns = 0;
      for (String line : text.lines().toList()) {
        long entries = line.startsWith("|") ? line.split("(?<!\\\\)\\|", -1).length : 0;
        assertThat(entries == 0 || columns == 0 || entries == columns).as(line).isTrue();
        columns = entries;
      }
    }
  }

  @ParameterizedTest
  @MethodSource("demos")
  void formulasAreOpenedAndClosed(String demo) {
    String text = text(sheet(DemoCourse.open(demo).solution(), Audience.KEY));
    assertThat(text.split("(?m)^\\$\\$$", -1).length % 2).isOne();
    for (String line : text.lines().filter(each -> !each.equals("$$")).toList()) {
      assertThat(line.replace("\\$", "").chars().filter(sign -> sign == '$').count() % 2)
          .as(line)
          .isZero();
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      quoteCharacter = '"',
      value = {
        "a*b_c ; a\\*b\\_c",
        "<script> ; \"&lt;script\\>\"",
        "x | y ; x \\| y",
        "1. first ; 1\\. first",
        "- item ; \\- item",
        "$5 & #7 ; \"\\$5 &amp; \\#7\""
      })
  void aLabelIsTextWhateverItHolds(String label, String written) {
    assertThat(MarkdownHandout.escaped(label)).isEqualTo(written);
  }
}
