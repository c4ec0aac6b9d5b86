package lehrgang.core.marking;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Format;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Value;
import lehrgang.core.solution.MarkingRules;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;

/// What a student is told of a slip, with the numbers of the solution in it.
public final class SlipTexts {
  private final Solution solution;
  private final Derivation derivation;
  private final Wording wording;
  private final Format format;

  /// @param derivation what the solution was worked out to
  public SlipTexts(Solution solution, Derivation derivation) {
    this.solution = solution;
    this.derivation = derivation;
    this.wording =
        Wording.in(solution.language(), solution.ownWords(), solution.course().symbols());
    this.format = solution.format();
  }

  /// What went wrong.
  ///
  /// @param slip its id
  /// @param mark of the answer that it explains
  public String sentence(String slip, Mark mark) {
    return own(slip)
        .map(MarkingRules.OwnSlip::sentence)
        .orElseGet(() -> text(Phrase.of("slip." + slip), mark));
  }

  /// What it is, in a few words; the sentence itself for a slip of the instructor's own.
  ///
  /// @param slip its id
  public String name(String slip) {
    return own(slip)
        .map(MarkingRules.OwnSlip::sentence)
        .orElseGet(() -> wording.text("slip." + slip + ".name"));
  }

  /// A question that helps to find it.
  ///
  /// @param slip its id
  public String question(String slip, Mark mark) {
    return own(slip)
        .map(MarkingRules.OwnSlip::sentence)
        .orElseGet(() -> text(Phrase.of("slip." + slip + ".question"), mark));
  }

  private Optional<MarkingRules.OwnSlip> own(String slip) {
    return solution.marking().own().stream().filter(one -> one.id().equals(slip)).findFirst();
  }

  private String text(Phrase phrase, Mark mark) {
    return wording.text(
        phrase
            .with("wrote", mark.answer().written())
            .with("n", number(total(mark.line())))
            .with("row", number(margin(mark.line(), "R", 2)))
            .with("column", number(margin(mark.line(), "C", 1)))
            .with("df", number(LineId.of("df")))
            .with("alpha", number(LineId.of("alpha"))));
  }

  /// The grand total of a cell's layer, or of the table.
  private LineId total(LineId cell) {
    LineId layer = LineId.general("n", cell.index().stream().limit(1).toArray(String[]::new));
    return cell.index().size() > 2 && derivation.find(layer).isPresent() ? layer : LineId.of("n");
  }

  /// A margin of a cell.
  ///
  /// @param fromEnd which of the positions of the cell is the margin's, from the end
  private static LineId margin(LineId cell, String family, int fromEnd) {
    int size = cell.index().size();
    if (size < 2) {
      return LineId.of(family);
    }
    List<String> index = new ArrayList<>(cell.index().subList(0, size - 2));
    index.add(cell.index().get(size - fromEnd));
    return new LineId(family, index);
  }

  private String number(LineId id) {
    Optional<Value> value = derivation.find(id).flatMap(line -> derivation.exact().find(line.id()));
    Kind kind = derivation.find(id).map(line -> line.kind()).orElse(Kind.COUNT);
    return value.map(found -> format.show(kind, found).text()).orElse("");
  }
}
