package lehrgang.core.marking;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Evaluation;
import lehrgang.core.derivation.Line;
import lehrgang.core.derivation.Reading;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.expr.Result;
import lehrgang.core.number.Bounds;
import lehrgang.core.number.Format;
import lehrgang.core.number.Kind;
import lehrgang.core.number.Value;
import lehrgang.core.solution.MarkingRules;
import lehrgang.core.solution.Solution;

/// Marks answers to a solution as a careful reader does: asks of a number that is not right whether
/// it follows from the student's own, and if not, which slip made it.
///
/// ```java
/// Marker marker = Marker.of(solution, derivation, List.of(LineId.of("X2"), LineId.of("df")));
/// SheetMarks marks = marker.mark("17-226", Map.of(LineId.of("df"), answer));
/// ```
///
/// One marker is used by one thread at a time.
public final class Marker {
  private static final LineId DECISION_BY_P = LineId.of("decision.p");

  /// How far two simulations of the same may differ, in standard errors of one of them.
  private static final double TWO_DRAWS = 3 * Math.sqrt(2);

  private final Derivation derivation;
  private final MarkingRules rules;
  private final List<LineId> asked;
  private final List<LineId> inOrder;
  private final Map<LineId, Target> targets = new HashMap<>();
  private final Bends bends;
  private final Map<LineId, Result<Bounds>> fixed = new HashMap<>();
  private final Map<Set<LineId>, Map<LineId, List<Bends.Upstream>>> upstream = new HashMap<>();

  private Marker(Solution solution, Derivation derivation, List<LineId> asked) {
    this.derivation = derivation;
    this.rules = solution.marking();
    this.asked = List.copyOf(asked);
    Set<LineId> wanted = new HashSet<>(asked);
    this.inOrder = derivation.lines().keySet().stream().filter(wanted::contains).toList();
    Evaluation within =
        derivation.evaluate(Reading.EXACT.withinRounding(AcceptedAnswers.fewest(rules)));
    Format format = new Format(solution.numberStyle(), solution.choices().shownDecimals());
    inOrder.forEach(id -> targets.put(id, target(derivation.line(id), within, format)));
    this.bends = new Bends(derivation);
    fix();
  }

  /// A marker of answers to some lines of a solution.
  ///
  /// @param derivation what the solution was worked out to
  /// @param asked      the lines, in any order
  /// @throws java.util.NoSuchElementException if the derivation does not have one of them
  public static Marker of(Solution solution, Derivation derivation, List<LineId> asked) {
    asked.forEach(derivation::line);
    return new Marker(solution, derivation, asked);
  }

  private Target target(Line line, Evaluation within, Format format) {
    Optional<Value> exact = derivation.exact().find(line.id());
    Kind kind = line.kind();
    int printed = kind.mayBeRounded() ? format.decimalsOf(kind) : rules.digitsOf(kind);
    Bounds range =
        within
            .range(line.id())
            .map(Bounds::of)
            .or(() -> exact.map(value -> Bounds.of(value.asDouble())))
            .orElse(Bounds.EVERYTHING);
    return new Target(
        line,
        exact.map(Value::asDouble),
        simulated(line.id()).map(range::widened).orElse(range),
        Math.min(rules.digitsOf(kind), printed),
        exact.filter(Value::isWhole).isPresent(),
        exact.map(value -> format.show(kind, value).text()).orElse(""));
  }

  /// How far the answer of another simulation may be off.
  private Optional<Double> simulated(LineId line) {
    boolean drawn = derivation.find(LineId.of("hits")).isPresent();
    Optional<Double> error =
        derivation
            .find(LineId.of("p.error"))
            .filter(_ -> drawn)
            .flatMap(found -> derivation.exact().find(found.id()))
            .map(Value::asDouble);
    return switch (line.toString()) {
      case "p" -> error.map(e -> TWO_DRAWS * e);
      case "hits" ->
          error.flatMap(
              e ->
                  derivation
                      .exact()
                      .find(LineId.of("B"))
                      .map(draws -> TWO_DRAWS * e * draws.asDouble()));
      default -> Optional.empty();
    };
  }

  /// Works out the lines that rest on no answer once for all students.
  private void fix() {
    OwnNumbers nobody = new OwnNumbers(derivation, rules, Map.of());
    Set<LineId> resting = new HashSet<>();
    for (Line line : derivation.lines().values()) {
      boolean rests =
          targets.containsKey(line.id())
              || line.formula().sources().stream()
                  .anyMatch(source -> resting.contains(source) || targets.containsKey(source));
      if (rests) {
        resting.add(line.id());
      } else if (isNear(line)) {
        fixed.put(line.id(), nobody.result(line.id()));
      }
    }
  }

  /// Whether a line that was asked may rest on a line.
  private boolean isNear(Line line) {
    return bends.isBefore(line.id(), inOrder);
  }

