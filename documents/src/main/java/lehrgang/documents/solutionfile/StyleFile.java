package lehrgang.documents.solutionfile;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.solution.Choices;
import lehrgang.core.solution.CourseStyle;
import lehrgang.core.solution.SheetChoices;
import lehrgang.core.wording.Phrase;
import lehrgang.documents.file.FileProblem;
import lehrgang.documents.file.WholeFile;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/// A `.lehrgang-style` file: what a course settles once, as UTF-8 JSON. Fields that this version
/// does not know survive a load and save.
///
/// @param style    what the file holds
/// @param original as it was read, unknown fields included
public record StyleFile(CourseStyle style, SolutionFile.Original original) {
  /// The ending of its name.
  public static final String ENDING = ".lehrgang-style";

  private static final String FORMAT_NAME = "lehrgang-style/";
  private static final String FORMAT = FORMAT_NAME + "1";
  private static final String LEVEL = "alpha";
  private static final String ON_THE_WAY = "roundOnTheWay";

  /// A file that was never on disk.
  public static StyleFile fresh(CourseStyle style) {
    return new StyleFile(
        style,
        new SolutionFile.Original(
            Binding.JSON.createObjectNode(), Binding.JSON.createObjectNode()));
  }

  /// The same file with another style in it.
  public StyleFile with(CourseStyle changed) {
    return new StyleFile(changed, original);
  }

  /// @throws FileProblem if the file is missing, damaged or of a newer kind
  public static StyleFile load(Path path) throws FileProblem {
    return parse(WholeFile.read(path, ENDING), path.getFileName().toString());
  }

  /// @param name the file's name, for sentences
  /// @throws FileProblem if the text is no style
  public static StyleFile parse(String text, String name) throws FileProblem {
    ObjectNode document = Document.read(text, name);
    String format = document.path("format").asString("");
    if (!format.startsWith(FORMAT_NAME)) {
      throw new FileProblem(Phrase.of("style.no-format").with("file", name).with("format", FORMAT));
    }
    if (!format.equals(FORMAT)) {
      throw new FileProblem(Phrase.of("solution.newer").with("file", name).with("format", format));
    }
    try {
      CourseStyle read = read(Binding.JSON.readValue(text, StyleText.class), name);
      return new StyleFile(read, new SolutionFile.Original(document, tree(read)));
    } catch (JacksonException e) {
      throw BindingProblem.of(e, name);
    }
  }

  private static CourseStyle read(StyleText text, String name) throws FileProblem {
    SolutionForms forms = new SolutionForms(name);
    Map<String, Object> options = new LinkedHashMap<>(text.choices());
    Object level = options.remove(LEVEL);
    Object onTheWay = options.remove(ON_THE_WAY);
    Choices choices =
        forms.choices(
            new SolutionText.ChoicesText(
                level == null ? "" : level.toString(),
                options,
                Map.of(),
                text.decimals(),
                Optional.ofNullable(onTheWay)));
    return new CourseStyle(
        new CourseForms(name).read(text.wording(), text.steps(), text.symbols()),
        choices.level(),
        choices.options(),
        choices.decimals(),
        choices.onTheWay(),
        text.sheet().map(SolutionForms::sheet).orElse(SheetChoices.usual()),
        new MarkingForms(name).read(text.marking()),
        text.design());
  }

  /// The file's text.
  public String text() {
    return JsonLayout.of(Document.merged(original.document(), original.bound(), tree(style)));
  }

  private static JsonNode tree(CourseStyle style) {
    CourseStyle usual = CourseStyle.usual();
    Map<String, Object> choices = new LinkedHashMap<>();
    if (!style.level().equals(usual.level())) {
      choices.put(LEVEL, style.level());
    }
    style.onTheWay().ifPresent(places -> choices.put(ON_THE_WAY, places));
    choices.putAll(style.options());
    return Binding.JSON.valueToTree(
        new StyleText(
            FORMAT,
            CourseForms.sentences(style.course()),
            CourseForms.steps(style.course()),
            CourseForms.symbols(style.course().symbols()),
            SolutionForms.decimals(style.decimals()),
            choices,
            Optional.of(style.sheet())
                .filter(sheet -> !sheet.equals(usual.sheet()))
                .map(SolutionForms::sheet),
            MarkingForms.text(style.marking()),
            style.design()));
  }

  /// Writes the file; the copy on disk is only ever a whole one.
  ///
  /// @throws FileProblem if the folder cannot be written to
  public void save(Path path) throws FileProblem {
    WholeFile.write(path, text());
  }
}
