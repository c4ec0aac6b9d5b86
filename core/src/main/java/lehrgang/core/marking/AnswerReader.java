package lehrgang.core.marking;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lehrgang.core.number.Kind;
import lehrgang.core.number.NumberStyle;
import lehrgang.core.wording.Wording;

/// Reads answers as students write them: decimal point or comma, digit groups, percentages,
/// fractions, powers of ten, bounds, and decisions in words.
public final class AnswerReader {
  private static final String DIGITS =
      "[0-9]{1,3}(?:[.,][0-9]{3})+(?:[.,][0-9]*)?|[0-9]*[.,]?[0-9]+|[0-9]+[.,]";
  private static final Pattern EITHER_SIGN = Pattern.compile("^(±|\\+/-|\\+-)\\s*");
  private static final Pattern SPACES = Pattern.compile("\\s+");
  private static final Pattern ODD_SPACES = Pattern.compile("[0-9]\\s+(?![0-9]{3}(?![0-9]))[0-9]");
  private static final Pattern LAST_POINT = Pattern.compile("(?<=[0-9])\\.$");
  private static final Pattern GROUP_MARK = Pattern.compile("(?<=[0-9])['’](?=[0-9]{3})");
  private static final Pattern NUMBER =
      Pattern.compile(
          "([-+]?)(" + DIGITS + ")(?:(?:[eE]|[·*x×]10\\^?)\\(?([-+]?[0-9]{1,3})\\)?)?(%?)");
  private static final Pattern FRACTION =
      Pattern.compile("([-+]?)(?:([0-9]{1,15})[ +])?([0-9]{1,15})/([0-9]{1,15})");
  private static final Pattern GROUPED_ONCE = Pattern.compile("[1-9][0-9]{0,2}[.,][0-9]{3}");
  private static final Pattern GROUPED =
      Pattern.compile("[1-9][0-9]{0,2}(?:([.,])[0-9]{3})(?:\\1[0-9]{3})+(?:[.,][0-9]*)?");
  private static final Pattern LEADING = Pattern.compile("^\\p{L}[^=≈~<≤]*([=≈~<≤]+)");
  private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹⁻";
  private static final String LEVEL = "0123456789-";
  private static final int LONGEST = 200;

  private final NumberStyle style;
  private final List<Pattern> reject;
  private final List<Pattern> keep;
  private final List<Pattern> not;
  private final List<Pattern> other;
  private final List<Pattern> yes;
  private final List<Pattern> no;
  private final String saidReject;
  private final String saidKeep;

  /// @param wording the language in which decisions are written, beside the ids of the decisions
  /// @param style   tells a decimal sign from one between groups where both could be meant
  public AnswerReader(Wording wording, NumberStyle style) {
    this.style = style;
    this.reject = words(wording, "reject");
    this.keep = words(wording, "keep");
    this.not = words(wording, "not");
    this.other = words(wording, "other");
    this.yes = words(wording, "yes");
    this.no = words(wording, "no");
    this.saidReject = plain(wording.text("trace.decision.reject"));
    this.saidKeep = plain(wording.text("trace.decision.keep"));
  }

  /// Whole words; dots stand for the rest of one.
  private static List<Pattern> words(Wording wording, String list) {
    return Arrays.stream(wording.text("answer.words." + list).split(","))
        .map(String::strip)
        .map(word -> Pattern.quote(word).replace("…", "\\E[\\p{L}']*\\Q"))
        .map(word -> Pattern.compile("(?<![\\p{L}0-9])" + word + "(?![\\p{L}0-9])"))
        .toList();
  }

  /// What was written in answer to a line of a sort.
  public Answer read(String written, Kind kind) {
    String text = written.strip();
    if (text.isEmpty() || text.matches("[-–—?./]+")) {
      return new Answer.Blank();
    }
    if (text.length() > LONGEST) {
      return new Answer.Unreadable(text);
    }
    return kind.isNumber() ? number(text, kind) : words(text, kind);
  }

  private static boolean isBelow(String signs) {
    return signs.indexOf('<') >= 0 || signs.indexOf('≤') >= 0;
  }

  private Answer number(String written, Kind kind) {
    String text = levelled(written);
    boolean below = false;
    Matcher leading = LEADING.matcher(text);
    if (leading.find()) {
      below = isBelow(leading.group(1));
      text = text.substring(leading.end()).strip();
    }
    while (!text.isEmpty() && "<≤=≈~".indexOf(text.charAt(0)) >= 0) {
      below |= isBelow(text.substring(0, 1));
      text = text.substring(1).strip();
    }
    text = EITHER_SIGN.matcher(text).replaceFirst("");
    Matcher fraction = FRACTION.matcher(text);
    if (fraction.matches() && !below) {
      return fraction(written, fraction);
    }
    // Spaces stand between groups of digits, and around the signs of a power of ten.
    String closed = SPACES.matcher(text).replaceAll("");
    boolean oddSpaces = closed.length() < text.length() && ODD_SPACES.matcher(text).find();
    Matcher number = NUMBER.matcher(LAST_POINT.matcher(closed).replaceFirst(""));
    if (oddSpaces || !number.matches()) {
      return new Answer.Unreadable(written);
    }
    String digits = plainDecimal(number.group(2), kind);
    return digits.matches(".*[.,].*[.,].*")
        ? new Answer.Unreadable(written)
        : number(written, digits, number, below);
  }

