package lehrgang.documents.report;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import lehrgang.core.compose.Composer;
import lehrgang.core.compose.Offer;
import lehrgang.core.compose.Order;
import lehrgang.core.compose.Proposal;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.documents.solutionfile.DemoCourse;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// Proposals as text and as data say the same.
class ProposalsReportTest {
  static Stream<String> demos() {
    return Stream.of(
        "route-and-season",
        "planting-plan",
        "deer-gate",
        "map-and-dark",
        "repainted-waymarks",
        "nest-boxes",
        "register-map-by-season");
  }

  private static List<Proposal> proposals(String demo) {
    Proposal model = Proposal.of(DemoCourse.open(demo).solution()).orElseThrow();
    var table = model.solution().table();
    Order order =
        new Order(
            table.rows().size(),
            table.columns().size(),
            table.layers().size(),
            model.observations(),
            List.of());
    return Composer.like(model).compose(order, 3).proposals();
  }

  @ParameterizedTest
  @MethodSource("demos")
  void everyCountAndItsDecisionStandInBoth(String demo) {
    List<Proposal> proposals = proposals(demo);
    assertThat(proposals).hasSizeGreaterThanOrEqualTo(5);
    List<Page> pages =
        proposals.stream()
            .map(one -> Page.of(one.solution(), one.derivation(), Audience.FULL))
            .toList();
    String text = ProposalsReport.text(proposals, pages);
    JsonNode document =
        JsonMapper.shared()
            .readTree(ProposalsReport.json(proposals.getFirst().solution().procedure(), proposals));
    assertThat(document.get("proposals").size()).isEqualTo(proposals.size());
    for (int k = 0; k < proposals.size(); k++) {
      Proposal proposal = proposals.get(k);
      JsonNode one = document.get("proposals").get(k);
      assertThat(one.get("decision").asString())
          .isEqualTo(proposal.rejects() ? "reject" : "do-not-reject");
      assertThat(text).contains((k + 1) + "  " + ProposalsReport.numbers(pages.get(k)));
      List<List<String>> cells = proposal.solution().table().cells();
      for (int i = 0; i < cells.size(); i++) {
        for (int j = 0; j < cells.get(i).size(); j++) {
          assertThat(one.get("cells").get(i).get(j).asString()).isEqualTo(cells.get(i).get(j));
        }
        assertThat(text)
            .containsPattern(String.join(" +", cells.get(i).stream().map(Pattern::quote).toList()));
      }
      assertThat(ProposalsReport.numbers(pages.get(k))).endsWith(pages.get(k).verdictSentence());
    }
    assertThat(Offer.of(document.get("procedure").asString())).isPresent();
  }
}
