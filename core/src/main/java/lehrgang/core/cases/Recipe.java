package lehrgang.core.cases;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/// The way from records to a table: steps in order, and what is counted in the end.
public record Recipe(List<RecipeStep> steps, Count count) {
  /// What the table's rows and columns are.
  ///
  /// @param form    what becomes of the columns
  /// @param rows    the column that gives the rows
  /// @param columns the column that gives the columns; blank for one variable
  /// @param layers  the column that gives the layers; blank without layers
  public record Count(Form form, String rows, String columns, String layers) {
    public Count(Form form, String rows, String columns) {
      this(form, rows, columns, "");
    }

    public static Count one(String column) {
      return new Count(Form.ONE, column, "");
    }

    public static Count two(String rows, String columns) {
      return new Count(Form.TWO, rows, columns);
    }

    public Count withRows(String column) {
      return new Count(form, column, columns, layers);
    }

    public Count withColumns(String column) {
      return new Count(form, rows, column, layers);
    }

    /// The same two columns, within each category of a third.
    public Count inLayersOf(String column) {
      return new Count(Form.LAYERS, rows, columns, column);
    }

    /// The same two columns, all layers together.
    public Count withoutLayers() {
      return two(rows, columns);
    }

    /// The columns that are counted.
    public List<String> named() {
      return switch (form) {
        case ONE -> List.of(rows);
        case TWO, PAIRED, SHARES -> List.of(rows, columns);
        case LAYERS -> List.of(rows, columns, layers);
      };
    }
  }

  public enum Form {
    /// The categories of one column.
    ONE,
    /// Two columns against each other.
    TWO,
    /// Before and after: both columns have the same categories.
    PAIRED,
    /// The share of one category of a column in each category of another.
    SHARES,
    /// Two columns against each other, within each category of a third.
    LAYERS;

    public String key() {
      return name().toLowerCase(Locale.ROOT);
    }

    public static Optional<Form> ofKey(String key) {
      return Arrays.stream(values()).filter(form -> form.key().equals(key)).findFirst();
    }
  }

  public Recipe {
    steps = List.copyOf(steps);
  }

  public Recipe withCount(Count changed) {
    return new Recipe(steps, changed);
  }

  public Recipe withStep(RecipeStep step) {
    List<RecipeStep> more = new ArrayList<>(steps);
    more.add(step);
    return new Recipe(more, count);
  }

  public Recipe withStep(int place, RecipeStep step) {
    List<RecipeStep> changed = new ArrayList<>(steps);
    changed.set(place, step);
    return new Recipe(changed, count);
  }

  public Recipe withoutStep(int place) {
    List<RecipeStep> fewer = new ArrayList<>(steps);
    fewer.remove(place);
    return new Recipe(fewer, count);
  }

  /// With a step and the one before it changed about.
  public Recipe withStepEarlier(int place) {
    List<RecipeStep> moved = new ArrayList<>(steps);
    moved.add(place - 1, moved.remove(place));
    return new Recipe(moved, count);
  }

  /// Every column that there is after the first `steps` steps.
  public List<String> columnsAfter(List<String> recorded, int many) {
    Set<String> all = new LinkedHashSet<>(recorded);
    steps.subList(0, many).forEach(step -> step.into().ifPresent(all::add));
    return List.copyOf(all);
  }
}
