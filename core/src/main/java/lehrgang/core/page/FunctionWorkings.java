package lehrgang.core.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import lehrgang.core.expr.Expr;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Chain;
import lehrgang.core.notation.Typesetting;
import lehrgang.core.number.NumberStyle;
import lehrgang.core.number.Shown;
import lehrgang.core.number.Value;

/// Sets the workings behind the functions of a formula, each with the digits that its result needs.
final class FunctionWorkings {
  private final ChainSetter chains;
  private final Numerals numerals;
  private final PutIn putIn;

  FunctionWorkings(ChainSetter chains, Numerals numerals, PutIn putIn) {
    this.chains = chains;
    this.numerals = numerals;
    this.putIn = putIn;
  }

  /// @param least the digits that the working around them uses
  List<Chain> in(Expr formula, int least) {
    List<Chain> found = new ArrayList<>();
    collect(formula, least, found);
    return found;
  }

  private void collect(Expr formula, int least, List<Chain> found) {
    if (!(formula instanceof Expr.Named named)) {
      formula.parts().forEach(part -> collect(part, least, found));
      return;
    }
    chains
        .written(named)
        .filter(written -> !written.equals(formula))
        .ifPresent(
            written -> {
              Chain chain = working(formula, written, least);
              if (found.stream().noneMatch(known -> known.left().equals(chain.left()))) {
                found.add(chain);
                collect(written, least, found);
              }
            });
  }

  /// @param least the digits that the working around it uses
  private Chain working(Expr formula, Expr written, int least) {
    List<Chain.Link> links = new ArrayList<>();
    links.add(new Chain.Link("=", chains.symbols().box(written)));
    chains
        .inDecimals()
        .evaluate(formula)
        .found()
        .ifPresent(value -> workedOut(written, value, least, links));
    return new Chain(chains.symbols().box(formula), links);
  }

  private void workedOut(Expr written, Value value, int least, List<Chain.Link> links) {
    NumberStyle style = numerals.format().style();
    if (NumberStyle.isTooSmallToTell(value)) {
      Shown bound = style.pValue(value, least);
      links.add(new Chain.Link(bound.relation().sign(), Box.number(bound.text())));
      return;
    }
    Optional<Parts> parts = Parts.of(written, chains.inDecimals());
    int digits = parts.map(found -> resultDigits(found, value, least)).orElse(least);
    Value printed = Parts.rounded(value, digits);
    boolean same = false;
    if (parts.isPresent()) {
      Parts found = parts.get();
      int each = found.digits(result -> isSame(result, value, digits));
      boolean exact = false;
      if (!Typesetting.hasDots(written)) {
        PrintedNumbers numbers = putIn.choose(written, some -> found.comeOut(some, each));
        links.add(
            new Chain.Link(
                ChainSetter.sign(numbers.areExact()), chains.numbers(numbers).box(written)));
        exact = found.areExact(numbers, each);
      }
      links.add(new Chain.Link(ChainSetter.sign(exact), found.box(each, style)));
      same = found.combined(each).filter(v -> PrintedNumbers.areEqual(v, printed)).isPresent();
    }
    links.add(
        new Chain.Link(
            ChainSetter.sign(same), Box.number(style.significant(value, digits).text())));
  }

  /// As many digits of a result as its parts give, but no more than are wanted.
  private static int resultDigits(Parts parts, Value value, int wanted) {
    return IntStream.iterate(wanted, digits -> digits > 2, digits -> digits - 1)
        .filter(
            digits ->
                parts
                    .combined(PutIn.MOST_DIGITS)
                    .filter(result -> isSame(result, value, digits))
                    .isPresent())
        .findFirst()
        .orElse(2);
  }

  private static boolean isSame(Value one, Value other, int digits) {
    return Parts.rounded(one, digits).compareTo(Parts.rounded(other, digits)) == 0;
  }
}
