package lehrgang.desktop.check;

import java.util.Locale;
import lehrgang.core.marking.Judgement;
import lehrgang.core.marking.Mark;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;

/// What a verdict looks like and sounds like.
final class Signs {
  private Signs() {}

  static String sign(Judgement verdict) {
    return switch (verdict) {
      case RIGHT, RIGHT_ROUNDED -> "✓";
      case TOO_COARSE -> "≈";
      case FOLLOW_THROUGH -> "↷";
      case SLIP -> "×";
      case WRONG -> "?";
      case BLANK -> "·";
      case UNREADABLE -> "…";
    };
  }

  /// The style class of a verdict's colour.
  static String style(Judgement verdict) {
    return switch (verdict) {
      case RIGHT, RIGHT_ROUNDED, TOO_COARSE -> Style.MARK_RIGHT;
      case FOLLOW_THROUGH -> Style.MARK_FOLLOWS;
      case SLIP, WRONG -> Style.MARK_LOST;
      case BLANK, UNREADABLE -> Style.MARK_SILENT;
    };
  }

  static String name(Judgement verdict) {
    return Words.of("verdict." + verdict.key().toLowerCase(Locale.ROOT));
  }

  /// As it is read out: what was written, and what became of it.
  static String spoken(Mark mark) {
    String wrote = mark.answer().written();
    return wrote.isBlank()
        ? name(mark.verdict())
        : Words.of("check.wrote", wrote, name(mark.verdict()));
  }
}
