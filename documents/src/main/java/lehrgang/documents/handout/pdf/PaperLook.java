package lehrgang.documents.handout.pdf;

import java.util.List;
import java.util.Optional;
import lehrgang.core.derivation.Role;
import lehrgang.core.expr.LineId;
import lehrgang.core.notation.Box;
import lehrgang.core.notation.Speech;
import lehrgang.core.page.Appearance;
import lehrgang.core.page.Blanks;
import lehrgang.core.page.Page;
import lehrgang.core.wording.Span;
import lehrgang.documents.look.Palette;
import lehrgang.documents.look.Typeface;
import lehrgang.documents.paper.Tints;

/// What the terms of a page look like on paper: the totals keep their colour and the stroke of
/// their rule, answers stand out, and blanks have their number.
final class PaperLook implements Tints {
  static final double TEXT = 10.5;
  static final double FORMULA = 11.5;
  static final double SMALL = 8.5;
  static final double INNER = 9.5;
  static final double HEADING = 12.5;
  static final double TITLE = 17;

  private final Page page;
  private final Blanks blanks;
  private final Speech speech;

  PaperLook(Page page, Blanks blanks) {
    this.page = page;
    this.blanks = blanks;
    this.speech = page.wording().speech();
  }

  /// A formula as it is read aloud.
  String spoken(Box box) {
    return speech.of(box);
  }

  @Override
  public int colour(List<LineId> within) {
    if (within.stream().anyMatch(line -> page.appearance(line) == Appearance.ANSWER)) {
      return Palette.REJECTION.light();
    }
    return within.stream()
        .map(line -> ofRole(page.role(line)))
        .reduce(Palette.INK, (outer, inner) -> inner == Palette.INK ? outer : inner)
        .light();
  }

  private static Palette ofRole(Role role) {
    return switch (role) {
      case ROW_TOTAL -> Palette.ROW;
      case COLUMN_TOTAL -> Palette.COLUMN;
      case GRAND_TOTAL -> Palette.GRAND;
      case OBSERVED, EXPECTED, OTHER -> Palette.INK;
    };
  }

  @Override
  public Optional<Underline> underline(LineId line) {
    return switch (page.role(line)) {
      case ROW_TOTAL -> Optional.of(new Underline(Palette.ROW.light(), List.of()));
      case COLUMN_TOTAL -> Optional.of(new Underline(Palette.COLUMN.light(), List.of(3.0, 1.6)));
      case GRAND_TOTAL -> Optional.of(new Underline(Palette.GRAND.light(), List.of(1.1, 1.4)));
      case OBSERVED, EXPECTED, OTHER -> Optional.empty();
    };
  }

  @Override
  public String corner(LineId line) {
    return blanks.number(line).map(number -> Integer.toString(number)).orElse("");
  }

  /// A typeface in the weight of words.
  static Typeface weighted(Typeface plain, Span.Weight weight) {
    boolean serif = plain == Typeface.SERIF || plain == Typeface.SERIF_BOLD;
    return switch (weight) {
      case PLAIN -> plain;
      case EMPHASIS -> serif ? Typeface.SERIF_ITALIC : Typeface.SANS_ITALIC;
      case STRONG -> serif ? Typeface.SERIF_BOLD : Typeface.SANS_SEMIBOLD;
    };
  }

  /// How wide the room for a number is in a table, in points.
  ///
  /// @param characters so many figures and signs it may have
  static double byHand(int characters) {
    return characters * 6.4 + 9;
  }
}
