package lehrgang.documents.solutionfile;

import com.fasterxml.jackson.annotation.JsonAnyGetter;
import com.fasterxml.jackson.annotation.JsonAnySetter;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lehrgang.core.cases.DecimalSign;
import lehrgang.core.cases.Missing;
import lehrgang.core.cases.Recipe;
import lehrgang.core.cases.Spread;
import lehrgang.core.cases.Tally;
import lehrgang.core.data.TableForm;
import lehrgang.core.solution.SheetChoices.PaperSize;
import lehrgang.core.solution.SheetChoices.With;
import lehrgang.core.solution.SheetChoices.WorkingRoom;
import lehrgang.core.solution.StudyDesign;

/// A solution as its file has it: the shape that the JSON library binds, field by field. A text, a
/// list or a map that is missing is empty; what else may be missing is an [Optional].
/// [SolutionForms] turns it into a solution and back.
///
/// @param students views by step, where they are texts; what else stands there is another version's
/// @param wording  sentences by key, where they are texts
record SolutionText(
    String format,
    Optional<QuestionText> question,
    String language,
    Optional<DataText> data,
    String procedure,
    Optional<ChoicesText> choices,
    Map<String, Object> students,
    Map<String, Object> wording,
    @JsonInclude(Include.NON_EMPTY) Optional<SheetText> sheet,
    @JsonInclude(Include.NON_EMPTY) Optional<CourseText> course,
    @JsonInclude(Include.NON_EMPTY) Map<String, NotesText> notes,
    @JsonInclude(Include.NON_EMPTY) Optional<MarkingText> marking) {
  record QuestionText(
      String title,
      String text,
      String source,
      @JsonInclude(Include.NON_EMPTY) Optional<PictureText> picture,
      @JsonInclude(Include.NON_EMPTY) Optional<StoryText> story) {}

  /// The words by which sentences speak of the data.
  ///
  /// @param groups how groups stand in a sentence, by label
  @JsonInclude(Include.NON_EMPTY)
  record StoryText(
      Optional<NounText> unit,
      Optional<NounText> rows,
      Optional<NounText> columns,
      Optional<NounText> strata,
      String success,
      Map<String, Object> groups,
      String asked,
      Optional<StudyDesign> design,
      String dependence) {}

  record NounText(@JsonProperty(required = true) String one, String many) {}

  /// @param encoded the picture's file, PNG or JPEG, in Base64
  record PictureText(@JsonProperty(required = true) String encoded, String description) {}

  /// @param records empty for a table that was typed, and so are the others
  @JsonInclude(Include.NON_EMPTY)
  record DataText(
      Optional<TableText> table,
      Optional<RecordsText> records,
      Optional<Recipe> recipe,
      Optional<TallyText> counted) {}

  /// @param counts numbers, or what was typed instead
  record TableText(
      Optional<TableForm> form,
      String rowVariable,
      String columnVariable,
      @JsonProperty(required = true) List<String> rows,
      @JsonProperty(required = true) List<String> columns,
      @JsonInclude(Include.NON_EMPTY) String layerVariable,
      @JsonInclude(Include.NON_EMPTY) List<String> layers,
      @JsonProperty(required = true) List<List<Object>> counts) {}

  /// @param options  each under its own name beside the other fields
  /// @param numbers  typed numbers by field, where they are texts or numbers
  /// @param decimals places by kind of number
  record ChoicesText(
      String alpha,
      @JsonAnySetter @JsonAnyGetter Map<String, Object> options,
      @JsonInclude(Include.NON_EMPTY) Map<String, Object> numbers,
      Map<String, Object> decimals,
      Optional<Object> roundOnTheWay) {}

  /// What the course settles in its own way.
  @JsonInclude(Include.NON_EMPTY)
  record CourseText(
      Map<String, Object> wording, Optional<StepsText> steps, Map<String, Object> symbols) {}

  /// @param order  a name or a list of steps
  /// @param titles by step
  @JsonInclude(Include.NON_EMPTY)
  record StepsText(Optional<Object> order, Map<String, Object> titles) {}

  /// What the instructor says at a step.
  @JsonInclude(Include.NON_EMPTY)
  record NotesText(
      String note, String hint, String source, @JsonInclude(Include.NON_EMPTY) String toSay) {}

  /// How answers are marked.
  ///
  /// @param points  by line
  /// @param digits  asked, by kind of number
  /// @param fewest  to which may be rounded on the way, by kind of number
  /// @param part    of the points of a slip, by slip
  /// @param rulings by student and line
  /// @param remarks by student
  /// @param typed   answers, by student and line
  @JsonInclude(Include.NON_EMPTY)
  record MarkingText(
      Map<String, Object> points,
      Map<String, Object> digits,
      Map<String, Object> fewest,
      Optional<Object> coarse,
      Map<String, Object> part,
      List<OwnSlipText> own,
      Map<String, Map<String, RulingText>> rulings,
      Map<String, Object> remarks,
      Map<String, Object> byHand,
      Map<String, Map<String, Object>> typed) {}

  /// A slip that no catalogue knows.
  record OwnSlipText(
      @JsonProperty(required = true) String id,
      @JsonProperty(required = true) String line,
      @JsonProperty(required = true) Object low,
      @JsonProperty(required = true) Object high,
      String sentence) {}

  /// What was decided about an answer.
  @JsonInclude(Include.NON_EMPTY)
  record RulingText(String verdict, Optional<Object> points) {}

  /// How the solution is handed out.
  ///
  /// @param with what stands on the sheet besides; empty where nothing was chosen
  @JsonInclude(Include.NON_EMPTY)
  record SheetText(
      String course,
      String title,
      String due,
      Optional<PaperSize> paper,
      Optional<WorkingRoom> room,
      Optional<List<With>> with,
      @JsonProperty("for") Optional<String> audience,
      @JsonProperty("as") Optional<String> form) {}

  /// Records that are kept have rows; those in a file of their own have a file instead.
  @JsonInclude(Include.NON_EMPTY)
  record RecordsText(
      String name,
      Optional<DecimalSign> decimals,
      @JsonProperty(required = true) List<String> columns,
      List<List<String>> rows,
      String file,
      String checksum,
      Map<String, String> format) {}

  /// What became of the records of a file when they were counted last.
  @JsonInclude(Include.NON_EMPTY)
  record TallyText(
      @JsonInclude long read,
      @JsonInclude long counted,
      @JsonInclude List<LossText> losses,
      Optional<Spread> spread,
      @JsonInclude List<Tally.Effect> effects) {}

  /// @param step   that they did not pass, from 1; or else
  /// @param column in which they have no category
  @JsonInclude(Include.NON_EMPTY)
  record LossText(
      @JsonInclude long records,
      Optional<Integer> step,
      String column,
      Optional<Missing> why,
      List<Tally.Example> examples) {}
}
