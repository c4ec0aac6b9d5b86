package lehrgang.core.lesson;

import java.util.List;

/// A step of the solution as it is told.
///
/// @param step   its id
/// @param number counted from 1
/// @param items  in the order in which they are told
public record Chapter(String step, int number, String title, List<Item> items) {
  public Chapter {
    items = List.copyOf(items);
  }
}
