package lehrgang.core.expr;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lehrgang.core.expr.Reason.Cause;
import lehrgang.core.number.Interval;
import lehrgang.core.number.Value;

/// A function that formulas call by name and that can write out how its value comes about.
public interface NamedFunction {
  /// How a function changes when one argument grows and the others stay.
  enum Slope {
    RISING,
    FALLING,
    /// Neither, or not asked: the argument is a whole number that nobody rounds.
    UNKNOWN
  }

  /// Its key in notation and wording, such as `chi-squared-tail`.
  String key();

  /// What tells it from others of its key, in an order of its own: texts and whole numbers. A
  /// reading of the formula elsewhere needs them.
  default List<Object> traits() {
    return List.of();
  }

  /// Whether the value was drawn by chance: nobody who draws anew comes to the same.
  default boolean isByChance() {
    return false;
  }

  /// Why there is no value for these arguments; empty where there is one.
  ///
  /// @param arguments as many as the function has
  Optional<Cause> objection(List<Value> arguments);

  /// The value, always that of the written-out working.
  ///
  /// @param workspace keeps what further calls in the same evaluation can use
  /// @throws IllegalArgumentException if there is an [#objection]
  Value apply(List<Value> arguments, Workspace workspace);

  /// The value, from nothing but the arguments.
  ///
  /// @throws IllegalArgumentException if there is an [#objection]
  default Value apply(List<Value> arguments) {
    return apply(arguments, new Workspace());
  }

  /// The working as a formula in the arguments as they stand; the function itself where it has no
  /// closed form.
  ///
  /// @param arguments the arguments as formulas, to be shown
  /// @param values    their values, which decide the form of the working
  /// @throws IllegalArgumentException if there is an [#objection]
  default Expr written(List<Expr> arguments, List<Value> values) {
    return new Expr.Named(this, arguments);
  }

  /// The same number by an independent library, in double precision; empty where there is none.
  ///
  /// @param values as many as the function has arguments
  default OptionalDouble secondOpinion(List<Value> values) {
    return OptionalDouble.empty();
  }

  /// How the value changes with an argument.
  ///
  /// @param argument its place, from 0
  default Slope slope(int argument) {
    return Slope.UNKNOWN;
  }

  /// The arguments for which there are values, others given; a range that reaches beyond is cut.
  ///
  /// @param argument its place, from 0
  default Interval domain(int argument) {
    return Interval.EVERYTHING;
  }

  /// What every value lies in.
  default Interval image() {
    return Interval.EVERYTHING;
  }

  /// A range that holds every value for arguments out of given ranges; [Optional#empty] where there
  /// is none.
  default Optional<Interval> range(List<Interval> arguments, Workspace workspace) {
    return MonotoneRange.of(this, arguments, workspace);
  }

  /// Refuses arguments for which there is no value.
  ///
  /// @throws IllegalArgumentException if there is an [#objection]
  default void check(List<Value> arguments) {
    objection(arguments)
        .ifPresent(
            cause -> {
              throw new IllegalArgumentException(
                  "%s has no value for %s (%s)".formatted(key(), arguments, cause.key()));
            });
  }
}
