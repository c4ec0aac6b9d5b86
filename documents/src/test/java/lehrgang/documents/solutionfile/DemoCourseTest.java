package lehrgang.documents.solutionfile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Solution;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.handout.html.HtmlHandout;
import lehrgang.documents.handout.order.Order;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.report.DerivationJson;
import lehrgang.documents.report.DerivationText;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// Every solution of the demo course, read as its users would.
class DemoCourseTest {
  static List<String> names() {
    return DemoCourse.names();
  }

  private static Derivation derive(Solution solution) {
    return switch (Procedures.workAtOnce(solution)) {
      case Procedure.Derived(var derivation) -> derivation;
      case Procedure.Refused(var problems) -> throw new AssertionError(problems.toString());
    };
  }

  @Test
  void thereIsOneForEveryProcedureAndBothStories() {
    List<Solution> solutions =
        names().stream().map(name -> DemoCourse.open(name).solution()).toList();
    assertThat(solutions)
        .extracting(Solution::procedure)
        .containsAll(Procedures.all().stream().map(Procedure::id).toList());
    assertThat(solutions)
        .extracting(
            solution -> solution.choices().options().getOrDefault("sampling", "independence"))
        .contains("independence", "homogeneity");
    assertThat(solutions).allMatch(solution -> solution.question().text().endsWith("."));
    assertThatThrownBy(() -> DemoCourse.open("nothing"))
        .isInstanceOf(IllegalArgumentException.class);
  }

  /// What a solution of the course teaches: one of its lines, and the decision.
  private record Taught(String name, String line, double value, String decision) {}

  /// What the course is there to show, found with an independent calculation.
  private static final List<Taught> TAUGHT =
      List.of(
          new Taught("route-and-season", "X2", 14.1029, "reject"),
          new Taught("party-size-by-gate", "X2", 19.2559, "reject"),
          new Taught("bunk-rooms", "X2", 12.95, "reject"),
          new Taught("planting-plan", "X2", 5.1393, "do-not-reject"),
          new Taught("worn-waymarks", "p", 0.951517, "do-not-reject"),
          new Taught("deer-gate", "z", -2.4178, "reject"),
          new Taught("map-and-dark", "z", 2.5360, "reject"),
          new Taught("repainted-waymarks", "X2", 9, "reject"),
          new Taught("nest-boxes", "p", 0.0152201, "reject"),
          new Taught("orchid-meadows", "X2", 9.0, "do-not-reject"),
          new Taught("register-and-weekend", "X2", 15.9390, "reject"),
          new Taught("hut-and-stay", "X2", 0.0495, "do-not-reject"),
          new Taught("register-route-and-map", "X2", 0.5884, "do-not-reject"),
          new Taught("register-age-and-route", "X2", 18.1244, "reject"),
          new Taught("register-map-by-season", "X2", 9.7052, "reject"),
          new Taught("register-weekdays", "X2", 229.8072, "reject"));

  static List<Taught> taught() {
    return TAUGHT;
  }

  @Test
  void everySolutionOfTheCourseIsTaughtFor() {
    assertThat(TAUGHT).extracting(Taught::name).containsExactlyElementsOf(names());
  }

  @ParameterizedTest
  @MethodSource("taught")
  void itsResultIsTheOneItTeaches(Taught taught) {
    Derivation derivation = derive(DemoCourse.open(taught.name()).solution());
    assertThat(derivation.exact().holds(derivation.decision()))
        .isEqualTo(taught.decision().equals("reject"));
    assertThat(derivation.exact().of(taught.line()).asDouble())
        .isCloseTo(taught.value(), within(1e-4));
  }

  @ParameterizedTest
  @MethodSource("names")
  void theShippedFileIsTheOneInTheDemoFolderAndIsWrittenAsItIsRead(String name)
      throws IOException, FileProblem {
    String text = Files.readString(Path.of("..", "demo", name + ".lehrgang"));
    SolutionFile file = DemoCourse.open(name);
    assertThat(SolutionFile.parse(text, name).solution()).isEqualTo(file.solution());
    assertThat(file.text()).isEqualTo(text);
    assertThat(SolutionFile.parse(file.with(file.solution()).text(), name).solution())
        .isEqualTo(file.solution());
  }

  @ParameterizedTest
  @MethodSource("names")
  void itGoesOutForEveryAudienceAndAsTextAndJson(String name) {
    Solution solution = DemoCourse.open(name).solution();
    Derivation derivation = derive(solution);
    for (Audience audience : Audience.values()) {
      String sheet = HtmlHandout.of(Order.of(new Solved(solution, derivation), audience));
      assertThat(sheet)
          .contains("<math", solution.question().text().substring(0, 20))
          .doesNotContain("{{", ">null");
    }
    Page page = Page.of(solution, derivation, Audience.FULL);
    assertThat(DerivationText.of(page)).contains("H₀", "Conclusion").doesNotContain(" null\n");
    assertThat(
            Binding.JSON
                .readTree(DerivationJson.of(solution, derivation, List.of()))
                .get("lines")
                .size())
        .isEqualTo(derivation.lines().size());
  }

  static Stream<String> withAnswers() {
    return names().stream();
  }

  /// The worksheet keeps the p-value from students, also in figures and lists.
  @ParameterizedTest
  @MethodSource("withAnswers")
  void theWorksheetDoesNotGiveTheAnswerAway(String name) {
    Solution solution = DemoCourse.open(name).solution();
    Derivation derivation = derive(solution);
    Page full = Page.of(solution, derivation, Audience.FULL);
    String p = full.shown(lehrgang.core.expr.LineId.of("p")).text();
    String sheet = HtmlHandout.of(Order.of(new Solved(solution, derivation), Audience.STUDENT));
    assertThat(sheet).doesNotContain("<mn>" + p + "</mn>");
  }

  @Test
  void headingsAreThoseOfTheSolutions() {
    for (String name : DemoCourse.names()) {
      Solution solution = DemoCourse.open(name).solution();
      assertThat(DemoCourse.heading(name))
          .isEqualTo(new DemoCourse.Heading(solution.question().title(), solution.procedure()));
    }
  }
}
