package lehrgang.core.notation;

import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/// How a course writes what courses write differently.
///
/// @param chosen what is not written as usual
public record Symbols(Map<Meaning, Written> chosen) {
  /// What a symbol stands for.
  public enum Meaning {
    /// Observed and expected counts.
    COUNTS(Written.O_AND_E, Written.F_O_AND_F_E),
    /// Degrees of freedom.
    DEGREES_OF_FREEDOM(Written.DF, Written.NU),
    /// The statistic of the chi-squared tests.
    CHI_SQUARED(Written.CHI, Written.X),
    /// The size of the sample.
    SAMPLE_SIZE(Written.SMALL_N, Written.CAPITAL_N);

    private final List<Written> ways;

    Meaning(Written usual, Written other) {
      this.ways = List.of(usual, other);
    }

    /// The ways to write it, the usual one first.
    public List<Written> ways() {
      return ways;
    }

    /// The name in files, such as `degrees-of-freedom`.
    public String key() {
      return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /// What a key stands for; empty for an unknown one.
    public static Optional<Meaning> ofKey(String key) {
      return Arrays.stream(values()).filter(meaning -> meaning.key().equals(key)).findFirst();
    }
  }

  /// A way to write a symbol: letter by letter, what stands instead.
  public enum Written {
    O_AND_E("O, E", Map.of()),
    F_O_AND_F_E("f_o, f_e", Map.of("O", new Instead("f", "o"), "E", new Instead("f", "e"))),
    DF("df", Map.of()),
    NU("ν", Map.of("df", new Instead("ν", ""))),
    CHI("χ²", Map.of()),
    X("X²", Map.of("χ", new Instead("X", ""))),
    SMALL_N("n", Map.of()),
    CAPITAL_N("N", Map.of("n", new Instead("N", "")));

    private final String key;
    private final Map<String, Instead> instead;

    Written(String key, Map<String, Instead> instead) {
      this.key = key;
      this.instead = instead;
    }

    /// As it stands in files, such as `f_o, f_e`.
    public String key() {
      return key;
    }

    /// As it is read, such as `fₒ, fₑ`.
    public String plain() {
      return key.replace("_o", "ₒ").replace("_e", "ₑ");
    }
  }

  /// A letter that stands for another, and the mark that it brings along.
  private record Instead(String letter, String mark) {}

  public Symbols {
    EnumMap<Meaning, Written> some = new EnumMap<>(Meaning.class);
    chosen.forEach(
        (meaning, written) -> {
          if (meaning.ways().indexOf(written) > 0) {
            some.put(meaning, written);
          }
        });
    chosen = Collections.unmodifiableMap(some);
  }

  /// As this program writes them where nothing is chosen.
  public static Symbols usual() {
    return new Symbols(Map.of());
  }

  /// How something is written.
  public Written of(Meaning meaning) {
    return chosen.getOrDefault(meaning, meaning.ways().getFirst());
  }

  /// With something written another way.
  public Symbols with(Meaning meaning, Written written) {
    EnumMap<Meaning, Written> changed = new EnumMap<>(Meaning.class);
    changed.putAll(chosen);
    changed.put(meaning, written);
    return new Symbols(changed);
  }

  /// A symbol as this course writes it; its own marks stay, after the one that comes along.
  public Symbol of(Symbol usual) {
    for (Written written : chosen.values()) {
      Instead instead = written.instead.get(usual.letter());
      if (instead != null) {
        String lowered =
            instead.mark().isEmpty() || usual.lowered().isEmpty()
                ? instead.mark() + usual.lowered()
                : instead.mark() + "," + usual.lowered();
        return new Symbol(instead.letter(), usual.raised(), lowered);
      }
    }
    return usual;
  }
}
