package lehrgang.documents.handout.pdf;

import java.util.List;
import java.util.Optional;
import lehrgang.core.expr.LineId;
import lehrgang.documents.look.Palette;
import lehrgang.documents.paper.Tints;

/// What the terms of a sentence look like: as its words do, but for answers and blanks.
///
/// @param words the colour of the words around
record InSentence(PaperLook look, Palette words) implements Tints {
  @Override
  public int colour(List<LineId> within) {
    int own = look.colour(within);
    return own == Palette.REJECTION.light() ? own : words.light();
  }

  @Override
  public Optional<Underline> underline(LineId line) {
    return Optional.empty();
  }

  @Override
  public String corner(LineId line) {
    return look.corner(line);
  }
}
