package lehrgang.core.procedure;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.expr.Expr.product;
import static lehrgang.core.procedure.LineWriter.datum;
import static lehrgang.core.procedure.LineWriter.line;
import static lehrgang.core.procedure.LineWriter.single;

import java.util.List;
import lehrgang.core.derivation.Derivation.Lines;
import lehrgang.core.expr.Expr;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.simulation.Draws;
import lehrgang.core.simulation.Experiment;

/// The numbers of a simulation: how many tables were drawn, how many were as far from H₀ as the
/// observed
/// one, and what follows.
final class SimulationLines {
  private SimulationLines() {}

  /// Adds them; `X2`, `df` and `alpha` come before.
  static void addTo(Lines lines, Draws draws, Experiment experiment) {
    lines.add(single("B", Symbol.of("B"), datum(experiment.repetitions()), Kind.COUNT));
    lines.add(single("seed", Symbol.of("seed"), datum(experiment.seed()), Kind.COUNT));
    Expr hits =
        new Expr.Named(new CountOfDraws(draws), List.of(line("X2"), line("B"), line("seed")));
    lines.add(single("hits", Symbol.of("h"), hits, Kind.COUNT));
    Expr all = Expr.sum(line("B"), number(1));
    lines.add(
        single("p", Symbol.of("p"), Expr.sum(number(1), line("hits")).over(all), Kind.P_VALUE));
    Expr p = line("p");
    lines.add(
        single(
            "p.error",
            Symbol.of("SE").lowered("p"),
            product(p, number(1).minus(p)).over(line("B")).root(),
            Kind.STANDARD_ERROR));
    ChiSquaredDecision.addTail(lines, "p.curve", Symbol.of("p").lowered("χ²"), "X2");
    lines.add(single("w", Symbol.of("w"), line("X2").over(line("n")).root(), Kind.EFFECT));
    Expr small = new Expr.AtLeast(line("alpha"), p);
    lines.add(single("decision", Symbol.of("decision"), small, Kind.COUNT));
    lines.add(single("decision.p", Symbol.of("decision"), small, Kind.COUNT));
  }
}
