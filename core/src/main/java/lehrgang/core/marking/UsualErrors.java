package lehrgang.core.marking;

import java.util.LinkedHashMap;
import java.util.Map;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Format;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Value;

/// What is usually written for a number that is wrong, as it is written, and the slip that leads
/// there.
public final class UsualErrors {
  private final Derivation derivation;
  private final Format format;
  private final AcceptedAnswers accepted;
  private final WrongAnswers wrong;

  /// @param derivation what the solution was worked out to
  /// @param format     how its numbers are written
  /// @param accepted   what nobody is told is wrong
  public UsualErrors(Derivation derivation, Format format, AcceptedAnswers accepted) {
    this.derivation = derivation;
    this.format = format;
    this.accepted = accepted;
    this.wrong = new WrongAnswers(derivation);
  }

  /// What each slip makes of a line, by the id of the slip in the order of [Slips#all]; without
  /// what would be accepted all the same.
  public Map<String, String> of(LineId line) {
    Kind kind = derivation.line(line).kind();
    int decimals = kind.mayBeRounded() ? format.decimalsOf(kind) : 0;
    Map<String, Value> values = wrong.of(line);
    Map<String, String> written = new LinkedHashMap<>();
    for (Slip slip : Slips.all()) {
      Value value = values.get(slip.id());
      if (value != null && !isAccepted(line, value, decimals)) {
        written.put(slip.id(), format.show(kind, value).text());
      }
    }
    return written;
  }

  private boolean isAccepted(LineId line, Value value, int decimals) {
    return accepted
        .of(line, decimals)
        .filter(
            range ->
                value.rounded(decimals).compareTo(range.low()) >= 0
                    && value.rounded(decimals).compareTo(range.high()) <= 0)
        .isPresent();
  }
}
