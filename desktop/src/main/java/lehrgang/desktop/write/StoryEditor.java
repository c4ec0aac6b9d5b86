package lehrgang.desktop.write;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lehrgang.core.page.Page;
import lehrgang.core.page.PageBlock;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.Noun;
import lehrgang.core.solution.Solution;
import lehrgang.core.solution.Story;
import lehrgang.core.solution.StoryFields;
import lehrgang.core.solution.StudyDesign;
import lehrgang.core.wording.Span;
import lehrgang.desktop.desk.OpenSolution;
import lehrgang.desktop.desk.TextEditing;
import lehrgang.desktop.kit.Labels;
import lehrgang.desktop.kit.Picker;
import lehrgang.desktop.kit.Style;
import lehrgang.desktop.kit.Words;
import lehrgang.desktop.page.Folded;

/// The words by which sentences speak of the data, each with an example in its field, and the
/// sentences that they make.
final class StoryEditor extends VBox {
  private static final double NAMES = 170;

  /// The sentences that answer the question, and not those that compare numbers.
  private static final Pattern CONCLUSION =
      Pattern.compile(
          "conclusion\\.(independence|homogeneity|fit-\\w+|named|one-proportion|two-proportions"
              + "|matched-pairs|fisher|layers)\\..*(reject|keep)");

  private final OpenSolution solution;
  private final Supplier<Optional<Page>> page;
  private final GridPane fields = new GridPane();
  private final Label preview = Labels.label("", Style.STORY_PREVIEW);
  private final List<Consumer<Story>> showing = new ArrayList<>();
  private Optional<Shape> shown = Optional.empty();

  /// What decides which fields there are.
  private record Shape(StoryFields parts, String rows, String columns, String strata) {
    static Shape of(Solution now) {
      boolean paired = Procedures.of(now.procedure()).paired();
      return new Shape(
          StoryFields.of(now.table(), paired),
          now.table().rowVariable(),
          now.table().columnVariable(),
          now.table().layerVariable());
    }
  }

  /// @param page the page as it is, where it is worked out
  StoryEditor(OpenSolution solution, Supplier<Optional<Page>> page) {
    this.solution = solution;
    this.page = page;
    getStyleClass().add(Style.STORY_EDITOR);
    fields.getStyleClass().add(Style.STORY_FIELDS);
    ColumnConstraints names = new ColumnConstraints(NAMES);
    ColumnConstraints values = new ColumnConstraints();
    values.setHgrow(Priority.ALWAYS);
    fields.getColumnConstraints().setAll(names, values);
    preview.setWrapText(true);
    preview.setMinHeight(USE_PREF_SIZE);
    Folded folded =
        new Folded(
            Words.of("story"),
            new VBox(Labels.label(Words.of("story.hint"), Style.HINT), fields, preview));
    folded.setId("story");
    getChildren().add(folded);
  }

  /// Shows what is told, and what it makes of the sentences.
  void update() {
    Solution now = solution.now();
    Shape shape = Shape.of(now);
    if (shown.filter(shape::equals).isEmpty()) {
      shown = Optional.of(shape);
      build(shape);
    }
    showing.forEach(field -> field.accept(now.question().story()));
    page.get().ifPresent(known -> preview.setText(sentences(known)));
  }

  private void build(Shape shape) {
    fields.getChildren().clear();
    showing.clear();
    StoryFields parts = shape.parts();
    noun("unit", Words.of("story.unit"), Story::unit, Story::withUnit);
    if (parts.rows()) {
      noun("rows", named("story.rows", shape.rows()), Story::rows, Story::withRows);
    }
    if (parts.columns()) {
      noun("columns", named("story.columns", shape.columns()), Story::columns, Story::withColumns);
    }
    if (parts.strata()) {
      noun("strata", named("story.strata", shape.strata()), Story::strata, Story::withStrata);
    }
    if (parts.success()) {
      text("success", Words.of("story.success"), Story::success, Story::withSuccess);
    }
    for (int k = 0; k < parts.groups().size(); k++) {
      String label = parts.groups().get(k);
      text(
          "group-" + k,
          Words.of("story.group", label),
          Words.of("story.group.prompt"),
          story -> story.group(label).orElse(""),
          (story, typed) -> story.withGroup(label, typed));
    }
    if (!parts.categories().isEmpty()) {
      asked(parts.categories());
    }
    design();
    text("dependence", Words.of("story.dependence"), Story::dependence, Story::withDependence);
  }

