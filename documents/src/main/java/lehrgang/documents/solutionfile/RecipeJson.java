package lehrgang.documents.solutionfile;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import lehrgang.core.cases.Classing;
import lehrgang.core.cases.DateOrder;
import lehrgang.core.cases.DatePart;
import lehrgang.core.cases.DecimalSign;
import lehrgang.core.cases.Recipe;
import lehrgang.core.cases.RecipeStep;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/// A recipe as JSON: what is counted, and a step an object, told apart by what it `does`.
final class RecipeJson {
  private final String name;

  /// @param name the file's name, for sentences
  RecipeJson(String name) {
    this.name = name;
  }

  static void write(ObjectNode node, Recipe recipe) {
    ObjectNode count = node.putObject("count");
    count.put("form", recipe.count().form().key());
    count.put("rows", recipe.count().rows());
    if (recipe.count().form() != Recipe.Form.ONE) {
      count.put("columns", recipe.count().columns());
    }
    if (recipe.count().form() == Recipe.Form.LAYERS) {
      count.put("layers", recipe.count().layers());
    }
    var steps = node.putArray("steps");
    recipe.steps().forEach(step -> write(steps.addObject(), step));
  }

  private static void write(ObjectNode node, RecipeStep step) {
    switch (step) {
      case RecipeStep.Keep(var column, var test, var values) -> {
        node.put("does", "keep").put("column", column).put("test", test.key());
        values.forEach(node.putArray("values")::add);
      }
      case RecipeStep.Rename(var column, var names) -> {
        node.put("does", "rename").put("column", column);
        ObjectNode all = node.putObject("names");
        names.forEach(all::put);
      }
      case RecipeStep.Order(var column, var categories) -> {
        node.put("does", "order").put("column", column);
        categories.forEach(node.putArray("categories")::add);
      }
      case RecipeStep.Cut(var column, var classing, var made) -> {
        node.put("does", "cut").put("column", column).put("into", made);
        classing.edges().forEach(node.putArray("edges")::add);
        node.put("closed", classing.closed().key()).put("ends", classing.ends().key());
      }
      case RecipeStep.TakePart(var column, var order, var part, var made) ->
          node.put("does", "take-part")
              .put("column", column)
              .put("into", made)
              .put("order", order.key())
              .put("part", part.key());
      case RecipeStep.Change(var column, var made) ->
          node.put("does", "change").put("column", column).put("into", made);
      case RecipeStep.Combine(var column, var other, var made) ->
          node.put("does", "combine").put("column", column).put("other", other).put("into", made);
    }
  }

  Recipe read(JsonNode node) throws FileProblem {
    JsonNode count = node.path("count");
    List<RecipeStep> steps = new ArrayList<>();
    for (JsonNode step : node.path("steps").values()) {
      steps.add(step(step));
    }
    return new Recipe(
        steps,
        new Recipe.Count(
            one(Recipe.Form.values(), Recipe.Form::key, count, "form"),
            text(count, "rows"),
            count.path("columns").asString(""),
            count.path("layers").asString("")));
  }

  private RecipeStep step(JsonNode node) throws FileProblem {
    String column = text(node, "column");
    return switch (node.path("does").asString("")) {
      case "keep" ->
          keep(
              column,
              one(RecipeStep.Test.values(), RecipeStep.Test::key, node, "test"),
              texts(node.path("values")));
      case "rename" -> {
        Map<String, String> names = new LinkedHashMap<>();
        node.path("names")
            .properties()
            .forEach(entry -> names.put(entry.getKey(), entry.getValue().asString("")));
        yield new RecipeStep.Rename(column, names);
      }
      case "order" -> new RecipeStep.Order(column, texts(node.path("categories")));
      case "cut" -> new RecipeStep.Cut(column, classing(node), text(node, "into"));
      case "take-part" ->
          new RecipeStep.TakePart(
              column,
              one(DateOrder.values(), DateOrder::key, node, "order"),
              one(DatePart.values(), DatePart::key, node, "part"),
              text(node, "into"));
      case "change" -> new RecipeStep.Change(column, text(node, "into"));
      case "combine" -> new RecipeStep.Combine(column, text(node, "other"), text(node, "into"));
      default -> throw wrong("does", node.path("does").asString(""));
    };
  }

  private RecipeStep keep(String column, RecipeStep.Test test, List<String> values)
      throws FileProblem {
    boolean numbers = test == RecipeStep.Test.AT_LEAST || test == RecipeStep.Test.AT_MOST;
    if (numbers && values.stream().flatMap(v -> DecimalSign.POINT.read(v).stream()).count() != 1) {
      throw wrong("values", String.join(", ", values));
    }
    return new RecipeStep.Keep(column, test, values);
  }

  private Classing classing(JsonNode node) throws FileProblem {
    try {
      List<BigDecimal> edges =
          node.path("edges").values().stream()
              .map(edge -> new BigDecimal(edge.asString("")))
              .toList();
      return new Classing(
          edges,
          one(Classing.Closed.values(), Classing.Closed::key, node, "closed"),
          one(Classing.Ends.values(), Classing.Ends::key, node, "ends"));
    } catch (IllegalArgumentException e) {
      throw wrong("edges", node.path("edges").toString());
    }
  }

  private String text(JsonNode node, String field) throws FileProblem {
    if (!node.path(field).isString()) {
      throw wrong(field, node.path(field).toString());
    }
    return node.path(field).asString();
  }

  private static List<String> texts(JsonNode node) {
    return node.values().stream().map(value -> value.asString("")).toList();
  }

  private <T> T one(T[] values, Function<T, String> key, JsonNode node, String field)
      throws FileProblem {
    String wanted = node.path(field).asString("");
    Optional<T> found =
        Arrays.stream(values).filter(value -> key.apply(value).equals(wanted)).findFirst();
    if (found.isEmpty()) {
      throw wrong(field, wanted);
    }
    return found.get();
  }

  private FileProblem wrong(String field, String value) {
    return new FileProblem(
        "%s: the recipe has \"%s\" for \"%s\", which this version does not know."
            .formatted(name, value, field));
  }
}
