package lehrgang.core.procedure.chance;

import java.util.List;
import java.util.Optional;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.expr.Reason.Cause;
import lehrgang.core.expr.Workspace;
import lehrgang.core.number.Interval;
import lehrgang.core.number.Value;
import lehrgang.core.simulation.Draws;

/// How many of the tables drawn have a statistic at least as large as the observed one. Arguments:
/// the statistic, the number of tables and the seed; the last two say which draws these are.
record CountOfDraws(Draws draws) implements NamedFunction {
  @Override
  public String key() {
    return "count-of-draws";
  }

  @Override
  public boolean isByChance() {
    return true;
  }

  @Override
  public Optional<Cause> objection(List<Value> arguments) {
    return Optional.empty();
  }

  @Override
  public Value apply(List<Value> arguments, Workspace workspace) {
    return Value.of(draws.atLeast(arguments.getFirst().asDouble()));
  }

  @Override
  public Slope slope(int argument) {
    return argument == 0 ? Slope.FALLING : Slope.UNKNOWN;
  }

  @Override
  public Interval image() {
    return Interval.NOT_NEGATIVE;
  }
}
