package lehrgang.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.util.List;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import lehrgang.core.ReferenceCases;
import lehrgang.core.expr.LineId;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.xml.sax.InputSource;

/// One formula, read as plain text, MathML, TeX and speech.
class NotationTest {
  private static final Speech SPEECH = Wording.english().speech();

  private final Page page =
      ReferenceCases.page(ReferenceCases.solution(ReferenceCases.trailRegister()), Audience.FULL);

  private Box formula(String line) {
    return page.chain(LineId.parse(line).orElseThrow()).box();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "E[2,3]|E₂₃ = R₂·C₃/n = 160·140/480 = 140/3 ≈ 46.67",
        "K[2,3]|K₂₃ = (O₂₃ − E₂₃)²/E₂₃ ≈ (58 − 46.667)²/46.667 ≈ 2.752",
        "df|df = (r − 1)·(c − 1) = (3 − 1)·(3 − 1) = 4",
        "R[2]|R₂ = Σ O_2j = 38 + 64 + 58 = 160",
        "p|p = e^(−χ²/2)·(1 + χ²/2) ≈ e^(−14.10294/2)·(1 + 14.10294/2) ≈ 0.0008661·8.051 ≈ 0.0070",
        "w|w = √(χ²/n) ≈ √(14.10/480) ≈ 0.17",
        "crit|χ²_crit = χ²_(df; α) = χ²_(4; 0.05) ≈ 9.488",
        "decision|decision = χ² ≥ χ²_crit ≈ 14.10 ≥ 9.488 = reject H₀"
      })
  void plainTextCanBePastedIntoAMail(String line, String text) {
    assertThat(PlainText.of(formula(line))).isEqualTo(text);
  }

  @Test
  void speechSaysWhatEyesSee() {
    assertThat(SPEECH.of(formula("E[2,3]")))
        .isEqualTo(
            "E two three equals R two times C three over n equals 160 times 140 over 480 equals 140"
                + " over 3 is about 46.67");
    assertThat(SPEECH.of(formula("K[2,3]")))
        .startsWith(
            "K two three equals the quantity open bracket O two three minus E two three close"
                + " bracket squared end quantity over E two three");
    assertThat(SPEECH.of(formula("X2"))).contains("the sum over ij of K i j");
    assertThat(SPEECH.of(formula("w"))).contains("the square root of");
  }

  @ParameterizedTest
  @ValueSource(strings = {"E[2,3]", "K[1,1]", "X2", "df", "crit", "p", "V", "adj[3,3]", "R[1]"})
  void mathMlIsWellFormed(String line) throws Exception {
    String math = new MathMl(_ -> "").of(formula(line));
    DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
    factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
    var root =
        factory
            .newDocumentBuilder()
            .parse(new InputSource(new StringReader(math)))
            .getDocumentElement();
    assertThat(root.getTagName()).isEqualTo("math");
    assertThat(root.getTextContent()).contains("=");
  }

  @Test
  void mathMlBuildsRealFractionsRootsAndSums() {
    MathMl plain = new MathMl(_ -> "");
    assertThat(plain.of(formula("E[2,3]"))).contains("<mfrac>", "<msub><mi>E</mi>");
    assertThat(plain.of(formula("w"))).contains("<msqrt>");
    assertThat(plain.of(formula("X2"))).contains("<munder><mo>∑</mo>");
    assertThat(new MathMl(LineId::toString).of(formula("E[2,3]")))
        .contains("<mrow class=\"R[2]\">");
  }

  static Stream<Solution> solutions() {
    return ReferenceCases.oneOfEach().stream();
  }

  /// Every formula of every procedure, as TeX would read it.
  @ParameterizedTest
  @MethodSource("solutions")
  void texCanBeSet(Solution solution) {
    Page any = ReferenceCases.page(solution, Audience.FULL);
    for (LineId id : any.lines()) {
      TexReader.read(Tex.of(any.chain(id).box()));
    }
  }

  @Test
  void texSaysWhatStandsThere() {
    assertThat(Tex.of(formula("E[2,3]")))
        .isEqualTo(
            "{E}_{\\mathrm{23}}=\\frac{{R}_{\\mathrm{2}}\\cdot {C}_{\\mathrm{3}}}{n}"
                + "=\\frac{160\\cdot 140}{480}=\\frac{140}{3}\\approx 46.67");
    assertThat(Tex.of(Box.name("50 % \\ {x}~ü")))
        .isEqualTo("\\text{50 \\% \\textbackslash{} \\{x\\}\\textasciitilde{}ü}");
    assertThat(Tex.of(Box.number("2,3·10⁻¹⁰"))).isEqualTo("2{,}3\\cdot 10^{-10}");
    assertThat(Tex.of(Box.number("1\u2009284\u2009199"))).isEqualTo("1\\,284\\,199");
    assertThat(Tex.of(Box.number("reject H₀"))).isEqualTo("\\text{reject H}_{0}");
    assertThat(Tex.of(Box.name("p̂"))).isEqualTo("\\hat{p}");
  }

  @Test
  void longSumsShowTheirFirstTermsDotsAndTheirLast() {
    Page wide =
        ReferenceCases.page(
            ReferenceCases.solution(
                ReferenceCases.table(
                    List.of(
                        List.of(10L, 20L, 30L, 40L, 55L),
                        List.of(11L, 19L, 35L, 36L, 60L),
                        List.of(9L, 21L, 28L, 47L, 50L)))),
            Audience.FULL);
    String text = PlainText.of(wide.chain(LineId.of("X2")).box());
    assertThat(text).contains("⋯");
    assertThat(text.split("\\+")).hasSize(5);
  }

  @Test
  void twoDigitIndicesAreKeptApart() {
    assertThat(Symbol.of("E").at(List.of("2", "13")).plain()).isEqualTo("E_2,13");
    assertThat(Symbol.of("E").at(List.of("2", "3")).plain()).isEqualTo("E₂₃");
  }
}
