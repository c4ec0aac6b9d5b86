package lehrgang.documents.handout.order;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.page.Appearance;
import lehrgang.core.page.Audience;
import lehrgang.core.page.Blanks;
import lehrgang.core.page.Page;
import lehrgang.core.solution.Solution;

/// A solution and what it was worked out to.
public record Solved(Solution solution, Derivation derivation) {
  /// The step at whose end the decision is made where the sheet has no blank for it.
  public static final String CONCLUSION = "conclusion";

  /// As it reads for an audience.
  public Page page(Audience audience) {
    return Page.of(solution, derivation, audience);
  }

  /// The blanks of its sheet.
  public Blanks blanks() {
    return Blanks.of(page(Audience.STUDENT));
  }

  /// The numbers of the blanks on a page: a worked solution has none, a key those of the sheet.
  ///
  /// @param page of this solution, for whomever
  public Blanks blanks(Page page) {
    return page.lens().audience() == Audience.KEY ? blanks() : Blanks.of(page);
  }

  /// The decision, where a sheet leaves it to students without a blank for it.
  ///
  /// @param sheet of this solution, for students
  public Optional<LineId> toDecide(Page sheet, Blanks blanks) {
    LineId decision = derivation.decision();
    return Optional.of(decision)
        .filter(line -> sheet.appearance(line) != Appearance.SHOWN)
        .filter(line -> !blanks.lines().contains(line));
  }

  /// All that a sheet asks: its blanks in their order, and the decision where it has none for it.
  ///
  /// @param sheet of this solution, for students
  public List<LineId> asked(Page sheet, Blanks blanks) {
    return Stream.concat(blanks.lines().stream(), toDecide(sheet, blanks).stream()).toList();
  }

  /// What it is called; empty where it has no title yet.
  public String title() {
    return solution.question().title();
  }
}
