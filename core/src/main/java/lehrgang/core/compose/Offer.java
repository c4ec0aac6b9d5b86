package lehrgang.core.compose;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import lehrgang.core.data.TableEntry;
import lehrgang.core.data.TableForm;
import lehrgang.core.procedure.Procedure;

/// What can be wished of the tables of a procedure, and a table of it to begin with.
///
/// @param wishes the wishes that mean something for it
/// @param shaped whether the number of its rows and columns is for the instructor to say
public record Offer(Set<Sort> wishes, Shaped shaped) {
  /// A wish by its sort, in the order in which they are asked for.
  public enum Sort {
    DECISION(
        new Choice("reject", new Wish.Decision(true)),
        new Choice("keep", new Wish.Decision(false))),
    /// A range, which is typed.
    P,
    EFFECT(
        new Choice("small", new Wish.Effect(Wish.Strength.SMALL)),
        new Choice("medium", new Wish.Effect(Wish.Strength.MEDIUM)),
        new Choice("large", new Wish.Effect(Wish.Strength.LARGE))),
    CONDITIONS(
        new Choice("hold", new Wish.Conditions(true)),
        new Choice("fail", new Wish.Conditions(false))),
    EXPECTED(
        new Choice("whole", new Wish.Expected(0)), new Choice("one-decimal", new Wish.Expected(1))),
    DISCORDANT(
        new Choice("few", new Wish.Discordant(false)),
        new Choice("many", new Wish.Discordant(true))),
    NICE(new Choice("nice", new Wish.NiceShares())),
    REVERSAL(new Choice("reversal", new Wish.Reversal()));

    private final List<Choice> choices;

    Sort(Choice... choices) {
      this.choices = List.of(choices);
    }

    /// What can be chosen; none for a range, and one for what is wished or not.
    public List<Choice> choices() {
      return choices;
    }

    /// What is wished by choosing; empty where there is no such choice.
    public Optional<Wish> choice(String key) {
      return choices.stream()
          .filter(choice -> choice.key().equals(key))
          .map(Choice::wish)
          .findFirst();
    }

    /// How it is called in keys of words.
    public String key() {
      return name().toLowerCase(Locale.ROOT);
    }
  }

  /// A wish that is chosen and not typed.
  ///
  /// @param key how it is called in keys of words and among options
  public record Choice(String key, Wish wish) {}

  /// What of a table's size is free.
  public enum Shaped {
    ROWS_AND_COLUMNS,
    ROWS,
    LAYERS,
    NOTHING
  }

  private static final Map<String, Offer> ALL =
      Map.of(
          "independence",
          new Offer(
              Set.of(Sort.DECISION, Sort.P, Sort.EFFECT, Sort.CONDITIONS, Sort.EXPECTED, Sort.NICE),
              Shaped.ROWS_AND_COLUMNS),
          "goodness-of-fit",
          new Offer(
              Set.of(Sort.DECISION, Sort.P, Sort.EFFECT, Sort.CONDITIONS, Sort.EXPECTED, Sort.NICE),
              Shaped.ROWS),
          "one-proportion",
          new Offer(
              Set.of(Sort.DECISION, Sort.P, Sort.EFFECT, Sort.CONDITIONS, Sort.EXPECTED, Sort.NICE),
              Shaped.NOTHING),
          "two-proportions",
          new Offer(
              Set.of(Sort.DECISION, Sort.P, Sort.EFFECT, Sort.CONDITIONS, Sort.EXPECTED, Sort.NICE),
              Shaped.NOTHING),
          "matched-pairs",
          new Offer(
              Set.of(Sort.DECISION, Sort.P, Sort.CONDITIONS, Sort.EXPECTED, Sort.DISCORDANT),
              Shaped.NOTHING),
          "fisher",
          new Offer(Set.of(Sort.DECISION, Sort.P), Shaped.NOTHING),
          "layers",
          new Offer(Set.of(Sort.DECISION, Sort.P, Sort.CONDITIONS, Sort.REVERSAL), Shaped.LAYERS));

  /// What can be wished of a procedure's tables; empty for one whose tables are not composed.
  public static Optional<Offer> of(String procedure) {
    return Optional.ofNullable(ALL.get(procedure));
  }

  /// The procedures whose tables are composed.
  public static List<String> procedures() {
    return ALL.keySet().stream().sorted().toList();
  }

  /// A table of a procedure that can be worked out, with counts that say nothing.
  ///
  /// @param layers where the procedure has layers; at least two are made
  public static TableEntry plain(Procedure procedure, int rows, int columns, int layers) {
    return switch (procedure.forms().getFirst()) {
      case TWO_WAY ->
          new TableEntry(
              "row",
              "column",
              numbered("row", rows),
              procedure.paired() ? numbered("row", rows) : numbered("column", columns),
              counts(rows, procedure.paired() ? rows : columns));
      case FREQUENCIES ->
          new TableEntry(
              TableForm.FREQUENCIES,
              "category",
              "",
              numbered("category", rows),
              List.of(TableEntry.OBSERVED),
              IntStream.range(0, rows).mapToObj(_ -> List.of("20")).toList());
      case SHARES ->
          new TableEntry(
              TableForm.SHARES,
              "group",
              "success",
              numbered("group", procedure.groups()),
              List.of(TableEntry.SUCCESSES, TableEntry.TRIALS),
              Collections.nCopies(procedure.groups(), List.of("50", "100")));
      case LAYERS -> {
        int bands = Math.max(2, layers);
        yield new TableEntry(
            TableForm.LAYERS,
            "row",
            "column",
            "layer",
            numbered("row", rows),
            numbered("column", columns),
            numbered("layer", bands),
            counts(rows * bands, columns));
      }
    };
  }

  private static List<String> numbered(String what, int many) {
    return IntStream.rangeClosed(1, many).mapToObj(k -> what + " " + k).toList();
  }

  private static List<List<String>> counts(int rows, int columns) {
    List<List<String>> counts = new ArrayList<>();
    for (int i = 0; i < rows; i++) {
      int row = i;
      counts.add(
          IntStream.range(0, columns).mapToObj(j -> Integer.toString(20 + (row + j) % 3)).toList());
    }
    return counts;
  }
}
