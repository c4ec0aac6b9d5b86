package lehrgang.core.cases;

import java.math.BigDecimal;
import java.util.List;

/// A number that was cut into classes, as it was before: for each group the sums from which mean,
/// standard deviation and skewness follow.
///
/// @param column the number's
/// @param groups in the order of the table; those counted in the table and no others
public record Spread(String column, List<Group> groups) {
  /// @param label   of the group; blank where all records are one
  /// @param records how many
  /// @param sum     of the numbers
  /// @param squares the sum of their squares
  /// @param cubes   the sum of their cubes
  public record Group(
      String label, long records, BigDecimal sum, BigDecimal squares, BigDecimal cubes) {
    static Group none(String label) {
      return new Group(label, 0, BigDecimal.ZERO, BigDecimal.ZERO, BigDecimal.ZERO);
    }

    /// With a number that several records have.
    Group with(BigDecimal number, long many) {
      BigDecimal times = BigDecimal.valueOf(many);
      BigDecimal square = number.multiply(number);
      return new Group(
          label,
          records + many,
          sum.add(number.multiply(times)),
          squares.add(square.multiply(times)),
          cubes.add(square.multiply(number).multiply(times)));
    }
  }

  public Spread {
    groups = List.copyOf(groups);
  }
}
