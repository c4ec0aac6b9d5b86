package lehrgang.core.wording;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.MissingResourceException;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.wording.Span.Weight;
import org.junit.jupiter.api.Test;

/// Sentences from their templates, and the instructor's own in their place.
class WordingTest {
  private static final LineId P = LineId.of("p");

  private static Wording own(String template) {
    return Wording.in(Locale.ENGLISH, Map.of("test", template));
  }

  private static final Wording.Numbers NUMBERS =
      new Wording.Numbers() {
        @Override
        public Box number(LineId line) {
          return Box.number("0.0070");
        }

        @Override
        public List<Span> stated(LineId line) {
          return List.of(new Span.Words("p ≈ 0.0070", Weight.PLAIN));
        }

        @Override
        public String reported(Phrase.Reported reported) {
          return "= .007";
        }
      };

  @Test
  void marksTurnAWeightOnAndOffAgain() {
    assertThat(own("a *b* **c** d").spans(Phrase.of("test"), NUMBERS))
        .containsExactly(
            new Span.Words("a ", Weight.PLAIN),
            new Span.Words("b", Weight.EMPHASIS),
            new Span.Words(" ", Weight.PLAIN),
            new Span.Words("c", Weight.STRONG),
            new Span.Words(" d", Weight.PLAIN));
  }

  @Test
  void aNumberStaysAliveAndKeepsTheWeightOfItsWords() {
    Phrase phrase = Phrase.of("test").with("p", P);
    assertThat(own("so *{p}* it is").spans(phrase, NUMBERS))
        .containsExactly(
            new Span.Words("so ", Weight.PLAIN),
            new Span.Live(P, Box.number("0.0070"), Weight.EMPHASIS),
            new Span.Words(" it is", Weight.PLAIN));
  }

  @Test
  void aPhraseInsideAPhraseHasItsOwnGaps() {
    Wording wording =
        Wording.in(Locale.ENGLISH, Map.of("outer", "({inner}) {x}", "inner", "<{x}>"));
    Phrase phrase =
        Phrase.of("outer").with("inner", Phrase.of("inner").with("x", "in")).with("x", "out");
    assertThat(wording.text(phrase)).isEqualTo("(<in>) out");
  }

  @Test
  void aGapThatNothingFillsIsLeftToBeSeen() {
    assertThat(own("{who} knows").text("test")).isEqualTo("{who} knows");
  }

  @Test
  void whatTheUserTypedIsNeverTakenForAMarkOrAGap() {
    Phrase phrase = Phrase.of("test").with("row", "*A* {row} **B**").with("n", 12);
    assertThat(own("{row}: {n}").text(phrase)).isEqualTo("*A* {row} **B**: 12");
  }

  @Test
  void anOwnSentenceGoesBeforeTheUsualOneAndLosesNothingElse() {
    Wording wording = Wording.in(Locale.ENGLISH, Map.of("step.p", "The area"));
    assertThat(wording.text("step.p")).isEqualTo("The area");
    assertThat(wording.text("step.df".replace("df", "data"))).isEqualTo("Data");
    assertThat(wording.has("step.p")).isTrue();
    assertThat(wording.has("step.nothing")).isFalse();
    assertThatThrownBy(() -> wording.text("step.nothing"))
        .isInstanceOf(MissingResourceException.class)
        .hasMessageContaining("step.nothing");
  }

  @Test
  void aSentenceWithoutNumbersRefusesThem() {
    assertThatThrownBy(() -> own("{p}").text(Phrase.of("test").with("p", P)))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("p");
  }

  @Test
  void theSameSentenceIsSaidTheSameTwice() {
    Wording wording = own("{a} and *{b}*");
    Phrase one = Phrase.of("test").with("a", "1").with("b", "2");
    Phrase other = Phrase.of("test").with("a", "3").with("b", "4");
    assertThat(wording.text(one)).isEqualTo("1 and 2");
    assertThat(wording.text(other)).isEqualTo("3 and 4");
    assertThat(wording.text(one)).isEqualTo("1 and 2");
  }
}
