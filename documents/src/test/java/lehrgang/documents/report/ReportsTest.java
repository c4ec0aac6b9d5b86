package lehrgang.documents.report;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.StreamSupport;
import lehrgang.core.number.Value;
import lehrgang.core.page.Audience;
import lehrgang.documents.Demo;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// A derivation as text and as JSON.
class ReportsTest {
  private final String text = DerivationText.of(Demo.page(Audience.FULL));
  private final JsonNode json =
      JsonMapper.shared()
          .readTree(
              DerivationJson.of(Demo.solution(), Demo.derivation(Demo.solution()), List.of()));

  private JsonNode line(String id) {
    return json.get("lines").values().stream()
        .filter(line -> line.get("id").asString().equals(id))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void tablesAreAlignedAndFormulasHaveTheirNumbersPutIn() {
    assertThat(text)
        .contains(
            "    Lake loop     30.00   55.00   35.00  120.00\n",
            "    Gorge path    40.00   73.33   46.67  160.00\n",
            "    E₂₂ = R₂·C₂/n = 160·220/480 = 220/3 ≈ 73.33\n",
            "From the table alone: 13.277 < 14.10 < 14.860, so 0.005 < p < 0.01.");
  }

  @Test
  void noLineIsTooLongForAMail() {
    assertThat(text.lines()).allSatisfy(line -> assertThat(line.length()).isLessThanOrEqualTo(78));
  }

  @Test
  void jsonHasTheAgreedForm() {
    assertThat(json.get("format").asString()).isEqualTo("lehrgang-derivation/1");
    assertThat(json.get("decision").asString()).isEqualTo("reject");
    JsonNode expected = line("E[2,3]");
    assertThat(expected.get("step").asString()).isEqualTo("expected");
    assertThat(expected.get("label").asString()).isEqualTo("Gorge path, Autumn");
    assertThat(expected.get("value").asString()).isEqualTo("46.666666666666667");
    assertThat(expected.get("exact").asString()).isEqualTo("140/3");
    assertThat(expected.get("shown").asString()).isEqualTo("46.67");
    assertThat(expected.get("inputs").values().stream().map(JsonNode::asString))
        .containsExactly("R[2]", "C[3]", "n");
    assertThat(line("p").get("exact").isNull()).isTrue();
    assertThat(json.get("conditions").get(0).get("holds").asBoolean()).isTrue();
    assertThat(json.get("conditions").get(0).get("detail").asString())
        .isEqualTo("smallest expected count 30.00");
  }

  @Test
  void everyAgreedIdIsThere() {
    List<String> ids =
        StreamSupport.stream(json.get("lines").spliterator(), false)
            .map(line -> line.get("id").asString())
            .toList();
    assertThat(ids)
        .contains("n", "alpha", "crit", "p", "decision", "X2", "df", "V", "w")
        .contains("O[1,1]", "R[1]", "C[3]", "E[3,3]", "K[3,3]", "resid[1,2]", "adj[2,1]")
        .doesNotHaveDuplicates();
  }

  @Test
  void numbersHaveFifteenDigitsOrMoreHoweverSmall() {
    assertThat(FullDigits.of(Value.exactly("2.4935685454732355231e-261")))
        .isEqualTo("2.4935685454732355E-261");
    assertThat(FullDigits.of(Value.exactly("2.4935685454732355231e-361")))
        .isEqualTo("2.4935685454732355E-361");
    assertThat(FullDigits.of(Value.of(480))).isEqualTo("480");
    assertThat(FullDigits.of(Value.exactly("0.0069736470123144").inDecimals()))
        .isEqualTo("0.0069736470123144");
  }
}