  /// Marks one student's answers.
  ///
  /// @param answers by line; one that is missing is blank
  public SheetMarks mark(String student, Map<LineId, Answer> answers) {
    OwnNumbers own = new OwnNumbers(derivation, rules, fixed);
    Set<LineId> written = new LinkedHashSet<>();
    for (LineId line : inOrder) {
      if (answers.get(line) instanceof Answer.Number) {
        written.add(line);
      }
    }
    Map<LineId, Found> found = new LinkedHashMap<>();
    for (LineId line : inOrder) {
      Answer answer = answers.getOrDefault(line, new Answer.Blank());
      Found result = new Judgement(targets.get(line), answer, own, written).found();
      found.put(line, result);
      result.behind().ifPresent(number -> own.put(line, number));
    }
    Naming naming = new Naming(found);
    return new SheetMarks(
        student,
        asked.stream()
            .map(
                line ->
                    mark(
                        student,
                        line,
                        answers.getOrDefault(line, new Answer.Blank()),
                        found.get(line),
                        naming))
            .toList());
  }

  private Mark mark(String student, LineId line, Answer answer, Found found, Naming naming) {
    Optional<MarkingRules.Ruling> ruling = rules.ruling(student, line.toString());
    List<String> named =
        found.verdict() == Verdict.SLIP
            ? naming.slips(line, found.candidates())
            : List.<String>of();
    boolean coincidence = found.verdict() == Verdict.SLIP && named.isEmpty();
    Verdict verdict =
        ruling
            .flatMap(MarkingRules.Ruling::verdict)
            .flatMap(Verdict::ofKey)
            .orElse(coincidence ? Verdict.WRONG : found.verdict());
    List<String> slips = verdict == Verdict.SLIP ? named : List.<String>of();
    BigDecimal of = rules.pointsOf(line.toString());
    BigDecimal points =
        ruling
            .flatMap(MarkingRules.Ruling::points)
            .orElseGet(() -> of.multiply(share(verdict, slips)));
    return new Mark(line, answer, verdict, slips, points, of, ruling.isPresent());
  }

  private BigDecimal share(Verdict verdict, List<String> slips) {
    return switch (verdict) {
      case RIGHT, RIGHT_ROUNDED, FOLLOW_THROUGH -> BigDecimal.ONE;
      case TOO_COARSE -> rules.coarse();
      case SLIP ->
          slips.stream()
              .map(slip -> rules.part().getOrDefault(slip, BigDecimal.ZERO))
              .min(BigDecimal::compareTo)
              .orElse(BigDecimal.ZERO);
      case BLANK, UNREADABLE, WRONG -> BigDecimal.ZERO;
    };
  }

  /// What was found out about an answer.
  ///
  /// @param candidates the ids of all slips that would explain it
  /// @param behind     the number that stood behind what is written, as far as can be told
  record Found(Verdict verdict, Set<String> candidates, Optional<Bounds> behind) {}

  /// One answer looked at.
  private final class Judgement {
    private final Target target;
    private final Answer answer;
    private final OwnNumbers own;
    private final Set<LineId> written;

    Judgement(Target target, Answer answer, OwnNumbers own, Set<LineId> written) {
      this.target = target;
      this.answer = answer;
      this.own = own;
      this.written = written;
    }

    Found found() {
      return switch (answer) {
        case Answer.Blank _ -> new Found(Verdict.BLANK, Set.of(), Optional.empty());
        case Answer.Unreadable _ -> new Found(Verdict.UNREADABLE, Set.of(), Optional.empty());
        case Answer.Number number -> number(number);
        case Answer.Below below -> below(below);
        case Answer.Said said -> said(said);
      };
    }

    private Found number(Answer.Number number) {
      if (target.exact().isEmpty()) {
        return without(Verdict.WRONG, number);
      }
      double exact = target.exact().get();
      boolean fine = target.isFine(number);
      if (Target.agrees(number, exact)) {
        Bounds behind = behind(number, target.within()).hull(Bounds.of(exact));
        return new Found(fine ? Verdict.RIGHT : Verdict.TOO_COARSE, Set.of(), Optional.of(behind));
      }
      if (Target.agrees(number, target.within())) {
        return new Found(
            fine ? Verdict.RIGHT_ROUNDED : Verdict.TOO_COARSE,
            Set.of(),
            Optional.of(behind(number, target.within())));
      }
      Optional<Bounds> follows = own.of(target.line(), target.line().formula());
      if (follows.filter(range -> Target.agrees(number, range)).isPresent()) {
        return new Found(
            fine ? Verdict.FOLLOW_THROUGH : Verdict.TOO_COARSE,
            Set.of(),
            Optional.of(behind(number, follows.get())));
      }
      return slip(number, follows);
    }

    /// A number whose meaning is not known: what is written, and what may have stood behind it.
    private Found without(Verdict verdict, Answer.Number number) {
      boolean whole = !target.line().kind().mayBeRounded();
      double asWritten = Math.min(number.half(), 0.5 * Math.pow(10, -target.digits()));
      return new Found(
          verdict, Set.of(), Optional.of(Bounds.of(number.value()).widened(whole ? 0 : asWritten)));
    }

