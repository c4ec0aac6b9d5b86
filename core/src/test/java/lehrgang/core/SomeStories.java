package lehrgang.core;

import java.util.Optional;
import java.util.function.Predicate;
import lehrgang.core.data.TableEntry;
import lehrgang.core.solution.Noun;
import lehrgang.core.solution.Story;
import lehrgang.core.solution.StudyDesign;

/// Stories behind a table, whole or in part.
public final class SomeStories {
  private SomeStories() {}

  /// A story of walkers.
  ///
  /// @param tells whether a part of it is told, by its name
  public static Story of(TableEntry table, Predicate<String> tells) {
    Story story = Story.none();
    if (tells.test("unit")) {
      story = story.withUnit(Optional.of(new Noun("walker", "walkers")));
    }
    if (tells.test("rows")) {
      story = story.withRows(Optional.of(new Noun("route", "routes")));
    }
    if (tells.test("columns")) {
      story = story.withColumns(Optional.of(new Noun("season", "seasons")));
    }
    if (tells.test("strata")) {
      story = story.withStrata(Optional.of(new Noun("gate", "gates")));
    }
    if (tells.test("success")) {
      story = story.withSuccess("who finished before dark");
    }
    if (tells.test("groups")) {
      for (String label : table.form().namesItsColumns() ? table.columns() : table.rows()) {
        story = story.withGroup(label, "at the gate of " + label);
      }
    }
    if (tells.test("asked")) {
      story = story.withAsked(table.rows().getFirst());
    }
    if (tells.test("design")) {
      story = story.withDesign(Optional.of(StudyDesign.NOT_RANDOM));
    }
    if (tells.test("dependence")) {
      story = story.withDependence("Walkers come in parties");
    }
    return story;
  }

  /// The whole story.
  public static Story whole(TableEntry table) {
    return of(table, _ -> true);
  }
}
