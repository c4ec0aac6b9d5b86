package lehrgang.core.solution;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import lehrgang.core.derivation.StepOrder;
import lehrgang.core.notation.Symbols;

/// What a course settles once in its own way: words, order of the steps, and symbols.
///
/// @param wording sentences and titles of steps, by key; they go before the usual ones
/// @param order   of the steps
/// @param symbols that are written otherwise
public record Course(Map<String, String> wording, StepOrder order, Symbols symbols) {
  public Course {
    wording = Collections.unmodifiableMap(new LinkedHashMap<>(wording));
  }

  /// The usual words, order and symbols.
  public static Course usual() {
    return new Course(Map.of(), new StepOrder.AsWorked(), Symbols.usual());
  }

  /// With a sentence of its own; a blank one sets it back.
  public Course withWording(String key, String sentence) {
    return new Course(reworded(wording, key, sentence), order, symbols);
  }

  /// With other words throughout.
  public Course withWording(Map<String, String> other) {
    return new Course(other, order, symbols);
  }

  /// With another order of the steps.
  public Course withOrder(StepOrder other) {
    return new Course(wording, other, symbols);
  }

  /// With other symbols.
  public Course withSymbols(Symbols other) {
    return new Course(wording, order, other);
  }

  /// Sentences with one changed, or set back where it is blank.
  static Map<String, String> reworded(Map<String, String> wording, String key, String sentence) {
    Map<String, String> changed = new LinkedHashMap<>(wording);
    if (sentence.isBlank()) {
      changed.remove(key);
    } else {
      changed.put(key, sentence);
    }
    return changed;
  }
}
