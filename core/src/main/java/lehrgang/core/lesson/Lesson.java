package lehrgang.core.lesson;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import lehrgang.core.expr.LineId;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;

/// A solution told line by line, from its page: nothing is told that does not stand there, and no
/// number stands there before it is worked out.
public final class Lesson {
  private final List<Chapter> chapters;
  private final List<Told> lines;

  private Lesson(List<Chapter> chapters) {
    this.chapters = List.copyOf(chapters);
    List<Told> all = new ArrayList<>();
    for (int c = 0; c < chapters.size(); c++) {
      List<Item> items = chapters.get(c).items();
      for (int i = 0; i < items.size(); i++) {
        for (int s = 0; s < items.get(i).phases().size(); s++) {
          all.add(new Told(c, i, s));
        }
      }
    }
    this.lines = List.copyOf(all);
  }

  /// The lesson that a page holds.
  ///
  /// @param page with everything on it
  /// @param room how wide the board is, in units in which its text is 16 high: tables that do not
  ///     fit beside each other are told one after the other
  public static Lesson of(Page page, double room) {
    return new Lesson(new LessonWriter(page, room).chapters());
  }

  /// The steps that have something to tell.
  public List<Chapter> chapters() {
    return chapters;
  }

  /// Every line, in order.
  public List<Told> lines() {
    return lines;
  }

  /// The item that a line belongs to.
  public Item item(Told line) {
    return chapters.get(line.chapter()).items().get(line.item());
  }

  /// What is told in a line.
  public Phase phase(Told line) {
    return item(line).phases().get(line.phase());
  }

  /// The place of the first line of a chapter among all lines.
  public int firstOf(int chapter) {
    return IntStream.range(0, lines.size())
        .filter(k -> lines.get(k).chapter() == chapter)
        .findFirst()
        .orElseThrow();
  }

  /// The lines of the chapter's tables whose numbers are not told yet, since one of them is still
  /// to be worked out.
  ///
  /// @param at the line that is told now
  public Set<LineId> concealed(Told at) {
    List<Item> items = chapters.get(at.chapter()).items();
    Set<LineId> concealed = new HashSet<>();
    for (int i = 0; i < items.size(); i++) {
      int reached = i < at.item() ? Integer.MAX_VALUE : i == at.item() ? at.phase() : -1;
      items.get(i).worked().ifPresent(worked -> conceal(worked, reached, concealed));
      if (items.get(i).worked().isPresent() && reached != Integer.MAX_VALUE) {
        reveal(items.get(i), reached, concealed);
      }
    }
    return concealed;
  }

  private static void conceal(PageBlock.Worked worked, int reached, Set<LineId> concealed) {
    if (reached != Integer.MAX_VALUE) {
      concealed.addAll(worked.family());
      concealed.add(worked.line());
    }
  }

  private static void reveal(Item item, int reached, Set<LineId> concealed) {
    if (reached < 0) {
      return;
    }
    PageBlock.Worked worked = item.worked().orElseThrow();
    if (item.showsValue(reached)) {
      concealed.remove(worked.line());
    }
    boolean whole = reached == item.phases().size() - 1;
    if (whole) {
      concealed.removeAll(Set.copyOf(worked.family()));
    }
  }
}