  private static Answer number(String written, String digits, Matcher number, boolean below) {
    BigDecimal value = new BigDecimal(digits);
    if (number.group(3) != null) {
      value = value.scaleByPowerOfTen(Integer.parseInt(number.group(3)));
    }
    if (!number.group(4).isEmpty()) {
      value = value.movePointLeft(2);
    }
    if (number.group(1).equals("-")) {
      value = value.negate();
    }
    if (Double.isInfinite(value.doubleValue())) {
      // No answer of any course is that large.
      return new Answer.Unreadable(written);
    }
    return below
        ? new Answer.Below(written, value.doubleValue())
        : new Answer.Number(written, value.doubleValue(), value.scale(), false);
  }

  /// Digits with a point for the decimal sign and nothing between groups. What has a sign once,
  /// with three digits after it, is a decimal, unless it answers a whole number.
  private String plainDecimal(String digits, Kind kind) {
    boolean whole = kind == Kind.COUNT || kind == Kind.DEGREES_OF_FREEDOM;
    char last = digits.lastIndexOf('.') > digits.lastIndexOf(',') ? '.' : ',';
    boolean both = digits.indexOf('.') >= 0 && digits.indexOf(',') >= 0;
    if (both) {
      String group = last == '.' ? "," : ".";
      return digits.replace(group, "").replace(last, '.');
    }
    boolean grouped =
        GROUPED.matcher(digits).matches()
            || whole
                && GROUPED_ONCE.matcher(digits).matches()
                && digits.indexOf(style.decimalSign()) < 0;
    String plain = grouped ? digits.replaceAll("[.,]", "") : digits.replace(',', '.');
    return plain.endsWith(".") ? plain.substring(0, plain.length() - 1) : plain;
  }

  private static Answer fraction(String written, Matcher parts) {
    double below = Double.parseDouble(parts.group(4));
    if (below == 0) {
      return new Answer.Unreadable(written);
    }
    double whole = parts.group(2) == null ? 0 : Double.parseDouble(parts.group(2));
    double value = whole + Double.parseDouble(parts.group(3)) / below;
    return new Answer.Number(written, parts.group(1).equals("-") ? -value : value, 0, true);
  }

  /// Raised digits brought down, minus signs and spaces made plain, apostrophes between groups
  /// taken out.
  private static String levelled(String text) {
    StringBuilder level = new StringBuilder();
    boolean raised = false;
    for (char sign : text.toCharArray()) {
      int at = RAISED.indexOf(sign);
      if (at >= 0 && level.toString().endsWith("10") && !raised) {
        level.append('^');
        raised = true;
      }
      if (at >= 0 && raised) {
        level.append(LEVEL.charAt(at));
      } else if ("−–‒﹣-".indexOf(sign) >= 0) {
        level.append('-');
      } else if (Character.isSpaceChar(sign) || Character.isWhitespace(sign)) {
        level.append(' ');
      } else {
        level.append(sign);
      }
    }
    return GROUP_MARK.matcher(level).replaceAll("").strip();
  }

  private static String plain(String text) {
    return levelled(text)
        .toLowerCase(Locale.ROOT)
        .replaceAll("(?<![a-z])h[_ ]?[0o₀](?![a-z])", "h0")
        .replace("₁", "1")
        .replace("₀", "0")
        .replace('’', '\'')
        .replaceAll("[.!;:]", " ")
        .replaceAll("\\s+", " ")
        .strip();
  }

  private Answer words(String written, Kind kind) {
    String text = plain(written);
    if (kind == Kind.CONDITION) {
      boolean fails = has(text, no);
      return has(text, yes) == fails
          ? new Answer.Unreadable(written)
          : new Answer.Said(written, !fails);
    }
    if (text.equals(saidReject) || text.equals("reject")) {
      return new Answer.Said(written, true);
    }
    if (text.equals(saidKeep) || text.equals("do-not-reject")) {
      return new Answer.Said(written, false);
    }
    boolean rejects = has(text, reject);
    boolean keeps = has(text, keep);
    if (rejects == keeps) {
      return new Answer.Unreadable(written);
    }
    boolean turned = has(text, not);
    boolean otherwise = has(text, other) && !text.contains("h0");
    return new Answer.Said(written, rejects ^ turned ^ otherwise);
  }

  private static boolean has(String text, List<Pattern> words) {
    return words.stream().anyMatch(word -> word.matcher(text).find());
  }
}
