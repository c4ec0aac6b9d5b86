package lehrgang.documents.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import lehrgang.documents.look.Typeface;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.AlphaChars;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;

class SentenceTest {
  private static String text(Slab line) {
    return line.pieces().stream()
        .flatMap(piece -> piece.paints().stream())
        .map(
            paint ->
                switch (paint) {
                  case Paint.Text text -> text.text();
                  case Paint.Foreign text -> text.text();
                  default -> "";
                })
        .collect(Collectors.joining());
  }

  private static List<Slab> lines(String text, double width) {
    return new Sentence(10)
        .add(text, Typeface.SERIF, 0)
        .lines(width, Element.document().part(Element.Type.PARAGRAPH));
  }

  @Property
  void noWordIsLostAndNoLineIsTooWide(
      @ForAll @Size(min = 1, max = 30)
          List<@AlphaChars @StringLength(min = 1, max = 12) String> words,
      @ForAll @DoubleRange(min = 150, max = 400) double width) {
    List<Slab> lines = lines(String.join(" ", words), width);
    String all = lines.stream().map(SentenceTest::text).collect(Collectors.joining(" "));
    assertThat(all.split(" +")).containsExactly(words.toArray(String[]::new));
    assertThat(lines)
        .allSatisfy(
            line ->
                assertThat(line.width()).isLessThan(width + Typeface.SERIF.width(" ", 10) + 0.01));
  }

  @Test
  void aWordLongerThanALineIsBrokenRatherThanCut() {
    String label = "w".repeat(200);
    List<Slab> lines = lines(label, 120);
    assertThat(lines.stream().map(SentenceTest::text).collect(Collectors.joining()))
        .isEqualTo(label);
    assertThat(lines).allSatisfy(line -> assertThat(line.width()).isLessThan(130));
  }

  @Test
  void lettersThatNoFontOfTheHouseHasAreDrawnAllTheSame() {
    List<Slab> lines = lines("route \u2068שביל האגם\u2069 and 山道", 300);
    assertThat(text(lines.getFirst())).contains("שביל האגם").contains("山道");
    assertThat(lines.getFirst().pieces().getFirst().paints())
        .anyMatch(Paint.Foreign.class::isInstance);
  }
}
