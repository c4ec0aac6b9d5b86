package lehrgang.core.wording;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Speech;
import lehrgang.core.notation.Symbol;
import lehrgang.core.notation.Symbols;

/// Turns phrases into sentences, from the bundle of a language or the instructor's own wording.
///
/// In a bundle, `{gap}` is filled, `{:df}` is a symbol as the course writes it, `*words*` are
/// emphasised and `**words**` are strong.
public final class Wording {
  private static final Pattern INDEX_WORD = Pattern.compile("\\p{L}{2,}");
  private static final String INDEX = "index.";
  private static final Pattern GAP = Pattern.compile("\\{[^{}]*}|[{}]");

  /// How the numbers of lines are set in a sentence.
  public interface Numbers {
    /// The number alone.
    Box number(LineId line);

    /// The number with the digits that tell it from another.
    default Box compared(LineId line, LineId with) {
      return number(line);
    }

    /// Symbol, sign and number.
    List<Span> stated(LineId line);

    /// Symbol, sign and number, with the digits that tell it from another.
    default List<Span> stated(LineId line, LineId with) {
      return stated(line);
    }

    /// A probability as a share of samples, in words.
    default Phrase inSamples(LineId line) {
      return Phrase.of("samples.hidden").with("share", line);
    }

    /// A significance level in percent.
    default Box inPercent(LineId level) {
      return number(level);
    }

    /// The confidence that goes with a significance level.
    default Box confidence(LineId level) {
      return number(level);
    }

    /// The number without its sign.
    default Box size(LineId line) {
      return number(line);
    }

    /// As reports give it, sign included.
    String reported(Phrase.Reported reported);
  }

  private static final Numbers NONE =
      new Numbers() {
        @Override
        public Box number(LineId line) {
          throw new IllegalArgumentException("no number belongs here: " + line);
        }

        @Override
        public List<Span> stated(LineId line) {
          throw new IllegalArgumentException("no number belongs here: " + line);
        }

        @Override
        public String reported(Phrase.Reported reported) {
          throw new IllegalArgumentException("no number belongs here: " + reported.line());
        }
      };

  private final ResourceBundle bundle;
  private final Map<String, String> own;
  private final Symbols symbols;

  /// Templates of bundles taken apart: each page asks for the same ones.
  private static final Map<String, List<Piece>> TAKEN_APART = new ConcurrentHashMap<>();

  /// Templates taken apart, by key: a page asks for some of them by the thousand.
  private final Map<String, List<Piece>> pieces = new ConcurrentHashMap<>();

  private Wording(ResourceBundle bundle, Map<String, String> own, Symbols symbols) {
    this.bundle = bundle;
    this.own = Map.copyOf(own);
    this.symbols = symbols;
  }

  /// @param own sentences of the instructor's, by key; they go before the bundle's
  public static Wording in(Locale language, Map<String, String> own) {
    return in(language, own, Symbols.usual());
  }

  /// The same with symbols as a course writes them.
  public static Wording in(Locale language, Map<String, String> own, Symbols symbols) {
    return new Wording(
        bundle("lehrgang.core.wording.sentences", language, Wording.class), own, symbols);
  }

  /// The sentences of another bundle.
  ///
  /// @param beside a class that is loaded from where the bundle is
  public static Wording of(String bundle, Locale language, Class<?> beside) {
    return new Wording(bundle(bundle, language, beside), Map.of(), Symbols.usual());
  }

  private static ResourceBundle bundle(String name, Locale language, Class<?> beside) {
    return ResourceBundle.getBundle(
        name,
        language,
        beside.getClassLoader(),
        ResourceBundle.Control.getNoFallbackControl(ResourceBundle.Control.FORMAT_PROPERTIES));
  }

  /// The same bundle with other sentences in place of some of its own.
  public Wording with(Map<String, String> others) {
    return new Wording(bundle, others, symbols);
  }

  /// The English words, none of them rewritten.
  public static Wording english() {
    return in(Locale.ENGLISH, Map.of());
  }

  /// Formulas read aloud.
  public Speech speech() {
    return new Speech(this::template);
  }

  /// Whether there is a sentence of this key.
  public boolean has(String key) {
    return own.containsKey(key) || bundle.containsKey(key);
  }

  /// The sentence as it stands in the bundle or was rewritten, gaps and marks included.
  ///
  /// @throws MissingResourceException if there is none of this key
  public String template(String key) {
    String rewritten = own.get(key);
    return rewritten != null ? rewritten : bundle.getString(key);
  }

  /// The gaps of a sentence, as they are written, braces included; a brace that opens or closes
  /// nothing is one by itself.
  public static Set<String> gaps(String template) {
    return GAP.matcher(template).results().map(MatchResult::group).collect(Collectors.toSet());
  }

