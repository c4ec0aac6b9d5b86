package lehrgang.core.procedure;

import static lehrgang.core.expr.Expr.ref;

import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;
import lehrgang.core.derivation.Line;
import lehrgang.core.distribution.SecondOpinion;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Phrase;

/// The parts of lines and formulas that every procedure needs.
final class LineWriter {
  private LineWriter() {}

  /// The only line of its family, named in the bundle.
  static Line single(String name, Symbol symbol, Expr formula, Kind kind) {
    return new Line(LineId.of(name), symbol, Phrase.of("family." + name), formula, kind);
  }

  static Expr line(String name) {
    return ref(LineId.of(name));
  }

  static Expr datum(long number) {
    return new Expr.Datum(Value.of(number));
  }

  static Line level(Rational level) {
    return single("alpha", Symbol.of("α"), new Expr.Datum(level), Kind.LEVEL);
  }

  /// A line whose formula is a function with a working of its own, checked by the library.
  static Line named(
      String name, Symbol symbol, NamedFunction function, List<Expr> arguments, Kind kind) {
    return single(name, symbol, new Expr.Named(function, arguments), kind)
        .checkedBy(
            Phrase.of("route.library"), new Expr.Named(new SecondOpinion(function), arguments));
  }

  /// Σ over a family with one index.
  static Expr sumOver(String index, String family, int members) {
    return along(index, LineId.general(family, index), members, k -> LineId.of(family, k));
  }

  /// Σ over the members that `id` gives for 1, 2, 3 …
  static Expr along(String index, LineId general, int members, Function<Integer, LineId> id) {
    return new Expr.Total(
        ref(general),
        index,
        IntStream.rangeClosed(1, members).mapToObj(k -> ref(id.apply(k))).toList());
  }
}
