package lehrgang.desktop.recipe;

import java.util.Locale;
import lehrgang.core.cases.RecipeStep;

/// The sorts of steps, as they are offered.
enum StepSort {
  KEEP,
  MERGE,
  RENAME,
  ORDER,
  CUT,
  PART,
  CHANGE,
  COMBINE;

  /// The end of the keys of its words.
  String key() {
    return name().toLowerCase(Locale.ROOT);
  }

  /// Giving several names at once is renaming; one name for several values merges them.
  static StepSort of(RecipeStep step) {
    return switch (step) {
      case RecipeStep.Keep _ -> KEEP;
      case RecipeStep.Rename(_, var names) ->
          names.values().stream().distinct().count() > 1 ? RENAME : MERGE;
      case RecipeStep.Order _ -> ORDER;
      case RecipeStep.Cut _ -> CUT;
      case RecipeStep.TakePart _ -> PART;
      case RecipeStep.Change _ -> CHANGE;
      case RecipeStep.Combine _ -> COMBINE;
    };
  }

  /// The fields for a step of this sort.
  StepFields fields(StepColumn column) {
    return switch (this) {
      case KEEP -> new KeepFields(column);
      case MERGE -> new MergeFields(column);
      case RENAME -> new RenameFields(column);
      case ORDER -> new OrderFields(column);
      case CUT -> new CutFields(column);
      case PART -> new PartFields(column);
      case CHANGE -> new ChangeFields(column);
      case COMBINE -> new CombineFields(column);
    };
  }
}
