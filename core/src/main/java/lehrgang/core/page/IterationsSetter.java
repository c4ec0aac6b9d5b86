package lehrgang.core.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.distribution.RootFinding;
import lehrgang.core.distribution.RootSearch;
import lehrgang.core.expr.Evaluator;
import lehrgang.core.expr.Expr;
import lehrgang.core.expr.LineId;
import lehrgang.core.number.Value;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;

/// Sets the iterations behind a root in a line's formula.
final class IterationsSetter {
  private static final int POINT_DIGITS = 7;
  private static final int HEIGHT_DIGITS = 9;
  private static final int AREA_DIGITS = 10;

  private final Numerals numerals;
  private final Wording wording;

  IterationsSetter(Numerals numerals, Wording wording) {
    this.numerals = numerals;
    this.wording = wording;
  }

  Optional<PageBlock> set(LineId id) {
    return numerals.values().find(id).isEmpty()
        ? Optional.empty()
        : search(numerals.formula(id)).map(this::table);
  }

  private PageBlock table(Found found) {
    List<List<String>> rows = rows(found.search());
    int more = rows.size() - PageBlock.Iterations.SHOWN;
    String key = more == 1 ? "fold.step" : "fold.steps";
    boolean guessed = found.search().start() == RootSearch.Start.GUESS;
    Phrase start = Phrase.of("iterations.start." + found.function() + (guessed ? ".guess" : ""));
    return new PageBlock.Iterations(
        numerals.template(start),
        wording.text(start),
        List.of(
            wording.text("iterations.step"),
            wording.text("iterations.point"),
            wording.text("iterations.area"),
            wording.text("iterations.height")),
        rows,
        more <= 0 ? "" : wording.text(Phrase.of(key).with("more", more)));
  }

  /// @param function the key of the function whose root was searched
  private record Found(String function, RootSearch search) {}

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
    if (!written.equals(formula)) {
      return search(written);
    }
    return function instanceof RootFinding finding
        ? Optional.of(new Found(function.key(), finding.search(values)))
            .filter(found -> found.search().course() == RootSearch.Course.STRAIGHT)
        : Optional.empty();
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
