package lehrgang.desktop;

import java.util.List;
import java.util.Optional;
import lehrgang.core.data.Problem;
import lehrgang.core.page.Page;

/// What the window shows of the current solution.
///
/// @param page     worked out from it, or the last one that could be
/// @param problems what keeps the current solution from being worked out
/// @param work     whether it waits for something that takes a while
record Sight(Optional<Page> page, List<Problem> problems, Work work) {
  /// How far the work is.
  enum Work {
    DONE,
    UNDER_WAY,
    STOPPED
  }

  Sight(Optional<Page> page, List<Problem> problems) {
    this(page, problems, Work.DONE);
  }

  /// Whether the page is that of the current solution.
  boolean isCurrent() {
    return problems.isEmpty() && work == Work.DONE;
  }
}
