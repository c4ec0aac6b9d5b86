package lehrgang.core.procedure.chance;

import static lehrgang.core.expr.Expr.number;
import static lehrgang.core.procedure.parts.LineWriter.line;
import static lehrgang.core.procedure.parts.LineWriter.single;

import java.util.List;
import lehrgang.core.derivation.Lines;
import lehrgang.core.distribution.ChiSquaredCritical;
import lehrgang.core.expr.Expr;
import lehrgang.core.notation.Symbol;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Value;
import lehrgang.core.procedure.parts.ChiSquaredDecision;
import lehrgang.core.procedure.parts.DetectableEffect;
import lehrgang.core.procedure.parts.Formulas;
import lehrgang.core.procedure.parts.LineWriter;
import lehrgang.core.simulation.Draws;
import lehrgang.core.simulation.Experiment;

/// The numbers of a simulation: how many tables were drawn, how many were as far from H₀ as the
/// observed one, and what follows.
final class SimulationLines {
  private SimulationLines() {}

  /// Adds them; `X2`, `df` and `alpha` come before.
  static void addTo(Lines lines, Draws draws, Experiment experiment) {
    lines.begin("simulation");
    Expr repetitions = LineWriter.typed(Value.of(experiment.repetitions()));
    Expr seed = LineWriter.typed(Value.of(experiment.seed()));
    lines.add(single("B", Symbol.of("B"), repetitions, Kind.COUNT));
    lines.add(single("seed", Symbol.of("seed"), seed, Kind.COUNT));
    Expr hits =
        new Expr.Named(new CountOfDraws(draws), List.of(line("X2"), line("B"), line("seed")));
    lines.add(single("hits", Symbol.of("h"), hits, Kind.COUNT));
    lines.begin("p");
    Expr p = line("p");
    lines.add(
        single(
            "p",
            Symbol.of("p"),
            Expr.sum(number(1), line("hits")).over(Expr.sum(line("B"), number(1))),
            Kind.P_VALUE));
    lines.add(
        single(
            "p.error",
            Symbol.of("SE").lowered("p"),
            Formulas.standardError(p, line("B")),
            Kind.STANDARD_ERROR));
    lines.begin("conclusion");
    LineWriter.decisionByP("p").forEach(lines::add);
    lines.begin("closer-look");
    ChiSquaredDecision.addTail(lines, "p.curve", Symbol.of("p").lowered("χ²"), "X2");
    lines.add(single("w", Symbol.of("w"), Formulas.effectSize(line("X2"), line("n")), Kind.EFFECT));
    lines.add(
        LineWriter.named(
            "crit.curve",
            Symbol.of("χ").raised("2").lowered("crit"),
            ChiSquaredCritical.INSTANCE,
            List.of(line("alpha"), line("df")),
            Kind.CRITICAL));
    DetectableEffect.W.addTo(lines, line("crit.curve"));
  }
}
