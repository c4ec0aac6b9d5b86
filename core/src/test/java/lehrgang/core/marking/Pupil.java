package lehrgang.core.marking;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.function.ToDoubleFunction;

/// A made-up student who works a problem out in plain arithmetic, rounds here and there as is
/// allowed, makes one known slip or none, and carries on from it. Nothing here is the program's.
final class Pupil {
  /// What a student works out, in order.
  static final class Problem {
    private final Map<String, Double> given = new LinkedHashMap<>();
    private final List<Step> steps = new ArrayList<>();
    private final Map<String, Map<String, ToDoubleFunction<Numbers>>> slips = new LinkedHashMap<>();

    Problem given(String line, double number) {
      given.put(line, number);
      return this;
    }

    /// @param fewest decimals to which it may be rounded before going on; below 0 for what is not
    /// @param asked  decimals in which it is asked
    Problem step(String line, int fewest, int asked, ToDoubleFunction<Numbers> rule) {
      steps.add(new Step(line, fewest, asked, rule));
      return this;
    }

    Problem decision(ToDoubleFunction<Numbers> rule) {
      steps.add(new Step("decision", -1, -1, rule));
      return this;
    }

    /// Another rule for a line.
    Problem slip(String id, String line, ToDoubleFunction<Numbers> rule) {
      slips.computeIfAbsent(id, _ -> new LinkedHashMap<>()).put(line, rule);
      return this;
    }

    List<String> slipIds() {
      return List.copyOf(slips.keySet());
    }

    /// Whether a slip is made in a line.
    boolean touches(String slip, String line) {
      return slips.getOrDefault(slip, Map.of()).containsKey(line);
    }
  }

  /// A number to be found.
  record Step(String line, int fewest, int asked, ToDoubleFunction<Numbers> rule) {}

  /// The numbers with which a student goes on.
  interface Numbers {
    double of(String line);
  }

  /// What stands on the sheet.
  ///
  /// @param written by line
  /// @param slipped the lines that the slip touched, where they do not happen to be right
  record Sheet(Map<String, String> written, String slip, List<String> slipped) {}

  private final Random random;

  Pupil(Random random) {
    this.random = random;
  }

  /// @param slip its id; empty for none
  Sheet work(Problem problem, String slip) {
    Map<String, Double> exact = exact(problem);
    Map<String, Double> carried = new LinkedHashMap<>(problem.given);
    Map<String, String> written = new LinkedHashMap<>();
    List<String> slipped = new ArrayList<>();
    Map<String, ToDoubleFunction<Numbers>> bent = problem.slips.getOrDefault(slip, Map.of());
    boolean keepsAll = random.nextBoolean();
    int finer = random.nextInt(3);
    for (Step step : problem.steps) {
      double number =
          bent.getOrDefault(step.line(), step.rule()).applyAsDouble(line -> carried.get(line));
      if (step.asked() < 0) {
        written.put(step.line(), number > 0.5 ? "reject" : "do-not-reject");
      } else {
        boolean rounds = step.fewest() >= 0 && !keepsAll && random.nextInt(3) > 0;
        int kept = step.fewest() + random.nextInt(2);
        double goesOn = rounds ? rounded(number, kept) : number;
        int decimals = rounds ? Math.min(step.asked() + finer, kept) : step.asked() + finer;
        written.put(step.line(), text(goesOn, decimals));
        carried.put(step.line(), goesOn);
      }
      if (bent.containsKey(step.line()) && differs(step, number, exact.get(step.line()))) {
        slipped.add(step.line());
      }
    }
    return new Sheet(written, slip, slipped);
  }

  private static Map<String, Double> exact(Problem problem) {
    Map<String, Double> exact = new LinkedHashMap<>(problem.given);
    for (Step step : problem.steps) {
      exact.put(step.line(), step.rule().applyAsDouble(exact::get));
    }
    return exact;
  }

  /// Whether a slip shows: by more than rounding on the way could make of the right number.
  private static boolean differs(Step step, double number, double right) {
    double least =
        step.asked() < 0
            ? 0.5
            : 3 * Math.pow(10, -step.asked()) + (step.line().equals("X2") ? 0.02 * right : 0);
    return !(Math.abs(number - right) <= least);
  }

  static double rounded(double number, int decimals) {
    return Double.isFinite(number)
        ? BigDecimal.valueOf(number).setScale(decimals, RoundingMode.HALF_UP).doubleValue()
        : number;
  }

  private static String text(double number, int decimals) {
    return Double.isFinite(number)
        ? BigDecimal.valueOf(number).setScale(decimals, RoundingMode.HALF_UP).toPlainString()
        : String.format(Locale.ROOT, "%s", number);
  }

  static String cell(String name, int... at) {
    StringBuilder id = new StringBuilder(name).append('[');
    for (int k = 0; k < at.length; k++) {
      id.append(k == 0 ? "" : ",").append(at[k]);
    }
    return id.append(']').toString();
  }

  static ToDoubleFunction<Numbers> sum(List<String> lines) {
    return n -> lines.stream().mapToDouble(n::of).sum();
  }
}
