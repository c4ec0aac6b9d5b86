package lehrgang.core.derivation;

import java.util.Optional;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.wording.Phrase;

/// One number of a worked solution.
///
/// @param id          its stable name, such as `E[2,3]`
/// @param symbol      how it is written, such as *E*₂₃
/// @param name        what it is, such as "Expected count"
/// @param place       where it stands among others of its name, such as "Gorge path, Autumn"; its
///     name where it is the only one
/// @param formula     what it is computed from; the leaves are other lines or data
/// @param kind        what sort of number it is
/// @param role        what it is in the picture of its table
/// @param secondRoute another way to the same number, where there is one
public record Line(
    LineId id,
    Symbol symbol,
    Phrase name,
    Phrase place,
    Expr formula,
    Kind kind,
    Role role,
    Optional<SecondRoute> secondRoute) {
  /// Another way to a number.
  ///
  /// @param label   the way in words
  /// @param formula the way as a formula
  public record SecondRoute(Phrase label, Expr formula) {}

  /// A line of no special part, with one route to its number.
  public Line(LineId id, Symbol symbol, Phrase name, Phrase place, Expr formula, Kind kind) {
    this(id, symbol, name, place, formula, kind, Role.OTHER, Optional.empty());
  }

  /// The only line of its name.
  public Line(LineId id, Symbol symbol, Phrase name, Expr formula, Kind kind) {
    this(id, symbol, name, name, formula, kind);
  }

  /// With another symbol.
  public Line written(Symbol itsSymbol) {
    return new Line(id, itsSymbol, name, place, formula, kind, role, secondRoute);
  }

  /// With a part to play.
  public Line as(Role itsRole) {
    return new Line(id, symbol, name, place, formula, kind, itsRole, secondRoute);
  }

  /// With a second route to the same number.
  ///
  /// @param way what the route is, in words
  /// @param other the formula of the second route
  public Line checkedBy(Phrase way, Expr other) {
    return new Line(
        id, symbol, name, place, formula, kind, role, Optional.of(new SecondRoute(way, other)));
  }
}
