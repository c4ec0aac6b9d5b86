package lehrgang.desktop.show;

import java.util.Optional;
import java.util.stream.IntStream;
import lehrgang.core.lesson.Lesson;
import lehrgang.core.lesson.LineInWords;
import lehrgang.core.page.Page;

/// What is told, from one page.
///
/// @param room how wide the board is that it is made for
record Telling(Page page, double room, Lesson lesson, LineInWords words) {
  static Telling of(Page page, double room) {
    Lesson lesson = Lesson.of(page, room);
    return new Telling(page, room, lesson, new LineInWords(lesson, page));
  }

  /// The place of the first line of a step; empty where there is no step of that number.
  ///
  /// @param number as it stands before the title
  Optional<Integer> firstOf(String number) {
    return IntStream.range(0, lesson.chapters().size())
        .filter(k -> Integer.toString(lesson.chapters().get(k).number()).equals(number))
        .mapToObj(lesson::firstOf)
        .findFirst();
  }
}
