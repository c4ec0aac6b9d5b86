package lehrgang.core.lesson;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lehrgang.core.expr.LineId;
import lehrgang.core.page.FigureSpec;
import lehrgang.core.page.PageBlock;

/// One thing in a chapter that is told in one line or in several.
///
/// @param block    the part of the page
/// @param phases   its lines, at least one
/// @param question what is asked before it is worked out; empty where nothing is
/// @param sources  the lines whose numbers it takes
/// @param tables   the items of the chapter, by their places, in which its sources stand
/// @param own      the item of the chapter in whose table it stands itself
public record Item(
    PageBlock block,
    List<Phase> phases,
    String question,
    List<LineId> sources,
    List<Integer> tables,
    Optional<Integer> own) {
  public Item {
    phases = List.copyOf(phases);
    sources = List.copyOf(sources);
    tables = List.copyOf(tables);
  }

  /// Something that stands there whole as soon as it is told.
  static Item said(PageBlock block) {
    return new Item(block, List.of(Phase.SAID), "", List.of(), List.of(), Optional.empty());
  }

  /// The line that is worked out.
  public Optional<PageBlock.Worked> worked() {
    return block instanceof PageBlock.Worked worked ? Optional.of(worked) : Optional.empty();
  }

  /// How many links of the working are shown at a line.
  ///
  /// @param phase the place of the line among those of the item; −1 before the first
  public int links(int phase) {
    return (int) phases.subList(0, phase + 1).stream().filter(Phase::isLink).count();
  }

  /// Whether the value is shown at a line.
  public boolean showsValue(int phase) {
    return phases.subList(0, phase + 1).contains(Phase.VALUE);
  }

  /// The items that should be in sight with a line of it, the most important first.
  public List<Integer> beside(int phase) {
    boolean others = phase >= 0 && phases.get(phase) == Phase.OTHERS;
    return Stream.of(others ? own.stream() : Stream.<Integer>empty(), tables.stream(), own.stream())
        .flatMap(places -> places)
        .distinct()
        .toList();
  }

  /// A figure as far as it is drawn at a line.
  public Optional<FigureSpec> figure(int phase) {
    return block instanceof PageBlock.Figure(var spec)
        ? Optional.of(BuiltUp.at(spec, phases.get(Math.max(0, phase))))
        : Optional.empty();
  }
}
