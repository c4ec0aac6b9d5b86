package lehrgang.documents.handout.tex;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import lehrgang.core.Sampled;
import lehrgang.core.page.Audience;
import lehrgang.core.solution.SheetChoices;
import lehrgang.core.solution.Solution;
import lehrgang.documents.Demo;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.solutionfile.DemoCourse;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

@Sampled
class TexHandoutTest {
  private static final Pattern ENVIRONMENT = Pattern.compile("\\\\(begin|end)\\{(\\w+)}");

  static List<String> demos() {
    return Demo.some();
  }

  private static String tex(Order order) {
    return new String(TexHandout.of(order, "sheet").content(), StandardCharsets.UTF_8);
  }

  private static String body(String tex) {
    return tex.substring(tex.indexOf("\\begin{document}"));
  }

  /// What TeX would stumble over: a brace or an environment that is not closed, or a bare sign that
  /// means something.
  private static void assertThatItCanBeRead(String tex) {
    int depth = 0;
    for (int at = 0; at < tex.length(); at++) {
      char sign = tex.charAt(at);
      boolean escaped = at > 0 && tex.charAt(at - 1) == '\\';
      if (sign == '\\' && escaped) {
        at++;
      } else if (!escaped && sign == '{') {
        depth++;
      } else if (!escaped && sign == '}') {
        depth--;
      }
      assertThat(depth).as(tex.substring(Math.max(0, at - 60), at)).isNotNegative();
    }
    assertThat(depth).isZero();
    Deque<String> open = new ArrayDeque<>();
    Matcher environment = ENVIRONMENT.matcher(tex);
    while (environment.find()) {
      if (environment.group(1).equals("begin")) {
        open.push(environment.group(2));
      } else {
        assertThat(open.pop()).isEqualTo(environment.group(2));
      }
    }
    assertThat(open).isEmpty();
    assertThat(body(tex)).doesNotContainPattern("(?<!\\\\)[$#]");
  }

  @ParameterizedTest
  @MethodSource("demos")
  void everySheetIsWellFormed(String demo) {
    Solution solution = DemoCourse.open(demo).solution();
    for (Audience audience : Audience.values()) {
      assertThatItCanBeRead(tex(Demo.order(solution, audience)));
    }
  }

  @ParameterizedTest
  @MethodSource("demos")
  void rowsOfATableHaveAsManyEntriesAsItsForm(String demo) {
    String tex = tex(Demo.order(DemoCourse.open(demo).solution(), Audience.KEY));
    Matcher table =
        Pattern.compile(
                "\\\\begin\\{tabular}\\[t]\\{@\\{}([lr|]+)@\\{}}\\n(.*?)\\\\end", Pattern.DOTALL)
            .matcher(tex);
    int tables = 0;
    while (table.find()) {
      tables++;
      long columns = table.group(1).chars().filter(sign -> sign != '|').count();
      table
          .group(2)
          .lines()
          .filter(row -> row.endsWith("\\\\") && !row.contains("\\multicolumn"))
          .forEach(
              row ->
                  assertThat(row.replace("\\&", "").chars().filter(sign -> sign == '&').count() + 1)
                      .as(row)
                      .isEqualTo(columns));
    }
    assertThat(tables).isPositive();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "\\input{secret} \\write18{rm}",
        "50 % of $x$ & y_z #1 {a} ~b^c",
        "\\end{document}",
        "a\nb\\\\c",
        "שביל \u202e abc",
        "山道 🥾",
        "<b>\"it's\" `here`</b>",
        "café – “naïve” … ½ × χ² ≥ α"
      })
  void aLabelIsTextWhateverItHolds(String label) {
    Solution solution =
        Demo.solution()
            .withTable(Demo.solution().table().withRowLabel(0, label).withColumnLabel(0, label));
    String tex = tex(Demo.order(solution, Audience.FULL));
    assertThatItCanBeRead(tex);
    assertThat(body(tex)).doesNotContain("\\input{", "\\write18", "\\end{document}\\");
    assertThat(tex.split("\\\\end\\{document}", -1)).hasSize(2);
  }

  @Test
  void everyBlankHasItsNumber() {
    Order order = Demo.order(Demo.solution(), Audience.STUDENT);
    String tex = tex(order);
    int blanks = order.solutions().getFirst().blanks().count();
    assertThat(IntStream.rangeClosed(1, blanks))
        .allSatisfy(number -> assertThat(tex).contains("\\blank{" + number + "}{"));
  }

  @Test
  void thePaperAndTheRoomAreWhatWasChosen() {
    SheetChoices lines =
        SheetChoices.usual()
            .on(SheetChoices.PaperSize.LETTER)
            .withRoom(SheetChoices.WorkingRoom.LINES);
    String tex = tex(Demo.order(Demo.solution().withSheet(lines), Audience.STUDENT));
    assertThat(tex).contains("letterpaper", TexPreamble.LINES, "\\workroom{");
    String none =
        tex(
            Demo.order(
                Demo.solution().withSheet(lines.withRoom(SheetChoices.WorkingRoom.NONE)),
                Audience.STUDENT));
    assertThat(body(none)).doesNotContain("\\workroom{");
  }
}
