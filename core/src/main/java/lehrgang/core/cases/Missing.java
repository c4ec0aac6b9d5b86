package lehrgang.core.cases;

import java.util.Locale;

/// Why a case has no category.
public enum Missing {
  /// Nothing was recorded, or what was recorded is taken as that.
  BLANK,
  NOT_A_NUMBER,
  /// The number lies in none of the classes.
  OUTSIDE,
  NOT_A_DATE,
  /// There is no row before it to compare with.
  NO_ROW_BEFORE;

  /// As it stands in files.
  public String key() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
