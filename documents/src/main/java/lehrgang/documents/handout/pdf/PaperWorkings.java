package lehrgang.documents.handout.pdf;

import java.util.ArrayList;
import java.util.List;
import lehrgang.documents.handout.order.Part;
import lehrgang.documents.look.Palette;
import lehrgang.documents.look.Typeface;
import lehrgang.documents.paper.Element;
import lehrgang.documents.paper.Element.Type;
import lehrgang.documents.paper.Formulas;
import lehrgang.documents.paper.Sentence;
import lehrgang.documents.paper.Slab;

/// Workings on paper, each in one piece with its name.
///
/// @param width   of the text, in points
/// @param section to which they belong
record PaperWorkings(PaperLook look, double width, Element section) {
  private static final double ABOVE_CHAIN = 3;

  /// One of the way.
  Slab main(Part.Working working) {
    return chain(working, PaperLook.FORMULA, width);
  }

  /// What is to be found: its name, perhaps a hint, and the room for it.
  Slab asked(Part.Working working) {
    List<Slab> parts = new ArrayList<>(List.of(named(working.named(), width / 2)));
    working
        .hint()
        .ifPresent(
            hint ->
                parts.add(
                    Formulas.chain(
                        hint, look.spoken(hint.box()), PaperLook.INNER, width, section, look)));
    parts.add(main(working));
    return Slab.stacked(parts);
  }

  /// One behind the way, set smaller; a named one takes half the width.
  Slab behind(Part.Working working, double half) {
    if (working.named().isEmpty()) {
      return Slab.widened(chain(working, PaperLook.INNER, width), width);
    }
    Slab chain = Slab.lowered(chain(working, PaperLook.INNER, half), ABOVE_CHAIN);
    return Slab.widened(Slab.stacked(List.of(named(working.named(), half), chain)), half);
  }

  private Slab named(String name, double most) {
    return Slab.stacked(
        new Sentence(PaperLook.SMALL)
            .add(name, Typeface.SANS, Palette.SOFT.light())
            .lines(most, section.part(Type.PARAGRAPH)));
  }

  private Slab chain(Part.Working working, double size, double available) {
    return Formulas.chain(
        working.chain(), look.spoken(working.chain().box()), size, available, section, look);
  }
}
