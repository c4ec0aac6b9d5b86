package lehrgang.documents.solutionfile;

import java.util.Base64;
import java.util.Collections;
import java.util.Optional;
import lehrgang.core.solution.Illustration;
import lehrgang.core.solution.Noun;
import lehrgang.core.solution.Question;
import lehrgang.core.solution.Story;
import lehrgang.core.wording.Phrase;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.solutionfile.SolutionText.NounText;
import lehrgang.documents.solutionfile.SolutionText.PictureText;
import lehrgang.documents.solutionfile.SolutionText.QuestionText;
import lehrgang.documents.solutionfile.SolutionText.StoryText;

/// Turns what a file has of a question into one, and back.
final class QuestionForms {
  private final String name;

  /// @param name the file's name, for sentences
  QuestionForms(String name) {
    this.name = name;
  }

  /// No words where the file has none.
  ///
  /// @throws FileProblem if its picture is none
  Question read(Optional<QuestionText> text) throws FileProblem {
    if (text.isEmpty()) {
      return new Question("", "", "");
    }
    QuestionText asked = text.get();
    Question question = new Question(asked.title(), asked.text(), asked.source());
    if (asked.story().isPresent()) {
      question = question.withStory(story(asked.story().get()));
    }
    if (asked.picture().isEmpty()) {
      return question;
    }
    PictureText picture = asked.picture().get();
    try {
      byte[] content = Base64.getDecoder().decode(picture.encoded());
      Illustration shown =
          PictureFile.of(content, Phrase.of("picture.of-question").with("file", name));
      return question.withPicture(Optional.of(shown.described(picture.description())));
    } catch (IllegalArgumentException e) {
      throw new FileProblem(Phrase.of("picture.no-base64").with("file", name), e);
    }
  }

  private Story story(StoryText text) throws FileProblem {
    return new Story(
        text.unit().flatMap(QuestionForms::noun),
        text.rows().flatMap(QuestionForms::noun),
        text.columns().flatMap(QuestionForms::noun),
        text.strata().flatMap(QuestionForms::noun),
        text.success(),
        SolutionForms.texts(name, text.groups(), _ -> false),
        text.asked(),
        text.design(),
        text.dependence());
  }

  private static Optional<Noun> noun(NounText text) {
    return Noun.of(text.one(), text.many());
  }

  private static StoryText text(Story story) {
    return new StoryText(
        story.unit().map(QuestionForms::text),
        story.rows().map(QuestionForms::text),
        story.columns().map(QuestionForms::text),
        story.strata().map(QuestionForms::text),
        story.success(),
        Collections.unmodifiableMap(story.groups()),
        story.asked(),
        story.design(),
        story.dependence());
  }

  private static NounText text(Noun noun) {
    return new NounText(noun.one(), noun.many());
  }

  static QuestionText of(Question question) {
    return new QuestionText(
        question.title(),
        question.text(),
        question.source(),
        question.picture().map(shown -> new PictureText(shown.encoded(), shown.description())),
        Optional.of(question.story()).filter(story -> !story.isNone()).map(QuestionForms::text));
  }
}
