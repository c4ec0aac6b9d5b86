package lehrgang.core.solution;

/// What the instructor says at a step in words of their own, with emphasis and lists as in a
/// question.
///
/// @param note   for everyone who reads the step; may be empty
/// @param hint   for students who are to work it out; may be empty
/// @param source where to read on; may be empty
public record StepNotes(String note, String hint, String source) {
  /// Nothing is said.
  public static StepNotes none() {
    return new StepNotes("", "", "");
  }

  /// Whether nothing is said.
  public boolean isEmpty() {
    return note.isBlank() && hint.isBlank() && source.isBlank();
  }
}
