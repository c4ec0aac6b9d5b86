package lehrgang.documents.handout.working;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import lehrgang.core.Extent;
import lehrgang.core.ReferenceCases;
import lehrgang.core.Sampled;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.derivation.Line;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.expr.Result;
import lehrgang.core.marking.Answer;
import lehrgang.core.marking.AnswerReader;
import lehrgang.core.marking.Judging;
import lehrgang.core.marking.Mark;
import lehrgang.core.marking.Marker;
import lehrgang.core.number.Kind;
import lehrgang.core.number.NumberStyle;
import lehrgang.core.number.Value;
import lehrgang.core.solution.Solution;
import lehrgang.core.wording.Wording;
import lehrgang.documents.Demo;
import lehrgang.documents.handout.order.Solved;
import lehrgang.documents.solutionfile.DemoCourse;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.json.JsonMapper;

/// The evaluator in the page finds the numbers and the verdicts that the program finds.
@Sampled
class EvaluatorTest {
  private static final int SHEETS = Integer.getInteger("lehrgang.tries", 40);
  private static final Wording WORDS = Wording.english();

  private static Browser browser;

  @BeforeAll
  static void open() {
    browser = Browser.onDesk();
    browser.driver().get("data:text/html,<title>x</title>");
    browser
        .driver()
        .executeScript(WorkingSheet.scriptOf("evaluator.js") + "; window.L = Lehrgang;");
  }

  @AfterAll
  static void close() {
    if (browser != null) {
      browser.close();
    }
  }

  static Stream<Solution> solutions() {
    return Stream.of(
            Extent.of("one of each", 4, ReferenceCases.oneOfEach()).stream(),
            Demo.some().stream().map(name -> DemoCourse.open(name).solution()),
            manyOutcomes())
        .flatMap(some -> some);
  }

  private static Stream<Solution> manyOutcomes() {
    Solution share =
        ReferenceCases.solution(
            "one-proportion", ReferenceCases.shares(List.of(List.of(7L, 5_000L))));
    return Stream.of(
        ReferenceCases.solution("matched-pairs", ReferenceCases.pairs(4_000, 63_120, 64_010, 900)),
        share.withChoices(share.choices().withTyped("claimed", "0.002")));
  }

  private static Derivation derive(Solution solution) {
    return ReferenceCases.derive(solution);
  }

  /// The blanks of the sheet, and the decision.
  private static List<LineId> asked(Solution solution, Derivation derivation) {
    List<LineId> asked = new ArrayList<>(new Solved(solution, derivation).blanks().lines());
    asked.add(derivation.decision());
    return asked.stream().distinct().toList();
  }

  private static Map<String, Object> data(Solution solution, Judging judging) {
    return JudgingJson.of(judging, solution, WORDS);
  }

  @SuppressWarnings("unchecked")
  private static <T> T run(Map<String, Object> data, String script, Object... more) {
    List<Object> arguments = new ArrayList<>(List.of(JsonMapper.shared().writeValueAsString(data)));
    arguments.addAll(List.of(more));
    return (T)
        browser
            .driver()
            .executeScript(
                "const data = JSON.parse(arguments[0]); const l = L.of(data); " + script,
                arguments.toArray());
  }

  @ParameterizedTest
  @MethodSource("solutions")
  void everyNumberIsTheSame(Solution solution) {
    Derivation derivation = derive(solution);
    Judging judging = Judging.of(solution, derivation, asked(solution, derivation));
    List<Object> values =
        run(data(solution, judging), "return data.lines.map((_, k) => l.value(k));");
    int same = 0;
    for (int k = 0; k < values.size(); k++) {
      Line line = judging.lines().get(k).line();
      Optional<Value> exact = derivation.exact().find(line.id());
      if (exact.isPresent()) {
        assertThat(values.get(k)).as(line.id().toString()).isInstanceOf(Number.class);
        double expected = exact.get().asDouble();
        assertThat(((Number) values.get(k)).doubleValue())
            .as(line.id().toString())
            .isCloseTo(expected, within(1e-9 * Math.max(Math.abs(expected), 1e-300)));
        same++;
      }
    }
    assertThat(same).isGreaterThan(values.size() / 2);
  }

