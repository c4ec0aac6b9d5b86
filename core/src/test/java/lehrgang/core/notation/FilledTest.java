package lehrgang.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import lehrgang.core.ReferenceCases;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Page;
import lehrgang.core.solution.Solution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// Numbers that are known stand in a formula in place of their symbols.
class FilledTest {
  private static Page page(Solution solution) {
    Derivation derivation = ReferenceCases.derive(solution);
    return Page.of(solution, derivation, Audience.FULL);
  }

  private static String filled(Page page, LineId line, Map<LineId, String> known) {
    return PlainText.of(
        Filled.with(page.termByTerm(line), one -> Optional.ofNullable(known.get(one))));
  }

  @Test
  void whatIsNotKnownKeepsItsSymbol() {
    Page page = page(ReferenceCases.oneOfEach().getFirst());
    LineId expected = LineId.of("E", 2, 3);
    assertThat(filled(page, expected, Map.of())).isEqualTo("R₂·C₃/n");
    assertThat(filled(page, expected, Map.of(LineId.of("R", 2), "160", LineId.of("n"), "480")))
        .isEqualTo("160·C₃/480");
  }

  /// A number below zero is set in brackets, where a sign follows another.
  @Test
  void aNumberBelowZeroStandsInBrackets() {
    Page page = page(ReferenceCases.oneOfEach().getFirst());
    LineId contribution = LineId.of("K", 1, 1);
    LineId expected = LineId.of("E", 1, 1);
    assertThat(filled(page, contribution, Map.of(expected, "-2.5"))).contains("(−2.5)");
  }

  /// With every number known no symbol of a source is left.
  @ParameterizedTest
  @MethodSource("lehrgang.core.ReferenceCases#oneOfEach")
  void everyFormulaCanBeFilled(Solution solution) {
    Page page = page(solution);
    for (LineId line : page.lines()) {
      Box all = Filled.with(page.termByTerm(line), _ -> Optional.of("7"));
      assertThat(linked(all)).as(line.toString()).isSubsetOf(Set.of("7"));
    }
  }

  /// What stands where lines are meant.
  private static Set<String> linked(Box box) {
    Set<String> texts = new TreeSet<>();
    collect(box, texts);
    return texts;
  }

  private static void collect(Box box, Set<String> texts) {
    switch (box) {
      case Box.Linked(_, var inner) -> texts.add(PlainText.of(inner));
      case Box.Row(var parts) -> parts.forEach(part -> collect(part, texts));
      case Box.Fraction(var above, var below) -> {
        collect(above, texts);
        collect(below, texts);
      }
      case Box.Radical(var inner) -> collect(inner, texts);
      case Box.Fence(_, var inner, _) -> collect(inner, texts);
      case Box.Scripts(var base, var raised, _) -> {
        collect(base, texts);
        raised.ifPresent(part -> collect(part, texts));
      }
      case Box.Atom _, Box.BigSum _, Box.Blank _ -> {
        // No line stands in it.
      }
    }
  }
}
