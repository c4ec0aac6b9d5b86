package lehrgang.core.solution;

import java.util.Optional;

/// What the solution answers.
///
/// @param title   the question in a line
/// @param text    as it stands on the problem sheet; may be empty
/// @param source  where the data come from; may be empty
/// @param picture that stands below the text; empty for none
/// @param story   the words by which sentences speak of the data
public record Question(
    String title, String text, String source, Optional<Illustration> picture, Story story) {
  /// A question in words alone.
  public Question(String title, String text, String source) {
    this(title, text, source, Optional.empty(), Story.none());
  }

  /// The same question under another title.
  public Question withTitle(String other) {
    return new Question(other, text, source, picture, story);
  }

  /// The same question in other words.
  public Question withText(String other) {
    return new Question(title, other, source, picture, story);
  }

  /// The same question, its data from elsewhere.
  public Question withSource(String other) {
    return new Question(title, text, other, picture, story);
  }

  /// The same question with another picture, or without one.
  public Question withPicture(Optional<Illustration> other) {
    return new Question(title, text, source, other, story);
  }

  /// The same question with another story behind its table.
  public Question withStory(Story other) {
    return new Question(title, text, source, picture, other);
  }
}