  @ParameterizedTest
  @MethodSource("solutions")
  void everyVerdictIsTheSame(Solution solution) {
    Derivation derivation = derive(solution);
    List<LineId> asked = asked(solution, derivation);
    Judging judging = Judging.of(solution, derivation, asked);
    Map<LineId, Integer> places = JudgingJson.places(judging);
    Student student =
        new Student(derivation, judging, new Random(solution.table().cells().hashCode()));
    List<Map<LineId, String>> sheets = new ArrayList<>();
    List<Map<String, String>> written = new ArrayList<>();
    for (int i = 0; i < SHEETS; i++) {
      Map<LineId, String> sheet = student.sheet();
      sheets.add(sheet);
      Map<String, String> byPlace = new LinkedHashMap<>();
      sheet.forEach((line, text) -> byPlace.put(places.get(line).toString(), text));
      written.add(byPlace);
    }
    List<List<List<Object>>> judged =
        run(
            data(solution, judging),
            "return arguments[1].map(sheet => { const m = l.mark(sheet); return data.asked.map(k =>"
                + " [m.get(k).verdict, m.get(k).slips.join('|'), l.canJudge(k)]); });",
            written);
    Marker marker = Marker.of(solution, derivation, judging.asked());
    AnswerReader reader = new AnswerReader(WORDS, NumberStyle.POINT);
    List<String> differ = new ArrayList<>();
    int all = 0;
    for (int i = 0; i < SHEETS; i++) {
      Map<LineId, Answer> answers = new HashMap<>();
      sheets
          .get(i)
          .forEach(
              (line, text) -> answers.put(line, reader.read(text, derivation.line(line).kind())));
      List<Mark> marks = marker.mark("x", answers).marks();
      for (int k = 0; k < marks.size(); k++) {
        List<Object> here = judged.get(i).get(k);
        if (here.get(2).equals(Boolean.TRUE)) {
          all++;
          String expected =
              marks.get(k).verdict().key() + " " + String.join("|", marks.get(k).slips());
          String found = here.get(0) + " " + here.get(1);
          if (!expected.equals(found)) {
            differ.add(
                "%s wrote %s: %s, and in the page %s (sheet %s)"
                    .formatted(
                        marks.get(k).line(),
                        marks.get(k).answer().written(),
                        expected,
                        found,
                        sheets.get(i)));
          }
        }
      }
    }
    assertThat(all).isPositive();
    assertThat(differ).isEmpty();
  }

  /// Answers as students write them: rounded or not, perhaps with a slip made and carried on.
  private static final class Student {
    private final Derivation derivation;
    private final Judging judging;
    private final Random random;
    private final List<String> slips;

    Student(Derivation derivation, Judging judging, Random random) {
      this.derivation = derivation;
      this.judging = judging;
      this.random = random;
      this.slips =
          judging.bends().values().stream()
              .flatMap(List::stream)
              .map(Judging.Bent::slip)
              .distinct()
              .sorted()
              .toList();
    }

    Map<LineId, String> sheet() {
      String slip =
          slips.isEmpty() || random.nextInt(4) == 0 ? "" : slips.get(random.nextInt(slips.size()));
      boolean leavesOut = random.nextInt(3) == 0;
      Map<LineId, Double> carried = new HashMap<>();
      Map<LineId, String> sheet = new LinkedHashMap<>();
      for (Judging.Judged judged : judging.lines()) {
        LineId id = judged.line().id();
        Expr formula = judged.formula();
        for (Judging.Bent bent : judging.bends().getOrDefault(id, List.of())) {
          if (bent.slip().equals(slip) && bent.way() == 0) {
            formula = bent.formula();
          }
        }
        Result<Double> result;
        try {
          result = Evaluator.inDoubles(line -> of(line, carried)).evaluate(formula);
        } catch (RuntimeException e) {
          result = new Result.Undefined<>(null);
        }
        double number = result instanceof Result.Defined<Double>(var value) ? value : Double.NaN;
        if (!judging.asked().contains(id)) {
          carried.put(id, number);
          continue;
        }
        String text = text(judged, number);
        if (text.isEmpty() || leavesOut && random.nextInt(3) == 0) {
          carried.put(id, number);
          continue;
        }
        if (random.nextInt(25) == 0) {
          text = random.nextBoolean() ? "12,5" : "<0.05";
        }
        sheet.put(id, text);
        boolean goesOnRounded = judged.fewest() >= 0 && random.nextBoolean();
        carried.put(
            id,
            goesOnRounded && !Double.isNaN(number)
                ? rounded(number, judged.fewest()).doubleValue()
                : number);
      }
      return sheet;
    }

    private double of(LineId line, Map<LineId, Double> carried) {
      Double number = carried.get(line);
      return number != null
          ? number
          : derivation.exact().find(line).map(Value::asDouble).orElse(Double.NaN);
    }

    private String text(Judging.Judged judged, double number) {
      if (judged.line().kind() == Kind.DECISION) {
        return Double.isNaN(number) ? "" : number > 0.5 ? "reject H0" : "not rejected";
      }
      if (judged.line().kind() == Kind.CONDITION) {
        return number > 0.5 ? "yes" : "no";
      }
      if (Double.isNaN(number) || Double.isInfinite(number) || Math.abs(number) > 1e9) {
        return "";
      }
      String plain =
          rounded(number, Math.max(0, judged.printed() + random.nextInt(3) - 1)).toPlainString();
      return random.nextInt(4) == 0 ? plain.replace('.', ',') : plain;
    }

    private static BigDecimal rounded(double number, int decimals) {
      return BigDecimal.valueOf(number).setScale(decimals, RoundingMode.HALF_UP);
    }
  }
}
