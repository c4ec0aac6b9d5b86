package lehrgang.core.data;

import java.util.ArrayList;
import java.util.List;

/// Lists with one item changed; the lists themselves stay as they are.
final class Lists {
  private Lists() {}

  static <T> List<T> replaced(List<T> list, int at, T item) {
    List<T> copy = new ArrayList<>(list);
    copy.set(at, item);
    return copy;
  }

  static <T> List<T> added(List<T> list, T item) {
    List<T> copy = new ArrayList<>(list);
    copy.add(item);
    return copy;
  }

  static <T> List<T> without(List<T> list, int at) {
    List<T> copy = new ArrayList<>(list);
    copy.remove(at);
    return copy;
  }
}
