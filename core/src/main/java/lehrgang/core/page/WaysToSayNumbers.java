package lehrgang.core.page;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.regex.Pattern;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.number.Kind;
import lehrgang.core.number.NumberStyle;
import lehrgang.core.number.Shown;
import lehrgang.core.number.Shown.Relation;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Phrase;

/// What sentences make of numbers besides showing them: shares of samples, confidence, sizes
/// without a sign, and the form that reports have.
final class WaysToSayNumbers {
  private static final Pattern LEADING_ZERO = Pattern.compile("^(−?)0(?=\\D)");

  private static final Value LEAST_IN_PERCENT = Value.exactly("0.00001");

  private final Numerals numerals;
  private final NumberStyle style;

  WaysToSayNumbers(Numerals numerals) {
    this.numerals = numerals;
    this.style = numerals.format().style();
  }

  /// A probability as a share of samples.
  Phrase inSamples(LineId id) {
    Optional<Value> p = numerals.values().find(id);
    if (numerals.mask().hides(id) || p.isEmpty()) {
      return Phrase.of("samples.hidden").with("share", id);
    }
    int decimals = Math.max(0, numerals.decimalsOf(id) - 2);
    Value step = Value.exactly(BigDecimal.ONE.movePointLeft(decimals + 2));
    Relation relation = numerals.shown(id).relation();
    Value share =
        switch (relation) {
          case BELOW -> step;
          case ABOVE -> Value.ONE.minus(step);
          default -> p.get();
        };
    String key =
        switch (relation) {
          case BELOW -> "samples.below";
          case ABOVE -> "samples.above";
          default -> share.compareTo(Value.ONE) == 0 ? "samples.all" : "samples.about";
        };
    Phrase phrase = Phrase.of(key);
    return key.equals("samples.all")
        ? phrase
        : phrase.with(
            "share",
            new Phrase.Percentage(
                id, style.percent(share, Math.min(decimals, decimalsSaid(share))).text()));
  }

  /// How many decimals a percentage is said with: those of two significant digits, and of one below
  /// 100 %.
  private static int decimalsSaid(Value share) {
    double percent = 100 * share.asDouble();
    int below = percent > 0 ? 1 - (int) Math.floor(Math.log10(percent)) : 0;
    int above = percent < 100 ? (int) Math.ceil(-Math.log10(100 - percent)) : 0;
    return Math.max(0, Math.max(below, above));
  }

  /// A level in percent; empty where the audience is not to know it, and for one that is so small
  /// that a percentage helps nobody.
  Optional<Box> inPercent(LineId level) {
    return numerals
        .values()
        .find(level)
        .filter(_ -> !numerals.mask().hides(level))
        .filter(alpha -> alpha.compareTo(LEAST_IN_PERCENT) >= 0)
        .map(alpha -> alpha.times(Value.of(100)).decimal())
        .map(percent -> Box.number(style.shortest(percent) + "\u00a0%"));
  }

  /// The confidence that goes with a level; empty where the audience is not to know the level.
  Optional<Box> confidence(LineId level) {
    return numerals
        .values()
        .find(level)
        .filter(_ -> !numerals.mask().hides(level))
        .map(alpha -> Value.ONE.minus(alpha).times(Value.of(100)).decimal())
        .map(percent -> Box.number(style.shortest(percent) + "\u00a0%"));
  }

  /// The size of a negative number; empty for any other, and for one that is hidden.
  Optional<Box> size(LineId id) {
    return numerals
        .values()
        .find(id)
        .filter(value -> value.signum() < 0 && !numerals.mask().hides(id))
        .map(value -> Box.number(numerals.shown(id, value.negated()).standalone()));
  }

  /// As reports give it, with its sign: `= 14.10`, `< .001`.
  String reported(Phrase.Reported reported) {
    return numerals
        .values()
        .find(reported.line())
        .map(value -> reported(reported, value))
        .orElse("= " + Numerals.NONE.text());
  }

  private String reported(Phrase.Reported reported, Value value) {
    boolean shortens = reported.leadingZero() == Phrase.LeadingZero.LEFT_OUT;
    boolean tiny =
        numerals.line(reported.line()).kind() == Kind.P_VALUE
            && style.pValue(value, reported.decimals()).relation() == Relation.BELOW;
    Shown shown =
        tiny
            ? new Shown("0" + style.decimalSign() + "001", Relation.BELOW)
            : numerals.line(reported.line()).kind() == Kind.SHARE
                ? style.proportion(value, reported.decimals())
                : style.fixed(value, reported.decimals());
    String sign = shown.relation() == Relation.BELOW ? "<" : "=";
    return sign
        + " "
        + (shortens ? LEADING_ZERO.matcher(shown.text()).replaceFirst("$1") : shown.text());
  }
}
