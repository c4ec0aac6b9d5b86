package lehrgang.core.cases;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;

/// What of a date tells cases apart.
public enum DatePart {
  WEEKDAY("Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday"),
  MONTH(
      "January",
      "February",
      "March",
      "April",
      "May",
      "June",
      "July",
      "August",
      "September",
      "October",
      "November",
      "December"),
  /// By whole months: spring begins with March.
  SEASON("Spring", "Summer", "Autumn", "Winter"),
  YEAR;

  private static final int MONTHS_IN_SEASON = 3;
  private static final int FIRST_OF_SPRING = 3;
  private static final int MONTHS = 12;

  private final List<String> names;

  DatePart(String... names) {
    this.names = List.of(names);
  }

  /// Its categories in order; none for years.
  public List<String> names() {
    return names;
  }

  /// The name of this part of a day: its weekday, month or season (of the northern year, by whole
  /// months), or its year in digits.
  public String of(LocalDate day) {
    return switch (this) {
      case WEEKDAY -> names.get(day.getDayOfWeek().getValue() - 1);
      case MONTH -> names.get(day.getMonthValue() - 1);
      case SEASON ->
          names.get(
              Math.floorMod(day.getMonthValue() - FIRST_OF_SPRING, MONTHS) / MONTHS_IN_SEASON);
      case YEAR -> Integer.toString(day.getYear());
    };
  }

  /// As it stands in files.
  public String key() {
    return name().toLowerCase(Locale.ROOT);
  }
}
