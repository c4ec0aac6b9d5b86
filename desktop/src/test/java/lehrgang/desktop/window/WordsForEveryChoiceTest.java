package lehrgang.desktop.window;

import static org.assertj.core.api.Assertions.assertThatCode;

import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import lehrgang.core.cases.DateOrder;
import lehrgang.core.cases.DatePart;
import lehrgang.core.cases.DecimalSign;
import lehrgang.core.cases.Recipe;
import lehrgang.core.cases.RecipeStep;
import lehrgang.core.data.TableForm;
import lehrgang.core.page.Audience;
import lehrgang.core.procedure.Procedure;
import lehrgang.core.procedure.Procedures;
import lehrgang.core.solution.ProcedureOption;
import lehrgang.core.solution.StudentView;
import lehrgang.core.wording.Wording;
import lehrgang.desktop.kit.Words;
import lehrgang.documents.cases.Kind;
import lehrgang.documents.delimited.Quotes;
import lehrgang.documents.handout.Form;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// Words that are looked up by a choice: one that is missing would end in an error just when
/// somebody comes to that choice.
class WordsForEveryChoiceTest {
  private static <E> Stream<String> keys(
      E[] choices, Function<E, String> key, String before, String... after) {
    return Arrays.stream(choices)
        .flatMap(choice -> Stream.of(after).map(ending -> before + key.apply(choice) + ending));
  }

  static List<String> ofTheWindow() {
    return Stream.of(
            keys(Kind.values(), Kind::key, "records.kind.", "", ".hint"),
            keys(Recipe.Form.values(), Recipe.Form::key, "records.count.", "", ".hint"),
            keys(Recipe.Form.values(), Recipe.Form::key, "records.rows.", ""),
            keys(Quotes.values(), Quotes::key, "records.quotes.", ""),
            keys(DecimalSign.values(), DecimalSign::key, "records.decimals.", ""),
            keys(DatePart.values(), DatePart::key, "recipe.form.part.", ""),
            keys(DateOrder.values(), DateOrder::key, "recipe.form.order.", ""),
            keys(RecipeStep.Test.values(), RecipeStep.Test::key, "recipe.form.test.", ""),
            keys(Audience.values(), Audience::key, "seen.", ""),
            keys(StudentView.values(), StudentView::key, "legend.", ""),
            keys(Form.values(), Form::key, "handout.as.", ""),
            keys(Form.values(), Form::key, "handout.save.", ""),
            keys(TableForm.values(), TableForm::key, "keyed.prompt.", ""),
            keys(TableForm.values(), TableForm::key, "table.row-variable.prompt.", ""),
            keys(TableForm.values(), TableForm::key, "table.column-variable.prompt.", ""),
            Procedures.all().stream().map(Procedure::id).map(id -> "start." + id),
            Procedures.all().stream().map(Procedure::id).map(id -> "start." + id + ".data"))
        .flatMap(Function.identity())
        .toList();
  }

  static List<String> ofOptions() {
    return Procedures.all().stream()
        .flatMap(procedure -> procedure.options().stream())
        .filter(ProcedureOption.OneOf.class::isInstance)
        .map(ProcedureOption.OneOf.class::cast)
        .flatMap(
            option ->
                Stream.concat(
                    Stream.of("option." + option.id()),
                    option.values().stream().map(value -> "option." + option.id() + "." + value)))
        .distinct()
        .toList();
  }

  @ParameterizedTest
  @MethodSource("ofTheWindow")
  void theWindowHasThem(String key) {
    assertThatCode(() -> Words.of(key)).doesNotThrowAnyException();
  }

  @ParameterizedTest
  @MethodSource("ofOptions")
  void soHaveTheOptionsOfEveryProcedure(String key) {
    assertThatCode(() -> Wording.english().text(key)).doesNotThrowAnyException();
  }
}
