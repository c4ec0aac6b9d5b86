package lehrgang.core.cases;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// A step of a recipe made ready: it reads and sets columns of the record at hand.
@FunctionalInterface
interface Stage {
  /// The same few numbers come again and again; so many are kept in mind.
  int MOST_KNOWN = 10_000;

  /// The class of a number.
  ///
  /// @param otherwise why it has none
  record Placed(Optional<String> name, Missing otherwise) {
    static Placed of(String text, Classing classing, DecimalSign sign) {
      Optional<BigDecimal> number = sign.read(text);
      return new Placed(
          number.flatMap(classing::place).map(classing.names()::get),
          number.isPresent() ? Missing.OUTSIDE : Missing.NOT_A_NUMBER);
    }
  }

  /// @param step the place of the step in its recipe
  /// @return whether the record goes on
  boolean pass(RecordAtHand record, int step);

  /// @param names of all columns, those that steps made included
  static Stage of(RecipeStep step, List<String> names, DecimalSign sign) {
    int from = names.indexOf(step.column());
    int to = names.indexOf(step.result());
    return switch (step) {
      case RecipeStep.Keep keep -> keep(keep, from, sign);
      case RecipeStep.Rename(_, var renamed) ->
          (record, k) -> {
            String name = record.missing(from) == null ? renamed.get(record.value(from)) : null;
            if (name != null) {
              record.countChanged(k);
              record.set(from, name);
            }
            return true;
          };
      case RecipeStep.Order _ -> (_, _) -> true;
      case RecipeStep.Cut(_, var classing, _) -> {
        Map<String, Placed> known = new HashMap<>();
        yield derived(
            from,
            to,
            (record, text) -> {
              Placed placed = known.get(text);
              if (placed == null) {
                placed = Placed.of(text, classing, sign);
                if (known.size() < MOST_KNOWN) {
                  known.put(text, placed);
                }
              }
              record.set(to, placed.name(), placed.otherwise(), text);
            });
      }
      case RecipeStep.TakePart(_, var order, var part, _) ->
          derived(
              from,
              to,
              (record, text) ->
                  record.set(to, order.read(text).map(part::of), Missing.NOT_A_DATE, text));
      case RecipeStep.Change _ -> change(from, to, sign);
      case RecipeStep.Combine(_, var second, _) -> {
        int other = names.indexOf(second);
        yield derived(
            from,
            to,
            (record, text) ->
                record.set(
                    to,
                    record.missing(other) == null
                        ? Optional.of(text + RecipeStep.Combine.BETWEEN + record.value(other))
                        : Optional.empty(),
                    Missing.BLANK,
                    text));
      }
    };
  }

  interface Making {
    void make(RecordAtHand record, String text);
  }

  /// A column made from another; what is missing there is missing here.
  private static Stage derived(int from, int to, Making making) {
    return (record, k) -> {
      if (record.missing(from) == null) {
        making.make(record, record.value(from));
        record.countChanged(k);
      } else {
        record.set(to, Optional.empty(), record.missing(from), record.value(from));
      }
      return true;
    };
  }

  private static Stage change(int from, int to, DecimalSign sign) {
    BigDecimal[] before = new BigDecimal[1];
    return (record, k) -> {
      Optional<BigDecimal> number =
          record.missing(from) == null ? sign.read(record.value(from)) : Optional.empty();
      BigDecimal earlier = before[0];
      before[0] = number.orElse(null);
      Missing why =
          record.missing(from) != null
              ? record.missing(from)
              : number.isEmpty() ? Missing.NOT_A_NUMBER : Missing.NO_ROW_BEFORE;
      Optional<String> sense =
          number
              .filter(_ -> earlier != null)
              .map(now -> RecipeStep.Change.NAMES.get(1 - now.compareTo(earlier)));
      record.set(to, sense, why, record.value(from));
      record.countChanged(k);
      return true;
    };
  }

  private static Stage keep(RecipeStep.Keep keep, int from, DecimalSign sign) {
    Set<String> wanted = Set.copyOf(keep.values());
    Optional<BigDecimal> bound =
        keep.test().comparesNumbers()
            ? DecimalSign.POINT.read(keep.values().getFirst())
            : Optional.empty();
    return (record, step) -> {
      String text = record.value(from);
      Missing why = record.missing(from);
      Optional<BigDecimal> number =
          keep.test().comparesNumbers() && why == null ? sign.read(text) : Optional.empty();
      if (why == null && keep.test().comparesNumbers() && number.isEmpty()) {
        why = Missing.NOT_A_NUMBER;
      }
      if (why != null) {
        record.lose(new Tally.NoCategory(keep.column(), why), text);
        return false;
      }
      boolean passes =
          switch (keep.test()) {
            case IS -> wanted.contains(text);
            case IS_NOT -> !wanted.contains(text);
            case AT_LEAST -> number.get().compareTo(bound.orElseThrow()) >= 0;
            case AT_MOST -> number.get().compareTo(bound.orElseThrow()) <= 0;
          };
      if (!passes) {
        record.lose(new Tally.SetAside(step), text);
      }
      return passes;
    };
  }
}
