package lehrgang.core.derivation;

import java.util.AbstractMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.function.BiFunction;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.LineId;
import lehrgang.core.expr.Reason;
import lehrgang.core.expr.Result;
import lehrgang.core.number.Value;
import lehrgang.core.work.Progress;

/// What lines come to, each worked out when it is first asked for: a page in sight needs few of the
/// lines of a large table. A line sees those before it and no others, in whatever order they are
/// asked for.
final class ResultsOnDemand extends AbstractMap<LineId, Result<Value>> {
  private final Map<LineId, Line> lines;
  private final Map<LineId, Integer> places;
  private final Map<LineId, Result<Value>> found;
  private final Evaluator<Value> evaluator = Evaluator.exactly(this::before);
  private final BiFunction<Line, Evaluator<Value>, Result<Value>> work;
  private int place;

  /// @param lines each after those that it uses
  /// @param work  works a line out
  ResultsOnDemand(Map<LineId, Line> lines, BiFunction<Line, Evaluator<Value>, Result<Value>> work) {
    this.lines = lines;
    this.work = work;
    this.places = HashMap.newHashMap(lines.size());
    this.found = HashMap.newHashMap(lines.size());
    lines.keySet().forEach(id -> places.put(id, places.size()));
  }

  /// What a line before the one at hand comes to.
  private Result<Value> before(LineId id) {
    Integer its = places.get(id);
    return its == null || its >= place
        ? new Result.Undefined<>(new Reason.WithoutSource(id))
        : get(id);
  }

  /// Work may pause where it looks for a stop: never while others wait for the same results.
  @Override
  public Result<Value> get(Object key) {
    boolean inside = Thread.holdsLock(this);
    Result<Value> known = known(key);
    if (known != null || !(key instanceof LineId id) || !lines.containsKey(id)) {
      return known;
    }
    if (!inside) {
      Progress.checkStopped();
    }
    return workedOut(id);
  }

  private synchronized Result<Value> known(Object key) {
    return found.get(key);
  }

  private synchronized Result<Value> workedOut(LineId id) {
    if (found.containsKey(id)) {
      return found.get(id);
    }
    int outer = place;
    place = places.get(id);
    try {
      Result<Value> result = work.apply(lines.get(id), evaluator);
      found.put(id, result);
      return result;
    } finally {
      place = outer;
    }
  }

  @Override
  public boolean containsKey(Object key) {
    return places.containsKey(key);
  }

  @Override
  public int size() {
    return lines.size();
  }

  /// Works out what is left.
  @Override
  public Set<Entry<LineId, Result<Value>>> entrySet() {
    Map<LineId, Result<Value>> all = LinkedHashMap.newLinkedHashMap(lines.size());
    lines.keySet().forEach(id -> all.put(id, get(id)));
    return all.entrySet();
  }
}
