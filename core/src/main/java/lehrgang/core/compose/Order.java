package lehrgang.core.compose;

import java.util.List;
import java.util.Optional;

/// What tables are asked for.
///
/// @param rows    of the table, or groups, or categories
/// @param columns of the table; as many as the model has where they are not categories
/// @param layers  0 for a table without layers
/// @param n       about how many observations there are in all, 2 or more
public record Order(int rows, int columns, int layers, long n, List<Wish> wishes) {
  public Order {
    wishes = List.copyOf(wishes);
  }

  /// The same without one of its wishes.
  Order without(Wish wish) {
    return new Order(
        rows, columns, layers, n, wishes.stream().filter(other -> !other.equals(wish)).toList());
  }

  <W extends Wish> Optional<W> find(Class<W> sort) {
    return wishes.stream().filter(sort::isInstance).map(sort::cast).findFirst();
  }
}
