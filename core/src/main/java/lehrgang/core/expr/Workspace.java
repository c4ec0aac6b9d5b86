package lehrgang.core.expr;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Function;

/// What functions keep while one derivation is evaluated, such as the probabilities of all outcomes
/// of which each line asks for one. It is thrown away with the evaluation.
public final class Workspace {
  private final Map<Object, Object> kept = new HashMap<>();

  /// The result of `work` for a key; worked out when it is first asked for.
  ///
  /// @param key of a class that no other work uses as its key
  public <K, V> V keep(K key, Function<K, V> work) {
    Object known = kept.get(key);
    if (known == null) {
      known = work.apply(key);
      kept.put(key, known);
    }
    @SuppressWarnings("unchecked") // A class of keys belongs to one sort of work.
    V result = (V) known;
    return result;
  }
}
