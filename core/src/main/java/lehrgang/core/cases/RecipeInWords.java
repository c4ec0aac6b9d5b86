package lehrgang.core.cases;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import lehrgang.core.wording.Phrase;

/// How records became a table, in sentences: each step, what it did, and what became of every
/// record.
public final class RecipeInWords {
  private static final int MOST_NAMED = 6;

  private RecipeInWords() {}

  /// What a step does.
  public static Phrase of(RecipeStep step) {
    Phrase phrase =
        switch (step) {
          case RecipeStep.Keep(_, var test, var values) ->
              Phrase.of("recipe.keep." + test.key() + (values.size() > 1 ? ".several" : ""))
                  .with("values", quoted(values));
          case RecipeStep.Rename(_, var names) -> renamed(names);
          case RecipeStep.Order(_, var categories) ->
              Phrase.of("recipe.order").with("values", quoted(categories));
          case RecipeStep.Cut(_, var classing, var name) ->
              Phrase.of("recipe.cut")
                  .with("name", name)
                  .with("values", quoted(classing.names()))
                  .with("edge", Phrase.of("recipe.cut." + classing.closed().key()));
          case RecipeStep.TakePart(_, _, var part, var name) ->
              Phrase.of("recipe.part")
                  .with("name", name)
                  .with("part", Phrase.of("recipe.part." + part.key()));
          case RecipeStep.Change(_, var name) -> Phrase.of("recipe.change").with("name", name);
          case RecipeStep.Combine(_, var other, var name) ->
              Phrase.of("recipe.combine").with("name", name).with("other", other);
        };
    return phrase.with("column", step.column());
  }

  /// One old name, several that become one, or a list of both.
  private static Phrase renamed(Map<String, String> names) {
    List<String> targets = names.values().stream().distinct().toList();
    if (targets.size() == 1) {
      String key =
          targets.getFirst().isBlank()
              ? "recipe.missing"
              : names.size() == 1 ? "recipe.rename" : "recipe.merge";
      return Phrase.of(key)
          .with("values", quoted(List.copyOf(names.keySet())))
          .with("name", targets.getFirst());
    }
    return Phrase.of("recipe.rename.several")
        .with(
            "values",
            names.entrySet().stream()
                .map(
                    entry ->
                        "“" + Spellings.visible(entry.getKey()) + "” → “" + entry.getValue() + "”")
                .collect(Collectors.joining(", ")));
  }

  private static String quoted(List<String> values) {
    List<String> all = values.stream().map(value -> "“" + Spellings.visible(value) + "”").toList();
    return all.size() <= 2 * MOST_NAMED
        ? String.join(", ", all)
        : String.join(", ", all.subList(0, MOST_NAMED)) + ", …, " + all.getLast();
  }

  /// What a step did.
  public static Phrase effect(RecipeStep step, Tally.Effect effect) {
    return switch (step) {
      case RecipeStep.Keep _ -> Phrase.of("recipe.effect.keep").with("records", effect.records());
      case RecipeStep.Rename _ ->
          Phrase.of(effect.changed() == 1 ? "recipe.effect.rename.one" : "recipe.effect.rename")
              .with("records", effect.changed());
      case RecipeStep.Order _ -> Phrase.of("recipe.effect.order");
      default ->
          Phrase.of(effect.missing() == 0 ? "recipe.effect.made" : "recipe.effect.made.missing")
              .with("values", counts(effect))
              .with("missing", effect.missing());
    };
  }

  private static String counts(Tally.Effect effect) {
    String shown =
        effect.values().entrySet().stream()
            .map(entry -> entry.getKey() + ": " + entry.getValue())
            .collect(Collectors.joining("; "));
    return effect.more() == 0 ? shown : shown + "; …";
  }

  /// What became of every record, such as "Of 600 records 588 are counted", and then why the others
  /// are not.
  public static List<Phrase> account(Recipe recipe, Tally tally) {
    List<Phrase> said = new ArrayList<>();
    said.add(
        Phrase.of(tally.counted() == tally.read() ? "recipe.all-counted" : "recipe.counted")
            .with("read", tally.read())
            .with("counted", tally.counted())
            .with("others", tally.read() - tally.counted()));
    tally.losses().forEach(loss -> said.add(loss(recipe, loss)));
    return said;
  }

  private static Phrase loss(Recipe recipe, Tally.Loss loss) {
    String many = loss.records() == 1 ? ".one" : "";
    return switch (loss.cause()) {
      case Tally.SetAside(var step) ->
          Phrase.of("recipe.loss.set-aside" + many)
              .with("records", loss.records())
              .with("step", step + 1)
              .with("column", recipe.steps().get(step).column());
      case Tally.NoCategory(var column, var why) ->
          Phrase.of("recipe.loss." + why.key() + many)
              .with("records", loss.records())
              .with("column", column)
              .with("examples", examples(loss));
    };
  }

  /// Such as "record 17: “340”; record 210".
  private static String examples(Tally.Loss loss) {
    String shown =
        loss.examples().stream()
            .map(
                example ->
                    "record "
                        + example.row()
                        + (example.value().isBlank() ? "" : ": “" + example.value() + "”"))
            .collect(Collectors.joining("; "));
    return loss.records() > loss.examples().size() ? shown + "; …" : shown;
  }
}
