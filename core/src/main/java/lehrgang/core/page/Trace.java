package lehrgang.core.page;

import java.util.List;
import java.util.Optional;
import lehrgang.core.derivation.Role;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;

/// All that there is to know about one number.
///
/// @param heading  what it is
/// @param headline its symbol and value
/// @param sources  the lines that it comes from
/// @param given    where it comes from if from no line, in words
/// @param uses     what it goes into
/// @param formula  how it is worked out; empty for what was typed
/// @param facts    its value, seen from several sides
public record Trace(
    LineId line,
    String heading,
    Chain headline,
    List<Link> sources,
    String given,
    List<Link> uses,
    Optional<Chain> formula,
    List<Fact> facts) {
  /// Another line to go to.
  public record Link(LineId line, Box symbol, String name, String number, Role role) {}

  /// @param agreement whether a second route came to the same; empty for other facts
  public record Fact(String name, Box value, Optional<Agreement> agreement) {}

  /// How a second route came out.
  public enum Agreement {
    AGREES,
    DIFFERS
  }
}
