package lehrgang.desktop;

import java.util.List;
import java.util.Optional;
import lehrgang.core.data.Problem;
import lehrgang.core.page.Page;

/// What the window shows of the current solution.
///
/// @param page     worked out from it, or the last one that could be
/// @param problems what keeps the current solution from being worked out; empty when the page is
/// current
record Sight(Optional<Page> page, List<Problem> problems) {
  boolean isCurrent() {
    return problems.isEmpty();
  }
}
