package lehrgang.core.notation;

import java.util.Optional;
import java.util.function.Function;
import lehrgang.core.expr.LineId;

/// Puts numbers into a formula wherever they are known.
public final class Filled {
  private Filled() {}

  /// A formula with the numbers of lines in place of their symbols.
  ///
  /// @param known the number of a line as it is written; empty where its symbol stays
  public static Box with(Box box, Function<LineId, Optional<String>> known) {
    return switch (box) {
      case Box.Atom atom -> atom;
      case Box.Blank blank -> blank;
      case Box.Row(var parts) ->
          new Box.Row(parts.stream().map(part -> with(part, known)).toList());
      case Box.Fraction(var above, var below) ->
          new Box.Fraction(with(above, known), with(below, known));
      case Box.Scripts(var base, var raised, var lowered) ->
          new Box.Scripts(
              with(base, known),
              raised.map(part -> with(part, known)),
              lowered.map(part -> with(part, known)));
      case Box.Radical(var inner) -> new Box.Radical(with(inner, known));
      case Box.Fence(var open, var inner, var close) ->
          new Box.Fence(open, with(inner, known), close);
      case Box.BigSum sum -> sum;
      case Box.Linked(var line, var inner) ->
          new Box.Linked(
              line, known.apply(line).map(Filled::number).orElseGet(() -> with(inner, known)));
    };
  }

  private static Box number(String written) {
    Box number = Box.number(written.replace('-', '−'));
    return written.startsWith("-") || written.startsWith("−") ? Box.parenthesised(number) : number;
  }
}
