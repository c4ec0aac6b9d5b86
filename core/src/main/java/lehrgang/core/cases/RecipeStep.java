package lehrgang.core.cases;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import lehrgang.core.wording.Phrase;
import lehrgang.core.wording.Wording;

/// One step on the way from records to a table; it says what it does, and changes no record.
public sealed interface RecipeStep {
  /// The column that it reads.
  String column();

  /// The column that it makes; empty where it changes the one that it reads.
  default Optional<String> into() {
    return Optional.empty();
  }

  /// The column whose values show what it did.
  default String result() {
    return into().orElse(column());
  }

  /// How a kept record is told from the others.
  enum Test {
    IS,
    IS_NOT,
    AT_LEAST,
    AT_MOST;

    /// As it stands in files.
    public String key() {
      return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /// Whether it compares numbers with a bound.
    public boolean comparesNumbers() {
      return this == AT_LEAST || this == AT_MOST;
    }
  }

  /// Goes on with those records only that pass a test.
  ///
  /// @param values what the column is compared with; one number for [Test#AT_LEAST] and
  ///     [Test#AT_MOST]
  record Keep(String column, Test test, List<String> values) implements RecipeStep {
    public Keep {
      values = List.copyOf(values);
    }
  }

  /// Gives categories other names; several that get one name become one.
  ///
  /// @param names by old name; a blank new name takes the category as not recorded
  record Rename(String column, Map<String, String> names) implements RecipeStep {
    public Rename {
      names = Collections.unmodifiableMap(new LinkedHashMap<>(names));
    }
  }

  /// Puts categories in an order; those not named come after, as they would have come.
  record Order(String column, List<String> categories) implements RecipeStep {
    public Order {
      categories = List.copyOf(categories);
    }
  }

  /// Cuts a number into classes.
  record Cut(String column, Classing classing, String name) implements RecipeStep {
    /// What the classes of a column are called at first.
    public static String usualName(String column) {
      return called(Phrase.of("class.column"), column);
    }

    @Override
    public Optional<String> into() {
      return Optional.of(name);
    }
  }

  /// Takes the weekday, month, season or year of a date.
  record TakePart(String column, DateOrder order, DatePart part, String name)
      implements RecipeStep {
    /// What a part of a column is called at first.
    public static String usualName(DatePart part, String column) {
      return called(Phrase.of("date.column").with("part", part.word()), column);
    }

    @Override
    public Optional<String> into() {
      return Optional.of(name);
    }
  }

  /// Whether a number rose or fell from the row before; the first row has none before it.
  record Change(String column, String name) implements RecipeStep {
    static final List<String> NAMES =
        Stream.of("change.rise", "change.same", "change.fall")
            .map(Wording.english()::text)
            .toList();

    /// What the changes of a column are called at first.
    public static String usualName(String column) {
      return called(Phrase.of("change.column"), column);
    }

    @Override
    public Optional<String> into() {
      return Optional.of(name);
    }
  }

  /// Makes one category of two.
  record Combine(String column, String other, String name) implements RecipeStep {
    static final String BETWEEN = ", ";

    @Override
    public Optional<String> into() {
      return Optional.of(name);
    }
  }

  private static String called(Phrase name, String column) {
    return Wording.english().text(name.with("column", column));
  }
}
