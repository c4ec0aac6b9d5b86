package lehrgang.documents.solutionfile;

import java.math.BigDecimal;
import java.util.Collection;
import java.util.stream.Stream;
import lehrgang.core.cases.Classing;
import lehrgang.core.wording.Phrase;
import lehrgang.documents.file.FileProblem;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.InvalidNullException;
import tools.jackson.databind.exc.InvalidTypeIdException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.ValueInstantiationException;

/// Says in a sentence what the JSON library could not read, and in which line.
final class BindingProblem {
  private BindingProblem() {}

  /// @param name the file's name
  static FileProblem of(JacksonException e, String name) {
    Phrase where =
        Phrase.of("json.line").with("file", name).with("line", e.getLocation().getLineNr());
    return new FileProblem(sentence(e, name).with("where", where), e);
  }

  private static Phrase sentence(JacksonException e, String name) {
    return switch (e) {
      case InvalidTypeIdException step when step.getTypeId() == null ->
          Phrase.of("json.no-does").with("choice", Phrase.listed(Binding.steps(), "list.or"));
      case InvalidTypeIdException step ->
          Phrase.of("json.does")
              .with("value", step.getTypeId())
              .with("choice", Phrase.listed(Binding.steps(), "list.or"));
      case InvalidFormatException wrong when wrong.getTargetType().isEnum() ->
          Phrase.of("json.one-of")
              .with("file", Phrase.of("json.line").with("file", name).with("line", line(e)))
              .with("field", field(wrong))
              .with("value", String.valueOf(wrong.getValue()))
              .with("choice", Phrase.listed(Binding.keys(wrong.getTargetType()), "list.or"));
      case InvalidNullException hole -> Phrase.of("json.null").with("field", field(hole));
      case MismatchedInputException missing
          when missing.getOriginalMessage().startsWith("Missing required") ->
          Phrase.of("json.missing").with("field", field(missing));
      case MismatchedInputException other ->
          Phrase.of("json.kind")
              .with("field", field(other))
              .with("kind", Phrase.of("json.kind." + kind(other.getTargetType())));
      case ValueInstantiationException refused
          when refused.getType() != null && refused.getType().hasRawClass(Classing.class) ->
          Phrase.of("json.edges");
      case ValueInstantiationException refused ->
          Phrase.of("json.refused").with("field", field(refused));
      case DatabindException other -> Phrase.of("json.unreadable").with("field", field(other));
      default ->
          Phrase.of("json.damaged")
              .with("file", name)
              .with("line", line(e))
              .with("column", e.getLocation().getColumnNr());
    };
  }

  private static int line(JacksonException e) {
    return e.getLocation().getLineNr();
  }

  /// The innermost field on the way to the place.
  private static Phrase field(JacksonException e) {
    return e.getPath().reversed().stream()
        .map(JacksonException.Reference::getPropertyName)
        .flatMap(Stream::ofNullable)
        .findFirst()
        .map(name -> Phrase.of("json.field").with("field", name))
        .orElse(Phrase.of("json.whole-file"));
  }

  private static String kind(Class<?> type) {
    if (type == null) {
      return "other";
    }
    if (Collection.class.isAssignableFrom(type)) {
      return "list";
    }
    if (type == String.class || type.isEnum()) {
      return "text";
    }
    if (type == BigDecimal.class) {
      return "number";
    }
    return type.isPrimitive() || Number.class.isAssignableFrom(type) ? "whole" : "object";
  }
}