  /// The usual sentence, whatever was written in its place.
  ///
  /// @throws MissingResourceException if there is none of this key
  public String usual(String key) {
    return bundle.getString(key);
  }

  /// A sentence without numbers of lines, such as a heading or a problem.
  public String text(Phrase phrase) {
    return Span.plain(spans(phrase, NONE));
  }

  /// The sentence of a key without its typography.
  ///
  /// @throws MissingResourceException if there is none of this key
  public String text(String key) {
    return text(Phrase.of(key));
  }

  /// The sentence in pieces.
  ///
  /// @param numbers how the number of a line is set
  public List<Span> spans(Phrase phrase, Numbers numbers) {
    List<Span> spans = new ArrayList<>();
    append(phrase, numbers, Span.Weight.PLAIN, spans);
    return spans;
  }

  /// A symbol as the course and its language write it: the letters of the course, and the words of
  /// an index, such as *corr*, in the language.
  public Symbol written(Symbol usual) {
    return symbols.of(indexed(usual));
  }

  /// A symbol with its words, those of its indices among them, in the language.
  public Symbol indexed(Symbol usual) {
    return new Symbol(index(usual.letter()), index(usual.raised()), index(usual.lowered()));
  }

  private String index(String mark) {
    return INDEX_WORD
        .matcher(mark)
        .replaceAll(
            word ->
                Matcher.quoteReplacement(
                    has(INDEX + word.group()) ? template(INDEX + word.group()) : word.group()));
  }

  /// Whether symbols are written as they come.
  public boolean writesAsUsual() {
    return symbols.equals(Symbols.usual())
        && bundle.getLocale().getLanguage().isEmpty()
        && own.keySet().stream().noneMatch(key -> key.startsWith(INDEX));
  }

  /// What fills a gap, in pieces.
  ///
  /// @param numbers how the number of a line is set
  public List<Span> filled(Phrase.Filling filling, Numbers numbers) {
    List<Span> spans = new ArrayList<>();
    fill("", filling, numbers, Span.Weight.PLAIN, spans);
    return spans;
  }

  private void append(Phrase phrase, Numbers numbers, Span.Weight outer, List<Span> spans) {
    Span.Weight weight = outer;
    for (Piece piece : pieces.computeIfAbsent(phrase.key(), this::takenApart)) {
      switch (piece) {
        case Piece.Text(var text) -> words(text, weight, spans);
        case Piece.Indexed(var box) -> spans.add(new Span.Formula(box));
        case Piece.Sign(var symbol) -> spans.add(new Span.Formula(written(symbol).box()));
        case Piece.Turn(var marked) -> weight = weight == marked ? outer : marked;
        case Piece.Gap(var gap, var name) ->
            fill(gap, phrase.fillings().get(name), numbers, weight, spans);
      }
    }
  }

  private List<Piece> takenApart(String key) {
    String template = template(key);
    return own.containsKey(key)
        ? Piece.of(template)
        : TAKEN_APART.computeIfAbsent(template, Piece::of);
  }

  private void fill(
      String gap, Phrase.Filling filling, Numbers numbers, Span.Weight weight, List<Span> spans) {
    switch (filling) {
      case null -> words(gap, weight, spans);
      case Phrase.Words(var text) -> words(ControlCharacters.shown(text), weight, spans);
      case Phrase.Number(var line) -> spans.add(new Span.Live(line, numbers.number(line), weight));
      case Phrase.Written(var symbol) -> spans.add(new Span.Formula(written(symbol).box()));
      case Phrase.Set(var box) -> spans.add(new Span.Formula(box));
      case Phrase.Compared(var line, var with) ->
          spans.add(new Span.Live(line, numbers.compared(line, with), weight));
      case Phrase.StatedBeside(var line, var with) -> spans.addAll(numbers.stated(line, with));
      case Phrase.InSamples(var line) -> append(numbers.inSamples(line), numbers, weight, spans);
      case Phrase.Percentage(var line, var text) ->
          spans.add(new Span.Live(line, Box.number(text), weight));
      case Phrase.LevelInPercent(var level) ->
          spans.add(new Span.Live(level, numbers.inPercent(level), weight));
      case Phrase.Confidence(var level) ->
          spans.add(new Span.Live(level, numbers.confidence(level), weight));
      case Phrase.Size(var line) -> spans.add(new Span.Live(line, numbers.size(line), weight));
      case Phrase.Stated(var line) -> spans.addAll(numbers.stated(line));
      case Phrase.Reported reported -> words(numbers.reported(reported), weight, spans);
      case Phrase.Nested(var inner) -> append(inner, numbers, weight, spans);
    }
  }

  private static void words(String text, Span.Weight weight, List<Span> spans) {
    if (!text.isEmpty()) {
      spans.add(new Span.Words(text, weight));
    }
  }
}
