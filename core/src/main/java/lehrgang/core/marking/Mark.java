package lehrgang.core.marking;

import java.math.BigDecimal;
import java.util.List;
import lehrgang.core.expr.LineId;

/// What an answer to one line gets.
///
/// @param slips  the ids of the slips that explain it; more than one where they give the same
///     number
/// @param points that it gets
/// @param of     points that the line is worth
/// @param ruled  whether the instructor decided
public record Mark(
    LineId line,
    Answer answer,
    Judgement verdict,
    List<String> slips,
    BigDecimal points,
    BigDecimal of,
    boolean ruled) {
  public Mark {
    slips = List.copyOf(slips);
  }
}
