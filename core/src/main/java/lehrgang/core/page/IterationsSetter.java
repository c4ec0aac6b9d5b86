package lehrgang.core.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.distribution.Mixture;
import lehrgang.core.distribution.RootFinding;
import lehrgang.core.distribution.RootFinding.Quantity;
import lehrgang.core.distribution.RootSearch;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.expr.NamedFunction;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;

/// Sets the iterations behind a root in a line's formula, or the terms of a mixture.
final class IterationsSetter {
  private static final int POINT_DIGITS = 7;
  private static final int HEIGHT_DIGITS = 9;
  private static final int AREA_DIGITS = 10;
  private static final int TERM_DECIMALS = 6;
  private static final int MOST_TERMS = 40;

  /// All terms from here on together do not change the last decimal by more than one.
  private static final Value LEAST_TERM = Value.exactly("0.000001");

  private final Numerals numerals;
  private final Wording wording;

  IterationsSetter(Numerals numerals, Wording wording) {
    this.numerals = numerals;
    this.wording = wording;
  }

  Optional<PageBlock> set(LineId id) {
    return numerals.values().find(id).isEmpty()
        ? Optional.empty()
        : search(numerals.formula(id)).flatMap(this::table);
  }

  /// A function behind a formula that is worked out in a table.
  private record Found(NamedFunction function, List<Value> arguments) {}

  private Optional<Found> search(Expr formula) {
    if (!(formula instanceof Expr.Named(var function, var arguments))) {
      return formula.parts().stream().map(this::search).flatMap(Optional::stream).findFirst();
    }
    List<Value> values =
        arguments.stream()
            .flatMap(
                argument ->
                    Evaluator.exactly(numerals.values()::result)
                        .evaluate(argument)
                        .found()
                        .stream())
            .toList();
    if (values.size() < arguments.size() || function.objection(values).isPresent()) {
      return Optional.empty();
    }
    Expr written = function.written(arguments, values);
    return written.equals(formula) ? Optional.of(new Found(function, values)) : search(written);
  }

  private Optional<PageBlock> table(Found found) {
    return switch (found.function()) {
      case Mixture mixture -> mixture(mixture.terms(found.arguments()));
      case RootFinding finding ->
          Optional.of(finding.search(found.arguments()))
              .filter(search -> search.course() == RootSearch.Course.STRAIGHT)
              .map(search -> iterations(found.function().key(), finding.quantity(), search));
      default -> Optional.empty();
    };
  }

  private PageBlock iterations(String function, Quantity quantity, RootSearch search) {
    boolean guessed = search.start() == RootSearch.Start.GUESS;
    return table(
        Phrase.of("iterations.start." + function + (guessed ? ".guess" : "")),
        List.of(
            "iterations.step",
            "iterations.point." + quantity.key(),
            "iterations.area." + quantity.key(),
            "iterations.height." + quantity.key()),
        rows(search),
        "fold.step",
        "fold.steps");
  }

  /// Nothing where there are too many terms for anybody to follow.
  private Optional<PageBlock> mixture(List<Mixture.Term> terms) {
    List<List<String>> rows = new ArrayList<>();
    Value rest = Value.ONE;
    for (Mixture.Term term : terms) {
      if (rest.times(term.probability()).compareTo(LEAST_TERM) < 0) {
        break;
      }
      rows.add(
          List.of(
              Integer.toString(rows.size()),
              decimals(term.weight()),
              decimals(term.probability()),
              decimals(term.product())));
      rest = rest.minus(term.weight());
    }
    return rows.size() > MOST_TERMS
        ? Optional.empty()
        : Optional.of(
            table(
                Phrase.of("mixture.terms"),
                List.of(
                    "mixture.place", "mixture.weight", "mixture.probability", "mixture.product"),
                rows,
                "fold.term",
                "fold.terms"));
  }

  private String decimals(Value value) {
    return numerals.format().style().fixed(value, TERM_DECIMALS).text();
  }

  /// @param one  the key of one row that is folded away
  /// @param many the key of several
  private PageBlock table(
      Phrase caption, List<String> heads, List<List<String>> rows, String one, String many) {
    int more = rows.size() - PageBlock.Iterations.SHOWN;
    return new PageBlock.Iterations(
        numerals.template(caption),
        wording.text(caption),
        heads.stream().map(wording::text).toList(),
        rows,
        more <= 0 ? "" : wording.text(Phrase.of(more == 1 ? one : many).with("more", more)));
  }

  private List<List<String>> rows(RootSearch search) {
    List<List<String>> rows = new ArrayList<>();
    for (RootSearch.Iteration iteration : search.steps()) {
      List<String> row =
          List.of(
              Integer.toString(rows.size()),
              digits(iteration.point(), POINT_DIGITS),
              digits(iteration.area(), AREA_DIGITS),
              digits(iteration.height(), HEIGHT_DIGITS));
      if (!rows.isEmpty() && rows.getLast().get(1).equals(row.get(1))) {
        break;
      }
      rows.add(row);
    }
    return rows;
  }

  private String digits(Value value, int digits) {
    return numerals.format().style().significant(value, digits).text();
  }
}
