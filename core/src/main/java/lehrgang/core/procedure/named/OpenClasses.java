package lehrgang.core.procedure.named;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import lehrgang.core.data.Checked;
import lehrgang.core.data.FrequencyTable;
import lehrgang.core.data.FrequencyTable.Rescaling;
import lehrgang.core.data.Problem;
import lehrgang.core.data.TableEntry;
import lehrgang.core.wording.Excerpt;
import lehrgang.core.wording.Phrase;

/// How often 0, 1, 2, … was counted; the last class holds everything from its number on.
///
/// @param variable    what was counted
/// @param labels      of the classes, as typed
/// @param frequencies how often each was seen, that of 0 first
record OpenClasses(String variable, List<String> labels, List<Long> frequencies) {
  private static final Pattern NUMBER = Pattern.compile("([0-9]{1,3})");
  private static final Pattern AND_MORE =
      Pattern.compile(
          "([0-9]{1,3})\\s*(?:\\+|(?:or|and) (?:more|over|above))|(?:≥|>=|at"
              + " least)\\s*([0-9]{1,3})");

  OpenClasses {
    labels = List.copyOf(labels);
    frequencies = List.copyOf(frequencies);
  }

  /// How many classes there are.
  int size() {
    return labels.size();
  }

  /// The number from which the last class counts on.
  int last() {
    return size() - 1;
  }

  /// The name of some neighbouring classes as one.
  ///
  /// @param open whether nothing bounds the last class above
  String named(int first, int to, boolean open) {
    if (to == last() && open) {
      return "x ≥ " + first;
    }
    return first == to ? "x = " + first : first + " ≤ x ≤ " + to;
  }

  static Checked<OpenClasses> check(TableEntry entry) {
    List<Problem> problems = new ArrayList<>();
    if (entry.columns().size() > 1) {
      problems.add(
          new Problem(new Problem.WholeTable(), Phrase.of("problem.shares-beside-distribution")));
    }
    for (int x = 0; x < entry.rows().size(); x++) {
      String label = entry.rows().get(x).strip();
      boolean last = x == entry.rows().size() - 1;
      int expected = x;
      if (number(label, last).filter(number -> number == expected).isEmpty()) {
        problems.add(
            new Problem(
                new Problem.RowLabel(x),
                Phrase.of(last ? "problem.last-class" : "problem.class")
                    .with("row", x + 1)
                    .with("label", Excerpt.of(label))
                    .with("number", x)));
      }
    }
    return switch (FrequencyTable.check(entry, Optional.empty(), Rescaling.ALLOWED)) {
      case Checked.Bad<FrequencyTable>(var wrong) -> {
        problems.addAll(wrong);
        yield new Checked.Bad<>(problems);
      }
      case Checked.Good<FrequencyTable>(var table) ->
          Checked.of(
              problems,
              () ->
                  new OpenClasses(
                      entry.rowVariable().isBlank() ? "events" : table.variable(),
                      table.labels(),
                      table.counts()));
    };
  }

  private static Optional<Integer> number(String label, boolean last) {
    Matcher plain = NUMBER.matcher(label);
    if (plain.matches()) {
      return Optional.of(Integer.valueOf(plain.group(1)));
    }
    Matcher open = AND_MORE.matcher(label);
    return last && open.matches()
        ? IntStream.rangeClosed(1, 2)
            .mapToObj(open::group)
            .flatMap(found -> Optional.ofNullable(found).stream())
            .findFirst()
            .map(Integer::valueOf)
        : Optional.empty();
  }
}
