package lehrgang.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.stream.IntStream;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.NumberStyle;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Span;
import lehrgang.core.wording.Wording;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Sums with more terms than are written, and numbers and letters with raised and lowered parts.
class LongSumsTest {
  private static String sumOf(int... members) {
    Expr sum =
        new Expr.Sum(Arrays.stream(members).mapToObj(k -> Expr.ref(LineId.of("P", k))).toList());
    Typesetting symbols =
        new Typesetting(
            id -> Symbol.of("P").at(id.index()).box(),
            Typesetting.Families.AS_SYMBOL,
            NumberStyle.POINT,
            Wording.english()::text);
    return PlainText.of(symbols.box(sum));
  }

  @Test
  void dotsNeverBridgeAGap() {
    assertThat(sumOf(1, 2, 3, 9, 10, 11, 12)).isEqualTo("P₁ + P₂ + P₃ + P₉ + ⋯ + P₁₂");
    assertThat(sumOf(0, 1, 9, 10)).isEqualTo("P₀ + P₁ + P₉ + P₁₀");
    assertThat(sumOf(IntStream.rangeClosed(0, 196).toArray())).isEqualTo("P₀ + P₁ + P₂ + ⋯ + P₁₉₆");
    assertThat(sumOf(0, 1, 2, 3, 4, 20)).isEqualTo("P₀ + ⋯ + P₄ + P₂₀");
  }

  @ParameterizedTest
  @CsvSource({
    "2.07\u2009·\u200910⁻²²⁷, <msup><mn>10</mn><mn>−227</mn></msup>",
    "10⁻³⁰⁰, <msup><mn>10</mn><mn>−300</mn></msup>",
    "10¹², <msup><mn>10</mn><mn>12</mn></msup>"
  })
  void aPowerOfTenIsSetWithARaisedExponent(String number, String set) {
    assertThat(new MathMl(_ -> "").of(Box.number(number))).contains(set);
    assertThat(PlainText.of(Box.number(number))).isEqualTo(number);
  }

  @Test
  void otherNumbersAreSetAsTheyAre() {
    assertThat(PowerOfTen.in("10.5")).isEmpty();
    assertThat(PowerOfTen.in("1010")).isEmpty();
  }

  /// A letter with an index in a sentence is set as it is in a formula, and reads the same.
  @Test
  void anIndexedLetterInASentenceIsAFormula() {
    var spans =
        Wording.english()
            .spans(
                Phrase.of("hypotheses.null.layers.larger")
                    .with("layer", "season")
                    .with("row", "route")
                    .with("column", "O₂ need"),
                null);
    assertThat(spans).anyMatch(span -> span instanceof Span.Formula(Box.Scripts _));
    assertThat(Span.plain(spans)).startsWith("H₀:").contains("O₂ need");
    assertThat(spans)
        .filteredOn(Span.Formula.class::isInstance)
        .as("a label of the user's own stays as it was typed")
        .hasSize(1);
  }
}
