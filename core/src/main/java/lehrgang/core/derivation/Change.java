package lehrgang.core.derivation;

import java.util.List;

/// A change to the solution that a page can offer.
public sealed interface Change {
  /// The same data by another procedure.
  record SwitchTo(String procedure) implements Change {}

  /// Two neighbouring rows as one.
  ///
  /// @param first counted from 0
  record MergeRows(int first) implements Change {}

  /// Two neighbouring columns as one.
  ///
  /// @param first counted from 0
  record MergeColumns(int first) implements Change {}

  /// Several changes, one after the other.
  record Several(List<Change> changes) implements Change {
    public Several {
      changes = List.copyOf(changes);
    }
  }

  /// An option set to a value.
  record Choose(String option, String value) implements Change {}
}
