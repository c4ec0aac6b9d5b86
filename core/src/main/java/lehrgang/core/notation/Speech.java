package lehrgang.core.notation;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.UnaryOperator;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/// Reads a formula aloud, in the words of a language: "E two three equals R two times C three over
/// n".
public final class Speech {
  /// The keys of digits, in the bundle after `speech.`.
  private static final List<String> DIGITS =
      List.of("zero", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine");

  /// The keys of signs, in the bundle after `speech.`.
  private static final Map<String, String> SIGNS =
      Map.ofEntries(
          Map.entry("=", "equals"),
          Map.entry("≈", "about"),
          Map.entry("<", "less"),
          Map.entry(">", "more"),
          Map.entry("≥", "at-least"),
          Map.entry("+", "plus"),
          Map.entry("−", "minus"),
          Map.entry("·", "times"),
          Map.entry("\u2009", "times"),
          Map.entry("χ", "chi"),
          Map.entry("α", "alpha"),
          Map.entry("β", "beta"),
          Map.entry("δ", "delta"),
          Map.entry("φ", "small-phi"),
          Map.entry("Φ", "capital-phi"),
          Map.entry("π", "pi"),
          Map.entry("λ", "lambda"),
          Map.entry("θ", "theta"),
          Map.entry("′", "prime"),
          Map.entry("Σ", "sum"),
          Map.entry("×", "times"),
          Map.entry("½", "half"),
          Map.entry("/", "over"),
          Map.entry(";", "and"),
          Map.entry("²", "squared"),
          Map.entry("⋯", "and-so-on"));

  private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹";
  private static final Pattern POWER_OF_TEN = Pattern.compile("(.*?)·?10([⁻⁰¹²³⁴⁵⁶⁷⁸⁹]+)");

  /// A decimal, a letter that stands for a place, a word, a figure, or a sign.
  private static final Pattern TOKEN =
      Pattern.compile("[0-9]+[.,][0-9]+|[ijk](?![a-hl-z])|\\p{L}+|[0-9]|\\S");

  private final UnaryOperator<String> words;

  /// Words by their key, between spaces, and indices by how they are written: a page asks for the
  /// same ones by the thousand.
  private final Map<String, String> said = new ConcurrentHashMap<>();

  private final Map<String, String> indices = new ConcurrentHashMap<>();

  /// @param words the words of a key, such as `speech.equals`
  public Speech(UnaryOperator<String> words) {
    this.words = words;
  }

  /// A formula as it is read aloud, every sign in words.
  public String of(Box box) {
    return withSingleSpaces(say(box));
  }

  private static String withSingleSpaces(String text) {
    StringBuilder single = new StringBuilder(text.length());
    boolean apart = false;
    for (int i = 0; i < text.length(); i++) {
      char sign = text.charAt(i);
      if (sign <= ' ') {
        apart = !single.isEmpty();
      } else {
        single.append(apart ? " " : "").append(sign);
        apart = false;
      }
    }
    return single.toString();
  }

  private String say(Box box) {
    return switch (box) {
      case Box.Atom(var text, var style) ->
          style == Box.Style.NUMBER
              ? spaced(number(text))
              : spaced(sign(text.strip().isEmpty() ? text : text.strip(), text));
      case Box.Row(var parts) -> {
        StringBuilder row = new StringBuilder();
        parts.forEach(part -> row.append(say(part)).append(' '));
        yield row.toString();
      }
      case Box.Fraction(var above, var below) -> grouped(above) + said("over") + grouped(below);
      case Box.Scripts(var base, var raised, var lowered) ->
          say(base) + lowered.map(this::index).orElse("") + raised.map(this::exponent).orElse("");
      case Box.Radical(var inner) -> said("root") + grouped(inner);
      case Box.Fence(var open, var inner, _) when open.equals("|") ->
          said("magnitude") + say(inner) + said("magnitude.end");
      case Box.Fence(_, var inner, _) -> said("bracket") + say(inner) + said("bracket.end");
      case Box.BigSum(var index) -> said("sum-over") + say(index) + said("sum-over.of");
      case Box.Linked(_, var inner) -> say(inner);
      case Box.Blank _ -> said("blank");
    };
  }

  private String grouped(Box box) {
    String inner = say(box).strip();
    String spaced = spaced(inner);
    boolean compound =
        spaced.contains(said("plus"))
            || spaced.contains(said("minus"))
            || spaced.contains(said("over"));
    return compound ? said("quantity") + inner + said("quantity.end") : spaced;
  }

  /// The words of a key.
  private String word(String key) {
    return words.apply("speech." + key);
  }

  private String said(String key) {
    return said.computeIfAbsent(key, one -> spaced(word(one)));
  }

  private static String spaced(String words) {
    return " " + words + " ";
  }

  /// A sign in words, or what stands for it where there are none.
  private String sign(String sign, String otherwise) {
    String key = SIGNS.get(sign);
    return key == null ? otherwise : word(key);
  }

  /// Numbers of places one by one, decimals and words as they are: *E*₂₃, *χ*²₀.₀₅, *E* no.
  private String index(Box index) {
    return indices.computeIfAbsent(PlainText.of(index), this::tokens);
  }

  private String tokens(String index) {
    return TOKEN
        .matcher(index)
        .results()
        .map(MatchResult::group)
        .map(token -> isDigit(token) ? word(DIGITS.get(token.charAt(0) - '0')) : sign(token, token))
        .collect(Collectors.joining(" ", " ", " "));
  }

  private static boolean isDigit(String token) {
    return token.length() == 1 && token.charAt(0) >= '0' && token.charAt(0) <= '9';
  }

  /// A number with its sign, and with its power of ten where it has one.
  private String number(String text) {
    String plain = text.replace("−", word("minus") + " ").replace("\u2009", "");
    Matcher power = POWER_OF_TEN.matcher(plain);
    if (!plain.contains("10") || !power.matches()) {
      return plain;
    }
    String exponent =
        power
            .group(2)
            .chars()
            .mapToObj(sign -> sign == '⁻' ? word("minus") + " " : "" + RAISED.indexOf(sign))
            .collect(Collectors.joining());
    String before = power.group(1).isEmpty() ? "" : power.group(1) + said("times");
    return before + "10" + said("power") + exponent;
  }

  private String exponent(Box exponent) {
    String text = say(exponent).strip();
    if (text.equals("2")) {
      return said("squared");
    }
    if (text.equals("3")) {
      return said("cubed");
    }
    return text.equals(word("prime")) ? said("prime") : said("power") + text + said("power.end");
  }
}