    /// The part of a range that is written as the answer is, and the answer itself.
    private static Bounds behind(Answer.Number number, Bounds range) {
      Bounds near = Bounds.of(number.value()).widened(number.half());
      return range.cut(near).hull(Bounds.of(number.value()));
    }

    private Found slip(Answer.Number number, Optional<Bounds> follows) {
      Map<String, Bounds> fitting = new LinkedHashMap<>();
      candidates((slip, range) -> fitting.putIfAbsent(slip, behind(number, range)));
      if (fitting.isEmpty()) {
        typing(number, follows).forEach(slip -> fitting.put(slip, Bounds.of(number.value())));
      }
      if (fitting.isEmpty()) {
        rules.own().stream()
            .filter(cluster -> cluster.line().equals(target.line().id().toString()))
            .filter(
                cluster ->
                    number.value() >= cluster.low().doubleValue()
                        && number.value() <= cluster.high().doubleValue())
            .findFirst()
            .ifPresent(cluster -> fitting.put(cluster.id(), Bounds.of(number.value())));
      }
      if (fitting.isEmpty()) {
        return without(Verdict.WRONG, number);
      }
      return new Found(
          Verdict.SLIP, fitting.keySet(), fitting.values().stream().reduce(Bounds::hull));
    }

    private interface Fit {
      void take(String slip, Bounds range);
    }

    /// Every slip that gives the answer, made in this line or in a line before it that stands on no
    /// sheet.
    private void candidates(Fit fit) {
      for (Bends.Bent bent : bends.of(target.line().id())) {
        own.of(target.line(), bent.formula())
            .filter(range -> Target.agrees(answer, range))
            .ifPresent(range -> fit.take(bent.slip(), range));
      }
      for (Bends.Upstream bent : before()) {
        own.of(target.line(), bent.formulas())
            .filter(range -> Target.agrees(answer, range))
            .ifPresent(range -> fit.take(bent.slip(), range));
      }
    }

    private List<Bends.Upstream> before() {
      return upstream
          .computeIfAbsent(written, _ -> new HashMap<>())
          .computeIfAbsent(target.line().id(), line -> bends.upstream(line, written));
    }

    private List<String> typing(Answer.Number number, Optional<Bounds> follows) {
      List<Double> meant = new ArrayList<>();
      target.exact().ifPresent(meant::add);
      follows.ifPresent(range -> meant.add((range.low() + range.high()) / 2));
      return meant.stream().flatMap(value -> Typing.of(number, value).stream()).findFirst().stream()
          .toList();
    }

    private Found below(Answer.Below below) {
      Optional<Bounds> exact = target.exact().map(Bounds::of);
      Verdict verdict;
      if (exact.filter(range -> Target.agrees(below, range)).isPresent()) {
        boolean tells = below.bound() <= Math.pow(10, -target.digits());
        verdict = tells ? Verdict.RIGHT : Verdict.TOO_COARSE;
      } else {
        boolean follows =
            own.of(target.line(), target.line().formula())
                .filter(range -> Target.agrees(below, range))
                .isPresent();
        verdict = follows ? Verdict.FOLLOW_THROUGH : Verdict.WRONG;
      }
      if (verdict != Verdict.WRONG) {
        return new Found(verdict, Set.of(), Optional.empty());
      }
      Set<String> fitting = new LinkedHashSet<>();
      candidates((slip, _) -> fitting.add(slip));
      return new Found(fitting.isEmpty() ? Verdict.WRONG : Verdict.SLIP, fitting, Optional.empty());
    }

    private Found said(Answer.Said said) {
      if (target.exact().filter(value -> value > 0.5 == said.yes()).isPresent()) {
        return new Found(Verdict.RIGHT, Set.of(), Optional.empty());
      }
      if (target.exact().isPresent() && Target.agrees(said, target.within())) {
        return new Found(Verdict.RIGHT_ROUNDED, Set.of(), Optional.empty());
      }
      boolean follows =
          routes().stream()
              .anyMatch(
                  route ->
                      own.of(target.line(), route)
                          .filter(range -> Target.agrees(said, range))
                          .isPresent());
      if (follows) {
        return new Found(Verdict.FOLLOW_THROUGH, Set.of(), Optional.empty());
      }
      Set<String> fitting = new LinkedHashSet<>();
      candidates((slip, _) -> fitting.add(slip));
      return new Found(fitting.isEmpty() ? Verdict.WRONG : Verdict.SLIP, fitting, Optional.empty());
    }

    /// Students decide by the critical value or by p.
    private List<Expr> routes() {
      List<Expr> routes = new ArrayList<>();
      routes.add(target.line().formula());
      if (target.line().kind() == Kind.DECISION) {
        derivation.find(DECISION_BY_P).map(Line::formula).ifPresent(routes::add);
      }
      return routes;
    }
  }
}
