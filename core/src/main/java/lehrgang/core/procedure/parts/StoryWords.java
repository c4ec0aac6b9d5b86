package lehrgang.core.procedure.parts;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.solution.Noun;
import lehrgang.core.solution.Story;
import lehrgang.core.wording.Phrase;

/// The words of a story as they fill gaps; where a part is not told, the labels of the table.
///
/// @param story what the instructor told
/// @param kind  the ending of the keys of the unit's usual name, such as `.pairs`; may be empty
public record StoryWords(Story story, String kind) {
  /// The endings of the keys of numbers that are written as words.
  private static final List<String> COUNTS =
      List.of(
          "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven",
          "twelve");

  /// The words of a story whose units are observations where nothing else is told.
  public StoryWords(Story story) {
    this(story, "");
  }

  /// The sentences of a page: their usual gaps and those of the unit filled.
  public Sentences sentences(Map<String, Phrase.Filling> usual) {
    Map<String, Phrase.Filling> all = new HashMap<>(usual);
    all.put("unit", noun(story.unit().map(Noun::one), "story.unit" + kind));
    all.put("units", units());
    return new Sentences(all, story);
  }

  private Phrase.Filling units() {
    return noun(story.unit().map(Noun::many), "story.units" + kind);
  }

  private static Phrase.Filling noun(Optional<String> told, String usual) {
    return told.<Phrase.Filling>map(Phrase.Words::new)
        .orElseGet(() -> new Phrase.Nested(Phrase.of(usual)));
  }

  /// What the rows tell apart.
  ///
  /// @param variable its name in the table
  public Phrase.Filling row(String variable) {
    return one(story.rows(), variable);
  }

  /// What the columns tell apart.
  ///
  /// @param variable its name in the table
  public Phrase.Filling column(String variable) {
    return one(story.columns(), variable);
  }

  /// What the strata tell apart.
  ///
  /// @param variable its name in the table
  public Phrase.Filling stratum(String variable) {
    return one(story.strata(), variable);
  }

  private static Phrase.Filling one(Optional<Noun> told, String variable) {
    return new Phrase.Words(told.map(Noun::one).orElse(variable));
  }

  /// The categories of the rows, such as *bunk rooms* or *categories of bunk room*.
  ///
  /// @param variable its name in the table
  public Phrase.Filling categories(String variable) {
    return story
        .rows()
        .<Phrase.Filling>map(told -> new Phrase.Words(told.many()))
        .orElseGet(() -> new Phrase.Nested(Phrase.of("story.categories").with("row", variable)));
  }

  /// The groups that the columns are, such as *gates* or *groups*.
  public Phrase.Filling groups() {
    return noun(story.columns().map(Noun::many), "story.groups");
  }

  /// The strata, such as *seasons*.
  public Phrase.Filling strata() {
    return noun(story.strata().map(Noun::many), "story.strata");
  }

  /// A group as it stands in a sentence, such as *with a map* or *for “with a map”*.
  public Phrase.Filling in(String label) {
    return story
        .group(label)
        .<Phrase.Filling>map(Phrase.Words::new)
        .orElseGet(() -> new Phrase.Nested(Phrase.of("story.in").with("label", label)));
  }

  /// The units that are successes, such as *walkers who finished before dark* or *observations with
  /// “before dark”*.
  ///
  /// @param outcome the label of a success
  public Phrase.Filling successes(String outcome) {
    if (story.success().isEmpty()) {
      return new Phrase.Nested(
          Phrase.of("story.successes.labelled").with("units", units()).with("outcome", outcome));
    }
    return new Phrase.Nested(
        Phrase.of(story.unit().isPresent() ? "story.successes" : "story.successes.those")
            .with("units", units())
            .with("success", story.success()));
  }

  /// A small number as a word, another in figures.
  public static Phrase.Filling count(int number) {
    return number >= 1 && number <= COUNTS.size()
        ? new Phrase.Nested(Phrase.of("count." + COUNTS.get(number - 1)))
        : new Phrase.Words(Integer.toString(number));
  }
}
