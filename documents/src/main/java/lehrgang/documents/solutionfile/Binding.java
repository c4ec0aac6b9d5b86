package lehrgang.documents.solutionfile;

import com.fasterxml.jackson.annotation.JsonFormat;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonPropertyOrder;
import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.fasterxml.jackson.annotation.JsonValue;
import com.fasterxml.jackson.annotation.Nulls;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import lehrgang.core.cases.Classing;
import lehrgang.core.cases.DateOrder;
import lehrgang.core.cases.DatePart;
import lehrgang.core.cases.DecimalSign;
import lehrgang.core.cases.Missing;
import lehrgang.core.cases.Recipe;
import lehrgang.core.cases.RecipeStep;
import lehrgang.core.cases.Spread;
import lehrgang.core.data.TableForm;
import lehrgang.core.solution.SheetChoices;
import lehrgang.core.solution.StudentView;
import lehrgang.core.solution.StudyDesign;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.json.JsonMapper;

/// How the JSON library binds what the core knows nothing of binding for.
final class Binding {
  /// What is missing is empty; a list or a map has no holes.
  private static final JsonSetter.Value EMPTY =
      JsonSetter.Value.construct(Nulls.AS_EMPTY, Nulls.FAIL);

  /// Reads numbers as they are written.
  static final JsonMapper JSON =
      JsonMapper.builder()
          .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
          .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
          .disable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
          .withConfigOverride(String.class, each -> each.setNullHandling(EMPTY))
          .withConfigOverride(List.class, each -> each.setNullHandling(EMPTY))
          .withConfigOverride(Map.class, each -> each.setNullHandling(EMPTY))
          .addMixIn(TableForm.class, Keyed.class)
          .addMixIn(StudyDesign.class, Keyed.class)
          .addMixIn(StudentView.class, Keyed.class)
          .addMixIn(SheetChoices.PaperSize.class, Keyed.class)
          .addMixIn(SheetChoices.WorkingRoom.class, Keyed.class)
          .addMixIn(SheetChoices.With.class, Keyed.class)
          .addMixIn(DecimalSign.class, Keyed.class)
          .addMixIn(Missing.class, Keyed.class)
          .addMixIn(Recipe.Form.class, Keyed.class)
          .addMixIn(RecipeStep.Test.class, Keyed.class)
          .addMixIn(Classing.Closed.class, Keyed.class)
          .addMixIn(Classing.Ends.class, Keyed.class)
          .addMixIn(DateOrder.class, Keyed.class)
          .addMixIn(DatePart.class, Keyed.class)
          .addMixIn(Recipe.class, InOrder.class)
          .addMixIn(Recipe.Count.class, Counted.class)
          .addMixIn(RecipeStep.class, Steps.class)
          .addMixIn(RecipeStep.Keep.class, Keep.class)
          .addMixIn(RecipeStep.Rename.class, Rename.class)
          .addMixIn(RecipeStep.Order.class, Order.class)
          .addMixIn(RecipeStep.Cut.class, Cut.class)
          .addMixIn(Classing.class, Classed.class)
          .addMixIn(RecipeStep.TakePart.class, TakePart.class)
          .addMixIn(RecipeStep.Change.class, Made.class)
          .addMixIn(RecipeStep.Combine.class, Combine.class)
          .addMixIn(Spread.Group.class, Sums.class)
          .build();

  private Binding() {}

  /// What a step can do, by name.
  static List<String> steps() {
    return Arrays.stream(Steps.class.getAnnotation(JsonSubTypes.class).value())
        .map(JsonSubTypes.Type::name)
        .toList();
  }

  /// The values of an enumeration as files have them.
  static List<String> keys(Class<?> enumeration) {
    return Arrays.stream(enumeration.getEnumConstants())
        .map(value -> JSON.valueToTree(value).asString())
        .toList();
  }

  /// A value that goes by its key.
  private interface Keyed {
    @JsonValue
    String key();
  }

  @JsonPropertyOrder({"count", "steps"})
  private interface InOrder {
    @JsonProperty(required = true)
    Recipe.Count count();

    @JsonProperty(required = true)
    List<RecipeStep> steps();
  }

  private interface Counted {
    @JsonProperty(required = true)
    Recipe.Form form();

    @JsonProperty(required = true)
    String rows();

    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    String columns();

    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    String layers();
  }

  /// Steps are told apart by what they do.
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "does")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = RecipeStep.Keep.class, name = "keep"),
    @JsonSubTypes.Type(value = RecipeStep.Rename.class, name = "rename"),
    @JsonSubTypes.Type(value = RecipeStep.Order.class, name = "order"),
    @JsonSubTypes.Type(value = RecipeStep.Cut.class, name = "cut"),
    @JsonSubTypes.Type(value = RecipeStep.TakePart.class, name = "take-part"),
    @JsonSubTypes.Type(value = RecipeStep.Change.class, name = "change"),
    @JsonSubTypes.Type(value = RecipeStep.Combine.class, name = "combine")
  })
  private interface Steps {}

  private interface OfColumn {
    @JsonProperty(required = true)
    String column();
  }

  /// A step that makes a column says into which.
  @JsonPropertyOrder({"column", "into"})
  private interface Made extends OfColumn {
    @JsonProperty(value = "into", required = true)
    String name();
  }

  private interface Keep extends OfColumn {
    @JsonProperty(required = true)
    RecipeStep.Test test();

    @JsonProperty(required = true)
    List<String> values();
  }

  private interface Rename extends OfColumn {
    @JsonProperty(required = true)
    Map<String, String> names();
  }

  private interface Order extends OfColumn {
    @JsonProperty(required = true)
    List<String> categories();
  }

  private interface Cut extends Made {
    @JsonUnwrapped
    Classing classing();
  }

  private interface Classed {
    @JsonProperty(required = true)
    List<BigDecimal> edges();

    @JsonProperty(required = true)
    Classing.Closed closed();

    @JsonProperty(required = true)
    Classing.Ends ends();
  }

  private interface TakePart extends Made {
    @JsonProperty(required = true)
    DateOrder order();

    @JsonProperty(required = true)
    DatePart part();
  }

  private interface Combine extends Made {
    @JsonProperty(required = true)
    String other();
  }

  /// The sums are texts: they may have more digits than a number keeps elsewhere.
  private interface Sums {
    @JsonFormat(shape = JsonFormat.Shape.STRING)
    BigDecimal sum();

    @JsonFormat(shape = JsonFormat.Shape.STRING)
    BigDecimal squares();

    @JsonFormat(shape = JsonFormat.Shape.STRING)
    BigDecimal cubes();
  }
}
