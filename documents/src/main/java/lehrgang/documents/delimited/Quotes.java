package lehrgang.documents.delimited;

import java.util.Locale;

/// The marks that a field may stand in, so that it can hold separators and line ends.
public enum Quotes {
  DOUBLE('"'),
  SINGLE('\''),
  /// Marks belong to the text.
  NONE('\uFFFF');

  private final char mark;

  Quotes(char mark) {
    this.mark = mark;
  }

  /// The mark; where there is none, a code point that no text holds.
  public char mark() {
    return mark;
  }

  public String key() {
    return name().toLowerCase(Locale.ROOT);
  }
}
