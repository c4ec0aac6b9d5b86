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
    /// A count without layers.
    public Count(Form form, String rows, String columns) {
      this(form, rows, columns, "");
    }

    /// The categories of one column.
    public static Count one(String column) {
      return new Count(Form.ONE, column, "");
    }

    /// Two columns against each other.
    public static Count two(String rows, String columns) {
      return new Count(Form.TWO, rows, columns);
    }

    /// With another column for the rows.
    public Count withRows(String column) {
      return new Count(form, column, columns, layers);
    }

    /// With another column for the columns.
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

    /// As it stands in files.
    public String key() {
      return name().toLowerCase(Locale.ROOT);
    }

    /// The form that a key stands for; empty for an unknown one.
    public static Optional<Form> ofKey(String key) {
      return Arrays.stream(values()).filter(form -> form.key().equals(key)).findFirst();
    }
  }

  public Recipe {
    steps = List.copyOf(steps);
  }

  /// With something else counted in the end.
  public Recipe withCount(Count changed) {
    return new Recipe(steps, changed);
  }

  /// With one more step at the end.
  public Recipe withStep(RecipeStep step) {
    List<RecipeStep> more = new ArrayList<>(steps);
    more.add(step);
    return new Recipe(more, count);
  }

  /// With another step in the place of one.
  ///
  /// @param place from 0
  /// @throws IndexOutOfBoundsException if there is no such step
  public Recipe withStep(int place, RecipeStep step) {
    List<RecipeStep> changed = new ArrayList<>(steps);
    changed.set(place, step);
    return new Recipe(changed, count);
  }

  /// A name for a new column that is not taken: the one that is wanted, or that with a number.
  ///
  /// @param recorded the columns of the records
  public String free(List<String> recorded, String wanted) {
    List<String> taken = columnsAfter(recorded, steps.size());
    String name = wanted;
    for (int again = 2; taken.contains(name); again++) {
      name = wanted + " " + again;
    }
    return name;
  }

  /// Without a step.
  ///
  /// @param place from 0
  /// @throws IndexOutOfBoundsException if there is no such step
  public Recipe withoutStep(int place) {
    List<RecipeStep> fewer = new ArrayList<>(steps);
    fewer.remove(place);
    return new Recipe(fewer, count);
  }

  /// With a step and the one before it changed about.
  ///
  /// @param place of the later one, 1 or more
  /// @throws IndexOutOfBoundsException if there is no such step, or none before it
  public Recipe withStepEarlier(int place) {
    List<RecipeStep> moved = new ArrayList<>(steps);
    moved.add(place - 1, moved.remove(place));
    return new Recipe(moved, count);
  }

  /// Every column that there is after the first `steps` steps.
  ///
  /// @param recorded the columns of the records
  /// @param many 0 to the number of steps
  /// @throws IndexOutOfBoundsException if there are not so many steps
  public List<String> columnsAfter(List<String> recorded, int many) {
    Set<String> all = new LinkedHashSet<>(recorded);
    steps.subList(0, many).forEach(step -> step.into().ifPresent(all::add));
    return List.copyOf(all);
  }
}
