package lehrgang.desktop.show;

import java.util.Optional;
import lehrgang.core.lesson.Phase;
import lehrgang.core.lesson.Told;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;

/// How far a solution has been told: the line that stands there, and the lines that others lead to.
final class Progress {
  private Optional<Telling> telling = Optional.empty();
  private int at;

  /// Tells a page on a board of some room. One that became another goes on from the same line, one
  /// that only got another room from the beginning of the same step.
  ///
  /// @return whether its lines are others now
  boolean tell(Page page, double room) {
    boolean resized = page().filter(now -> now == page).isPresent();
    boolean same = resized && telling().room() == room;
    if (!same) {
      Optional<Integer> chapter = telling.map(_ -> line().chapter());
      telling = Optional.of(Telling.of(page, room));
      if (resized) {
        at = telling().lesson().firstOf(chapter.orElse(0));
      }
    }
    at = Math.clamp(at, 0, lines() - 1);
    return !same;
  }

  /// What is told; empty before anything is.
  Optional<Page> page() {
    return telling.map(Telling::page);
  }

  Telling telling() {
    return telling.orElseThrow();
  }

  /// The line that stands there.
  Told line() {
    return telling().lesson().lines().get(at);
  }

  /// Its place among all.
  int at() {
    return at;
  }

  int lines() {
    return telling.map(now -> now.lesson().lines().size()).orElse(0);
  }

  /// Goes to a line by its place.
  ///
  /// @return whether there is one
  boolean go(int line) {
    boolean there = line >= 0 && line < lines();
    if (there) {
      at = line;
    }
    return there;
  }

  /// The working whose value comes next.
  Optional<PageBlock.Worked> asked() {
    return telling
        .map(Telling::lesson)
        .filter(lesson -> at + 1 < lesson.lines().size())
        .filter(lesson -> lesson.phase(lesson.lines().get(at + 1)) == Phase.VALUE)
        .flatMap(lesson -> lesson.item(lesson.lines().get(at + 1)).worked());
  }

  /// Where the next step begins or, backwards, this one if it has begun already, or else the one
  /// before.
  ///
  /// @param by 1 or −1
  /// @return empty at either end
  Optional<Integer> firstOfStep(int by) {
    return telling
        .map(Telling::lesson)
        .flatMap(
            lesson -> {
              int chapter = line().chapter();
              int wanted = by < 0 && at > lesson.firstOf(chapter) ? chapter : chapter + by;
              return wanted >= 0 && wanted < lesson.chapters().size()
                  ? Optional.of(lesson.firstOf(wanted))
                  : Optional.empty();
            });
  }

  /// Where the step of that number begins.
  Optional<Integer> firstOfStep(String number) {
    return telling.flatMap(now -> now.firstOf(number));
  }
}
