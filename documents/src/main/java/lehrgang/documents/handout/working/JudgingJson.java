package lehrgang.documents.handout.working;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.LongStream;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.marking.Judging;
import lehrgang.core.marking.Slip;
import lehrgang.core.marking.Slips;
import lehrgang.core.number.Kind;
import lehrgang.core.solution.MarkingRules;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;

/// The formulas of a solution as data: a number stands for itself, any other part of a formula is a
/// list of its sign and its parts, and a line is its place among the lines.
final class JudgingJson {
  private final Judging judging;
  private final Map<LineId, Integer> places = new HashMap<>();

  private JudgingJson(Judging judging) {
    this.judging = judging;
    judging.lines().forEach(judged -> places.put(judged.line().id(), places.size()));
  }

  /// @param judging what is needed of the solution
  static Map<String, Object> of(Judging judging, Solution solution, Wording wording) {
    return new JudgingJson(judging).all(solution, wording);
  }

  /// The place of each line.
  static Map<LineId, Integer> places(Judging judging) {
    return new JudgingJson(judging).places;
  }

  private Map<String, Object> all(Solution solution, Wording wording) {
    Map<String, Object> all = new LinkedHashMap<>();
    all.put("asked", judging.asked().stream().map(places::get).toList());
    all.put("lines", judging.lines().stream().map(this::line).toList());
    Map<String, Object> bends = new LinkedHashMap<>();
    for (Judging.Judged judged : judging.lines()) {
      List<Judging.Bent> bent = judging.bends().get(judged.line().id());
      if (bent != null) {
        bends.put(
            places.get(judged.line().id()).toString(),
            bent.stream().map(one -> List.of(one.slip(), one.way(), tree(one.formula()))).toList());
      }
    }
    all.put("bends", bends);
    all.put("slips", Slips.all().stream().map(Slip::id).toList());
    all.put("own", solution.marking().own().stream().map(JudgingJson::own).toList());
    all.put("decisionByP", judging.decisionByP().map(this::tree).orElse(null));
    all.put("decimalSign", Character.toString(solution.format().style().decimalSign()));
    all.put("words", words(wording));
    return all;
  }

  private static Map<String, Object> own(MarkingRules.OwnSlip slip) {
    Map<String, Object> own = new LinkedHashMap<>();
    own.put("id", slip.id());
    own.put("line", slip.line());
    own.put("low", slip.low());
    own.put("high", slip.high());
    return own;
  }

  /// How decisions and conditions are written.
  private static Map<String, Object> words(Wording wording) {
    Map<String, Object> words = new LinkedHashMap<>();
    for (String list : List.of("reject", "keep", "not", "other", "yes", "no")) {
      words.put(list, List.of(wording.text("answer.words." + list).split(",\\s*")));
    }
    words.put("saidReject", wording.text("trace.decision.reject"));
    words.put("saidKeep", wording.text("trace.decision.keep"));
    return words;
  }

  private Map<String, Object> line(Judging.Judged judged) {
    Map<String, Object> line = new LinkedHashMap<>();
    line.put("id", judged.line().id().toString());
    line.put("family", judged.line().id().name());
    line.put("alone", judged.line().id().index().isEmpty());
    line.put("kind", kind(judged.line().kind()));
    line.put("fewest", judged.fewest());
    line.put("digits", judged.digits());
    line.put("printed", judged.printed());
    judged.byChance().ifPresent(formula -> line.put("off", tree(formula)));
    line.put("f", tree(judged.formula()));
    return line;
  }

  private static String kind(Kind kind) {
    return switch (kind) {
      case CONDITION -> "condition";
      case DECISION -> "decision";
      case COUNT, DEGREES_OF_FREEDOM -> "whole";
      default -> "number";
    };
  }

  private Object tree(Expr formula) {
    return switch (formula) {
      case Expr.Ref(var line) -> ref(line);
      case Expr.Via(var line, _) -> ref(line);
      case Expr.Constant(var value) -> value.asDouble();
      case Expr.Datum(var value, _) -> value.asDouble();
      case Expr.Pi() -> Math.PI;
      case Expr.Sum(var terms) -> node("+", terms);
      case Expr.Total(_, _, var terms) -> node("+", terms);
      case Expr.Difference(var left, var right) -> node("-", List.of(left, right));
      case Expr.Product(var factors) -> node("*", factors);
      case Expr.Quotient(var above, var below) -> node("/", List.of(above, below));
      case Expr.Power(var base, var exponent) -> List.of("^", tree(base), exponent);
      case Expr.Root(var inner) -> node("root", List.of(inner));
      case Expr.Magnitude(var inner) -> node("abs", List.of(inner));
      case Expr.Exponential(var inner) -> node("exp", List.of(inner));
      case Expr.Negative(var inner) -> node("neg", List.of(inner));
      case Expr.NaturalLog(var inner) -> node("ln", List.of(inner));
      case Expr.Arcsine(var inner) -> node("asin", List.of(inner));
      case Expr.Factorial(var of) ->
          LongStream.rangeClosed(2, of).asDoubleStream().reduce(1, (a, b) -> a * b);
      case Expr.OddFactorial(var last) ->
          LongStream.rangeClosed(1, last)
              .filter(odd -> odd % 2 == 1)
              .asDoubleStream()
              .reduce(1, (a, b) -> a * b);
      case Expr.Choose(var from, var chosen) -> node("choose", List.of(from, chosen));
      case Expr.Minimum(var of) -> node("min", of);
      case Expr.Maximum(var of) -> node("max", of);
      case Expr.CountBelow(var of, var bound) -> {
        List<Object> node = node("below", of);
        node.add(1, bound.asDouble());
        yield node;
      }
      case Expr.ContinuedFraction(var variable, var levels) ->
          List.of("continued", tree(variable), levels);
      case Expr.Named(var function, var arguments) -> {
        boolean plain = function.traits().isEmpty();
        List<Object> node = node(plain ? "f" : "outcomes", arguments);
        node.add(1, plain ? function.key() : function.traits());
        yield node;
      }
      case Expr.AtLeast(var left, var right) -> node(">=", List.of(left, right));
      case Expr.Exceeds(var left, var right) -> node(">", List.of(left, right));
      case Expr.Both(var one, var other) -> node("both", List.of(one, other));
      case Expr.Cases(var when, var then, var otherwise) ->
          node("cases", List.of(when, then, otherwise));
    };
  }

  private List<Object> ref(LineId line) {
    Integer place = places.get(line);
    return place == null ? List.of("none") : List.of("r", place);
  }

  private List<Object> node(String sign, List<Expr> parts) {
    List<Object> node = new ArrayList<>(parts.size() + 1);
    node.add(sign);
    parts.forEach(part -> node.add(tree(part)));
    return node;
  }
}
