package lehrgang.core.procedure;

import static lehrgang.core.expr.Expr.ref;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import lehrgang.core.derivation.Block;
import lehrgang.core.derivation.Block.CellTable;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Lines;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Rational;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Phrase;

/// The same data judged at more levels than the one that decides: for each a critical value, where
/// there is one, and a decision. Every procedure gets them from its own formulas, with another
/// level put in.
final class FurtherLevels {
  private static final LineId ALPHA = LineId.of("alpha");
  private static final LineId CRITICAL = LineId.of("crit");
  private static final LineId DECISION = LineId.of("decision");
  private static final int FIRST = 2;

  private final List<Rational> levels;
  private final boolean hasCritical;

  private FurtherLevels(List<Rational> levels, Derivation derivation) {
    this.levels = levels;
    this.hasCritical = derivation.line(DECISION).formula().sources().contains(CRITICAL);
  }

  /// Adds the levels that stand behind the first.
  static Derivation with(Derivation derivation, Solution solution) {
    List<Rational> levels = solution.choices().furtherLevels();
    if (levels.isEmpty()) {
      return derivation;
    }
    FurtherLevels further = new FurtherLevels(levels, derivation);
    return derivation
        .extended(further::addTo, "hypotheses", (_, _) -> further.stated())
        .extended(_ -> {}, "critical", (_, _) -> further.criticalValues())
        .extended(_ -> {}, "conclusion", (_, _) -> further.decisions());
  }

  private static LineId level(int k) {
    return LineId.of("level", k);
  }

  private static LineId critical(int k) {
    return LineId.of("crit.at", k);
  }

  private static LineId decision(int k) {
    return LineId.of("decision.at", k);
  }

  private List<Integer> places() {
    return IntStream.range(FIRST, FIRST + levels.size()).boxed().toList();
  }

  private void addTo(Lines lines) {
    lines.begin("hypotheses");
    places()
        .forEach(
            k ->
                add(
                    lines,
                    level(k),
                    Symbol.of("α").lowered(Integer.toString(k)),
                    new Expr.Datum(levels.get(k - FIRST), Expr.Source.FIELD),
                    Kind.LEVEL));
    if (hasCritical) {
      Line own = lines.line(CRITICAL);
      lines.begin("critical");
      places()
          .forEach(
              k ->
                  add(
                      lines,
                      critical(k),
                      own.symbol().lowered("crit, " + k),
                      at(own.formula(), k),
                      own.kind()));
    }
    Line own = lines.line(DECISION);
    lines.begin("conclusion");
    places().forEach(k -> add(lines, decision(k), own.symbol(), at(own.formula(), k), own.kind()));
  }

  private static void add(Lines lines, LineId id, Symbol symbol, Expr formula, Kind kind) {
    LineId level = LineId.general("level", id.index().getFirst());
    Phrase place = Phrase.of("place.level").with("alpha", level);
    lines.add(new Line(id, symbol, Phrase.of("name." + id.name()), place, formula, kind));
  }

  /// A formula with another level in it, and the critical value of that level.
  private static Expr at(Expr formula, int k) {
    return formula.rewritten(
        part ->
            part instanceof Expr.Ref(var id)
                ? id.equals(ALPHA) ? ref(level(k)) : id.equals(CRITICAL) ? ref(critical(k)) : part
                : part);
  }

  private List<Block> stated() {
    return places().stream()
        .<Block>map(
            k ->
                new Block.Prose(
                    Phrase.of("hypotheses.further").with("alpha", new Phrase.Stated(level(k)))))
        .toList();
  }

  private List<Block> criticalValues() {
    if (!hasCritical) {
      return List.of();
    }
    List<Block> blocks = new ArrayList<>();
    blocks.add(new Block.Prose(Phrase.of("critical.further")));
    places().forEach(k -> blocks.add(Block.Working.of(critical(k))));
    return blocks;
  }

  private List<Block> decisions() {
    List<Phrase> heads = new ArrayList<>();
    if (hasCritical) {
      heads.add(Phrase.of("column.level.critical"));
    }
    heads.add(Phrase.of("column.level.decision"));
    List<Phrase> rows = new ArrayList<>();
    List<List<LineId>> cells = new ArrayList<>();
    rows.add(Phrase.of("place.level").with("alpha", ALPHA));
    cells.add(hasCritical ? List.of(CRITICAL, DECISION) : List.of(DECISION));
    for (int k : places()) {
      rows.add(Phrase.of("place.level").with("alpha", level(k)));
      cells.add(hasCritical ? List.of(critical(k), decision(k)) : List.of(decision(k)));
    }
    return List.of(
        new Block.Tables(List.of(CellTable.plain(Phrase.of("table.levels"), rows, heads, cells))));
  }
}
