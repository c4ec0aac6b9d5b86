package lehrgang.core.cases;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// The order in which raw cases write day, month and year.
public enum DateOrder {
  YEAR_MONTH_DAY,
  DAY_MONTH_YEAR,
  MONTH_DAY_YEAR;

  private static final Pattern FORM =
      Pattern.compile("([0-9]{1,4})[-./ ]+([0-9]{1,2})[-./ ]+([0-9]{1,4})(?:[T ].*)?");

  /// A year below this is meant in this century.
  private static final int SHORT_YEAR = 100;

  private static final int CENTURY = 2000;

  /// The day that a text spells, if it spells one that exists; a time of day after it is passed
  /// over.
  ///
  /// @param text a day of the years 1 to 9999 in digits; a year of two digits is one of this
  ///     century
  public Optional<LocalDate> read(String text) {
    Matcher matcher = FORM.matcher(text.strip());
    if (!matcher.matches()) {
      return Optional.empty();
    }
    int first = Integer.parseInt(matcher.group(1));
    int second = Integer.parseInt(matcher.group(2));
    int third = Integer.parseInt(matcher.group(3));
    try {
      return Optional.of(
          switch (this) {
            case YEAR_MONTH_DAY -> LocalDate.of(year(first), second, third);
            case DAY_MONTH_YEAR -> LocalDate.of(year(third), second, first);
            case MONTH_DAY_YEAR -> LocalDate.of(year(third), first, second);
          });
    } catch (DateTimeException e) {
      return Optional.empty();
    }
  }

  private static int year(int written) {
    return written < SHORT_YEAR ? CENTURY + written : written;
  }

  /// The orders under which every one of some texts is a day, the usual one first.
  public static List<DateOrder> fitting(List<String> texts) {
    return Arrays.stream(values())
        .filter(order -> texts.stream().allMatch(text -> order.read(text).isPresent()))
        .toList();
  }

  /// As it stands in files.
  public String key() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