  private static String named(String key, String variable) {
    return variable.isBlank() ? Words.of(key) : Words.of(key + ".named", variable);
  }

  private void noun(
      String name,
      String words,
      Function<Story, Optional<Noun>> told,
      BiFunction<Story, Optional<Noun>, Story> change) {
    text(
        name,
        words,
        Words.of("story." + name + ".prompt"),
        story -> told.apply(story).map(Noun::text).orElse(""),
        (story, typed) -> change.apply(story, Noun.read(typed)));
  }

  private void text(
      String name,
      String words,
      Function<Story, String> told,
      BiFunction<Story, String, Story> change) {
    text(name, words, Words.of("story." + name + ".prompt"), told, change);
  }

  /// A field; what is typed there stays as it is while it says what is told.
  private void text(
      String name,
      String words,
      String prompt,
      Function<Story, String> told,
      BiFunction<Story, String, Story> change) {
    TextField field = new TextField();
    field.setId("story-" + name);
    field.setPromptText(prompt);
    field.setAccessibleText(words);
    TextEditing editing =
        TextEditing.of(
            field,
            solution,
            field.getId(),
            (now, typed) ->
                now.withQuestion(
                    now.question().withStory(change.apply(now.question().story(), typed))));
    row(words, field);
    showing.add(
        story -> {
          boolean same = change.apply(story, field.getText()).equals(story);
          if (!same || !field.isFocused()) {
            editing.show(told.apply(story));
          }
        });
    field.focusedProperty().subscribe(_ -> update());
  }

  private void asked(List<String> categories) {
    List<String> choice = new ArrayList<>(List.of(""));
    choice.addAll(categories);
    pick(
        "asked",
        choice,
        label -> label.isEmpty() ? Words.of("story.asked.none") : label,
        Story::asked,
        Story::withAsked);
  }

  private void design() {
    pick(
        "design",
        Stream.concat(
                Stream.of(Optional.<StudyDesign>empty()),
                Arrays.stream(StudyDesign.values()).map(Optional::of))
            .toList(),
        design -> Words.of("story.design." + design.map(StudyDesign::key).orElse("none")),
        Story::design,
        Story::withDesign);
  }

  private <T> void pick(
      String name,
      List<T> choice,
      Function<T, String> words,
      Function<Story, T> told,
      BiFunction<Story, T, Story> change) {
    String label = Words.of("story." + name);
    Picker<T> picker =
        Picker.unnamed(
            label,
            words,
            value ->
                solution.edit(
                    "",
                    now ->
                        now.withQuestion(
                            now.question()
                                .withStory(change.apply(now.question().story(), value)))));
    picker.named("story-" + name);
    row(label, picker);
    showing.add(story -> picker.show(choice, told.apply(story)));
  }

  private void row(String words, Node field) {
    Label label = new Label(words);
    label.setWrapText(true);
    label.setLabelFor(field);
    fields.addRow(fields.getRowCount(), label, field);
  }

  /// What the story makes of the hypotheses, of what is required of the data, and of the
  /// conclusion.
  private static String sentences(Page page) {
    return page.steps().stream()
        .flatMap(step -> step.blocks().stream())
        .flatMap(StoryEditor::sentence)
        .collect(Collectors.joining("\n"));
  }

  private static Stream<String> sentence(PageBlock block) {
    return switch (block) {
      case PageBlock.Paragraph(var template, var spans) when isShown(template.key()) ->
          Stream.of(Span.plain(spans));
      default -> Stream.of();
    };
  }

  private static boolean isShown(String key) {
    return key.startsWith("hypotheses.null.")
        || key.startsWith("hypotheses.alternative.")
        || key.startsWith("conditions.study.")
        || key.startsWith("conditions.design.")
        || CONCLUSION.matcher(key).matches();
  }
}
