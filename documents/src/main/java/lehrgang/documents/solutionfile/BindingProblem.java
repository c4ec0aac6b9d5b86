package lehrgang.documents.solutionfile;

import java.math.BigDecimal;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
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
    String line = name + ", line " + e.getLocation().getLineNr();
    String sentence =
        switch (e) {
          case InvalidTypeIdException step when step.getTypeId() == null ->
              line + ": a step of the recipe has no \"does\"; use " + choice(Binding.steps()) + ".";
          case InvalidTypeIdException step ->
              line
                  + ": \"does\" is \"%s\"; use %s."
                      .formatted(step.getTypeId(), choice(Binding.steps()));
          case InvalidFormatException wrong when wrong.getTargetType().isEnum() ->
              line
                  + ": \"%s\" is \"%s\"; use %s."
                      .formatted(
                          field(wrong),
                          wrong.getValue(),
                          choice(Binding.keys(wrong.getTargetType())));
          case InvalidNullException hole ->
              line + ": \"%s\" has a null; write \"\" for a blank.".formatted(field(hole));
          case MismatchedInputException missing
              when missing.getOriginalMessage().startsWith("Missing required") ->
              line + " ends an object that has no \"%s\"; add it.".formatted(field(missing));
          case MismatchedInputException other ->
              line + ": \"%s\" should be %s.".formatted(field(other), kind(other.getTargetType()));
          case ValueInstantiationException refused ->
              line
                  + " ends what cannot be used: %s."
                      .formatted(
                          Optional.ofNullable(refused.getCause())
                              .map(Throwable::getMessage)
                              .orElse(field(refused)));
          case DatabindException other -> line + ": \"%s\" cannot be read.".formatted(field(other));
          default ->
              "%s is damaged in line %d, column %d: mend it there in a text editor, or open the version before it, %s~."
                  .formatted(
                      name, e.getLocation().getLineNr(), e.getLocation().getColumnNr(), name);
        };
    return new FileProblem(sentence, e);
  }

  /// The innermost field on the way to the place.
  private static String field(JacksonException e) {
    return e.getPath().reversed().stream()
        .map(JacksonException.Reference::getPropertyName)
        .flatMap(Stream::ofNullable)
        .findFirst()
        .orElse("the file");
  }

  static String choice(List<String> keys) {
    return String.join(", ", keys.subList(0, keys.size() - 1)) + " or " + keys.getLast();
  }

  private static String kind(Class<?> type) {
    if (type == null) {
      return "something else";
    }
    if (Collection.class.isAssignableFrom(type)) {
      return "a list";
    }
    if (type == String.class || type.isEnum()) {
      return "a text";
    }
    if (type == BigDecimal.class) {
      return "a number";
    }
    return type.isPrimitive() || Number.class.isAssignableFrom(type)
        ? "a whole number"
        : "an object with fields";
  }
}
