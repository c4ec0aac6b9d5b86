package lehrgang.documents.journal;

import java.util.Optional;

/// One thing that happened to the solution in a window.
public sealed interface Entry {
  /// Another solution lies there: what was before it has no way back.
  ///
  /// @param path where it is kept; empty for one that was never saved
  /// @param text of its file
  record Opened(Optional<String> path, String text) implements Entry {}

  /// The solution was brought back, on top of its file as it is now: the same states, whose texts
  /// may stand a little otherwise.
  ///
  /// @param path  where it is kept; empty for one that was never saved
  /// @param saved the text of its file
  /// @param now   the text it would have
  record Resumed(Optional<String> path, String saved, String now) implements Entry {}

  /// The solution became another one.
  ///
  /// @param thing  what was edited; blank for an edit that stands alone
  /// @param change of the text of its file
  record Edited(String thing, TextChange change) implements Entry {}

  /// One edit was taken back.
  record Undone() implements Entry {}

  /// What was taken back was done again.
  record Redone() implements Entry {}

  /// A run of edits of the same thing ended.
  record Paused() implements Entry {}

  /// What lies there was saved.
  record Saved(String path) implements Entry {}

  /// The window was closed by hand.
  record Closed() implements Entry {}
}
