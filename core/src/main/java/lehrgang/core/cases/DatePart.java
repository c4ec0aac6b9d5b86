package lehrgang.core.cases;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import lehrgang.core.wording.Wording;

/// What of a date tells cases apart.
public enum DatePart {
  WEEKDAY,
  MONTH,
  /// By whole months: spring begins with March.
  SEASON,
  YEAR;

  private static final int MONTHS_IN_SEASON = 3;
  private static final int FIRST_OF_SPRING = 3;
  private static final int MONTHS = 12;

  private final List<String> names;

  DatePart() {
    String key = "date.names." + key();
    Wording words = Wording.english();
    this.names = words.has(key) ? List.of(words.text(key).split(", ")) : List.of();
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

  /// What it is called in a sentence.
  String word() {
    return Wording.english().text("date.part." + key());
  }

  /// As it stands in files.
  public String key() {
    return name().toLowerCase(Locale.ROOT);
  }
}
