package lehrgang.core.compose;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Phrase;

/// What a table is to show.
public sealed interface Wish {
  /// How far a solution is from it: 0 where it holds.
  double distance(Proposal found);

  /// Whether it depends on nothing but how many there are in all, by row and by column, so that
  /// moving counts within the margins does not change it.
  default boolean isSettledByMargins() {
    return false;
  }

  /// What is wished, in words.
  Phrase words();

  /// What becomes of H₀.
  record Decision(boolean reject) implements Wish {
    @Override
    public double distance(Proposal found) {
      double level = found.number("alpha").orElse(0.05);
      return found.rejects() == reject
          ? 0
          : 0.1 + Math.abs(log(found.number("p").orElse(1.0)) - log(level));
    }

    @Override
    public Phrase words() {
      return Phrase.of(reject ? "compose.wish.reject" : "compose.wish.keep");
    }
  }

  /// In which range the p-value lies.
  ///
  /// @param low  0 or more
  /// @param high at most 1
  record PValue(double low, double high) implements Wish {
    @Override
    public double distance(Proposal found) {
      double p = found.number("p").orElse(1.0);
      return p < low ? log(low) - log(p) : p > high ? log(p) - log(high) : 0;
    }

    @Override
    public Phrase words() {
      return Phrase.of("compose.wish.p")
          .with("low", Double.toString(low))
          .with("high", Double.toString(high));
    }
  }

  /// How strong an effect is by Cohen's rules of thumb (Cohen 1988): for w from 0.1, 0.3 and 0.5
  /// on, for h from 0.2, 0.5 and 0.8.
  enum Strength {
    SMALL(0.1, 0.3, 0.2, 0.5),
    MEDIUM(0.3, 0.5, 0.5, 0.8),
    LARGE(0.5, 1, 0.8, Math.PI);

    private final double leastW;
    private final double mostW;
    private final double leastH;
    private final double mostH;

    Strength(double leastW, double mostW, double leastH, double mostH) {
      this.leastW = leastW;
      this.mostW = mostW;
      this.leastH = leastH;
      this.mostH = mostH;
    }
  }

  /// How strong the effect is.
  record Effect(Strength strength) implements Wish {
    @Override
    public double distance(Proposal found) {
      return found
          .number("w")
          .map(w -> outside(w, strength.leastW, strength.mostW))
          .or(
              () ->
                  found.number("h").map(h -> outside(Math.abs(h), strength.leastH, strength.mostH)))
          .orElse(1.0);
    }

    private static double outside(double effect, double least, double most) {
      return effect < least
          ? 5 * (least - effect)
          : effect >= most ? 5 * (effect - most) + 0.01 : 0;
    }

    @Override
    public Phrase words() {
      return Phrase.of("compose.wish.effect." + strength.name().toLowerCase(Locale.ROOT));
    }
  }

  /// Whether the conditions hold, or fail on purpose.
  record Conditions(boolean hold) implements Wish {
    @Override
    public boolean isSettledByMargins() {
      return true;
    }

    @Override
    public double distance(Proposal found) {
      return found.meetsConditions() == hold ? 0 : 1;
    }

    @Override
    public Phrase words() {
      return Phrase.of(hold ? "compose.wish.hold" : "compose.wish.fail");
    }
  }

  /// Expected counts that come out whole, or with so many decimals at most.
  ///
  /// @param decimals 0 or 1
  record Expected(int decimals) implements Wish {
    @Override
    public boolean isSettledByMargins() {
      return true;
    }

    @Override
    public double distance(Proposal found) {
      List<Value> expected = found.expected();
      long odd =
          expected.stream()
              .filter(value -> value.decimal().stripTrailingZeros().scale() > decimals)
              .count();
      return expected.isEmpty() ? 1 : 2.0 * odd / expected.size();
    }

    @Override
    public Phrase words() {
      return Phrase.of(decimals == 0 ? "compose.wish.whole" : "compose.wish.one-decimal");
    }
  }

  /// Shares that can be said in whole percents: of the margins, or of the successes, or those that
  /// are stated.
  record NiceShares() implements Wish {
    @Override
    public boolean isSettledByMargins() {
      return true;
    }

