package lehrgang.desktop.desk;

import java.util.List;
import java.util.Optional;
import lehrgang.core.data.Problem;
import lehrgang.core.derivation.Derivation;
import lehrgang.core.page.Page;

/// What the window shows of the current solution.
///
/// @param result   what was worked out from it, or from the last one that could be
/// @param problems what keeps the current solution from being worked out
/// @param work     whether it waits for something that takes a while
public record Sight(Optional<Result> result, List<Problem> problems, Work work) {
  /// A solution worked out.
  ///
  /// @param page  as its chosen audience reads it
  /// @param whole as the instructor reads it; the same one where that is chosen
  public record Result(Derivation derivation, Page page, Page whole) {}

  /// How far the work is.
  public enum Work {
    DONE,
    UNDER_WAY,
    STOPPED
  }

  Sight(Optional<Result> result, List<Problem> problems) {
    this(result, problems, Work.DONE);
  }

  /// The page as its chosen audience reads it.
  public Optional<Page> page() {
    return result.map(Result::page);
  }

  /// The page as the instructor reads it, whatever is chosen.
  public Optional<Page> whole() {
    return result.map(Result::whole);
  }

  /// Whether the page is that of the current solution.
  public boolean isCurrent() {
    return problems.isEmpty() && work == Work.DONE;
  }
}
