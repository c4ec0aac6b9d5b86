package lehrgang.core.marking;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Line;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Bounds;
import lehrgang.core.number.Kind;
import lehrgang.core.solution.MarkingRules;

/// Finds out about one answer after the other: whether it is right, follows from what stands before
/// it, or comes of a slip.
final class Judge {
  private static final LineId DECISION_BY_P = LineId.of("decision.p");

  private final Derivation derivation;
  private final MarkingRules rules;
  private final Bends bends;
  private final Map<Set<LineId>, Map<LineId, List<Bends.Upstream>>> upstream = new HashMap<>();

  Judge(Derivation derivation, MarkingRules rules, Bends bends) {
    this.derivation = derivation;
    this.rules = rules;
    this.bends = bends;
  }

  /// @param own     the student's numbers so far
  /// @param written the lines for which a number stands on the sheet
  Found judge(Target target, Answer answer, OwnNumbers own, Set<LineId> written) {
    return switch (answer) {
      case Answer.Blank _ -> Found.of(Judgement.BLANK);
      case Answer.Unreadable _ -> Found.of(Judgement.UNREADABLE);
      case Answer.Number number -> new OfNumber(target, number, own).found(written);
      case Answer.Below below -> below(target, below, own);
      case Answer.Said said -> said(target, said, own);
    };
  }

  private Found below(Target target, Answer.Below below, OwnNumbers own) {
    if (target.exact().map(Bounds::of).filter(v -> Target.agrees(below, v)).isPresent()) {
      boolean tells = below.bound() <= Math.pow(10, -target.digits());
      return Found.of(tells ? Judgement.RIGHT : Judgement.TOO_COARSE);
    }
    return follows(target, below, own, List.of(target.line().formula()));
  }

  private Found said(Target target, Answer.Said said, OwnNumbers own) {
    if (target.exact().filter(value -> value > 0.5 == said.yes()).isPresent()) {
      return Found.of(Judgement.RIGHT);
    }
    if (target.exact().isPresent() && Target.agrees(said, target.within())) {
      return Found.of(Judgement.RIGHT_ROUNDED);
    }
    return follows(target, said, own, routes(target));
  }

  /// Students decide by the critical value or by p.
  private List<Expr> routes(Target target) {
    List<Expr> routes = new ArrayList<>();
    routes.add(target.line().formula());
    if (target.line().kind() == Kind.DECISION) {
      derivation.find(DECISION_BY_P).map(Line::formula).ifPresent(routes::add);
    }
    return routes;
  }

  /// An answer that says little may come of anything: slips out of sight are not thought of.
  private Found follows(Target target, Answer answer, OwnNumbers own, List<Expr> routes) {
    boolean follows =
        routes.stream()
            .flatMap(route -> own.of(target.line(), route).stream())
            .anyMatch(range -> Target.agrees(answer, range));
    if (follows) {
      return Found.of(Judgement.FOLLOW_THROUGH);
    }
    Set<String> fitting = new LinkedHashSet<>();
    here(target, answer, own, (slip, _) -> fitting.add(slip));
    return Found.of(fitting);
  }

  private interface Fit {
    void take(String slip, Bounds range);
  }

  /// Every slip in a line that gives an answer.
  private void here(Target target, Answer answer, OwnNumbers own, Fit fit) {
    for (Bends.Bent bent : bends.of(target.line().id())) {
      own.of(target.line(), bent.formula())
          .filter(range -> Target.agrees(answer, range))
          .ifPresent(range -> fit.take(bent.slip(), range));
    }
  }

  /// The slips that may have been made before a line without being seen.
  private List<Bends.Upstream> outOfSight(LineId line, Set<LineId> written) {
    return upstream
        .computeIfAbsent(Set.copyOf(written), _ -> new HashMap<>())
        .computeIfAbsent(line, id -> bends.upstream(id, written));
  }

  /// A number looked at.
  private final class OfNumber {
    private final Target target;
    private final Answer.Number number;
    private final OwnNumbers own;

    OfNumber(Target target, Answer.Number number, OwnNumbers own) {
      this.target = target;
      this.number = number;
      this.own = own;
    }

    Found found(Set<LineId> written) {
      if (target.exact().isEmpty()) {
        return wrong();
      }
      double exact = target.exact().get();
      if (Target.agrees(number, exact)) {
        return Found.of(fine(Judgement.RIGHT), behind(target.within()).hull(Bounds.of(exact)));
      }
      if (Target.agrees(number, target.within())) {
        return Found.of(fine(Judgement.RIGHT_ROUNDED), behind(target.within()));
      }
      Optional<Bounds> follows = own.of(target.line(), target.line().formula());
      return follows.filter(range -> Target.agrees(number, range)).isPresent()
          ? Found.of(fine(Judgement.FOLLOW_THROUGH), behind(follows.get()))
          : slip(written, follows);
    }

    private Judgement fine(Judgement verdict) {
      return target.isFine(number) ? verdict : Judgement.TOO_COARSE;
    }

    /// A number whose meaning is not known: what is written, and what may have stood behind it.
    private Found wrong() {
      boolean whole = !target.line().kind().mayBeRounded();
      double asWritten = Math.min(number.half(), 0.5 * Math.pow(10, -target.digits()));
      return Found.of(Judgement.WRONG, Bounds.of(number.value()).widened(whole ? 0 : asWritten));
    }

    /// The part of a range that is written as the answer is, and the answer itself.
    private Bounds behind(Bounds range) {
      Bounds near = Bounds.of(number.value()).widened(number.half());
      return range.cut(near).hull(Bounds.of(number.value()));
    }

    private Found slip(Set<LineId> written, Optional<Bounds> follows) {
      Map<String, Bounds> fitting = new LinkedHashMap<>();
      here(target, number, own, (slip, range) -> fitting.putIfAbsent(slip, behind(range)));
      Set<String> here = new LinkedHashSet<>(fitting.keySet());
      for (Bends.Upstream bent : outOfSight(target.line().id(), written)) {
        own.of(target.line(), bent)
            .filter(range -> Target.agrees(number, range))
            .ifPresent(range -> fitting.putIfAbsent(bent.slip(), behind(range)));
      }
      if (fitting.isEmpty()) {
        typing(follows)
            .or(this::cluster)
            .ifPresent(slip -> fitting.put(slip, Bounds.of(number.value())));
        here.addAll(fitting.keySet());
      }
      return fitting.isEmpty()
          ? wrong()
          : new Found(
              Judgement.SLIP,
              fitting.keySet(),
              here,
              fitting.values().stream().reduce(Bounds::hull));
    }

    private Optional<String> typing(Optional<Bounds> follows) {
      return target
          .exact()
          .flatMap(meant -> Typing.of(number, meant))
          .or(() -> follows.flatMap(range -> Typing.of(number, (range.low() + range.high()) / 2)));
    }

    /// The slip of the instructor's own among whose answers this one lies.
    private Optional<String> cluster() {
      return rules.own().stream()
          .filter(cluster -> cluster.line().equals(target.line().id().toString()))
          .filter(
              cluster ->
                  number.value() >= cluster.low().doubleValue()
                      && number.value() <= cluster.high().doubleValue())
          .map(MarkingRules.OwnSlip::id)
          .findFirst();
    }
  }
}
