package lehrgang.core.lesson;

import java.util.Locale;

/// How far something is told.
public enum Phase {
  /// It stands there, whole.
  SAID,
  /// What is asked.
  ASKED,
  /// Where the numbers stand that it takes.
  SOURCES,
  /// The formula in symbols.
  SYMBOLS,
  /// The formula with the numbers put in.
  PUT_IN,
  /// The numbers worked together in part.
  WORKED_OUT,
  /// What comes out.
  VALUE,
  /// The same for all others of its family.
  OTHERS,
  /// Of a figure: the curve, or the bars.
  CURVE,
  /// Of a figure: the critical region.
  REGION,
  /// Of a figure: the statistic.
  STATISTIC;

  /// As it stands in keys, such as `put-in`.
  public String key() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /// Whether a link of the working is shown with it.
  boolean isLink() {
    return switch (this) {
      case SYMBOLS, PUT_IN, WORKED_OUT, VALUE -> true;
      case SAID, ASKED, SOURCES, OTHERS, CURVE, REGION, STATISTIC -> false;
    };
  }
}
