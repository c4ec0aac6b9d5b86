package lehrgang.desktop.write;

import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.VBox;
import lehrgang.core.page.Page;
import lehrgang.core.solution.Question;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.desk.TextEditing;
import lehrgang.desktop.kit.Fonts;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import lehrgang.desktop.kit.Writing;
import lehrgang.desktop.page.SentenceView;
import lehrgang.documents.look.Typeface;

/// The question, written where it stands.
final class QuestionEditor extends VBox {
  private static final double TITLE_SIZE = 22;

  private final OpenSolution solution;
  private final Supplier<Optional<Question>> read;
  private final Writing title = Writing.paragraph(Fonts.serif(Typeface.SERIF_BOLD, TITLE_SIZE));
  private final Writing text = Writing.text(SentenceView.TEXT_SIZE);
  private final TextField source = new TextField();
  private final QuestionPicture picture;
  private final StoryEditor story;
  private final TextEditing titleEditing;
  private final TextEditing textEditing;
  private final TextEditing sourceEditing;
  private Optional<Known> known = Optional.empty();

  /// @param page that is worked out of what is written; empty as long as nothing is
  QuestionEditor(OpenSolution solution, Supplier<Optional<Page>> page) {
    this.solution = solution;
    this.read = () -> page.get().map(Page::question);
    getStyleClass().add(Style.QUESTION_EDITOR);
    titleEditing = field(title, "question.title", Question::withTitle);
    textEditing = field(text, "question.text", Question::withText);
    sourceEditing = field(source, "question.source", Question::withSource);
    title.getStyleClass().add(Style.QUESTION_TITLE);
    text.getStyleClass().add(Style.QUESTION_TEXT);
    source.getStyleClass().add(Style.QUESTION_SOURCE);
    picture = new QuestionPicture(solution);
    story = new StoryEditor(solution, page);
    getChildren().addAll(title, text, picture, source, story);
  }

  /// How a question reads with the numbers that it names. While the page is worked out or cannot
  /// be, the same question reads as it did before.
  private record Known(Question written, Question read) {}

  private interface Edit {
    Question apply(Question question, String typed);
  }

  private TextEditing field(TextInputControl field, String name, Edit edit) {
    field.setId(name.replace('.', '-'));
    field.setAccessibleText(Words.of(name));
    field.setPromptText(Words.of(name + ".prompt"));
    field.focusedProperty().subscribe((_, _) -> update());
    return TextEditing.of(
        field, solution, name, (now, typed) -> now.withQuestion(edit.apply(now.question(), typed)));
  }

  /// Shows the question as it reads; where it is being written, as it was written.
  void update() {
    Question question = solution.now().question();
    read.get().ifPresent(now -> known = Optional.of(new Known(question, now)));
    Question filled =
        known.filter(last -> last.written().equals(question)).map(Known::read).orElse(question);
    titleEditing.show(title.isFocused() ? question.title() : filled.title());
    textEditing.show(text.isFocused() ? question.text() : filled.text());
    sourceEditing.show(question.source());
    picture.update(question);
    story.update();
  }
}