    @Override
    public double distance(Proposal found) {
      List<Value> shares = shares(found);
      long odd = shares.stream().filter(v -> v.decimal().stripTrailingZeros().scale() > 2).count();
      return shares.isEmpty() ? 1 : 2.0 * odd / shares.size();
    }

    private static List<Value> shares(Proposal found) {
      return found.derivation().lines().keySet().stream()
          .filter(line -> List.of("R", "C", "s", "phat", "p1", "p2").contains(line.name()))
          .map(line -> found.exact(line).map(value -> share(line, value, found)))
          .flatMap(Optional::stream)
          .toList();
    }

    private static Value share(LineId line, Value value, Proposal found) {
      boolean isTotal = line.name().equals("R") || line.name().equals("C");
      return isTotal ? found.exact(LineId.of("n")).map(n -> value.over(n)).orElse(value) : value;
    }

    @Override
    public Phrase words() {
      return Phrase.of("compose.wish.nice");
    }
  }

  /// Within every layer the same direction, and the other one where all are thrown together.
  record Reversal() implements Wish {
    private static final LineId ALL = LineId.general("diff.all", "+");

    @Override
    public double distance(Proposal found) {
      int layers = found.solution().table().layers().size();
      List<Double> each =
          IntStream.rangeClosed(1, layers)
              .mapToObj(k -> found.exact(LineId.of("diff.layer", k)).map(Value::asDouble))
              .flatMap(Optional::stream)
              .toList();
      Optional<Double> all = found.exact(ALL).map(Value::asDouble);
      if (each.size() < layers || all.isEmpty()) {
        return 1;
      }
      double way = -Math.signum(all.get());
      long others = each.stream().filter(difference -> difference * way <= 0).count();
      return way == 0 ? 1 : (double) others / layers;
    }

    @Override
    public Phrase words() {
      return Phrase.of("compose.wish.reversal");
    }
  }

  /// How many pairs changed: fewer than 25, or 25 and more, from which the curve is often taken.
  record Discordant(boolean many) implements Wish {
    static final int MANY = 25;

    @Override
    public boolean isSettledByMargins() {
      return true;
    }

    @Override
    public double distance(Proposal found) {
      double changed = found.number("changed").orElse(0.0);
      return many == changed >= MANY ? 0 : 0.2 + Math.abs(changed - MANY) / MANY;
    }

    @Override
    public Phrase words() {
      return Phrase.of(many ? "compose.wish.many" : "compose.wish.few");
    }
  }

  /// A statistic near that of a model, whichever its sign.
  record Statistic(LineId line, double low, double high) implements Wish {
    @Override
    public double distance(Proposal found) {
      double value = found.exact(line).map(Value::asDouble).map(Math::abs).orElse(Double.MAX_VALUE);
      double wide = Math.max(high - low, 1e-9);
      return value < low ? (low - value) / wide : value > high ? (value - high) / wide : 0;
    }

    @Override
    public Phrase words() {
      return Phrase.of("compose.wish.statistic")
          .with("low", String.format(Locale.ROOT, "%.3g", low))
          .with("high", String.format(Locale.ROOT, "%.3g", high));
    }
  }

  /// The same conditions as a model, each by itself.
  record SameConditions(Map<LineId, Boolean> conditions) implements Wish {
    @Override
    public double distance(Proposal found) {
      return conditions.entrySet().stream()
          .filter(condition -> found.holds(condition.getKey()) != condition.getValue())
          .count();
    }

    @Override
    public Phrase words() {
      return Phrase.of("compose.wish.same-conditions");
    }
  }

  /// Counts as long as those of a model.
  record Digits(List<List<String>> model) implements Wish {
    @Override
    public double distance(Proposal found) {
      TableEntry table = found.solution().table();
      int counts = table.form() == TableForm.FREQUENCIES ? 1 : table.columns().size();
      return IntStream.range(0, model.size())
          .mapToLong(
              i ->
                  IntStream.range(0, counts)
                      .filter(
                          j ->
                              table.cells().get(i).get(j).length()
                                  != model.get(i).get(j).strip().length())
                      .count())
          .sum();
    }

    @Override
    public Phrase words() {
      return Phrase.of("compose.wish.digits");
    }
  }

  private static double log(double p) {
    return Math.log(Math.max(p, 1e-300));
  }
}
