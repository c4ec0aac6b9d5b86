package lehrgang.documents.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;
import lehrgang.core.wording.Wording;
import lehrgang.documents.look.Typeface;
import lehrgang.documents.paper.Element.Type;
import lehrgang.documents.paper.Flow.Keep;
import lehrgang.documents.paper.PdfReader.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class PdfTest {
  private static final Tints PLAIN =
      new Tints() {
        @Override
        public int colour(List<LineId> within) {
          return 0;
        }

        @Override
        public Optional<Underline> underline(LineId line) {
          return Optional.empty();
        }

        @Override
        public String corner(LineId line) {
          return "7";
        }
      };

  private static PdfReader pdf(Flow flow) {
    Print print =
        new Print(
            "A title",
            "de",
            Paper.A4,
            flow,
            (page, of) -> Pictured.label(page + "/" + of, Typeface.SANS, 8, 0, 100, 800, 0));
    return PdfReader.of(Pdf.of(print));
  }

  private static List<Slab> lines(String text, Element element) {
    return new Sentence(10).add(text, Typeface.SERIF, 0).lines(400, element);
  }

  @Test
  void aParagraphThatGoesOverAPageIsOneElement() {
    Element document = Element.document();
    Flow flow = new Flow();
    flow.addLines(lines("word ".repeat(3000), document.part(Type.PARAGRAPH)), 0, Keep.FREE);
    PdfReader pdf = pdf(flow);
    assertThat(pdf.pages()).hasSizeGreaterThan(1);
    assertThat(pdf.tags().stream().map(Tag::type)).containsExactly("Document", "P");
    assertThat(pdf.pages().getLast()).contains(pdf.pages().size() + "/" + pdf.pages().size());
  }

  @Test
  void titleAndLanguageAreThoseOfTheDocument() {
    Flow flow = new Flow();
    flow.addLines(lines("Text", Element.document().part(Type.PARAGRAPH)), 0, Keep.FREE);
    PdfReader pdf = pdf(flow);
    assertThat(pdf.title()).isEqualTo("A title");
    assertThat(pdf.language()).isEqualTo("de");
    assertThat(pdf.foreignFonts()).isEmpty();
  }

  @Test
  void elementsComeInTheOrderInWhichTheyArePainted() {
    Element document = Element.document();
    Element section = document.part(Type.SECTION);
    Flow flow = new Flow();
    flow.addLines(lines("Heading", section.part(Type.HEADING)), 0, Keep.WITH_NEXT);
    Chain chain = new Chain(Box.variable("p"), List.of(new Chain.Link("=", Box.number("0.05"))));
    flow.add(
        Formulas.chain(chain, Wording.english().speech().of(chain.box()), 11, 400, section, PLAIN),
        5,
        Keep.FREE);
    flow.addLines(lines("After it", section.part(Type.PARAGRAPH)), 5, Keep.FREE);
    assertThat(pdf(flow).tags())
        .containsExactly(
            new Tag("Document", ""),
            new Tag("Sect", ""),
            new Tag("H2", ""),
            new Tag("Formula", "p equals 0.05"),
            new Tag("P", ""));
  }

  @ParameterizedTest
  @EnumSource(WorkingSpace.Pattern.class)
  void roomToWorkInIsNotReadOut(WorkingSpace.Pattern pattern) {
    Element document = Element.document();
    Flow flow = new Flow();
    flow.addLines(lines("Text", document.part(Type.PARAGRAPH)), 0, Keep.FREE);
    Slab room = WorkingSpace.of(pattern, 400, 4);
    flow.add(room, 5, Keep.FREE);
    assertThat(room.height()).isBetween(40.0, 80.0);
    assertThat(pdf(flow).tags().stream().map(Tag::type)).containsExactly("Document", "P");
  }

  @Test
  void theNumberOfABlankStandsInItsRoom() {
    Element document = Element.document();
    Box blank = new Box.Linked(LineId.of("df"), new Box.Blank(3));
    Chain chain = new Chain(Box.name("df"), List.of(new Chain.Link("=", blank)));
    Flow flow = new Flow();
    flow.add(
        Formulas.chain(chain, Wording.english().speech().of(chain.box()), 11, 400, document, PLAIN),
        0,
        Keep.FREE);
    assertThat(pdf(flow).words()).contains("df").contains("7");
  }

  @Test
  void thePagesCanBePainted() {
    Flow flow = new Flow();
    flow.addLines(lines("Text", Element.document().part(Type.PARAGRAPH)), 0, Keep.FREE);
    Print print = new Print("x", "en", Paper.LETTER, flow, (_, _) -> List.of());
    try (PdfPages pages = PdfPages.of(Pdf.of(print))) {
      PdfPages.Picture picture = pages.picture(0, 0.5);
      assertThat(picture.width()).isEqualTo(306);
      assertThat(picture.height()).isEqualTo(396);
      assertThat(Arrays.stream(picture.pixels()).distinct().count()).isGreaterThan(1);
    }
  }
}
