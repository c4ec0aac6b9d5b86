package lehrgang.core.procedure.parts;

import static lehrgang.core.expr.Expr.ref;

import java.util.List;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import lehrgang.core.derivation.Line;
import lehrgang.core.distribution.SecondOpinion;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.Expr.Source;
import lehrgang.core.expr.LineId;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Rational;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Phrase;

/// The parts of lines and formulas that every procedure needs.
public final class LineWriter {
  private LineWriter() {}

  /// The name of the lines of a family, where no other procedure means something else by its id.
  public static Phrase nameOf(String family) {
    return Phrase.of("name." + family);
  }

  /// The only line of its family, named in the bundle by its id.
  public static Line single(String id, Symbol symbol, Expr formula, Kind kind) {
    return single(id, id, symbol, formula, kind);
  }

  /// The only line of its family.
  ///
  /// @param name the end of the key of its name, for an id that means something else elsewhere
  public static Line single(String id, String name, Symbol symbol, Expr formula, Kind kind) {
    return new Line(LineId.of(id), symbol, nameOf(name), formula, kind);
  }

  /// One line of several of a family, its index at its symbol.
  ///
  /// @param place where it stands among them
  public static Line member(LineId id, Symbol symbol, Phrase place, Expr formula, Kind kind) {
    return new Line(id, symbol.at(id.index()), nameOf(id.name()), place, formula, kind);
  }

  /// A reference to a line that stands alone.
  public static Expr line(String name) {
    return ref(LineId.of(name));
  }

  /// A count in the table.
  public static Expr counted(long count) {
    return new Expr.Datum(Value.of(count), Source.TABLE);
  }

  /// A number read off the shape of the table.
  public static Expr shape(long number) {
    return new Expr.Datum(Value.of(number), Source.SHAPE);
  }

  /// A number typed on the page.
  public static Expr typed(Rational number) {
    return new Expr.Datum(number, Source.FIELD);
  }

  /// The significance level, as typed.
  public static Line level(Rational level) {
    return single("alpha", Symbol.of("α"), typed(level), Kind.LEVEL);
  }

  /// The decision on H₀: 1 where it is rejected.
  ///
  /// @param id   `decision` or `decision.p`
  /// @param name the end of the key of its name
  public static Line decision(String id, String name, Expr rejects) {
    return single(id, name, Symbol.of("decision"), rejects, Kind.DECISION);
  }

  /// The decision by a p-value alone, for procedures without a critical value.
  public static List<Line> decisionByP(String p) {
    Expr small = new Expr.AtLeast(line("alpha"), line(p));
    return List.of(
        decision("decision", "decision.by-p", small),
        decision("decision.p", "decision.by-p", small));
  }

  /// A line whose formula is a function with a working of its own, checked by an independent
  /// library.
  public static Line named(
      String id, Symbol symbol, NamedFunction function, List<Expr> arguments, Kind kind) {
    return checkedByLibrary(
        single(id, symbol, new Expr.Named(function, arguments), kind), function, arguments);
  }

  /// The same line, with the independent library's number as its second route.
  public static Line checkedByLibrary(Line line, NamedFunction function, List<Expr> arguments) {
    return line.checkedBy(
        Phrase.of("route.library"), new Expr.Named(new SecondOpinion(function), arguments));
  }

  /// Σ over a family with one index.
  public static Expr sumOver(String index, String family, int members) {
    return along(index, LineId.general(family, index), members, k -> LineId.of(family, k));
  }

  /// Σ over the members that `id` gives for 1, 2, 3 …
  public static Expr along(String index, LineId general, int members, IntFunction<LineId> id) {
    return new Expr.Total(
        ref(general),
        index,
        IntStream.rangeClosed(1, members).mapToObj(k -> ref(id.apply(k))).toList());
  }

  /// References to lines.
  public static List<Expr> refs(List<LineId> ids) {
    return ids.stream().map(Expr::ref).toList();
  }
}
