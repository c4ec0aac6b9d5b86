package lehrgang.core.page;

import java.util.List;
import java.util.stream.IntStream;
import lehrgang.core.cases.Origin;
import lehrgang.core.cases.Recipe;
import lehrgang.core.cases.RecipeInWords;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;

/// Sets how a table was counted from records: the same words whether or not the table can be worked
/// out.
public final class ProvenanceSetter {
  private ProvenanceSetter() {}

  /// The way from records to the counted table, in words.
  public static PageBlock.Provenance of(Origin origin, Wording wording) {
    Recipe recipe = origin.recipe();
    List<PageBlock.Stage> steps =
        IntStream.range(0, recipe.steps().size())
            .mapToObj(
                k ->
                    new PageBlock.Stage(
                        wording.text(RecipeInWords.of(recipe.steps().get(k))),
                        wording.text(
                            RecipeInWords.effect(
                                recipe.steps().get(k), origin.tally().effects().get(k)))))
            .toList();
    return new PageBlock.Provenance(
        wording.text(
            Phrase.of("recipe.records")
                .with("records", origin.tally().read())
                .with("name", origin.records().name())),
        steps,
        RecipeInWords.account(recipe, origin.tally()).stream().map(wording::text).toList());
  }
}
