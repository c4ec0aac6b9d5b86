package lehrgang.core.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;

import java.util.List;
import java.util.stream.Stream;
import lehrgang.core.ForSomeSolutions;
import lehrgang.core.ReferenceCases;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Solution;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// What lines are called: in the head of a table of marks, in a field's name for a screen reader,
/// in the trace.
class NamesOfLinesTest {
  static Stream<Solution> solutions() {
    return ReferenceCases.oneOfEach().stream();
  }

  /// Whoever fills in a sheet by ear can tell its blanks apart.
  @ForSomeSolutions
  void noTwoBlanksAreCalledAlike(Solution solution) {
    Page page = ReferenceCases.page(solution, Audience.STUDENT);
    List<LineId> blanks = Blanks.of(page).lines();
    assertThat(blanks.stream().map(page::name)).doesNotHaveDuplicates();
  }

  /// A name is words: no gap left open, nothing of how lines are kept.
  @ForSomeSolutions
  void aNameIsInWords(Solution solution) {
    Page page = ReferenceCases.page(solution, Audience.FULL);
    for (LineId line : lines(solution)) {
      assertThat(page.name(line))
          .as(line.toString())
          .isNotBlank()
          .doesNotContain("{", "}", "null", "[", "\n")
          .isEqualTo(page.name(line).strip());
    }
  }

  private static List<LineId> lines(Solution solution) {
    Derivation derivation = ReferenceCases.derive(solution);
    return List.copyOf(derivation.lines().keySet());
  }

  /// Lines of a table are told apart by their place, and the place stands in the name.
  @ParameterizedTest
  @MethodSource("solutions")
  void thePlaceOfALineStandsInItsName(Solution solution) {
    Page page = ReferenceCases.page(solution, Audience.FULL);
    for (LineId line : Blanks.of(ReferenceCases.page(solution, Audience.STUDENT)).lines()) {
      if (!line.index().isEmpty()) {
        assertThat(page.place(line)).as(line.toString()).isNotBlank();
        assertThat(page.name(line)).as(line.toString()).contains(page.place(line));
      }
    }
  }

  /// Another label is heard wherever the line is named.
  @ParameterizedTest
  @MethodSource("solutions")
  void aNewLabelIsHeardInTheNames(Solution solution) {
    String before = solution.table().rows().getFirst();
    Solution renamed = solution.withTable(solution.table().withRowLabel(0, "Quarry bend"));
    // Numbers and answers are labels that mean something.
    assumeThat(Procedures.workAtOnce(renamed)).isInstanceOf(Procedure.Derived.class);
    List<String> old = names(solution);
    List<String> now = names(renamed);
    assertThat(now).hasSameSizeAs(old);
    for (int k = 0; k < old.size(); k++) {
      if (!old.get(k).contains(before)) {
        continue;
      }
      assertThat(now.get(k)).contains("Quarry bend");
    }
  }

  private static List<String> names(Solution solution) {
    Page page = ReferenceCases.page(solution, Audience.FULL);
    return lines(solution).stream().map(page::name).toList();
  }
}
