package lehrgang.core.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lehrgang.core.derivation.Block.Tone;
import lehrgang.core.wording.Span;
import lehrgang.core.wording.Span.Weight;

/// A whole page at a glance, for whoever has no number selected: which checks hold and which do
/// not, what rounding does to the result, and how one could go on.
///
/// @param checks   in the order of the page
/// @param rounding what rounding each line on the way would change
/// @param ways     other ways to go on
public record Glance(List<Note> checks, Optional<Note> rounding, List<Note> ways) {
  private static final String ROUNDING = "remark.on-the-way";

  /// @param step  where it stands
  /// @param tone  whether it holds
  /// @param spans what it says
  public record Note(String step, Tone tone, List<Span> spans) {
    /// What it says in one line of plain text.
    public String text() {
      return Span.plain(spans);
    }
  }

  /// A page at a glance. Every step of it is set.
  public static Glance at(Page page) {
    List<Note> checks = new ArrayList<>();
    List<Note> ways = new ArrayList<>();
    Optional<Note> rounding = Optional.empty();
    for (PageStep step : page.steps()) {
      for (PageBlock block : step.blocks()) {
        switch (block) {
          case PageBlock.Remark(var tone, var key, var spans) -> {
            Note note = new Note(step.id(), tone, spans);
            if (key.equals(ROUNDING)) {
              rounding = Optional.of(note);
            } else if (tone != Tone.NOTE) {
              checks.add(note);
            }
          }
          case PageBlock.Ways(_, var offered) ->
              offered.forEach(
                  way ->
                      ways.add(
                          new Note(
                              step.id(),
                              Tone.NOTE,
                              List.of(new Span.Words(way.name(), Weight.PLAIN)))));
          default -> {
            // The rest is read on the page.
          }
        }
      }
    }
    return new Glance(List.copyOf(checks), rounding, List.copyOf(ways));
  }
}
