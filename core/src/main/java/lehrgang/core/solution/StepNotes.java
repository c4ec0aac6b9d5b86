package lehrgang.core.solution;

/// What the instructor says at a step in words of their own, with emphasis and lists as in a
/// question.
///
/// @param note   for everyone who reads the step; may be empty
/// @param hint   for students who are to work it out; may be empty
/// @param source where to read on; may be empty
/// @param toSay  for whoever tells the solution, on no page; may be empty
public record StepNotes(String note, String hint, String source, String toSay) {
  /// What stands on pages.
  public StepNotes(String note, String hint, String source) {
    this(note, hint, source, "");
  }

  /// Nothing is said.
  public static StepNotes none() {
    return new StepNotes("", "", "");
  }

  /// The same with another note.
  public StepNotes withNote(String other) {
    return new StepNotes(other, hint, source, toSay);
  }

  /// The same with another hint.
  public StepNotes withHint(String other) {
    return new StepNotes(note, other, source, toSay);
  }

  /// The same with another place to read on.
  public StepNotes withSource(String other) {
    return new StepNotes(note, hint, other, toSay);
  }

  /// The same with something else to say.
  public StepNotes withToSay(String other) {
    return new StepNotes(note, hint, source, other);
  }

  /// Whether nothing is said.
  public boolean isEmpty() {
    return note.isBlank() && hint.isBlank() && source.isBlank() && toSay.isBlank();
  }
}
